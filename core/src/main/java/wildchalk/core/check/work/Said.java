package wildchalk.core.check.work;

import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.wording.Wordbook;

/** The words of this room. */
final class Said {

    static final Wordbook BOOK = Wordbook.beside(Said.class, "Work");

    private Said() {}

    /** Something found in a rep, with what is said of the check to do. */
    static Spotted in(Rep rep, String check, String key, Object... values) {
        return Spotted.of(check, Finding.Weight.WILL_NOT_WORK, BOOK.say(key, values), BOOK.say(check + ".do"))
                .in(rep);
    }
}

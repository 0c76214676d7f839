package wildchalk.core.check.better;

import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.wording.Wordbook;

/** The words of this room. */
final class Said {

    static final Wordbook BOOK = Wordbook.beside(Said.class, "Better");

    private Said() {}

    /** Something found in a rep. */
    static Spotted in(Rep rep, String check, String key, Object... values) {
        return of(check, key, values).in(rep);
    }

    /** Something found in a drill. */
    static Spotted of(String check, String key, Object... values) {
        return Spotted.of(check, Finding.Weight.COULD_BE_BETTER, BOOK.say(key, values), BOOK.say(check + ".do"));
    }
}

package wildchalk.core.check.hurt;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import wildchalk.core.check.Finding;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** The words of this room. */
final class Said {

    static final Wordbook BOOK = Wordbook.beside(Said.class, "Hurt");

    private static final Set<String> CONTACT = Set.of(BOOK.say("contact.sports").split(", "));

    private Said() {}

    /** Something found in a rep, with what is said of the check to do. */
    static Spotted in(Rep rep, String check, String key, Object... values) {
        return of(check, key, values).in(rep);
    }

    /** Something found in a drill. */
    static Spotted of(String check, String key, Object... values) {
        return Spotted.of(check, Finding.Weight.COULD_HURT, BOOK.say(key, values), BOOK.say(check + ".do"));
    }

    /** What a check looks for in what is written; patterns in small letters. */
    static Pattern pattern(String key) {
        return Pattern.compile(BOOK.say(key));
    }

    /** What can be offered as a caution. */
    static List<Finding.Mend<Drill>> caution(Drill drill, String key) {
        return List.of(Remedies.caution(drill, BOOK.say(key)));
    }

    /** Whether bodies meet on purpose in a sport. */
    static boolean isContactSport(Surface surface) {
        return CONTACT.contains(surface.sport());
    }
}

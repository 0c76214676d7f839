package wildchalk.core.check.over;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.wording.Wordbook;

/** Edits that leave something that was found as it is, with the reason why, and take that back. */
public final class Leaving {

    private static final Wordbook BOOK = Wordbook.beside(Leaving.class, "Over");

    private Leaving() {}

    /**
     * Leaves something as it is.
     *
     * @param reason in the coach's words, not blank
     * @param printed whether it goes out as a caution
     */
    public static Edit<Drill> left(Spotted spotted, String reason, boolean printed) {
        return new Edit<>(BOOK.say("leave"), drill -> {
            List<Drill.PutAside> all = new ArrayList<>(without(drill, spotted));
            all.add(new Drill.PutAside(spotted.check(), spotted.who(), reason.strip(), printed));
            return drill.leaving(all);
        });
    }

    /** Looks at something again that was left. */
    public static Edit<Drill> lookedAtAgain(Spotted spotted) {
        return new Edit<>(BOOK.say("again"), drill -> drill.leaving(without(drill, spotted)));
    }

    private static List<Drill.PutAside> without(Drill drill, Spotted spotted) {
        return drill.notes().aside().stream()
                .filter(a -> !a.check().equals(spotted.check()) || !a.about().equals(spotted.who()))
                .toList();
    }
}

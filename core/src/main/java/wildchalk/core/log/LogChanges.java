package wildchalk.core.log;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.wording.Wordbook;

/** What is another in an entry than before, in a coach's words. */
public final class LogChanges {

    private static final Wordbook BOOK = Wordbook.beside(LogChanges.class, "Log");
    private static final int MINUTE = 60;

    private LogChanges() {}

    /** A line for each thing that is another; empty when nothing is. */
    public static List<String> of(Entry before, Entry after) {
        List<String> all = new ArrayList<>();
        if (!before.title().equals(after.title())) {
            all.add(BOOK.say("changed.title", after.title()));
        }
        if (!before.when().equals(after.when())) {
            all.add(BOOK.say(
                    "changed.when",
                    after.when().day().toString(),
                    after.when().start().toString()));
        }
        if (!before.there().equals(after.there())) {
            all.add(BOOK.say("changed.there", after.there().people()));
        }
        if (!before.thought().equals(after.thought())) {
            all.add(BOOK.say("changed.thought", after.thought()));
        }
        if (before.parts().size() != after.parts().size()) {
            all.add(BOOK.say(
                    "changed.parts", after.parts().size(), before.parts().size()));
            return all;
        }
        for (int i = 0; i < after.parts().size(); i++) {
            part(before.parts().get(i), after.parts().get(i), all);
        }
        return all;
    }

    private static void part(Part before, Part after, List<String> all) {
        if (before.equals(after)) {
            return;
        }
        all.add(
                before.time().equals(after.time())
                        ? BOOK.say("changed.part", after.title())
                        : BOOK.say(
                                "changed.time",
                                after.title(),
                                Math.round(after.seconds() / (double) MINUTE),
                                Math.round(before.seconds() / (double) MINUTE)));
    }
}

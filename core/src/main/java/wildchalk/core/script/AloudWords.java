package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import wildchalk.core.call.Calling;
import wildchalk.core.score.Aloud;
import wildchalk.core.score.Counter;
import wildchalk.core.score.Scoring;
import wildchalk.core.wording.Wordbook;

/** What is called and what counts, in sentences. */
public final class AloudWords {

    private static final Wordbook BOOK = Wordbook.beside(AloudWords.class, "Aloud");

    private AloudWords() {}

    /**
     * "Called: the colours." "Counts: far half 3, through a gate 4 (only after a switch); the best of 9." Nothing where
     * nothing is said.
     */
    public static List<String> of(Aloud aloud) {
        return Stream.concat(
                        aloud.calling().map(Calling::words).map(w -> BOOK.say("called", w)).stream(),
                        aloud.scoring().map(AloudWords::counts).stream())
                .toList();
    }

    private static String counts(Scoring scoring) {
        List<String> counters = new ArrayList<>(
                scoring.counters().stream().map(AloudWords::counter).toList());
        if (scoring.fewest()) {
            counters.add(BOOK.say("fewest"));
        }
        if (scoring.each()) {
            counters.add(BOOK.say("each"));
        }
        List<String> parts = new ArrayList<>();
        if (!counters.isEmpty()) {
            parts.add(String.join(BOOK.say("comma"), counters));
        }
        if (scoring.bestOf() > 0) {
            parts.add(BOOK.say("best", scoring.bestOf()));
        }
        if (!scoring.limit().isEmpty()) {
            parts.add(BOOK.say("limit", scoring.limit()));
        }
        if (!scoring.forfeit().isEmpty()) {
            parts.add(BOOK.say("forfeit", scoring.forfeit()));
        }
        return BOOK.say("counts", String.join(BOOK.say("between"), parts));
    }

    private static String counter(Counter counter) {
        String way = counter.way() == Counter.Way.EACH ? "" : BOOK.say("way." + Wordbook.key(counter.way()));
        String worth = counter.worth() == 1 ? "" : BOOK.say("worth", counter.worth());
        String against = counter.against() ? BOOK.say("against") : "";
        String after = counter.after().isEmpty() ? "" : BOOK.say("after", counter.after());
        return counter.words() + way + worth + against + after;
    }
}

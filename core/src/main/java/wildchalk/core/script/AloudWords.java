package wildchalk.core.script;

import java.util.List;
import java.util.stream.Stream;
import wildchalk.core.call.Calling;
import wildchalk.core.score.Aloud;
import wildchalk.core.score.Scoring;
import wildchalk.core.wording.Wordbook;

/** What is called and what counts, in sentences. */
public final class AloudWords {

    private static final Wordbook BOOK = Wordbook.beside(AloudWords.class, "Aloud");

    private AloudWords() {}

    /** "Called: the colours." "Counts: far half 3, through a gate 4." Nothing where nothing is said. */
    public static List<String> of(Aloud aloud) {
        return Stream.concat(
                        aloud.calling().map(Calling::words).map(w -> BOOK.say("called", w)).stream(),
                        aloud.scoring().map(Scoring::words).map(w -> BOOK.say("counts", w)).stream())
                .toList();
    }
}

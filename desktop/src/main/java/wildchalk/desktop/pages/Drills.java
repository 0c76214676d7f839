package wildchalk.desktop.pages;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.storage.book.Book;

/** The drills of a practice as they were planned, out of a book. */
final class Drills {

    /** How long a drill is played of which nothing is said, minutes. */
    private static final int USUAL = 12;

    /** Longer no drill is put in, minutes. */
    private static final int LONGEST = 60;

    private Drills() {}

    /** All that a practice names, each once. */
    static List<Content.Planned> named(Practice practice) {
        return practice.blocks().stream()
                .flatMap(Block::all)
                .flatMap(Block::play)
                .map(Content.Play::drill)
                .distinct()
                .toList();
    }

    /** As it was planned; as it is now where that version is no longer there; empty where it is not in the book. */
    static Optional<Drill> planned(Book book, Content.Planned planned) {
        Optional<Drill> then = planned.version() == 0
                ? Optional.empty()
                : book.drills().version(planned.id(), planned.version()).map(v -> v.read()
                        .document());
        return then.or(() -> book.drills().find(planned.id()));
    }

    /** All that there are of those that a practice names. */
    static Map<Content.Planned, Drill> planned(Book book, Practice practice) {
        Map<Content.Planned, Drill> drills = new HashMap<>();
        named(practice).forEach(p -> planned(book, p).ifPresent(d -> drills.put(p, d)));
        return drills;
    }

    /** Its lowest rung, as long as it usually ran; as long as that is said to be practised where it did not yet. */
    static Block block(Drill drill, long version, Optional<Integer> usual) {
        double said = Ladder.dose(drill, drill.ladder().get(0).id())
                .map(d -> d.minutes())
                .orElse(0.0);
        int minutes = usual.orElse(said >= 1 ? (int) Math.min(LONGEST, Math.round(said)) : USUAL);
        return Block.of(
                "",
                new Content.Play(
                        new Content.Planned(drill.id(), version, drill.title()), List.of(), 1, Content.Telling.FRESH),
                new Block.Time(Math.max(1, minutes * 2 / 3), minutes, minutes + Math.max(2, minutes / 2)));
    }
}

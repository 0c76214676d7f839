package wildchalk.desktop.pages;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.storage.book.Book;

/** The drills of a practice as they were planned, out of a book. */
final class Drills {

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
}

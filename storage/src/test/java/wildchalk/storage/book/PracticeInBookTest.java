package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Bag;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeChanges;
import wildchalk.core.practice.Slot;
import wildchalk.storage.kind.PracticeKind;

/** A practice is kept in a book as drills are, and keeps the drills that it uses as they were planned. */
class PracticeInBookTest {

    @TempDir
    Path folder;

    private Book book(Duration later) {
        Clock clock = Clock.fixed(Instant.parse("2026-11-29T20:00:00Z").plus(later), ZoneOffset.UTC);
        return Book.open(folder.resolve("Otters.chalkbook"), clock);
    }

    private static Practice with(Drill drill, long version) {
        Practice empty = Practice.empty("p", "Thursday", new Slot(Optional.empty(), LocalTime.of(18, 0), 60));
        return empty.with(
                0,
                Block.of(
                        "",
                        new Content.Play(
                                new Content.Planned(drill.id(), version, drill.title()),
                                List.of(),
                                1,
                                Content.Telling.KNOWN),
                        Block.Time.of(10)));
    }

    @Test
    void aDrillThatAPracticeUsesStaysAsItWasPlanned() {
        Drill drill = Drill.empty("weir", "The Weir", "handball", "whole");
        try (Book book = book(Duration.ZERO)) {
            book.drills().add(drill);
            long planned = book.drills().history("weir").get(0).n();
            book.of(PracticeKind.PRACTICES).add(with(drill, planned));
            book.drills().keep(drill.withTitle("Another Weir"), "Rename drill");
            book.drills().delete("weir");
        }
        // Put aside for long enough to be gone, were it not named.
        book(Duration.ofDays(200)).close();
        try (Book book = book(Duration.ofDays(201))) {
            Practice kept = book.of(PracticeKind.PRACTICES).load("p");
            Content.Planned planned =
                    kept.blocks().get(0).play().findFirst().orElseThrow().drill();
            Version<Drill> version = book.drills().history("weir").stream()
                    .filter(v -> v.n() == planned.version())
                    .findFirst()
                    .orElseThrow();
            assertEquals("The Weir", version.read().document().title());
            assertTrue(book.drills().list().get(0).isAside(), "and it is known that it was put aside");
        }
    }

    @Test
    void whatIsAnotherIsSaid() {
        Practice one = with(Drill.empty("weir", "The Weir", "handball", "whole"), 0);
        Practice two = one.withTitle("Friday")
                .in(new Slot(Optional.empty(), LocalTime.of(19, 15), 75))
                .given(Practice.Setting.UNSAID.with(Company.of(12, 1, 2)).with(new Bag(Map.of(), OptionalInt.of(6))))
                .about("first touch")
                .with(0, Block.of("", new Content.Words(Content.Sort.WATER, ""), Block.Time.of(2)));
        assertEquals(
                List.of(
                        "called Friday now",
                        "from 19:15 to 20:30 now",
                        "about first touch now",
                        "12 people and 2 staff now",
                        "the bag was changed",
                        "Water was put in"),
                PracticeChanges.of(one, two));
        Block longer = one.blocks().get(0).lasting(Block.Time.of(12));
        assertEquals(List.of("The Weir: 12 min instead of 10"), PracticeChanges.of(one, one.of(List.of(longer))));
        assertEquals(
                List.of("in another order"),
                PracticeChanges.of(
                        two, two.of(List.of(two.blocks().get(1), two.blocks().get(0)))));
        assertEquals(List.of("The Weir was taken out"), PracticeChanges.of(one, one.of(List.of())));
        assertEquals(List.of(), PracticeChanges.of(two, two));
    }
}

package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.storage.kind.SquadKind;

/** A squad is kept in a book as drills are. */
class SquadInBookTest {

    @Test
    void itIsKeptAndWhatChangedIsSaid(@TempDir Path folder) {
        Squad one = Squad.empty("s", "Juniors").with(Member.named("", "Odile"));
        Squad two = one.with(Member.named("", "Paavo"));
        Path file = folder.resolve("Otters.chalkbook");
        try (Book book = Book.open(file)) {
            book.of(SquadKind.SQUADS).add(one);
            book.of(SquadKind.SQUADS).keep(two, "Add Paavo");
        }
        try (Book book = Book.open(file)) {
            assertEquals(two, book.of(SquadKind.SQUADS).load("s"));
            assertEquals(List.of("Paavo was added"), SquadKind.SQUADS.changes(one, two));
        }
    }
}

package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.document.Change;
import wildchalk.core.document.Document;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;
import wildchalk.core.drill.Drill;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.bundle.Bundle;
import wildchalk.storage.bundle.BundleReader;
import wildchalk.storage.bundle.BundleWriter;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.intake.Arrival;
import wildchalk.storage.intake.Intake;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Kinds;
import wildchalk.storage.kind.Pointer;
import wildchalk.storage.kind.Rota;
import wildchalk.storage.kind.SquadKind;
import wildchalk.storage.kind.Typed;
import wildchalk.storage.rescue.Rescue;

/**
 * A second, made-up kind of document goes through everything that is promised for drills, beside them in the same book.
 */
class SecondKindTest {

    private static final Kinds BOTH = Kinds.USUAL.and(Rota.KIND);
    private static final Instant NOW = Instant.parse("2026-11-02T20:00:00Z");

    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("Otters.chalkbook");
    }

    private static Clock at(Duration later) {
        return Clock.fixed(NOW.plus(later), ZoneOffset.UTC);
    }

    private static Drill drill(String id) {
        return Drill.empty(id, "Drill " + id, "netball", "whole");
    }

    private static Rota rota(String id) {
        return Rota.of(id, "Bibs " + id, "Ottoline", "Barnaby");
    }

    @Test
    void bothAreKeptUnderTheSameIdAndDoNotMeet() {
        try (Book book = Book.open(file())) {
            book.drills().add(drill("a"));
            assertEquals("a", book.of(Rota.KIND).add(rota("a")).id(), "ids are free by kind");
            assertEquals(
                    "a-2",
                    book.of(Rota.KIND).add(rota("a").withTitle("More bibs")).id());
            assertEquals("Bibs a (copy)", book.of(Rota.KIND).duplicate("a").title());
            book.of(Rota.KIND).favourite("a", true);
            book.of(Rota.KIND).use("a");
            book.of(Rota.KIND).delete("a");
            assertEquals(1, book.drills().list().size());
            assertFalse(book.drills().list().get(0).isAside());
            assertEquals(
                    List.of("a", "a-2", "a-3"),
                    book.of(Rota.KIND).list().stream()
                            .map(Kept.Listed::id)
                            .sorted()
                            .toList());
            Kept.Listed listed = book.of(Rota.KIND).list().stream()
                    .filter(l -> l.id().equals("a"))
                    .findFirst()
                    .orElseThrow();
            assertTrue(listed.isAside() && listed.favourite() && listed.used() > 0);
            book.of(Rota.KIND).restore("a");
            assertEquals(rota("a"), book.of(Rota.KIND).load("a"));
            assertEquals(1, book.rows().size(), "the cards are of drills alone");
            assertThrows(BookException.class, () -> book.of(Rota.KIND).load("b"));
            book.check();
        }
    }

    @Test
    void undoReachesBackOverARestart() {
        History<Rota> history = History.of(rota("a"));
        try (Book book = Book.open(file())) {
            book.of(Rota.KIND).add(rota("a"));
            for (int i = 1; i <= 5; i++) {
                int n = i;
                history = history.after(new Edit<>("Rename " + i, r -> r.withTitle("Bibs " + n)));
                book.of(Rota.KIND).keep(history.now(), "Rename " + i);
            }
            history = history.undo();
            book.of(Rota.KIND).keep(history.now(), new Change.Undone("Rename 5").words());
        }
        try (Book book = Book.open(file())) {
            History<Rota> again = History.replayed(
                    book.of(Rota.KIND).versions("a").stream().map(Version::read).toList());
            assertEquals(history, again);
            assertEquals("Bibs 5", again.redo().now().title());
        }
    }

    @Test
    void aVersionThatSomethingPointsAtIsNeverThinnedNorItsDocumentPurged() {
        try (Book book = Book.open(file(), at(Duration.ZERO))) {
            book.drills().add(drill("a"));
            for (int i = 2; i <= 420; i++) {
                book.drills().keep(drill("a").withTitle("Title " + i), "Edit " + i);
                if (i == 7) {
                    book.of(Rota.KIND)
                            .add(rota("w").naming(Set.of(new Pointer("drill", "a", 5), new Pointer("drill", "a", 6))));
                }
            }
            // It names another one now, and could name these again after an undo.
            book.of(Rota.KIND).keep(rota("w").naming(Set.of(new Pointer("drill", "a", 400))), "Change");
            for (int i = 421; i <= 700; i++) {
                book.drills().keep(drill("a").withTitle("Title " + i), "Edit " + i);
            }
            List<Long> left =
                    book.drills().history("a").stream().map(Version::n).toList();
            assertTrue(left.containsAll(List.of(5L, 6L, 400L)), left.toString());
            assertTrue(left.size() <= VersionRows.NEWEST + VersionRows.OLDER + 3, left.size() + " versions");
            assertFalse(left.contains(4L) && left.contains(7L) && left.contains(8L), "its neighbours are thinned");
            book.drills().delete("a");
        }
        try (Book later = Book.open(file(), at(Duration.ofDays(200)))) {
            assertTrue(later.drills().find("a").isPresent(), "it is named");
            later.of(Rota.KIND).delete("w");
        }
        Book.open(file(), at(Duration.ofDays(400))).close();
        Book.open(file(), at(Duration.ofDays(401))).close();
        try (Book last = Book.open(file(), at(Duration.ofDays(402)))) {
            assertEquals(List.of(), last.of(Rota.KIND).list());
            assertEquals(Optional.empty(), last.drills().find("a"), "nobody names it any more");
        }
    }

    @Test
    void aWindowThatOnlyLooksRemembersWhatWasChangedOfEitherKind() {
        try (Book first = Book.open(file());
                Book second = Book.open(file())) {
            assertTrue(first.standing().isKept());
            second.of(Rota.KIND).add(rota("mine"));
            second.drills().add(drill("d"));
            assertEquals(List.of(rota("mine")), second.of(Rota.KIND).unkept());
            assertEquals(List.of(drill("d")), second.drills().unkept());
            Squad squad = Squad.empty("s", "Juniors");
            second.of(SquadKind.SQUADS).add(squad);
            assertEquals(
                    List.of(drill("d"), squad),
                    second.unkept().stream().map(Typed::document).toList(),
                    "whoever closes the window is asked about all of them");
            first.close();
            assertTrue(second.tryAgain());
            assertEquals(List.of(), second.of(Rota.KIND).unkept());
        }
        try (Book again = Book.open(file())) {
            assertEquals(rota("mine"), again.of(Rota.KIND).load("mine"));
        }
    }

    @Test
    void aBookOfANewerFormatShowsBothAndWhatNobodyKnows() throws Exception {
        try (Book book = Book.open(file())) {
            book.drills().add(drill("a"));
            book.of(Rota.KIND).add(rota("r"));
        }
        sql(
                "INSERT INTO kept SELECT 'sonnet', id, title, replace(body, 'rota', 'sonnet'), created, "
                        + "changed, deleted, favourite, used, sum FROM kept WHERE kind = 'rota'",
                "UPDATE flyway_schema_history SET version = '99' WHERE version = '5'");
        try (Book book = Book.open(file())) {
            assertEquals(Standing.Kind.NEWER, book.standing().kind());
            assertEquals(rota("r"), book.of(Rota.KIND).load("r"));
            assertEquals(drill("a"), book.drills().load("a"));
        }
    }

    private void sql(String... statements) throws Exception {
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file());
                Statement s = c.createStatement()) {
            for (String statement : statements) {
                s.execute(statement);
            }
        }
    }

    @Test
    void bothTravelInABundleAndAreTakenInTogether() throws Exception {
        Path zip = folder.resolve("both.zip");
        try (OutputStream out = Files.newOutputStream(zip);
                BundleWriter writer = new BundleWriter(out)) {
            writer.add(drill("a"), new byte[0]);
            writer.add(Rota.KIND, rota("r"));
            writer.add(Rota.KIND, rota("s"));
        }
        assertEquals(
                2,
                Typed.of(
                                Rota.KIND,
                                BundleReader.read(zip, BOTH, Surfaces.BUILT_IN).documents())
                        .size());
        Bundle asKnown = BundleReader.read(zip);
        assertEquals(1, asKnown.documents().size());
        assertEquals(2, asKnown.unknown(), "what is not known is counted, not passed over");
        assertTrue(Intake.read(List.of(zip), Surfaces.BUILT_IN, n -> {})
                .read()
                .get(1)
                .words()
                .startsWith("2 of the files in it are of a kind that this program does not know"));
        Path alone = Files.writeString(
                folder.resolve("alone.rota.json"), Rota.KIND.write(rota("r").withTitle("Bibs in spring")));
        try (Book book = Book.open(file())) {
            book.of(Rota.KIND).add(rota("s"));
            book.of(Rota.KIND).add(Rota.of("r", "Old", "one"));
            Intake intake = Intake.read(List.of(zip, alone), BOTH, Surfaces.BUILT_IN, n -> {})
                    .compared(there(book));
            assertEquals(
                    List.of(Arrival.Kind.NEW, Arrival.Kind.CHANGED, Arrival.Kind.SAME, Arrival.Kind.NEW),
                    intake.read().stream().map(Arrival::kind).toList());
            assertEquals("2 weeks instead of 1", intake.read().get(1).words());
            book.takeIn(intake.of(Arrival.Kind.NEW), intake.of(Arrival.Kind.CHANGED));
            assertEquals(rota("r"), book.of(Rota.KIND).load("r"));
            assertEquals("Bibs in spring", book.of(Rota.KIND).load("r-2").title());
            assertEquals(
                    "Taken in from a file",
                    book.of(Rota.KIND).history("r").get(0).edit());
        }
        assertThrows(FormatException.class, () -> {
            try (OutputStream out = Files.newOutputStream(zip);
                    BundleWriter writer = new BundleWriter(out)) {
                writer.add(Rota.KIND, rota("r"));
            }
            BundleReader.read(zip);
        });
    }

    private static Intake.There there(Book book) {
        return new Intake.There() {
            @Override
            public <T extends Document<T>> Optional<T> find(Kind<T> kind, String id) {
                return book.of(kind).find(id);
            }
        };
    }

    @Test
    void copiesGoFromBookToBook() {
        try (Book book = Book.open(file());
                Book other = Book.open(folder.resolve("Badgers.chalkbook"))) {
            book.of(Rota.KIND).add(rota("r"));
            other.of(Rota.KIND).add(rota("r"));
            assertEquals(
                    "r-2", other.of(Rota.KIND).add(book.of(Rota.KIND).load("r")).id());
            assertEquals(2, other.of(Rota.KIND).list().size());
        }
    }

    private void fill() {
        try (Book book = Book.open(file())) {
            for (int i = 0; i < 8; i++) {
                book.drills().add(drill("d" + i));
                book.of(Rota.KIND).add(Rota.of("r" + i, "Bibs " + i, "x".repeat(700), "Line of rota " + i));
            }
            book.of(Rota.KIND).add(rota("points").naming(Set.of(new Pointer("drill", "d1", 1))));
        }
    }

    private void spoil(String words) throws Exception {
        byte[] all = Files.readAllBytes(file());
        int at = new String(all, StandardCharsets.ISO_8859_1).indexOf(words);
        assertTrue(at > 0, words);
        all[at] ^= 1;
        Files.write(file(), all);
    }

    @Test
    void aDamagedBookIsSavedWithBothKindsAndNamesWhatIsLostByItsKind() throws Exception {
        fill();
        spoil("Line of rota 3");
        Rescue.Saved saved = Rescue.save(file(), BOTH);
        assertEquals(Map.of("drill", 8, "rota", 9), saved.counts());
        assertEquals(List.of(), saved.lost(), "its version takes its place");
        assertEquals(List.of(), saved.unknown());
        Rescue.take(saved);
        try (Book book = Book.open(file())) {
            book.check();
            assertEquals("Line of rota 3", book.of(Rota.KIND).load("r3").lines().get(1));
            book.drills().delete("d1");
        }
        try (Book later = Book.open(file(), Clock.offset(Clock.systemUTC(), Duration.ofDays(100)))) {
            assertTrue(later.drills().find("d1").isPresent(), "what is named is known in the saved book too");
        }
    }

    /** By a program that has never heard of rotas. */
    @Test
    void documentsOfAnUnknownKindAreSavedAsTheyAre() throws Exception {
        fill();
        spoil("\"Drill d3\"");
        Rescue.Saved saved = Rescue.save(file());
        assertEquals(Map.of("drill", 8, "rota", 9), saved.counts());
        Rescue.take(saved);
        try (Book book = Book.open(file())) {
            assertEquals("Bibs 5", book.of(Rota.KIND).load("r5").title());
            assertEquals(1, book.of(Rota.KIND).history("r5").size());
        }
    }

    /**
     * A table of somebody else, with columns like those of drills: once it was reported as lost drills, by wrong names.
     */
    @Test
    void aTableOfANewerProgramIsNotTakenForDrillsAndIsSpokenOf() throws Exception {
        fill();
        sql(
                "CREATE TABLE songs (id TEXT, title TEXT, body TEXT, made INTEGER, sung INTEGER, extra INTEGER, "
                        + "a INTEGER, b INTEGER, c INTEGER)",
                "INSERT INTO songs VALUES ('s1', 'Heave ho', '{\"format\": \"a-song\"}', 1, 2, 3, 0, 0, 77), "
                        + "('s2', 'Row on', 'la', 1, 2, 3, 0, 0, 78)",
                "CREATE INDEX sung ON songs (made, id, title, sung, extra, a, b)");
        spoil("\"Drill d3\"");
        Rescue.Saved saved = Rescue.save(file(), BOTH);
        assertEquals(Map.of("drill", 8, "rota", 9), saved.counts());
        assertEquals(List.of(), saved.older());
        assertEquals(List.of("songs"), saved.unknown());
        assertTrue(
                saved.lost().stream()
                        .noneMatch(n -> n.title().equals("s1") || n.title().equals("Heave ho")),
                saved.lost().toString());
    }

    @Test
    void whatIsLostIsNamedWithItsKind() throws Exception {
        fill();
        byte[] all = Files.readAllBytes(file());
        String text = new String(all, StandardCharsets.ISO_8859_1);
        for (int at = text.indexOf("Line of rota 6"); at >= 0; at = text.indexOf("Line of rota 6", at + 1)) {
            all[at] ^= 1;
        }
        Files.write(file(), all);
        sql("UPDATE kept_version SET body = 'x' WHERE kind = 'rota' AND id = 'r6'");
        Rescue.Saved saved = Rescue.save(file(), BOTH);
        assertEquals(List.of(new Rescue.Named("rota", "Bibs 6")), saved.lost());
        assertEquals(8, saved.counts().get("rota"));
    }

    @Test
    void typedDocumentsAreToldApart() {
        Typed<?> typed = new Typed<>(Rota.KIND, rota("r"));
        assertEquals(Optional.empty(), typed.as(DrillKind.DRILLS));
        assertEquals(Optional.of(rota("r")), typed.as(Rota.KIND));
        assertEquals("1 rota", BOTH.count("rota", 1));
        assertEquals("3 drills", BOTH.count("drill", 3));
        assertEquals(Optional.empty(), Kinds.USUAL.of("rota"));
    }
}

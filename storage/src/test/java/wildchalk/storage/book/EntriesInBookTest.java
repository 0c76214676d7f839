package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.EntryEdits;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;
import wildchalk.core.practice.Content;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.storage.format.PackedEntry;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.SquadKind;
import wildchalk.storage.rescue.Rescue;

/** The log as it is read at once: packed beside the texts, and always as they are. */
class EntriesInBookTest {

    @TempDir
    private Path folder;

    private Path file() {
        return folder.resolve("Sedges.chalkbook");
    }

    private static Entry entry(int n) {
        return new Entry(
                "e" + n,
                "Evening with Zdenka",
                new Entry.When(LocalDate.of(2026, 9, 1).plusDays(n), LocalTime.of(18, 15)),
                new Entry.Source("p", 4, "r" + n, 1.25),
                new Entry.There("s", 5, List.of("m1", "m2"), List.of(List.of("m1"), List.of("m2")), List.of("m7")),
                List.of(
                        new Part(
                                "Ford",
                                Optional.of(new Content.Planned("ford", 2, "The ford")),
                                List.of("s1", "s2"),
                                new Part.Time(40, 30, 600 + n, 720, n % 2 == 1),
                                Part.Went.SO_SO,
                                "\u00fcben \u2013 \u6c34",
                                new Part.Result(
                                        List.of(new Part.Counted("over", "m1", 3, 1, -2)),
                                        4,
                                        List.of(new Part.Timed("dash", "m2", 20.5, List.of(900L, 3100L))),
                                        List.of("Zdenka was late")),
                                Optional.of(new Work(
                                        Map.of(Skill.PASSING, 0.25, Skill.MARKING, 0.75),
                                        0.5,
                                        true,
                                        List.of(new Work.Each("m1", 0.5, 33.3333, 1, 2, 0.5))))),
                        Part.of("Water", Optional.empty(), Part.Time.asPlanned(0, 90))),
                "cold");
    }

    private static Set<Entry> entries(Book book) {
        return book.entries().stream().collect(Collectors.toSet());
    }

    @Test
    void theyAreReadAsTheyAreKept() {
        Set<Entry> all;
        try (Book book = Book.open(file())) {
            for (int n = 0; n < 20; n++) {
                book.of(LogKind.LOGS).add(entry(n));
            }
            all = Set.copyOf(book.of(LogKind.LOGS).list().stream()
                    .map(l -> book.of(LogKind.LOGS).load(l.id()))
                    .toList());
            assertEquals(all, entries(book), "from their texts");
            assertEquals(all, entries(book), "from memory");
        }
        try (Book book = Book.open(file())) {
            assertEquals(all, entries(book), "from what was packed");
            Entry now = EntryEdits.thought("warm").apply(entry(3));
            book.of(LogKind.LOGS).keep(now, "What I thought");
            assertTrue(book.entries().contains(now), "what was corrected");
            assertFalse(book.entries().contains(entry(3)));
            book.of(LogKind.LOGS).delete("e4");
            assertEquals(19, book.entries().size(), "what was put aside is not in it");
            book.of(LogKind.LOGS).restore("e4");
            assertEquals(20, book.entries().size());
        }
    }

    /** Whatever is wrong with what is packed: the texts are read. */
    @Test
    void whatIsPackedIsNeverBelievedWhenItIsSpoilt() throws Exception {
        try (Book book = Book.open(file())) {
            book.of(LogKind.LOGS).add(entry(1));
            assertEquals(1, book.entries().size());
        }
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file());
                Statement s = c.createStatement()) {
            s.execute("UPDATE kept_glance SET body = zeroblob(200) WHERE kind = 'log'");
        }
        try (Book book = Book.open(file())) {
            assertEquals(List.of(entry(1)), book.entries());
        }
        byte[] packed = PackedEntry.write(entry(1));
        assertEquals(Optional.of(entry(1)), PackedEntry.read(packed));
        Random random = new Random(19081);
        for (int i = 0; i < 2000; i++) {
            byte[] spoilt = packed.clone();
            spoilt[random.nextInt(spoilt.length)] ^= (byte) (1 << random.nextInt(8));
            assertEquals(Optional.empty(), PackedEntry.read(spoilt));
        }
        assertEquals(Optional.empty(), PackedEntry.read(new byte[2]));
    }

    @Test
    void whoIsForgottenIsNotInWhatIsPackedEither() throws Exception {
        try (Book book = Book.open(file())) {
            book.of(SquadKind.SQUADS).add(Squad.empty("s", "Sedges").with(List.of(Member.named("", "Zdenka"))));
            book.of(LogKind.LOGS).add(entry(1));
            assertEquals(1, book.entries().size());
            book.of(SquadKind.SQUADS)
                    .forget(
                            "s",
                            s -> s.forgetting("m1", "Zdenka"),
                            "Zdenka",
                            List.of(new Kept.Also<>(LogKind.LOGS, e -> e.silentOf("Zdenka"))));
            Entry left = book.entries().get(0);
            assertEquals("Evening with \u2026", left.title());
            assertEquals(
                    entry(1).parts().get(0).result().counted(),
                    left.parts().get(0).result().counted(),
                    "counts stay");
        }
        try (var all = Files.walk(folder)) {
            for (Path each : all.filter(Files::isRegularFile).toList()) {
                String text = new String(Files.readAllBytes(each), StandardCharsets.ISO_8859_1);
                assertFalse(text.contains("Zdenka"), each.getFileName().toString());
            }
        }
    }

    /** What is lost is named by its day: evenings are called alike. */
    @Test
    void lostEveningsAreNamedByTheirDays() throws Exception {
        try (Book book = Book.open(file())) {
            for (int n = 0; n < 40; n++) {
                book.of(LogKind.LOGS).add(entry(n));
            }
        }
        // Every page but those of the list of what there is: nothing else of them can be read any more.
        byte[] all = Files.readAllBytes(file());
        List<String> found = new ArrayList<>();
        for (int at = 4096; at + 4096 <= all.length; at += 4096) {
            String page = new String(all, at, 4096, StandardCharsets.ISO_8859_1);
            if (!(page.contains("Evening with Zdenka, 2026") && !page.contains("wild-chalk-log"))) {
                Arrays.fill(all, at, at + 4096, (byte) 7);
            } else {
                found.add(page);
            }
        }
        assertFalse(found.isEmpty());
        Files.write(file(), all);
        Rescue.Saved saved = Rescue.save(file());
        assertEquals(
                Set.of(),
                saved.lost().stream()
                        .map(Rescue.Named::title)
                        .filter(t -> !t.matches("Evening with Zdenka, 2026-\\d\\d-\\d\\d"))
                        .collect(Collectors.toSet()));
        assertTrue(saved.lost().size() >= 20, saved.lost().toString());
    }
}

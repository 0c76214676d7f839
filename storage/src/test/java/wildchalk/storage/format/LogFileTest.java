package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.drill.Drill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.EntryEdits;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;
import wildchalk.core.practice.Content;
import wildchalk.storage.book.Book;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.Pointer;

/** Evenings as they were, as files and in a book: read as they were written, refused with their place, kept. */
class LogFileTest {

    private static Entry full() {
        return new Entry(
                "e1",
                "Wet Monday",
                new Entry.When(LocalDate.of(2026, 11, 30), LocalTime.of(18, 4)),
                new Entry.Source("p", 9, "r"),
                new Entry.There(
                        "otters", 14, List.of("m1", "m2"), List.of(List.of("m1"), List.of("m2")), List.of("m9")),
                List.of(
                        new Part(
                                "Weir, 2 times side by side",
                                Optional.of(new Content.Planned("weir", 4, "Weir")),
                                List.of("s1", "s2"),
                                new Part.Time(20, 15, 540, 600),
                                Part.Went.SO_SO,
                                "two balls",
                                new Part.Result(
                                        List.of(
                                                new Part.Counted("over the end", "sky", 4, 0, 3),
                                                new Part.Counted("throws", "m1", 5, 2, 1)),
                                        7,
                                        List.of(new Part.Timed("slalom", "m2", 20.5, List.of(1400L, 3300L))),
                                        List.of("late on the second", "colder than I thought")),
                                Optional.of(new Work(
                                        Map.of(Skill.PASSING, 0.75, Skill.OFF_THE_WALL, 0.25),
                                        0.5,
                                        true,
                                        List.of(
                                                new Work.Each("m1", 0.4, 51.25, 1.5, 3, 0.25),
                                                new Work.Each("", 0.5, 12, 0, 1, 0))))),
                        new Part(
                                "Water",
                                Optional.empty(),
                                List.of(),
                                new Part.Time(0, 0, 120, 120, true),
                                Part.Went.UNSAID,
                                "",
                                Part.Result.NONE,
                                Optional.empty())),
                "awake in the end");
    }

    @Test
    void itIsReadAsItWasWritten() throws FormatException {
        assertEquals(full(), LogReader.read(LogWriter.write(full())));
        Entry bare = new Entry(
                "e",
                "",
                new Entry.When(LocalDate.of(2030, 1, 1), LocalTime.MIDNIGHT),
                Entry.Source.TYPED,
                Entry.There.UNKNOWN,
                List.of(),
                "");
        assertEquals(bare, LogReader.read(LogWriter.write(bare)));
        assertFalse(LogWriter.write(bare).contains("there"), "what is not known is left out");
    }

    private static String with(String was, String is) {
        String text = LogWriter.write(full());
        assertTrue(text.contains(was), text);
        return text.replaceFirst(Pattern.quote(was), is);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"day\" : \"2026-11-30\" | \"day\" : \"2026-02-30\" | this is no day of the calendar",
                "\"start\" : \"18:04\" | \"start\" : \"28:04\" | this is no time of the day",
                "\"people\" : 14 | \"people\" : 1 | more people are named (2) than were there (1)",
                "\"seconds\" : 540 | \"seconds\" : 108000 | seconds",
                "\"made\" : 4 | \"made\" : -5 | made",
                "1400 | 3400 | each split is later than the one before it",
                "\"went\" : \"so-so\" | \"went\" : \"splendid\" | went",
                "\"notes\" | \"remarks\" | remarks",
                "\"version\" : 2 | \"version\" : 3 | newer",
            })
    void whatIsNotSoundIsRefusedWithItsPlace(String was, String is, String why) {
        FormatException refused =
                assertThrows(FormatException.class, () -> LogReader.read(with(was.strip(), is.strip())));
        assertTrue(refused.getMessage().contains(why.strip()), refused.getMessage());
    }

    @Test
    void inABookWithItsVersionsAndTheDrillAsItWasRun(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("b.chalkbook");
        try (Book book = Book.open(file)) {
            Drill drill = book.drills().add(Drill.empty("weir", "Weir", "handball", "whole"));
            long run = book.drills().newest(drill.id());
            Part part = full().parts().get(0);
            Entry entry = full().of(List.of(new Part(
                    part.title(),
                    Optional.of(new Content.Planned(drill.id(), run, "Weir")),
                    List.of(),
                    part.time(),
                    part.went(),
                    part.next(),
                    part.result(),
                    part.work())));
            Entry kept = book.of(LogKind.LOGS).add(entry);
            assertEquals(
                    Set.of(new Pointer("drill", drill.id(), run), new Pointer("practice", "p", 9)),
                    LogKind.LOGS.points(kept));
            book.of(LogKind.LOGS).keep(EntryEdits.lasted(0, 20, 300).apply(kept), "How long it was");
            for (int i = 0; i < 400; i++) {
                drill = drill.withTitle("Weir " + i);
                book.drills().keep(drill, "Rename drill");
            }
            assertTrue(
                    book.drills().version(drill.id(), run).isPresent(),
                    "the version that was run is never thinned away");
        }
        try (Book book = Book.open(file)) {
            Entry again = book.of(LogKind.LOGS)
                    .load(book.of(LogKind.LOGS).list().get(0).id());
            assertEquals(300, again.parts().get(0).seconds());
            assertEquals(2, book.of(LogKind.LOGS).versions(again.id()).size(), "what was changed is kept");
        }
    }

    @Test
    void aFileIsKnownByItsForm(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("x.json");
        Files.writeString(file, LogWriter.write(full()));
        assertTrue(LogReader.isLog(file));
        assertFalse(PracticeReader.isPractice(file));
        assertEquals(full(), LogReader.read(file));
    }
}

package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.pitchside.Course;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Running;
import wildchalk.core.pitchside.Stretch;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.RunReader;
import wildchalk.storage.format.RunWriter;
import wildchalk.storage.kind.Pointer;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.RunKind;

/** What is done while a practice runs is in the book at once, and read as it was written. */
class RunInBookTest {

    private static final long BEGUN = 1_764_500_000_000L;

    @TempDir
    Path folder;

    private static Practice evening(long version) {
        return Practice.empty("p", "Thursday", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .given(Practice.Setting.UNSAID.warning(new Practice.Warned(60, false, true)))
                .with(
                        0,
                        Block.of(
                                "",
                                new Content.Play(
                                        new Content.Planned("weir", version, "The Weir"),
                                        List.of(),
                                        1,
                                        Content.Telling.FRESH),
                                Block.Time.of(10)));
    }

    private static Running begun(Practice practice) {
        Course course = new Course(
                List.of(
                        new Stretch("b1", Stretch.Kind.BEFORE, "", 0),
                        new Stretch("b1", Stretch.Kind.PLAY, "left", 300_000, "s1"),
                        new Stretch("b1", Stretch.Kind.REST, "rest", 30_000, "s1")),
                practice.setting().warned());
        return new Running("r", practice.title(), practice, 3, course, new Running.Chance(BEGUN, -9), List.of(), false);
    }

    /** One of each thing that can be done. */
    private static Running full() {
        Running running = begun(evening(4));
        List<Optional<Deed>> deeds = List.of(
                Optional.of(new Deed.Go()),
                Optional.of(new Deed.Stop()),
                Optional.of(new Deed.Next()),
                Optional.of(new Deed.Back()),
                Optional.of(new Deed.Skip()),
                Optional.of(new Deed.More(-60_000)),
                Optional.of(new Deed.Anew(List.of(new Stretch("b1", Stretch.Kind.PLAY, "", 7000, "s2")))),
                Optional.of(new Deed.Called("sky")),
                Optional.of(new Deed.Counted("gate", "coral", -1)),
                Optional.of(new Deed.Counted("gate", "", 2)),
                Optional.of(new Deed.Noted("they \u201csee\u201d it now")),
                Optional.of(new Deed.Timed("slalom", "m3", 20.5, List.of(1200L, 3333L))),
                Optional.of(new Deed.Marked("m3", true)),
                Optional.of(new Deed.Agreed("colours, all in", "hoop 2; limit ten seconds")),
                Optional.empty());
        for (int i = 0; i < deeds.size(); i++) {
            running = running.with(new Running.Moment(1000L * i, BEGUN + 1000L * i, deeds.get(i)));
        }
        return running.finished(true);
    }

    @Test
    void everythingThatWasDoneIsReadAsItWasWritten() throws FormatException {
        assertEquals(full(), RunReader.read(RunWriter.write(full())));
        Running begun = begun(evening(0));
        assertEquals(begun, RunReader.read(RunWriter.write(begun)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"did\":\"skip\" | \"did\":\"skipp\" | skipp",
                "\"at\":3000 | \"at\":1500 | this was done before what stands above it",
                "[1200,3333] | [3333,1200] | the times of a stopwatch grow",
                "[1200,3333] | [] | splits",
                "\"by\":2 | \"by\":2000 | by",
                "\"millis\":300000 | \"millis\":-1 | millis",
                "\"start\":\"18:00\" | \"start\":\"28:00\" | this is no time of the day",
                "\"version\":1,\"id\":\"r\" | \"version\":2,\"id\":\"r\" | newer",
            })
    void whatIsNotSoundIsRefusedInPlainWords(String was, String is, String why) {
        String text = RunWriter.write(full());
        assertTrue(text.contains(was.strip()), text);
        FormatException refused =
                assertThrows(FormatException.class, () -> RunReader.read(text.replace(was.strip(), is.strip())));
        assertTrue(refused.getMessage().contains(why.strip()), refused.getMessage());
    }

    @Test
    void theDrillAndThePracticeStayAsTheyWereRun() {
        Path file = folder.resolve("Otters.chalkbook");
        try (Book book = Book.open(file)) {
            Drill weir = book.drills().add(Drill.empty("weir", "The Weir", "handball", "whole"));
            Practice practice =
                    book.of(PracticeKind.PRACTICES).add(evening(book.drills().newest("weir")));
            Running running = new Running(
                    "r",
                    "Thursday",
                    practice,
                    book.of(PracticeKind.PRACTICES).newest(practice.id()),
                    begun(practice).course(),
                    new Running.Chance(BEGUN, 1),
                    List.of(),
                    false);
            Running added = book.of(RunKind.RUNS).add(running);
            assertEquals(
                    Set.of(new Pointer("drill", "weir", 1), new Pointer("practice", "p", 1)),
                    RunKind.RUNS.points(added));
            for (int i = 0; i < 400; i++) {
                weir = DrillEdits.rename("The Weir " + i).apply(weir);
                book.drills().keep(weir, "Rename");
            }
            assertEquals(
                    "The Weir",
                    book.drills()
                            .version("weir", 1)
                            .orElseThrow()
                            .read()
                            .document()
                            .title());
        }
    }

    @Test
    void eachDeedIsInTheFileAtOnce() {
        Path file = folder.resolve("Otters.chalkbook");
        Running running = begun(evening(0));
        try (Book book = Book.open(file)) {
            running = book.of(RunKind.RUNS).add(running);
            for (int i = 0; i < 300; i++) {
                running = running.with(
                        new Running.Moment(100L * i, BEGUN + 100L * i, Optional.of(new Deed.Counted("g", "sky", 1))));
                book.of(RunKind.RUNS).keep(running, "Done while it ran");
                book.set("run.seen", "r " + i);
            }
            // As it lies there for whoever opens it after the program was killed.
            try (Book other = Book.open(file)) {
                assertEquals(running, other.of(RunKind.RUNS).load(running.id()));
            }
        }
        try (Book book = Book.open(file)) {
            assertEquals(running, book.of(RunKind.RUNS).load(running.id()));
            assertEquals("r 299", book.setting("run.seen", ""));
        }
    }
}

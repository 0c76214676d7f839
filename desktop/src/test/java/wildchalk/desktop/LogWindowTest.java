package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.pitchside.Course;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Running;
import wildchalk.core.pitchside.Stretch;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.log.LogState;
import wildchalk.desktop.pages.LogPage;
import wildchalk.desktop.pages.PracticePage;
import wildchalk.storage.book.Book;
import wildchalk.storage.format.LogReader;
import wildchalk.storage.format.LogWriter;
import wildchalk.storage.format.RunWriter;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.SquadKind;

/** The log in the real window: evenings write themselves down, are corrected, asked of and taken out again. */
class LogWindowTest extends RealRun {

    private final LocalDate today = LocalDate.now(ZoneId.systemDefault());

    private static Content.Play play(String drill, String title) {
        return new Content.Play(new Content.Planned(drill, 1, title), List.of(), 1, Content.Telling.KNOWN);
    }

    /** A drill in which sides count, and a game. */
    private Practice evening(Optional<LocalDate> day) {
        LocalTime now = LocalTime.ofInstant(Instant.ofEpochMilli(begun.get()), ZoneId.systemDefault());
        return Practice.empty(
                        "short", "Short one", new Slot(day, now.withSecond(0).withNano(0), 40))
                .given(Practice.Setting.UNSAID.with(Company.of(6, 1, 1).of("s")))
                .about("Lars and the others")
                .with(0, Block.of("", play("sixpenny", "Sixpenny Square"), new Block.Time(6, 10, 12)))
                .with(
                        1,
                        Block.of("", new Content.Game("last one in", Optional.empty(), ""), new Block.Time(5, 14, 16)));
    }

    private void openBook(Optional<LocalDate> day, Entry... entries) throws Exception {
        try (Book book = Book.open(book())) {
            DemoBook.drills().forEach(book.drills()::add);
            book.of(SquadKind.SQUADS)
                    .add(Squad.empty("s", "Otters")
                            .with(Stream.of("Aurel Quist", "Benno Tarn", "Ida", "Kaja", "Lars", "Oona")
                                    .map(n -> Member.named("", n))
                                    .toList()));
            book.of(PracticeKind.PRACTICES).add(evening(day));
            for (Entry entry : entries) {
                book.of(LogKind.LOGS).add(entry);
            }
        }
        open(Request.usual().withBook(book()));
    }

    private LogState log() {
        return session.window().page(LogPage.class).orElseThrow().state();
    }

    private void toLog() throws Exception {
        click("#tab-log");
        await(() -> find("#log-view") != null && log().shownProperty().get().isPresent());
    }

    private Entry open() throws Exception {
        await(() -> log().open().isPresent() && find("#log-entry") != null);
        return fx(() -> log().open().orElseThrow().document());
    }

    private List<Entry> kept() {
        try (Book book = Book.open(book())) {
            return book.entries();
        }
    }

    /** Puts a text into a field of the page and takes it, as Enter does. */
    private void enter(String field, String text) throws Exception {
        await(() -> find(field) != null);
        fx(() -> {
            TextField into = (TextField) find(field);
            into.requestFocus();
            into.setText(text);
            into.fireEvent(new ActionEvent());
            return null;
        });
        settle();
    }

    private String told(String id) throws Exception {
        return fx(() -> find(id) instanceof Label l ? l.getText() : "");
    }

    private String answer(String asked) throws Exception {
        String before = told("#answer-head");
        enter("#log-question", asked);
        await(() -> !told("#answer-head").isEmpty() && !told("#answer-head").equals(before));
        return told("#answer-head");
    }

    private void sayHow() throws Exception {
        await(() -> find("#message-text") instanceof Label l && l.getText().startsWith("Written into the log"));
        Node how = fx(() -> find("#message").lookupAll(".button").stream()
                .filter(b -> b instanceof Button x && x.getText().equals("How was it?"))
                .findFirst()
                .orElseThrow());
        robot.clickOn(how);
    }

    @Test
    void aRunWritesItselfDownIsCorrectedAskedOfAndSeenInTheBook() throws Exception {
        openBook(Optional.empty());
        await(() -> onCard("sixpenny").contains("changed today"));
        click("#tab-practice");
        await(() -> find("#practice-view") != null && find("#run-it").isVisible());
        run();
        key(KeyCode.W);
        goesBy(60_000);
        key(KeyCode.DIGIT1);
        key(KeyCode.DIGIT1);
        key(KeyCode.N);
        type("#run-note-words", "nobody looks up");
        key(KeyCode.ENTER);
        goesBy(8 * 60_000);
        key(KeyCode.S);
        key(KeyCode.W);
        goesBy(40 * 60_000);
        assertTrue(now().isOver());
        // The first one takes away what lies over the screen, if that is still there.
        for (int i = 0; i < 3 && fx(() -> node("#run-leave") == null); i++) {
            key(KeyCode.ESCAPE);
        }
        key(KeyCode.F);
        await(() -> window().isEmpty());
        sayHow();
        Entry entry = open();
        assertEquals("Short one", entry.title());
        assertEquals(List.of("Sixpenny Square", "Game: last one in"), titles(entry));
        assertEquals(9 * 60, entry.parts().get(0).seconds());
        assertEquals(600, entry.parts().get(0).time().planned());
        assertEquals(14 * 60, entry.parts().get(1).seconds());
        assertEquals(6, entry.there().known().size());
        assertEquals(2, entry.parts().get(0).result().counted().get(0).made());
        assertEquals(List.of("nobody looks up"), entry.parts().get(0).result().notes());
        assertTrue(entry.parts().get(0).work().orElseThrow().metres() > 5, "worked out of the drill");

        enter("#part-minutes-0", "9.5");
        click("#part-worked-0");
        enter("#part-next-0", "begin with two balls");
        enter("#entry-thought", "short and good");
        Entry corrected = open();
        assertEquals(570, corrected.parts().get(0).seconds());
        assertEquals(Part.Went.WORKED, corrected.parts().get(0).went());
        assertEquals("short and good", corrected.thought());
        // What is on the page counts at once.
        assertEquals(
                corrected.seconds() / 60.0,
                fx(() -> log().shownProperty().get().orElseThrow().season().minutes()),
                1e-9);
        click("#undo");
        assertEquals("", open().thought());
        click("#redo");

        assertTrue(answer("who missed the last evening").contains("nobody missed it"));
        assertTrue(answer("when did we last do sixpenny square").contains("today, the only time; it worked"));
        assertTrue(answer("which drills run longer").startsWith("None"));

        click("#tab-book");
        await(() -> onCard("sixpenny").contains("run today, worked"));
        assertFalse(fx(() -> onCard("carillon")).contains("run today"));
        // What is to be done next time comes up when it is the next time.
        robot.doubleClickOn(card("sixpenny").lookup(".card-picture"));
        await(() -> find("#message-text") instanceof Label l
                && l.getText().equals("You noted for next time (run today, worked): begin with two balls"));
        close();
        assertEquals(List.of(corrected), kept());
    }

    private String onCard(String card) {
        return find("#card-" + card) == null
                ? ""
                : find("#card-" + card).lookupAll(".card-when").stream()
                        .map(n -> ((Label) n).getText())
                        .reduce("", String::concat);
    }

    private static List<String> titles(Entry entry) {
        return entry.parts().stream().map(Part::title).toList();
    }

    @Test
    void oneKeyPutsItInAsPlannedAndItIsTypedInWithinAMinute() throws Exception {
        openBook(Optional.of(today));
        click("#tab-practice");
        await(() -> find("#practice-view") != null && find("#run-it").isVisible());
        type(KeyCode.CONTROL, KeyCode.L);
        Entry planned = open();
        assertEquals(List.of("Sixpenny Square", "Game: last one in"), titles(planned));
        assertEquals(
                List.of(600, 840), planned.parts().stream().map(Part::seconds).toList());
        // Once more it is the same one that is opened.
        click("#tab-practice");
        await(() -> find("#practice-view") != null);
        type(KeyCode.CONTROL, KeyCode.L);
        await(() -> find("#message-text") instanceof Label l && l.getText().startsWith("There is an entry"));
        assertEquals(planned.id(), open().id());

        click("#log-type-in");
        await(() -> find("#type-in-lines") != null);
        fx(() -> {
            ((TextInputControl) find("#type-in-lines")).setText("Warm-up\nsixpenny square 12 + > two balls\nWater 800");
            return null;
        });
        click("#type-in-go");
        await(() -> told("#type-in-said")
                .equals("\u201cWarm-up\u201d: how many minutes, and is it worked, so-so or did not?\n"
                        + "\u201cWater 800\u201d: longer than half a day is no part of an evening."));
        fx(() -> {
            ((TextInputControl) find("#type-in-lines")).setText("Warm-up 8\nsixpenny square 12 + > two balls\nWater 2");
            ((TextInputControl) find("#entry-date")).setText(today.plusDays(1).toString());
            return null;
        });
        click("#type-in-go");
        await(() -> told("#type-in-said").equals("That day is still to come: the log is for what was."));
        fx(() -> {
            ((TextInputControl) find("#entry-date")).setText(today.minusDays(3).toString());
            ((TextInputControl) find("#type-in-title")).setText("On the old pitch");
            return null;
        });
        click("#type-in-go");
        await(() -> log().open()
                .filter(d -> d.document().title().equals("On the old pitch"))
                .isPresent());
        Entry typed = open();
        assertEquals("sixpenny", typed.parts().get(1).drill().orElseThrow().id());
        assertTrue(typed.parts().get(1).drill().orElseThrow().version() > 0, "the drill as it is now");
        assertTrue(typed.parts().get(1).work().isPresent());
        assertEquals("two balls", typed.parts().get(1).next());
        enter("#add-part", "Talk");
        assertEquals(3, open().parts().size(), "it does not say how long");
        enter("#add-part", "Talk 4 so-so");
        assertEquals(4, open().parts().size());
        enter("#part-minutes-3", "900");
        assertEquals(240, open().parts().get(3).seconds(), "and it stands as it was");
        await(() -> find("#message-text") instanceof Label l && l.getText().contains("900"));
        click("#part-gone-3");
        assertEquals(3, open().parts().size());
        close();
        assertEquals(2, kept().size());
    }

    /** A run of ten minutes that nobody touched after it was begun, and that was ended when it had run out. */
    private static Running run(Practice practice) {
        long wall = Instant.parse("2026-10-06T16:00:00Z").toEpochMilli();
        return new Running(
                "run-y",
                "On the wet half",
                practice,
                40,
                new Course(List.of(new Stretch("b1", Stretch.Kind.PLAY, "", 600_000))),
                new Running.Chance(wall, 3),
                List.of(new Running.Moment(0, wall, Optional.of(new Deed.Go()))),
                true);
    }

    private static Entry theirs(LocalDate day) {
        return new Entry(
                "theirs",
                "Short one",
                new Entry.When(day, LocalTime.of(18, 0)),
                new Entry.Source("short", 7, "run-x"),
                new Entry.There("s", 6, List.of("m1", "m2"), List.of(), List.of()),
                List.of(Part.of(
                        "Sixpenny Square",
                        Optional.of(new Content.Planned("sixpenny", 99, "Sixpenny Square")),
                        new Part.Time(30, 20, 840, 600))),
                "");
    }

    private void takeIn(String name, String text) throws Exception {
        picked = folder.resolve(name);
        Files.writeString(picked, text);
        click("#log-take-in");
    }

    @Test
    void whatSomebodyElseRanIsLookedAtFirst() throws Exception {
        openBook(Optional.of(today));
        toLog();
        assertTrue(find("#log-empty").isVisible(), "nothing yet, and how something comes into it");
        for (String text : List.of("Name;Laps\nA;4\n", "{\"format\":\"wild-chalk-log\",\"version\":9}")) {
            takeIn("x.json", text);
            await(() -> find("#message-text") instanceof Label l && l.getText().startsWith("x.json: "));
            String said = told("#message-text");
            assertFalse(said.contains("Exception"), said);
            fx(() -> {
                session.window().messages().say("");
                return null;
            });
        }
        Entry entry = theirs(today.minusDays(2));
        takeIn("a.log.json", LogWriter.write(entry));
        await(() -> find("#came-back-take") != null);
        click("#came-back-take");
        Entry taken = open();
        assertEquals(1, taken.parts().get(0).drill().orElseThrow().version(), "the drill as it is here");
        assertEquals(1, taken.source().version());
        // The same again, then as somebody corrected it.
        takeIn("a.log.json", LogWriter.write(entry));
        await(() -> find("#log-came-back") != null);
        assertTrue(find("#came-back-take") == null && find("#came-back-instead") == null, "there is nothing to do");
        click("#came-back-leave");
        takeIn("b.log.json", LogWriter.write(entry.thinking("it rained").of(List.of())));
        await(() -> find("#came-back-instead") != null);
        click("#came-back-instead");
        await(() -> open().thought().equals("it rained"));
        assertEquals(1, fx(() -> log().shownProperty()
                .get()
                .orElseThrow()
                .filled()
                .entries()
                .size()));
        takeIn("c.run.json", RunWriter.write(run(evening(Optional.empty()))));
        await(() -> find("#came-back-take") != null);
        click("#came-back-take");
        await(() -> open().title().equals("On the wet half"));
        assertEquals(List.of(600), open().parts().stream().map(Part::seconds).toList(), "it ran out by itself");
        assertTrue(open().parts().get(0).work().isPresent(), "worked out of the drill that is here");
        takeIn("b.log.json", LogWriter.write(theirs(today.plusDays(9)).withTitle("Another")));
        await(() -> find("#log-came-back") != null
                && find("#log-came-back").lookupAll(".label").stream()
                        .anyMatch(l -> ((Label) l).getText().startsWith("Its day is still to come")));
        click("#came-back-leave");
        close();
        assertEquals(2, kept().size());
    }

    @Test
    void whatIsShownGoesOutWithNamesOnlyWhereTheyAreTicked() throws Exception {
        Entry entry = theirs(today.minusDays(1)).thinking("Aurel Quist was late");
        openBook(Optional.of(today), entry);
        toLog();
        click("#hand-out");
        await(() -> find("#log-send") != null);
        picked = folder.resolve("out.csv");
        click("#send-tables");
        await(() ->
                Files.exists(folder.resolve("out attempts.csv")) || files("csv").size() >= 5);
        assertFalse(text("csv").contains("Aurel"));
        fx(() -> {
            ((CheckBox) find("#send-names")).setSelected(true);
            return null;
        });
        picked = folder.resolve("named.json");
        click("#send-data");
        await(() -> Files.exists(picked));
        assertTrue(Files.readString(picked).contains("Aurel Quist"));
        assertFalse(Files.readString(picked).contains("late"));
        picked = folder.resolve("out.pdf");
        click("#send-report");
        await(() -> Files.exists(picked));
        click("#send-back");
        // One entry as a file, without what was noted.
        picked = folder.resolve("one.log.json");
        fx(() -> {
            find("#log-chart").requestFocus();
            return null;
        });
        type(KeyCode.HOME);
        await(() -> told("#log-told").contains("Short one"));
        type(KeyCode.ENTER);
        open();
        take(find("#entry-menu"), "Save as a file, without notes \u2026");
        await(() -> Files.exists(picked));
        assertEquals("", LogReader.read(picked).thought());
        take(find("#entry-menu"), "Put aside");
        await(() -> find("#log-empty") != null);
    }

    private List<Path> files(String ending) throws Exception {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(f -> f.toString().endsWith(ending)).toList();
        }
    }

    private String text(String ending) throws Exception {
        StringBuilder all = new StringBuilder();
        for (Path file : files(ending)) {
            all.append(Files.readString(file));
        }
        return all.toString();
    }

    @Test
    void everyViewIsThereAsATableAndByKeys() throws Exception {
        openBook(Optional.of(today.minusDays(20)), theirs(today.minusDays(1)), theirs(today.minusDays(8)));
        toLog();
        for (String view : List.of("season", "drills", "people")) {
            click("#log-view-" + view);
            await(() -> find("#log-chart") != null);
            fx(() -> {
                find("#log-chart").requestFocus();
                return null;
            });
            type(KeyCode.RIGHT);
            type(KeyCode.END);
            await(() -> !told("#log-told").startsWith("Point at"));
            click("#log-as-table");
            await(() -> find("#log-table") instanceof TableView<?> t
                    && !t.getItems().isEmpty());
            click("#log-as-table");
        }
        click("#log-view-unrun");
        await(() -> find("#log-table") instanceof TableView<?> t && t.getItems().isEmpty());
        click("#log-view-season");
        click("#log-range-week");
        await(() ->
                log().shownProperty().get().orElseThrow().season().evenings().size() <= 2);
        click("#log-range-all");
        await(() ->
                log().shownProperty().get().orElseThrow().season().evenings().size() == 2);
        take(find("#log-person"), "Benno Tarn");
        await(() -> log().shownProperty().get().orElseThrow().season().people().size() == 1);
        take(find("#log-person"), "any");
        take(find("#log-skill"), "talking");
        await(() -> find("#log-empty") != null);
    }

    /** Neither the page of the log nor that of the practice, on which they stood, brings their name back. */
    @Test
    void whoIsForgottenDoesNotComeBackFromAnyPage() throws Exception {
        openBook(Optional.of(today), theirs(today.minusDays(1)).thinking("Lars was late"));
        click("#tab-practice");
        await(() -> find("#practice-view") != null && find("#run-it").isVisible());
        toLog();
        fx(() -> {
            session.window().open(theirs(today.minusDays(1)).thinking("Lars was late"));
            return null;
        });
        open();
        click("#tab-squad");
        await(() -> find("#bib-m5") != null);
        click("#person-m5");
        await(() -> find("#card-forget") != null);
        click("#card-forget");
        await(() -> robot.lookup("Forget Lars").tryQuery().isPresent());
        robot.clickOn("Forget Lars");
        await(() -> find("#squad-view") != null && find("#bib-m5") == null);
        click("#tab-log");
        await(() -> find("#log-view") != null);
        assertTrue(log().open().isEmpty());
        fx(() -> {
            find("#log-chart").requestFocus();
            return null;
        });
        type(KeyCode.HOME);
        await(() -> told("#log-told").contains("Short one"));
        type(KeyCode.ENTER);
        assertEquals("\u2026 was late", open().thought());
        enter("#part-next-0", "two balls");
        click("#tab-practice");
        await(() -> find("#practice-view") != null);
        assertEquals("\u2026 and the others", fx(() -> session.window()
                .page(PracticePage.class)
                .flatMap(PracticePage::state)
                .orElseThrow()
                .practice()
                .theme()));
        close();
        try (Book book = Book.open(book())) {
            assertEquals("\u2026 was late", book.entries().get(0).thought());
        }
    }
}

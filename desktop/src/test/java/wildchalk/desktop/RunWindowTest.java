package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.sql.DriverManager;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Rundown;
import wildchalk.core.pitchside.Running;
import wildchalk.core.pitchside.Stretch;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Sprint;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.page.ToRun;
import wildchalk.storage.book.Book;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.RunKind;
import wildchalk.storage.kind.SquadKind;

/** A practice is run in the real window, by keys alone, with clocks that go as fast as the test wants. */
class RunWindowTest extends RealRun {

    private static final long MINUTE = 60_000;

    private static Content.Play play(String drill) {
        return new Content.Play(new Content.Planned(drill, 0, drill), List.of(), 1, Content.Telling.KNOWN);
    }

    /** Four parts: a drill that counts and one that calls, water, a game. */
    private Practice evening() {
        LocalTime now = LocalTime.ofInstant(Instant.ofEpochMilli(begun.get()), ZoneId.systemDefault());
        return Practice.empty(
                        "four",
                        "Four parts",
                        new Slot(
                                Optional.of(LocalDate.of(2026, 12, 3)),
                                now.withSecond(0).withNano(0),
                                40))
                .given(Practice.Setting.UNSAID.with(Company.of(12, 1, 1).of("s")))
                .with(0, Block.of("", play("sixpenny"), new Block.Time(6, 10, 12)))
                .with(1, Block.of("", play("weathervane"), new Block.Time(5, 12, 14)))
                .with(2, Block.of("", new Content.Words(Content.Sort.WATER, ""), Block.Time.of(2)))
                .with(
                        3,
                        Block.of("", new Content.Game("last one in", Optional.empty(), ""), new Block.Time(5, 14, 16)));
    }

    private void openWith(Practice practice) throws Exception {
        try (Book book = Book.open(book())) {
            DemoBook.drills().forEach(book.drills()::add);
            Squad squad = Squad.empty("s", "Otters")
                    .with(List.of(
                            Member.named("", "Aurel Quist"),
                            Member.named("", "Benno Tarn"),
                            Member.named("", "Ida"),
                            Member.named("", "Kaja"),
                            Member.named("", "Lars"),
                            Member.named("", "Oona")));
            book.of(SquadKind.SQUADS).add(squad);
            book.of(PracticeKind.PRACTICES).add(practice);
        }
        open(Request.usual().withBook(book()));
        click("#tab-practice");
        await(() -> find("#practice-view") != null && find("#run-it").isVisible());
    }

    private Running kept() {
        try (Book book = Book.open(book())) {
            return book.of(RunKind.RUNS)
                    .load(book.of(RunKind.RUNS).list().get(0).id());
        }
    }

    @Test
    void fourPartsByKeysFromTheFirstWhistleToTheEnd() throws Exception {
        openWith(evening());
        run();
        assertEquals("sixpenny", words("#run-title"), "as it is called in the practice");
        assertTrue(words("#run-now").contains("not begun"), words("#run-now"));
        key(KeyCode.W);
        assertTrue(now().going());
        assertEquals(Stretch.Kind.PLAY, now().stretch().orElseThrow().kind());
        goesBy(90_000);
        assertEquals("8:30", fx(() -> node("#run-clock").getAccessibleText()));
        // Counted: twice for coral, once for sky, one of them by mistake.
        key(KeyCode.DIGIT1);
        key(KeyCode.DIGIT1);
        key(KeyCode.DIGIT4);
        assertEquals("4", words("#tally-coral"));
        assertEquals("1", words("#tally-sky"));
        key(KeyCode.BACK_SPACE);
        assertEquals("0", words("#tally-sky"));
        key(KeyCode.PLUS);
        assertEquals(9 * MINUTE + 30_000, now().left());
        key(KeyCode.N);
        type("#run-note-words", "they look up late");
        key(KeyCode.ENTER);
        key(KeyCode.SPACE);
        assertTrue(words("#run-now").contains("stands"), words("#run-now"));
        goesBy(30_000);
        assertEquals(9 * MINUTE + 30_000, now().left());
        key(KeyCode.SPACE);
        // Back begins it anew, and that too is undone.
        key(KeyCode.LEFT);
        assertEquals(11 * MINUTE, now().left());
        key(KeyCode.BACK_SPACE);
        assertEquals(9 * MINUTE + 30_000, now().left());
        key(KeyCode.S);
        assertEquals("b2", now().stretch().orElseThrow().block());
        assertEquals("4", words("#tally-coral"), "until the next begins it counts for the one before");
        key(KeyCode.RIGHT);
        called();
        late();
        key(KeyCode.S);
        key(KeyCode.W);
        key(KeyCode.S);
        key(KeyCode.W);
        goesBy(40 * MINUTE);
        assertTrue(now().isOver());
        assertEquals("done", fx(() -> node("#run-clock").getAccessibleText()));
        key(KeyCode.ESCAPE);
        await(() -> node("#run-leave") != null);
        key(KeyCode.F);
        await(() -> window().isEmpty());
        close();
        Running ran = kept();
        assertTrue(ran.over());
        assertEquals(
                List.of("they look up late"),
                ran.at(0).done("b1", Deed.Noted.class).stream()
                        .map(Deed.Noted::words)
                        .toList());
        assertEquals(2, ran.at(0).done("b1", Deed.Counted.class).size());
        assertEquals(1, ran.at(0).done("b2", Deed.Called.class).size());
    }

    /** What stood over the whole screen last, whether it is still there or not: on a slow machine it may be gone. */
    private String covered() throws Exception {
        return fx(() -> ((Label) node("#run-cover-word")).getText());
    }

    /** Takes away what lies over the screen, if it is still there. */
    private void uncover() throws Exception {
        fx(() -> {
            if (node("#run-cover").isVisible()) {
                scene().getRoot()
                        .fireEvent(
                                new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ESCAPE, false, false, false, false));
                scene().getRoot()
                        .fireEvent(new KeyEvent(
                                KeyEvent.KEY_RELEASED, "", "", KeyCode.ESCAPE, false, false, false, false));
            }
            assertFalse(node("#run-cover").isVisible());
            return null;
        });
    }

    /** One key calls, over the whole screen and aloud. */
    private void called() throws Exception {
        key(KeyCode.C);
        String word = covered();
        assertTrue(List.of("near post", "far post").contains(word), word);
        assertEquals(List.of(word), speaker.said());
        Bounds cover = fx(() -> node("#run-cover").getBoundsInParent());
        assertEquals(fx(() -> scene().getWidth()), cover.getWidth(), 1);
        assertEquals(fx(() -> scene().getHeight()), cover.getHeight(), 1);
        assertTrue(words("#run-fair").contains(word + " 1"), words("#run-fair"));
        uncover();
    }

    /** Late: what goes is said before it goes. */
    private void late() throws Exception {
        goesBy(26 * MINUTE);
        long before = now().rest();
        key(KeyCode.L);
        await(() -> node("#run-late-take") != null);
        assertTrue(words("#run-late-words").contains("Game: last one in"), words("#run-late-words"));
        assertEquals(before, now().rest(), "nothing goes before it is taken");
        key(KeyCode.ENTER);
        assertTrue(now().rest() < before);
    }

    @Test
    void theClockIsAQuarterOfTheHeightAtEverySizeAndNothingIsBeside() throws Exception {
        openWith(evening());
        run();
        key(KeyCode.W);
        fx(() -> {
            window().orElseThrow().stage().setFullScreen(false);
            return null;
        });
        for (double[] size : new double[][] {{1280, 800}, {1920, 1080}, {1100, 700}}) {
            fx(() -> {
                Stage shown = window().orElseThrow().stage();
                shown.setWidth(size[0]);
                shown.setHeight(size[1]);
                return null;
            });
            await(() -> Math.abs(scene().getWidth() - size[0]) < 2 && Math.abs(scene().getHeight() - size[1]) < 2);
            settle();
            assertEquals(5, fx(() -> node("#run-clock").getAccessibleText()).length(), "ten minutes or more");
            Bounds figures = fx(() -> {
                scene().getRoot().applyCss();
                scene().getRoot().layout();
                Node figure = node("#run-clock").lookup("Text");
                return figure.localToScene(figure.getLayoutBounds());
            });
            assertTrue(figures.getHeight() >= size[1] / 4, size[1] + ": " + figures.getHeight());
            for (String id : List.of("#run-keys", "#run-next", "#run-title", "#run-times", "#run-coming")) {
                Bounds there = fx(() -> node(id).localToScene(node(id).getLayoutBounds()));
                assertTrue(
                        there.getMinX() >= 0
                                && there.getMinY() >= 0
                                && there.getMaxX() <= size[0] + 1
                                && there.getMaxY() <= size[1] + 1,
                        id + " " + there);
            }
            Bounds keys =
                    fx(() -> node("#run-keys").localToScene(node("#run-keys").getLayoutBounds()));
            for (String id : List.of("#run-next", "#tally-coral", "#run-bar")) {
                Bounds there = fx(() -> node(id).localToScene(node(id).getLayoutBounds()));
                assertTrue(there.getMaxY() <= keys.getMinY() + 1, size[1] + " " + id + " " + there + " " + keys);
            }
            double least = fx(() -> node("#run-keys").lookupAll(".run-button").stream()
                    .mapToDouble(n -> n.getLayoutBounds().getHeight())
                    .min()
                    .orElse(0));
            assertTrue(least >= 44, "large enough for a cold hand: " + least);
        }
    }

    @Test
    void theProgramEndsAndItGoesOnWithTheRightSecond() throws Exception {
        openWith(evening());
        run();
        key(KeyCode.W);
        goesBy(100_000);
        key(KeyCode.DIGIT1);
        close();
        // Seventy seconds later, on a computer whose other clock began anew.
        begun.addAndGet(passed.get() + 70_000);
        passed.set(0);
        open(Request.usual().withBook(book()));
        awaitRun();
        assertEquals((double) (10 * MINUTE - 170_000), (double) now().left(), 1000);
        assertTrue(now().going());
        assertEquals("2", words("#tally-coral"));
        assertTrue(words("#run-notice").contains("went on"), words("#run-notice"));
    }

    @Test
    void whatCannotBeIsAskedAndNothingIsLost() throws Exception {
        openWith(evening());
        run();
        key(KeyCode.W);
        goesBy(60_000);
        // The clock on the wall is set back an hour while it runs: nothing but a word.
        off.set(-60 * MINUTE);
        goesBy(200);
        await(() -> words("#run-notice").contains("60 minutes back"));
        assertEquals(10 * MINUTE - 60_200, now().left());
        off.set(0);
        goesBy(200);
        // The lid is shut for three minutes: the steady clock stood, the other went on.
        fx(() -> {
            off.set(3 * MINUTE);
            return passed.addAndGet(600);
        });
        await(() -> words("#run-notice").contains("lid"));
        assertEquals(10 * MINUTE - 61_000 - 3 * MINUTE, now().left());
        // A deed, so that it is known when it was seen last.
        key(KeyCode.DIGIT1);
        close();
        // Two days later.
        begun.addAndGet(48 * 60 * MINUTE);
        open(Request.usual().withBook(book()));
        await(() -> stage.getScene().getRoot().lookupAll(".message .button").stream()
                .anyMatch(n -> n instanceof Button b && b.getText().equals("Go on where it was")));
        assertTrue(window().isEmpty(), "it waits for an answer");
        Node on = fx(() -> stage.getScene().getRoot().lookupAll(".message .button").stream()
                .filter(n -> n instanceof Button b && b.getText().equals("Go on where it was"))
                .findFirst()
                .orElseThrow());
        robot.clickOn(on);
        awaitRun();
        assertEquals((double) (7 * MINUTE - 61_000), (double) now().left(), 1000);
    }

    @Test
    void aBookThatCannotBeWrittenIsSaidAndNothingIsLost() throws Exception {
        openWith(evening());
        run();
        key(KeyCode.W);
        // As with a full disk: nothing more comes into the file.
        try (var other = DriverManager.getConnection("jdbc:sqlite:" + book());
                var statement = other.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            key(KeyCode.DIGIT1);
            await(() -> words("#run-standing").contains("cannot be written"));
            key(KeyCode.DIGIT1);
            goesBy(20_000);
            assertEquals("4", words("#tally-coral"), "it goes on as if nothing were");
            statement.execute("ROLLBACK");
        }
        await(() -> words("#run-standing").isEmpty());
        close();
        assertEquals(2, kept().at(0).done("b1", Deed.Counted.class).size());
    }

    @Test
    void aSilentMachineShowsItsSignals() throws Exception {
        openWith(evening());
        run();
        await(() -> words("#run-silent").contains("no sound device"));
        key(KeyCode.W);
        await(() -> covered().equals("go"));
        goesBy(9 * MINUTE + 30_000);
        await(() -> covered().equals("soon"));
        goesBy(31_000);
        await(() -> covered().equals("over"));
        await(() -> !node("#run-cover").isVisible());
    }

    @Test
    void aDrillAloneAndWhatCountsInHalfAMinute() throws Exception {
        openWith(evening());
        fx(() -> {
            try (Book look = Book.open(book())) {
                session.window().open(look.drills().load("skylark"));
            }
            return null;
        });
        await(() -> find("#board") != null && find("#run-it").isVisible());
        click("#run-it");
        awaitRun();
        key(KeyCode.W);
        assertTrue(fx(() -> node("#tally-coral") == null));
        key(KeyCode.K);
        type("#run-agree-counts", "lay-ups made or missed 2; limit 6 s");
        type("#run-agree-calls", "left, right");
        key(KeyCode.ENTER);
        await(() -> node("#run-do-call") != null);
        key(KeyCode.DIGIT1);
        key(KeyCode.DIGIT1, true);
        String side = fx(() -> scene().getRoot().lookupAll(".run-tally-points").stream()
                .map(n -> ((Label) n).getText())
                .findFirst()
                .orElse(""));
        assertEquals("2", side);
        key(KeyCode.C);
        key(KeyCode.C);
        assertEquals(2, now().done("b1", Deed.Called.class).size());
        // What is no number of anything is said, and nothing is another.
        uncover();
        key(KeyCode.K);
        type("#run-agree-counts", "fewest wins");
        key(KeyCode.ENTER);
        assertTrue(fx(() -> node("#run-agree") != null));
        key(KeyCode.ESCAPE);
        assertEquals(1, now().done("b1", Deed.Agreed.class).size());
        // The stopwatch: two gates.
        key(KeyCode.T);
        key(KeyCode.T);
        goesBy(4200);
        key(KeyCode.T);
        goesBy(4000);
        key(KeyCode.T);
        key(KeyCode.ENTER);
        assertEquals(
                List.of(4200L, 8200L), now().done("b1", Deed.Timed.class).get(0).splits());
    }

    @Test
    void marksStayWithTheCoach() throws Exception {
        openWith(evening());
        run();
        key(KeyCode.W);
        key(KeyCode.P);
        await(() -> node("#run-marks-people") != null);
        key(KeyCode.H);
        key(KeyCode.J);
        key(KeyCode.ESCAPE);
        assertEquals(List.of(true, false), List.copyOf(now().marks("b1").values()));
        close();
        String text;
        try (Book book = Book.open(book())) {
            text = book.of(RunKind.RUNS)
                    .text(book.of(RunKind.RUNS).list().get(0).id())
                    .orElseThrow();
        }
        assertFalse(text.contains("Aurel") || text.contains("Benno"), "only ids are in it");
    }

    @Test
    void aSprintGoesIntoTheSquadWhenTheCoachSaysSo() throws Exception {
        openWith(evening());
        run();
        List<Rundown> seen = new ArrayList<>();
        fx(() -> {
            state().onlook(seen::add);
            return null;
        });
        key(KeyCode.W);
        key(KeyCode.T);
        key(KeyCode.DOWN);
        type("#run-watch-metres", "20");
        key(KeyCode.T);
        goesBy(3400);
        key(KeyCode.ENTER);
        assertEquals("m2", now().done("b1", Deed.Timed.class).get(0).who());
        assertEquals(20, now().done("b1", Deed.Timed.class).get(0).metres());
        assertTrue(words("#run-watch-times").contains("Benno: 3.4 s"), words("#run-watch-times"));
        key(KeyCode.S);
        await(() -> words("#run-watch-times").contains("Kept with what is known of Benno"));
        // A line of people who come in one after another.
        key(KeyCode.O);
        key(KeyCode.T);
        goesBy(5000);
        key(KeyCode.T);
        goesBy(800);
        key(KeyCode.T);
        key(KeyCode.ENTER);
        assertEquals(
                List.of("m2 5000", "m3 5800"),
                now().done("b1", Deed.Timed.class).stream()
                        .skip(1)
                        .map(t -> t.who() + " " + t.millis())
                        .toList());
        // Whoever looks on sees what is on, and nobody.
        assertFalse(seen.isEmpty());
        assertFalse(seen.toString().contains("Benno"), seen.toString());
        close();
        try (Book book = Book.open(book())) {
            Member benno = book.of(SquadKind.SQUADS).load("s").person("m2").orElseThrow();
            assertEquals(List.of(new Sprint(20, 3.4)), benno.level().sprints());
        }
    }

    @Test
    void eachForThemselves() throws Exception {
        openWith(evening());
        run();
        key(KeyCode.W);
        key(KeyCode.K);
        type("#run-agree-counts", "laps, each for themselves");
        key(KeyCode.ENTER);
        await(() -> node("#chip-m5") != null);
        key(KeyCode.DIGIT2);
        fx(() -> {
            ((Button) node("#chip-m5")).fire();
            ((Button) node("#chip-m5")).fire();
            return null;
        });
        settle();
        assertEquals(
                List.of("m2", "m5", "m5"),
                now().done("b1", Deed.Counted.class).stream()
                        .map(Deed.Counted::who)
                        .toList());
        assertEquals("Lars 2, 5", fx(() -> node("#chip-m5").getAccessibleText()));
        assertTrue(fx(() -> node("#run-do-back-take").getAccessibleText()).contains("Lars +1"));
        assertTrue(fx(() -> node("#count-m5-laps") == null), "there is no room for six times the same button");
        // Several counters, and misses: each can be counted for each.
        key(KeyCode.K);
        type("#run-agree-counts", "laps, throws made or missed, each for themselves");
        key(KeyCode.ENTER);
        await(() -> node("#chip-miss-m6-throws") != null);
        fx(() -> {
            ((Button) node("#chip-m6-throws")).fire();
            ((Button) node("#chip-miss-m6-throws")).fire();
            return null;
        });
        settle();
        assertEquals("Oona: throws 1 of 2", fx(() -> node("#chip-m6-throws").getAccessibleText()));
    }

    @Test
    void whereNothingCanBeRunItIsSaid() throws Exception {
        openWith(Practice.empty("none", "Nothing yet", evening().slot()));
        key0(KeyCode.F6);
        await(() -> message().contains("nothing to run"));
        assertTrue(window().isEmpty());
        // Another window has the book: it is run there.
        OpenWindow second = fx(() -> {
            Stage other = new Stage();
            return OpenWindow.start(other, Request.usual().withBook(book()), chooser);
        });
        second.opened().get();
        settle();
        fx(() -> {
            second.window().runs().orElseThrow().run(new ToRun(evening(), Map.of()));
            return null;
        });
        settle();
        assertTrue(fx(() -> second.window().runs().orElseThrow().window().isEmpty()));
        assertTrue(fx(() -> ((Label) second.window().messages().lookup("#message-text")).getText())
                .contains("another window"));
        second.close();
    }

    private void key0(KeyCode code) throws Exception {
        robot.press(code).release(code);
        settle();
    }

    private String message() {
        Node label = stage.getScene().lookup(".message .label");
        return label instanceof Label l ? l.getText() : "";
    }
}

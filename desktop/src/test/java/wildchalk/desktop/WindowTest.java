package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.timeline.Event;
import wildchalk.desktop.board.state.Lights;
import wildchalk.desktop.paint.ScreenBrush;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Version;

/** Drives the real window with mouse and keyboard. */
class WindowTest extends RealWindow {

    private static final int DEMO = DemoBook.drills().size();

    @Test
    void passChalkedWithTheMouseIsPlayedKeptAndThereAfterReopening() throws Exception {
        open(Request.demo(book()));
        assertEquals("Turnstile", board().drill().title());
        int sentences = board().script().lines().stream()
                .mapToInt(l -> l.text().split(" passes ").length - 1)
                .sum();
        long arrivals = board().timeline().events().stream()
                .filter(e -> e.kind() == Event.Kind.ARRIVAL)
                .count();
        // 7 carries the ball and shoots in the demo; without the shot it is free to be passed.
        Action shot = board().stage().action("a6").orElseThrow();
        fx(() -> {
            board().selection().choose(shot.id());
            find("#board").requestFocus();
            return null;
        });
        type(KeyCode.DELETE);
        assertTrue(board().stage().action("a6").isEmpty());

        // From where 7's carry ends onto 9.
        Vec from = board().board().route("a2").end();
        Vec nine = board().timeline().pose("p9", 0).at();
        dragOnBoard(from, nine);

        Action pass = board().stage().actions().get(board().stage().actions().size() - 1);
        assertEquals(Cue.next(), pass.cue());
        assertTrue(pass instanceof Action.Pass p && p.to().equals(Spot.at("p9")), pass.toString());
        List<String> script =
                board().script().lines().stream().map(l -> l.text()).toList();
        assertEquals(
                sentences + 1,
                script.stream().mapToInt(l -> l.split(" passes ").length - 1).sum());
        assertTrue(script.get(script.size() - 1).startsWith("Then 7 passes "), script.toString());
        assertEquals(script.size(), ((VBox) find("#script")).getChildren().size());
        Event arrival = board().timeline().events().stream()
                .filter(e -> e.kind() == Event.Kind.ARRIVAL && e.action().equals(pass.id()))
                .findFirst()
                .orElseThrow();
        assertEquals("p9", arrival.who());
        // The shot's arrival is gone, the pass has one instead.
        assertEquals(
                arrivals,
                board().timeline().events().stream()
                        .filter(e -> e.kind() == Event.Kind.ARRIVAL)
                        .count());

        click("#play");
        await(() -> board().head().atProperty().get() > 0.3);
        await(() -> board().head().atProperty().get() >= arrival.t());
        fx(() -> {
            board().head().playingProperty().set(false);
            board().head().atProperty().set(arrival.t());
            return null;
        });
        settle();
        Vec solved = board().timeline().pose("p9", arrival.t()).at();
        assertTrue(solved.distance(nine) > 1, "9 has run meanwhile");
        Color coral = ScreenBrush.colour(Look.SLATE, Ink.CORAL);
        assertTrue(dots(solved, coral) >= 5, "9's token is where it was solved to be");
        assertEquals(0, dots(nine, coral), "and no longer where it began");
        assertEquals("p9", board().timeline().holder("b1", arrival.t()).orElseThrow());

        close();
        open(Request.demo(book()));
        Action again = board().stage().action(pass.id()).orElseThrow();
        assertEquals(pass, again);
        assertTrue(board().stage().actions().contains(pass));
    }

    @Test
    void newDrillIsDrawnFromNothingUndoneAndDoneAgain() throws Exception {
        open(Request.demo(book()).openingNothing());
        begin("basketball court, international", "#new-basketball-intl");
        await(() -> session.board().isPresent());
        settle();
        click("#tool-player");
        clickOnBoard(new Vec(4, 0));
        clickOnBoard(new Vec(8, -4));
        click("#tool-ball");
        clickOnBoard(new Vec(4, 0));
        type(KeyCode.ESCAPE);
        assertEquals(2, board().stage().people().size());
        String first = board().stage().people().get(0).id();
        assertEquals(Optional.of(first), board().stage().balls().get(0).heldBy());

        dragOnBoard(new Vec(4, 0), new Vec(8, -4));
        assertTrue(board().stage().actions().get(0) instanceof Action.Pass);
        dragOnBoard(new Vec(8, -4), new Vec(11.5, -1.5));
        assertTrue(board().stage().actions().get(1) instanceof Travel.Carry);
        assertEquals(Cue.received("a1"), board().stage().actions().get(1).cue());

        type(KeyCode.R);
        assertTrue(board().stage().actions().get(1) instanceof Travel.Run, "one key makes it a run");
        // The first opens the list, the next goes on in it.
        type(KeyCode.E);
        type(KeyCode.E);
        settle();
        assertEquals(Action.Ending.STOP, ((Travel) board().stage().actions().get(1)).ending());
        click("#undo");
        click("#undo");
        click("#undo");
        assertEquals(1, board().stage().actions().size());
        assertEquals("Undo: Chalk a pass", find("#undo").getAccessibleText());
        type(KeyCode.CONTROL, KeyCode.Y);
        assertEquals(2, board().stage().actions().size());

        Vec moved = new Vec(3, 3);
        robot.press(KeyCode.CONTROL);
        dragOnBoard(new Vec(4, 0), moved);
        robot.release(KeyCode.CONTROL);
        settle();
        assertEquals(0, board().stage().people().get(0).at().distance(moved), 0.3, "as near as snapping leaves it");
        await(() -> ((Label) find("#kept")).getText().equals("kept just now"));
        Drill shown = board().drill();
        close();
        try (Book book = Book.open(book())) {
            assertEquals(
                    Ladder.build(shown, "s1").actions(),
                    Ladder.build(book.drills().load(shown.id()), "s1").actions());
            List<String> edits = book.drills().history(shown.id()).stream()
                    .map(Version::edit)
                    .toList();
            assertTrue(edits.contains("Undo: Let it be: stops"), edits.toString());
        }
    }

    @Test
    void wordsStripAndBoardLightUpTogether() throws Exception {
        open(Request.demo(book()));
        fx(() -> {
            board().head().atProperty().set(2.0);
            return null;
        });
        settle();
        assertTrue(Lights.of(board().model()).contains("a2")
                && Lights.of(board().model()).contains("a3"));
        List<Node> lit = ((VBox) find("#script"))
                .getChildren().stream()
                        .filter(n -> n.lookup(".beat-light") != null
                                && n.lookup(".beat-light").isVisible())
                        .toList();
        assertEquals(1, lit.size());
        clickOnBoard(board().board().route("a3").at(13));
        assertEquals("a3", board().selection().action().orElseThrow().id());
        assertTrue(find("#hint").toString().contains("Drag the line to bend it"));
        type(KeyCode.HOME);
        type(KeyCode.SPACE);
        await(() -> board().head().atProperty().get() > 0.2);
        type(KeyCode.SPACE);
        assertFalse(board().head().playingProperty().get());
    }

    @Test
    void handsOutAPictureAndTakesADrillIn() throws Exception {
        open(Request.demo(book()));
        picked = folder.resolve("out.png");
        handOut("Picture (PNG)");
        click("#hand-out-go");
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> Files.exists(picked) && Files.size(picked) > 1000);
        await(() -> ((Label) find("#hand-out-said")).getText().equals("Written: out.png"));

        picked = Files.writeString(folder.resolve("cut.drill.json"), "{\"format\": \"wild-chalk-drill\", ");
        click("#tab-book");
        await(() -> cards() == DEMO);
        click("#import");
        await(() -> ((Label) find("#take-in-summary")).getText().startsWith("1 not sound"));
        await(() -> find("#take-in-list").lookupAll(".label").stream()
                .anyMatch(n -> ((Label) n).getText().contains("the file is cut off here")));
        assertTrue(find("#take-in-go").isDisabled());
        click("#take-in-none");
        await(() -> cards() == DEMO);
    }

    @Test
    void drillIsCopiedRenamedPutAsideAndBroughtBackFromItsCard() throws Exception {
        open(Request.demo(book()).openingNothing());
        await(() -> cards() == DEMO);
        choose("skylark", "Make a copy");
        await(() -> cards() == DEMO + 1);
        choose("skylark-2", "Rename");
        write("Larks");
        type(KeyCode.ENTER);
        await(() -> ((Label) find("#message-text")).getText().equals("It is called Larks now."));
        await(() -> card("skylark-2").getAccessibleText().equals("Larks"));
        choose("ferryman", "Put aside");
        await(() -> cards() == DEMO);
        click("#place-aside");
        await(() -> cards() == 1 && card("ferryman").getStyleClass().contains("aside"));
        choose("ferryman", "Bring back");
        await(() -> cards() == 0);
        click("#place-all");
        await(() -> cards() == DEMO + 1);
        close();
        try (Book book = Book.open(book())) {
            assertEquals(DEMO + 1, book.rows().size());
            assertEquals("Larks", book.drills().load("skylark-2").title());
        }
    }

    @Test
    void undoSurvivesARestart() throws Exception {
        open(Request.demo(book()));
        Drill before = board().drill();
        fx(() -> {
            board().apply(DrillEdits.rename("First"));
            board().apply(DrillEdits.rename("Second"));
            return null;
        });
        close();
        open(Request.demo(book()));
        assertEquals("Second", board().drill().title());
        await(() -> board().document().history().done().size() == 2);
        assertEquals("Undo: Rename drill", find("#undo").getAccessibleText());
        type(KeyCode.CONTROL, KeyCode.Z);
        type(KeyCode.CONTROL, KeyCode.Z);
        assertTrue(before.isLike(board().drill()));
        assertTrue(board().document().history().nextUndo().isEmpty());
    }

    @Test
    void problemIsSaidInWordsAndGoesWhenItIsMended() throws Exception {
        open(Request.demo(book()));
        fx(() -> {
            board().selection().choose("a1");
            return null;
        });
        assertFalse(find("#problems").isVisible());
        type(KeyCode.R);
        assertTrue(find("#problems").isVisible(), "nobody passes to 7 any more");
        assertTrue(((VBox) find("#problems")).getChildren().size() >= 2);
        type(KeyCode.CONTROL, KeyCode.Z);
        assertFalse(find("#problems").isVisible());
    }

    @Test
    void titleIsWrittenAnewOnTheBoard() throws Exception {
        open(Request.demo(book()));
        robot.doubleClickOn("#drill-title");
        type(KeyCode.CONTROL, KeyCode.A);
        write("Revolving door");
        type(KeyCode.ENTER);
        assertEquals("Revolving door", board().drill().title());
        assertEquals(Optional.of("Rename drill"), board().document().history().nextUndo());
    }

    @Test
    void viewIsChosenAndTheDrillRemembersIt() throws Exception {
        open(Request.demo(book()));
        double before = map().scale();
        robot.clickOn("Whole");
        settle();
        assertEquals("whole", board().drill().showing().view());
        assertTrue(map().scale() < before);
        click("#line-key");
        assertEquals(Drill.LineKey.PASSES_PLAIN, board().drill().lineKey());
        close();
        try (Book book = Book.open(book())) {
            assertEquals("whole", book.drills().load("turnstile").showing().view());
        }
    }

    @Test
    void stripShowsAMomentAndChoosesAnAction() throws Exception {
        open(Request.demo(book()));
        Node strip = find("#strip");
        Point2D middle = strip.localToScreen(strip.getLayoutBounds().getWidth() * 0.6, 10);
        robot.moveTo(middle);
        robot.press(MouseButton.PRIMARY);
        robot.release(MouseButton.PRIMARY);
        settle();
        assertTrue(board().head().atProperty().get() > 2, "the play head goes where the strip is pressed");
        Point2D block = strip.localToScreen(strip.getLayoutBounds().getWidth() * 0.4, 22 + 25 + 12);
        robot.moveTo(block);
        robot.press(MouseButton.PRIMARY);
        robot.release(MouseButton.PRIMARY);
        settle();
        assertEquals("a2", board().selection().action().orElseThrow().id());
    }

    @Test
    void bookThatIsNoneGetsAMessageInTheWindow() throws Exception {
        Path notABook = Files.writeString(folder.resolve("Shopping.chalkbook"), "onions, salt");
        open(Request.usual().withBook(notABook));
        String said = ((Label) find("#message-text")).getText();
        assertEquals(
                "Shopping.chalkbook is not a Wild Chalk book. It has been left as it is. "
                        + "Choose another file, or a new name to begin a new book.",
                said);
        assertEquals("onions, salt", Files.readString(notABook));
        assertTrue(stage.isShowing());
        picked = folder.resolve("Other.chalkbook");
        click("#other-book");
        await(() -> find("#book-view") != null);
        assertTrue(Files.exists(picked), "another book is open");
    }

    @Test
    void editThatCannotBeKeptIsSaidInTheWindow() throws Exception {
        open(Request.demo(book()));
        // Somebody else holds the book for writing for longer than the program waits.
        try (var other = DriverManager.getConnection("jdbc:sqlite:" + book());
                var statement = other.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            Platform.runLater(() -> board().apply(DrillEdits.rename("Held up")));
            await(() -> ((Label) find("#message-text")).getText().contains("cannot be written"));
            await(() -> ((Label) find("#kept")).getText().equals("not kept yet: the book cannot be written"));
            statement.execute("ROLLBACK");
        }
        assertEquals("Held up", board().drill().title(), "the edit is still on the board");
        await(() -> ((Label) find("#kept")).getText().equals("all kept"));
        close();
        try (Book book = Book.open(book())) {
            assertEquals(
                    "Held up",
                    book.drills().load("turnstile").title(),
                    "and came into the book when that could be written again");
        }
    }
}

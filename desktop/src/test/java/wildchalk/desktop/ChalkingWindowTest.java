package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.VerticalDirection;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.FlowPane;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;

/** From an empty rink to a drill that plays, and what a hand does with several pieces, in the real window. */
class ChalkingWindowTest extends RealWindow {

    private int gestures;

    @BeforeEach
    void emptyRink() throws Exception {
        Drill empty = Drill.empty("rink", "Empty rink", "ice-rink-na", "whole");
        open(Request.usual().withBook(book()).taking(empty));
        gestures = 0;
    }

    private void click(Vec at) {
        gestures++;
        clickOnBoard(at);
    }

    private void drag(Vec from, Vec to) {
        gestures++;
        dragOnBoard(from, to);
    }

    private void key(KeyCode key) {
        gestures++;
        type(key);
    }

    private static Vec at(double x, double y) {
        return new Vec(x, y);
    }

    /** Three people and a puck on the rink; seven gestures. */
    private void people() {
        key(KeyCode.DIGIT1);
        click(at(-16, -4));
        click(at(-2, -7));
        click(at(-2, 6));
        key(KeyCode.DIGIT4);
        click(at(-16, -4));
        key(KeyCode.ESCAPE);
    }

    @Test
    void sixActionsFromAnEmptyRinkInFourteenGesturesAtMost() throws Exception {
        people();
        drag(at(-16, -4), at(-2, 6));
        drag(at(-2, -7), at(14, -9));
        drag(at(-2, 6), at(12, 5));
        drag(at(12, 5), at(14, -9));
        drag(at(14, -9), at(27.1, 0));
        drag(at(-16, -4), at(6, -1));
        key(KeyCode.SPACE);
        System.out.println("from an empty rink to 6 actions that play: " + gestures + " gestures");
        await(() -> board().head().playingProperty().get()
                && board().head().atProperty().get() > 0.2);
        List<Action> actions = board().stage().actions();
        assertEquals(
                List.of("Pass", "Run", "Carry", "Pass", "Shot", "Run"),
                actions.stream().map(a -> a.getClass().getSimpleName()).toList());
        assertEquals(List.of(), board().timeline().problems());
        assertTrue(gestures <= 14, gestures + " gestures");
    }

    @Test
    void chosenLineSaysWhatItIsAndWhatKeysMakeOfIt() throws Exception {
        people();
        drag(at(-16, -4), at(-2, 6));
        List<String> words = fx(() -> ((FlowPane) find("#line-tag"))
                .getChildren().stream().map(n -> ((Label) n).getText()).toList());
        assertEquals("pass to 3 · on the whistle", words.get(0));
        assertTrue(words.contains("C carry") && words.contains("K pass it high"), words.toString());
        type(KeyCode.K);
        assertEquals(
                "pass high to 3 · on the whistle",
                fx(() -> ((Label) ((FlowPane) find("#line-tag")).getChildren().get(0)).getText()));
        type(KeyCode.ESCAPE);
        assertEquals(false, fx(() -> find("#line-tag").isVisible()));
    }

    @Test
    void severalPiecesAreLassoedMovedAndCopiedToTheOtherEnd() throws Exception {
        people();
        drag(at(-16, -4), at(-2, 6));
        // Away from the middle: at the other end somebody stands on the other side of it.
        drag(at(-2, -7), at(-8, -9));
        lasso(at(-20, -9), at(-20, 9), at(2, 9), at(2, -9.5), at(-20, -9));
        Set<String> chosen = board().selection().chosenProperty().get();
        assertEquals(Set.of("p1", "p2", "p3"), chosen);
        Vec before = board().stage().piece("p1").orElseThrow().at();
        type(KeyCode.RIGHT);
        type(KeyCode.SHIFT, KeyCode.DOWN);
        assertEquals(0, board().stage().piece("p1").orElseThrow().at().distance(before.plus(at(0.5, 0.1))), 1e-9);
        super.click("#copy-end");
        assertEquals(6, board().stage().people().size());
        assertEquals(4, board().stage().actions().size());
        assertEquals(List.of(), board().timeline().problems());
        assertEquals(
                List.of("1", "2", "3", "4", "5", "6"),
                board().stage().people().stream().map(Piece.Person::label).toList());
        // The keyboard is on the board: space plays, and does not press whatever comes next in the window.
        type(KeyCode.SPACE);
        assertTrue(board().head().playingProperty().get());
        type(KeyCode.SPACE);
        for (int i = 0; i < 3; i++) {
            type(KeyCode.CONTROL, KeyCode.Z);
        }
        assertEquals(before, board().stage().piece("p1").orElseThrow().at());
    }

    private void lasso(Vec... loop) {
        robot.moveTo(onScreen(loop[0]));
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i < loop.length; i++) {
            for (int k = 1; k <= 4; k++) {
                robot.moveTo(onScreen(loop[i - 1].towards(loop[i], k / 4.0)));
            }
        }
        robot.release(MouseButton.PRIMARY);
        settle();
    }

    @Test
    void personIsGivenATeamAndALabelOnTheirCard() throws Exception {
        people();
        clickOnBoard(at(-2, -7));
        super.click("#team-sky");
        clickOnBoard(at(-2, -7));
        Piece.Player player = (Piece.Player) board().stage().person("p2").orElseThrow();
        assertEquals(Bib.SKY, player.bib());
        // Of those who have the ball a line onto the other team is a screen; of the others it marks.
        drag(at(-2, 6), at(-2, -7));
        assertEquals(List.of("Run", "Hold"), chalked());
        type(KeyCode.CONTROL, KeyCode.Z);
        drag(at(-2, -7), at(-2, 6));
        assertEquals(List.of("Shadow"), chalked());
    }

    private List<String> chalked() {
        return board().stage().actions().stream()
                .map(a -> a.getClass().getSimpleName())
                .toList();
    }

    @Test
    void playHeadStepsFromBeatToBeatAndPlaysAtAnySpeed() throws Exception {
        people();
        drag(at(-16, -4), at(-2, 6));
        drag(at(-2, 6), at(12, 5));
        double second = board().timeline().beats().get(1).t();
        type(KeyCode.PERIOD);
        assertEquals(second, board().head().atProperty().get(), 0.01);
        type(KeyCode.COMMA);
        assertEquals(0, board().head().atProperty().get(), 0.01);
        take(find("#speed"), "quarter speed");
        assertEquals(0.25, board().head().speedProperty().get());
        type(KeyCode.END);
        assertEquals(board().timeline().duration(), board().head().atProperty().get());
        type(KeyCode.L);
        assertTrue(board().head().loopingProperty().get());
    }

    @Test
    void wheelGoesNearerToWhatIsUnderThePointerAndZeroShowsAllAgain() throws Exception {
        people();
        Stage stage = board().stage();
        robot.moveTo(onScreen(at(-2, -7)));
        robot.scroll(5, VerticalDirection.UP);
        settle();
        // What is under the pointer is still player 2: a drag from there chalks.
        robot.press(MouseButton.PRIMARY);
        robot.moveBy(60, 40);
        robot.moveBy(20, 10);
        robot.release(MouseButton.PRIMARY);
        settle();
        assertEquals(stage.actions().size() + 1, board().stage().actions().size());
        assertEquals("p2", board().stage().actions().get(0).who());
        type(KeyCode.DIGIT0);
        clickOnBoard(at(-2, 6));
        assertEquals(Set.of("p3"), board().selection().chosenProperty().get());
        assertEquals(
                3,
                board().stage().people().stream()
                        .map(Piece::id)
                        .collect(Collectors.toSet())
                        .size());
    }

    @Test
    void chosenLineIsBentByDraggingIt() throws Exception {
        people();
        drag(at(-2, -7), at(14, -7));
        double straight = board().timeline().times("a1").orElseThrow().end();
        dragOnBoard(at(6, -7), at(6, -1));
        TravelPath path = ((Travel) board().stage().action("a1").orElseThrow()).path();
        assertEquals(2, path.through().size());
        assertTrue(path.smooth());
        assertTrue(board().timeline().times("a1").orElseThrow().end() > straight + 0.5);
    }

    @Test
    void partGoesToTheClipboardAndBackAndNonsenseIsRefused() throws Exception {
        people();
        drag(at(-16, -4), at(-2, 6));
        type(KeyCode.CONTROL, KeyCode.A);
        type(KeyCode.CONTROL, KeyCode.C);
        type(KeyCode.CONTROL, KeyCode.V);
        await(() -> board().stage().people().size() == 6);
        assertEquals(2, board().stage().actions().size());
        fx(() -> Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, "milk, bread")));
        type(KeyCode.CONTROL, KeyCode.V);
        await(() -> ((Label) find("#hint")).getText().startsWith("What is on the clipboard is no part of a drill"));
        assertEquals(6, board().stage().people().size());
    }

    @Test
    void coachingPointsAreTypedOneAfterTheOtherAndChangedInPlace() throws Exception {
        super.click("#add-note");
        write("Look up early");
        type(KeyCode.ENTER);
        write("Pass flat");
        type(KeyCode.ENTER);
        assertEquals(List.of("Look up early", "Pass flat"), board().drill().points());
        robot.clickOn("Look up early");
        type(KeyCode.CONTROL, KeyCode.A);
        write("Look up");
        super.click("#add-question");
        write("Who is free?");
        super.click("#board");
        assertEquals(List.of("Look up", "Pass flat"), board().drill().points());
        assertEquals(List.of("Who is free?"), board().drill().questions());
    }

    @Test
    void wordsThatSayWhatSetsItOffOfferOtherMoments() throws Exception {
        people();
        drag(at(-16, -4), at(-2, 6));
        drag(at(-2, -7), at(14, -9));
        type(KeyCode.ESCAPE);
        // Two actions on the whistle share a sentence; its cue is that of the first. One of its own has its own.
        type(KeyCode.PERIOD);
        fx(() -> {
            board().selection().choose("a2");
            find("#board").requestFocus();
            return null;
        });
        type(KeyCode.W);
        robot.clickOn("as 3 receives");
        settle();
        assertEquals(
                Cue.received("a1"), board().stage().action("a2").orElseThrow().cue());
        robot.clickOn("As 3 receives");
        robot.clickOn("half a second later");
        settle();
        assertEquals(0.5, board().stage().action("a2").orElseThrow().cue().delay());
    }

    @Test
    void sixActionsThatPlayAreMadeByKeysAlone() throws Exception {
        fx(() -> {
            find("#board").requestFocus();
            return null;
        });
        key(KeyCode.DIGIT1);
        led(KeyCode.LEFT, 12);
        led(KeyCode.UP, 8);
        led(KeyCode.RIGHT, 18);
        key(KeyCode.DIGIT4);
        press(KeyCode.LEFT, 18);
        led(KeyCode.DOWN, 8);
        key(KeyCode.ESCAPE);
        assertEquals(3, board().stage().people().size());
        assertEquals("p1", board().stage().balls().get(0).heldBy().orElse(""));
        line("p1", KeyCode.UP, 8);
        line("p3", KeyCode.RIGHT, 6);
        line("p2", KeyCode.DOWN, 5);
        key(KeyCode.ENTER);
        led(KeyCode.RIGHT, 4);
        line("p1", KeyCode.RIGHT, 8);
        line("p3", KeyCode.DOWN, 6);
        key(KeyCode.SPACE);
        System.out.println("by keys alone, six actions that play: " + gestures + " keys");
        await(() -> board().head().playingProperty().get());
        assertEquals(
                List.of("Pass", "Run", "Carry", "Carry", "Run", "Run"),
                board().stage().actions().stream()
                        .map(a -> a.getClass().getSimpleName())
                        .toList());
        assertEquals(List.of(), board().timeline().problems());
    }

    @Test
    void piecesAreChosenByWhatTheyAreCalledAndSpacedEvenly() throws Exception {
        people();
        type(KeyCode.CONTROL, KeyCode.K);
        await(() -> stage.getScene().getFocusOwner() instanceof TextInputControl);
        write("everyone");
        type(KeyCode.ENTER);
        await(() -> board().selection().chosenProperty().get().equals(Set.of("p1", "p2", "p3")));
        super.click("#space-evenly");
        List<Vec> places = board().stage().people().stream()
                .map(Piece::at)
                .sorted((a, b) -> Double.compare(a.y(), b.y()))
                .toList();
        assertEquals(0, places.get(1).distance(places.get(0).towards(places.get(2), 0.5)), 1e-6);
        type(KeyCode.CONTROL, KeyCode.K);
        await(() -> stage.getScene().getFocusOwner() instanceof TextInputControl);
        write("walrus");
        type(KeyCode.ENTER);
        type(KeyCode.ESCAPE);
        assertEquals(null, find("#find-card"));
    }

    @Test
    void wordsStripAndLadderCanBeHiddenForTheBoard() throws Exception {
        double before = fx(() -> find("#board").getLayoutBounds().getWidth());
        // Firing a check item does not tick it; on the screen the menu does that.
        tick("words", false);
        tick("ladder", false);
        await(() -> find("#board").getLayoutBounds().getWidth() > before + 300);
        assertEquals(false, fx(() -> find("#call-sheet").isVisible()));
        tick("words", true);
        assertEquals(true, fx(() -> find("#call-sheet").isVisible()));
    }

    private void tick(String item, boolean on) throws Exception {
        fx(() -> {
            items(((MenuButton) find("#show")).getItems())
                    .filter(m -> item.equals(m.getText()))
                    .forEach(m -> ((CheckMenuItem) m).setSelected(on));
            return null;
        });
        settle();
    }

    private void press(KeyCode key, int times) {
        for (int i = 0; i < times; i++) {
            key(key);
        }
    }

    private void led(KeyCode key, int times) {
        press(key, times);
        key(KeyCode.ENTER);
    }

    /** Tab until somebody is chosen, Enter, arrows, Enter. */
    private void line(String who, KeyCode arrow, int times) throws Exception {
        fx(() -> {
            board().selection().choose();
            find("#board").requestFocus();
            return null;
        });
        for (int i = 0; i < 8 && !board().selection().chosenProperty().get().equals(Set.of(who)); i++) {
            key(KeyCode.TAB);
            // Now and then a virtual display loses a key, and with it who has the keys.
            fx(() -> {
                find("#board").requestFocus();
                return null;
            });
        }
        assertEquals(Set.of(who), board().selection().chosenProperty().get());
        key(KeyCode.ENTER);
        led(arrow, times);
    }
}

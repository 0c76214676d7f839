package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Pane;
import javafx.stage.Window;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.script.Script;
import wildchalk.desktop.paint.ScreenBrush;

/** What is drawn is changed: its lines, its words, its strip; in the real window. */
class EditingWindowTest extends RealWindow {

    private static final Vec FEEDER = new Vec(-20, 0);
    private static final Vec RUNNER = new Vec(0, -12);
    private static final Vec OTHER = new Vec(0, 12);

    /** A pass to a runner who runs on, and somebody else who runs on the whistle. */
    @BeforeEach
    void threePeople() throws Exception {
        open(Request.usual().withBook(book()).taking(Drill.empty("field", "Three on a field", "rugby-union", "whole")));
        type(KeyCode.DIGIT1);
        clickOnBoard(FEEDER);
        clickOnBoard(RUNNER);
        clickOnBoard(OTHER);
        type(KeyCode.DIGIT4);
        clickOnBoard(FEEDER);
        type(KeyCode.ESCAPE);
        dragOnBoard(FEEDER, RUNNER);
        dragOnBoard(RUNNER, new Vec(25, -12));
        dragOnBoard(OTHER, new Vec(20, 12));
        assertEquals(List.of(), board().timeline().problems());
    }

    private Action action(int i) {
        return board().stage().actions().get(i);
    }

    private void choose(String... ids) throws Exception {
        fx(() -> {
            board().selection().choose(ids);
            return null;
        });
        settle();
    }

    @Test
    void lineIsCutAndTurnedRound() throws Exception {
        choose(action(2).id());
        robot.moveTo(onScreen(new Vec(10, 12)));
        type(KeyCode.X);
        assertEquals(4, board().stage().actions().size());
        List<Action> halves = board().stage().actionsOf(action(2).who());
        assertEquals(new Cue.Next(), halves.get(1).cue().trigger());
        assertEquals(10, board().board().route(halves.get(0).id()).end().x(), 1);
        type(KeyCode.CONTROL, KeyCode.Z);
        choose(action(2).id());
        double before = board().board().route(action(2).id()).length();
        type(KeyCode.V);
        assertEquals(before, board().board().route(action(2).id()).length(), 0.1);
        assertEquals(0, board().board().route(action(2).id()).end().distance(OTHER), 0.5);
    }

    @Test
    void passIsSentToSomebodyElseAndAnEndIsMoved() throws Exception {
        choose(action(0).id());
        dragOnBoard(FEEDER.towards(RUNNER, 0.5), OTHER);
        assertEquals(Spot.at(board().stage().people().get(2).id()), ((Action.Pass) action(0)).to());
        choose(action(2).id());
        robot.press(KeyCode.CONTROL);
        dragOnBoard(board().board().route(action(2).id()).end(), new Vec(30, 20));
        robot.release(KeyCode.CONTROL);
        assertEquals(0, board().board().route(action(2).id()).end().distance(new Vec(30, 20)), 1);
        assertEquals(3, board().stage().actions().size());
    }

    @Test
    void noseIsTurnedAndWhatIsDroppedOutsideGoesBack() throws Exception {
        String who = board().stage().people().get(2).id();
        choose(who);
        double unit = board().board().frame().unit();
        double facing = board().stage().person(who).orElseThrow().facing();
        dragOnBoard(OTHER.plus(Vec.polar(unit * 1.3, facing)), OTHER.plus(new Vec(0, 6)));
        assertEquals(Math.PI / 2, board().stage().person(who).orElseThrow().facing(), 0.01);
        Drill before = board().drill();
        type(KeyCode.M);
        dragOnBoard(OTHER, new Vec(0, 60));
        assertEquals(before, board().drill());
        assertTrue(
                ((Label) find("#hint")).getText().contains("outside the run-off"), ((Label) find("#hint")).getText());
    }

    @Test
    void whatCannotHappenIsMarkedAndMendedWithOneKey() throws Exception {
        choose(action(0).id());
        type(KeyCode.DELETE);
        choose(action(0).id());
        type(KeyCode.C);
        String lost = board().timeline().problems().get(0).action();
        choose(lost);
        assertTrue(
                find("#line-tag").getAccessibleText().contains("has no ball"),
                find("#line-tag").getAccessibleText());
        type(KeyCode.F);
        assertEquals(List.of(), board().timeline().problems());
    }

    @Test
    void wordOfTheSheetMakesSomebodyElseDoIt() throws Exception {
        Node who = find("#script").lookupAll("*").stream()
                .filter(n -> n.getUserData() instanceof Script.Phrase p
                        && p.part() == Script.Part.WHAT
                        && p.action().equals(action(2).id()))
                .findFirst()
                .orElseThrow();
        robot.moveTo(who);
        robot.press(MouseButton.PRIMARY);
        robot.release(MouseButton.PRIMARY);
        await(() -> menu("phrase-menu") != null);
        fx(() -> {
            ContextMenu menu = menu("phrase-menu");
            menu.getItems().stream()
                    .filter(i -> i.getText() != null
                            && i.getText().toLowerCase(Locale.ROOT).contains("back"))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            menu.hide();
            return null;
        });
        settle();
        assertEquals(Action.Gait.BACK, ((Travel.Run) action(2)).gait());
    }

    private static ContextMenu menu(String id) {
        return Window.getWindows().stream()
                .filter(w -> w instanceof ContextMenu m && id.equals(m.getId()) && m.isShowing())
                .map(ContextMenu.class::cast)
                .findFirst()
                .orElse(null);
    }

    @Test
    void blockOfTheStripIsPulledToWaitForSomebodyElse() throws Exception {
        Pane strip = (Pane) ((Pane) find("#strip")).lookup(".viewport").lookup(".strip-content");
        double second = (strip.getWidth() - 72)
                / Math.max(4, Math.ceil(board().timeline().duration() + 0.4));
        double arrival = board().timeline().times(action(0).id()).orElseThrow().arrival();
        double start = board().timeline().times(action(2).id()).orElseThrow().start();
        // The third row begins on the whistle, as soon as that was heard; the second is where the pass arrives.
        drag(
                strip.localToScreen(56 + 12 + second * start, 22 + 25 * 2.5),
                strip.localToScreen(56 + 12 + second * arrival, 22 + 25 * 1.5));
        assertEquals(Cue.received(action(0).id()), action(2).cue());
        double reaction = board().timeline().times(action(2).id()).orElseThrow().start()
                - board().timeline().times(action(0).id()).orElseThrow().arrival();
        assertEquals(0.3, reaction, 1e-6);
        drag(
                strip.localToScreen(56 + second * (arrival + reaction) + 12, 22 + 25 * 2.5),
                strip.localToScreen(56 + 12 + second * (arrival + 1), 22 + 25 * 2.5));
        assertEquals(1, action(2).cue().delay(), 0.11);
        assertEquals(Cue.received(action(0).id()).trigger(), action(2).cue().trigger());
    }

    @Test
    void commandsAndDrillsAreFoundByName() throws Exception {
        type(KeyCode.CONTROL, KeyCode.K);
        await(() -> stage.getScene().getFocusOwner() instanceof TextInputControl);
        write("ground");
        type(KeyCode.ENTER);
        assertEquals(Look.TURF, board().viewing().lookProperty().get());
        assertTrue(dots(new Vec(-5, 3), ScreenBrush.colour(Look.TURF, Ink.BOARD)) > 0, "the board is green");
        type(KeyCode.CONTROL, KeyCode.K);
        await(() -> stage.getScene().getFocusOwner() instanceof TextInputControl);
        write("trails");
        type(KeyCode.ENTER);
        assertTrue(board().viewing().aidsProperty().get().trails());
    }

    @Test
    void spaceBarMovesWhatIsLookedAtFromNearAndElsePlays() throws Exception {
        robot.moveTo(onScreen(FEEDER));
        robot.scroll(5, VerticalDirection.UP);
        settle();
        Vec before = fx(this::firstPlace);
        robot.press(KeyCode.SPACE);
        drag(find("#board").localToScreen(200, 200), find("#board").localToScreen(260, 220));
        robot.release(KeyCode.SPACE);
        settle();
        assertNotEquals(before, fx(this::firstPlace));
        assertFalse(board().head().playingProperty().get());
        assertEquals(3, board().stage().actions().size());
        type(KeyCode.SPACE);
        assertTrue(board().head().playingProperty().get());
    }

    /** Where the first person's token is shown, in pixels. */
    private Vec firstPlace() {
        Node token = find("#board")
                .lookupAll("#token-" + board().stage().people().get(0).id())
                .iterator()
                .next();
        return new Vec(token.getTranslateX(), token.getTranslateY());
    }

    /** A screen reader says the name of what has the keyboard: whatever can have it has one. */
    @Test
    void everythingThatCanHaveTheKeyboardHasAName() throws Exception {
        assertEquals(List.of(), fx(this::nameless));
        choose(board().stage().people().get(0).id());
        assertEquals(List.of(), fx(this::nameless), "with a card of a person");
        fx(() -> {
            board().selection()
                    .choose(board().stage().people().stream().map(p -> p.id()).toArray(String[]::new));
            return null;
        });
        assertEquals(List.of(), fx(this::nameless), "with a card of several");
        for (KeyCode tool : List.of(KeyCode.DIGIT5, KeyCode.DIGIT8, KeyCode.DIGIT9)) {
            type(tool);
            assertEquals(List.of(), fx(this::nameless), "with " + tool);
        }
        type(KeyCode.ESCAPE);
        assertTrue(find("#board").getAccessibleText().contains("Tab goes from piece to piece"));
        choose(action(0).id());
        assertTrue(
                find("#board").getAccessibleText().contains("pass"),
                find("#board").getAccessibleText());
        click("#tab-book");
        assertEquals(List.of(), fx(this::nameless), "in the book");
    }

    private List<String> nameless() {
        return stage.getScene().getRoot().lookupAll("*").stream()
                .filter(n -> n.isFocusTraversable() && n.isVisible())
                .filter(n -> !(n instanceof Labeled l
                                && l.getText() != null
                                && l.getText().matches(".*[A-Za-z0-9].*"))
                        && (n.getAccessibleText() == null
                                || n.getAccessibleText().isBlank()))
                .map(n -> n.getClass().getSimpleName() + " #" + n.getId() + " " + n.getStyleClass())
                .distinct()
                .toList();
    }
}

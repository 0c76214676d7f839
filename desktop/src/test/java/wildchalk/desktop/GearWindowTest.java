package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Counts;
import wildchalk.storage.book.Book;

/** Puts gear down, measures and sets out in the real window. */
class GearWindowTest extends RealWindow {

    private void openEmptyPitch() throws Exception {
        open(Request.demo(book()).openingNothing());
        begin("football pitch", "#new-football-11");
        await(() -> session.board().isPresent() && find("#board") != null);
        settle();
        // Keys go to the page as soon as it has them; on a slow machine that is after it is there.
        fx(() -> {
            find("#board").requestFocus();
            return null;
        });
    }

    private List<Piece.Item> items() {
        return board().stage().pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .map(Piece.Item.class::cast)
                .toList();
    }

    private Label tag() {
        return (Label) find("#stroke-tag");
    }

    private void write(String field, String text) throws Exception {
        fx(() -> {
            ((TextField) find(field)).requestFocus();
            ((TextField) find(field)).setText(text);
            return null;
        });
        type(KeyCode.ENTER);
    }

    @Test
    void conesSnapToWhatIsMeantAndTypedDistancesAreExact() throws Exception {
        openEmptyPitch();
        type(KeyCode.DIGIT3);
        // A hand's breadth beside the penalty spot.
        clickOnBoard(new Vec(41.6, 0.1));
        assertEquals(new Vec(41.5, 0), items().get(0).at());
        robot.moveTo(onScreen(new Vec(33, 1)));
        robot.press(MouseButton.PRIMARY);
        type(KeyCode.DIGIT7);
        type(KeyCode.PERIOD);
        type(KeyCode.DIGIT3);
        assertTrue(tag().getText().startsWith("7.3 m"), tag().getText());
        assertTrue(tag().getText().contains("from yellow cone"), tag().getText());
        robot.release(MouseButton.PRIMARY);
        settle();
        assertEquals(7.3, items().get(1).at().distance(new Vec(41.5, 0)), 0.001);
        type(KeyCode.ESCAPE);
        assertTrue(((VBox) find("#script")) != null
                && Counts.of(board().stage(), board().surface()).contains("2 cones"));
    }

    @Test
    void altFreesTheHand() throws Exception {
        openEmptyPitch();
        type(KeyCode.DIGIT3);
        robot.press(KeyCode.ALT);
        clickOnBoard(new Vec(42.2, 0.5));
        robot.release(KeyCode.ALT);
        settle();
        assertEquals(0, items().get(0).at().distance(new Vec(42.2, 0.5)), 0.2);
        assertTrue(items().get(0).at().distance(new Vec(41.5, 0)) > 0.5, "not on the penalty spot");
    }

    @Test
    void figureStaysAdjustableUntilItIsPutDown() throws Exception {
        openEmptyPitch();
        type(KeyCode.DIGIT8);
        click("#pattern-circle");
        dragOnBoard(new Vec(20, 0), new Vec(25, 0));
        assertEquals(0, items().size(), "nothing is put down yet");
        assertEquals(8, board().shown().stage().pieces().size());
        click("#pattern-count-more");
        click("#pattern-count-more");
        assertEquals(10, board().shown().stage().pieces().size());
        dragOnBoard(new Vec(25, 0), new Vec(28, 0));
        type(KeyCode.ENTER);
        assertEquals(10, items().size());
        items().forEach(i -> assertEquals(8, i.at().distance(new Vec(20, 0)), 0.01));
        assertEquals(
                Optional.of("Place circle of 10 cones"),
                board().document().history().nextUndo());
        type(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(0, items().size(), "one undo takes the whole figure back");
    }

    @Test
    void enterPutsAFigureDownAfterItsCardWasUsedAndEscapeLaysItBackOnly() throws Exception {
        openEmptyPitch();
        type(KeyCode.DIGIT8);
        click("#pattern-circle");
        dragOnBoard(new Vec(20, 0), new Vec(25, 0));
        click("#pattern-count-more");
        type(KeyCode.ESCAPE);
        assertEquals(0, board().shown().stage().pieces().size(), "it is laid back");
        type(KeyCode.ENTER);
        assertEquals(9, board().shown().stage().pieces().size(), "and taken up again as it was");
        click("#pattern-count-more");
        type(KeyCode.ENTER);
        assertEquals(10, items().size(), "Enter does not press the button once more");
    }

    @Test
    void typedDistanceIsMeasuredFromWhatIsThereAfterAnUndo() throws Exception {
        openEmptyPitch();
        type(KeyCode.DIGIT3);
        clickOnBoard(new Vec(20, 0));
        clickOnBoard(new Vec(26, 0));
        type(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(1, items().size());
        robot.moveTo(onScreen(new Vec(27, 3)));
        robot.press(MouseButton.PRIMARY);
        robot.moveTo(onScreen(new Vec(28, 4)));
        type(KeyCode.DIGIT5);
        letGo();
        settle();
        assertEquals(2, items().size());
        assertEquals(5, items().get(1).at().distance(items().get(0).at()), 0.01);
    }

    @Test
    void gearIsChosenColouredTurnedAndCounted() throws Exception {
        openEmptyPitch();
        type(KeyCode.DIGIT5);
        click("#gear-ladder");
        clickOnBoard(new Vec(20, -10));
        type(KeyCode.ESCAPE);
        clickOnBoard(new Vec(20, -10));
        assertEquals(GearKind.LADDER, items().get(0).kind());
        type(KeyCode.CLOSE_BRACKET);
        assertEquals(Math.toRadians(15), items().get(0).facing(), 1e-9);
        write("#piece-depth", "6");
        assertEquals(6, items().get(0).depth(), 1e-9);
        assertTrue(Counts.of(board().stage(), board().surface()).contains("1 ladder"));
    }

    @Test
    void tapeIsPinnedAndKeptWithTheStage() throws Exception {
        openEmptyPitch();
        type(KeyCode.T);
        clickOnBoard(new Vec(52.5, -3.66));
        clickOnBoard(new Vec(52.5, 3.66));
        type(KeyCode.ENTER);
        type(KeyCode.ESCAPE);
        Piece.Tape tape = (Piece.Tape) board().stage().pieces().get(0);
        assertEquals(7.32, tape.points().get(0).distance(tape.points().get(1)), 1e-9, "it snapped to both posts");
        await(() -> ((Label) find("#kept")).getText().equals("kept just now"));
        Drill shown = board().drill();
        close();
        try (Book book = Book.open(book())) {
            assertEquals(shown, book.drills().load(shown.id()));
        }
    }

    @Test
    void strokeSaysItsLengthAndTypingSetsIt() throws Exception {
        openEmptyPitch();
        type(KeyCode.DIGIT1);
        clickOnBoard(new Vec(10, 10));
        type(KeyCode.ESCAPE);
        robot.moveTo(onScreen(new Vec(10, 10)));
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i <= 8; i++) {
            robot.moveTo(onScreen(new Vec(10 + i, 10)));
        }
        type(KeyCode.DIGIT1);
        type(KeyCode.DIGIT2);
        assertTrue(tag().getText().contains("12.0 m · 16 paces"), tag().getText());
        robot.release(MouseButton.PRIMARY);
        settle();
        String action = board().stage().actions().get(0).id();
        assertEquals(12, board().board().route(action).length(), 0.01);
    }

    @Test
    void escapeDropsWhatTheHandHolds() throws Exception {
        openEmptyPitch();
        type(KeyCode.DIGIT1);
        clickOnBoard(new Vec(10, 10));
        type(KeyCode.ESCAPE);
        Drill before = board().drill();
        robot.moveTo(onScreen(new Vec(10, 10)));
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i <= 6; i++) {
            robot.moveTo(onScreen(new Vec(10 + 2 * i, 10)));
        }
        type(KeyCode.ESCAPE);
        robot.moveTo(onScreen(new Vec(30, 20)));
        robot.release(MouseButton.PRIMARY);
        settle();
        assertEquals(before, board().drill());
        assertFalse(tag().isVisible());
    }

    @Test
    void sheetStandsBesideTheBoardAndFollowsTheGear() throws Exception {
        open(Request.demo(book()));
        click("#sheet-set-out");
        await(() -> find("#set-out-rows") != null && rows() == 4);
        String before = ((Label) find("#set-out-summary")).getText();
        assertTrue(before.startsWith("Start at the 23 m line at the left sideline."), before);
        Piece cone = board().stage().pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .findFirst()
                .orElseThrow();
        dragOnBoard(cone.at(), cone.at().plus(new Vec(-6, 0)));
        await(() -> !((Label) find("#set-out-summary")).getText().equals(before));
        assertEquals(4, rows());
        picked = folder.resolve("sheet.pdf");
        handOut("Set-out sheet (PDF)");
        click("#hand-out-go");
        await(() -> Files.exists(picked) && Files.size(picked) > 1000);
        assertEquals("%PDF", new String(Files.readAllBytes(picked), 0, 4, java.nio.charset.StandardCharsets.US_ASCII));
    }

    private int rows() {
        return (int) ((VBox) find("#set-out-rows"))
                .getChildren().stream().filter(r -> r.getUserData() != null).count();
    }

    @Test
    void sizesUnitsAndTheWayUpAreKept() throws Exception {
        openEmptyPitch();
        click("#sizes");
        write("#size-length", "95");
        assertEquals(95, board().surface().length(), 1e-9);
        write("#size-length", "500");
        assertEquals(120, board().surface().length(), 1e-9, "never outside the range");
        click("#turn-board");
        assertEquals(Attack.DOWN, board().drill().showing().attack());
        click("#units");
        click("#unit-yd");
        assertEquals(Unit.YARDS, board().viewing().unitsProperty().get().unit());
        await(() -> ((Label) find("#kept")).getText().equals("kept just now"));
        String id = board().drill().id();
        close();
        open(Request.demo(book()).openingNothing());
        await(() -> find("#card-" + id) != null);
        robot.clickOn("#card-" + id);
        await(() -> session.board().isPresent());
        await(() -> board().viewing().unitsProperty().get().unit() == Unit.YARDS);
        assertEquals(Attack.DOWN, board().drill().showing().attack());
        assertEquals(120, board().surface().length(), 1e-9);
    }

    @Test
    void frameRoundAPartIsShownAndRemembered() throws Exception {
        openEmptyPitch();
        take(find("#view-menu"), "Draw a frame round a part …");
        dragOnBoard(new Vec(20, -15), new Vec(45, 10));
        assertTrue(board().drill().showing().crop().isPresent());
        assertEquals(25, board().drill().showing().crop().get().width(), 0.5);
        Node part = find("#view-menu");
        assertEquals("Part", ((MenuButton) part).getText());
        assertFalse(board().drill().showing().box(board().surface()).contains(new Vec(0, 0)));
    }
}

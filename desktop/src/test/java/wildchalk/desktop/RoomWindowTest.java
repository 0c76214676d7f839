package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.geometry.Vec;

/** How the window is shared out, in the real window: the board has what words, strip and ladder do not need. */
class RoomWindowTest extends RealWindow {

    private final Drill court = Drill.empty("court", "Empty court", "netball", "whole");

    @BeforeEach
    void openAnEmptyCourt() throws Exception {
        open(Request.usual().withBook(book()).taking(court));
        wide();
    }

    private void wide() throws Exception {
        fx(() -> {
            stage.setWidth(1280);
            stage.setHeight(800);
            return null;
        });
        await(() -> stage.getScene().getWidth() >= 1270);
        settle();
    }

    private Bounds bounds(String id) throws Exception {
        return fx(() -> find(id).getLayoutBounds());
    }

    private double share() throws Exception {
        Bounds board = bounds("#board");
        return board.getWidth() * board.getHeight() / (1280 * 800);
    }

    private void fivePeopleWhoRun() throws Exception {
        type(KeyCode.DIGIT1);
        for (int i = 0; i < 5; i++) {
            clickOnBoard(new Vec(-10, -5 + 2.5 * i));
        }
        type(KeyCode.ESCAPE);
        for (int i = 0; i < 5; i++) {
            dragOnBoard(new Vec(-10, -5 + 2.5 * i), new Vec(6, -5 + 2.5 * i));
        }
        assertEquals(5, board().stage().actions().size());
    }

    @Test
    void boardIsTheLargestThingThereIsAndStaysAsItIsWhileFivePeopleAreDrawn() throws Exception {
        Bounds before = bounds("#board");
        fivePeopleWhoRun();
        assertTrue(share() >= 0.45, "the board has " + share());
        assertEquals(before, bounds("#board"), "it does not change its size with every new line");
        double strip = fx(() -> find("#strip").getLayoutBounds().getHeight());
        assertTrue(strip >= 22 + 5 * 22, "all five rows are seen: " + strip);
    }

    @Test
    void oneKeyGivesTheBoardAllOfItAndTakesItBack() throws Exception {
        fivePeopleWhoRun();
        double before = share();
        type(KeyCode.H);
        await(() -> !find("#call-sheet").isVisible());
        settle();
        assertTrue(share() > 0.85, "the board has " + share());
        dragOnBoard(new Vec(6, 0), new Vec(12, 3));
        assertEquals(6, board().stage().actions().size(), "and can be drawn on");
        type(KeyCode.H);
        await(() -> find("#call-sheet").isVisible());
        await(() -> {
            Bounds b = find("#board").getLayoutBounds();
            return Math.abs(b.getWidth() * b.getHeight() / (1280 * 800) - before) < 0.001;
        });
    }

    @Test
    void pulledEdgesAreRememberedInTheBook() throws Exception {
        double before = bounds("#board").getWidth();
        pull("#words-edge", 60, 0);
        await(() -> find("#board").getLayoutBounds().getWidth() < before - 40);
        double narrow = bounds("#board").getWidth();
        pull("#strip-edge", 0, -50);
        double low = bounds("#board").getHeight();
        close();
        open(Request.usual().withBook(book()).taking(court));
        wide();
        await(() -> Math.abs(find("#board").getLayoutBounds().getWidth() - narrow) < 2);
        await(() -> Math.abs(find("#board").getLayoutBounds().getHeight() - low) < 2);
    }

    private void pull(String edge, double right, double down) throws Exception {
        Point2D at = fx(() -> {
            Bounds b = find(edge).localToScreen(find(edge).getLayoutBounds());
            return new Point2D(b.getCenterX(), b.getCenterY());
        });
        robot.moveTo(at);
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i <= 6; i++) {
            robot.moveTo(at.add(right * i / 6, down * i / 6));
        }
        letGo();
        settle();
    }
}

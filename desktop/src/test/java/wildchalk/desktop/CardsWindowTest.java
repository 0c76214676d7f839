package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertNull;

import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.geometry.Vec;

/** Cards on the board, in the real window: they lie beside what they are about, and go with it. */
class CardsWindowTest extends RealWindow {

    private final Drill court = Drill.empty("court", "Empty court", "handball", "whole");

    @BeforeEach
    void openAnEmptyCourt() throws Exception {
        open(Request.usual().withBook(book()).taking(court));
    }

    @Test
    void cardLiesBesideWhoeverItIsAboutInWhicheverCornerTheyStand() throws Exception {
        for (Vec corner : new Vec[] {new Vec(-18, 9), new Vec(18, 9), new Vec(-18, -9), new Vec(0, 9)}) {
            type(KeyCode.DIGIT1);
            clickOnBoard(corner);
            type(KeyCode.ESCAPE);
            clickOnBoard(corner);
            settle();
            Point2D at = onScreen(corner);
            Bounds card = fx(() -> {
                var node = find("#piece-card");
                return node.localToScreen(node.getLayoutBounds());
            });
            assertFalse(card.contains(at), "the card hides " + corner);
            type(KeyCode.ESCAPE);
        }
    }

    @Test
    void cardOfAFreezeGoesWhenTheFreezeIsUndone() throws Exception {
        type(KeyCode.Q);
        settle();
        assertNotNull(fx(() -> stage.getScene().lookup("#freeze-card")));
        type(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertEquals(0, board().stage().instructions(Instruction.Freeze.class).size());
        assertNull(fx(() -> stage.getScene().lookup("#freeze-card")));
    }
}

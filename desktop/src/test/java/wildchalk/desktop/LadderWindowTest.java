package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;

/** Rungs in the real window: one more on top, what follows the one below, names, and taking one away. */
class LadderWindowTest extends RealWindow {

    private Drill before;

    @BeforeEach
    void oneMoreOnTop() throws Exception {
        open(Request.demo(book()));
        before = board().drill();
        click("#rung-harder");
        await(() -> board().rung().equals("s2"));
    }

    private Piece cone() {
        return board().stage().pieces().stream().filter(Piece.Item.class::isInstance).findFirst().orElseThrow();
    }

    private String differs() throws Exception {
        return fx(() -> ((Label) find("#rung-differs")).getText());
    }

    @Test
    void whatIsChangedBelowComesUpAndWhatIsChangedHereStays() throws Exception {
        assertTrue(differs().startsWith("Like the rung it was made from"), differs());
        Vec home = cone().at();
        dragOnBoard(home, home.plus(new Vec(-6, 0)));
        Vec here = cone().at();
        assertTrue(differs().contains("yellow cone") && differs().contains("moved"), differs());
        click("#rung-s1");
        assertEquals("s1", board().rung());
        assertEquals(home, cone().at());
        assertFalse(fx(() -> find("#rung-differs").isVisible()), "the lowest differs from nothing");
        type(KeyCode.DIGIT1);
        clickOnBoard(new Vec(0, 15));
        await(() -> ((Label) find("#hint")).getText().equals("Also on rung 2."));
        int people = board().stage().people().size();
        click("#rung-s2");
        assertEquals(people, board().stage().people().size(), "somebody new below is here as well");
        assertEquals(here, cone().at());
    }

    @Test
    void rungIsNamedTakenAwayAndBroughtBack() throws Exception {
        take((MenuButton) find("#rung-menu-s2"), "Rename");
        write("live");
        type(KeyCode.ENTER);
        await(() -> board().drill().ladder().get(1).title().equals("live") || board().drill().ladder().get(1).title().equals("Live"));
        take((MenuButton) find("#rung-menu-s2"), "Remove");
        await(() -> board().rung().equals("s1"));
        assertEquals(1, board().drill().ladder().size());
        type(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(2, board().drill().ladder().size());
        while (board().history().nextUndo().isPresent()) {
            type(KeyCode.CONTROL, KeyCode.Z);
        }
        assertEquals(before, board().drill());
        assertEquals(Ladder.build(before, "s1"), board().stage());
    }
}

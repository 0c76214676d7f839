package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;

import javafx.scene.control.Button;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.End;

/** The small arrows of the teams, in the real window. */
class EndsWindowTest extends RealWindow {

    private final Drill court = Drill.empty("court", "Empty court", "futsal", "whole");

    @BeforeEach
    void openAnEmptyCourt() throws Exception {
        open(Request.usual().withBook(book()).taking(court));
    }

    private End end(Bib team) throws Exception {
        return fx(() -> new Ends(board().stage(), board().surface())
                .atStart(team)
                .orElseThrow()
                .end());
    }

    private double turned(String arrow) throws Exception {
        return fx(() -> ((Button) find(arrow)).getGraphic().getRotate());
    }

    private void one(Bib team, Vec at) throws Exception {
        fx(() -> {
            String id = board().freeIds().take("p");
            board().apply(PieceEdits.place(board().rung(), new Piece.Player(id, at, 0, "7", team)));
            return null;
        });
        settle();
    }

    @Test
    void oneClickTurnsATeamRoundAndUndoTurnsItBack() throws Exception {
        one(Bib.CORAL, new Vec(-8, 0));
        one(Bib.SKY, new Vec(8, 0));
        assertEquals(0, turned("#end-coral"), 1e-9);
        assertEquals(180, turned("#end-sky"), 1e-9);
        click("#end-sky");
        settle();
        assertEquals(End.GOAL, end(Bib.SKY));
        assertEquals(0, turned("#end-sky"), 1e-9);
        assertEquals(180, turned("#end-coral"), 1e-9);
        fx(() -> {
            board().document().undo();
            return null;
        });
        settle();
        assertEquals(End.OWN_GOAL, end(Bib.SKY));
        assertEquals(180, turned("#end-sky"), 1e-9);
    }
}

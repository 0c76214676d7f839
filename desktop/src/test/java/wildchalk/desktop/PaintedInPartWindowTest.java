package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;

import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Look;

/** After an edit only what has changed is painted; it must look as if all had been. */
class PaintedInPartWindowTest extends RealWindow {

    /** Softened edges and the grain of chalk may differ by a hair where two parts meet. */
    private static final double HAIR = 0.06;

    @BeforeEach
    void aBusyBoard() throws Exception {
        open(Request.demo(book()));
    }

    private WritableImage picture() throws Exception {
        settle();
        return fx(() -> find("#board").snapshot(null, null));
    }

    private void look(Look look) throws Exception {
        fx(() -> {
            board().viewing().lookProperty().set(look);
            return null;
        });
    }

    private void looksAsPaintedWhole(String after) throws Exception {
        WritableImage part = picture();
        Look now = board().viewing().lookProperty().get();
        look(now == Look.PAPER ? Look.SLATE : Look.PAPER);
        look(now);
        WritableImage whole = picture();
        PixelReader one = part.getPixelReader();
        PixelReader other = whole.getPixelReader();
        int differ = 0;
        for (int x = 0; x < part.getWidth(); x++) {
            for (int y = 0; y < part.getHeight(); y++) {
                differ += far(one.getColor(x, y), other.getColor(x, y)) ? 1 : 0;
            }
        }
        assertEquals(0, differ, "dots that differ " + after);
    }

    private static boolean far(Color a, Color b) {
        return Math.max(
                        Math.abs(a.getRed() - b.getRed()),
                        Math.max(Math.abs(a.getGreen() - b.getGreen()), Math.abs(a.getBlue() - b.getBlue())))
                > HAIR;
    }

    private void apply(Edit<Drill> edit) throws Exception {
        fx(() -> board().apply(edit));
    }

    @Test
    void partLooksLikeTheWhole() throws Exception {
        picture();
        int n = 0;
        for (Piece piece : board().stage().pieces()) {
            apply(PieceEdits.move(board().rung(), piece, piece.at().plus(new Vec(1.5, n++ % 2 == 0 ? 1 : -1))));
            looksAsPaintedWhole("after " + piece.id() + " was moved");
        }
        String first = board().stage().actions().get(0).id();
        fx(() -> {
            board().selection().choose(first);
            return null;
        });
        looksAsPaintedWhole("after a line was chosen");
        fx(() -> {
            board().selection().choose();
            board().document().undo();
            return null;
        });
        looksAsPaintedWhole("after an undo");
    }
}

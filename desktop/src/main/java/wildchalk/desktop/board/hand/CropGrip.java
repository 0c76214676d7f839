package wildchalk.desktop.board.hand;

import java.util.List;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;

/** Draws a frame round the part of the surface that is to be shown. */
final class CropGrip implements Grip {

    /** A smaller part is no view, metres. */
    private static final double SMALLEST = 3;

    private final BoardPane pane;
    private final BoardState state;
    private Vec from = Vec.ZERO;

    CropGrip(BoardPane pane, BoardState state) {
        this.pane = pane;
        this.state = state;
    }

    @Override
    public void press(Pointer hand) {
        from = hand.at();
    }

    private Box box(Vec to) {
        return new Box(
                Math.min(from.x(), to.x()),
                Math.min(from.y(), to.y()),
                Math.abs(to.x() - from.x()),
                Math.abs(to.y() - from.y()));
    }

    @Override
    public void drag(Pointer hand) {
        pane.sketch(List.of(new Shape.Stroke(
                Curve.box(box(hand.at())), state.board().frame().unit() * 0.15, Ink.SIGNAL, List.of(), false)));
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        pane.clearSketch();
        Box box = box(hand.at());
        if (box.width() >= SMALLEST && box.height() >= SMALLEST) {
            state.apply(DrillEdits.crop(box));
        }
        state.toolProperty().set(Tool.GUESS);
    }
}

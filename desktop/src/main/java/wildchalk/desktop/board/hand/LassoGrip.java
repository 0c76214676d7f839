package wildchalk.desktop.board.hand;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Polygon;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Shape;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;

/** A drag where nothing is: whatever lies inside the loop is chosen. A click there chooses the line, or nothing. */
final class LassoGrip implements Grip {

    private final BoardPane pane;
    private final BoardState state;
    private final ChooseGrip click;
    private final List<Vec> loop = new ArrayList<>();
    private boolean dropped;

    LassoGrip(BoardPane pane, BoardState state) {
        this.pane = pane;
        this.state = state;
        this.click = new ChooseGrip(state);
    }

    @Override
    public void press(Pointer hand) {
        loop.add(hand.at());
    }

    @Override
    public void drag(Pointer hand) {
        if (dropped) {
            return;
        }
        loop.add(hand.at());
        double unit = state.board().frame().unit();
        pane.sketch(List.of(
                new Shape.Stroke(Curve.closed(loop), unit * 0.12, Ink.SIGNAL, List.of(unit * 0.5, unit * 0.4), false)));
        String words = scribbled().map(id -> StrokeWords.away(state, id)).orElseGet(() -> counted(inside()));
        pane.showTag(Optional.of(words), hand.x(), hand.y());
    }

    @Override
    public void release(Pointer hand, boolean dragged) {
        pane.clearSketch();
        pane.showTag(Optional.empty(), 0, 0);
        if (dropped) {
            return;
        }
        if (!dragged) {
            click.release(hand, false);
            return;
        }
        Optional<String> away = scribbled();
        if (away.isPresent()) {
            StrokeWords.takeAway(state, away.get());
            return;
        }
        Set<String> chosen = new HashSet<>(
                hand.straight() ? state.selection().chosenProperty().get() : Set.of());
        chosen.addAll(inside());
        state.selection().choose(chosen.toArray(new String[0]));
    }

    @Override
    public boolean escape() {
        dropped = true;
        pane.clearSketch();
        pane.showTag(Optional.empty(), 0, 0);
        return true;
    }

    /** What is scribbled over. */
    private Optional<String> scribbled() {
        return state.guess()
                .scribbledOver(
                        loop,
                        state.board().frame().unit() * 1.5,
                        state.head().atProperty().get());
    }

    private Set<String> inside() {
        double t = state.head().atProperty().get();
        Set<String> ids = new HashSet<>();
        for (Piece piece : state.stage().pieces()) {
            Vec at = piece instanceof Piece.Person ? state.timeline().at(piece.id(), t) : piece.at();
            boolean inHand = piece.heldBy().isPresent();
            if (!inHand && Polygon.contains(loop, at)) {
                ids.add(piece.id());
            }
        }
        return ids;
    }

    private static String counted(Set<String> ids) {
        if (ids.isEmpty()) {
            return "nothing yet";
        }
        if (ids.size() == 1) {
            return "1 piece";
        }
        return ids.size() + " pieces";
    }
}

package wildchalk.core.edit;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** Edits that put several pieces in order. */
public final class ArrangeEdits {

    private ArrangeEdits() {}

    /**
     * Puts pieces on the straight line that fits them best: through their middle, along the way in which they lie apart
     * most (least squares of the distances to it).
     */
    public static Edit<Drill> straighten(String rung, Stage stage, Set<String> ids) {
        List<Piece> pieces = chosen(stage, ids);
        Vec middle = middle(pieces);
        Vec way = way(pieces, middle);
        Map<String, Vec> to = new HashMap<>();
        pieces.forEach(p -> to.put(p.id(), middle.plus(way.times(way.dot(p.at().minus(middle))))));
        return move("Straighten " + pieces.size() + " pieces", rung, to);
    }

    /**
     * Puts pieces at equal distances on the straight line from the first to the last of them along the way in which
     * they lie apart most, in the order in which they lie along it.
     */
    public static Edit<Drill> spaceEvenly(String rung, Stage stage, Set<String> ids) {
        List<Piece> pieces = chosen(stage, ids);
        Vec middle = middle(pieces);
        Vec way = way(pieces, middle);
        List<Piece> inOrder = pieces.stream()
                .sorted(Comparator.comparingDouble(p -> way.dot(p.at())))
                .toList();
        Map<String, Vec> to = new HashMap<>();
        for (int i = 0; i < inOrder.size(); i++) {
            Vec first = inOrder.get(0).at();
            Vec last = inOrder.get(inOrder.size() - 1).at();
            to.put(
                    inOrder.get(i).id(),
                    inOrder.size() < 2 ? first : first.towards(last, (double) i / (inOrder.size() - 1)));
        }
        return move("Space " + pieces.size() + " pieces evenly", rung, to);
    }

    private static List<Piece> chosen(Stage stage, Set<String> ids) {
        return stage.pieces().stream()
                .filter(p -> ids.contains(p.id())
                        && !(p instanceof Piece.Tape)
                        && !(p instanceof Piece.Area)
                        && p.heldBy().isEmpty())
                .toList();
    }

    private static Vec middle(List<Piece> pieces) {
        Vec sum = Vec.ZERO;
        for (Piece p : pieces) {
            sum = sum.plus(p.at());
        }
        return sum.times(1.0 / Math.max(1, pieces.size()));
    }

    /** The main direction in which pieces lie apart: half the angle whose tangent is 2·Σxy / (Σx² − Σy²). */
    private static Vec way(List<Piece> pieces, Vec middle) {
        double xx = 0;
        double yy = 0;
        double xy = 0;
        for (Piece p : pieces) {
            Vec d = p.at().minus(middle);
            xx += d.x() * d.x();
            yy += d.y() * d.y();
            xy += d.x() * d.y();
        }
        return Vec.polar(1, Math.atan2(2 * xy, xx - yy) / 2);
    }

    private static Edit<Drill> move(String name, String rung, Map<String, Vec> to) {
        return StageEdit.of(name, rung, stage -> PieceEdits.moved(stage, to));
    }
}

package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.naming.PieceWords;

/** Edits of marked areas: their edge, and the rule for who or what is in them. */
public final class AreaEdits {

    /** No area is smaller, metres. */
    public static final double SMALLEST = 0.5;

    private AreaEdits() {}

    /**
     * The area with one corner pulled to a place; of a rectangle the opposite corner stays, a circle's edge goes there.
     */
    public static Piece.Area pulled(Piece.Area area, int corner, Vec to) {
        if (area.outline() instanceof Outline.Circle) {
            return area.within(
                    new Outline.Circle(Math.max(SMALLEST / 2, area.at().distance(to))));
        }
        List<Vec> corners = new ArrayList<>(area.outline().at(area.at()));
        if (area.outline() instanceof Outline.Rectangle r) {
            Vec stays = corners.get((corner + 2) % 4);
            Vec across = to.minus(stays).rotated(-r.turn());
            double width = Math.max(SMALLEST, Math.abs(across.x()));
            double depth = Math.max(SMALLEST, Math.abs(across.y()));
            Vec reach = new Vec(Math.copySign(width, across.x()), Math.copySign(depth, across.y()));
            Piece.Area sized = area.within(new Outline.Rectangle(width, depth, r.turn()));
            return (Piece.Area) sized.movedTo(stays.plus(reach.times(0.5).rotated(r.turn())));
        }
        corners.set(corner, to);
        return area.within(new Outline.Corners(
                corners.stream().map(p -> p.minus(area.at())).toList()));
    }

    /** The rule about an area, when there is one. */
    public static Optional<Limit> rule(Stage stage, String area) {
        return stage.instructions(Limit.class).stream()
                .filter(l -> isAbout(l, area))
                .findFirst();
    }

    /** Makes a rule the only one about an area; empty for none. */
    public static Edit<Drill> ruling(String rung, Piece.Area area, Optional<Limit> rule) {
        return StageEdit.of("Change the rule for " + PieceWords.name(area), rung, stage -> {
            List<Instruction> said = new ArrayList<>(stage.instructions().stream()
                    .filter(i -> !(i instanceof Limit l && isAbout(l, area.id())))
                    .toList());
            rule.ifPresent(said::add);
            return stage.withInstructions(said);
        });
    }

    private static boolean isAbout(Limit limit, String area) {
        return limit instanceof Limit.OnlyIn only && only.zone().equals(area)
                || limit instanceof Limit.EntriesFirst entries && entries.zone().equals(area)
                || limit instanceof Limit.Within within
                        && within.zone().filter(area::equals).isPresent();
    }
}

package wildchalk.core.waiting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Placement;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/** Where a drill can be once more on its surface. */
final class Copies {

    /** Between two copies there is a free strip so wide, metres. */
    static final double STRIP = 3;
    /** Farther off than so many of its own sizes nobody looks for a place. */
    private static final int FAR = 4;

    private final Surface surface;
    private final Box ground;
    private final boolean tied;
    private final boolean overNet;

    /** @param ground what the drill takes, metres */
    Copies(Stage stage, Surface surface, Box ground) {
        this.surface = surface;
        this.ground = ground;
        this.tied = isTied(stage);
        this.overNet = ground.x() < 0
                && ground.x() + ground.width() > 0
                && surface.targets().stream().anyMatch(t -> t.shape() == Surface.Target.Shape.NET);
    }

    /** Whether a drill is about something that the surface has where it is: a goal, a line, a zone. */
    private static boolean isTied(Stage stage) {
        return stage.pieces().stream().anyMatch(Piece.Goalkeeper.class::isInstance)
                || stage.actions().stream().anyMatch(Copies::isTied);
    }

    private static boolean isTied(Action action) {
        boolean aims = action instanceof Action.Delivery d && d.to() instanceof Spot.AtTarget;
        return aims
                || action.cue().trigger().parts().stream()
                        .anyMatch(p -> p instanceof Cue.Crosses || p instanceof Cue.Enters);
    }

    /** Places for so many, the first one as drawn; empty where there is no room. */
    Optional<List<Placement>> of(int copies) {
        List<Placement> chosen = new ArrayList<>(List.of(Placement.beside(Vec.ZERO)));
        for (Placement place : places()) {
            Box there = box(place);
            if (chosen.size() < copies && isOnSurface(there) && chosen.stream().noneMatch(c -> isNear(box(c), there))) {
                chosen.add(place);
            }
        }
        return chosen.size() == copies ? Optional.of(List.copyOf(chosen)) : Optional.empty();
    }

    private List<Placement> places() {
        List<Placement> all = new ArrayList<>();
        if (!tied) {
            for (int far = 1; far <= FAR; far++) {
                for (int way : new int[] {-far, far}) {
                    all.add(Placement.beside(new Vec(0, way * (ground.height() + STRIP))));
                    if (!overNet) {
                        all.add(Placement.beside(new Vec(way * (ground.width() + STRIP), 0)));
                    }
                }
            }
        }
        boolean otherEnd = surface.targets().size() > 1 || !tied;
        if (otherEnd && !overNet) {
            all.add(Placement.OTHER_END);
            all.add(Placement.HALF_ROUND);
        }
        return all;
    }

    private Box box(Placement place) {
        return Box.around(List.of(
                place.place(new Vec(ground.x(), ground.y())),
                place.place(new Vec(ground.x() + ground.width(), ground.y() + ground.height()))));
    }

    /** Whatever of the drill itself stands off the surface may do so elsewhere. */
    private boolean isOnSurface(Box box) {
        double along = Math.max(surface.length() / 2, Math.max(-ground.x(), ground.x() + ground.width()));
        double across = Math.max(surface.width() / 2, Math.max(-ground.y(), ground.y() + ground.height()));
        return box.x() >= -along - 1e-6
                && box.x() + box.width() <= along + 1e-6
                && box.y() >= -across - 1e-6
                && box.y() + box.height() <= across + 1e-6;
    }

    private static boolean isNear(Box one, Box other) {
        double apart = STRIP - 1e-6;
        return one.x() < other.x() + other.width() + apart
                && other.x() < one.x() + one.width() + apart
                && one.y() < other.y() + other.height() + apart
                && other.y() < one.y() + one.height() + apart;
    }
}

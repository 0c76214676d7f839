package wildchalk.core.rehearsal;

import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Wall;

/** Which way a ball goes: straight, off a wall or round the boards. */
final class BallWays {

    private final Walls walls;
    private final Boards boards;

    BallWays(Surface surface) {
        walls = new Walls(surface);
        boards = new Boards(surface);
    }

    /** From where to where, and where it turns in between; straight when it cannot go as it was drawn. */
    List<Vec> of(Delivery delivery, Vec from, Vec to) {
        Optional<Wall> off = delivery instanceof Action.Pass p ? p.off() : Optional.empty();
        return isRim(delivery) ? boards.way(from, to, off).orElse(List.of(from, to)) : walls.way(from, to, off);
    }

    /** Metres of that way. */
    double length(Delivery delivery, Vec from, Vec to) {
        boolean straight = !isRim(delivery)
                && !(delivery instanceof Action.Pass p && p.off().isPresent());
        return straight ? from.distance(to) : Ruler.length(of(delivery, from, to));
    }

    static boolean isRim(Delivery delivery) {
        return delivery instanceof Action.Pass p && p.manner() == Action.Manner.RIM;
    }
}

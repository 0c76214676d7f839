package wildchalk.core.rehearsal;

import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Wall;

/** Where a ball comes off a side of the surface: as steeply as it goes in, so by way of a mirror. */
final class Walls {

    private final Surface surface;

    Walls(Surface surface) {
        this.surface = surface;
    }

    /** A place as it is seen in the wall. */
    Vec mirrored(Vec p, Wall wall) {
        double x = surface.length() / 2;
        double y = surface.width() / 2;
        return switch (wall) {
            case LEFT -> new Vec(p.x(), -2 * y - p.y());
            case RIGHT -> new Vec(p.x(), 2 * y - p.y());
            case END -> new Vec(2 * x - p.x(), p.y());
            case OWN_END -> new Vec(-2 * x - p.x(), p.y());
        };
    }

    /** Where the ball meets the wall; empty when that is no straight part of it, or either place lies behind it. */
    Optional<Vec> meets(Vec from, Vec to, Wall wall) {
        double x = surface.length() / 2;
        double y = surface.width() / 2;
        if (!surface.bounds().contains(from) || !surface.bounds().contains(to)) {
            return Optional.empty();
        }
        Vec seen = mirrored(to, wall);
        boolean side = wall == Wall.LEFT || wall == Wall.RIGHT;
        double at;
        if (wall == Wall.LEFT) {
            at = -y;
        } else if (wall == Wall.RIGHT) {
            at = y;
        } else if (wall == Wall.END) {
            at = x;
        } else {
            at = -x;
        }
        double whole = side ? seen.y() - from.y() : seen.x() - from.x();
        if (Math.abs(whole) < 1e-9) {
            return Optional.empty();
        }
        Vec met = from.towards(seen, (at - (side ? from.y() : from.x())) / whole);
        double straight = (side ? x : y) - surface.cornerRadius();
        return Math.abs(side ? met.x() : met.y()) <= straight ? Optional.of(met) : Optional.empty();
    }

    /** The way of a ball: straight, or by the wall where that can be. */
    List<Vec> way(Vec from, Vec to, Optional<Wall> off) {
        return off.flatMap(w -> meets(from, to, w))
                .map(m -> List.of(from, m, to))
                .orElse(List.of(from, to));
    }
}

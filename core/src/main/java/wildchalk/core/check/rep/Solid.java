package wildchalk.core.check.rep;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;

/**
 * Something that a body can run into: an oblong on the surface, as posts, gear and walls are seen from above.
 *
 * @param id of the piece or the target; empty for a wall
 * @param middle of the oblong
 * @param facing radians, along its depth
 * @param depth metres along the way it faces
 * @param width metres across that
 */
public record Solid(String id, Kind kind, Vec middle, double facing, double depth, double width) {

    /** What it is. */
    public enum Kind {
        /** A post of a goal. */
        POST,
        /** Gear that does not give way. */
        HARD,
        /** Gear that is soft or lies flat. */
        SOFT
    }

    private static final double POST = 0.12;

    private static final Set<GearKind> HARD = Set.of(
            GearKind.POLE,
            GearKind.BOX,
            GearKind.BENCH,
            GearKind.MINI_GOAL,
            GearKind.GOAL,
            GearKind.NET,
            GearKind.REBOUNDER);

    private static final Set<GearKind> RUN_THROUGH =
            Set.of(GearKind.LADDER, GearKind.HURDLE, GearKind.HOOP, GearKind.TAPE_LINE);

    /** How far a place is from its edge, metres; 0 within. */
    public double distance(Vec p) {
        Vec seen = p.minus(middle).rotated(-facing);
        double along = Math.max(0, Math.abs(seen.x()) - depth / 2);
        double across = Math.max(0, Math.abs(seen.y()) - width / 2);
        return Math.hypot(along, across);
    }

    /** Whether it is no more than a step across, so that one steers past it. */
    public boolean isSlim() {
        return Math.max(depth, width) < 1;
    }

    /** What stands on a stage and is not there to be run through; a goal with room in it is two posts and its back. */
    public static List<Solid> of(Rep rep) {
        List<Solid> all = new ArrayList<>();
        for (Piece piece : rep.stage().pieces()) {
            boolean stands = piece instanceof Piece.Item i
                    && !RUN_THROUGH.contains(i.kind())
                    && !rep.timeline().handled().contains(i.id());
            if (stands) {
                all.addAll(of((Piece.Item) piece));
            }
        }
        return all;
    }

    private static List<Solid> of(Piece.Item item) {
        if (item.kind() == GearKind.GOAL || item.kind() == GearKind.NET) {
            List<Solid> posts = posts(item.id(), item.at(), item.facing(), item.width());
            if (item.kind() == GearKind.NET) {
                return List.of(new Solid(
                        item.id(), Kind.HARD, item.at(), item.facing(), Math.max(item.depth(), POST), item.width()));
            }
            List<Solid> goal = new ArrayList<>(posts);
            Vec back = item.at().minus(Vec.polar(item.depth(), item.facing()));
            goal.add(new Solid(item.id(), Kind.HARD, back, item.facing(), POST, item.width()));
            return goal;
        }
        boolean mouth = item.kind() == GearKind.MINI_GOAL;
        Vec middle = mouth ? item.at().minus(Vec.polar(item.depth() / 2, item.facing())) : item.at();
        return List.of(new Solid(
                item.id(),
                HARD.contains(item.kind()) ? Kind.HARD : Kind.SOFT,
                middle,
                item.facing(),
                item.depth(),
                item.width()));
    }

    /** The posts of the goals that belong to a surface. */
    public static List<Solid> posts(Surface surface) {
        List<Solid> all = new ArrayList<>();
        for (Surface.Target t : surface.targets()) {
            if (t.shape() != Surface.Target.Shape.BASKET) {
                all.addAll(posts(t.id(), t.at(), t.facing(), t.width()));
            }
        }
        return all;
    }

    private static List<Solid> posts(String id, Vec at, double facing, double width) {
        Vec half = Vec.polar(width / 2, facing + Math.PI / 2);
        return List.of(
                new Solid(id, Kind.POST, at.plus(half), facing, POST, POST),
                new Solid(id, Kind.POST, at.minus(half), facing, POST, POST));
    }
}

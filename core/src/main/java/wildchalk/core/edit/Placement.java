package wildchalk.core.edit;

import wildchalk.core.drill.Cue.Crosses.Heading;
import wildchalk.core.drill.Going.Pivot;
import wildchalk.core.drill.Hold.Turn;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Wall;

/**
 * Where a copy goes.
 *
 * @param ends whether it is seen in a mirror across the halfway line
 * @param sides whether it is seen in a mirror along the line through both ends
 * @param turn by how much it is turned round the middle of the surface after that, radians clockwise on the page
 * @param shift by how much it is moved after that, metres
 */
public record Placement(boolean ends, boolean sides, double turn, Vec shift) {

    /** Across the halfway line. */
    public static final Placement OTHER_END = new Placement(true, false, 0, Vec.ZERO);
    /** From left to right. */
    public static final Placement OTHER_SIDE = new Placement(false, true, 0, Vec.ZERO);
    /** Turned half round. */
    public static final Placement HALF_ROUND = new Placement(true, true, 0, Vec.ZERO);

    /** As it is, moved by so many metres. */
    public static Placement beside(Vec shift) {
        return new Placement(false, false, 0, shift);
    }

    /** Turned round a place by so much, then moved. */
    public static Placement turned(Vec round, double by, Vec shift) {
        return new Placement(false, false, by, round.minus(round.rotated(by)).plus(shift));
    }

    /** Where something is that is at a place. */
    public Vec place(Vec at) {
        return way(at).plus(shift);
    }

    /** A displacement, which is not shifted. */
    Vec way(Vec by) {
        Vec mirrored = by.mirrored(ends, sides);
        return turn == 0 ? mirrored : mirrored.rotated(turn);
    }

    /** Which way somebody faces who faces a way, radians. */
    public double facing(double facing) {
        double across = ends ? Math.PI - facing : facing;
        return ends || sides || turn != 0
                ? Math.IEEEremainder((sides ? -across : across) + turn, 2 * Math.PI) + 0.0
                : facing;
    }

    Wall wall(Wall wall) {
        return switch (wall) {
            case LEFT -> sides ? Wall.RIGHT : Wall.LEFT;
            case RIGHT -> sides ? Wall.LEFT : Wall.RIGHT;
            case END -> ends ? Wall.OWN_END : Wall.END;
            case OWN_END -> ends ? Wall.END : Wall.OWN_END;
        };
    }

    /** Whether what went up the surface goes down it. */
    boolean turnsEnds() {
        return ends != (Math.cos(turn) < 0);
    }

    /** Whether left becomes right. */
    boolean isMirror() {
        return ends != sides;
    }

    /** Which way over a line: half round, up is down and left is right. */
    Heading heading(Heading heading) {
        boolean round = Math.cos(turn) < 0;
        return switch (heading) {
            case EITHER -> Heading.EITHER;
            case UP -> turnsEnds() ? Heading.DOWN : Heading.UP;
            case DOWN -> turnsEnds() ? Heading.UP : Heading.DOWN;
            case LEFT -> sides != round ? Heading.RIGHT : Heading.LEFT;
            case RIGHT -> sides != round ? Heading.LEFT : Heading.RIGHT;
        };
    }

    /** To which side somebody pivots on the move. */
    Pivot pivot(Pivot pivot) {
        return switch (pivot) {
            case NONE -> Pivot.NONE;
            case LEFT -> isMirror() ? Pivot.RIGHT : Pivot.LEFT;
            case RIGHT -> isMirror() ? Pivot.LEFT : Pivot.RIGHT;
        };
    }

    /** A mirror makes left of right; two mirrors do not. */
    Turn turn(Turn way) {
        if (!isMirror()) {
            return way;
        }
        if (way == Turn.OPEN_LEFT) {
            return Turn.OPEN_RIGHT;
        }
        if (way == Turn.OPEN_RIGHT) {
            return Turn.OPEN_LEFT;
        }
        return way;
    }

    /** The zone, line or target of a surface that is there for one that is here. */
    String name(String id) {
        String other;
        if (!ends) {
            other = id;
        } else if (id.startsWith("own-")) {
            other = id.substring("own-".length());
        } else {
            other = "own-" + id;
        }
        if (!sides) {
            return other;
        }
        return other.contains("left") ? other.replace("left", "right") : other.replace("right", "left");
    }
}

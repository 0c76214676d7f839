package wildchalk.core.edit;

import wildchalk.core.drill.Action.Hold.Turn;
import wildchalk.core.drill.Action.Wall;
import wildchalk.core.geometry.Vec;

/**
 * Where a copy goes.
 *
 * @param ends whether it is seen in a mirror across the halfway line
 * @param sides whether it is seen in a mirror along the line through both ends
 * @param shift by how much it is moved after that, metres
 */
public record Placement(boolean ends, boolean sides, Vec shift) {

    /** Across the halfway line. */
    public static final Placement OTHER_END = new Placement(true, false, Vec.ZERO);
    /** From left to right. */
    public static final Placement OTHER_SIDE = new Placement(false, true, Vec.ZERO);
    /** Turned half round. */
    public static final Placement HALF_ROUND = new Placement(true, true, Vec.ZERO);

    public static Placement beside(Vec shift) {
        return new Placement(false, false, shift);
    }

    Vec place(Vec at) {
        return at.mirrored(ends, sides).plus(shift);
    }

    /** A displacement, which is not shifted. */
    Vec way(Vec by) {
        return by.mirrored(ends, sides);
    }

    double facing(double facing) {
        double across = ends ? Math.PI - facing : facing;
        return ends || sides ? Math.IEEEremainder(sides ? -across : across, 2 * Math.PI) + 0.0 : facing;
    }

    Wall wall(Wall wall) {
        return switch (wall) {
            case LEFT -> sides ? Wall.RIGHT : Wall.LEFT;
            case RIGHT -> sides ? Wall.LEFT : Wall.RIGHT;
            case END -> ends ? Wall.OWN_END : Wall.END;
            case OWN_END -> ends ? Wall.END : Wall.OWN_END;
        };
    }

    /** A mirror makes left of right; two mirrors do not. */
    Turn turn(Turn turn) {
        boolean swapped = ends != sides;
        return !swapped ? turn : turn == Turn.OPEN_LEFT ? Turn.OPEN_RIGHT : turn == Turn.OPEN_RIGHT ? Turn.OPEN_LEFT : turn;
    }

    /** The zone, line or target of a surface that is there for one that is here. */
    String name(String id) {
        String other = !ends ? id : id.startsWith("own-") ? id.substring("own-".length()) : "own-" + id;
        if (!sides) {
            return other;
        }
        return other.contains("left") ? other.replace("left", "right") : other.replace("right", "left");
    }
}

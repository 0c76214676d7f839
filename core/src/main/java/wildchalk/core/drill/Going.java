package wildchalk.core.drill;

import java.util.Optional;
import wildchalk.core.drill.Action.Gait;

/**
 * How a body goes along a path.
 *
 * @param pace share of the gait's top speed, over 0 and up to 1
 * @param corner how the corners of the path are taken
 * @param pivot to which side the body turns as it begins the path, when it faces another way than before
 * @param watching what the nose is kept on; empty to look where the gait looks
 * @param called what that is called in the sport; empty for what is called by its gait
 * @param craft what hands and feet do on the way
 */
public record Going(
        Gait gait,
        double pace,
        Corner corner,
        Pivot pivot,
        Optional<Spot> watching,
        Optional<String> called,
        Craft craft) {

    /** Of whose hands and feet nobody says anything. */
    public Going(Gait gait, double pace, Corner corner, Pivot pivot, Optional<Spot> watching, Optional<String> called) {
        this(gait, pace, corner, pivot, watching, called, Craft.PLAIN);
    }

    /** Going all out, looking where one goes. */
    public static Going of(Gait gait) {
        return new Going(gait, 1, Corner.CUT, Pivot.NONE, Optional.empty(), Optional.empty());
    }

    /** The same, moving the body otherwise. */
    public Going withGait(Action.Gait newGait) {
        return new Going(newGait, pace, corner, pivot, watching, called, craft);
    }

    /** The same at a share of the usual speed, over 0 and at most 1. */
    public Going paced(double share) {
        return new Going(gait, share, corner, pivot, watching, called, craft);
    }

    /** The same, with corners taken otherwise. */
    public Going cornering(Corner newCorner) {
        return new Going(gait, pace, newCorner, pivot, watching, called, craft);
    }

    /** The same, with an eye on something. */
    public Going watching(Spot spot) {
        return new Going(gait, pace, corner, pivot, Optional.of(spot), called, craft);
    }

    /** The same, begun with a pivot to a side. */
    public Going pivoting(Pivot newPivot) {
        return new Going(gait, pace, corner, newPivot, watching, called, craft);
    }

    /** The same by another name; empty for what is called by its gait. */
    public Going called(Optional<String> name) {
        return new Going(gait, pace, corner, pivot, watching, name, craft);
    }

    /** The same, with hands and feet that do something else. */
    public Going crafted(Craft other) {
        return new Going(gait, pace, corner, pivot, watching, called, other);
    }

    /** To which side a body turns on the move. */
    public enum Pivot {
        /** Whichever is less, without more ado. */
        NONE,
        LEFT,
        RIGHT
    }

    /** How a corner is taken. */
    public enum Corner {
        /** Planted and pushed off. */
        CUT,
        /** Leant into, in a wider bend, without giving up so much speed. */
        TIGHT_TURN,
        /** With the back to it, the long way round. */
        SPIN
    }
}

package wildchalk.core.setout;

import java.util.List;
import wildchalk.core.geometry.Vec;

/** How a place is found with rounded numbers. */
public sealed interface Measured {

    /** Where following the numbers ends, metres. */
    Vec result();

    /** How far that is from where the piece was drawn, metres. */
    double error();

    /** Straight along and across from one thing. */
    record Legs(Anchor from, List<Leg> legs, Vec result, double error) implements Measured {
        public Legs {
            legs = List.copyOf(legs);
        }
    }

    /**
     * Two tapes from two things: where they cross.
     *
     * @param first number of units on the tape from the first thing, and in metres
     * @param side which of the two crossings is meant: the one farther that way
     * @param nearer what lies that way, in words
     */
    record Tapes(
            Anchor one, Tape first, Anchor other, Tape second, Leg.Way side, String nearer, Vec result, double error)
            implements Measured {}

    /** What is read off a tape: as it is said, and in metres. */
    record Tape(double number, double metres) {}
}

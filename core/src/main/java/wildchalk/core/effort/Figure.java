package wildchalk.core.effort;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** One figure of how people and balls move, which a drill or a person in it may have of their own. */
public enum Figure {
    WALK(Measure.SPEED, 0.5, 3),
    JOG(Measure.SPEED, 0.5, 8),
    RUN(Measure.SPEED, 0.5, 12),
    SPRINT(Measure.SPEED, 0.5, 14),
    BACK(Measure.SPEED, 0.5, 10),
    SIDE(Measure.SPEED, 0.5, 8),
    /** Time constant of speeding up. */
    SETTLE(Measure.TIME, 0.2, 4),
    BRAKE(Measure.PULL, 1, 12),
    /** Most sideways pull in a bend. */
    GRIP(Measure.PULL, 1, 12),
    /** What a planted foot stands, as a share of the grip in a bend. */
    PLANT(Measure.SHARE, 0.5, 3),
    /** How fast a foot that is planted throws a body another way. */
    PUSH(Measure.SPEED, 0.5, 10),
    /** How near a place that was drawn is passed in a corner. */
    WITHIN(Measure.LENGTH, 0.05, 2),
    TIGHT_TURN(Measure.LENGTH, 0.3, 10),
    /** Share of a corner's speed that is left while spinning. */
    SPIN(Measure.SHARE, 0.2, 1),
    /** Share of the speed that is left with the ball. */
    WITH_BALL(Measure.SHARE, 0.2, 1),
    /** Half a turn on the spot. */
    TURNING(Measure.TIME, 0.1, 3),
    LANDING(Measure.TIME, 0, 3),
    TOUCHING(Measure.TIME, 0, 3),
    PLACING(Measure.TIME, 0, 5),
    /** From a whistle or call until a body sets off. */
    REACTION_HEARD(Measure.TIME, 0, 2),
    /** From what is seen of a ball or a person until a body sets off. */
    REACTION_SEEN(Measure.TIME, 0, 2),
    /** The same for who is on the move already, and foresees it. */
    REACTION_READY(Measure.TIME, 0, 2),
    /** From receiving until a ball can be sent on. */
    CONTROL(Measure.TIME, 0, 4),
    /** From receiving until a shot leaves. */
    CATCH_AND_SHOOT(Measure.TIME, 0, 4),
    /** Taking a ball up on two steps before it is laid up at a ring on the run. */
    GATHER(Measure.TIME, 0, 3),
    FOLLOW_THROUGH(Measure.TIME, 0, 3),
    /** How fast a flat pass leaves for a place at hand. */
    PASS_NEAR(Measure.SPEED, 1, 30),
    /** How much faster it leaves for each metre. */
    PASS_PER_METRE(Measure.RATE, 0, 3),
    /** How fast it leaves at most. */
    PASS_MOST(Measure.SPEED, 1, 50),
    /** How much a flat pass slows. */
    PASS_SLOWING(Measure.PULL, 0, 8),
    /** How fast it still is when it arrives, at least. */
    PASS_ARRIVES(Measure.SPEED, 0.5, 20),
    /** How much faster a hard pass leaves than a usual one. */
    HARD(Measure.SHARE, 1, 2),
    /** How much slower a soft pass leaves than a usual one. */
    SOFT(Measure.SHARE, 0.3, 1),
    SHOT(Measure.SPEED, 1, 60),
    SHOT_SLOWING(Measure.PULL, 0, 8);

    /** What a figure is counted in. */
    public enum Measure {
        /** Metres per second. */
        SPEED,
        /** Seconds. */
        TIME,
        /** Metres per second, squared. */
        PULL,
        /** Metres. */
        LENGTH,
        /** A share; 1 is all of it. */
        SHARE,
        /** Metres per second for each metre. */
        RATE
    }

    private final String word = name().toLowerCase(Locale.ROOT).replace('_', '-');
    private final Measure measure;
    private final double least;
    private final double most;

    Figure(Measure measure, double least, double most) {
        this.measure = measure;
        this.least = least;
        this.most = most;
    }

    /** What it is counted in. */
    public Measure measure() {
        return measure;
    }

    /** The least that can be said, in its measure. */
    public double least() {
        return least;
    }

    /** The most that can be said, in its measure. */
    public double most() {
        return most;
    }

    /** Its name in files, such as {@code with-ball}. */
    public String word() {
        return word;
    }

    /** The figure of that name; empty when there is none. */
    public static Optional<Figure> of(String word) {
        return Stream.of(values()).filter(f -> f.word().equals(word)).findFirst();
    }
}

package wildchalk.core.rehearsal;

import java.util.function.BiFunction;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;

/**
 * Where somebody who follows another wants to be.
 *
 * @param goal the goal that is looked after, by who follows whom, and time
 * @param ball where the ball is that the person has or that is nearest to them, by person and time
 * @param spot where a spot is, by time: the other end of a lane
 */
record Aims(
        Function<Shadow, DoubleFunction<Vec>> goal,
        BiFunction<String, Double, Vec> ball,
        BiFunction<Spot, Double, Vec> spot) {

    /** Whoever keeps in a lane leaves this share of it at either end; assumed. */
    private static final double IN_LANE = 0.2;

    /** Beside whom is slower than this, m/s, one stays where one is. */
    private static final double STANDS = 0.5;
    /** What lies less aside than this, as a share of how far off it is, lies straight ahead; assumed. */
    private static final double STRAIGHT_AHEAD = 0.25;

    /** Nearer than this somebody is in the way, metres; assumed. */
    private static final double NEAR = 3;
    /** So far round somebody one aims at once, radians. */
    private static final double ROUND = Math.PI / 5;

    /** @param goal what {@link #goal()} says of the shadow */
    Vec place(Shadow shadow, DoubleFunction<Vec> goal, Vec target, Vec velocity, Vec own, double t) {
        switch (shadow.way()) {
            case LANE -> {
                return inLane(
                        target,
                        shadow.style().other().map(o -> spot.apply(o, t)).orElse(target),
                        own);
            }
            case LEVEL -> {
                return new Vec(target.x(), own.y());
            }
            case DRIFT -> {
                double side = own.y() < target.y() ? -1 : 1;
                return new Vec(target.x(), target.y() + side * shadow.distance());
            }
            case IN_FRONT, BEHIND -> {
                Vec way = velocity.length() > STANDS
                        ? velocity.unit()
                        : own.minus(target).unit();
                boolean back = shadow.way() == Shadow.Way.BEHIND && velocity.length() > STANDS;
                return target.plus(way.times(back ? -shadow.distance() : shadow.distance()));
            }
            default -> {}
        }
        if (shadow.way() == Shadow.Way.HIP_TO_HIP) {
            if (velocity.length() <= STANDS) {
                return target.plus(own.minus(target).unit().times(shadow.distance()));
            }
            Vec beside = velocity.unit().quarterTurn();
            Vec wanted = beside.times(side(shadow, goal, target, beside, own, t));
            return target.plus(round(own.minus(target), wanted).times(shadow.distance()));
        }
        Vec way =
                switch (shadow.side()) {
                    case GOAL, OTHER_GOAL -> goal.apply(t).minus(target);
                    case BALL -> ball.apply(shadow.whom(), t).minus(target);
                    case ANY -> own.minus(target);
                };
        // Who has the ball themselves has no ball side: the goal side it is.
        Vec to = way.length() < 0.3 ? goal.apply(t).minus(target) : way;
        return target.plus(to.unit().times(shadow.distance()));
    }

    /** The nearest place of a lane, a little off its ends. */
    private static Vec inLane(Vec from, Vec to, Vec own) {
        Vec way = to.minus(from);
        double length = way.length();
        if (length < 0.1) {
            return from;
        }
        double share = own.minus(from).dot(way) / (length * length);
        return from.plus(way.times(Math.max(IN_LANE, Math.min(1 - IN_LANE, share))));
    }

    /** Towards the other side of somebody one goes round them, and not through. */
    private static Vec round(Vec own, Vec wanted) {
        double turn = Math.atan2(own.cross(wanted), own.dot(wanted));
        return own.length() < NEAR && Math.abs(turn) > ROUND ? own.unit().rotated(Math.signum(turn) * ROUND) : wanted;
    }

    /** Beside somebody on the inside: where what is looked after lies; straight ahead of both, the side one is on. */
    private double side(Shadow shadow, DoubleFunction<Vec> goal, Vec target, Vec beside, Vec own, double t) {
        Vec inside =
                switch (shadow.side()) {
                    case GOAL, OTHER_GOAL -> goal.apply(t).minus(target).unit();
                    case BALL -> ball.apply(shadow.whom(), t).minus(target).unit();
                    case ANY -> Vec.ZERO;
                };
        double across = inside.dot(beside);
        return (Math.abs(across) < STRAIGHT_AHEAD ? own.minus(target).dot(beside) : across) < 0 ? -1 : 1;
    }
}

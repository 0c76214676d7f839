package wildchalk.core.rehearsal;

import java.util.function.BiFunction;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import wildchalk.core.drill.Action.Shadow;
import wildchalk.core.geometry.Vec;

/**
 * Where somebody who follows another wants to be.
 *
 * @param goal the goal that is looked after, by who follows whom, and time
 * @param ball where the ball is that the person has or that is nearest to them, by person and time
 */
record Aims(Function<Shadow, DoubleFunction<Vec>> goal, BiFunction<String, Double, Vec> ball) {

    /** @param goal what {@link #goal()} says of the shadow */
    Vec place(Shadow shadow, DoubleFunction<Vec> goal, Vec target, Vec velocity, Vec own, double t) {
        if (shadow.way() == Shadow.Way.HIP_TO_HIP) {
            Vec beside = velocity.length() > 0.5
                    ? velocity.unit().quarterTurn()
                    : own.minus(target).unit();
            double side = own.minus(target).dot(beside) < 0 ? -1 : 1;
            return target.plus(beside.times(side * shadow.distance()));
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
}

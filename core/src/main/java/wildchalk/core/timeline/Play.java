package wildchalk.core.timeline;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Possession;
import wildchalk.core.motion.Posture;

/**
 * People and balls moving about for a while: who is where when, who has the ball, and what happens. One rep is a
 * {@link Timeline}; whatever is made of many reps is a play as well, so that it can be painted, measured and told like
 * one. Times are seconds after the first whistle; places are in metres on the surface.
 */
public interface Play {

    /** Seconds from the whistle to the last event, at least 0. */
    double duration();

    /** Ids of all people. */
    List<String> people();

    /** Ids of all balls. */
    List<String> balls();

    /** Ids of the gear that is put down or picked up. */
    List<String> handled();

    /**
     * Where a person is at a time; before the whistle where they begin, after all is over where they end.
     *
     * @throws IllegalArgumentException when nobody has this id
     */
    Pose pose(String person, double t);

    /**
     * Where a person is at a time; quicker than {@link #pose} for who need not know how they face.
     *
     * @throws IllegalArgumentException when nobody has this id
     */
    default Vec at(String person, double t) {
        return pose(person, t).at();
    }

    /** How low a person is at a time; up where nothing else is known. */
    default Posture posture(String person, double t) {
        return Posture.UP;
    }

    /**
     * Where a ball is at a time: exactly where its carrier is while it is carried.
     *
     * @throws IllegalArgumentException when no ball has this id
     */
    Vec ball(String ball, double t);

    /**
     * Who has the ball at a time; empty while it travels or lies.
     *
     * @throws IllegalArgumentException when no ball has this id
     */
    Optional<String> holder(String ball, double t);

    /** The first ball that a person has at a time; empty while they have none. */
    default Optional<String> ballOf(String person, double t) {
        return balls().stream()
                .filter(b -> holder(b, t).filter(person::equals).isPresent())
                .findFirst();
    }

    /**
     * Who has a ball, from when until when, in order of time.
     *
     * @throws IllegalArgumentException when no ball has this id
     */
    List<Possession> possessions(String ball);

    /**
     * When a ball is first in somebody's hands or at their feet; a ball from a heap is in the heap until then.
     *
     * @return seconds; infinite when nobody ever has it
     * @throws IllegalArgumentException when no ball has this id
     */
    double inPlayFrom(String ball);

    /**
     * Where a piece of gear that is handled is at a time: where its carrier is while somebody has it.
     *
     * @throws IllegalArgumentException when it is never {@linkplain #handled handled}
     */
    Vec gear(String piece, double t);

    /**
     * Who has a piece of gear in hand; empty while it lies.
     *
     * @throws IllegalArgumentException when it is never {@linkplain #handled handled}
     */
    Optional<String> carrier(String piece, double t);

    /** What happens, in order of time. */
    List<Event> events();

    /** The actions that are under way at a time, by id; what has just ended is over. */
    Set<String> underWay(double t);
}

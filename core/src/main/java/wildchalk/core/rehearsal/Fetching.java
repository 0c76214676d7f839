package wildchalk.core.rehearsal;

import java.util.Optional;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Speeds;

/** Going for a ball that lies, rolls or comes off something: to where one is there as soon as it is. */
final class Fetching {

    /** How often one looks ahead, seconds, and how far. */
    private static final double LOOK = 0.1;

    private static final double LOOK_UP_TO = 20;
    /** So near a ball is met, metres. */
    private static final double NEAR = 0.25;
    /** How much later a ball may come than whoever runs on with it, seconds. */
    private static final double IN_TIME = 0.15;

    /** How much slower one is tried after the other, as a share. */
    private static final double SLOWER = 0.04;

    private static final int TRIES = 6;

    /** The run to a ball and when they have it, seconds. */
    record Met(Chain chain, double time) {}

    private final Bodies bodies;
    private final Speeds speeds;

    Fetching(Bodies bodies, Speeds speeds) {
        this.bodies = bodies;
        this.speeds = speeds;
    }

    /** Sends somebody to where they meet a ball first; they wait there when the ball comes later. */
    Met fetch(Travel travel, Deliveries.Course ball, double now) {
        double late = 0;
        double time = first(travel, ball, now, now, late);
        Vec place = ball.at().apply(time);
        Chain chain = bodies.start(travel, Optional.of(place), now, false);
        for (int i = 0; i < TRIES; i++) {
            double there = Math.max(chain.endOf(travel.id()), ball.from());
            // It is there when they are: as soon as that, when it lies.
            if (ball.at().apply(there).distance(place) <= NEAR) {
                time = there;
                break;
            }
            if (there <= time) {
                break;
            }
            // Whoever would be late for it, for a turn they have to make, goes to where it is later.
            late += there - time;
            time = first(travel, ball, now, time + LOOK, late);
            place = ball.at().apply(time);
            chain = bodies.start(travel, Optional.of(place), now, false);
        }
        if (chain.endOf(travel.id()) < time - IN_TIME && travel.ending() == Ending.GO_ON) {
            chain = unhurried(travel, place, time, now);
        }
        return new Met(chain, time);
    }

    /** Somebody who has time waits where the ball comes; with too little time for that they do not hurry. */
    private Chain unhurried(Travel travel, Vec place, double time, double now) {
        Optional<Vec> there = Optional.of(place);
        Chain chain = bodies.start(travel.withEnding(Ending.STOP), there, now, false);
        double pace = travel.going().pace();
        for (double share = 1 - SLOWER; chain.endOf(travel.id()) > time && share > 0; share -= SLOWER) {
            Travel slower = travel.withGoing(travel.going().paced(pace * share));
            chain = bodies.start(slower, there, now, false);
            if (chain.endOf(travel.id()) > time - IN_TIME) {
                // As slow as that they are there with the ball; a little faster they were before it.
                return chain.endOf(travel.id()) <= time + 1e-9
                        ? chain
                        : bodies.start(
                                travel.withGoing(travel.going().paced(pace * (share + SLOWER))), there, now, false);
            }
        }
        return chain;
    }

    /**
     * The first moment at which somebody who goes straight there, and loses so much time, can be where the ball is,
     * from a time on.
     */
    private double first(Travel travel, Deliveries.Course ball, double now, double from, double lost) {
        PersonTrack track = bodies.track(travel.who());
        Vec at = track.at(now);
        Vec velocity = track.velocity(now);
        Speeds theirs = speeds.forPerson(travel.who());
        double top = theirs.topOf(travel);
        for (double t = Math.max(from, ball.from()); t < now + LOOK_UP_TO; t += LOOK) {
            Vec way = ball.at().apply(t).minus(at);
            double metres = Math.max(0, way.length() - NEAR);
            double towards = metres == 0 ? 0 : Math.max(0, Math.min(top, velocity.dot(way.unit())));
            if (theirs.timeFor(metres, towards, top) + lost <= t - now) {
                return t;
            }
        }
        return Math.max(now, ball.from()) + LOOK_UP_TO;
    }
}

package wildchalk.core.rehearsal;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action.Delivery;
import wildchalk.core.drill.Cue;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Agenda.Kind;
import wildchalk.core.timeline.Event;

/** Balls that somebody touches as they come by, so that they go another way. */
final class Deflecting {

    /** From this far a ball that comes by is touched, metres; assumed: an arm, a leg or a stick. */
    private static final double REACH = 1.8;

    private static final double LOOK = 0.02;

    /** A ball that comes by, what sent it, and how near it comes. */
    private record Passing(String ball, String sentBy, double t, double metres) {}

    private final RehearsalState rep;
    private final Deliveries deliveries;
    private final Problems problems;
    private final Map<String, Passing> waited = new HashMap<>();

    Deflecting(RehearsalState rep, Deliveries deliveries, Problems problems) {
        this.rep = rep;
        this.deliveries = deliveries;
        this.problems = problems;
    }

    /** Waits for the ball that comes nearest. */
    void meet(Delivery delivery) {
        Optional<Passing> passing = passing(delivery);
        if (passing.isEmpty() || passing.get().metres() > REACH) {
            String name = problems.name(delivery.who());
            problems.cannotDo(
                    delivery,
                    passing.map(p -> Acts.BOOK.say("deflect.far", name, Math.round(p.metres() * 10) / 10.0))
                            .orElseGet(() -> Acts.BOOK.say("deflect.none", name)));
            rep.plan(rep.now(), Kind.END, delivery.id());
            return;
        }
        waited.put(delivery.id(), passing.get());
        rep.plan(passing.get().t(), Kind.RELEASE, delivery.id());
    }

    /** The ball of what it waits for, else of all that fly the one that comes nearest. */
    private Optional<Passing> passing(Delivery delivery) {
        Collection<Sent> flying = deliveries.flying();
        Optional<String> of = delivery.cue().trigger().of();
        Passing best = null;
        for (Sent sent : flying) {
            boolean meant = of.isEmpty() || of.get().equals(sent.delivery().id());
            Optional<Passing> nearest = meant ? nearest(delivery.who(), sent) : Optional.empty();
            if (nearest.isPresent() && (best == null || nearest.get().metres() < best.metres())) {
                best = nearest.get();
            }
        }
        return Optional.ofNullable(best);
    }

    private Optional<Passing> nearest(String who, Sent sent) {
        if (sent.delivery().who().equals(who)) {
            return Optional.empty();
        }
        Passing best = null;
        for (double t = Math.max(rep.now(), sent.release()); t <= sent.arrival(); t += LOOK) {
            Vec ball = sent.flight().at(t);
            double off = deliveries.off(who, ball, t);
            if (best == null || off < best.metres()) {
                best = new Passing(sent.ball(), sent.delivery().id(), t, off);
            }
        }
        return Optional.ofNullable(best);
    }

    /** Whether the ball that was waited for comes by now; says so when it does not. */
    boolean isThere(Delivery delivery) {
        Passing passing = waited.get(delivery.id());
        boolean there = passing != null
                && deliveries.flying().stream().anyMatch(s -> s.delivery().id().equals(passing.sentBy()));
        if (!there) {
            problems.cannotDo(delivery, Acts.BOOK.say("deflect.none", problems.name(delivery.who())));
            rep.plan(rep.now(), Kind.END, delivery.id());
        }
        return there;
    }

    /** It is touched and goes on otherwise: what had sent it has got no farther than here. */
    Sent send(Delivery delivery) {
        Passing passing = waited.remove(delivery.id());
        deliveries.cutShort(passing.ball());
        rep.arrived(passing.sentBy());
        rep.note(Event.Kind.ARRIVAL, passing.sentBy(), delivery.who(), passing.ball());
        rep.note(Event.Kind.TOUCH, delivery.id(), delivery.who(), passing.ball());
        rep.happens(new Cue.Received(passing.sentBy()));
        rep.touches(delivery.who(), passing.ball());
        return deliveries.deflect(delivery, passing.ball(), rep.now());
    }
}

package wildchalk.core.rehearsal;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.BallLaw;
import wildchalk.core.motion.BallMotion;
import wildchalk.core.motion.BallTrack;
import wildchalk.core.motion.Flight;
import wildchalk.core.motion.Speeds;
import wildchalk.core.surface.Surface;

/**
 * What becomes of a ball that nobody meets where it was sent: it comes off the goal, goes into it, drops through the
 * ring, or goes on and slows until it lies.
 */
final class Loose {

    /** How far a rebound comes out when nobody says, metres; assumed. */
    private static final double REBOUND = 4;
    /** How far behind its front a goal stops a ball, as a share of its depth; assumed. */
    private static final double IN_THE_NET = 0.8;
    /** A goal of which no depth is known is so deep, metres; assumed. */
    private static final double USUAL_DEPTH = 1;
    /** How fast a ball is that goes into a net, m/s; assumed. */
    private static final double INTO_THE_NET = 8;
    /** How long a ball falls from a ring until somebody can take it, seconds: 1.5 m from rest. */
    private static final double DROPS = 0.55;
    /** How far a ball bounces away from under a ring, metres, and how long that takes, seconds; assumed. */
    private static final double BOUNCES_OUT = 1;
    /** A ball out of the air is no faster than this over the ground once it has come down, m/s; assumed. */
    private static final double COME_DOWN = 2;
    /** Less than this a ball does not roll on, metres. */
    private static final double LIES = 0.3;

    private final Stage stage;
    private final Surface surface;
    private final Places places;
    private final Speeds speeds;
    private final Map<String, Double> freeFrom = new HashMap<>();

    Loose(Stage stage, Surface surface, Places places, Speeds speeds) {
        this.stage = stage;
        this.surface = surface;
        this.places = places;
        this.speeds = speeds;
    }

    /** When a ball that falls can be taken, seconds; infinitely early for one that does not. */
    double freeFrom(String ball) {
        return freeFrom.getOrDefault(ball, Double.NEGATIVE_INFINITY);
    }

    /** It gets where it was sent at a time, and nobody is there. */
    void comesDown(Sent sent, BallTrack track, double time) {
        Vec at = places.of(sent.delivery().to());
        if (sent.delivery() instanceof Action.Shot shot) {
            switch (shot.result()) {
                case REBOUND -> comesOut(shot, sent.from(), track, time);
                case IN, OPEN -> goesIn(sent, at, track, time);
                case SAVED -> track.liesFrom(time, at);
            }
        } else {
            goesOn(sent, at, track, time);
        }
    }

    /** A ball comes off the goal and rolls on until it lies. */
    private void comesOut(Action.Shot shot, Vec from, BallTrack track, double time) {
        Vec at = places.of(shot.to());
        Vec out =
                shot.next().map(places::of).orElse(at.plus(from.minus(at).unit().times(REBOUND)));
        BallMotion motion = speeds.ways().getOrDefault(Manner.ROLL, speeds.pass());
        rolls(track, new Flight(shot.id(), List.of(at, out), time, time + motion.time(at.distance(out)), motion));
    }

    private void rolls(BallTrack track, Flight flight) {
        track.fliesFrom(flight.start(), flight);
        track.liesFrom(flight.end(), flight.to());
    }

    private void goesIn(Sent sent, Vec at, BallTrack track, double time) {
        Optional<Surface.Target> target =
                sent.delivery().to() instanceof Spot.AtTarget t ? surface.target(t.target()) : Optional.empty();
        Vec way = at.minus(sent.from()).unit();
        if (target.filter(t -> t.shape() == Surface.Target.Shape.BASKET).isPresent()) {
            // It falls, and bounces out from under the ring, into the field.
            freeFrom.put(sent.ball(), time + DROPS);
            Vec out = at.plus(Vec.polar(BOUNCES_OUT, target.get().facing()));
            track.liesFrom(time, at);
            BallLaw slowly = BallLaw.even(BOUNCES_OUT, 0);
            rolls(track, new Flight(sent.delivery().id(), List.of(at, out), time + DROPS, time + DROPS + 1, slowly));
            return;
        }
        double deep = target.map(Surface.Target::depth)
                .or(() -> sent.delivery().to().namedPiece().flatMap(this::depth))
                .filter(d -> d > 0)
                .orElse(USUAL_DEPTH);
        Vec in = at.plus(way.times(deep * IN_THE_NET));
        BallLaw law = BallLaw.even(INTO_THE_NET, 0);
        rolls(track, new Flight(sent.delivery().id(), List.of(at, in), time, time + law.time(at.distance(in)), law));
    }

    private Optional<Double> depth(String piece) {
        return stage.piece(piece).filter(Piece.Item.class::isInstance).map(p -> ((Piece.Item) p).depth());
    }

    /** A ball that was passed to a place goes on the way it came. */
    private void goesOn(Sent sent, Vec at, BallTrack track, double time) {
        List<Vec> way = sent.flight().way();
        double arrives = sent.flight().arrivesWith();
        double slowing = slowing(sent.delivery());
        boolean throughTheAir = speeds.pass().slowing() == 0;
        double speed = throughTheAir ? Math.min(COME_DOWN, arrives) : arrives;
        double far = speed * speed / (2 * slowing);
        Vec heading = at.minus(way.get(way.size() - 2)).unit();
        double free = surface.edge() == Surface.Edge.LINES ? far : room(at, heading, far);
        if (free < LIES) {
            track.liesFrom(time, at);
            return;
        }
        BallLaw law = new BallLaw(0, 0, 0, slowing, Math.sqrt(Math.max(0, speed * speed - 2 * slowing * free)));
        Vec end = at.plus(heading.times(free));
        rolls(track, new Flight(sent.delivery().id(), List.of(at, end), time, time + law.time(free), law));
    }

    /** How far it can go on before something solid stops it, metres. */
    private double room(Vec at, Vec heading, double far) {
        double free = 0;
        double step = 0.25;
        while (free < far && surface.contains(at.plus(heading.times(Math.min(far, free + step))), 0)) {
            free = Math.min(far, free + step);
        }
        return free;
    }

    private double slowing(Action.Delivery delivery) {
        boolean rolls = delivery instanceof Action.Pass p && p.manner() == Manner.ROLL
                || speeds.pass().slowing() == 0;
        return rolls && speeds.ways().get(Manner.ROLL) instanceof BallLaw law && law.slowing() > 0
                ? law.slowing()
                : Math.max(0.5, speeds.pass().slowing());
    }
}

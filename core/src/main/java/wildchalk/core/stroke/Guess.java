package wildchalk.core.stroke;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/**
 * Guesses what a stroke means. From someone with the ball to a team-mate it is a pass, to a goal a shot, into space a
 * carry; from someone without it a run, onto an opponent a shadow, onto a ball that lies a collecting. A pass goes the
 * way it is drawn: off the boards, round them, in an arch, from hand to hand. Out and straight back is a touch. A
 * person who has just received acts on receiving; one who has acted goes on after their last; anyone else acts with the
 * beat that is looked at, or on the whistle.
 */
public final class Guess {

    /** Two who stand so near each other, in reaches, hand the ball over. Assumed. */
    private static final double HANDS = 1.9;

    private final Stage stage;
    private final Timeline timeline;
    private final Surface surface;
    private final FreeIds ids;

    /** @param ids free ones of the drill; the same are given for every stroke, because one of them will be drawn */
    public Guess(Stage stage, Timeline timeline, Surface surface, FreeIds ids) {
        this.ids = ids;
        this.stage = stage;
        this.timeline = timeline;
        this.surface = surface;
    }

    /** The action that a stroke most likely means, with a fresh id: the first of {@link #all}. */
    public Action of(Gesture gesture) {
        return all(gesture).get(0);
    }

    /** The actions that a stroke most likely means: one, or two for out and back. */
    public List<Action> all(Gesture gesture) {
        Kind kind = kind(gesture);
        boolean travels = kind == Kind.RUN || kind == Kind.CARRY;
        if (travels && !gesture.straight() && new Trace(gesture).returns(gesture.reach())) {
            return outAndBack(kind, gesture);
        }
        return List.of(as(kind, gesture));
    }

    /** To what is farthest off, touching it, and back to where it began. */
    private List<Action> outAndBack(Kind kind, Gesture gesture) {
        Vec far = new Trace(gesture).farthest();
        Gesture out = new Gesture(
                gesture.who(), List.of(gesture.points().get(0), far), true, gesture.lookedAt(), gesture.reach());
        FreeIds two = ids.again();
        Travel there = ((Travel) as(kind, out, two.take("a"))).withEnding(Action.Ending.TOUCH);
        TravelPath path = new TravelPath(List.of(Spot.at(gesture.points().get(0))), false);
        return List.of(there, kind.action(two.take("a"), gesture.who(), path, Cue.next()));
    }

    /** The action for a stroke whose kind the coach has chosen. */
    public Action as(Kind kind, Gesture gesture) {
        return as(kind, gesture, ids.again().take("a"));
    }

    private Action as(Kind kind, Gesture gesture, String id) {
        if (kind == Kind.SHADOW) {
            return opponent(gesture, Double.MAX_VALUE)
                    .map(o -> kind.action(id, gesture.who(), new TravelPath(List.of(Spot.at(o)), false), cue(gesture)))
                    .orElseGet(() -> as(Kind.RUN, gesture, id));
        }
        if (kind == Kind.RUN && looseBall(gesture).isPresent()) {
            return new Travel.Collect(
                    id,
                    gesture.who(),
                    Freehand.path(
                            gesture.points(),
                            gesture.straight(),
                            gesture.reach(),
                            Spot.at(looseBall(gesture).get())),
                    Action.Gait.RUN,
                    Action.Ending.STOP,
                    cue(gesture));
        }
        Spot end;
        if (kind == Kind.SHOT) {
            end = target(gesture).orElseGet(this::nearestGoal);
        } else if (kind == Kind.PASS) {
            end = receiver(gesture).map(Spot::at).orElse(Spot.at(gesture.end()));
        } else {
            end = tied(gesture);
        }
        TravelPath path = Freehand.path(gesture.points(), gesture.straight(), gesture.reach(), end);
        Action action = kind.action(id, gesture.who(), path, cue(gesture));
        return action instanceof Action.Pass pass && !gesture.straight() ? asDrawn(pass, gesture) : action;
    }

    /** A pass that goes the way it was drawn. */
    private Action.Pass asDrawn(Action.Pass pass, Gesture gesture) {
        Trace trace = new Trace(gesture);
        if (surface.edge() == Surface.Edge.BOARDS) {
            double near = gesture.reach() * 0.5;
            List<Action.Wall> walls = trace.walls(surface, near);
            if (trace.rounds(surface, near)) {
                Action.Pass round = pass.going(Action.Manner.RIM);
                return walls.isEmpty() ? round : round.comingOff(walls.get(0));
            }
            if (walls.size() == 1) {
                return pass.comingOff(walls.get(0));
            }
        }
        Optional<String> receiver = receiver(gesture);
        double gap = receiver.map(r ->
                        away(stage.person(r).orElseThrow(), gesture.points().get(0), gesture.lookedAt()))
                .orElse(Double.MAX_VALUE);
        if (gap <= HANDS * gesture.reach()) {
            return pass.going(Action.Manner.HAND_OFF);
        }
        return receiver.isPresent() && trace.arches() ? pass.going(Action.Manner.LOB) : pass;
    }

    private Kind kind(Gesture gesture) {
        if (!hasBall(gesture)) {
            if (playsIn(gesture)) {
                return Kind.PASS;
            }
            return looseBall(gesture).isEmpty()
                            && opponent(gesture, gesture.reach()).isPresent()
                    ? Kind.SHADOW
                    : Kind.RUN;
        }
        if (receiver(gesture).isPresent()) {
            return Kind.PASS;
        }
        return target(gesture).isPresent() ? Kind.SHOT : Kind.CARRY;
    }

    /** Whether somebody at a heap of balls plays one in: a coach to anywhere, a player to a team-mate. */
    private boolean playsIn(Gesture gesture) {
        Vec at = timeline.at(gesture.who(), timeline.duration() + 1);
        boolean supply = stage.pieces().stream()
                .anyMatch(p ->
                        p instanceof Piece.Supply u && u.count() > 0 && u.at().distance(at) <= Piece.Supply.IN_REACH);
        boolean coach = stage.person(gesture.who())
                .filter(Piece.Coach.class::isInstance)
                .isPresent();
        return supply && (coach || receiver(gesture).isPresent());
    }

    /** A ball that lies, or a heap of them, where a stroke ends. */
    private Optional<String> looseBall(Gesture gesture) {
        if (hasBall(gesture)) {
            return Optional.empty();
        }
        double near = gesture.reach() * 0.6;
        return stage.pieces().stream()
                .filter(p -> p instanceof Piece.Supply
                        || p instanceof Piece.Ball b
                                && timeline.holder(b.id(), timeline.duration() + 1)
                                        .isEmpty())
                .filter(p -> p.at().distance(gesture.end()) <= near)
                .map(Piece::id)
                .findFirst();
    }

    /** Whether somebody has a ball when they are through with all they do so far, or at the moment looked at. */
    private boolean hasBall(Gesture gesture) {
        return timeline.ballOf(gesture.who(), timeline.duration() + 1).isPresent();
    }

    /** The team-mate a stroke ends on, where they are now or where their last line ends. */
    private Optional<String> receiver(Gesture gesture) {
        Optional<Piece.Person> from = stage.person(gesture.who());
        return stage.people().stream()
                .filter(p -> !p.id().equals(gesture.who()) && from.isPresent() && mates(from.get(), p))
                .filter(p -> away(p, gesture) <= gesture.reach())
                .min(Comparator.comparingDouble(p -> away(p, gesture)))
                .map(Piece::id);
    }

    /** The opponent a stroke ends on, or is nearest to. */
    private Optional<String> opponent(Gesture gesture, double reach) {
        Optional<Piece.Person> from = stage.person(gesture.who());
        return stage.people().stream()
                .filter(p -> !p.id().equals(gesture.who()) && from.isPresent() && !mates(from.get(), p))
                // Nobody marks a goalkeeper; a line to where one stands goes to the goal.
                .filter(p -> !(p instanceof Piece.Goalkeeper))
                .filter(p -> away(p, gesture) <= reach)
                .min(Comparator.comparingDouble(p -> away(p, gesture)))
                .map(Piece::id);
    }

    private double away(Piece.Person person, Gesture gesture) {
        return away(person, gesture.end(), gesture.lookedAt());
    }

    /** How far somebody is from a place, now or when all they do so far is over. */
    private double away(Piece.Person person, Vec place, double lookedAt) {
        Vec now = timeline.at(person.id(), lookedAt);
        Vec last = timeline.at(person.id(), timeline.duration() + 1);
        return Math.min(now.distance(place), last.distance(place));
    }

    /** Coaches and line-ups play with everybody; players and goalkeepers with those in their colour. */
    private static boolean mates(Piece.Person a, Piece.Person b) {
        return playsWithAll(a) || playsWithAll(b) || a.bib() == b.bib();
    }

    private static boolean playsWithAll(Piece.Person person) {
        return !person.isOnATeam() || person instanceof Piece.LineUp;
    }

    private Optional<Spot> target(Gesture gesture) {
        return new Places(stage, surface).goalAt(gesture.end(), gesture.reach());
    }

    private Spot nearestGoal() {
        return surface.targets().isEmpty()
                ? Spot.at(Vec.ZERO)
                : new Spot.AtTarget(surface.targets().get(0).id());
    }

    /** The end of a path: on gear it is tied to it, at a landmark it is exactly there. */
    private Spot tied(Gesture gesture) {
        Vec end = gesture.end();
        double near = gesture.reach() * 0.6;
        return stage.pieces().stream()
                .filter(p -> p instanceof Piece.Item && p.at().distance(end) <= near)
                .findFirst()
                .map(p -> Spot.at(p.id()))
                .orElseGet(() -> Spot.at(surface.landmarkNear(end, near)
                        .map(Surface.Landmark::at)
                        .orElse(end)));
    }

    private Cue cue(Gesture gesture) {
        List<Action> own = stage.actionsOf(gesture.who());
        double lastStart = own.isEmpty()
                ? Double.NEGATIVE_INFINITY
                : timeline.times(own.get(own.size() - 1).id())
                        .map(ActionTimes::start)
                        .orElse(Double.NEGATIVE_INFINITY);
        Optional<Event> received = timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.ARRIVAL && e.who().equals(gesture.who()))
                .filter(e -> stage.action(e.action())
                        .filter(a -> a instanceof Action.Pass)
                        .isPresent())
                .filter(e -> e.t() > lastStart + 1e-9)
                .reduce((a, b) -> b);
        if (received.isPresent()) {
            return Cue.received(received.get().action());
        }
        return own.isEmpty() ? cueOfBeat(gesture.lookedAt()) : Cue.next();
    }

    private Cue cueOfBeat(double lookedAt) {
        Optional<Action> leader = timeline.beatAt(lookedAt)
                .filter(b -> b.n() > 1)
                .flatMap(b -> stage.action(b.actions().get(0)));
        if (leader.isEmpty()) {
            return Cue.whistle();
        }
        if (!leader.get().cue().trigger().followsOwn()) {
            return new Cue(leader.get().cue().trigger(), 0);
        }
        List<Action> own = stage.actionsOf(leader.get().who());
        int i = own.indexOf(leader.get());
        return i == 0 ? Cue.whistle() : Cue.after(own.get(i - 1).id());
    }
}

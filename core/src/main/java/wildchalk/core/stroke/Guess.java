package wildchalk.core.stroke;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.ActionTimes;
import wildchalk.core.rehearsal.Event;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.surface.Surface;

/**
 * Guesses what a stroke means. From someone with the ball to a team-mate it is a pass, to a goal a shot, into space a
 * carry; from someone without it a run. A person who has just received acts on receiving; one who has acted goes on
 * after their last; anyone else acts with the beat that is looked at, or on the whistle.
 */
public final class Guess {

    private final Stage stage;
    private final Timeline timeline;
    private final Surface surface;

    public Guess(Stage stage, Timeline timeline, Surface surface) {
        this.stage = stage;
        this.timeline = timeline;
        this.surface = surface;
    }

    /** The action that a stroke most likely means, with a fresh id. */
    public Action of(Gesture gesture) {
        return as(kind(gesture), gesture);
    }

    /** The action for a stroke whose kind the coach has chosen. */
    public Action as(Kind kind, Gesture gesture) {
        if (kind == Kind.SHADOW) {
            return opponent(gesture, Double.MAX_VALUE).map(o -> kind.action(stage.freeId("a"), gesture.who(),
                    new Action.Path(List.of(Spot.at(o)), false), cue(gesture))).orElseGet(() -> as(Kind.RUN, gesture));
        }
        Spot end = kind == Kind.SHOT ? target(gesture).orElseGet(this::nearestGoal)
                : kind == Kind.PASS ? receiver(gesture).map(Spot::at).orElse(Spot.at(gesture.end()))
                : tied(gesture);
        Action.Path path = Freehand.path(gesture.points(), gesture.straight(), gesture.reach(), end);
        return kind.action(stage.freeId("a"), gesture.who(), path, cue(gesture));
    }

    private Kind kind(Gesture gesture) {
        if (!hasBall(gesture)) {
            return opponent(gesture, gesture.reach()).isPresent() ? Kind.SHADOW : Kind.RUN;
        }
        if (receiver(gesture).isPresent()) {
            return Kind.PASS;
        }
        return target(gesture).isPresent() ? Kind.SHOT : Kind.CARRY;
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
                .filter(p -> away(p, gesture) <= reach)
                .min(Comparator.comparingDouble(p -> away(p, gesture))).map(Piece::id);
    }

    private double away(Piece.Person person, Gesture gesture) {
        Vec now = timeline.pose(person.id(), gesture.lookedAt()).at();
        Vec last = timeline.pose(person.id(), timeline.duration() + 1).at();
        return Math.min(now.distance(gesture.end()), last.distance(gesture.end()));
    }

    /** Coaches and line-ups play with everybody; players and goalkeepers with those in their colour. */
    private static boolean mates(Piece.Person a, Piece.Person b) {
        return !(a instanceof Piece.Player p) || !(b instanceof Piece.Player q) || p.team() == q.team();
    }

    private Optional<Spot> target(Gesture gesture) {
        Vec end = gesture.end();
        Optional<Spot> gear = stage.pieces().stream().filter(Piece.Item.class::isInstance)
                .map(Piece.Item.class::cast).filter(g -> g.kind().isShotAt())
                .filter(g -> end.distance(g.at()) <= g.width() / 2 + gesture.reach())
                .map(g -> Spot.at(g.id())).findFirst();
        return gear.or(() -> surface.targets().stream()
                .filter(t -> end.distance(t.at()) <= t.width() / 2 + gesture.reach())
                .map(t -> (Spot) new Spot.AtTarget(t.id())).findFirst());
    }

    private Spot nearestGoal() {
        return surface.targets().isEmpty() ? Spot.at(Vec.ZERO)
                : new Spot.AtTarget(surface.targets().get(0).id());
    }

    /** The end of a path: on gear it is tied to it, at a landmark it is exactly there. */
    private Spot tied(Gesture gesture) {
        Vec end = gesture.end();
        double near = gesture.reach() * 0.6;
        return stage.pieces().stream()
                .filter(p -> p instanceof Piece.Item && p.at().distance(end) <= near).findFirst()
                .map(p -> Spot.at(p.id()))
                .orElseGet(() -> Spot.at(surface.landmarkNear(end, near).map(Surface.Landmark::at).orElse(end)));
    }

    private Cue cue(Gesture gesture) {
        List<Action> own = stage.actionsOf(gesture.who());
        double lastStart = own.isEmpty() ? Double.NEGATIVE_INFINITY
                : timeline.times(own.get(own.size() - 1).id()).map(ActionTimes::start)
                .orElse(Double.NEGATIVE_INFINITY);
        Optional<Event> received = timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.ARRIVAL && e.who().equals(gesture.who()))
                .filter(e -> stage.action(e.action()).filter(a -> a instanceof Action.Pass).isPresent())
                .filter(e -> e.t() > lastStart + 1e-9)
                .reduce((a, b) -> b);
        if (received.isPresent()) {
            return Cue.received(received.get().action());
        }
        return own.isEmpty() ? cueOfBeat(gesture.lookedAt()) : Cue.next();
    }

    private Cue cueOfBeat(double lookedAt) {
        Optional<Action> leader = timeline.beatAt(lookedAt).filter(b -> b.n() > 1)
                .flatMap(b -> stage.action(b.actions().get(0)));
        if (leader.isEmpty()) {
            return Cue.whistle();
        }
        if (!(leader.get().cue().trigger() instanceof Cue.Next)) {
            return new Cue(leader.get().cue().trigger(), 0);
        }
        List<Action> own = stage.actionsOf(leader.get().who());
        int i = own.indexOf(leader.get());
        return i == 0 ? Cue.whistle() : Cue.after(own.get(i - 1).id());
    }
}

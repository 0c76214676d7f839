package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Posture;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** What a stroke ends on: somebody, the way that somebody goes, a ball that lies or will lie there, or a goal. */
final class StrokeEnds {

    /** On the way of somebody a stroke ends that is no farther off than this share of a reach; assumed. */
    private static final double ON_A_LINE = 0.6;
    /** What lies within this share of a reach is meant; assumed. */
    private static final double ON_A_THING = 0.6;
    /** A line that is over so soon after the passer has the ball is as good as over, seconds. */
    private static final double OVER = 0.2;

    private final Stage stage;
    private final Timeline timeline;
    private final Surface surface;
    private final String except;

    /** @param except id of an action that is drawn anew, so that what it brings about does not count; empty for none */
    StrokeEnds(Stage stage, Timeline timeline, Surface surface, String except) {
        this.except = except;
        this.stage = stage;
        this.timeline = timeline;
        this.surface = surface;
    }

    /**
     * Where a pass goes: to a person, or to a place on the way of one that is still to be gone when it can be played.
     *
     * @param anybody whether it may be for the other side too
     */
    Optional<Spot> passedTo(Gesture gesture, boolean anybody) {
        Optional<Spot> now = nearest(gesture, anybody, p -> now(p, gesture));
        if (now.isPresent()) {
            return now;
        }
        Optional<Spot> line = onLine(gesture, anybody);
        return line.isPresent() ? line : nearest(gesture, anybody, p -> away(p, gesture));
    }

    private Optional<Spot> nearest(Gesture gesture, boolean anybody, ToDoubleFunction<Piece.Person> metres) {
        return others(gesture, anybody).stream()
                .filter(p -> metres.applyAsDouble(p) <= gesture.reach())
                .min(Comparator.comparingDouble(metres))
                .map(p -> Spot.at(p.id()));
    }

    /** Those whom a stroke may be for. */
    private List<Piece.Person> others(Gesture gesture, boolean anybody) {
        Optional<Piece.Person> from = stage.person(gesture.who());
        return stage.people().stream()
                .filter(p -> !p.id().equals(gesture.who()) && from.isPresent())
                .filter(p -> anybody || mates(from.get(), p))
                .toList();
    }

    /** The place on somebody's way that a stroke ends on: nearer its end, the end. */
    private Optional<Spot> onLine(Gesture gesture, boolean anybody) {
        double ready = ready(gesture);
        List<Spot> found = new ArrayList<>();
        double least = Double.MAX_VALUE;
        for (Piece.Person person : others(gesture, anybody)) {
            for (Travel action : gone(person)) {
                double end = timeline.times(action.id()).orElseThrow().end();
                if (!(end <= ready + OVER)) {
                    Optional<LinePlace> place = LinePlace.of(timeline.line(action.id()), gesture.end());
                    double off =
                            place.map(p -> p.off(gesture.reach(), ON_A_LINE)).orElse(Double.MAX_VALUE);
                    if (off < least) {
                        least = off;
                        found.add(
                                0,
                                new Spot.OnLine(
                                        person.id(), action.id(), place.get().share(gesture.reach())));
                    }
                }
            }
        }
        return found.stream().findFirst();
    }

    /** The ways that somebody goes on the way through that is looked at: what another option draws is not met. */
    private List<Travel> gone(Piece.Person person) {
        return stage.travelsOf(person.id()).stream()
                .filter(a -> timeline.times(a.id()).isPresent())
                .toList();
    }

    /** When whoever draws could play a ball: as they receive it, or when all they do so far is over. */
    private double ready(Gesture gesture) {
        double own = stage.actionsOf(gesture.who()).stream()
                .takeWhile(a -> !a.id().equals(except))
                .flatMap(a -> timeline.times(a.id()).stream())
                .mapToDouble(ActionTimes::over)
                .filter(Double::isFinite)
                .max()
                .orElse(0);
        double received = received(gesture.who()).map(Event::t).orElse(0.0);
        return Math.max(gesture.lookedAt(), Math.max(own, received));
    }

    /** The last pass that somebody gets and has done nothing after. */
    Optional<Event> received(String who) {
        List<Action> own = stage.actionsOf(who);
        double lastStart = own.isEmpty()
                ? Double.NEGATIVE_INFINITY
                : timeline.times(own.get(own.size() - 1).id())
                        .map(ActionTimes::start)
                        .orElse(Double.NEGATIVE_INFINITY);
        return timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.ARRIVAL && e.who().equals(who))
                .filter(e -> stage.action(e.action())
                        .filter(a -> a instanceof Action.Pass || a instanceof Contest)
                        .isPresent())
                .filter(e -> e.t() > lastStart + 1e-9)
                .reduce((a, b) -> b);
    }

    /** The opponent a stroke ends on, or is nearest to; a keeper only when a stroke need not end there. */
    Optional<String> opponent(Gesture gesture, double reach) {
        Optional<Piece.Person> from = stage.person(gesture.who());
        return stage.people().stream()
                .filter(p -> !p.id().equals(gesture.who()) && from.isPresent() && !mates(from.get(), p))
                // Whoever lies on the ground is neither marked nor screened.
                .filter(p -> timeline.posture(p.id(), timeline.duration() + 1) != Posture.LYING)
                // Nobody marks a goalkeeper; a line to where one stands goes to the goal.
                .filter(p -> !(p instanceof Piece.Goalkeeper))
                .filter(p -> away(p, gesture) <= reach || isOnWay(p, gesture, reach))
                .min(Comparator.comparingDouble(p -> away(p, gesture)))
                .map(Piece::id);
    }

    /** Whether a stroke ends on where somebody will go: they are closed down where they will be. */
    private boolean isOnWay(Piece.Person person, Gesture gesture, double reach) {
        return gone(person).stream()
                .flatMap(a -> LinePlace.of(timeline.line(a.id()), gesture.end()).stream())
                .anyMatch(p -> p.off(reach, ON_A_LINE) <= reach);
    }

    /** Whether a stroke ends on where an opponent will be, and not on them. */
    boolean isAhead(String opponent, Gesture gesture) {
        return stage.person(opponent)
                .filter(p -> now(p, gesture) > gesture.reach() && isOnWay(p, gesture, gesture.reach()))
                .isPresent();
    }

    /** The place on a team-mate's way that a run ends on, when they have yet to go it. */
    Optional<Spot.OnLine> mateWay(Gesture gesture) {
        return onLine(gesture, false)
                .map(Spot.OnLine.class::cast)
                .filter(o -> stage.person(o.who()).filter(p -> !playsWithAll(p)).isPresent());
    }

    /** How far somebody is from where a stroke ends, now. */
    private double now(Piece.Person person, Gesture gesture) {
        return timeline.at(person.id(), gesture.lookedAt()).distance(gesture.end());
    }

    /** How far somebody is from where a stroke ends, now or when all they do so far is over. */
    private double away(Piece.Person person, Gesture gesture) {
        return away(person, gesture.end(), gesture.lookedAt());
    }

    /** How far somebody is from a place, now or when all they do so far is over. */
    double away(Piece.Person person, Vec place, double lookedAt) {
        Vec now = timeline.at(person.id(), lookedAt);
        Vec last = timeline.at(person.id(), timeline.duration() + 1);
        return Math.min(now.distance(place), last.distance(place));
    }

    /** Coaches and line-ups play with everybody; players and goalkeepers with those in their colour. */
    static boolean mates(Piece.Person a, Piece.Person b) {
        return playsWithAll(a) || playsWithAll(b) || a.bib() == b.bib();
    }

    private static boolean playsWithAll(Piece.Person person) {
        return !person.isOnATeam() || person instanceof Piece.LineUp;
    }

    /** A ball that lies or will lie, or a heap of them, where a stroke ends. */
    Optional<String> looseBall(Gesture gesture) {
        double near = gesture.reach() * ON_A_THING;
        return stage.pieces().stream()
                .filter(p -> p instanceof Piece.Supply && p.at().distance(gesture.end()) <= near
                        || p instanceof Piece.Ball b && isLoose(b) && lies(b, gesture.end(), near))
                .map(Piece::id)
                .findFirst();
    }

    /** Somebody who goes for the same ball where a stroke ends: the two fight for it. */
    Optional<Travel.Collect> contested(Gesture gesture) {
        return stage.actions().stream()
                .filter(a -> a instanceof Travel.Collect c
                        && !c.who().equals(gesture.who())
                        && timeline.times(c.id()).isPresent())
                .map(Travel.Collect.class::cast)
                .filter(c -> c.wanted()
                        .filter(b -> stage.piece(b)
                                .filter(Piece.Ball.class::isInstance)
                                .isPresent())
                        .isPresent())
                .filter(c -> {
                    List<Vec> line = timeline.line(c.id());
                    return line.get(line.size() - 1).distance(gesture.end()) <= gesture.reach() * ON_A_THING;
                })
                .findFirst();
    }

    private boolean isLoose(Piece.Ball ball) {
        return timeline.holder(ball.id(), timeline.duration() + 1).isEmpty();
    }

    /** Whether a ball lies at a place in the end, is sent there, or comes off a goal to it. */
    private boolean lies(Piece.Ball ball, Vec place, double near) {
        boolean sent = timeline.events().stream()
                .filter(e -> e.kind() == Event.Kind.RELEASE && ball.id().equals(e.ball()))
                .reduce((a, b) -> b)
                .flatMap(e -> stage.action(e.action()))
                .filter(a -> sentTo(a).distance(place) <= near)
                .isPresent();
        return sent || timeline.ball(ball.id(), timeline.duration() + 1).distance(place) <= near;
    }

    private Vec sentTo(Action action) {
        Places places = new Places(stage, surface);
        if (action instanceof Action.Shot shot) {
            return places.of(shot.next().orElse(shot.to()));
        }
        List<Vec> line = timeline.line(action.id());
        return line.get(line.size() - 1);
    }

    /** A goal, or gear that is shot at, where a stroke ends. */
    Optional<Spot> goal(Gesture gesture) {
        return new Places(stage, surface).goalAt(gesture.end(), gesture.reach());
    }
}

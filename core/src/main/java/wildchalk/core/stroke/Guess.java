package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Wall;
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

    /** Who stands so near the end of a line is where it leads, metres, when it is to be meant otherwise; assumed. */
    private static final double REACH_AGAIN = 1.5;

    /** Who hands a ball over stops so far short of whom they give it to, metres; assumed. */
    static final double ARM = 1;

    /** Who runs along with somebody ends so far beside them, metres; assumed. */
    private static final double BESIDE = 1.5;

    private static final double JUST_AFTER = 0.01;

    private final Stage stage;
    private final Timeline timeline;
    private final Surface surface;
    private final FreeIds ids;
    private final StrokeEnds ends;

    /** @param ids free ones of the drill; the same are given for every stroke, because one of them will be drawn */
    public Guess(Stage stage, Timeline timeline, Surface surface, FreeIds ids) {
        this(stage, timeline, surface, ids, new StrokeEnds(stage, timeline, surface, ""));
    }

    private Guess(Stage stage, Timeline timeline, Surface surface, FreeIds ids, StrokeEnds ends) {
        this.ids = ids;
        this.stage = stage;
        this.timeline = timeline;
        this.surface = surface;
        this.ends = ends;
    }

    /** The action that a stroke most likely means, with a fresh id: the first of {@link #all}. */
    public Action of(Gesture gesture) {
        return all(gesture).get(0);
    }

    /** What a stroke most likely means. */
    public Meant meant(Gesture gesture) {
        Scrawl scrawl = new Scrawl(gesture.points(), gesture.reach());
        if (!gesture.straight() && gesture.after().isEmpty() && scrawl.isFlick()) {
            return new Meant.Turned(
                    gesture.who(), gesture.end().minus(gesture.points().get(0)).angle());
        }
        Optional<String> away = gesture.straight()
                ? Optional.empty()
                : scribbledOver(gesture.points(), gesture.reach(), gesture.lookedAt());
        return away.filter(a -> !a.equals(gesture.who()))
                .map(a -> (Meant) new Meant.Away(a))
                .orElseGet(() -> new Meant.Chalked(all(gesture)));
    }

    /** What a scribble lies over, by id: a piece, else a line; empty for what is none. */
    public Optional<String> scribbledOver(List<Vec> points, double reach, double lookedAt) {
        return BodyStrokes.scribbledOver(stage, timeline, points, reach, lookedAt);
    }

    /** What sets off something else that somebody does, as if it was drawn while a time is looked at. */
    public Cue cue(String who, double lookedAt) {
        Vec at = timeline.at(who, lookedAt);
        return cue(new Gesture(who, List.of(at, at), true, lookedAt, 0));
    }

    /** The actions that a stroke most likely means: one, or two for out and back, or for a screen. */
    public List<Action> all(Gesture gesture) {
        Optional<List<Action>> bodies =
                new BodyStrokes(stage, timeline, ends, ids).of(gesture, hasBall(gesture), cue(gesture));
        if (bodies.isPresent()) {
            return bodies.get();
        }
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
                gesture.who(),
                List.of(gesture.points().get(0), far),
                true,
                gesture.lookedAt(),
                gesture.reach(),
                gesture.after());
        FreeIds two = ids.again();
        Travel there = ((Travel) as(kind, out, two.take("a"))).withEnding(Action.Ending.TOUCH);
        TravelPath path = new TravelPath(List.of(Spot.at(gesture.points().get(0))), false);
        return List.of(there, kind.action(two.take("a"), gesture.who(), path, Cue.next()));
    }

    /**
     * The actions for a stroke whose kind the coach has chosen: one; or two for a carry that ends at a team-mate, or on
     * the way they go, because the ball is handed over there.
     */
    public List<Action> all(Kind kind, Gesture gesture) {
        Optional<Spot> mate = kind == Kind.CARRY ? ends.passedTo(gesture, false) : Optional.empty();
        if (mate.isEmpty()) {
            return List.of(as(kind, gesture));
        }
        FreeIds two = ids.again();
        List<Action> both = new ArrayList<>();
        gesture.endingShortBy(ARM).ifPresent(g -> both.add(as(kind, g, two.take("a"))));
        Cue cue = both.isEmpty() ? cue(gesture) : Cue.next();
        both.add(new Action.Pass(two.take("a"), gesture.who(), mate.get(), Action.Touch.CONTROLLED, cue)
                .going(Action.Manner.HAND_OFF));
        return both;
    }

    /** The action for a stroke whose kind the coach has chosen. */
    public Action as(Kind kind, Gesture gesture) {
        return as(kind, gesture, ids.again().take("a"));
    }

    /**
     * A line that is there, by the same person on the same cue, meant otherwise: a pass goes to whoever is where it
     * ends, a shot to the goal there or the nearest, and whatever is run goes where it was drawn.
     */
    public Action instead(Kind kind, Action action) {
        List<Vec> line = timeline.line(action.id());
        if (!kind.sendsBall()) {
            boolean met = action.met().isPresent();
            return kind.instead(met ? ((Action.Delivery) action).withTo(Spot.at(line.get(line.size() - 1))) : action);
        }
        double lookedAt = timeline.times(action.id()).map(ActionTimes::start).orElse(0.0);
        Gesture gesture =
                new Gesture(action.who(), List.of(line.get(0), line.get(line.size() - 1)), true, lookedAt, REACH_AGAIN);
        return new Guess(stage, timeline, surface, ids, new StrokeEnds(stage, timeline, surface, action.id()))
                .as(kind, gesture, action.id())
                .withCue(action.cue());
    }

    /**
     * Where a pass goes that is taken to a place: to a person, or on somebody's way; empty where nobody is or comes.
     *
     * @param reach how near somebody, or the way they go, must be, metres
     */
    public Optional<Spot> sentTo(Action.Pass pass, Vec place, double reach) {
        List<Vec> line = timeline.line(pass.id());
        double lookedAt = timeline.times(pass.id()).map(ActionTimes::start).orElse(0.0);
        return new StrokeEnds(stage, timeline, surface, pass.id())
                .passedTo(new Gesture(pass.who(), List.of(line.get(0), place), true, lookedAt, reach), true);
    }

    private Action as(Kind kind, Gesture gesture, String id) {
        if (kind == Kind.SHADOW) {
            return ends.opponent(gesture, Double.MAX_VALUE)
                    .map(o -> marks(kind, id, gesture, o))
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
        Optional<Spot.OnLine> mate = kind == Kind.RUN ? goesWith(gesture) : Optional.empty();
        if (mate.isPresent()) {
            return alongside(id, gesture, mate.get());
        }
        Spot end;
        if (kind == Kind.SHOT) {
            end = ends.goal(gesture).orElseGet(() -> attackedGoal(gesture));
        } else if (kind == Kind.PASS) {
            end = ends.passedTo(gesture, true).orElse(Spot.at(gesture.end()));
        } else {
            end = tied(gesture);
        }
        TravelPath path = Freehand.path(gesture.points(), gesture.straight(), gesture.reach(), end);
        Action action = kind.action(id, gesture.who(), path, cue(gesture));
        return action instanceof Action.Pass pass && !gesture.straight() ? asDrawn(pass, gesture) : action;
    }

    /** Somebody is looked after where they are, and closed down where they will be. */
    private Action marks(Kind kind, String id, Gesture gesture, String opponent) {
        Action marked = kind.action(id, gesture.who(), new TravelPath(List.of(Spot.at(opponent)), false), cue(gesture));
        return marked instanceof Shadow shadow && ends.isAhead(opponent, gesture) ? shadow.closingDown() : marked;
    }

    /** The team-mate's line that a run goes along with: only who has nothing else to wait for does so. */
    private Optional<Spot.OnLine> goesWith(Gesture gesture) {
        boolean free = gesture.after().isEmpty()
                && stage.actionsOf(gesture.who()).isEmpty()
                && ends.received(gesture.who()).isEmpty();
        return free ? ends.mateWay(gesture) : Optional.empty();
    }

    /**
     * To the end of a team-mate's line beside them, setting off together; onto the middle of it as they have gone by.
     */
    private Action alongside(String id, Gesture gesture, Spot.OnLine mate) {
        List<Vec> line = timeline.line(mate.line());
        Vec end = gesture.end();
        Cue cue = new Cue(new Cue.Partway(mate.line(), mate.share()), 0);
        if (mate.isAtEnd()) {
            Vec there = line.get(line.size() - 1);
            Vec from = gesture.points().get(0);
            end = there.plus(from.minus(there).unit().times(BESIDE));
            cue = Cue.with(mate.line());
        }
        TravelPath path = Freehand.path(gesture.points(), gesture.straight(), gesture.reach(), Spot.at(end));
        return Kind.RUN.action(id, gesture.who(), path, cue);
    }

    /** A pass that goes the way it was drawn. */
    private Action.Pass asDrawn(Action.Pass pass, Gesture gesture) {
        Trace trace = new Trace(gesture);
        if (surface.edge() == Surface.Edge.BOARDS) {
            double near = gesture.reach() * 0.5;
            List<Wall> walls = trace.walls(surface, near);
            if (trace.rounds(surface, near)) {
                Action.Pass round = pass.going(Action.Manner.RIM);
                return walls.isEmpty() ? round : round.comingOff(walls.get(0));
            }
            if (walls.size() == 1) {
                return pass.comingOff(walls.get(0));
            }
        }
        Optional<Piece.Person> receiver = pass.receiver().flatMap(stage::person);
        double gap = pass.met().isPresent()
                ? Double.MAX_VALUE
                : receiver.map(r -> ends.away(r, gesture.points().get(0), gesture.lookedAt()))
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
                            && ends.opponent(gesture, gesture.reach()).isPresent()
                    ? Kind.SHADOW
                    : Kind.RUN;
        }
        if (passedTo(gesture).isPresent()) {
            return Kind.PASS;
        }
        return ends.goal(gesture).isPresent() ? Kind.SHOT : Kind.CARRY;
    }

    /** Whether somebody at a heap of balls plays one in: a coach to anywhere, a player to a team-mate. */
    private boolean playsIn(Gesture gesture) {
        Vec at = timeline.at(gesture.who(), timeline.duration() + 1);
        boolean heap = !stage.heaps().isEmpty();
        boolean supply = stage.heaps().stream().anyMatch(u -> u.at().distance(at) <= Piece.Supply.IN_REACH);
        boolean coach = stage.person(gesture.who())
                .filter(Piece.Coach.class::isInstance)
                .isPresent();
        boolean toSomebody = passedTo(gesture).isPresent();
        // A coach whose balls lie too far off means to pass all the same: what is missing is told.
        return supply && (coach || toSomebody) || heap && coach && toSomebody;
    }

    private Optional<String> looseBall(Gesture gesture) {
        return hasBall(gesture)
                ? Optional.empty()
                : ends.looseBall(gesture).or(() -> ends.contested(gesture).flatMap(Travel.Collect::wanted));
    }

    /** Whether somebody has a ball when they are through with all they do so far, or at the moment looked at. */
    private boolean hasBall(Gesture gesture) {
        double through = gesture.after()
                .flatMap(timeline::times)
                .map(t -> t.end() + JUST_AFTER)
                .orElse(timeline.duration() + 1);
        return timeline.ballOf(gesture.who(), through).isPresent();
    }

    /** Where a pass by a stroke goes; who has only just received may play it to anybody. */
    private Optional<Spot> passedTo(Gesture gesture) {
        return ends.passedTo(gesture, ends.received(gesture.who()).isPresent());
    }

    /** The goal that somebody's team attacks; where nothing tells, the goal of the surface. */
    private Spot attackedGoal(Gesture gesture) {
        Ends teams = new Ends(stage, surface);
        Optional<Vec> attacked = teams.team(gesture.who())
                .flatMap(b -> teams.at(b, timeline::moment, gesture.lookedAt()))
                .flatMap(k -> teams.goal(k.end()));
        return surface.targets().stream()
                .filter(t -> attacked.isEmpty() || t.at().equals(attacked.get()))
                .findFirst()
                .map(t -> (Spot) new Spot.AtTarget(t.id()))
                .orElse(Spot.at(Vec.ZERO));
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
        if (gesture.after().isPresent()) {
            return Cue.next();
        }
        Optional<Travel.Collect> other = hasBall(gesture) ? Optional.empty() : ends.contested(gesture);
        if (other.isPresent()) {
            return Cue.with(other.get().id());
        }
        List<Action> own = stage.actionsOf(gesture.who());
        Optional<Event> received = ends.received(gesture.who());
        if (received.isPresent() && !isMetOnTheWay(received.get())) {
            return Cue.received(received.get().action());
        }
        return own.isEmpty() ? cueOfBeat(gesture.lookedAt()) : Cue.next();
    }

    /** Whether a ball is met half-way along a line: its runner goes on to the end of that first. */
    private boolean isMetOnTheWay(Event arrival) {
        return stage.action(arrival.action())
                .flatMap(Action::met)
                .filter(o -> !o.isAtEnd())
                .isPresent();
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

package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/**
 * What strokes say of bodies: a screen, a lane that is kept, a line that is joined, the same as somebody else, round
 * something, a feint. Empty where a stroke is none of these.
 */
final class BodyStrokes {

    private static final Wordbook BOOK = Wordbook.beside(BodyStrokes.class, "Strokes");

    /** Whoever sets a screen stops so far short of whom it is for, metres; assumed. */
    private static final double SCREENS = 0.9;
    /** How long a screen stands where nobody says, seconds; assumed. */
    private static final double STANDS = 2;
    /**
     * This share of a reach off the way between two is in their lane, and not nearer to either than that share of it.
     */
    private static final double IN_LANE = 0.5;

    private static final double ENDS = 0.2;
    /** A stroke of which this share runs along a line goes the same way. */
    private static final double SAME = 0.75;

    private static final double BESIDE = 0.75;

    private final Stage stage;
    private final Timeline timeline;
    private final StrokeEnds ends;
    private final FreeIds ids;

    BodyStrokes(Stage stage, Timeline timeline, StrokeEnds ends, FreeIds ids) {
        this.stage = stage;
        this.timeline = timeline;
        this.ends = ends;
        this.ids = ids;
    }

    /**
     * The actions that a stroke means.
     *
     * @param hasBall whether whoever draws has the ball by then
     * @param cue what sets it off where nothing else does
     */
    Optional<List<Action>> of(Gesture gesture, boolean hasBall, Cue cue) {
        Scrawl scrawl = new Scrawl(gesture.points(), gesture.reach());
        Optional<List<Action>> round = round(gesture, scrawl, hasBall, cue);
        if (round.isPresent()) {
            return round;
        }
        Optional<List<Action>> join = join(gesture, hasBall, cue);
        if (join.isPresent()) {
            return join;
        }
        if (hasBall) {
            return zigzag(gesture, scrawl, cue);
        }
        return same(gesture, scrawl).or(() -> screen(gesture, cue)).or(() -> lane(gesture, cue));
    }

    private static Travel travel(boolean hasBall, String id, String who, TravelPath path, Cue cue) {
        return (Travel) (hasBall ? Kind.CARRY : Kind.RUN).action(id, who, path, cue);
    }

    /** Somebody, or gear, that is gone round: the way stays round it when it is moved. */
    private Optional<List<Action>> round(Gesture gesture, Scrawl scrawl, boolean hasBall, Cue cue) {
        Optional<Piece> piece = stage.pieces().stream()
                .filter(p -> p instanceof Piece.Person || p instanceof Piece.Item)
                .filter(p -> !p.id().equals(gesture.who()) && scrawl.isRound(now(p, gesture)))
                .min(Comparator.comparingDouble(p -> mean(gesture.points(), now(p, gesture))));
        return piece.map(p -> {
            Vec middle = now(p, gesture);
            TravelPath drawn = Freehand.path(gesture.points(), false, gesture.reach(), Spot.at(gesture.end()));
            List<Spot> through = new ArrayList<>();
            for (int i = 0; i < drawn.through().size(); i++) {
                Spot spot = drawn.through().get(i);
                boolean tied = i + 1 < drawn.through().size() && spot instanceof Spot.Place;
                through.add(
                        tied ? new Spot.AtPiece(p.id(), ((Spot.Place) spot).at().minus(middle)) : spot);
            }
            return List.of(travel(hasBall, ids.again().take("a"), gesture.who(), new TravelPath(through, true), cue));
        });
    }

    private static double mean(List<Vec> points, Vec place) {
        return points.stream().mapToDouble(p -> p.distance(place)).average().orElse(0);
    }

    private Vec now(Piece piece, Gesture gesture) {
        return at(piece, timeline, gesture.lookedAt());
    }

    /** The end of a line-up, behind all who wait. */
    private Optional<List<Action>> join(Gesture gesture, boolean hasBall, Cue cue) {
        return stage.people().stream()
                .filter(p -> p instanceof Piece.LineUp l
                        && l.waiting() > 0
                        && !l.id().equals(gesture.who())
                        && tail(l).distance(gesture.end()) <= gesture.reach())
                .map(Piece.LineUp.class::cast)
                .findFirst()
                .map(l -> {
                    Spot end = new Spot.AtPiece(l.id(), tail(l).minus(l.at()));
                    TravelPath path = Freehand.path(gesture.points(), gesture.straight(), gesture.reach(), end);
                    return List.of(travel(hasBall, ids.again().take("a"), gesture.who(), path, cue)
                            .withEnding(Action.Ending.STOP));
                });
    }

    private static Vec tail(Piece.LineUp line) {
        return line.slot(line.waiting() + 1);
    }

    /** To and fro with the ball: a feint there, or, all along to a mate, a ball that is carried into their hands. */
    private Optional<List<Action>> zigzag(Gesture gesture, Scrawl scrawl, Cue cue) {
        Optional<Scrawl.Zigzag> found = gesture.straight() ? Optional.empty() : scrawl.zigzag();
        if (found.isEmpty()) {
            return Optional.empty();
        }
        Scrawl.Zigzag zigzag = found.get();
        List<Vec> way = new ArrayList<>(zigzag.before());
        way.addAll(zigzag.after());
        if (zigzag.allAlong()) {
            return ends.passedTo(gesture, false).map(mate -> handedOver(gesture, mate, cue));
        }
        List<Vec> until = new ArrayList<>(zigzag.before());
        until.add(zigzag.middle());
        double share = Math.min(1, Ruler.length(until) / Math.max(0.1, Ruler.length(way)));
        List<Spot> through = new ArrayList<>();
        way.stream().skip(1).map(Spot::at).forEach(through::add);
        Travel carry = travel(true, ids.again().take("a"), gesture.who(), new TravelPath(through, false), cue);
        Craft.Feint feint = new Craft.Feint(BOOK.say("feint"), share, Craft.Feint.USUAL);
        return Optional.of(List.of(
                carry.withGoing(carry.going().crafted(carry.going().craft().feinting(List.of(feint))))));
    }

    private List<Action> handedOver(Gesture gesture, Spot mate, Cue cue) {
        FreeIds two = ids.again();
        List<Action> both = new ArrayList<>();
        Vec end = gesture.end();
        Vec from = gesture.points().get(0);
        double far = from.distance(end);
        if (far > 2 * Guess.ARM) {
            Spot beside = Spot.at(end.plus(from.minus(end).unit().times(Guess.ARM)));
            both.add(travel(true, two.take("a"), gesture.who(), new TravelPath(List.of(beside), false), cue));
        }
        both.add(new Action.Pass(
                        two.take("a"), gesture.who(), mate, Action.Touch.CONTROLLED, both.isEmpty() ? cue : Cue.next())
                .going(Action.Manner.HAND_OFF));
        return both;
    }

    /** Over a mate's line: the same, setting off with them. */
    private Optional<List<Action>> same(Gesture gesture, Scrawl scrawl) {
        Optional<Piece.Person> own = stage.person(gesture.who());
        for (Action action : stage.actions()) {
            boolean mates = own.isPresent()
                    && action instanceof Travel
                    && !(action instanceof Travel.Collect)
                    && !action.who().equals(gesture.who())
                    && timeline.times(action.id()).isPresent()
                    && stage.person(action.who())
                            .filter(p -> StrokeEnds.mates(own.get(), p))
                            .isPresent();
            if (mates && isAlong(gesture, scrawl, timeline.line(action.id()))) {
                Travel same = (Travel) action;
                return Optional.of(List.of(new Travel.Run(
                        ids.again().take("a"),
                        gesture.who(),
                        same.path(),
                        same.going().called(Optional.empty()).crafted(Craft.PLAIN),
                        same.ending(),
                        Cue.with(same.id()))));
            }
        }
        return Optional.empty();
    }

    private static boolean isAlong(Gesture gesture, Scrawl scrawl, List<Vec> line) {
        double length = Ruler.length(line);
        return length > 2 * gesture.reach()
                && scrawl.along(line, BESIDE * gesture.reach()) >= SAME
                && line.get(line.size() - 1).distance(gesture.end()) <= gesture.reach()
                && Ruler.length(gesture.points()) >= SAME * length;
    }

    /** Onto an opponent while one's own team has the ball: a screen, and not marking. */
    private Optional<List<Action>> screen(Gesture gesture, Cue cue) {
        Optional<String> opponent = ends.opponent(gesture, gesture.reach())
                .filter(o -> !ends.isAhead(o, gesture)
                        && !hasBall(o)
                        && ends.looseBall(gesture).isEmpty());
        if (opponent.isEmpty() || !teamHasBall(gesture.who())) {
            return Optional.empty();
        }
        Vec other = timeline.at(opponent.get(), gesture.lookedAt());
        List<Vec> points = new ArrayList<>(gesture.points());
        Vec from = points.size() > 2 ? points.get(points.size() / 2) : points.get(0);
        Vec beside = other.plus(from.minus(other).unit().times(SCREENS));
        while (points.size() > 2 && points.get(points.size() - 1).distance(other) < SCREENS) {
            points.remove(points.size() - 1);
        }
        points.set(points.size() - 1, beside);
        FreeIds two = ids.again();
        TravelPath path = Freehand.path(points, gesture.straight(), gesture.reach(), Spot.at(beside));
        return Optional.of(List.of(
                travel(false, two.take("a"), gesture.who(), path, cue).withEnding(Action.Ending.STOP),
                new Hold(
                        two.take("a"),
                        gesture.who(),
                        Hold.Stance.SCREEN,
                        Optional.of(Spot.at(opponent.get())),
                        STANDS,
                        Optional.empty(),
                        Cue.next())));
    }

    private boolean hasBall(String who) {
        return timeline.ballOf(who, timeline.duration() + 1).isPresent();
    }

    private boolean teamHasBall(String who) {
        Optional<Piece.Person> own = stage.person(who).filter(Piece.Person::isOnATeam);
        return own.isPresent()
                && stage.people().stream()
                        .filter(p -> p.isOnATeam() && p.bib() == own.get().bib() && !p.id().equals(who))
                        .anyMatch(p -> hasBall(p.id()));
    }

    /** Between two opponents who have the ball among them: into their lane, to stay in it. */
    private Optional<List<Action>> lane(Gesture gesture, Cue cue) {
        Optional<Piece.Person> own = stage.person(gesture.who()).filter(Piece.Player.class::isInstance);
        if (own.isEmpty()
                || teamHasBall(gesture.who())
                || ends.looseBall(gesture).isPresent()) {
            return Optional.empty();
        }
        List<Piece.Person> others = stage.people().stream()
                .filter(p -> p instanceof Piece.Player && p.bib() != own.get().bib())
                .toList();
        if (others.stream().noneMatch(p -> hasBall(p.id())) || isOnGear(gesture)) {
            return Optional.empty();
        }
        Action best = null;
        double least = IN_LANE * gesture.reach();
        for (int i = 0; i < others.size(); i++) {
            for (int k = i + 1; k < others.size(); k++) {
                Vec a = now(others.get(i), gesture);
                Vec b = now(others.get(k), gesture);
                double off = gesture.end().distanceToStretch(a, b);
                double share = share(a, b, gesture.end());
                if (off <= least && share >= ENDS && share <= 1 - ENDS) {
                    least = off;
                    best = inLane(gesture, others.get(i), others.get(k), cue);
                }
            }
        }
        return Optional.ofNullable(best).map(List::of);
    }

    private boolean isOnGear(Gesture gesture) {
        return stage.pieces().stream()
                .anyMatch(p -> p instanceof Piece.Item && p.at().distance(gesture.end()) <= BESIDE * gesture.reach());
    }

    private static double share(Vec a, Vec b, Vec place) {
        Vec way = b.minus(a);
        return place.minus(a).dot(way) / Math.max(1e-9, way.dot(way));
    }

    private Shadow inLane(Gesture gesture, Piece.Person one, Piece.Person other, Cue cue) {
        return new Shadow(
                ids.again().take("a"),
                gesture.who(),
                one.id(),
                new Shadow.Style(
                        Shadow.Way.LANE, Shadow.Side.ANY, Shadow.USUAL_DISTANCE, Optional.of(Spot.at(other.id()))),
                Action.Gait.SPRINT,
                Optional.empty(),
                cue);
    }

    /** What a scribble lies over: a piece, else a line; empty where it lies over nothing, or there is none. */
    static Optional<String> scribbledOver(Stage stage, Timeline timeline, List<Vec> points, double reach, double t) {
        return new Scrawl(points, reach).scribble().flatMap(over -> {
            Vec middle = over.stream().reduce(Vec.ZERO, Vec::plus).times(1.0 / over.size());
            Optional<String> piece = stage.pieces().stream()
                    .filter(p -> !(p instanceof Piece.Area) && p.heldBy().isEmpty())
                    .filter(p -> at(p, timeline, t).distance(middle) <= reach
                            && nearest(over, at(p, timeline, t)) <= BESIDE * reach)
                    .min(Comparator.comparingDouble(p -> at(p, timeline, t).distance(middle)))
                    .map(Piece::id);
            return piece.or(() -> stage.actions().stream()
                    .filter(a -> timeline.times(a.id()).isPresent())
                    .filter(a -> LinePlace.of(timeline.line(a.id()), middle)
                            .filter(l -> l.metres() <= reach)
                            .isPresent())
                    .min(Comparator.comparingDouble(a -> LinePlace.of(timeline.line(a.id()), middle)
                            .orElseThrow()
                            .metres()))
                    .map(Action::id));
        });
    }

    private static Vec at(Piece piece, Timeline timeline, double t) {
        return piece instanceof Piece.Person ? timeline.at(piece.id(), t) : piece.at();
    }

    private static double nearest(List<Vec> line, Vec place) {
        double least = Double.MAX_VALUE;
        for (int i = 0; i + 1 < line.size(); i++) {
            least = Math.min(least, place.distanceToStretch(line.get(i), line.get(i + 1)));
        }
        return least;
    }
}

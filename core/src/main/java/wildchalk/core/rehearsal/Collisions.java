package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/**
 * Looks through a rep for people who run right through one another, or through a mannequin. Who runs up to somebody,
 * fights for a ball with them, hands one over or catches them is meant to be that near.
 */
final class Collisions {

    /**
     * Who comes nearer to somebody than this, from the middle of one to that of the other, is in them, metres; assumed.
     */
    private static final double BODY = 0.3;

    private static final double LOOK = 0.1;
    /** Looked at so much before and after, one is on the other side of the other, seconds. */
    private static final double BEFORE_AND_AFTER = 0.3;
    /** Who hands a ball over so near in time is meant to be there, seconds. */
    private static final double HANDS_OVER = 1.5;

    private final Stage stage;
    private final Timeline timeline;
    private final List<Problem> found = new ArrayList<>();

    private Collisions(Stage stage, Timeline timeline) {
        this.stage = stage;
        this.timeline = timeline;
    }

    /** The same rep with what is found in it. */
    static Timeline told(Stage stage, Timeline timeline) {
        Collisions collisions = new Collisions(stage, timeline);
        collisions.look();
        return collisions.found.isEmpty() ? timeline : timeline.with(List.of(), collisions.found);
    }

    private void look() {
        List<Piece.Person> people = stage.people();
        int steps = (int) Math.ceil(timeline.duration() / LOOK);
        List<Vec[]> ways = people.stream().map(p -> way(p.id(), steps)).toList();
        for (int i = 0; i < ways.size(); i++) {
            for (int j = i + 1; j < ways.size(); j++) {
                meets(people.get(i).id(), ways.get(i), people.get(j).id(), ways.get(j));
            }
        }
        for (Piece.Item item : mannequins()) {
            for (int i = 0; i < ways.size(); i++) {
                runsInto(people.get(i).id(), ways.get(i), item);
            }
        }
    }

    private List<Piece.Item> mannequins() {
        return stage.pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .map(Piece.Item.class::cast)
                .filter(i -> i.kind() == GearKind.MANNEQUIN)
                .filter(i -> !timeline.handled().contains(i.id()))
                .toList();
    }

    private Vec[] way(String who, int steps) {
        Vec[] way = new Vec[steps + 1];
        for (int i = 0; i <= steps; i++) {
            way[i] = timeline.at(who, i * LOOK);
        }
        return way;
    }

    private void meets(String a, Vec[] ofA, String b, Vec[] ofB) {
        for (int i = 0; i + 1 < ofA.length; i++) {
            if (isIn(ofA[i].minus(ofB[i]), ofA[i + 1].minus(ofB[i + 1]))) {
                double t = (i + 0.5) * LOOK;
                boolean through = goesThrough(
                        at(a, t - BEFORE_AND_AFTER).minus(at(b, t - BEFORE_AND_AFTER)),
                        at(a, t + BEFORE_AND_AFTER).minus(at(b, t + BEFORE_AND_AFTER)));
                if (through && !isMeant(a, b, t)) {
                    boolean first = ofA[i].distance(ofA[i + 1]) >= ofB[i].distance(ofB[i + 1]);
                    tell(first ? a : b, Problems.name(stage, first ? b : a), t);
                    return;
                }
            }
        }
    }

    private void runsInto(String who, Vec[] way, Piece.Item item) {
        for (int i = 0; i + 1 < way.length; i++) {
            if (isIn(way[i].minus(item.at()), way[i + 1].minus(item.at()))) {
                double t = (i + 0.5) * LOOK;
                boolean through = goesThrough(
                        at(who, t - BEFORE_AND_AFTER).minus(item.at()),
                        at(who, t + BEFORE_AND_AFTER).minus(item.at()));
                if (through && !goesTo(who, item.id())) {
                    tell(who, "the mannequin", t);
                    return;
                }
            }
        }
    }

    /** Whether the way from one place beside somebody to another leads through them. */
    private static boolean isIn(Vec from, Vec to) {
        return Math.min(from.length(), to.length()) < 2 && Vec.ZERO.distanceToStretch(from, to) < BODY;
    }

    private static boolean goesThrough(Vec before, Vec after) {
        return before.length() > BODY && after.length() > BODY && before.unit().dot(after.unit()) < -0.5;
    }

    private Vec at(String who, double t) {
        return timeline.at(who, t);
    }

    private boolean isMeant(String a, String b, double t) {
        return stage.actions().stream()
                .anyMatch(
                        x -> x.who().equals(a) && isMeantFor(x, b, t) || x.who().equals(b) && isMeantFor(x, a, t));
    }

    /** Whether an action brings its person to another at a time. */
    private boolean isMeantFor(Action action, String other, double t) {
        Optional<ActionTimes> times = timeline.times(action.id());
        if (times.isEmpty()) {
            return false;
        }
        if (action instanceof Action.Shadow s) {
            return s.way() == Action.Shadow.Way.CHASE && s.whom().equals(other);
        }
        if (action instanceof Action.Pass p && p.manner() == Action.Manner.HAND_OFF) {
            return p.receiver().filter(other::equals).isPresent()
                    && Math.abs(times.get().start() - t) < HANDS_OVER;
        }
        return action instanceof Travel.Collect c
                && times.get().start() <= t
                && times.get().end() >= t - HANDS_OVER
                && stage.actionsOf(other).stream()
                        .anyMatch(
                                o -> o instanceof Travel.Collect d && d.wanted().equals(c.wanted()));
    }

    private boolean goesTo(String who, String piece) {
        return stage.actionsOf(who).stream()
                .filter(Travel.class::isInstance)
                .flatMap(a -> ((Travel) a).path().through().stream())
                .anyMatch(s -> s instanceof Spot.AtPiece p && p.piece().equals(piece));
    }

    private void tell(String who, String through, double t) {
        stage.actionsOf(who).stream()
                .filter(a -> timeline.times(a.id())
                        .filter(x -> x.start() <= t && !(x.end() < t))
                        .isPresent())
                .reduce((x, y) -> y)
                .or(() -> stage.actionsOf(who).stream()
                        .filter(a -> timeline.times(a.id())
                                .filter(x -> x.start() <= t)
                                .isPresent())
                        .reduce((x, y) -> y))
                .ifPresent(a -> found.add(new Problem(
                        a.id(),
                        Problem.Kind.NOT_SO,
                        Problems.name(stage, who) + " runs right through " + through
                                + " here: lead the line past, or let one of them go later",
                        t)));
    }
}

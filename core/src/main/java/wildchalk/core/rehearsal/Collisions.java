package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
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

    /** How often one looks, seconds, and how often more closely in between where two are close, metres. */
    private static final double LOOK = 0.25;

    private static final double CLOSE = 1;
    private static final int CLOSE_LOOKS = 5;
    /** Looked at so much before and after, one is on the other side of the other, seconds. */
    private static final double BEFORE_AND_AFTER = 0.3;
    /** Who hands a ball over so near in time is meant to be there, seconds. */
    private static final double HANDS_OVER = 1.5;

    /** Who has hands on somebody so near in time is meant to be there, seconds; assumed. */
    private static final double HANDS_ON = 2.5;

    /** Who comes somewhere so soon after another raced them there, seconds; assumed. */
    private static final double RACES = 2;

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

    /** Where somebody is at each look. */
    private final class Way {
        private final String who;
        private final Vec[] places;
        /** How far they come from one look to the next at most, metres. */
        private final double step;

        Way(String who, int looks) {
            this.who = who;
            places = new Vec[looks];
            boolean moves = timeline.moves(who);
            double longest = 0;
            for (int i = 0; i < looks; i++) {
                places[i] = moves || i == 0 ? timeline.at(who, i * LOOK) : places[0];
                longest = i == 0 ? 0 : Math.max(longest, places[i].distance(places[i - 1]));
            }
            step = longest;
        }

        Vec at(int look) {
            return places[look];
        }

        /** The look from which on they are where they are at the last. */
        int there(int last) {
            int look = last;
            while (look > 0 && places[look - 1].distance(places[last]) < BODY) {
                look--;
            }
            return look;
        }
    }

    private void look() {
        // While live play goes on nobody is claimed to go anywhere.
        double until = Math.min(timeline.duration(), timeline.stillFrom() + 2 * LOOK);
        int looks = (int) Math.ceil(until / LOOK) + 1;
        List<Way> ways =
                stage.people().stream().map(p -> new Way(p.id(), looks)).toList();
        for (int i = 0; i < ways.size(); i++) {
            for (int j = i + 1; j < ways.size(); j++) {
                meets(ways.get(i), ways.get(j), looks);
                standsIn(ways.get(i), ways.get(j), looks - 1);
            }
        }
        for (Piece.Item item : mannequins()) {
            ways.forEach(w -> runsInto(w, item, looks));
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

    private void meets(Way a, Way b, int looks) {
        for (int i = 0; i + 1 < looks; i += apart(a.at(i).distance(b.at(i)), a.step + b.step)) {
            if (isClose(a.at(i), b.at(i), a.at(i + 1), b.at(i + 1), a.step + b.step)) {
                OptionalDouble met = met(i * LOOK, t -> at(a.who, t).minus(at(b.who, t)));
                if (met.isPresent() && !isMeant(a.who, b.who, met.getAsDouble())) {
                    boolean first = a.at(i).distance(a.at(i + 1)) >= b.at(i).distance(b.at(i + 1));
                    through(first ? a.who : b.who, Problems.name(stage, first ? b.who : a.who), met.getAsDouble());
                    return;
                }
            }
        }
    }

    /**
     * Who ends where another has stood for a while is told; those of a line, who began there, and those who race each
     * other to one place are not.
     */
    private void standsIn(Way a, Way b, int last) {
        boolean in = a.at(last).distance(b.at(last)) < BODY && a.at(0).distance(b.at(0)) > BODY;
        if (!in || isMeant(a.who, b.who, last * LOOK)) {
            return;
        }
        int thereA = a.there(last);
        int thereB = b.there(last);
        if (Math.abs(thereA - thereB) * LOOK > RACES) {
            String comes = thereA > thereB ? a.who : b.who;
            String stands = thereA > thereB ? b.who : a.who;
            tell(
                    comes,
                    Problem.Kind.NOT_SO,
                    Problems.name(stage, comes) + " ends where " + Problems.name(stage, stands)
                            + " stands: end the line beside them, or let them go on first",
                    last * LOOK);
        }
    }

    private void runsInto(Way way, Piece.Item item, int looks) {
        Vec there = item.at();
        for (int i = 0; i + 1 < looks; i += apart(way.at(i).distance(there), way.step)) {
            if (isClose(way.at(i), there, way.at(i + 1), there, way.step)) {
                OptionalDouble met = met(i * LOOK, t -> at(way.who, t).minus(there));
                if (met.isPresent() && !goesTo(way.who, item.id())) {
                    through(way.who, "the mannequin", met.getAsDouble());
                    return;
                }
            }
        }
    }

    /** Whether two, seen at two looks, may have been in one another in between. */
    private static boolean isClose(Vec a, Vec b, Vec laterA, Vec laterB, double step) {
        return a.distance(b) < CLOSE + step && Vec.ZERO.distanceToStretch(a.minus(b), laterA.minus(laterB)) < CLOSE;
    }

    /**
     * When, from a look until the next, one goes through the other; empty when they do not.
     *
     * @param between where the one is, seen from the other, at a time
     */
    private static OptionalDouble met(double from, DoubleFunction<Vec> between) {
        Vec before = between.apply(from);
        for (int i = 1; i <= CLOSE_LOOKS; i++) {
            Vec after = between.apply(from + LOOK * i / CLOSE_LOOKS);
            double middle = from + LOOK * (i - 0.5) / CLOSE_LOOKS;
            if (Vec.ZERO.distanceToStretch(before, after) < BODY
                    && goesThrough(
                            between.apply(middle - BEFORE_AND_AFTER), between.apply(middle + BEFORE_AND_AFTER))) {
                return OptionalDouble.of(middle);
            }
            before = after;
        }
        return OptionalDouble.empty();
    }

    /** How many looks can be left out: nobody gets to the other in so short a time. */
    private static int apart(double metres, double step) {
        return step == 0 ? Integer.MAX_VALUE / 2 : Math.max(1, (int) ((metres - CLOSE) / step));
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
        if (action instanceof Shadow s) {
            boolean close = s.way() == Shadow.Way.CHASE || s.way() == Shadow.Way.BODY_UP;
            return close && s.whom().equals(other);
        }
        if (action instanceof Act act) {
            return act.whom().filter(other::equals).isPresent()
                    && Math.abs(times.get().start() - t) < HANDS_ON;
        }
        if (action instanceof Contest c) {
            return c.against().contains(other) && Math.abs(times.get().start() - t) < c.seconds() + HANDS_ON;
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

    private void through(String who, String what, double t) {
        tell(
                who,
                Problem.Kind.IN_THE_WAY,
                Problems.name(stage, who) + " runs right through " + what
                        + " here: lead the line past, or let one of them go later",
                t);
    }

    private void tell(String who, Problem.Kind kind, String message, double t) {
        Optional<String> duty = Duties.of(timeline, who, t);
        if (duty.isPresent()) {
            found.add(new Problem(duty.get(), kind, message, t));
            return;
        }
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
                .ifPresent(a -> found.add(new Problem(a.id(), kind, message, t)));
    }
}

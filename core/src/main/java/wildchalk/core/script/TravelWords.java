package wildchalk.core.script;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.measure.Unit;
import wildchalk.core.motion.Posture;
import wildchalk.core.script.Whereabouts.Named;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/** Says how people go: how far, past what, where to, and how they end. */
final class TravelWords {

    /** Who comes back ends this near to where they set out, metres. */
    private static final double BACK = 1.5;

    private static final double JUST_BEFORE = 0.02;
    /** Who moves by less stands, metres. */
    private static final double STILL = 0.5;

    private final Stage stage;
    private final Timeline timeline;
    private final Surface surface;
    private final Unit unit;
    private final Words words;
    private final Moments moments;
    private final Sides sides;
    private final IdentityHashMap<Travel, List<Named>> said = new IdentityHashMap<>();

    TravelWords(Ground ground, Moments moments) {
        this.stage = ground.stage();
        this.timeline = ground.way();
        this.surface = ground.surface();
        this.unit = ground.unit();
        this.words = ground.words();
        this.moments = moments;
        this.sides = ground.sides();
    }

    /** Whether somebody goes back to where they set out to touch something. */
    boolean comesBack(Action action) {
        if (!(action instanceof Travel.Run)) {
            return false;
        }
        List<Vec> line = timeline.line(action.id());
        return moments.before(action)
                .filter(b -> b instanceof Travel t && t.ending() == Action.Ending.TOUCH)
                .filter(b -> timeline.line(b.id()).get(0).distance(line.get(line.size() - 1)) <= BACK)
                .isPresent();
    }

    /** Whether somebody is on the ground or on a knee as they are to set off. */
    boolean isDown(Action action) {
        Optional<ActionTimes> times = timeline.times(action.id());
        return !(action instanceof Act)
                && times.isPresent()
                && timeline.posture(action.who(), times.get().start() - JUST_BEFORE) != Posture.UP
                && timeline.posture(action.who(), times.get().start()) == Posture.UP;
    }

    /** All that is said after the verb, in order. Whether some go together is asked before it is told. */
    List<Named> way(Travel travel) {
        return said.computeIfAbsent(travel, this::told);
    }

    private List<Named> told(Travel travel) {
        OptionalDouble brokenOff = timeline.brokenOff(travel.id());
        List<Vec> whole = timeline.line(travel.id());
        List<Vec> line = brokenOff.isPresent() ? new Course(whole).until(brokenOff.getAsDouble()) : whole;
        List<Named> said = new ArrayList<>();
        add(said, words.say("space") + unit.spoken(Ruler.length(line)));
        pace(said, travel.going().pace());
        if (travel instanceof Travel.Collect) {
            collects(said, travel);
            craft(said, travel, line);
            return said;
        }
        Optional<String> called = GroundWords.called(stage, travel.path().through());
        if (called.isPresent()) {
            add(said, called.get());
            return said;
        }
        OnTheWay.Told along = onTheWay(travel).along(line);
        boolean touches = travel.ending() == Action.Ending.TOUCH && brokenOff.isEmpty();
        Vec last = line.get(line.size() - 1);
        // Who goes backwards is not told that it is forwards, and who was told what they come by needs no direction.
        boolean direction = travel.gait() != Action.Gait.BACK;
        Optional<Named> way = ways(travel).of(line, direction && along.words().isEmpty());
        Optional<Named> end = touches ? whereabouts(travel).touched(last).or(() -> way) : way;
        if (end.isEmpty() && direction && along.firstCut() > 0) {
            ways(travel).of(new Course(line).until(along.firstCut()), true).ifPresent(w -> goes(said, w, "space"));
        }
        said.addAll(along.words());
        // What they leave on one side they also go past.
        end.filter(e -> !along.round())
                .filter(e -> e.piece().isEmpty()
                        || along.words().stream().noneMatch(w -> w.piece().equals(e.piece())))
                .ifPresent(e -> goes(said, e, along.apart() ? "list.comma" : "space"));
        add(said, travel instanceof Travel.Carry ? words.say("carry." + Wordbook.key(travel.gait())) : "");
        craft(said, travel, line);
        boolean corner = travel.going().corner() != Going.Corner.CUT;
        if (corner) {
            add(said, words.say("corner." + Wordbook.key(travel.going().corner())));
        }
        travel.going()
                .watching()
                .flatMap(whereabouts(travel)::thing)
                .ifPresent(w -> said.add(new Named(words.say("watching", w.text()), w.piece())));
        if (brokenOff.isPresent()) {
            add(said, words.say("breaks.off"));
        } else if (travel.ending() != Action.Ending.GO_ON) {
            boolean ground = touches && end.isEmpty();
            // What stands between commas ends with one.
            String comma = corner
                            || travel.going().watching().isPresent()
                            || !travel.going().craft().equals(Craft.PLAIN)
                    ? words.say("list.comma").stripTrailing()
                    : "";
            add(
                    said,
                    comma
                            + words.say(
                                    "ending." + Wordbook.key(travel.ending()) + (ground ? ".ground" : ""),
                                    words.word("ball")));
        }
        return said;
    }

    /** Hands and feet. */
    private void craft(List<Named> said, Travel travel, List<Vec> line) {
        new BodyWords(stage, surface, unit, words)
                .of(travel.going().craft(), line, Ruler.length(line))
                .forEach(c -> add(said, c));
    }

    private void collects(List<Named> said, Travel travel) {
        boolean contested = stage.actions().stream()
                .anyMatch(a -> a instanceof Travel.Collect c
                        && !c.id().equals(travel.id())
                        && c.path().last().equals(travel.path().last())
                        && areAtOnce(timeline, c, travel));
        String takes =
                switch (travel.ending()) {
                    case TRAP -> "and.traps";
                    case CATCH -> "ending.catch";
                    default -> "and.collects";
                };
        String key = contested ? "for.the.ball" : takes;
        if (timeline.brokenOff(travel.id()).isPresent()) {
            add(said, words.say(contested ? "for.the.ball" : "towards.ball", words.word("ball")));
            add(said, words.say("breaks.off"));
        } else {
            add(said, words.say(timeline.cutsOut(travel.id()) ? "and.cuts.out" : key, words.word("ball")));
        }
    }

    /** Whether two go for something at about the same time: one is not there already when the other sets off. */
    static boolean areAtOnce(Timeline timeline, Action one, Action other) {
        Optional<ActionTimes> a = timeline.times(one.id());
        Optional<ActionTimes> b = timeline.times(other.id());
        return a.isPresent()
                && b.isPresent()
                && a.get().start() < b.get().end()
                && b.get().start() < a.get().end();
    }

    private void pace(List<Named> said, double share) {
        if (share < 1) {
            int percent = (int) Math.round(share * 100);
            add(
                    said,
                    switch (percent) {
                        case 50 -> words.say("pace.half");
                        case 75 -> words.say("pace.three-quarter");
                        default -> words.say("pace", words.share(share));
                    });
        }
    }

    private void goes(List<Named> said, Named where, String joined) {
        said.add(new Named(words.say(joined) + where.text(), where.piece()));
    }

    private static void add(List<Named> said, String text) {
        said.add(new Named(text, ""));
    }

    /** Where a way of somebody leads, as they see it. */
    WayWords ways(Action action) {
        return new WayWords(stage, surface, words, sides.isTurned(action), ball(action));
    }

    private Whereabouts whereabouts(Action action) {
        return new Whereabouts(stage, surface, words, sides.isTurned(action));
    }

    /** The ball that is nearest to somebody as they set off; empty for who has it. */
    private Optional<Vec> ball(Action action) {
        double t = start(action);
        Vec who = timeline.at(action.who(), t);
        return timeline.balls().stream()
                .map(b -> timeline.ball(b, t))
                .min((a, b) -> Double.compare(a.distance(who), b.distance(who)))
                .filter(b -> timeline.ballOf(action.who(), t).isEmpty());
    }

    private double start(Action action) {
        return timeline.times(action.id()).map(ActionTimes::start).orElse(0.0);
    }

    private OnTheWay onTheWay(Travel travel) {
        double from = start(travel);
        double until = timeline.times(travel.id()).map(ActionTimes::end).orElse(from);
        return new OnTheWay(
                stage,
                words,
                new GearNames(stage, words, sides.isTurned(travel)),
                unit,
                p -> p.id().equals(travel.who()) ? Optional.empty() : stands(p, from, until));
    }

    /** Where somebody stands who does so all the while. */
    private Optional<Vec> stands(Piece.Person person, double from, double until) {
        Vec at = timeline.at(person.id(), from);
        Vec middle = timeline.at(person.id(), (from + until) / 2);
        boolean still =
                middle.distance(at) <= STILL && timeline.at(person.id(), until).distance(at) <= STILL;
        return still ? Optional.of(at) : Optional.empty();
    }
}

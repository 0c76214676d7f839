package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import wildchalk.core.Stages;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.CopyEdits;
import wildchalk.core.edit.Placement;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.timeline.Timeline;

/** What holds for any stage, sensible or not. */
class RehearsalProperties {

    private static final ThreadMXBean CLOCK = ManagementFactory.getThreadMXBean();
    private static final double STEP = 0.02;
    /**
     * A planted foot throws a body another way at 4.3 m/s: within a fifth of a second, that is up to 22 m/s². Turned at
     * once it would be 43.
     */
    private static final double MOST_PULL = 28;
    /** No delivery is launched faster, m/s. */
    private static final double FASTEST_BALL = 45;
    /** How far from a body a ball is taken or given, metres: what is in reach goes into the hands at once. */
    private static final double IN_HANDS = 2.6;

    @Property(tries = 1500, seed = "19081")
    void anyStageGivesATimelineAndTheSameOneEachTime(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        Timeline again = Rehearsal.of(stage, Stages.TURF);
        assertTrue(milliseconds(stage) < 50, "it takes too long");
        assertEquals(t.events(), again.events());
        assertEquals(t.problems(), again.problems());
        assertTrue(Double.isFinite(t.duration()));
        for (Action action : stage.actions()) {
            assertTrue(
                    accountedFor(stage, t, action, stage.actions().size()),
                    action.id() + " neither happens nor is it said why");
        }
    }

    /**
     * It happens, or it is said why not, or it belongs to an option that is not taken, or it waits for what does not
     * happen for such a reason.
     */
    private static boolean accountedFor(Stage stage, Timeline t, Action action, int deep) {
        boolean itself = t.times(action.id()).isPresent()
                || t.problems().stream().anyMatch(p -> p.action().equals(action.id()))
                || t.otherWays().playing(action.id()).isPresent()
                // Of a read, what does not belong to its first option; of one that may not come up, anything.
                || Reads.of(stage).stream()
                        .flatMap(r -> r.options().stream().skip(r.under().isPresent() ? 0 : 1))
                        .anyMatch(o -> o.actions().contains(action.id()));
        return itself
                || deep > 0
                        && waitedFor(stage, action)
                                .anyMatch(a -> t.times(a.id()).isEmpty() && accountedFor(stage, t, a, deep - 1));
    }

    private static Stream<Action> waitedFor(Stage stage, Action action) {
        List<Action> own = stage.actionsOf(action.who());
        return Soundness.triggers(action).stream()
                .flatMap(trigger -> trigger instanceof Cue.Next
                        ? own.subList(0, own.indexOf(action)).stream()
                        : stage.actions().stream()
                                .filter(a -> trigger.of().filter(a.id()::equals).isPresent()
                                        || trigger instanceof Cue.Called && a instanceof Action.Call));
    }

    /**
     * The quickest of a few tries, in time of this thread's own: a busy machine may give the processor to others
     * meanwhile.
     */
    private static double milliseconds(Stage stage) {
        double quickest = Double.MAX_VALUE;
        for (int i = 0; i < 8 && quickest > 50; i++) {
            long begun = CLOCK.getCurrentThreadCpuTime();
            Rehearsal.of(stage, Stages.TURF);
            quickest = Math.min(quickest, (CLOCK.getCurrentThreadCpuTime() - begun) / 1e6);
        }
        return quickest;
    }

    @Property(tries = 400, seed = "19081")
    void nobodyJumpsOrOutrunsThemselves(@ForAll("stages") Stage stage) {
        Speeds speeds = Speeds.of(Stages.TURF);
        double fastest = speeds.top().values().stream()
                .mapToDouble(Double::doubleValue)
                .max()
                .orElseThrow();
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (String who : t.people()) {
            for (double time = 0; time < Math.min(30, t.duration()); time += STEP) {
                double gone =
                        t.pose(who, time).at().distance(t.pose(who, time + STEP).at());
                assertTrue(gone <= fastest * STEP + 0.005, who + " goes " + gone + " m in " + STEP + " s at " + time);
            }
        }
    }

    @Property(tries = 1000, seed = "19081")
    void nobodyChangesSpeedOrDirectionAtOnce(@ForAll("players") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        double step = 0.1;
        for (String who : t.people()) {
            if (isTackled(stage, who)) {
                continue;
            }
            for (double time = step; time < Math.min(30, t.duration()); time += step) {
                Vec before = t.pose(who, time - step).at();
                Vec now = t.pose(who, time).at();
                Vec after = t.pose(who, time + step).at();
                double pull = after.minus(now).minus(now.minus(before)).length() / (step * step);
                assertTrue(pull < MOST_PULL, who + " is pulled with " + pull + " m/s² at " + time);
            }
        }
    }

    /** Whoever is stopped by another body is stopped at once. */
    private static boolean isTackled(Stage stage, String who) {
        return stage.actions().stream()
                .anyMatch(a -> a instanceof Act act
                        && act.what() == Act.What.TACKLE
                        && (act.who().equals(who)
                                || act.whom().filter(who::equals).isPresent()));
    }

    /**
     * By where it is seen: a ball that somebody has is where they are, one on its way moves on, one that lies stays.
     */
    @Property(tries = 400, seed = "19081")
    void everyBallHasOneStory(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (String ball : t.balls()) {
            Vec before = t.ball(ball, 0);
            for (double time = STEP; time < Math.min(30, t.duration()); time += STEP) {
                Vec now = t.ball(ball, time);
                assertTrue(now.isFinite());
                if (t.holder(ball, time).isPresent()) {
                    Vec hands = t.pose(t.holder(ball, time).get(), time).at();
                    assertEquals(
                            0,
                            hands.distance(now),
                            1e-6,
                            ball + " is with " + t.holder(ball, time).get() + " and " + now.distance(hands)
                                    + " m away at " + time);
                }
                double until = time;
                boolean handedOver = t.possessions(ball).stream()
                        .anyMatch(p -> isBetween(p.from(), until) || isBetween(p.to(), until));
                assertTrue(
                        now.distance(before) <= FASTEST_BALL * STEP + (handedOver ? IN_HANDS : 0.01),
                        ball + " jumps " + now.distance(before) + " m at " + time);
                before = now;
            }
        }
    }

    /** By where they are seen: two in one place who do not go the same way, and are not meant to meet, are told. */
    @Property(tries = 300, seed = "19081")
    void nobodyRunsThroughAnybodyWithoutAWord(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        List<String> people = t.people();
        for (int i = 0; i < people.size(); i++) {
            for (int j = i + 1; j < people.size(); j++) {
                OptionalDouble met = met(t, people.get(i), people.get(j));
                if (met.isPresent() && !isMeant(stage, people.get(i), people.get(j))) {
                    Set<String> both = Set.of(people.get(i), people.get(j));
                    assertTrue(
                            t.problems().stream()
                                    .filter(p -> p.message().contains("right through"))
                                    .anyMatch(p -> stage.action(p.action())
                                                    .filter(a -> both.contains(a.who()))
                                                    .isPresent()
                                            || stage.instructions(Game.Duty.class).stream()
                                                    .anyMatch(d -> d.id().equals(p.action()))),
                            both + " meet at " + met.getAsDouble() + ", and nothing says so");
                }
            }
        }
    }

    /** When two are all but in one place and pass at more than 3 m/s, from one side to the other. */
    private static OptionalDouble met(Timeline t, String a, String b) {
        for (double time = 0.5; time < Math.min(30, t.duration()) - 0.5; time += 0.01) {
            Vec now = t.at(a, time).minus(t.at(b, time));
            Vec before = t.at(a, time - 0.3).minus(t.at(b, time - 0.3));
            Vec after = t.at(a, time + 0.3).minus(t.at(b, time + 0.3));
            if (now.length() < 0.15
                    && before.length() > 1
                    && after.length() > 1
                    && before.unit().dot(after.unit()) < -0.8) {
                return OptionalDouble.of(time);
            }
        }
        return OptionalDouble.empty();
    }

    private static boolean isMeant(Stage stage, String a, String b) {
        return stage.actions().stream()
                .filter(x -> x.who().equals(a) || x.who().equals(b))
                .anyMatch(x -> x instanceof Shadow s && s.way() == Shadow.Way.CHASE
                        || x instanceof Travel.Collect
                        || x instanceof Action.Pass p && p.manner() == Action.Manner.HAND_OFF);
    }

    private static boolean isBetween(double moment, double until) {
        return moment >= until - STEP - 1e-9 && moment <= until + 1e-9;
    }

    @Property(tries = 300, seed = "19081")
    void mirroringTheStageMirrorsTheTimeline(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        // Who stands exactly in line has no nearer side: roundings choose one, and a mirror cannot know which.
        Assume.that(stage.actions().stream().noneMatch(a -> isInLine(a, t)));
        // Nor is whoever stands on the very edge of a station in it for sure.
        Assume.that(stage.people().stream().noneMatch(p -> isOnAnEdge(stage, p)));
        // Nor has a turn right round.
        Assume.that(stage.people().stream().noneMatch(p -> turnsRightRound(stage, p)));
        Timeline m = Rehearsal.of(mirrored(stage), Stages.TURF);
        assertEquals(t.duration(), m.duration(), 1e-4);
        for (String who : t.people()) {
            for (double time = 0; time < Math.min(10, t.duration()); time += 0.25) {
                Vec a = t.pose(who, time).at();
                Vec b = m.pose(who, time).at();
                assertEquals(0, new Vec(a.x(), -a.y()).distance(b), 0.01, who + " at " + time);
            }
        }
    }

    /** Whether one of the places that somebody is sent to lies right behind them when they come from the one before. */
    private static boolean turnsRightRound(Stage stage, Piece.Person person) {
        List<Vec> places = Stream.concat(
                        Stream.of(person.at()),
                        stage.actionsOf(person.id()).stream()
                                .flatMap(a -> a instanceof Travel t ? t.path().through().stream() : Stream.empty())
                                .flatMap(s -> s instanceof Spot.Place p ? Stream.of(p.at()) : Stream.empty()))
                .toList();
        for (int i = 2; i < places.size(); i++) {
            Vec in = places.get(i - 1).minus(places.get(i - 2)).unit();
            Vec out = places.get(i).minus(places.get(i - 1)).unit();
            if (Math.abs(in.cross(out)) < 0.005 && in.dot(out) < 0) {
                return true;
            }
        }
        return false;
    }

    /** Whether somebody is to run beside another and comes to be right before or behind them. */
    private static boolean isInLine(Action action, Timeline t) {
        if (!(action instanceof Shadow s)
                || s.way() != Shadow.Way.HIP_TO_HIP
                || t.times(s.id()).isEmpty()
                || !t.people().containsAll(Set.of(s.who(), s.whom()))) {
            return false;
        }
        for (double time = t.times(s.id()).get().start(); time < Math.min(10, t.duration()); time += STEP) {
            Vec target = t.pose(s.whom(), time).at();
            Vec going = t.pose(s.whom(), time + STEP).at().minus(target);
            if (going.length() > STEP / 20
                    && Math.abs(going.unit().cross(t.pose(s.who(), time).at().minus(target))) < 0.005) {
                return true;
            }
        }
        return false;
    }

    /** By the edit that coaches use. */
    private static boolean isOnAnEdge(Stage stage, Piece.Person person) {
        return stage.stations().stream()
                .anyMatch(s -> s.contains(person.at()) != s.contains(person.at().times(1 + 1e-9))
                        || s.contains(person.at()) != s.contains(person.at().times(1 - 1e-9)));
    }

    private static Stage mirrored(Stage stage) {
        Set<String> all = stage.pieces().stream().map(Piece::id).collect(Collectors.toSet());
        Drill drill = Ladder.put(Drill.empty("d", "", "field-hockey", "whole"), stage);
        return Ladder.build(
                CopyEdits.mirror("s1", "Mirror", stage, all, Placement.OTHER_SIDE, Stages.TURF)
                        .apply(drill),
                "s1");
    }

    @Provide
    Arbitrary<Stage> stages() {
        return AnyStage.stages();
    }

    @Provide
    Arbitrary<Stage> players() {
        return AnyStage.ofPlayers();
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Action.Result;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.Wall;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** How balls get about, each case worked by hand. */
class BallWaysTest {

    private static final Surface RINK = Surfaces.BUILT_IN.get("ice-rink-na");

    private static Action.Pass pass(String to) {
        return new Action.Pass("a1", "F", Spot.at(to), Touch.CONTROLLED, Cue.whistle());
    }

    private static double flight(Timeline t) {
        return t.times("a1").orElseThrow().arrival()
                - t.times("a1").orElseThrow().release();
    }

    @Test
    void lobHangsAsLongAsItsAngleSays() {
        Timeline t = new Stages()
                .player("F", 0, 0)
                .player("7", 20, 0)
                .ball("b1", "F")
                .action(pass("7").going(Manner.LOB))
                .rehearse();
        // √(2·20·tan 50° / 9.81) = √(40 · 1.19175 / 9.81) = √4.8593 = 2.2044 s.
        assertEquals(2.2044, flight(t), 0.0001);
        assertEquals(
                10, t.ball("b1", t.times("a1").orElseThrow().release() + 1.1022).x(), 0.001);
    }

    @Test
    void ballComesOffTheBoardsAsSteeplyAsItGoesIn() {
        Stage stage = new Stages()
                .player("F", 0, 0)
                .player("7", 10, 0)
                .ball("b1", "F")
                .action(pass("7").comingOff(Wall.LEFT))
                .build();
        Timeline t = Rehearsal.of(stage, RINK);
        List<Vec> way = t.line("a1");
        assertEquals(3, way.size());
        // Both are 12.954 m from the boards, 10 m apart: it meets them half way, at x = 5.
        assertEquals(0, way.get(1).distance(new Vec(5, -12.954)), 1e-9);
        // As far as straight to the mirror image: √(10² + 25.908²) = 27.771 m.
        assertEquals(Speeds.of(RINK).pass().time(Math.hypot(10, 25.908)), flight(t), 1e-6);
        assertEquals(List.of(), t.problems());
    }

    @Test
    void passOffTheBoardsIsLedToWhoeverSkates() {
        Stage stage = new Stages()
                .player("F", -10, 2)
                .player("7", 0, 0)
                .ball("b1", "F")
                .sprint("r1", "7", Cue.whistle(), 20, -4)
                .action(pass("7").comingOff(Wall.LEFT))
                .build();
        Timeline t = Rehearsal.of(stage, RINK);
        double arrival = t.times("a1").orElseThrow().arrival();
        List<Vec> way = t.line("a1");
        assertEquals(0, way.get(2).distance(t.pose("7", arrival).at()), 0.01);
        double in = way.get(1).minus(way.get(0)).angle();
        double out = way.get(2).minus(way.get(1)).angle();
        assertEquals(-in, out, 1e-6);
    }

    @Test
    void cornerIsNoWallToComeOff() {
        Stage stage = new Stages()
                .player("F", 29, 0)
                .player("7", 28.5, 1)
                .ball("b1", "F")
                .action(pass("7").comingOff(Wall.LEFT))
                .build();
        Timeline t = Rehearsal.of(stage, RINK);
        assertEquals(2, t.line("a1").size());
        assertTrue(t.problems().get(0).message().startsWith("the ball cannot come off there"));
    }

    @Test
    void handingOverNeedsBothInReach() {
        Timeline near = new Stages()
                .player("F", 0, 0)
                .player("7", 1, 0)
                .ball("b1", "F")
                .action(pass("7").going(Manner.HAND_OFF))
                .rehearse();
        assertEquals(List.of(), near.problems());
        Timeline far = new Stages()
                .player("F", 0, 0)
                .player("7", 9, 0)
                .ball("b1", "F")
                .action(pass("7").going(Manner.HAND_OFF))
                .rehearse();
        assertEquals(
                "F is too far away to hand the ball over: bring the two together first",
                far.problems().get(0).message());
    }

    @Test
    void supplyRunsDown() {
        Timeline t = new Stages()
                .piece(new Piece.Coach("c", new Vec(0, 0), 0, "C"))
                .piece(new Piece.Supply("u1", new Vec(1, 0), 2))
                .player("7", 15, 0)
                .pass("a1", "c", "7", Cue.whistle())
                .pass("a2", "c", "7", Cue.next().delayed(2))
                .pass("a3", "c", "7", Cue.next().delayed(2))
                .rehearse();
        assertEquals(List.of("u1.1", "u1.2"), t.balls());
        assertEquals("7", t.holder("u1.2", t.duration()).orElseThrow());
        assertEquals(
                List.of("a2", "a3"),
                t.problems().stream().map(Problem::action).sorted().toList(),
                "7 has a ball when the second comes, and there is no third");
    }

    @Test
    void ballThatLiesIsCollectedAndPlayedOn() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("9", 20, 0)
                .piece(new Piece.Ball("b1", new Vec(10, 0), Optional.empty()))
                .action(new Travel.Collect(
                        "a0",
                        "7",
                        new TravelPath(List.of(Spot.at("b1")), false),
                        Action.Gait.RUN,
                        Action.Ending.STOP,
                        Cue.whistle()))
                .pass("a1", "7", "9", Cue.next())
                .rehearse();
        assertEquals(List.of(), t.problems());
        assertEquals("9", t.holder("b1", t.duration()).orElseThrow());
        assertEquals(2, t.possessions("b1").size());
        assertEquals(
                t.times("a0").orElseThrow().end(), t.possessions("b1").get(0).from(), 1e-9);
    }

    @Test
    void twoGoForOneBallAndTheFirstHasIt() {
        TravelPath path = new TravelPath(List.of(Spot.at("b1")), false);
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("4", 22, 0, Bib.SKY)
                .piece(new Piece.Ball("b1", new Vec(10, 0), Optional.empty()))
                .action(new Travel.Collect("a1", "7", path, Action.Gait.SPRINT, Action.Ending.STOP, Cue.whistle()))
                .action(new Travel.Collect("a2", "4", path, Action.Gait.SPRINT, Action.Ending.STOP, Cue.whistle()))
                .rehearse();
        assertEquals("7", t.holder("b1", t.duration()).orElseThrow());
        assertTrue(t.events().stream()
                .anyMatch(e -> e.kind() == Event.Kind.CONTEST && e.who().equals("4")));
    }

    @Test
    void reboundComesOutAndIsTakenUp() {
        Vec goal = Stages.TURF.target("goal").orElseThrow().at();
        Action.Shot shot = new Action.Shot("a1", "7", new Spot.AtTarget("goal"), Touch.CONTROLLED, Cue.whistle())
                .ending(Result.REBOUND, Spot.at(goal.x() - 6, 3));
        Timeline t = new Stages()
                .player("7", 32, 0)
                .player("9", 34, 6)
                .ball("b1", "7")
                .action(shot)
                .action(new Travel.Collect(
                        "a2",
                        "9",
                        new TravelPath(List.of(Spot.at("b1")), false),
                        Action.Gait.SPRINT,
                        Action.Ending.STOP,
                        Cue.received("a1")))
                .rehearse();
        assertEquals(List.of(), t.problems());
        assertEquals("9", t.holder("b1", t.duration()).orElseThrow());
        assertEquals(0, t.pose("9", t.duration()).at().distance(new Vec(goal.x() - 6, 3)), 0.01);
    }

    @Test
    void keeperWhoIsThereHasTheBallThatIsSaved() {
        Vec goal = Stages.TURF.target("goal").orElseThrow().at();
        Timeline t = new Stages()
                .player("7", 32, 0)
                .piece(new Piece.Goalkeeper("k", goal.plus(new Vec(-1, 0)), Math.PI, "GK", Bib.LEMON))
                .ball("b1", "7")
                .action(new Action.Shot("a1", "7", new Spot.AtTarget("goal"), Touch.CONTROLLED, Cue.whistle())
                        .ending(Result.SAVED, null))
                .rehearse();
        assertEquals("k", t.holder("b1", t.duration()).orElseThrow());
    }

    @Test
    void childrenAndWalkThroughsAreSlower() {
        Speeds live = Speeds.of(Stages.TURF);
        Speeds half = Speeds.of(Stages.TURF, new Effort(Effort.Level.UNDER_10, Effort.Intensity.HALF));
        assertEquals(live.top().get(Action.Gait.SPRINT) * 0.72 * 0.5, half.top().get(Action.Gait.SPRINT), 1e-9);
        assertEquals(live.pass().launch(10) * 0.65 * 0.75, half.pass().launch(10), 1e-9);
        Stage stage = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 20, 0)
                .build();
        double usual = Rehearsal.of(stage, Stages.TURF).duration();
        double slow = Rehearsal.of(stage.at(new Effort(Effort.Level.ADULT, Effort.Intensity.WALK_THROUGH)), Stages.TURF)
                .duration();
        assertTrue(slow > 2 * usual);
    }

    @Test
    void ballThatIsRolledToNobodyComesToRestThere() {
        Timeline t = new Stages()
                .player("F", 0, 0)
                .ball("b1", "F")
                .action(new Action.Pass("a1", "F", Spot.at(10, 0), Touch.CONTROLLED, Cue.whistle()).going(Manner.ROLL))
                .rehearse();
        // v₀² = 2as with a = 1.5 m/s²: launched at √30 m/s, under way for v₀/a = 3.651 s.
        assertEquals(Math.sqrt(30) / 1.5, flight(t), 1e-6);
        double release = t.times("a1").orElseThrow().release();
        // Half the time before, a quarter of the way is left.
        assertEquals(7.5, t.ball("b1", release + Math.sqrt(30) / 3).x(), 1e-6);
        assertEquals(10, t.ball("b1", release + 60).x(), 1e-9);
    }

    @Test
    void receiverWhoIsSetOffByThePassItselfIsMetWhereBothAre() {
        Timeline t = new Stages()
                .player("F", 0, 0)
                .player("7", 15, 0)
                .ball("b1", "F")
                .pass("a1", "F", "7", Cue.whistle().delayed(1))
                .sprint("r1", "7", new Cue(new Cue.Released("a1"), 0), 45, 0)
                .sprint("r2", "7", Cue.next(), 60, 0)
                .rehearse();
        // v t − t²/2 = 15 + 8 (t − 1.1 (1 − e^(−t/1.1))) with v = 8.5 + 0.35 d for the distance d there, by halving.
        double low = 0;
        double high = 5;
        for (int i = 0; i < 60; i++) {
            double x = (low + high) / 2;
            double d = 15 + 8 * (x - 1.1 * (1 - Math.exp(-x / 1.1)));
            boolean late = (8.5 + 0.35 * d) * x - x * x / 2 < d;
            low = late ? x : low;
            high = late ? high : x;
        }
        assertEquals(low, flight(t), 0.001);
        double arrival = t.times("a1").orElseThrow().arrival();
        assertEquals(
                0, t.ball("b1", arrival - 1e-9).distance(t.pose("7", arrival).at()), 0.01);
    }

    @Test
    void ballTouchesTheWallItComesOffBeforeAnybody() {
        Stage stage = new Stages()
                .player("F", 0, 0)
                .player("7", 10, 0)
                .player("9", -10, 5)
                .ball("b1", "F")
                .action(pass("7").comingOff(Wall.LEFT))
                .run("r1", "9", new Cue(new Cue.Touches("b1"), 0), -5, 5)
                .run("r2", "9", new Cue(new Cue.Touches("7"), 0), 0, 5)
                .build();
        Timeline t = Rehearsal.of(stage, RINK);
        // Half of the way of 27.771 m.
        double half = Math.hypot(10, 25.908) / 2;
        assertEquals(
                half, Speeds.of(RINK).pass().gone(t.times("r1").orElseThrow().start(), 2 * half), 0.001);
        assertEquals(
                t.times("a1").orElseThrow().arrival(),
                t.times("r2").orElseThrow().start(),
                1e-9);
    }

    @Test
    void curvingRunnerIsMetWithinACentimetre() {
        Timeline t = new Stages()
                .player("F", 0, 0)
                .player("7", 10, -15)
                .ball("b1", "F")
                .travel(new Travel.Run(
                        "r1",
                        "7",
                        Stages.path(true, 20, -10, 24, 0, 18, 10, 6, 12),
                        Action.Gait.SPRINT,
                        Action.Ending.GO_ON,
                        Cue.whistle()))
                .pass("a1", "F", "7", Cue.whistle().delayed(1.5))
                .rehearse();
        ActionTimes times = t.times("a1").orElseThrow();
        Vec met = t.pose("7", times.arrival()).at();
        assertEquals(0, t.ball("b1", times.arrival() - 1e-9).distance(met), 0.01);
        // It goes straight from F, slowing 1 m/s²: s = v t − t²/2; and 7 does run on a bend there.
        double flight = flight(t);
        assertEquals((8.5 + 0.35 * met.length()) * flight - flight * flight / 2, met.length(), 0.01);
        Vec before = met.minus(t.pose("7", times.arrival() - 0.5).at()).unit();
        Vec after = t.pose("7", times.arrival() + 0.5).at().minus(met).unit();
        assertEquals(true, Math.abs(before.cross(after)) > 0.1, "no bend");
    }
}

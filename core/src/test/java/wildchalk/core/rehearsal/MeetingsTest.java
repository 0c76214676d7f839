package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.Mends;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** A pass drawn to somebody's line: ball and runner are at the place that was drawn, at one moment. */
class MeetingsTest {

    private static final Surface ICE = Surfaces.BUILT_IN.get("ice-rink-intl");

    private static Action.Pass meets(String id, String who, String runner, String line, double share, Cue cue) {
        return new Action.Pass(id, who, new Spot.OnLine(runner, line, share), Touch.CONTROLLED, cue);
    }

    private static Stages two() {
        return new Stages().player("3", 0, 0).player("7", -5, 10).ball("b", "3");
    }

    /** Ball and runner are both there as the pass arrives. */
    private static void metAt(Timeline t, String pass, String runner, Vec place) {
        double arrival = t.times(pass).orElseThrow().arrival();
        assertTrue(t.at(runner, arrival).distance(place) < 0.3, runner + " is at " + t.at(runner, arrival));
        assertTrue(t.ball("b", arrival - 1e-3).distance(place) < 0.3, "the ball is at " + t.ball("b", arrival - 1e-3));
        assertEquals(runner, t.holder("b", arrival + 1e-3).orElse(""));
    }

    private static double release(Timeline t, String pass) {
        return t.times(pass).orElseThrow().release();
    }

    @Test
    void passerHoldsTheBallUntilWhoRunsCanBeThereWithIt() {
        Timeline t = two().run("a1", "7", Cue.whistle(), 20, 10)
                .action(meets("a2", "3", "7", "a1", 0.6, Cue.whistle()))
                .rehearse();
        assertEquals(List.of(), t.problems());
        metAt(t, "a2", "7", new Vec(10, 10));
        assertTrue(release(t, "a2") > 1, "held: " + release(t, "a2"));
        assertTrue(t.at("7", release(t, "a2")).x() < 9, "not sent before");
    }

    @Test
    void metOnACurve() {
        Timeline t = two().travel(new Travel.Run(
                        "a1", "7", Stages.path(true, 5, 16, 15, 12, 20, 2), Gait.SPRINT, Ending.GO_ON, Cue.whistle()))
                .action(meets("a2", "3", "7", "a1", 0.5, Cue.whistle()))
                .rehearse();
        assertEquals(List.of(), t.problems());
        Vec place = new Places(
                        two().travel(new Travel.Run(
                                        "a1",
                                        "7",
                                        Stages.path(true, 5, 16, 15, 12, 20, 2),
                                        Gait.SPRINT,
                                        Ending.GO_ON,
                                        Cue.whistle()))
                                .build(),
                        Stages.TURF)
                .of(new Spot.OnLine("7", "a1", 0.5));
        metAt(t, "a2", "7", place);
    }

    @Test
    void runnerWaitsAtTheEndForWhoCannotPassSooner() {
        Timeline t = two().run("a1", "7", Cue.whistle(), 3, 10)
                .run("a3", "7", Cue.next(), 12, 10)
                .carry("a0", "3", Cue.whistle(), -15, 0)
                .action(meets("a2", "3", "7", "a1", 1, Cue.next()))
                .rehearse();
        assertEquals(List.of(), t.problems());
        metAt(t, "a2", "7", new Vec(3, 10));
        double arrival = t.times("a2").orElseThrow().arrival();
        assertEquals(0, t.at("7", arrival - 0.3).distance(new Vec(3, 10)), 0.05, "7 stands there already");
        assertEquals(arrival, t.times("a1").orElseThrow().end(), 1e-6, "and has not run on before");
        assertTrue(t.times("a3").orElseThrow().start() >= arrival - 1e-9);
    }

    @Test
    void runnerWaitsHalfWayAndGoesOnWithTheBall() {
        Timeline t = two().run("a1", "7", Cue.whistle(), 3, 10, 15, 4)
                .carry("a0", "3", Cue.whistle(), -15, 0)
                .action(meets("a2", "3", "7", "a1", 0.7, Cue.next()))
                .rehearse();
        assertEquals(List.of(), t.problems());
        Vec place = new Vec(3, 10).towards(new Vec(15, 4), ((8 + Math.hypot(12, 6)) * 0.7 - 8) / Math.hypot(12, 6));
        metAt(t, "a2", "7", place);
        double arrival = t.times("a2").orElseThrow().arrival();
        assertEquals(0, t.at("7", arrival - 0.3).distance(place), 0.05);
        assertEquals(0, t.at("7", t.duration()).distance(new Vec(15, 4)), 0.05, "then to the end");
        List<Vec> line = t.line("a1");
        assertEquals(0, line.get(0).distance(new Vec(-5, 10)), 1e-6);
        assertEquals(0, line.get(line.size() - 1).distance(new Vec(15, 4)), 1e-6);
        long ends = t.events().stream()
                .filter(e -> e.kind() == Event.Kind.END && e.action().equals("a1"))
                .count();
        assertEquals(1, ends);
    }

    @Test
    void metAtFullSpeedAtTheFarBlueLine() {
        double blue = 7.14;
        Timeline t = Rehearsal.of(
                new Stages()
                        .player("3", -24, 4)
                        .player("9", -20, -10)
                        .ball("b", "3")
                        .run("a1", "9", Cue.whistle(), blue, -8)
                        .action(meets("a2", "3", "9", "a1", 1, Cue.whistle()))
                        .carry("a3", "9", Cue.received("a2"), 22, -3)
                        .build(),
                ICE);
        assertEquals(List.of(), t.problems());
        metAt(t, "a2", "9", new Vec(blue, -8));
        double arrival = t.times("a2").orElseThrow().arrival();
        double speed = t.at("9", arrival + 0.01).distance(t.at("9", arrival - 0.01)) / 0.02;
        assertTrue(speed > 6, "met at " + speed + " m/s");
    }

    @Test
    void whoSetsOffOnTheReleaseCannotBeThere() {
        Stage stage = two().run("a1", "7", new Cue(new Cue.Released("a2"), 0), 20, 10)
                .action(meets("a2", "3", "7", "a1", 1, Cue.whistle()))
                .build();
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        assertEquals(
                List.of(Problem.Kind.NO_MEETING),
                t.problems().stream().map(Problem::kind).toList());
        assertTrue(t.times("a2").orElseThrow().arrival() < 3, "it is passed all the same");
        List<Mends.Mend> mends = Mends.of("s1", stage, t.problems().get(0));
        assertEquals(
                List.of("Let 7 set off with it", "Pass it at once"),
                mends.stream().map(Mends.Mend::words).toList());
        for (Mends.Mend mend : mends) {
            Stage mended = Ladder.build(mend.edit().apply(Stages.drill(stage)), "s1");
            assertEquals(List.of(), Rehearsal.of(mended, Stages.TURF).problems(), mend.words());
        }
    }

    @Test
    void whoIsSentAnotherWayFirstGetsItWhereTheyAre() {
        Timeline t = two().player("8", 3, 3)
                .run("a1", "7", Cue.whistle(), 25, 10)
                .action(meets("a2", "3", "7", "a1", 1, Cue.whistle()))
                .action(new Action.Call("a4", "8", "switch", new Cue(new Cue.Whistle(), 1.5)))
                .run("a5", "7", new Cue(new Cue.Called("switch"), 0), -5, 0)
                .rehearse();
        assertEquals(
                List.of(Problem.Kind.NO_MEETING),
                t.problems().stream().map(Problem::kind).toList());
        assertEquals("7", t.holder("b", t.duration() + 1).orElse(""));
    }

    /** Others play on for a long time; who can never be met is not waited for until they have done. */
    @Test
    void ballThatCannotBeMetLeavesAtOnceAndNotWhenAllElseIsOver() {
        Timeline t = two().player("8", -10, -10)
                .run("a8", "8", Cue.whistle(), 30, -10)
                .run("a1", "7", Cue.received("a2"), 10, 10)
                .run("a3", "7", Cue.next(), 20, 10)
                .action(meets("a2", "3", "7", "a3", 1, Cue.whistle()))
                .rehearse();
        assertEquals(
                List.of(Problem.Kind.NO_MEETING),
                t.problems().stream().map(Problem::kind).toList());
        assertTrue(release(t, "a2") < 1, "released at " + release(t, "a2"));
    }

    /** 7 goes up the line or comes short; the pass is drawn to the line that is gone only one of the two ways. */
    private static Stage eitherWay() {
        return two().run("a1", "7", Cue.whistle(), 20, 10)
                .run("a3", "7", Cue.whistle(), 2, 4)
                .say(Stages.either("r1", "7", "a1", "a3"))
                .action(meets("a2", "3", "7", "a1", 1, new Cue(new Cue.Whistle(), 0.5)))
                .build();
    }

    @Test
    void lineThatIsNotGoneThisWayCannotBeMetAndSaysSo() {
        Stage stage = eitherWay();
        assertEquals(List.of(), Rehearsal.of(stage, Stages.TURF).problems());
        Instruction.Read read = stage.instructions(Instruction.Read.class).get(0);
        Timeline other = Rehearsal.of(
                stage,
                Stages.TURF,
                Choices.NONE.with(read.id(), read.options().get(1).id()));
        assertEquals(
                List.of(Problem.Kind.NO_MEETING),
                other.problems().stream().map(Problem::kind).toList());
        assertTrue(other.problems().get(0).message().contains("this way"), other.problems()::toString);
        assertEquals("7", other.holder("b", other.duration() + 1).orElse(""), "it is passed all the same");
    }

    @Test
    void waitsForWhoSetsOffLater() {
        Timeline t = two().run("a1", "7", new Cue(new Cue.Whistle(), 4), 20, 10)
                .action(meets("a2", "3", "7", "a1", 0.5, Cue.whistle()))
                .rehearse();
        assertEquals(List.of(), t.problems());
        metAt(t, "a2", "7", new Vec(7.5, 10));
        assertTrue(release(t, "a2") > 4);
    }

    @Test
    void passerOnTheMoveLetsItGoFromWhereTheyAreThen() {
        Timeline t = two().run("a1", "7", Cue.whistle(), 25, 10)
                .carry("a0", "3", Cue.whistle(), 20, 0)
                .action(meets("a2", "3", "7", "a1", 0.8, Cue.whistle()))
                .rehearse();
        assertEquals(List.of(), t.problems());
        metAt(t, "a2", "7", new Vec(19, 10));
    }

    @Test
    void passThatNeverComesKeepsNobodyWaitingForEver() {
        Timeline t = two().run("a1", "7", Cue.whistle(), 3, 10)
                .run("a3", "7", Cue.next(), 12, 10)
                .action(meets("a2", "3", "7", "a1", 1, new Cue(new Cue.Called("never"), 0)))
                .rehearse();
        assertEquals(
                List.of(Problem.Kind.NEVER),
                t.problems().stream().map(Problem::kind).toList());
        assertEquals(0, t.at("7", t.duration() + 1).distance(new Vec(12, 10)), 0.05);
    }
}

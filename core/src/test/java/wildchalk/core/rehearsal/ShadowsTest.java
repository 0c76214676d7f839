package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** People who follow others, each case worked by hand. */
class ShadowsTest {

    private static final Speeds TURF = Speeds.of(Stages.TURF);
    private static final Vec GOAL = Stages.TURF.target("goal").orElseThrow().at();

    private static Stages withCarrier(double x) {
        return new Stages()
                .player("7", x, 0)
                .player("4", 0, 0, Bib.SKY)
                .ball("b1", "7")
                .carry("a1", "7", Cue.whistle(), x + 25, 0)
                .carry("a2", "7", Cue.next(), x + 33, 0);
    }

    @Test
    void chaserCatchesTheCarrierWhereTheClosedFormSays() {
        Timeline t = withCarrier(10)
                .shadow("s1", "4", "7", Shadow.Way.CHASE, 1, Cue.whistle())
                .rehearse();
        // Both go x = v·f(t), f(t) = t − τ(1 − e^(−t/τ)): caught when 10 + v₁·f − v₂·f = 1, so f = 9 / (v₂ − v₁).
        double chaser = TURF.top().get(Gait.SPRINT);
        double carrier = TURF.top().get(Gait.RUN) * TURF.withBall();
        double expected = ClosedForm.secondsFor(9 / (chaser - carrier), 1);
        assertEquals(expected, t.times("s1").orElseThrow().end(), 0.01);
        double caught = t.times("s1").orElseThrow().end();
        assertEquals(1, t.pose("4", caught).at().distance(t.pose("7", caught).at()), 0.01);
    }

    @Test
    void whoHasCaughtSomebodyComesToRestWithinTheBrakingDistance() {
        Timeline t = withCarrier(10)
                .shadow("s1", "4", "7", Shadow.Way.CHASE, 1, Cue.whistle())
                .rehearse();
        double caught = t.times("s1").orElseThrow().end();
        double v = t.pose("4", caught).at().distance(t.pose("4", caught - 0.01).at()) / 0.01;
        double rest =
                t.pose("4", t.duration() + 10).at().distance(t.pose("4", caught).at());
        assertEquals(v * v / (2 * TURF.brake()), rest, 0.1);
    }

    @Test
    void markerComesToStandOnTheGoalSide() {
        Timeline t = new Stages()
                .player("7", 20, 10)
                .player("4", 0, 0, Bib.SKY)
                .shadow("s1", "4", "7", Shadow.Way.MARK, 2, Cue.whistle())
                .rehearse();
        Vec target = new Vec(20, 10);
        Vec wanted = target.plus(GOAL.minus(target).unit().times(2));
        assertEquals(0, wanted.distance(t.pose("4", t.duration()).at()), 0.1);
        assertEquals(target.minus(wanted).angle(), t.pose("4", t.duration()).facing(), 0.05);
    }

    @Test
    void markerKeepsGoalSideOfWhoeverRuns() {
        Timeline t = new Stages()
                .player("7", 0, -15)
                .player("4", 3, -15, Bib.SKY)
                .run("a1", "7", Cue.whistle(), 0, 15)
                .shadow("s1", "4", "7", Shadow.Way.MARK, 2, Cue.whistle())
                .rehearse();
        for (double time = 2; time < 5; time += 0.25) {
            Vec runner = t.pose("7", time).at();
            Vec wanted = runner.plus(GOAL.minus(runner).unit().times(2));
            assertTrue(
                    wanted.distance(t.pose("4", time).at()) < 0.7,
                    "off by " + wanted.distance(t.pose("4", time).at()));
        }
    }

    @Test
    void closingDownStopsShort() {
        Timeline t = new Stages()
                .player("7", 15, 0)
                .player("4", 0, 0, Bib.SKY)
                .shadow("s1", "4", "7", Shadow.Way.CLOSE_DOWN, 3, Cue.whistle())
                .rehearse();
        // From the other side: on the line between the two is not goal-side, so they come round to it.
        assertEquals(3, t.pose("4", t.duration()).at().distance(new Vec(15, 0)), 0.15);
    }

    @Test
    void hipToHipStaysBeside() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("4", 0, 1.5, Bib.SKY)
                .run("a1", "7", Cue.whistle(), 30, 0)
                .shadow("s1", "4", "7", Shadow.Way.HIP_TO_HIP, 1.5, Cue.whistle())
                .rehearse();
        Vec runner = t.pose("7", 4).at();
        Vec beside = t.pose("4", 4).at();
        assertEquals(1.5, beside.y() - runner.y(), 0.1);
        assertEquals(0, beside.x() - runner.x(), 0.6);
    }

    @Test
    void endsWhenItIsToldTo() {
        Timeline t = withCarrier(5)
                .action(new Shadow(
                        "s1",
                        "4",
                        "7",
                        new Shadow.Style(Shadow.Way.MARK, Shadow.Side.GOAL, 2),
                        Gait.SPRINT,
                        Optional.of(new Cue.Gone("a1", 12)),
                        Cue.whistle()))
                .run("b1", "4", Cue.next(), 0, 10)
                .rehearse();
        double gone = ClosedForm.secondsFor(12, TURF.top().get(Gait.RUN) * TURF.withBall());
        assertEquals(gone, t.times("s1").orElseThrow().end(), 0.001);
        assertEquals(gone, t.times("b1").orElseThrow().start(), 0.001);
        assertEquals(0, new Vec(0, 10).distance(t.pose("4", t.duration() + 5).at()), 0.01);
    }

    @Test
    void whatLastsUntilItsOwnStartIsOverAtOnce() {
        Timeline t = withCarrier(5)
                .action(new Shadow(
                        "s1",
                        "4",
                        "7",
                        new Shadow.Style(Shadow.Way.MARK, Shadow.Side.GOAL, 2),
                        Gait.SPRINT,
                        Optional.of(new Cue.With("s1")),
                        Cue.whistle()))
                .rehearse();
        assertEquals(0, t.times("s1").orElseThrow().end(), 1e-9);
        assertEquals(0, t.pose("4", t.duration()).at().length(), 1e-9);
    }

    @Test
    void passToSomebodyWhoShadowsMeetsThem() {
        Timeline t = new Stages()
                .player("7", 0, 0, Bib.SKY)
                .player("4", 3, 0)
                .player("F", 10, 20)
                .ball("b1", "F")
                .run("a1", "7", Cue.whistle(), 20, -10)
                .shadow("s1", "4", "7", Shadow.Way.MARK, 2, Cue.whistle())
                .pass("p1", "F", "4", Cue.whistle().delayed(1))
                .rehearse();
        double arrival = t.times("p1").orElseThrow().arrival();
        assertEquals(
                0, t.ball("b1", arrival - 1e-6).distance(t.pose("4", arrival).at()), 0.01);
    }

    @Test
    void twoWhoFollowEachOtherComeToRest() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .player("4", 10, 3, Bib.SKY)
                .shadow("s1", "4", "7", Shadow.Way.MARK, 2, Cue.whistle())
                .shadow("s2", "7", "4", Shadow.Way.MARK, 2, Cue.whistle())
                .rehearse();
        assertTrue(t.duration() < 30);
        assertEquals(0, t.problems().size());
    }

    @Test
    void bodyTurnsToWhatItShallFaceInTheTimeThatTakes() {
        Timeline t = new Stages()
                .player("7", 0, 0)
                .action(new Hold(
                        "h1", "7", Hold.Stance.TURN, Optional.of(Spot.at(-10, 0)), 0, Optional.empty(), Cue.whistle()))
                .rehearse();
        assertEquals(TURF.takes().turning(), t.times("h1").orElseThrow().end(), 1e-9);
        assertEquals(Math.PI, Math.abs(t.pose("7", 1).facing()), 1e-9);
        assertEquals(
                Math.PI / 2, Math.abs(t.pose("7", TURF.takes().turning() / 2).facing()), 1e-9);
    }

    @Test
    void whoIsCalledAwayBeforeTheyHaveTurnedHasNotTurned() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .action(new Hold(
                        "h1", "7", Hold.Stance.TURN, Optional.of(Spot.at(-10, 0)), 3, Optional.empty(), Cue.whistle()));
        assertEquals(
                1,
                stages.rehearse().events().stream()
                        .filter(e -> e.kind() == Event.Kind.TURN)
                        .count());
        Timeline called =
                stages.run("a1", "7", Cue.whistle().delayed(0.2), 10, 0).rehearse();
        assertEquals(
                0,
                called.events().stream()
                        .filter(e -> e.kind() == Event.Kind.TURN)
                        .count());
        assertEquals(0.2, called.times("h1").orElseThrow().end(), 1e-9);
    }

    @Test
    void whoClosesDownStaysGoalSideAndOffWhoeverComesAtThem() {
        for (double distance : new double[] {2, 3.5, 5}) {
            Timeline t = new Stages()
                    .player("7", 5, 3)
                    .player("4", 34, -2, Bib.SKY)
                    .ball("b", "7")
                    .carry("a1", "7", Cue.whistle(), 38, 1)
                    .shadow("a2", "4", "7", Shadow.Way.CLOSE_DOWN, distance, Cue.whistle())
                    .rehearse();
            Vec goal = Stages.TURF.target("goal").orElseThrow().at();
            double end = t.times("a1").orElseThrow().end();
            for (double time = 0; time < end; time += 0.05) {
                Vec seven = t.at("7", time);
                Vec four = t.at("4", time);
                assertTrue(seven.distance(four) > 0.7 * distance, "too near at " + time + ": " + seven.distance(four));
                assertTrue(four.distance(goal) < seven.distance(goal), "on the wrong side at " + time);
            }
        }
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Action.Result;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

class FetchingTest {

    private static Travel collect(String id, String who, String ball, Ending ending, Cue cue) {
        return new Travel.Collect(id, who, new TravelPath(List.of(Spot.at(ball)), false), Gait.SPRINT, ending, cue);
    }

    private static Action roll(String id, String who, double x, double y, Cue cue) {
        return new Action.Pass(id, who, Spot.at(x, y), Touch.CONTROLLED, cue).going(Manner.ROLL);
    }

    @Test
    void ballThatIsTakenUpWhileItRollsStaysWithWhoeverTookIt() {
        Timeline t = new Stages()
                .player("F", 0, 0)
                .player("7", 12, -12)
                .ball("b", "F")
                .action(roll("a1", "F", 16, 0, Cue.whistle()))
                .travel(collect("a2", "7", "b", Ending.GO_ON, Cue.with("a1")))
                .carry("a3", "7", Cue.next(), 14, 20)
                .carry("a4", "7", Cue.next(), -4, 20)
                .rehearse();
        assertEquals(List.of(), t.problems());
        double taken = t.times("a2").orElseThrow().end();
        double rest = Math.sqrt(2 * 16 / 1.5);
        assertTrue(taken < rest - 0.5, "it is still rolling at " + taken);
        assertTrue(t.duration() > rest + 0.5, "and has been on its way for long");
        for (double time = taken; time < t.duration(); time += 0.01) {
            assertEquals(Optional.of("7"), t.holder("b", time));
            assertEquals(0, t.ball("b", time).distance(t.pose("7", time).at()), 1e-9);
        }
        List<Event> arrivals =
                t.events().stream().filter(e -> e.kind() == Event.Kind.ARRIVAL).toList();
        assertEquals(1, arrivals.size());
        assertEquals(taken, arrivals.get(0).t(), 1e-9);
    }

    @Test
    void rollingBallIsMetWhereItIsByThen() {
        Timeline t = new Stages()
                .player("F", 0, 0)
                .player("7", 8, -6)
                .ball("b", "F")
                .action(roll("a1", "F", 20, 0, Cue.whistle()))
                .travel(collect("a2", "7", "b", Ending.STOP, Cue.with("a1")))
                .rehearse();
        double taken = t.times("a2").orElseThrow().end();
        assertEquals(0, t.ball("b", taken - 1e-6).distance(t.pose("7", taken).at()), 0.3);
        assertTrue(
                t.ball("b", taken - 0.1).distance(t.ball("b", taken - 1e-6)) > 0.15, "well before it has come to rest");
    }

    @Test
    void ballThatLiesIsTakenByWhoeverRunsOnJustWhereItLies() {
        for (double x : new double[] {6, 9.3, 14.1}) {
            Timeline t = new Stages()
                    .player("7", 0, 0)
                    .piece(new Piece.Ball("b", new Vec(x, 0), Optional.empty()))
                    .travel(collect("a1", "7", "b", Ending.GO_ON, Cue.whistle()))
                    .carry("a2", "7", Cue.next(), x + 12, 0)
                    .rehearse();
            double taken = t.times("a1").orElseThrow().end();
            assertEquals(0, t.at("7", taken).distance(new Vec(x, 0)), 0.01, "it is not run past");
        }
    }

    @Test
    void whoGoesForAReboundThatIsStillToComeGoesToWhereItComes() {
        Vec goal = Stages.TURF.target("goal").orElseThrow().at();
        Vec out = goal.plus(new Vec(-7, 8));
        Timeline t = new Stages()
                .player("9", goal.x() - 20, 0)
                .player("10", goal.x() - 16, 12)
                .ball("b", "9")
                .action(new Action.Shot("a1", "9", new Spot.AtTarget("goal"), Touch.FIRST_TIME, Cue.whistle())
                        .ending(Result.REBOUND, Spot.at(out.x(), out.y())))
                .travel(collect("a2", "10", "b", Ending.STOP, new Cue(new Cue.Released("a1"), 0)))
                .rehearse();
        assertEquals(List.of(), t.problems());
        assertEquals(Optional.of("10"), t.holder("b", t.duration()));
        assertTrue(t.pose("10", t.duration()).at().distance(goal) > 4, "not to the goal");
        assertTrue(
                t.times("a2").orElseThrow().end() >= t.times("a1").orElseThrow().arrival(),
                "nobody takes a shot on its way");
    }

    @Test
    void nobodyCrawlsToABallBecauseOfACornerThatComesAfterIt() {
        // A run, a ball that is gone for on the way, and a carry round a corner: as quick to the ball as without it.
        double with = touching(true);
        double without = touching(false);
        assertTrue(with <= without, with + " s, and " + without + " s for who stops there");
    }

    private static double touching(boolean carries) {
        Stages s = new Stages()
                .player("7", 0, 0)
                .piece(new Piece.Ball("b", new Vec(12, 2), Optional.empty()))
                .sprint("a1", "7", Cue.whistle(), 20, 0)
                .travel(collect("a2", "7", "b", Ending.GO_ON, new Cue(new Cue.Gone("a1", 6), 0)));
        if (carries) {
            s.carry("a3", "7", Cue.next(), 12, 14);
        }
        return s.rehearse().times("a2").orElseThrow().end();
    }
}

package wildchalk.core.ask;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.ask.Answer.Drawn;
import wildchalk.core.ask.Answer.Verdict;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.motion.Speeds;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.BalanceWords;
import wildchalk.core.timeline.Timeline;

class RulersTest {

    private static Timeline of(Stage stage) {
        return Rehearsal.of(stage, Stages.TURF);
    }

    @Test
    void sightIsSixtyDegreesToEitherSideOfTheNose() {
        // 7 stands at the origin and faces along x.
        double in = Math.toRadians(59);
        double out = Math.toRadians(61);
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 10 * Math.cos(in), 10 * Math.sin(in))
                .ball("b", "9")
                .player("4", 5 * Math.cos(out), -5 * Math.sin(out), Bib.SKY)
                .build();
        Sight sight = Sight.of(stage.person("7").orElseThrow(), stage, of(stage), 0);
        assertTrue(sight.seesBall());
        assertFalse(sight.seesOpponent());
        assertEquals("4", sight.opponent().orElseThrow().id());
        assertFalse(sight.sees(new Vec(-3, 0)));
        assertTrue(sight.sees(Vec.ZERO));
        List<Drawn> drawn = answer(stage, Sign.of(Sign.Kind.SIGHT, List.of(Spot.at("7"))));
        assertEquals("7 sees the ball, not 4", drawn.get(0).words());
        assertEquals(Verdict.BAD, drawn.get(0).verdict());
    }

    private static List<Drawn> answer(Stage stage, Sign... signs) {
        Freeze freeze = new Freeze("f", Cue.whistle(), "?", "", List.of(signs));
        return Answer.of(freeze, stage, of(stage), Stages.TURF, Unit.METRES);
    }

    @Test
    void laneIsShutByAnOpponentWithinAMetreAndAHalf() {
        Stage shut = new Stages()
                .player("7", 0, 0)
                .player("9", 20, 0)
                .player("4", 10, 1.4, Bib.SKY)
                .build();
        Sign lane = Sign.of(Sign.Kind.LANE, List.of(Spot.at("7"), Spot.at("9")));
        assertEquals("shut, 4 is 1.4 m off it", answer(shut, lane).get(0).words());
        assertEquals(Verdict.BAD, answer(shut, lane).get(0).verdict());
        Stage open = new Stages()
                .player("7", 0, 0)
                .player("9", 20, 0)
                .player("4", 10, 1.6, Bib.SKY)
                .player("2", 10, 0.1)
                .build();
        assertEquals(Verdict.GOOD, answer(open, lane).get(0).verdict(), "one's own side shuts no lane");
        // Behind the passer nobody is in the lane, however near the line through both.
        Stage behind = new Stages()
                .player("7", 0, 0)
                .player("9", 20, 0)
                .player("4", -3, 0, Bib.SKY)
                .build();
        assertEquals(Verdict.GOOD, answer(behind, lane).get(0).verdict());
    }

    @Test
    void soonerIsWhoRunsThatWayAlreadyThoughFartherOff() {
        // 9 is at full speed towards the place when 4, who is nearer, still stands. Farther is 14 m, nearer about 12 m.
        Stage stage = new Stages()
                .player("9", -30, 0)
                .player("4", 16, 0, Bib.SKY)
                .sprint("a1", "9", Cue.whistle(), 0, 0)
                .build();
        Timeline timeline = of(stage);
        // Before 9 brakes.
        double t = timeline.times("a1").orElseThrow().end() - 2;
        Speeds speeds = Speeds.of(Stages.TURF, Effort.LIVE);
        double now = timeline.pose("9", t).at().x();
        Race race = Race.of(new Vec(now + 14, 0), stage.people(), timeline, speeds, t);
        assertEquals("9", race.runners().get(0).who().id(), race.toString());
        // From rest on a straight: x(t) = v (t − τ (1 − e^(−t/τ))), v = 8 m/s, τ = 1.1 s.
        Race.Runner still = race.runners().get(1);
        double s = still.seconds();
        assertTrue(still.metres() < 13);
        assertEquals(still.metres(), 8 * (s - 1.1 * (1 - Math.exp(-s / 1.1))), 1e-6);
        assertEquals(
                0,
                Race.of(new Vec(16, 0), List.of(stage.person("4").orElseThrow()), timeline, speeds, 0)
                        .runners()
                        .get(0)
                        .seconds());
    }

    @Test
    void whoIsBehindAShutLaneIsTwoPassesAwayOrCutOff() {
        // 4 stands in the lane from 7 to 9; 11 can be passed to, and can pass on to 9.
        Stages three =
                new Stages().player("7", 0, 0).player("9", 20, 0).ball("b", "7").player("4", 10, 0.5, Bib.SKY);
        Sign nine = Sign.of(Sign.Kind.AWAY, List.of(Spot.at("9")));
        assertEquals("9 is cut off", answer(three.build(), nine).get(0).words());
        Stage open = three.player("11", 8, 12).build();
        assertEquals("9 is 2 passes away", answer(open, nine).get(0).words());
        assertEquals(3, answer(open, nine).get(0).points().size());
        assertEquals(
                "11 is one pass away",
                answer(open, Sign.of(Sign.Kind.AWAY, List.of(Spot.at("11"))))
                        .get(0)
                        .words());
        assertEquals(
                "7 has the ball",
                answer(open, Sign.of(Sign.Kind.AWAY, List.of(Spot.at("7"))))
                        .get(0)
                        .words());
        assertEquals(
                "4 is cut off",
                answer(open, Sign.of(Sign.Kind.AWAY, List.of(Spot.at("4"))))
                        .get(0)
                        .words(),
                "their team has no ball");
    }

    @Test
    void answerIsMeasuredAtTheMomentOfTheFreeze() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 10, 0)
                .run("a1", "7", Cue.whistle(), 8, 0)
                .build();
        Freeze freeze = new Freeze(
                "f",
                Cue.after("a1"),
                "How far?",
                "",
                List.of(
                        Sign.of(Sign.Kind.GAP, List.of(Spot.at("7"), Spot.at("9"))),
                        Sign.note(Spot.at("7"), "here"),
                        Sign.of(Sign.Kind.LINE, List.of(Spot.at(1, 1)))));
        List<Drawn> drawn = Answer.of(freeze, stage, of(stage), Stages.TURF, Unit.METRES);
        assertEquals(2, drawn.size(), "a line needs two ends");
        assertEquals("2 m", drawn.get(0).words());
        assertEquals(8, drawn.get(1).points().get(0).x(), 0.01);
        assertEquals(List.of("7", "9"), Answer.matters(freeze, stage, of(stage), Stages.TURF));
    }

    @Test
    void numbersOnEachSideOfTheBallFollowWhoComesBack() {
        // 7 and 9 attack towards the goal; 4 is between them and it, 5 starts behind the ball and runs back past it.
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 10)
                .ball("b", "7")
                .player("4", 25, 0, Bib.SKY)
                .player("5", -3, -6, Bib.SKY)
                .piece(new Piece.Goalkeeper("g", new Vec(44, 0), Math.PI, "1", Bib.SKY))
                .travel(new Travel.Carry(
                        "a1",
                        "7",
                        new TravelPath(List.of(Spot.at(15, 0)), false),
                        Action.Gait.JOG,
                        Action.Ending.GO_ON,
                        Cue.whistle()))
                .run("a2", "9", Cue.whistle(), 15, 10)
                .sprint("a3", "5", Cue.whistle(), 25, -6)
                .shot("a4", "7", Cue.after("a1"))
                .build();
        Timeline timeline = of(stage);
        List<Balance> balances = Balance.of(stage, timeline, Stages.TURF);
        assertEquals("2 v 1, then 2 v 2 when sky 5 is back", BalanceWords.of(balances, stage, Stages.TURF));
        double back = balances.get(1).t();
        double goalLine = Stages.TURF.target("goal").orElseThrow().at().x();
        assertTrue(back > 0
                && timeline.pose("5", back).at().distance(new Vec(goalLine, 0))
                        < timeline.ball("b", back).distance(new Vec(goalLine, 0)));
        assertEquals(
                List.of(),
                Balance.of(
                        new Stages().player("7", 0, 0).build(),
                        of(new Stages().player("7", 0, 0).build()),
                        Stages.TURF));
    }
}

package wildchalk.core.flow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Unrolled;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

/** What ends a rep, and what starts the next ball within one. */
class RepOverTest {

    private static final double CLOSE = 0.05;

    private static Cue dead(String ball, Cue.Dead.How how) {
        return new Cue(new Cue.Dead(ball, how), 0);
    }

    private static Action shot(String who, Action.Result result) {
        return new Action.Shot(
                "a",
                who,
                new Spot.AtTarget("goal"),
                Action.Touch.CONTROLLED,
                result,
                Optional.empty(),
                Optional.empty(),
                Cue.whistle());
    }

    private static Timeline rep(Stage stage) {
        return Rehearsal.of(Unrolled.of(stage, s -> Rehearsal.of(s, Stages.TURF)), Stages.TURF);
    }

    /** Whoever shoots runs on for 30 m afterwards. */
    private static Stages shooter() {
        return new Stages()
                .piece(new Piece.LineUp("L", new Vec(30, 0), 0, "L", Bib.CORAL, 2, "shooters"))
                .ball("b", "L")
                .action(shot("L", Action.Result.IN))
                .sprint("c", "L", Cue.after("a"), 10, 0);
    }

    private static double over(Stages stages) {
        Flow.Rep first =
                new Flows(stages.build(), Stages.TURF).of(4, 2, 1).reps().get(0);
        return first.over() - first.t();
    }

    @Test
    void atAGoal() {
        double goal = rep(shooter().build()).times("a").orElseThrow().arrival();
        assertEquals(goal, over(shooter().say(new Rotation.Over("o", dead("b", Cue.Dead.How.IN)))), CLOSE);
        assertEquals(goal, over(shooter().say(new Rotation.Over("o", dead("b", Cue.Dead.How.EITHER)))), CLOSE);
        double all = rep(shooter().build()).duration();
        assertTrue(all > goal + 1, "there is more to do");
        assertEquals(all, over(shooter()), CLOSE);
        // What never comes ends nothing.
        assertEquals(all, over(shooter().say(new Rotation.Over("o", dead("b", Cue.Dead.How.OUT)))), CLOSE);
    }

    @Test
    void atATimeOrWhicheverComesFirst() {
        double goal = rep(shooter().build()).times("a").orElseThrow().arrival();
        Rotation late = new Rotation.Over("o", new Cue(new Cue.Whistle(), goal + 0.5));
        assertEquals(goal + 0.5, over(shooter().say(late)), CLOSE);
        assertEquals(goal, over(shooter().say(late).say(new Rotation.Over("p", dead("b", Cue.Dead.How.IN)))), CLOSE);
    }

    /** The sprint is cut off: fewer metres, and where they are then is where they go on from. */
    @Test
    void whoeverIsStillUnderWayIsCutOff() {
        Stages stages = shooter().say(new Rotation.Over("o", dead("b", Cue.Dead.How.IN)));
        Flow cut = new Flows(stages.build(), Stages.TURF).of(4, 2, 1);
        Flow whole = new Flows(shooter().build(), Stages.TURF).of(4, 2, 1);
        double first = cut.each().get("A").spans().get(0).seconds();
        assertEquals(cut.reps().get(0).over(), first, CLOSE);
        assertTrue(cut.reps().size() > whole.reps().size());
    }

    /** Sent over the side line, and carried over it. */
    @Test
    void atABallThatGoesOut() {
        double side = Stages.TURF.width() / 2;
        Stages sent = new Stages()
                .player("7", 0, side - 6)
                .ball("b", "7")
                .action(new Action.Pass("a", "7", Spot.at(0, side + 6), Action.Touch.CONTROLLED, Cue.whistle()))
                .run("c", "7", Cue.after("a"), 20, side - 6);
        Stages carried =
                new Stages().player("7", 0, side - 6).ball("b", "7").carry("a", "7", Cue.whistle(), 0, side + 3);
        for (Stages stages : List.of(sent, carried)) {
            Timeline t = rep(stages.build());
            double out = over(stages.say(new Rotation.Over("o", dead("b", Cue.Dead.How.OUT))));
            assertEquals(side, t.ball("b", out).y(), 0.1);
            assertTrue(out < t.duration());
        }
    }

    @Test
    void atALineCrossedWithTheBall() {
        Stages stages = new Stages()
                .player("7", -6, 3)
                .ball("b", "7")
                .carry("a", "7", Cue.whistle(), 9, 3)
                .say(new Rotation.Over("o", new Cue(new Cue.Crosses("b", "halfway-line"), 0)));
        Timeline t = rep(stages.build());
        double over = over(stages);
        assertEquals(0, t.ball("b", over).x(), 0.6);
        assertTrue(over < t.duration() - 0.5);
    }

    /** The coach feeds the second ball as soon as the first is in, wherever it was played from. */
    @Test
    void theNextBallComesWhenTheOneBeforeIsDead() {
        Stages stages = shooter()
                .piece(new Piece.Coach("T", new Vec(20, 10), 0, "T"))
                .ball("d", "T")
                .player("9", 28, -8)
                .pass("e", "T", "9", dead("b", Cue.Dead.How.EITHER));
        Timeline t = rep(stages.build());
        assertEquals(List.of(), t.problems());
        assertEquals(
                t.times("a").orElseThrow().arrival(), t.times("e").orElseThrow().start(), CLOSE);
    }

    /** A keeper who has it ends it too, but it is not in. */
    @Test
    void aKeeperWhoHasItEndsIt() {
        Stages saved = new Stages()
                .player("7", 36, 0)
                .piece(new Piece.Goalkeeper("K", new Vec(45, 0), Math.PI, "K", Bib.SKY))
                .ball("b", "7")
                .action(shot("7", Action.Result.SAVED));
        double save = rep(saved.build()).times("a").orElseThrow().arrival();
        Timeline t = rep(saved.run("c", "7", dead("b", Cue.Dead.How.EITHER), 20, 0)
                .say(new Rotation.Over("o", dead("b", Cue.Dead.How.IN)))
                .build());
        assertEquals(save, t.times("c").orElseThrow().start(), CLOSE);
        assertTrue(t.moment(dead("b", Cue.Dead.How.IN)).isEmpty());
    }

    /** Round a square until the whistle: as often as it begins before it, and not once more. */
    @Test
    void aStretchGoesOnUntilTheWhistle() {
        for (double whistle : new double[] {4, 9.5, 16}) {
            Stage stage = new Stages()
                    .player("1", -6, -6)
                    .player("2", 6, -6)
                    .player("3", 6, 6)
                    .player("4", -6, 6)
                    .ball("b", "1")
                    .pass("a", "1", "2", Cue.whistle())
                    .say(new Rotation.Repeats(
                            "r", List.of("a"), new Rotation.UntilWhistle(whistle), List.of("1", "2", "3", "4")))
                    .build();
            Timeline t = rep(stage);
            assertEquals(List.of(), t.problems());
            int n = 1;
            double last = 0;
            while (t.times("a~" + n).isPresent()) {
                last = t.times("a~" + n).get().start();
                n++;
            }
            assertTrue(last < whistle, last + " s is before " + whistle);
            assertTrue(last > whistle - 2, "one pass takes under two seconds, the last begins at " + last);
            Flow flow = new Flows(stage, Stages.TURF).of(4, 2, 1);
            assertEquals(whistle, flow.reps().get(0).over() - flow.reps().get(0).t(), 1.2);
            assertTrue(flow.reps().get(0).over() <= whistle + 1e-9);
        }
    }
}

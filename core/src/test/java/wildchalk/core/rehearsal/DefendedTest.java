package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.End;
import wildchalk.core.timeline.Timeline;

/** Two teams that go opposite ways: each stays between the other and its own goal. */
class DefendedTest {

    private static Stages marked(Shadow.Side side) {
        return new Stages()
                .player("7", 0, 5, Bib.CORAL)
                .player("4", 0, 9, Bib.SKY)
                .action(new Shadow(
                        "s",
                        "4",
                        "7",
                        new Shadow.Style(Shadow.Way.MARK, side, 2),
                        Gait.SPRINT,
                        Optional.empty(),
                        Cue.whistle()))
                .run("r", "7", Cue.whistle().delayed(3), 1, 5);
    }

    /** How far up the field from the marked somebody stands who marks them, metres. */
    private static double up(Timeline t) {
        return t.at("4", 3).x() - t.at("7", 3).x();
    }

    private static Action.Shot shot(String id, String who, String target) {
        return new Action.Shot(id, who, new Spot.AtTarget(target), Touch.FIRST_TIME, Cue.whistle());
    }

    @Test
    void theGoalThatIsAttackedUnlessMoreIsKnown() {
        assertTrue(up(marked(Shadow.Side.GOAL).rehearse()) > 1.5);
        assertTrue(up(marked(Shadow.Side.OTHER_GOAL).rehearse()) < -1.5, "the other when it is said");
    }

    @Test
    void whereTheirTeamShootsIsWhatIsLookedAfter() {
        assertTrue(up(marked(Shadow.Side.GOAL)
                        .player("9", -20, 0, Bib.CORAL)
                        .ball("b", "9")
                        .action(shot("a", "9", "own-goal"))
                        .rehearse())
                < -1.5);
        assertTrue(
                up(marked(Shadow.Side.GOAL)
                                .player("9", 20, 0, Bib.SKY)
                                .ball("b", "9")
                                .action(shot("a", "9", "goal"))
                                .rehearse())
                        < -1.5,
                "nobody looks after the goal that their own team shoots at");
    }

    @Test
    void whenTheirKeeperChangesEndsSoDoTheyAll() {
        Vec own = Stages.TURF.target("own-goal").orElseThrow().at();
        Vec goal = Stages.TURF.target("goal").orElseThrow().at();
        Stages s = new Stages()
                .player("7", 0, 5, Bib.CORAL)
                .player("4", 0, 9, Bib.SKY)
                .piece(new Piece.Goalkeeper("k", own, 0, "K", Bib.SKY))
                .action(new Shadow(
                        "s",
                        "4",
                        "7",
                        new Shadow.Style(Shadow.Way.MARK, Shadow.Side.GOAL, 2),
                        Gait.SPRINT,
                        Optional.of(new Cue.After("k1")),
                        Cue.whistle()))
                .sprint("k1", "k", Cue.whistle().delayed(4), goal.x(), 6);
        Timeline t = s.rehearse();
        assertTrue(up(t) < -1.5, "on the side of their own keeper");
        double end = t.times("k1").orElseThrow().end();
        assertTrue(t.at("4", end).x() - t.at("7", end).x() > 1.5, "and on the other when the keeper is there");
    }

    @Test
    void whatIsSaidCountsForMoreThanShotsAndChangesAtItsMoment() {
        Stages s = marked(Shadow.Side.GOAL)
                .player("9", -20, 0, Bib.CORAL)
                .ball("b", "9")
                .action(shot("a", "9", "goal"))
                .say(new Instruction.Attacks("e1", Bib.CORAL, End.OWN_GOAL, Optional.empty()));
        assertTrue(up(s.rehearse()) < -1.5, "the own goal is attacked, and looked after");
        s.say(new Instruction.Attacks("e2", Bib.SKY, End.OWN_GOAL, Optional.of(Cue.after("r"))))
                .run("r2", "7", Cue.next().delayed(3), 2, 5);
        Timeline t = s.rehearse();
        assertTrue(up(t) < -1.5, "before the change");
        double later = t.times("r2").orElseThrow().start();
        assertTrue(t.at("4", later).x() - t.at("7", later).x() > 1.5, "and on the other side after it");
    }

    /** A hundred ways to come at a goal and turn aside; whoever goes along begins between the two. */
    @Test
    void whoGoesHipToHipKeepsTheInsideAndIsNeverInTheOther() {
        Vec goal = Stages.TURF.target("goal").orElseThrow().at();
        Random random = new Random(5);
        int outside = 0;
        for (int k = 0; k < 100; k++) {
            Vec seven = new Vec(0, 4 + 10 * random.nextDouble());
            Vec first = new Vec(10 + 10 * random.nextDouble(), seven.y() + 8 * (random.nextDouble() - 0.5));
            Vec second = first.plus(new Vec(10 + 10 * random.nextDouble(), 20 * (random.nextDouble() - 0.5)));
            Vec inwards = goal.minus(seven).unit();
            Vec four =
                    seven.plus(inwards.times(1.5)).plus(inwards.quarterTurn().times(1.5 * (random.nextDouble() - 0.5)));
            Timeline t = new Stages()
                    .player("7", seven.x(), seven.y(), Bib.CORAL)
                    .player("4", four.x(), four.y(), Bib.SKY)
                    .run("r1", "7", Cue.whistle(), first.x(), first.y())
                    .run("r2", "7", Cue.next(), second.x(), second.y())
                    .action(new Shadow(
                            "s",
                            "4",
                            "7",
                            new Shadow.Style(Shadow.Way.HIP_TO_HIP, Shadow.Side.GOAL, 1.2),
                            Gait.SPRINT,
                            Optional.empty(),
                            Cue.whistle()))
                    .rehearse();
            double worst = Double.NEGATIVE_INFINITY;
            for (double x = 0; x < t.times("r2").orElseThrow().end(); x += 0.05) {
                worst = Math.max(
                        worst, t.at("4", x).distance(goal) - t.at("7", x).distance(goal));
                assertTrue(t.at("4", x).distance(t.at("7", x)) > 0.45, "in them at " + x + " of " + k);
            }
            outside += worst > 0.6 ? 1 : 0;
        }
        assertTrue(outside <= 10, outside + " of 100 were left outside");
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Result;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Speeds;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;

/** What nobody can do is told, and how long people need before they do what they can. */
class AtOnceTest {

    private static final Surface RINK = Surfaces.BUILT_IN.get("ice-rink-na");

    private static List<String> told(Timeline t) {
        return t.problems().stream().map(p -> p.action() + ": " + p.message()).toList();
    }

    @Test
    void whoIsSentTwoWaysOnOneWhistleIsTold() {
        List<String> told = told(new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 10, 0)
                .run("a2", "7", Cue.whistle(), 0, 10)
                .rehearse());
        assertEquals(1, told.size());
        assertTrue(told.get(0).startsWith("a1: 7 is sent another way at the same moment"), told.get(0));
    }

    @Test
    void wayThroughTheBoardsIsToldAndOneToThemIsNot() {
        Stage through = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 0, 20)
                .build();
        assertEquals(
                List.of("a1: 7 would go through the boards: keep the line inside them"),
                told(Rehearsal.of(through, RINK)));
        Stage to = new Stages()
                .player("7", 0, 0)
                .run("a1", "7", Cue.whistle(), 0, RINK.width() / 2)
                .build();
        assertEquals(List.of(), told(Rehearsal.of(to, RINK)));
        assertEquals(List.of(), told(Rehearsal.of(through, Surfaces.BUILT_IN.get("futsal"))), "a touchline is no wall");
    }

    @Test
    void secondBallForWhoHasOneIsTold() {
        List<String> told = told(new Stages()
                .player("F", 0, 0)
                .player("7", 10, 0)
                .ball("b1", "F")
                .ball("b2", "7")
                .pass("a1", "F", "7", Cue.whistle())
                .rehearse());
        assertTrue(told.get(0).startsWith("a1: 7 has a ball already when this one comes"), told.toString());
    }

    @Test
    void saveEndsWhereTheKeeperIsAndWithoutOneIsTold() {
        Vec goal = Stages.TURF.target("goal").orElseThrow().at();
        Vec keeper = goal.plus(new Vec(-3, 0.5));
        Action shot = new Action.Shot("a1", "7", new Spot.AtTarget("goal"), Touch.FIRST_TIME, Cue.whistle())
                .ending(Result.SAVED, null);
        Stages s = new Stages().player("7", goal.x() - 14, 0).ball("b", "7").action(shot);
        assertTrue(told(s.rehearse()).get(0).startsWith("a1: no keeper is near enough"));
        Timeline t = s.piece(new Piece.Goalkeeper("k", keeper, Math.PI, "GK", Bib.LEMON))
                .rehearse();
        double arrival = t.times("a1").orElseThrow().arrival();
        assertEquals(0, t.ball("b", arrival - 1e-6).distance(keeper), 0.01);
        assertEquals(Optional.of("k"), t.holder("b", arrival));
        assertEquals(List.of(), told(t));
    }

    @Test
    void peopleNeedAMomentAndKnowWhatTheyDoThemselves() {
        Stage stage = new Stages()
                .piece(new Piece.Coach("c", new Vec(0, -9), 0, "C"))
                .player("7", 0, 0)
                .player("9", 20, 0)
                .player("8", -10, 5)
                .player("4", 0, 12)
                .ball("b", "7")
                .pass("a1", "7", "9", Cue.whistle())
                .carry("a2", "9", Cue.received("a1"), 28, 0)
                .run("a3", "8", Cue.received("a1"), 0, 5)
                .run("a4", "8", new Cue(new Cue.Released("a9"), 0), 9, 9)
                .run("a5", "7", Cue.next(), 9, -4)
                .action(new Action.Call("a6", "c", "in", Cue.whistle()))
                .run("a7", "4", Cue.with("a1"), 5, 12)
                .pass("a9", "9", "7", Cue.next())
                .build();
        Timeline t = Rehearsal.of(stage.at(Effort.LIVE), Stages.TURF);
        assertEquals(0.25, t.times("a1").orElseThrow().start(), 1e-9, "to the whistle");
        assertEquals(0, t.times("a6").orElseThrow().start(), 1e-9, "not to one's own");
        assertEquals(0.25, t.times("a7").orElseThrow().start(), 1e-9, "who goes together has heard the same");
        double arrival = t.times("a1").orElseThrow().arrival();
        assertEquals(arrival, t.times("a2").orElseThrow().start(), 1e-9, "not to what one receives");
        assertEquals(arrival + 0.3, t.times("a3").orElseThrow().start(), 1e-9, "to a ball");
        double released = t.times("a9").orElseThrow().release();
        assertEquals(released + 0.15, t.times("a4").orElseThrow().start(), 1e-9, "less on the move");
        assertEquals(
                t.times("a1").orElseThrow().end(), t.times("a5").orElseThrow().start(), 1e-9, "not to oneself");
        Timeline ideal = Rehearsal.of(stage, Stages.TURF);
        assertEquals(0, ideal.times("a1").orElseThrow().start(), 1e-9);
        Timeline children =
                Rehearsal.of(stage.at(new Effort(Effort.Level.UNDER_8, Effort.Intensity.LIVE)), Stages.TURF);
        assertEquals(0.4, children.times("a1").orElseThrow().start(), 1e-9);
    }

    @Test
    void walkIsAWalkAtAnyAgeAndPace() {
        for (Effort.Level level : Effort.Level.values()) {
            for (Effort.Intensity intensity : Effort.Intensity.values()) {
                for (String ground : List.of("football-11", "ice-rink-na", "volleyball-beach", "handball")) {
                    double walk = Speeds.of(Surfaces.BUILT_IN.get(ground), new Effort(level, intensity))
                            .top()
                            .get(Action.Gait.WALK);
                    assertTrue(walk >= 1.2 && walk <= 1.5, level + " " + intensity + " " + ground + ": " + walk);
                }
            }
        }
    }
}

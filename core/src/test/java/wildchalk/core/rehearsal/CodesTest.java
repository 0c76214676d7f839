package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.SetOut;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** Calls whose figures say places, and goals that stand elsewhere. */
class CodesTest {

    private static final Game.Code CODE = new Game.Code(
            "q",
            List.of(
                    new Game.Part("gap", List.of("c1", "c2", "c3", "c4"), true),
                    new Game.Part("pole", List.of("p1", "p2"), false)));

    private static Stage stage() {
        Stages stages = new Stages().player("9", 0, 0).ball("b", "9").say(CODE);
        for (int i = 1; i <= 4; i++) {
            stages.piece(Piece.Item.cone("c" + i, new Vec(10, 4.0 * i - 10), Colour.YELLOW));
        }
        stages.piece(Piece.Item.cone("p1", new Vec(20, -6), Colour.RED));
        stages.piece(Piece.Item.cone("p2", new Vec(20, 6), Colour.BLUE));
        return stages.travel(new Travel.Carry(
                        "a1",
                        "9",
                        new TravelPath(List.of(new Spot.Coded("q", 0), new Spot.Coded("q", 1)), false),
                        Action.Gait.RUN,
                        Action.Ending.STOP,
                        Cue.whistle()))
                .build();
    }

    @Test
    void everyCallThereCanBe() {
        assertEquals(List.of("1-1", "1-2", "2-1", "2-2", "3-1", "3-2"), Codes.all(CODE));
        assertTrue(Codes.all(CODE).contains(Codes.usual(CODE)));
        assertTrue(Codes.canBe(stage(), "q", "3-2"));
        assertFalse(Codes.canBe(stage(), "q", "4-1"), "four cones have three gaps");
    }

    @Test
    void whoeverHearsItGoesWhereItsFiguresSay() {
        for (String call : Codes.all(CODE)) {
            Timeline t = Rehearsal.of(stage(), Stages.TURF, Choices.NONE.with("q", call));
            int gap = call.charAt(0) - '0';
            int pole = call.charAt(2) - '0';
            Vec through = new Vec(10, 4.0 * gap - 8);
            Vec end = new Vec(20, pole == 1 ? -6 : 6);
            assertEquals(0, t.at("9", t.duration()).distance(end), 0.05, call);
            double near = Double.POSITIVE_INFINITY;
            for (double at = 0; at < t.duration(); at += 0.02) {
                near = Math.min(near, t.at("9", at).distance(through));
            }
            assertTrue(near < 1, call + " is " + near + " m from its gap");
            assertEquals(List.of(), t.problems());
        }
    }

    @Test
    void goalIsShotAtWhereItStands() {
        Stages stages = new Stages()
                .player("9", 0, 0)
                .ball("b", "9")
                .shot("a1", "9", Cue.whistle())
                .say(new Game.GoalAt("m", "goal", Optional.of(new Vec(12, 3)), Math.PI));
        Timeline t = Rehearsal.of(stages.build(), Stages.TURF);
        List<Vec> line = t.line("a1");
        assertEquals(0, line.get(line.size() - 1).distance(new Vec(12, 3)), 0.01);
        assertEquals(
                1,
                SetOut.of(stages.build(), Stages.TURF, Units.METRIC, 10).steps().size(),
                "it is put down like other gear");
    }

    @Test
    void goalThatIsTakenDownIsNotDrawnAndNotShotAtWithoutAWord() {
        Stage stage = new Stages()
                .player("9", 0, 0)
                .ball("b", "9")
                .shot("a1", "9", Cue.whistle())
                .say(new Game.GoalAt("m", "goal", Optional.empty(), 0))
                .build();
        assertTrue(stage.set(Stages.TURF).target("goal").isEmpty());
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        assertEquals(
                List.of("this goal is taken down: aim at another, or put it up again"),
                t.problems().stream().map(Problem::message).toList());
    }
}

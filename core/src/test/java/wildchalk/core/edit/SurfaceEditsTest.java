package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Venue;
import wildchalk.core.geometry.Vec;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** A drill goes onto another surface: near landmarks it keeps its distances, to scale it keeps its shape. */
class SurfaceEditsTest {

    private static Stage onto(Drill drill, String surface, SurfaceEdits.Carrying carrying) {
        Drill moved = SurfaceEdits.onto(drill, Venue.of(surface), carrying).apply(drill);
        assertEquals(List.of(), Soundness.faults(moved, moved.surface()));
        return Ladder.build(moved, "s1");
    }

    private static Drill shot() {
        Surface football = Surfaces.BUILT_IN.get("football-11");
        Vec goal = football.target("goal").orElseThrow().at();
        Stage stage = new Stages()
                .player("p1", goal.x() - 3, 1)
                .ball("b1", "p1")
                .carry("a1", "p1", Cue.whistle(), goal.x() - 2, 0)
                .action(new Action.Shot("a2", "p1", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.next()))
                .build();
        return Ladder.put(Drill.empty("d", "D", "football-11", "whole"), stage);
    }

    @Test
    void byLandmarkAShotStaysAsFarFromItsGoal() {
        Stage there = onto(shot(), "football-7", SurfaceEdits.Carrying.LANDMARK);
        Vec goal =
                Surfaces.BUILT_IN.get("football-7").target("goal").orElseThrow().at();
        assertEquals(0, there.person("p1").orElseThrow().at().distance(goal.plus(new Vec(-3, 1))), 0.02);
    }

    @Test
    void toScaleEverythingIsAtTheSameShare() {
        Stage there = onto(shot(), "football-7", SurfaceEdits.Carrying.SCALE);
        Surface from = Surfaces.BUILT_IN.get("football-11");
        Surface to = Surfaces.BUILT_IN.get("football-7");
        double share =
                Ladder.build(shot(), "s1").person("p1").orElseThrow().at().x() / from.length();
        assertEquals(share, there.person("p1").orElseThrow().at().x() / to.length(), 1e-3);
    }

    @Test
    void shotAtAGoalThatIsMissingGoesWhereItWouldBe() {
        Stage there = onto(shot(), "open-grass", SurfaceEdits.Carrying.LANDMARK);
        Action.Shot shot = (Action.Shot) there.action("a2").orElseThrow();
        assertTrue(shot.to() instanceof Spot.Place);
        assertEquals(20, ((Spot.Place) shot.to()).at().x(), 0.01, "the middle of the far side");
    }

    @Test
    void whatWaitsForAZoneThatIsMissingGoesOnByItself() {
        String zone = Surfaces.BUILT_IN.get("ice-rink-na").zones().get(0).id();
        Stage stage = new Stages()
                .player("p1", 0, 0)
                .player("p2", 5, 5)
                .sprint("a1", "p1", Cue.whistle(), 20, 0)
                .sprint("a2", "p2", new Cue(new Cue.Enters("p1", zone), 0), 9, 9)
                .build();
        Drill rink = Ladder.put(Drill.empty("d", "D", "ice-rink-na", "whole"), stage);
        assertEquals(
                Cue.next(),
                onto(rink, "netball", SurfaceEdits.Carrying.LANDMARK)
                        .action("a2")
                        .orElseThrow()
                        .cue());
    }

    @Property(tries = 150, seed = "19081")
    void anyDrillStaysSoundAndOnTheSurface(
            @ForAll @Size(max = 12) List<@IntRange(max = 9999) Integer> choices,
            @ForAll @IntRange(max = 26) int n,
            @ForAll SurfaceEdits.Carrying carrying) {
        Drill drill = RandomEdits.start();
        for (int choice : choices) {
            drill = RandomEdits.edit(drill, choice).apply(drill);
        }
        Surface to = Surfaces.BUILT_IN.all().get(n);
        Drill moved = SurfaceEdits.onto(drill, Venue.of(to.id()), carrying).apply(drill);
        assertEquals(List.of(), Soundness.faults(moved, moved.surface()));
        if (carrying == SurfaceEdits.Carrying.LANDMARK) {
            for (Piece piece : Ladder.build(moved, "s1").pieces()) {
                assertTrue(to.surroundings().grown(0.02).contains(piece.at()), piece.toString());
            }
        }
    }
}

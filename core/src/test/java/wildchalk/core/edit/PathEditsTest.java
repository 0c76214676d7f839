package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Cornering;
import wildchalk.core.geometry.RouteBuilder;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;

class PathEditsTest {

    /** Rounded with half a metre, whatever the turn. */
    private static final Cornering CUT =
            new Cornering(1e6, 0.5, 1, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, false, false);

    private final Stage stage = new Stages()
            .player("7", 0, 0)
            .run("a1", "7", Cue.whistle(), 10, 0, 10, 10, 20, 10)
            .run("a2", "7", Cue.next(), 30, 10)
            .build();
    private final Drill drill = Ladder.put(Drill.empty("d", "D", "field-hockey", "whole"), stage);
    private final Places places = new Places(stage, Stages.TURF);

    private Travel travel(String id) {
        return (Travel) stage.action(id).orElseThrow();
    }

    private PathEdits.Held held(double x, double y) {
        return PathEdits.held(
                travel("a1"),
                new RouteBuilder(Vec.ZERO, CUT)
                        .straight(places.of(travel("a1").path()))
                        .build(),
                places,
                new Vec(x, y),
                1);
    }

    private TravelPath after(Edit<Drill> edit, String id) {
        return ((Travel) Ladder.build(edit.apply(drill), "s1").action(id).orElseThrow()).path();
    }

    @Test
    void handHoldsTheCornerItIsOnOrAPlaceBetweenTwo() {
        assertEquals(new PathEdits.Held(0, false), held(10.4, 0.4));
        assertEquals(new PathEdits.Held(1, false), held(9.5, 10));
        assertEquals(new PathEdits.Held(0, true), held(5, 0.2));
        assertEquals(new PathEdits.Held(1, true), held(10, 5));
        assertEquals(new PathEdits.Held(2, true), held(16, 10));
    }

    @Test
    void bendingMovesTheCornerOrPutsOneIn() {
        assertEquals(
                new TravelPath(List.of(Spot.at(12, -1), Spot.at(10, 10), Spot.at(20, 10)), false),
                after(PathEdits.bend("s1", travel("a1"), new PathEdits.Held(0, false), new Vec(12, -1)), "a1"));
        assertEquals(
                4,
                after(PathEdits.bend("s1", travel("a1"), new PathEdits.Held(1, true), new Vec(13, 5)), "a1")
                        .through()
                        .size());
    }

    @Test
    void straightLineThatIsBentIsSmoothAndStraightAgainWithoutItsBend() {
        Edit<Drill> bent = PathEdits.bend("s1", travel("a2"), new PathEdits.Held(0, true), new Vec(25, 14));
        assertEquals(new TravelPath(List.of(Spot.at(25, 14), Spot.at(30, 10)), true), after(bent, "a2"));
        Travel now = (Travel) Ladder.build(bent.apply(drill), "s1").action("a2").orElseThrow();
        assertEquals(travel("a2").path(), after(PathEdits.straighten("s1", now, 0), "a2"));
    }
}

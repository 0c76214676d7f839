package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.timeline.Timeline;

/** What somebody does stays in its order on an upper rung: "after own last" means what stands before. */
class OrderOnRungsTest {

    private static Drill two() {
        Drill one = Stages.drill(new Stages()
                .player("p1", 0, 0)
                .run("a1", "p1", Cue.whistle(), 20, 0)
                .run("a2", "p1", Cue.next(), 20, 15)
                .build());
        return LadderEdits.harder(one, "s1").edit().apply(one);
    }

    private static Drill cut(Drill drill, String rung) {
        Stage stage = Ladder.build(drill, rung);
        Travel travel = (Travel) stage.action("a1").orElseThrow();
        Route route = new Board(
                        drill.surface(),
                        stage,
                        Rehearsal.of(stage, drill.surface()),
                        drill.lineKey(),
                        Frame.of(drill, drill.surface()))
                .route("a1");
        return LineEdits.cut(
                        rung,
                        stage,
                        new FreeIds(drill),
                        travel,
                        route,
                        PathEdits.held(travel, route, new Places(stage, drill.surface()), route.at(10), 1),
                        route.at(10))
                .orElseThrow()
                .apply(drill);
    }

    private static List<String> order(Drill drill, String rung) {
        return Ladder.build(drill, rung).actionsOf("p1").stream()
                .map(Action::id)
                .toList();
    }

    @Test
    void aLineThatIsCutOnAnUpperRungIsRunInOrderThere() {
        Drill drill = cut(two(), "s2");
        assertEquals(List.of("a1", "a3", "a2"), order(drill, "s2"));
        assertEquals(List.of("a1", "a2"), order(drill, "s1"));
        Timeline timeline = Rehearsal.of(Ladder.build(drill, "s2"), drill.surface());
        assertTrue(
                timeline.times("a3").orElseThrow().end()
                        <= timeline.times("a2").orElseThrow().start() + 1e-9,
                "the second part comes before the next run");
        assertTrue(
                timeline.pose("p1", timeline.duration()).at().distance(new Vec(20, 15)) < 1,
                "and the last run ends where it is drawn to");
    }

    @Test
    void whatComesBelowLaterStandsWhereItStandsThere() {
        Drill drill = cut(two(), "s2");
        drill = ActionEdits.chalk(
                        "s1",
                        new Travel.Run(
                                "a9",
                                "p1",
                                new TravelPath(List.of(Spot.at(5, 5)), false),
                                Action.Gait.RUN,
                                Action.Ending.STOP,
                                Cue.next()))
                .apply(drill);
        assertEquals(List.of("a1", "a3", "a2", "a9"), order(drill, "s2"));
        Drill without = PieceEdits.remove("s1", Ladder.build(drill, "s1"), List.of("a2"))
                .apply(drill);
        assertEquals(List.of("a1", "a3", "a9"), order(without, "s2"));
        Drill given = LadderEdits.asBelow("s2", Set.of("a1", "a3")).apply(without);
        assertEquals(List.of("a1", "a9"), order(given, "s2"));
    }
}

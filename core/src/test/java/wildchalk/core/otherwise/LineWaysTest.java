package wildchalk.core.otherwise;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.FigureEdits;
import wildchalk.core.effort.Figure;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

class LineWaysTest {

    private static final Stage STAGE = new Stages()
            .player("7", 0, 0)
            .player("9", 10, 0)
            .ball("b", "7")
            .pass("p", "7", "9", Cue.whistle())
            .run("r", "7", Cue.next(), 5, 5)
            .carry("c", "9", new Cue(new Cue.Received("p"), 0), 20, 0)
            .shadow("s", "7", "9", Shadow.Way.MARK, 2, Cue.next())
            .build();
    private static final Drill DRILL = Stages.drill(STAGE);

    private static List<LineWays.Group> of(String id, Surface surface) {
        return LineWays.of("s1", STAGE.action(id).orElseThrow(), surface);
    }

    private static Action taken(String id, String group, String way) {
        LineWays.Way chosen = of(id, Stages.TURF).stream()
                .filter(g -> g.words().equals(group))
                .flatMap(g -> g.ways().stream())
                .filter(w -> w.words().equals(way))
                .findFirst()
                .orElseThrow();
        assertFalse(chosen.taken());
        return Ladder.build(chosen.edit().apply(DRILL), "s1").action(id).orElseThrow();
    }

    @Test
    void whatIsChosenIsSo() {
        assertEquals(Force.HARD, ((Action.Pass) taken("p", "how hard", "hard")).force());
        assertEquals(
                Going.Pivot.LEFT,
                ((Travel) taken("r", "how it begins", "with a pivot to the left"))
                        .going()
                        .pivot());
        assertEquals(Action.Ending.TRAP, ((Travel) taken("c", "how it ends", "stops the ball dead")).ending());
        assertEquals(
                Shadow.Side.OTHER_GOAL, ((Shadow) taken("s", "on which side", "on the side of the other goal")).side());
        assertEquals(Action.Touch.FIRST_TIME, ((Action.Pass) taken("p", "how long it is had", "first time")).touch());
    }

    @Test
    void oneOfEachIsSoNow() {
        for (Action action : STAGE.actions()) {
            for (LineWays.Group group : LineWays.of("s1", action, Stages.TURF)) {
                assertEquals(
                        1, group.ways().stream().filter(LineWays.Way::taken).count(), group.words());
            }
        }
    }

    @Test
    void whatCannotBeIsNotOffered() {
        assertTrue(of("r", Stages.TURF).get(0).ways().stream()
                .noneMatch(w -> w.words().contains("ball")));
        List<String> onIce = of("p", Surfaces.BUILT_IN.get("ice-rink-intl")).stream()
                .flatMap(g -> g.ways().stream().map(LineWays.Way::words))
                .toList();
        assertFalse(onIce.contains("with a bounce"));
        assertTrue(onIce.contains("round the boards"));
    }

    @Test
    void whatTheSportHasAWordForCanBeCalledByIt() {
        Action.Pass pass = (Action.Pass) taken("p", "what it is called", "aerial");
        assertEquals(Optional.of("aerial"), pass.called());
        assertEquals(Action.Manner.LOB, pass.manner(), "an aerial goes through the air");
        // Sent along the ground it is none any more.
        assertEquals(Optional.empty(), pass.going(Action.Manner.ROLL).called());
        Surface grass = Surfaces.BUILT_IN.get("open-grass");
        assertEquals(grass.ball().equals("football"), of("p", grass).stream().anyMatch(g -> g.words()
                .equals("what it is called")));
    }

    @Test
    void aFigureOfOnesOwnIsKeptWithinWhatCanBe() {
        Drill own = FigureEdits.set(Figure.SPRINT, 99, Optional.empty()).apply(DRILL);
        assertEquals(Figure.SPRINT.most(), own.effort().own().all().get(Figure.SPRINT));
        Drill theirs = FigureEdits.set(Figure.SPRINT, 6, Optional.of("7")).apply(own);
        assertEquals(6, theirs.effort().own().people().get("7").get(Figure.SPRINT));
        Drill usual = FigureEdits.usual(Figure.SPRINT, Optional.of("7"))
                .apply(FigureEdits.usual(Figure.SPRINT, Optional.empty()).apply(theirs));
        assertTrue(usual.effort().own().isEmpty());
        assertEquals(DRILL.effort(), usual.effort());
    }

    /** Every way of every kind, taken: what becomes of it is what it says, and the drill stays sound. */
    @Test
    void whatBodiesDoCanBeOtherwiseInEveryWay() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 1, 0, Bib.SKY)
                .ball("b", "7")
                .carry("c", "7", Cue.whistle(), 20, 0)
                .action(Act.of("t", "9", Act.What.TACKLE, Optional.of(Spot.at("7")), Cue.whistle()))
                .action(Contest.of("k", "9", Contest.Start.PULL, List.of("7"), List.of("7", "9"), Cue.next()))
                .shot("g", "7", Cue.next())
                .build();
        Drill drill = Stages.drill(stage);
        int taken = 0;
        for (Action action : stage.actions()) {
            for (LineWays.Group group : LineWays.of("s1", action, Stages.TURF)) {
                for (LineWays.Way way : group.ways()) {
                    Drill after = way.edit().apply(drill);
                    String what = group.words() + ": " + way.words();
                    assertEquals(List.of(), Soundness.faults(after, Stages.TURF), what);
                    Action now = Ladder.build(after, "s1").action(action.id()).orElseThrow();
                    assertTrue(
                            LineWays.of("s1", now, Stages.TURF).stream()
                                    .filter(g -> g.words().equals(group.words()))
                                    .flatMap(g -> g.ways().stream())
                                    .anyMatch(w -> w.words().equals(way.words()) && w.taken()),
                            what);
                    taken += way.taken() ? 0 : 1;
                }
            }
        }
        assertTrue(taken > 50, "ways taken: " + taken);
    }
}

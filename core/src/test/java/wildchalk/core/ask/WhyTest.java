package wildchalk.core.ask;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.effort.OwnFigures;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

class WhyTest {

    private static final Stage STAGE = new Stages()
            .player("7", 0, 0)
            .player("9", 20, 0)
            .ball("b", "7")
            .pass("a1", "7", "9", Cue.whistle())
            .sprint("a2", "7", Cue.next(), 30, 0)
            .shot("a3", "9", Cue.received("a1"))
            .build()
            .at(Effort.LIVE.with(
                    OwnFigures.NONE.with(Figure.CATCH_AND_SHOOT, 1.1).with("7", Figure.SPRINT, 6.5)));

    private static Why.Account why(String id) {
        Timeline t = Rehearsal.of(STAGE, Stages.TURF);
        return Why.of(STAGE.action(id).orElseThrow(), STAGE, t, Stages.TURF).orElseThrow();
    }

    @Test
    void reactionAndLaunchOfAPassAreTold() {
        Why.Account pass = why("a1");
        assertEquals(
                "set off at 0.00 s, begun 0.25 s later to react",
                pass.happened().get(0));
        assertEquals(
                "reaction to what is heard 0.25 s (typical, assumed)",
                pass.parts().get(0).words());
        assertTrue(pass.parts().stream().anyMatch(p -> p.figure() == Figure.PASS_NEAR));
    }

    @Test
    void figuresOfTheDrillAndOfThePersonSayWhoseTheyAre() {
        assertTrue(why("a2").parts().contains(new Why.Part(Figure.SPRINT, 6.5, Why.Source.PERSON)));
        Why.Account shot = why("a3");
        assertTrue(shot.parts().contains(new Why.Part(Figure.CATCH_AND_SHOOT, 1.1, Why.Source.DRILL)));
        assertEquals("the ball leaves 1.10 s after that", shot.happened().get(1));
    }

    /** The figures that are told are those that were used: with each of them changed, the time changes. */
    @Test
    void everyFigureThatIsToldHasASay() {
        for (Map.Entry<String, List<Figure>> one : Map.of(
                        "a1", List.of(Figure.REACTION_HEARD, Figure.PASS_NEAR, Figure.PASS_PER_METRE),
                        "a2", List.of(Figure.SETTLE, Figure.SPRINT),
                        "a3", List.of(Figure.SHOT, Figure.SHOT_SLOWING))
                .entrySet()) {
            for (Figure figure : one.getValue()) {
                assertTrue(why(one.getKey()).parts().stream().anyMatch(p -> p.figure() == figure), figure.word());
                Part before = over(STAGE, one.getKey());
                Effort other = STAGE.effort()
                        .with(OwnFigures.NONE
                                .with(Figure.CATCH_AND_SHOOT, 1.1)
                                .with("7", Figure.SPRINT, figure == Figure.SPRINT ? 5 : 6.5)
                                .with(figure, figure.least() + 0.11));
                assertTrue(Math.abs(over(STAGE.at(other), one.getKey()).took() - before.took()) > 0.001, figure.word());
            }
        }
    }

    private record Part(double took) {}

    private static Part over(Stage stage, String id) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        return new Part(
                t.times(id).orElseThrow().over() - t.times(id).orElseThrow().cued());
    }

    @Test
    void whatNeverHappensHasNoTime() {
        Stage stage = STAGE.withActions(List.of(new Action.Call("c", "7", "go", Cue.after("zz"))));
        assertTrue(Why.of(stage.actions().get(0), stage, Rehearsal.of(stage, Stages.TURF), Stages.TURF)
                .isEmpty());
    }
}

package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Stage;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

class FreezeEditsTest {

    private final Stage stage = new Stages()
            .player("7", 0, 0)
            .player("9", 15, 0)
            .ball("b", "7")
            .pass("a1", "7", "9", Cue.whistle())
            .run("a2", "7", Cue.next(), 20, 5)
            .build();
    private final Timeline timeline = Rehearsal.of(stage, Stages.TURF);
    private final Drill drill = Ladder.put(Drill.empty("d", "D", "field-hockey", "whole"), stage);

    @Test
    void freezeIsTiedToWhatHappensThenAndElseToATime() {
        double received = timeline.times("a1").orElseThrow().arrival();
        assertEquals(Cue.received("a1"), FreezeEdits.cueAt(stage, timeline, received + 0.1));
        assertEquals(Cue.whistle(), FreezeEdits.cueAt(stage, timeline, 0));
        double between = (received + timeline.times("a2").orElseThrow().end()) / 2;
        assertEquals(
                Cue.whistle().delayed(Math.round(between * 10) / 10.0), FreezeEdits.cueAt(stage, timeline, between));
    }

    @Test
    void itIsAskedAnsweredDrawnWipedAndTakenAway() {
        FreezeEdits.Made made = FreezeEdits.at("s1", stage, new FreeIds(Stages.drill(stage)), timeline, 0);
        Drill asked = made.edit().apply(drill);
        asked = FreezeEdits.ask("s1", freeze(asked), "Where is the room?").apply(asked);
        asked = FreezeEdits.answer("s1", freeze(asked), "Behind 4").apply(asked);
        asked = FreezeEdits.draw("s1", freeze(asked), Sign.ring("9")).apply(asked);
        asked = FreezeEdits.draw("s1", freeze(asked), Sign.ring("7")).apply(asked);
        asked = FreezeEdits.undraw("s1", freeze(asked)).apply(asked);
        assertEquals(
                new Freeze(made.freeze(), Cue.whistle(), "Where is the room?", "Behind 4", List.of(Sign.ring("9"))),
                freeze(asked));
        Drill without9 =
                PieceEdits.remove("s1", Ladder.build(asked, "s1"), List.of("9")).apply(asked);
        assertTrue(freeze(without9).signs().isEmpty(), "nothing is drawn about somebody who is gone");
        assertTrue(drill.isLike(FreezeEdits.remove("s1", freeze(asked)).apply(asked)));
    }

    private static Freeze freeze(Drill drill) {
        return Ladder.build(drill, "s1").instructions(Freeze.class).get(0);
    }
}

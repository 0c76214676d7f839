package wildchalk.handout.order;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import wildchalk.handout.Tool;

class NeedWordsTest {

    @Test
    void theMostOfEachIsSaidAndEachRungThatTakesSomethingElse() throws Exception {
        assertEquals(
                "Needed at most: 6 players, 1 cone, 2 balls. Rung 1: 4 players, 1 cone, 1 ball. Rungs 2 and 2a: 5 players, "
                        + "1 cone, 1 ball. Rung 3: 6 players, 1 cone, 1 ball. Rung 4: 6 players, 1 cone, 2 balls.",
                NeedWords.of(Played.of(Order.of(Tool.demo("lamplighter")))));
    }

    @Test
    void oneRungNeedsWhatItNeeds() throws Exception {
        assertEquals(
                "Needed: 5 players, 4 cones, 2 markers, 1 pole, 2 mini-goals, 7 balls (6 in a heap).",
                NeedWords.of(Played.of(Order.of(Tool.demo("sixpenny")))));
    }
}

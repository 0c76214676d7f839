package wildchalk.bench.frames;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Reads;

/** What is dragged really has twelve ways through. */
class ManyWaysTest {

    @Test
    void twelveWays() {
        assertEquals(
                ManyWays.WAYS, Reads.ways(Ladder.build(ManyWays.drill(), "s1")).size());
    }
}

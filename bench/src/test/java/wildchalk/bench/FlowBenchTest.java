package wildchalk.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.flow.Flow;

/** What is measured is an hour of thirty people whose reps overlap, and runs. */
class FlowBenchTest {

    @Test
    void anHourOfThirtyPeopleWhoseRepsOverlap() {
        Flow flow = new FlowBench().flow();
        assertEquals(List.of(), flow.jams());
        assertEquals(FlowBench.PEOPLE, flow.each().size());
        assertTrue(flow.reps().size() > 500, () -> flow.reps().size() + " reps");
        assertTrue(flow.reps().get(0).over() > flow.reps().get(1).t(), "two at once");
    }
}

package wildchalk.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** What is measured must be what is claimed. */
class CrowdTest {

    @Test
    void fortyActionsOfTwelvePeopleAllHappen() {
        Stage stage = Crowd.stage(SolveBench.PEOPLE, SolveBench.ACTIONS);
        Timeline timeline = Rehearsal.of(stage, Surfaces.BUILT_IN.get("field-hockey"));
        assertEquals(12, stage.people().size());
        assertEquals(40, stage.actions().size());
        assertEquals(List.of(), timeline.problems());
        for (Action action : stage.actions()) {
            assertTrue(timeline.times(action.id()).isPresent(), action.id());
        }
    }

    @Test
    void twoHundredActionsOfFortyPeopleAllHappenAndTenOfThemFollow() {
        Stage stage = SolveBench.busy();
        Timeline timeline = Rehearsal.of(stage, Surfaces.BUILT_IN.get("field-hockey"));
        assertEquals(40, stage.people().size());
        assertEquals(200, stage.actions().size());
        assertEquals(
                10, stage.actions().stream().filter(Shadow.class::isInstance).count());
        // So many on one pitch run through one another; all else is as it should be.
        assertEquals(
                List.of(),
                timeline.problems().stream()
                        .filter(p -> p.kind() != Problem.Kind.IN_THE_WAY)
                        .toList());
        for (Action action : stage.actions()) {
            assertTrue(timeline.times(action.id()).isPresent(), action.id());
        }
        assertTrue(timeline.pose("s0", timeline.duration())
                        .at()
                        .distance(timeline.pose("s0", 0).at())
                > 1);
    }
}

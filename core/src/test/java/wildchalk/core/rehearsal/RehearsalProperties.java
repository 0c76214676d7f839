package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.CopyEdits;
import wildchalk.core.edit.Placement;
import wildchalk.core.geometry.Vec;

/** What holds for any stage, sensible or not. */
class RehearsalProperties {

    private static final ThreadMXBean CLOCK = ManagementFactory.getThreadMXBean();
    private static final double STEP = 0.02;
    /** Brake and grip together are 7.5 m/s²; corners in a hurry may ask for more, nothing may ask for much more. */
    private static final double MOST_PULL = 20;

    @Property(tries = 1500)
    void anyStageGivesATimelineAndTheSameOneEachTime(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        Timeline again = Rehearsal.of(stage, Stages.TURF);
        assertTrue(milliseconds(stage) < 50, "it takes too long");
        assertEquals(t.events(), again.events());
        assertEquals(t.problems(), again.problems());
        assertTrue(Double.isFinite(t.duration()));
        for (Action action : stage.actions()) {
            boolean happens = t.times(action.id()).isPresent();
            boolean explained = t.problems().stream().anyMatch(p -> p.action().equals(action.id()));
            boolean leftOut = stage.said().stream().anyMatch(Instruction.Read.class::isInstance);
            assertTrue(happens || explained || leftOut, action.id() + " neither happens nor is it said why");
        }
    }

    /** The quickest of a few tries, in time of this thread's own: a busy machine may give the processor to others meanwhile. */
    private static double milliseconds(Stage stage) {
        double quickest = Double.MAX_VALUE;
        for (int i = 0; i < 8 && quickest > 50; i++) {
            long begun = CLOCK.getCurrentThreadCpuTime();
            Rehearsal.of(stage, Stages.TURF);
            quickest = Math.min(quickest, (CLOCK.getCurrentThreadCpuTime() - begun) / 1e6);
        }
        return quickest;
    }

    @Property(tries = 400)
    void nobodyJumpsOrOutrunsThemselves(@ForAll("stages") Stage stage) {
        Speeds speeds = Speeds.of(Stages.TURF);
        double fastest = speeds.top().values().stream().mapToDouble(Double::doubleValue).max().orElseThrow();
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (String who : t.people()) {
            for (double time = 0; time < Math.min(30, t.duration()); time += STEP) {
                double gone = t.pose(who, time).at().distance(t.pose(who, time + STEP).at());
                assertTrue(gone <= fastest * STEP + 0.005, who + " goes " + gone + " m in " + STEP + " s at " + time);
            }
        }
    }

    @Property(tries = 1000)
    void nobodyChangesSpeedOrDirectionAtOnce(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        double step = 0.1;
        for (String who : t.people()) {
            for (double time = step; time < Math.min(30, t.duration()); time += step) {
                Vec before = t.pose(who, time - step).at();
                Vec now = t.pose(who, time).at();
                Vec after = t.pose(who, time + step).at();
                double pull = after.minus(now).minus(now.minus(before)).length() / (step * step);
                assertTrue(pull < MOST_PULL, who + " is pulled with " + pull + " m/s² at " + time);
            }
        }
    }

    @Property(tries = 400)
    void everyBallIsAlwaysSomewhereAndWithOnePersonAtMost(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (double time = 0; time < Math.min(30, t.duration()); time += 0.1) {
            for (String ball : t.balls()) {
                assertTrue(t.ball(ball, time).isFinite());
                boolean held = t.holder(ball, time).isPresent();
                assertTrue(!held || t.sentBy(ball, time).isEmpty(), "held and on its way at once");
            }
        }
    }

    @Property(tries = 300)
    void mirroringTheStageMirrorsTheTimeline(@ForAll("stages") Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        Timeline m = Rehearsal.of(mirrored(stage), Stages.TURF);
        assertEquals(t.duration(), m.duration(), 1e-4);
        for (String who : t.people()) {
            for (double time = 0; time < Math.min(10, t.duration()); time += 0.25) {
                Vec a = t.pose(who, time).at();
                Vec b = m.pose(who, time).at();
                assertEquals(0, new Vec(a.x(), -a.y()).distance(b), 0.01, who + " at " + time);
            }
        }
    }

    /** By the edit that coaches use. */
    private static Stage mirrored(Stage stage) {
        Set<String> all = stage.pieces().stream().map(Piece::id).collect(Collectors.toSet());
        Drill drill = Ladder.put(Drill.empty("d", "", "field-hockey", "whole"), stage);
        return Ladder.build(CopyEdits.mirror("s1", "Mirror", stage, all, Placement.OTHER_SIDE, Stages.TURF).apply(drill), "s1");
    }

    @Provide
    Arbitrary<Stage> stages() {
        return AnyStage.stages();
    }
}

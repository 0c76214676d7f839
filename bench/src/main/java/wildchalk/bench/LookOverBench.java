package wildchalk.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;

/** All that is found in a drill of 12 people, 40 actions and 3 rungs, and in one of 40 people and 200 actions. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 10, time = 1)
@Measurement(iterations = 8, time = 1)
@Fork(1)
public class LookOverBench {

    private final Drill drill = climbing(Crowd.stage(SolveBench.PEOPLE, SolveBench.ACTIONS), 3);
    private final Drill busy = climbing(SolveBench.busy(), 1);

    /** Rungs that all play the same. */
    private static Drill climbing(Stage stage, int rungs) {
        Drill drill = Ladder.put(
                Drill.empty("d", "Crowd", "field-hockey", "whole"),
                new Stage("s1", "1", stage.pieces(), stage.actions(), stage.instructions(), stage.effort()));
        for (int i = 2; i <= rungs; i++) {
            Rung above = Rung.from("s" + (i - 1), "s" + i, "Harder", RungPlan.USUAL);
            List<Rung> ladder = new ArrayList<>(drill.ladder());
            ladder.add(above);
            drill = drill.withLadder(ladder);
        }
        return drill;
    }

    /** Played and looked over. */
    @Benchmark
    public LookOver lookOver() {
        return LookOver.of(drill, Conditions.USUAL, Unit.METRES);
    }

    /** The same of a busy one. */
    @Benchmark
    public LookOver lookOverBusy() {
        return LookOver.of(busy, Conditions.USUAL, Unit.METRES);
    }
}

package wildchalk.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wildchalk.core.drill.Stage;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;

/** How the time to solve grows with the number of actions, thirty people doing ever more. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class GrowthBench {

    private static final int PEOPLE = 30;

    @Param({"10", "30", "100", "300", "1000"})
    private int actions;

    private final Surface surface = Surfaces.BUILT_IN.get("field-hockey");
    private Stage stage;

    @Setup
    public void lay() {
        stage = Crowd.stage(PEOPLE, actions);
    }

    @Benchmark
    public Timeline solve() {
        return Rehearsal.of(stage, surface);
    }
}

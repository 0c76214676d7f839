package wildchalk.bench;

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
import wildchalk.core.drill.Stage;
import wildchalk.core.motion.Pose;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;

/** A drill of 12 people and 40 actions, what a drag solves anew at every step, and one of 40 and 200. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 12, time = 1)
@Measurement(iterations = 8, time = 1)
@Fork(1)
public class SolveBench {

    static final int PEOPLE = 12;
    static final int ACTIONS = 40;
    static final int BUSY_PEOPLE = 40;
    static final int BUSY_ACTIONS = 200;
    static final int SHADOWS = 10;

    private final Surface surface = Surfaces.BUILT_IN.get("field-hockey");
    private final Stage stage = Crowd.stage(PEOPLE, ACTIONS);
    private final Timeline timeline = Rehearsal.of(stage, surface);
    private final Stage busy = busy();
    private final Timeline busyTimeline = Rehearsal.of(busy, surface);

    static Stage busy() {
        return Crowd.withShadows(Crowd.stage(BUSY_PEOPLE - SHADOWS, BUSY_ACTIONS - SHADOWS), SHADOWS);
    }

    @Benchmark
    public Timeline solve() {
        return Rehearsal.of(stage, surface);
    }

    /** Forty people, two hundred actions, ten of them shadows. */
    @Benchmark
    public Timeline solveBusy() {
        return Rehearsal.of(busy, surface);
    }

    @Benchmark
    public double sampleBusy() {
        return sum(busyTimeline);
    }

    /** Everybody at one moment, as painting a frame asks for. */
    @Benchmark
    public double sample() {
        return sum(timeline);
    }

    private static double sum(Timeline timeline) {
        double sum = 0;
        for (String who : timeline.people()) {
            Pose pose = timeline.pose(who, 7.3);
            sum += pose.at().x() + pose.facing();
        }
        return sum;
    }
}

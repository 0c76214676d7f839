package wildchalk.bench;

import java.util.List;
import java.util.Optional;
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
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Whom;
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
    private final Stage live = live(stage);
    private final Stage duties = duties(stage);
    private final Timeline timeline = Rehearsal.of(stage, surface);
    private final Stage busy = busy();
    private final Timeline busyTimeline = Rehearsal.of(busy, surface);

    private static Stage live(Stage stage) {
        Action last = stage.actions().get(stage.actions().size() - 1);
        return stage.withAction(new PlayOn(
                "live", last.who(), List.of(), Optional.empty(), PlayOn.Until.seconds(30), "", Cue.after(last.id())));
    }

    private static Stage duties(Stage stage) {
        Cue cue = Cue.after(stage.actions().get(ACTIONS / 2).id());
        Whom nearest = new Whom.Being(Whom.Role.NEAREST, Optional.empty(), 1, Optional.empty());
        Whom rest = new Whom.Being(Whom.Role.THE_REST, Optional.empty(), 1, Optional.empty());
        return stage.saying(new Game.Duty("d1", nearest, Game.Task.PRESS, 4, cue))
                .saying(new Game.Duty("d2", rest, Game.Task.SHIFT, 4, cue));
    }

    static Stage busy() {
        return Crowd.withShadows(Crowd.stage(BUSY_PEOPLE - SHADOWS, BUSY_ACTIONS - SHADOWS), SHADOWS);
    }

    @Benchmark
    public Timeline solve() {
        return Rehearsal.of(stage, surface);
    }

    /** The same that ends in live play of everybody: it costs no more than what is drawn. */
    @Benchmark
    public Timeline solveLive() {
        return Rehearsal.of(live, surface);
    }

    /** The same with two tasks for whoever is something at one moment, for which it is played once more. */
    @Benchmark
    public Timeline solveDuties() {
        return Rehearsal.of(duties, surface);
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

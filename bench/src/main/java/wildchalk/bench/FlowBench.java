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
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.drill.When;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surfaces;

/**
 * An hour of thirty people: two lines that cross over to each other, a rep every four seconds, two or three at once.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 6, time = 1)
@Measurement(iterations = 6, time = 1)
@Fork(1)
public class FlowBench {

    static final int PEOPLE = 30;
    static final int MINUTES = 60;

    private final Flows flows = new Flows(stage(), Surfaces.BUILT_IN.get("field-hockey"));

    /** Two lines that cross over to each other, each with a shot. */
    public static Stage stage() {
        List<Piece> pieces = List.of(
                line("l", new Vec(-15, -8), Bib.CORAL),
                line("m", new Vec(-15, 8), Bib.SKY),
                new Piece.Ball("b", Vec.ZERO, Optional.of("l")),
                new Piece.Supply("u", new Vec(-16, -9), 1000));
        List<Action> actions = List.of(
                run("a1", "l", 14, 6, Cue.whistle()),
                run("a2", "m", 14, -6, new Cue(new Cue.Whistle(), 1)),
                new Action.Pass("a3", "l", Spot.at("m"), Action.Touch.CONTROLLED, Cue.after("a1")),
                new Action.Shot("a4", "m", new Spot.AtTarget("goal"), Action.Touch.FIRST_TIME, Cue.received("a3")));
        List<Instruction> said = List.of(
                goes("l", "m"),
                goes("m", "l"),
                new Rotation.Starts("s", new When.Every(4)),
                new Rotation.Fetches("f", Rotation.Fetcher.NOBODY),
                new Rotation.Sides("i", Rotation.Taken.IN_TURN));
        return new Stage("s1", "", pieces, actions).withInstructions(said);
    }

    private static Piece line(String id, Vec at, Bib bib) {
        return new Piece.LineUp(id, at, 0, id, bib, 3, id);
    }

    private static Travel run(String id, String who, double x, double y, Cue cue) {
        TravelPath path = new TravelPath(List.of(Spot.at(x, y)), false);
        return new Travel.Run(id, who, path, Action.Gait.SPRINT, Action.Ending.GO_ON, cue);
    }

    private static Rotation goes(String who, String role) {
        return new Rotation.Goes("g" + who, who, new Rotation.Becomes(role, false), Optional.empty());
    }

    /** Once its reps are rehearsed. */
    @Benchmark
    public Flow flow() {
        return flows.of(PEOPLE, MINUTES, 1);
    }
}

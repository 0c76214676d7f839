package wildchalk.core.flow;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Unrolled;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;

/** The reps of a stage, one for each way its reads go, worked out once; and which of them comes next. */
final class Ways {

    private final Stage stage;
    private final Surface surface;
    private final List<Instruction.Read> reads;
    private final Map<Choices, Played> known = new HashMap<>();
    private int reps;

    Ways(Stage stage, Surface surface) {
        this.stage = stage;
        this.surface = surface;
        this.reads = stage.instructions(Instruction.Read.class).stream()
                .filter(r -> r.rule().isEmpty())
                .toList();
    }

    Stage stage() {
        return stage;
    }

    /** Where the coach stands who is first in the drill; empty for none. */
    Optional<Vec> coach() {
        return stage.pieces().stream()
                .filter(Piece.Coach.class::isInstance)
                .map(stage::place)
                .findFirst();
    }

    /** Begins again with the first. */
    void again() {
        reps = 0;
    }

    /** The next one: each option of a read in turn, as often as it is to be. */
    Played next() {
        Choices choices = Choices.NONE;
        for (Instruction.Read read : reads) {
            choices = choices.with(read.id(), option(read, reps));
        }
        reps++;
        Stage written = Unrolled.of(stage);
        return known.computeIfAbsent(choices, c -> Played.of(written, Rehearsal.of(written, surface, c)));
    }

    /** Of options that come three to one, the rarer stands in the middle of the others. */
    private String option(Instruction.Read read, int n) {
        Map<String, Integer> shares = stage.instructions(Rotation.Shares.class).stream()
                .filter(s -> s.read().equals(read.id()))
                .findFirst()
                .map(Rotation.Shares::shares)
                .orElse(Map.of());
        double all = read.options().stream()
                .mapToInt(o -> shares.isEmpty() ? 1 : shares.getOrDefault(o.id(), 0))
                .sum();
        Map<String, Double> owed = new HashMap<>();
        String taken = read.options().get(0).id();
        for (int i = 0; i <= n % Math.max(1, (int) all); i++) {
            double most = Double.NEGATIVE_INFINITY;
            for (Instruction.Option option : read.options()) {
                double share = (shares.isEmpty() ? 1 : shares.getOrDefault(option.id(), 0)) / all;
                double due = owed.merge(option.id(), share, Double::sum);
                if (due > most + 1e-9) {
                    most = due;
                    taken = option.id();
                }
            }
            owed.merge(taken, -1.0, Double::sum);
        }
        return taken;
    }
}

package wildchalk.core.flow;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.ConcurrentHashMap;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Unrolled;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.effort.OwnFigures;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.FigureTable;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Footprint;

/**
 * The reps of a stage, one for each way its reads go and each pairing of speeds, worked out once; and which way comes
 * next.
 */
final class Ways {

    private static final List<Figure> LEGS =
            List.of(Figure.WALK, Figure.JOG, Figure.RUN, Figure.SPRINT, Figure.BACK, Figure.SIDE);

    private final Stage stage;
    private final Surface surface;
    private final List<Instruction.Read> reads;
    private final List<Cue> ends;
    private final Map<Key, Played> known = new ConcurrentHashMap<>();

    /** @param speeds per cent of the usual speed, by role; what is not in it is as usual */
    private record Key(Choices choices, Map<String, Integer> speeds) {}

    Ways(Stage stage, Surface surface) {
        this.stage = stage;
        this.surface = surface;
        this.ends = Rules.ends(stage);
        this.reads = stage.instructions(Instruction.Read.class).stream()
                .filter(r -> r.rule().isEmpty())
                .toList();
    }

    Stage stage() {
        return stage;
    }

    /** The stage as it is played, all reads going their first way. */
    Stage written() {
        return written(stage, Choices.NONE);
    }

    private Stage written(Stage drawn, Choices choices) {
        return Unrolled.of(drawn, s -> Rehearsal.of(s, surface, choices));
    }

    /** The ground that the reps take that are worked out by now, metres. */
    Box ground() {
        return known.values().stream()
                .map(p -> Footprint.of(stage, p.timeline()))
                .reduce(Box::with)
                .orElseGet(() -> Footprint.of(stage, rep(0, Map.of()).timeline()));
    }

    /** Where the coach stands who is first in the drill; empty for none. */
    Optional<Vec> coach() {
        return stage.pieces().stream()
                .filter(Piece.Coach.class::isInstance)
                .map(stage::place)
                .findFirst();
    }

    /**
     * A rep: each option of a read in turn, as often as it is to be, or as the lots fall.
     *
     * @param n which of all that are played, from 0
     * @param speeds per cent of the usual speed, by role, of those who are not as usual
     */
    Played rep(int n, Map<String, Integer> speeds) {
        Choices choices = Choices.NONE;
        for (Instruction.Read read : reads) {
            choices = choices.with(read.id(), option(read, n));
        }
        return known.computeIfAbsent(new Key(choices, speeds), this::played);
    }

    private Played played(Key key) {
        Stage written = written(stage, key.choices());
        Stage run = written.at(paced(written.effort(), key.speeds()));
        return Played.of(run, Rehearsal.of(run, surface, key.choices()), ends);
    }

    private Effort paced(Effort effort, Map<String, Integer> speeds) {
        OwnFigures own = effort.own();
        Map<Figure, Double> usual = FigureTable.of(surface, effort);
        for (Map.Entry<String, Integer> speed : speeds.entrySet()) {
            Map<Figure, Double> theirs = effort.own().people().getOrDefault(speed.getKey(), Map.of());
            for (Figure figure : LEGS) {
                double as = theirs.getOrDefault(figure, usual.get(figure));
                own = own.with(speed.getKey(), figure, as * speed.getValue() / 100);
            }
        }
        return effort.with(own);
    }

    /** What is said of how often each option of a read is taken. */
    private Optional<Rotation.Shares> said(Instruction.Read read) {
        return stage.instructions(Rotation.Shares.class).stream()
                .filter(s -> s.read().equals(read.id()))
                .findFirst();
    }

    private String option(Instruction.Read read, int n) {
        Optional<Rotation.Shares> said = said(read);
        Map<String, Integer> shares = said.map(Rotation.Shares::shares).orElse(Map.of());
        return said.isPresent() && said.get().seed().isPresent()
                ? drawn(read, shares, new SplittableRandom(said.get().seed().getAsLong()), n)
                : inTurn(read, shares, n);
    }

    private static int share(Map<String, Integer> shares, Instruction.Option option) {
        return shares.isEmpty() ? 1 : shares.getOrDefault(option.id(), 0);
    }

    private static int all(Instruction.Read read, Map<String, Integer> shares) {
        return read.options().stream().mapToInt(o -> share(shares, o)).sum();
    }

    private static String drawn(Instruction.Read read, Map<String, Integer> shares, SplittableRandom lots, int n) {
        double lot = lots.doubles(n + 1L).skip(n).findFirst().orElseThrow();
        double left = lot * Math.max(1, all(read, shares));
        for (Instruction.Option option : read.options()) {
            left -= share(shares, option);
            if (left < 0) {
                return option.id();
            }
        }
        return read.options().get(0).id();
    }

    /** Of options that come three to one, the rarer stands in the middle of the others. */
    private static String inTurn(Instruction.Read read, Map<String, Integer> shares, int n) {
        int all = Math.max(1, all(read, shares));
        Map<String, Double> owed = new HashMap<>();
        String taken = read.options().get(0).id();
        for (int i = 0; i <= n % all; i++) {
            double most = Double.NEGATIVE_INFINITY;
            for (Instruction.Option option : read.options()) {
                double due = owed.merge(option.id(), (double) share(shares, option) / all, Double::sum);
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

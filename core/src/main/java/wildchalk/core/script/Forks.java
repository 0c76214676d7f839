package wildchalk.core.script;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/** Finds the decisions on a way, and what follows from each, by playing all of their options. */
final class Forks {

    private final Stage stage;
    private final List<Read> reads;
    private final Map<Asked, Options> known = new HashMap<>();

    Forks(Stage stage) {
        this.stage = stage;
        this.reads = Reads.of(stage);
    }

    private record Asked(Choices way, String read) {}

    /**
     * The options of a read on a way, played.
     *
     * @param taken which of them the way itself goes
     */
    private record Options(List<Timeline> ways, List<Set<String>> played, int taken) {

        /** Whether it makes any difference how it goes. */
        boolean matters() {
            return new HashSet<>(played).size() > 1;
        }

        /** What would not happen if it went otherwise. */
        Set<String> depending() {
            Set<String> depending = new HashSet<>(played.get(taken));
            Set<String> always = new HashSet<>(played.get(taken));
            played.forEach(always::retainAll);
            depending.removeAll(always);
            return depending;
        }
    }

    /** All decisions that come up on a way and are not told yet. */
    List<Fork> of(Timeline way, Set<String> told) {
        List<Fork> forks = new ArrayList<>();
        for (Read read : reads) {
            Optional<Option> taken = Reads.taken(stage, way.otherWays().settled(), read);
            if (!told.contains(read.id()) && taken.isPresent() && Fork.isOpen(stage, way, read)) {
                Optional<Options> options = options(way, read);
                OptionalDouble here = Fork.comesUp(stage, way, read, taken.get());
                OptionalDouble at = here.isPresent() ? here : begun(read, options);
                if (at.isPresent() && options.isPresent()) {
                    forks.add(new Fork(
                            read,
                            branches(read, options.get(), told),
                            options.get().taken(),
                            at.getAsDouble()));
                }
            }
        }
        return forks;
    }

    /** When anything of an option begins on its own way, seconds: on the way that is told nothing of any does. */
    private static OptionalDouble begun(Read read, Optional<Options> options) {
        return options.stream()
                .flatMapToDouble(o -> IntStream.range(0, o.ways().size())
                        .boxed()
                        .flatMap(i -> read.options().get(i).actions().stream()
                                .flatMap(id -> o.ways().get(i).times(id).stream()))
                        .mapToDouble(ActionTimes::cued))
                .min();
    }

    private Optional<Options> options(Timeline way, Read read) {
        Optional<Option> taken = Reads.taken(stage, way.otherWays().settled(), read);
        if (taken.isEmpty()) {
            return Optional.empty();
        }
        Asked asked = new Asked(way.otherWays().settled(), read.id());
        Options options = known.get(asked);
        if (options == null) {
            List<Timeline> ways = read.options().stream()
                    .map(o -> o.equals(taken.get())
                            ? way
                            : way.otherWays().going(read.id(), o.id()).orElse(way))
                    .toList();
            List<Set<String>> played =
                    ways.stream().map(w -> Fork.played(stage, w)).toList();
            options = new Options(ways, played, read.options().indexOf(taken.get()));
            known.put(asked, options);
        }
        return Optional.of(options);
    }

    /** What happens only on each: what hangs on a decision that only arises on one of them is of that one. */
    private List<Fork.Branch> branches(Read read, Options options, Set<String> told) {
        List<Read> others = reads.stream()
                .filter(r -> !r.id().equals(read.id()) && !told.contains(r.id()))
                .toList();
        List<Set<String>> certain = new ArrayList<>();
        options.played().forEach(p -> certain.add(new HashSet<>(p)));
        for (Read other : others) {
            List<Optional<Options>> there =
                    options.ways().stream().map(w -> options(w, other)).toList();
            boolean everywhere =
                    there.stream().allMatch(o -> o.filter(Options::matters).isPresent());
            for (int i = 0; i < there.size() && !everywhere; i++) {
                Set<String> unsure = certain.get(i);
                there.get(i).filter(Options::matters).ifPresent(o -> unsure.removeAll(o.depending()));
            }
        }
        Set<String> always = new HashSet<>(certain.get(0));
        certain.forEach(always::retainAll);
        List<Fork.Branch> branches = new ArrayList<>();
        for (int i = 0; i < options.ways().size(); i++) {
            Set<String> only = new LinkedHashSet<>(options.played().get(i));
            only.removeAll(always);
            branches.add(new Fork.Branch(read.options().get(i), options.ways().get(i), only));
        }
        return branches;
    }
}

package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.timeline.OtherWays;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/**
 * All ways through a stage, each worked out when first asked for and kept. So what is not chosen is known as it would
 * really play, and what only waits for another decision is no problem.
 */
final class AllWays {

    /** More ways than this are not tried to find one on which something happens. */
    private static final int MOST = 64;

    private final Stage stage;
    private final List<Read> reads;
    private final Function<Choices, Timeline> rehearse;
    private final Map<Choices, Timeline> bare = new ConcurrentHashMap<>();
    private final Map<Choices, Timeline> whole = new ConcurrentHashMap<>();
    private final Map<Choices, Timeline> judged = new ConcurrentHashMap<>();
    private final UnaryOperator<Timeline> judge;

    /**
     * @param rehearse plays the stage as it was chosen, the rest as is worked out
     * @param judge says what breaks limits and who runs through whom; nobody asks that of a way that is not looked at
     */
    AllWays(Stage stage, Function<Choices, Timeline> rehearse, UnaryOperator<Timeline> judge) {
        this.judge = judge;
        this.stage = stage;
        this.reads = Reads.of(stage);
        this.rehearse = rehearse;
    }

    /** The way that is looked at, which knows the others. */
    Timeline lookedAt(Choices choices) {
        Timeline known = judged.get(choices);
        if (known == null) {
            Timeline here = judge.apply(bare(choices));
            known = reads.isEmpty() ? here : among(choices, here);
            judged.put(choices, known);
        }
        return known;
    }

    private Timeline other(Choices choices) {
        Timeline known = whole.get(choices);
        if (known == null) {
            known = among(choices, bare(choices));
            whole.put(choices, known);
        }
        return known;
    }

    private Timeline among(Choices choices, Timeline here) {
        From others = new From(choices, here);
        Set<Problem> elsewhere = here.problems().stream()
                .filter(p -> p.kind() == Problem.Kind.NEVER || p.kind() == Problem.Kind.SENT_ELSEWHERE)
                .filter(p -> here.times(p.action()).isEmpty())
                .filter(p -> others.look(p.action()).isPresent())
                .collect(Collectors.toSet());
        return here.among(others, elsewhere);
    }

    private Timeline bare(Choices choices) {
        Timeline known = bare.get(choices);
        if (known == null) {
            known = rehearse.apply(choices);
            bare.put(choices, known);
        }
        return known;
    }

    /** As chosen, but one read goes an option, and those in which it arises so that it does. */
    private Choices with(Choices choices, Read read, Option option) {
        Choices changed = choices.with(read.id(), option.id());
        Set<String> seen = new LinkedHashSet<>();
        Optional<String> under = read.under();
        while (under.isPresent() && seen.add(under.get())) {
            String wanted = under.get();
            Optional<Read> parent =
                    reads.stream().filter(r -> r.option(wanted).isPresent()).findFirst();
            if (parent.isPresent()) {
                changed = changed.with(parent.get().id(), wanted);
            }
            under = parent.flatMap(Read::under);
        }
        return changed;
    }

    /** The other ways seen from one. */
    private final class From implements OtherWays {

        private final Choices choices;
        private final Choices settled;
        private final Map<String, Optional<Choices>> playing = new ConcurrentHashMap<>();

        From(Choices choices, Timeline here) {
            this.choices = choices;
            this.settled = here.settled(choices);
        }

        @Override
        public Choices settled() {
            return settled;
        }

        @Override
        public Optional<Timeline> going(String read, String option) {
            return reads.stream()
                    .filter(r -> r.id().equals(read))
                    .flatMap(r -> r.option(option).stream().map(o -> with(choices, r, o)))
                    .map(AllWays.this::other)
                    .findFirst();
        }

        @Override
        public Optional<Timeline> chosen(Choices wanted) {
            return Optional.of(lookedAt(wanted));
        }

        @Override
        public Optional<Timeline> playing(String action) {
            return look(action).map(AllWays.this::other);
        }

        private Optional<Choices> look(String action) {
            Optional<Choices> known = playing.get(action);
            if (known == null) {
                known = nearest(action);
                playing.put(action, known);
            }
            return known;
        }

        private Optional<Choices> nearest(String action) {
            List<Choices> once = otherwise(choices, action);
            return happening(once, action).or(() -> {
                Set<Choices> twice = new LinkedHashSet<>();
                for (Choices changed : once) {
                    if (twice.size() < MOST) {
                        twice.addAll(otherwise(changed, action));
                    }
                }
                return happening(twice, action);
            });
        }

        private Optional<Choices> happening(Collection<Choices> ways, String action) {
            return ways.stream()
                    .limit(MOST)
                    .filter(c -> bare(c).times(action).isPresent())
                    .findFirst();
        }

        /** Every way on which one decides otherwise; first those whose option has an action. */
        private List<Choices> otherwise(Choices from, String action) {
            List<Map.Entry<Boolean, Choices>> found = new ArrayList<>();
            for (Read read : reads) {
                Optional<Option> taken = Reads.taken(stage, settled, read);
                for (Option option : read.options()) {
                    if (taken.filter(option::equals).isEmpty()) {
                        found.add(Map.entry(!option.actions().contains(action), with(from, read, option)));
                    }
                }
            }
            return found.stream()
                    .sorted(Comparator.comparing(Map.Entry::getKey))
                    .map(Map.Entry::getValue)
                    .toList();
        }
    }
}

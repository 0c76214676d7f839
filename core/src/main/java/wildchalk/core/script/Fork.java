package wildchalk.core.script;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/**
 * A decision on the way that is told: what happens whichever way it goes, and what only happens on each.
 *
 * @param taken which branch is the way that is told
 * @param at when it comes up on that way, seconds
 */
record Fork(Read read, List<Branch> branches, int taken, double at) {

    /**
     * What happens when an option is taken.
     *
     * @param way the rep that it makes
     * @param only ids of what happens on that way, but not on all the others
     */
    record Branch(Option option, Timeline way, Set<String> only) {

        /** The first that happens then: of the option itself, else of what else happens only then. */
        Optional<Action> begins(Stage stage) {
            return first(stage, this).stream().findFirst().or(() -> only.stream()
                    .min(Comparator.comparingDouble(
                            id -> way.times(id).orElseThrow().cued()))
                    .flatMap(stage::action));
        }
    }

    /** Who wins a ball is open only where several are on their way to it at once. */
    static boolean isOpen(Stage stage, Timeline way, Read read) {
        if (stage.instructions().contains(read)) {
            return true;
        }
        if (stage.action(read.who()).isPresent()) {
            return way.times(read.who()).isPresent();
        }
        List<ActionTimes> contest = Reads.contest(stage, read.who()).stream()
                .flatMap(c -> way.times(c.id()).stream())
                .toList();
        double lastStart =
                contest.stream().mapToDouble(ActionTimes::start).max().orElse(Double.MAX_VALUE);
        return contest.size() > 1 && contest.stream().allMatch(t -> t.end() > lastStart);
    }

    /** When a contest is decided, or somebody decides. */
    static OptionalDouble comesUp(Stage stage, Timeline way, Read read, Option taken) {
        if (isContest(stage, way, read)) {
            return Reads.contest(stage, read.who()).stream()
                    .flatMap(c -> way.times(c.id()).stream())
                    .mapToDouble(ActionTimes::start)
                    .max();
        }
        Optional<ActionTimes> start = stage.action(read.who())
                .filter(Contest.class::isInstance)
                .flatMap(c -> way.times(c.id()))
                .filter(t -> !Double.isNaN(t.release()));
        if (start.isPresent()) {
            return OptionalDouble.of(start.get().release());
        }
        OptionalDouble begun = taken.actions().stream()
                .flatMap(id -> way.times(id).stream())
                .mapToDouble(ActionTimes::cued)
                .min();
        return begun.isPresent() ? begun : way.comesUp(read, stage);
    }

    static Set<String> played(Stage stage, Timeline way) {
        return stage.actions().stream()
                .map(Action::id)
                .filter(id -> way.times(id).isPresent())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    Branch way() {
        return branches.get(taken);
    }

    /** Whether an action is one of its options, and not only what follows from one. */
    boolean isOptionOf(String action) {
        return read.options().stream().anyMatch(o -> o.actions().contains(action));
    }

    /** Whether it is about who wins a ball. */
    boolean isContest(Stage stage) {
        return isContest(stage, way().way(), read);
    }

    /** Several go for its ball, and the options are about them. */
    private static boolean isContest(Stage stage, Timeline way, Read read) {
        List<Travel.Collect> contest = Reads.contest(stage, read.who()).stream()
                .filter(c -> way.times(c.id()).isPresent())
                .toList();
        return contest.size() > 1
                && read.options().stream().anyMatch(o -> contest.stream()
                        .anyMatch(c -> o.actions().contains(c.id())));
    }

    /** Whoever gets the ball in an option, where it is about that; empty where somebody decides. */
    static Optional<String> winner(Stage stage, Read read, Option option) {
        return stage.action(read.who())
                .filter(Contest.class::isInstance)
                .flatMap(c -> Reads.winner(stage, Choices.NONE.with(read.id(), option.id()), (Contest) c));
    }

    /** Whether this one only comes up because another one went as it did. */
    boolean liesIn(Fork other) {
        boolean over = other.read().under().flatMap(read::option).isPresent();
        if (other == this || over || other.at() > at + 1e-9) {
            return false;
        }
        boolean under =
                read.under().filter(u -> other.way().option().id().equals(u)).isPresent();
        return under || !way().only().isEmpty() && other.way().only().containsAll(way().only()) && !isAs(other);
    }

    /** Two that have the same consequences: then the one that is listed first holds the other. */
    private boolean isAs(Fork other) {
        return other.way().only().equals(way().only())
                && other.at() >= at - 1e-9
                && other.read().id().compareTo(read.id()) > 0;
    }

    /** Whether nothing follows from any option but what it begins with, so that it can be said in one sentence. */
    boolean isShort(Stage stage) {
        return branches.stream().allMatch(b -> {
            Set<String> first = first(stage, b).stream().map(Action::id).collect(Collectors.toSet());
            return first.containsAll(b.only());
        });
    }

    /** What an option begins with: its first action and what is set off by the same moment. */
    static List<Action> first(Stage stage, Branch branch) {
        List<Action> all = branch.option().actions().stream()
                .filter(id -> branch.way().times(id).isPresent())
                .flatMap(id -> stage.action(id).stream())
                .toList();
        return all.stream()
                .filter(a -> a.cue().trigger().equals(all.get(0).cue().trigger())
                        && (a == all.get(0) || !a.cue().trigger().followsOwn()))
                .toList();
    }
}

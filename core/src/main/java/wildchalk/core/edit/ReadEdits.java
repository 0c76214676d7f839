package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Instruction.Rule;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.stroke.CueChoices;

/** Edits of reads: what else somebody can do, when, and what belongs to it. */
public final class ReadEdits {

    /** More ways to go than this nobody can tell apart while playing. */
    public static final int MOST_OPTIONS = 5;

    private ReadEdits() {}

    /**
     * An edit that makes room for something else to happen.
     *
     * @param read id of the read
     * @param option id of the option that is still empty
     */
    public record Made(Edit<Drill> edit, String read, String option) {}

    /**
     * Something else instead of an action. An action that begins an option gets another option beside it; any other
     * begins a read, inside the option that it belongs to itself, and what it sets off belongs to it.
     *
     * @return empty when the read has {@value #MOST_OPTIONS} options already
     */
    public static Optional<Made> instead(String rung, Stage stage, FreeIds ids, Action action) {
        List<Read> reads = stage.instructions(Read.class);
        Optional<Read> begun = reads.stream()
                .filter(r -> r.options().stream().anyMatch(o -> begins(o, action)))
                .findFirst();
        if (begun.isPresent()) {
            return also(rung, ids, begun.get());
        }
        String option = ids.take("o");
        String other = ids.take("o");
        // What belongs to an option further in stays there.
        List<String> follows = stage.actions().stream()
                .filter(a -> CueChoices.waitsFor(a, action, stage))
                .filter(a -> holding(reads, a).equals(holding(reads, action)))
                .map(Action::id)
                .sorted(Comparator.comparing(id -> !id.equals(action.id())))
                .toList();
        Read read = new Read(
                ids.take("r"),
                action.who(),
                List.of(new Option(option, "", "", follows), new Option(other, "", "", List.of())),
                holding(reads, action).map(Option::id));
        Edit<Drill> edit = StageEdit.of("Either, or", rung, s -> s.withInstructions(s.instructions().stream()
                        .map(i -> i instanceof Read r ? inside(stage, r, read, action) : i)
                        .toList())
                .saying(read));
        return Optional.of(new Made(edit, read.id(), other));
    }

    /**
     * Lets it be said that either of those wins a ball who go for it; what follows from that belongs to it.
     *
     * @return the option in which whoever the action is about wins it; empty for an action that no other contests, or
     *     where it is said already
     */
    public static Optional<Made> eitherWins(String rung, Stage stage, FreeIds ids, Action action) {
        String ball = action instanceof Travel.Collect c ? c.wanted().orElse("") : "";
        List<Travel.Collect> contest = ball.isEmpty() ? List.of() : Reads.contest(stage, ball);
        boolean said =
                stage.instructions(Read.class).stream().anyMatch(r -> r.who().equals(ball));
        if (contest.size() < 2 || said) {
            return Optional.empty();
        }
        Map<String, String> wins = new LinkedHashMap<>();
        contest.forEach(c -> wins.put(c.id(), ids.take("o")));
        Read read = new Read(
                ids.take("r"),
                ball,
                contest.stream()
                        .map(c -> new Option(
                                wins.get(c.id()),
                                stage.person(c.who()).map(Piece.Person::label).orElse("") + " wins",
                                "",
                                List.of(c.id())))
                        .toList(),
                Optional.empty());
        return Optional.of(
                new Made(StageEdit.of("Either wins it", rung, s -> s.saying(read)), read.id(), wins.get(action.id())));
    }

    /** One more option of a read. */
    public static Optional<Made> also(String rung, FreeIds ids, Read read) {
        if (read.options().size() >= MOST_OPTIONS) {
            return Optional.empty();
        }
        String id = ids.take("o");
        return Optional.of(new Made(
                change(rung, "Another option", read.id(), r -> {
                    List<Option> options = new ArrayList<>(r.options());
                    options.add(new Option(id, "", "", List.of()));
                    return r.with(options);
                }),
                read.id(),
                id));
    }

    private static boolean begins(Option option, Action action) {
        return !option.actions().isEmpty() && option.actions().get(0).equals(action.id());
    }

    /**
     * A read beside a new one: its options lose what the new one has taken over, and it arises in the new one when it
     * comes up only after the action that begins that.
     */
    private static Read inside(Stage stage, Read read, Read fresh, Action action) {
        Option first = fresh.options().get(0);
        boolean after = read.under().equals(fresh.under())
                && read.options().stream()
                        .flatMap(o -> o.actions().stream().limit(1))
                        .flatMap(id -> stage.action(id).stream())
                        .anyMatch(a -> CueChoices.waitsFor(a, action, stage));
        return new Read(
                read.id(),
                read.who(),
                read.options().stream()
                        .map(o -> o.with(o.actions().stream()
                                .filter(id -> !first.actions().contains(id))
                                .toList()))
                        .toList(),
                after ? Optional.of(first.id()) : read.under(),
                read.rule());
    }

    /** The option, innermost, that an action belongs to. */
    private static Optional<Option> holding(List<Read> reads, Action action) {
        return reads.stream()
                .flatMap(r -> r.options().stream())
                .filter(o -> o.actions().contains(action.id()))
                .min(Comparator.comparingInt(o -> o.actions().size()));
    }

    /** What an option is called, and why it is right. */
    public static Edit<Drill> told(String rung, String read, String option, String label, String reason) {
        return change(
                rung,
                "Tell an option",
                read,
                r -> r.with(r.options().stream()
                        .map(o -> o.id().equals(option) ? new Option(o.id(), label, reason, o.actions()) : o)
                        .toList()));
    }

    /** Whether somebody decides, or it follows from where people are. */
    public static Edit<Drill> ruled(String rung, String read, Optional<Rule> rule) {
        return change(
                rung,
                rule.isPresent() ? "Let it be worked out" : "Let somebody decide",
                read,
                r -> new Read(r.id(), r.who(), r.options(), r.under(), rule));
    }

    /** Takes an option away with what only it has. With one option left nothing is to be decided any more. */
    public static Edit<Drill> without(String rung, Stage stage, Read read, String option) {
        List<Option> left =
                read.options().stream().filter(o -> !o.id().equals(option)).toList();
        return StageEdit.of("Take an option away", rung, s -> {
            Set<String> gone = new TreeSet<>();
            inside(s, option, gone);
            left.forEach(o -> o.actions().forEach(gone::remove));
            Stage kept = s.withInstructions(s.instructions().stream()
                            .filter(i -> !gone.contains(i.id()))
                            .toList())
                    .saying(read.with(left));
            Stage open = left.size() > 1 ? kept : opened(kept, read, left);
            return ActionEdits.without(
                    open,
                    gone.stream().filter(id -> open.action(id).isPresent()).collect(Collectors.toSet()));
        });
    }

    /** The last option that is left happens always. */
    private static Stage opened(Stage stage, Read read, List<Option> left) {
        return stage.withInstructions(stage.instructions().stream()
                .filter(i -> !i.id().equals(read.id()))
                .map(i -> i instanceof Read r
                                && r.under().isPresent()
                                && left.stream()
                                        .anyMatch(o -> o.id().equals(r.under().get()))
                        ? new Read(r.id(), r.who(), r.options(), read.under(), r.rule())
                        : i)
                .toList());
    }

    /** Ids of the actions of an option, and of the reads that arise in it with theirs. */
    private static void inside(Stage stage, String option, Set<String> into) {
        for (Read read : stage.instructions(Read.class)) {
            read.option(option).ifPresent(o -> into.addAll(o.actions()));
            if (read.under().filter(option::equals).isPresent() && into.add(read.id())) {
                read.options().forEach(o -> inside(stage, o.id(), into));
            }
        }
    }

    /**
     * An edit done while options are looked at: what it makes belongs to the option of which it goes on, or to the
     * empty one that waits for something.
     */
    public static Edit<Drill> lookingAt(Edit<Drill> edit, String rung, Choices choices) {
        return new Edit<>(edit.name(), drill -> {
            Drill after = edit.change().apply(drill);
            boolean there = after.ladder().stream().anyMatch(r -> r.id().equals(rung))
                    && drill.ladder().stream().anyMatch(r -> r.id().equals(rung));
            Stage before = there ? Ladder.build(drill, rung) : null;
            Stage now = there ? Ladder.build(after, rung) : null;
            if (!there
                    || now.instructions(Read.class).isEmpty()
                    || !before.instructions().equals(now.instructions())) {
                return after;
            }
            Stage joined = now;
            for (Action action : now.actions()) {
                joined = before.action(action.id()).isEmpty() ? joined(joined, action, choices) : joined;
            }
            return joined.equals(now) ? after : Followers.kept(after, Ladder.put(after, joined), rung);
        });
    }

    private static Stage joined(Stage stage, Action action, Choices choices) {
        List<Read> reads = Reads.of(stage);
        for (int i = reads.size() - 1; i >= 0; i--) {
            Read read = reads.get(i);
            Optional<Option> taken =
                    stage.instructions().contains(read) ? Reads.taken(stage, choices, read) : Optional.empty();
            if (taken.isPresent() && goesOn(stage, taken.get(), action)) {
                List<String> more = new ArrayList<>(taken.get().actions());
                more.add(action.id());
                Stage with = stage.saying(read.with(read.options().stream()
                        .map(o -> o.equals(taken.get()) ? o.with(more) : o)
                        .toList()));
                return taken.get().actions().isEmpty() ? with.withAction(atTheRead(stage, read, action)) : with;
            }
        }
        return stage;
    }

    private static boolean goesOn(Stage stage, Option option, Action action) {
        return option.actions().isEmpty()
                || option.actions().stream()
                        .flatMap(id -> stage.action(id).stream())
                        .anyMatch(a -> CueChoices.waitsFor(action, a, stage));
    }

    /** What somebody does instead they do at the same moment. */
    private static Action atTheRead(Stage stage, Read read, Action action) {
        Optional<Action> other = read.options().stream()
                .flatMap(o -> o.actions().stream().limit(1))
                .flatMap(id -> stage.action(id).stream())
                .filter(a -> a.who().equals(action.who()))
                .findFirst();
        boolean next = other.isPresent() && other.get().cue().trigger().followsOwn();
        return other.isEmpty() || next ? action : action.withCue(other.get().cue());
    }

    private static Edit<Drill> change(String rung, String name, String read, UnaryOperator<Read> change) {
        return StageEdit.of(
                name,
                rung,
                s -> s.withInstructions(s.instructions().stream()
                        .map(i -> i instanceof Read r && r.id().equals(read) ? change.apply(r) : i)
                        .toList()));
    }
}

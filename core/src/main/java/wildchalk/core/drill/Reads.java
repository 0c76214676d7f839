package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;

/** What follows from the reads of a stage: which actions happen, who wins which ball, which ways through there are. */
public final class Reads {

    /** More ways through than this are not listed. */
    public static final int MOST_WAYS = 4096;

    private Reads() {}

    /**
     * The reads of a stage, those that arise in another after it. Where people contest a ball and nothing is said about
     * it, who wins it is a read with the ball's id; its options have the ids of those who go for it.
     */
    public static List<Read> of(Stage stage) {
        List<Read> reads = new ArrayList<>(stage.instructions(Read.class));
        for (Piece piece : stage.pieces()) {
            List<Travel.Collect> contest = contest(stage, piece.id());
            boolean open = piece instanceof Piece.Ball
                    && contest.size() > 1
                    && reads.stream().noneMatch(r -> r.who().equals(piece.id()));
            if (open) {
                reads.add(new Read(
                        piece.id(),
                        piece.id(),
                        contest.stream()
                                .map(c -> new Option(
                                        c.who(),
                                        stage.person(c.who())
                                                .map(Piece.Person::label)
                                                .orElse(""),
                                        "",
                                        List.of(c.id())))
                                .toList(),
                        Optional.empty()));
            }
        }
        for (Action action : stage.actions()) {
            if (action instanceof Contest c
                    && c.gets().size() > 1
                    && reads.stream().noneMatch(r -> r.who().equals(c.id()))) {
                reads.add(c.read(stage));
            }
        }
        reads.sort(Comparator.comparingInt(r -> depth(reads, r, 0)));
        return reads;
    }

    /** Everybody who goes for a ball that lies. */
    public static List<Travel.Collect> contest(Stage stage, String ball) {
        return stage.actions().stream()
                .filter(Travel.Collect.class::isInstance)
                .map(Travel.Collect.class::cast)
                .filter(c -> c.wanted().filter(ball::equals).isPresent())
                .toList();
    }

    private static int depth(List<Read> reads, Read read, int guard) {
        return guard > reads.size()
                ? guard
                : read.under()
                        .flatMap(u -> reads.stream()
                                .filter(r -> r.option(u).isPresent())
                                .findFirst())
                        .map(r -> 1 + depth(reads, r, guard + 1))
                        .orElse(0);
    }

    /**
     * The option that is taken; the first when none was chosen. Empty for a read that does not arise, or has no
     * options.
     */
    public static Optional<Option> taken(Stage stage, Choices choices, Read read) {
        return taken(of(stage), choices, read, 0);
    }

    private static Optional<Option> taken(List<Read> reads, Choices choices, Read read, int guard) {
        boolean arises = guard <= reads.size()
                && (read.under().isEmpty()
                        || reads.stream()
                                .anyMatch(r -> r.option(read.under().get()).isPresent()
                                        && taken(reads, choices, r, guard + 1)
                                                .filter(o -> o.id().equals(
                                                                read.under().get()))
                                                .isPresent()));
        return !arises
                ? Optional.empty()
                : Optional.ofNullable(choices.of().get(read.id()))
                        .flatMap(read::option)
                        .or(() -> read.options().stream().findFirst());
    }

    /**
     * Ids of the actions that do not happen, because another option is taken. What stands in options of several reads,
     * an outer one and one that arises in it, happens only where all of them that arise go so.
     */
    public static Set<String> notTaken(Stage stage, Choices choices) {
        List<Read> reads = of(stage);
        Set<String> out = new HashSet<>();
        Set<String> in = new HashSet<>();
        Set<String> open = new HashSet<>();
        for (Read read : reads) {
            Optional<Option> taken = taken(reads, choices, read, 0);
            Set<String> all = new HashSet<>();
            read.options().forEach(o -> all.addAll(o.actions()));
            if (taken.isEmpty()) {
                open.addAll(all);
            } else {
                in.addAll(taken.get().actions());
                all.removeAll(taken.get().actions());
                out.addAll(all);
            }
        }
        // What is only in reads that do not arise is out; whoever loses a ball goes for it all the same.
        open.removeAll(in);
        out.addAll(open);
        reads.forEach(r -> contest(stage, r.who()).forEach(c -> out.remove(c.id())));
        return out;
    }

    /** Whether two actions never happen both, because they belong to different options of a read. */
    public static boolean excludes(Stage stage, String action, String other) {
        return stage.instructions(Read.class).stream()
                .filter(r -> r.options().stream()
                        .noneMatch(
                                o -> o.actions().contains(action) && o.actions().contains(other)))
                .anyMatch(r -> hasOptionOf(r, action) && hasOptionOf(r, other));
    }

    private static boolean hasOptionOf(Read read, String action) {
        return read.options().stream().anyMatch(o -> o.actions().contains(action));
    }

    /** Who is to win a ball; empty for whoever gets there first. */
    public static Optional<String> winner(Stage stage, Choices choices, String ball) {
        List<Travel.Collect> contest = contest(stage, ball);
        return of(stage).stream()
                .filter(r -> r.who().equals(ball))
                .filter(r ->
                        choices.of().containsKey(r.id()) || stage.instructions().contains(r))
                .flatMap(r -> taken(stage, choices, r).stream())
                .flatMap(o -> contest.stream().filter(c -> o.actions().contains(c.id())))
                .map(Travel.Collect::who)
                .findFirst();
    }

    /** Who gets the ball of a contest: whom its read says, by what they do then or by their place in it. */
    public static Optional<String> winner(Stage stage, Choices choices, Contest contest) {
        Optional<Read> read =
                of(stage).stream().filter(r -> r.who().equals(contest.id())).findFirst();
        Optional<Option> taken = read.flatMap(r -> taken(stage, choices, r));
        return taken.flatMap(o -> contest.gets().stream()
                        .filter(g -> o.id().equals(g)
                                || o.actions().stream()
                                        .flatMap(a -> stage.action(a).stream())
                                        .anyMatch(a -> a.who().equals(g)))
                        .findFirst())
                .or(() -> taken.map(o -> read.get().options().indexOf(o))
                        .filter(i -> i < contest.gets().size())
                        .map(contest.gets()::get))
                .or(() -> contest.gets().stream().findFirst());
    }

    /** Every way through, in the order of the reads and their options; {@link #MOST_WAYS} at most. */
    public static List<Choices> ways(Stage stage) {
        List<Read> reads = of(stage);
        List<Choices> ways = List.of(Choices.NONE);
        for (Read read : reads) {
            List<Choices> next = new ArrayList<>();
            for (Choices way : ways) {
                if (taken(reads, way, read, 0).isEmpty()) {
                    next.add(way);
                } else {
                    read.options().forEach(o -> next.add(way.with(read.id(), o.id())));
                }
            }
            ways = next.size() > MOST_WAYS ? next.subList(0, MOST_WAYS) : next;
        }
        return List.copyOf(ways);
    }
}

package wildchalk.core.drill;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.score.Aloud;

/** Builds rungs from their differences and works the differences out again after a change. */
public final class Ladder {

    private static final Stage EMPTY = new Stage("", "", List.of(), List.of());

    private Ladder() {}

    /**
     * The rung as a plain value. A rung made from one that is missing, or from itself by a detour, is built on an empty
     * surface.
     *
     * @throws IllegalArgumentException when the drill has no rung with this id
     */
    public static Stage build(Drill drill, String rungId) {
        return build(drill, rungId, new HashSet<>());
    }

    /**
     * Every rung, built, each after the one that it was made from: put back in this order, they still follow each
     * other.
     */
    public static List<Stage> buildAll(Drill drill) {
        return List.copyOf(all(drill).values());
    }

    /**
     * Every rung, built, by id: each on the one below that was built before it, so that it costs little more than one.
     */
    public static Map<String, Stage> all(Drill drill) {
        Map<String, Stage> built = new LinkedHashMap<>();
        drill.ladder().stream()
                .sorted(Comparator.comparingInt(r -> origins(drill, r).size()))
                .forEach(rung -> {
                    Optional<Stage> below = rung.from().isEmpty()
                            ? Optional.of(EMPTY)
                            : rung.from().map(built::get);
                    built.put(rung.id(), below.map(b -> over(b, drill, rung)).orElseGet(() -> build(drill, rung.id())));
                });
        return built;
    }

    /**
     * The rungs that a rung was made from, nearest first, as far as they are there; each once, where they go round in a
     * circle.
     */
    public static List<Rung> origins(Drill drill, Rung rung) {
        List<Rung> origins = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        Optional<Rung> at = rung.from().flatMap(f -> rung(drill, f));
        while (at.isPresent() && seen.add(at.get().id())) {
            origins.add(at.get());
            at = at.get().from().flatMap(f -> rung(drill, f));
        }
        return origins;
    }

    /**
     * The drill with the rung {@code stage.id()} changed so that it builds {@code stage}: its pieces, its actions in
     * their order and what is said. Pieces, and what is said, stand in the order of the rung below, followed by what
     * was put here. How hard people go is not taken from the stage: that is said in the rung's plan.
     *
     * @throws IllegalArgumentException when the drill has no rung with this id
     */
    public static Drill put(Drill drill, Stage stage) {
        Rung old = there(drill, stage.id());
        Stage below = below(drill, old, new HashSet<>(Set.of(old.id())));
        List<Piece> pieces = different(below.pieces(), stage.pieces());
        List<Action> actions = different(below.actions(), stage.actions());
        List<Instruction> said = different(below.instructions(), stage.instructions());
        List<String> without = Stream.of(
                        gone(below.pieces(), stage.pieces(), Piece::id),
                        gone(below.actions(), stage.actions(), Action::id),
                        gone(below.instructions(), stage.instructions(), Instruction::id))
                .flatMap(List::stream)
                .toList();
        List<String> order = stage.actions().stream().map(Action::id).toList();
        boolean usual = merged(below.actions(), actions, without, Action::id).stream()
                .map(Action::id)
                .toList()
                .equals(order);
        Rung changed = new Rung(
                old.id(),
                stage.title(),
                old.from(),
                old.plan(),
                pieces,
                actions,
                said,
                new Rung.Below(without, usual ? List.of() : order));
        return drill.withLadder(drill.ladder().stream()
                .map(r -> r.id().equals(old.id()) ? changed : r)
                .toList());
    }

    /**
     * The drill with only one rung, which is what it was with the others: to try something on it, where whether others
     * can follow does not matter.
     *
     * @throws IllegalArgumentException when the drill has no rung with this id
     */
    public static Drill alone(Drill drill, String rungId) {
        Rung rung = there(drill, rungId);
        Stage stage = build(drill, rungId);
        RungPlan plan = new RungPlan(
                rung.plan().step(),
                rung.plan().dose(),
                rung.plan().climb(),
                Optional.of(stage.effort().intensity()),
                stage.aloud());
        return drill.withLadder(List.of(new Rung(
                rung.id(),
                rung.title(),
                Optional.empty(),
                plan,
                stage.pieces(),
                stage.actions(),
                stage.instructions(),
                List.of())));
    }

    /** The rungs, each leaving out nothing but what the rung has that it was made from. */
    public static List<Rung> withoutWhatIsGone(Drill drill) {
        if (drill.ladder().stream().allMatch(r -> r.without().isEmpty())) {
            return drill.ladder();
        }
        List<Rung> kept = new ArrayList<>();
        for (Rung rung : drill.ladder()) {
            Set<String> there = rung.without().isEmpty()
                    ? Set.of()
                    : below(drill, rung, new HashSet<>(Set.of(rung.id()))).ids();
            List<String> without =
                    rung.without().stream().filter(there::contains).toList();
            kept.add(without.size() == rung.without().size() ? rung : rung.leavingOut(without));
        }
        return kept;
    }

    private static Stage build(Drill drill, String rungId, Set<String> seen) {
        Rung rung = there(drill, rungId);
        seen.add(rungId);
        return over(below(drill, rung, seen), drill, rung);
    }

    private static Stage over(Stage below, Drill drill, Rung rung) {
        return new Stage(
                rung.id(),
                rung.title(),
                merged(below.pieces(), rung.pieces(), rung.without(), Piece::id),
                inOrder(below, merged(below.actions(), rung.actions(), rung.without(), Action::id), rung.order()),
                merged(below.instructions(), rung.instructions(), rung.without(), Instruction::id),
                effort(drill, rung),
                aloud(drill, rung));
    }

    /** Who practises a rung and how hard they go: as it says itself, or as the nearest below it that says so. */
    private static Effort effort(Drill drill, Rung rung) {
        return Stream.concat(Stream.of(rung), origins(drill, rung).stream())
                .flatMap(r -> r.plan().intensity().stream())
                .findFirst()
                .map(i -> drill.effort().with(i))
                .orElse(drill.effort());
    }

    /**
     * What rungs are called where there is room for a sign only: "1", "2", and "2a" for a variation of it, wherever
     * that stands; by id.
     */
    public static Map<String, String> signs(Drill drill) {
        Map<String, String> numbers = new HashMap<>();
        for (Rung r : drill.ladder()) {
            if (!isBeside(drill, r)) {
                numbers.put(r.id(), Integer.toString(numbers.size() + 1));
            }
        }
        Map<String, String> signs = new LinkedHashMap<>();
        Map<String, Character> beside = new HashMap<>();
        for (Rung r : drill.ladder()) {
            String number = numbers.get(stem(drill, r).id());
            signs.put(
                    r.id(),
                    isBeside(drill, r) ? number + beside.merge(number, 'a', (had, a) -> (char) (had + 1)) : number);
        }
        return signs;
    }

    /** The sign of the rung of which one is a variation, wherever it stands; empty for any other. */
    public static Optional<String> variationOf(Drill drill, String rung) {
        return rung(drill, rung).filter(r -> isBeside(drill, r)).map(r -> signs(drill)
                .get(stem(drill, r).id()));
    }

    /** A variation of a rung that is on the ladder. */
    private static boolean isBeside(Drill drill, Rung rung) {
        return rung.isVariation() && stem(drill, rung) != rung;
    }

    /** The rung of which one is a variation, or a variation of a variation; itself for any other. */
    private static Rung stem(Drill drill, Rung rung) {
        return Stream.concat(Stream.of(rung), origins(drill, rung).stream())
                .filter(r -> !r.isVariation())
                .findFirst()
                .orElse(rung);
    }

    /** What is below without what is gone; what is here in place of what has its id, else after all others. */
    private static <T> List<T> merged(List<T> below, List<T> here, List<String> without, Function<T, String> id) {
        Map<String, T> all = new LinkedHashMap<>();
        below.forEach(t -> all.put(id.apply(t), t));
        all.keySet().removeAll(Set.copyOf(without));
        here.forEach(t -> all.put(id.apply(t), t));
        return List.copyOf(all.values());
    }

    /**
     * Those that the order names stand in it; any other one, which came below later, after the one that it follows
     * there, and after what this rung has put behind that.
     */
    private static List<Action> inOrder(Stage below, List<Action> actions, List<String> order) {
        if (order.isEmpty()) {
            return actions;
        }
        Map<String, Action> byId = new LinkedHashMap<>();
        actions.forEach(a -> byId.put(a.id(), a));
        List<Action> sorted = new ArrayList<>();
        order.stream().distinct().map(byId::get).filter(Objects::nonNull).forEach(sorted::add);
        Set<String> named = Set.copyOf(order);
        Action before = null;
        for (Action action : actions) {
            if (!named.contains(action.id())) {
                int at = before == null ? 0 : sorted.indexOf(before) + 1;
                while (at < sorted.size() && below.action(sorted.get(at).id()).isEmpty()) {
                    at++;
                }
                sorted.add(at, action);
            }
            before = action;
        }
        return List.copyOf(sorted);
    }

    private static Stage below(Drill drill, Rung rung, Set<String> seen) {
        return rung.from()
                .filter(f -> !seen.contains(f) && rung(drill, f).isPresent())
                .map(f -> build(drill, f, seen))
                .orElse(EMPTY);
    }

    /** How long a rung is practised; empty when nothing is said of it, or there is no such rung. */
    public static Optional<Dose> dose(Drill drill, String rung) {
        return rung(drill, rung).flatMap(r -> r.plan().dose());
    }

    /** What is called and what counts on a rung: each as it says itself, or as the nearest below it that says so. */
    private static Aloud aloud(Drill drill, Rung rung) {
        return origins(drill, rung).stream()
                .map(r -> r.plan().aloud())
                .reduce(rung.plan().aloud(), Aloud::or);
    }

    private static Rung there(Drill drill, String id) {
        return rung(drill, id).orElseThrow(() -> new IllegalArgumentException("no rung " + id));
    }

    private static Optional<Rung> rung(Drill drill, String id) {
        return drill.ladder().stream().filter(r -> r.id().equals(id)).findFirst();
    }

    private static <T> List<T> different(List<T> below, List<T> here) {
        Set<T> same = new HashSet<>(below);
        return here.stream().filter(t -> !same.contains(t)).toList();
    }

    private static <T> List<String> gone(List<T> below, List<T> here, Function<T, String> id) {
        Set<String> left = new HashSet<>();
        here.forEach(t -> left.add(id.apply(t)));
        return below.stream().map(id).filter(i -> !left.contains(i)).toList();
    }
}

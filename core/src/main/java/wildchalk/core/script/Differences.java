package wildchalk.core.script;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/**
 * What one rung has that the rung below it has not, as a coach says it: "live instead of half pace; 4 comes in to chase
 * 7, as 9 receives". Few things are told one by one; of many only whom they are about.
 */
public final class Differences {

    /** More moved things than this are counted, and of more changes of one person only that there are some. */
    private static final int EACH = 2;
    /** More people than this who do otherwise have no names. */
    private static final int NAMED = 4;

    private final Stage below;
    private final Stage here;
    private final Unit unit;
    private final Likeness likeness;
    private final NewWords say;
    private final List<String> words = new ArrayList<>();

    private Differences(Stage below, Stage here, Timeline timeline, Surface surface, Unit unit) {
        this.below = below;
        this.here = here;
        this.unit = unit;
        this.likeness = new Likeness(below, here);
        this.say = new NewWords(below, here, timeline, surface);
    }

    /**
     * What is not the same on two rungs, by id.
     *
     * @param fresh only here
     * @param gone only below
     * @param changed on both, and not the same
     */
    public record Ids(Set<String> fresh, Set<String> gone, Set<String> changed) {

        /** All of it. */
        public Set<String> all() {
            return Stream.of(fresh, gone, changed).flatMap(Set::stream).collect(Collectors.toSet());
        }
    }

    /** Which pieces and actions are not the same. */
    public static Ids ids(Stage below, Stage here) {
        Map<String, Object> was = byId(below);
        Map<String, Object> is = byId(here);
        return new Ids(
                is.keySet().stream().filter(id -> !was.containsKey(id)).collect(Collectors.toSet()),
                was.keySet().stream().filter(id -> !is.containsKey(id)).collect(Collectors.toSet()),
                is.keySet().stream()
                        .filter(id -> was.containsKey(id) && !was.get(id).equals(is.get(id)))
                        .collect(Collectors.toSet()));
    }

    private static Map<String, Object> byId(Stage stage) {
        Map<String, Object> all = new LinkedHashMap<>();
        stage.pieces().forEach(p -> all.put(p.id(), p));
        stage.actions().forEach(a -> all.put(a.id(), a));
        return all;
    }

    /**
     * In the order in which a coach would say it: how hard, from where, who and what is new, what is gone, what is
     * moved, what is done otherwise.
     *
     * @param timeline of the stage {@code here}
     * @return empty when they are the same
     */
    public static List<String> of(Stage below, Stage here, Timeline timeline, Surface surface, Unit unit) {
        Differences differences = new Differences(below, here, timeline, surface, unit);
        differences.whole();
        differences.people();
        differences.gear();
        differences.moves();
        differences.actions();
        differences.instructions();
        return List.copyOf(differences.words);
    }

    /**
     * The same in a sentence.
     *
     * @param differences as they are told, at least one
     * @param variationOf sign of the rung of which this is a variation
     */
    public static String sentence(List<String> differences, Optional<String> variationOf) {
        String all = NewWords.say("list", String.join(NewWords.say("between"), differences));
        return variationOf.map(s -> NewWords.say("variation", s, all)).orElseGet(() -> NewWords.say("here", all));
    }

    /** What stands behind the title of a variation: " (variation of 2)". */
    public static String besideTitle(String variationOf) {
        return NewWords.say("beside.title", variationOf);
    }

    private void whole() {
        if (below.effort().intensity() != here.effort().intensity()) {
            words.add(say.of(
                    "instead",
                    EffortWords.of(here.effort().intensity()),
                    EffortWords.of(below.effort().intensity())));
        }
        List<String> aloud = AloudWords.of(below.aloud());
        AloudWords.of(here.aloud()).stream()
                .filter(w -> !aloud.contains(w))
                .map(w -> w.substring(0, w.length() - 1))
                .forEach(words::add);
        likeness.whole().ifPresent(h -> words.add(say.of("whole." + h.key(), unit.exact(h.metres()))));
        likeness.copy().ifPresent(h -> words.add(say.of("copy." + h.key(), unit.exact(h.metres()))));
    }

    private void people() {
        List<Piece.Person> fresh = here.people().stream()
                .filter(p -> below.piece(p.id()).isEmpty() && !likeness.copied().contains(p.id()))
                .toList();
        if (fresh.size() <= EACH) {
            fresh.forEach(p -> words.add(say.comesIn(p)));
        } else {
            words.add(say.many("people.in", fresh.stream().map(say::name).toList(), NAMED));
        }
        List<String> gone = below.people().stream()
                .filter(p -> here.piece(p.id()).isEmpty())
                .map(say::name)
                .toList();
        if (!gone.isEmpty()) {
            words.add(say.many("people.out", gone, NAMED));
        }
    }

    private void gear() {
        counted(here, below, n -> !likeness.copied().contains(n.id()), "more");
        counted(below, here, n -> true, "without");
    }

    private void counted(Stage with, Stage without, Function<Piece, Boolean> wanted, String key) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        with.pieces().stream()
                .filter(p -> without.piece(p.id()).isEmpty() && !(p instanceof Piece.Person) && wanted.apply(p))
                .forEach(p -> counts.merge(PieceWords.name(p), 1, Integer::sum));
        counts.forEach((name, n) -> words.add(say.of(key, n, n == 1 ? name : PieceWords.several(name))));
    }

    private void moves() {
        if (likeness.whole().isPresent()) {
            return;
        }
        List<String> moved = new ArrayList<>();
        List<String> changed = new ArrayList<>();
        for (Piece piece : here.pieces()) {
            Optional<Piece> before = below.piece(piece.id()).filter(p -> !p.equals(piece));
            double metres =
                    before.map(b -> here.place(piece).distance(below.place(b))).orElse(0.0);
            if (metres > Likeness.SAME) {
                moved.add(say.of("moved", PieceWords.among(here, piece), unit.exact(metres)));
            } else if (before.isPresent() && !(piece instanceof Piece.Ball)) {
                changed.add(say.of("changed", PieceWords.among(here, piece)));
            }
        }
        few(moved, "many.moved");
        few(changed, "many.changed");
    }

    private void few(List<String> each, String key) {
        if (each.size() <= EACH) {
            words.addAll(each);
        } else {
            words.add(say.of(key, each.size()));
        }
    }

    /** What those do otherwise who are on both. */
    private void actions() {
        Map<String, List<String>> byWho = new LinkedHashMap<>();
        Set<String> order = new LinkedHashSet<>();
        here.actions().forEach(a -> order.add(a.who()));
        below.actions().forEach(a -> order.add(a.who()));
        for (String who : order) {
            if (below.person(who).isPresent() && here.person(who).isPresent()) {
                List<String> changes = changes(who);
                if (!changes.isEmpty()) {
                    byWho.put(who, changes);
                }
            }
        }
        int all = byWho.values().stream().mapToInt(List::size).sum();
        if (all <= EACH) {
            byWho.values().forEach(words::addAll);
            return;
        }
        Map<Boolean, List<String>> few = byWho.keySet().stream()
                .collect(Collectors.partitioningBy(
                        w -> byWho.size() <= EACH && byWho.get(w).size() == 1));
        few.get(true).forEach(w -> words.addAll(byWho.get(w)));
        List<String> names = few.get(false).stream()
                .map(w -> say.name(here.person(w).orElseThrow()))
                .toList();
        if (!names.isEmpty()) {
            words.add(say.many("otherwise", names, NAMED));
        }
    }

    private List<String> changes(String who) {
        List<String> changes = new ArrayList<>();
        for (Action action : here.actionsOf(who)) {
            Optional<Action> before = below.action(action.id());
            if (before.isEmpty()) {
                changes.add(say.of("does", say.action(here, action)));
            } else if (!before.get().equals(action)) {
                changes.addAll(
                        say.changed(before.get(), action, likeness.whole().isPresent()));
            }
        }
        below.actionsOf(who).stream()
                .filter(a -> here.action(a.id()).isEmpty())
                .forEach(a -> changes.add(say.of("does.not", say.action(below, a))));
        return changes;
    }

    private void instructions() {
        kinds(here, below, "more");
        kinds(below, here, "without");
        here.instructions().stream()
                .filter(i -> !below.instructions().contains(i)
                        && below.instructions().stream().anyMatch(b -> b.id().equals(i.id())))
                .forEach(i -> words.add(say.changed(i)));
    }

    private void kinds(Stage with, Stage without, String key) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        with.instructions().stream()
                .filter(i -> without.instructions().stream().noneMatch(b -> b.id().equals(i.id())))
                .forEach((Instruction i) -> counts.merge(say.kind(i), 1, Integer::sum));
        counts.forEach((kind, n) -> words.add(say.of(key, n, n == 1 ? kind : PieceWords.several(kind))));
    }
}

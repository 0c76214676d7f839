package wildchalk.core.script;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.EffortWords;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/**
 * What one rung has that the rung below it has not, in words: "+ player 4, starts as 7 receives; mini-goal moved 5.0
 * m".
 */
public final class Differences {

    /** Nearer than this a piece stands where it stood, metres. */
    private static final double SAME = 0.005;

    private final Stage below;
    private final Stage here;
    private final Timeline timeline;
    private final Surface surface;
    private final Unit unit;
    private final List<String> words = new ArrayList<>();
    private final boolean mirrored;

    private Differences(Stage below, Stage here, Timeline timeline, Surface surface, Unit unit) {
        this.below = below;
        this.here = here;
        this.timeline = timeline;
        this.surface = surface;
        this.unit = unit;
        this.mirrored = isMirrored();
    }

    /** Whether all that is on both stands on the other side of the middle, at least two of it really elsewhere. */
    private boolean isMirrored() {
        List<Piece> both = here.pieces().stream()
                .filter(p -> below.piece(p.id()).isPresent() && !(p instanceof Piece.Mark))
                .toList();
        return both.stream()
                        .allMatch(p -> here.place(p)
                                        .distance(
                                                below.place(below.piece(p.id()).orElseThrow())
                                                        .mirrored(false, true))
                                < SAME)
                && both.stream().filter(p -> Math.abs(here.place(p).y()) > SAME).count() >= 2;
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
     * In the order in which a coach would say it: who and what is new, what is gone, what is moved, what is done
     * otherwise.
     *
     * @param timeline of the stage {@code here}
     * @return empty when they are the same
     */
    public static List<String> of(Stage below, Stage here, Timeline timeline, Surface surface, Unit unit) {
        Differences differences = new Differences(below, here, timeline, surface, unit);
        if (differences.mirrored) {
            differences.words.add("from the other side");
        }
        differences.pieces();
        differences.actions();
        if (below.effort().intensity() != here.effort().intensity()) {
            differences.words.add(EffortWords.of(here.effort().intensity()) + " instead of "
                    + EffortWords.of(below.effort().intensity()));
        }
        differences.compareInstructions();
        return List.copyOf(differences.words);
    }

    private void pieces() {
        Map<String, Integer> fresh = new LinkedHashMap<>();
        for (Piece piece : here.pieces()) {
            if (below.piece(piece.id()).isEmpty()) {
                if (piece instanceof Piece.Person person) {
                    words.add("+ " + PieceWords.name(piece) + start(person));
                } else {
                    fresh.merge(PieceWords.name(piece), 1, Integer::sum);
                }
            }
        }
        fresh.forEach((name, count) -> words.add("+ " + counted(name, count)));
        Map<String, Integer> gone = new LinkedHashMap<>();
        below.pieces().stream()
                .filter(p -> here.piece(p.id()).isEmpty())
                .forEach(p -> gone.merge(PieceWords.name(p), 1, Integer::sum));
        gone.forEach((name, count) -> words.add("− " + counted(name, count)));
        for (Piece piece : here.pieces()) {
            below.piece(piece.id()).filter(p -> !p.equals(piece)).ifPresent(before -> changed(before, piece));
        }
    }

    private static String counted(String name, int count) {
        return count == 1 ? name : count + " " + PieceWords.several(name);
    }

    private String start(Piece.Person person) {
        return here.actionsOf(person.id()).stream()
                .findFirst()
                .map(a -> ", starts " + ScriptWriter.cue(here, timeline, surface, a))
                .orElse("");
    }

    private void changed(Piece before, Piece now) {
        double metres = here.place(now).distance(below.place(before));
        if (mirrored) {
            return;
        }
        if (metres > SAME) {
            words.add(PieceWords.among(here, now) + " moved " + unit.exact(metres));
        } else if (!(now instanceof Piece.Ball)) {
            words.add(PieceWords.among(here, now) + " changed");
        }
    }

    private void actions() {
        for (Action action : here.actions()) {
            Optional<Action> before = below.action(action.id());
            if (before.isEmpty()) {
                // The first of somebody new was said with them.
                boolean said = below.person(action.who()).isEmpty()
                        && here.actionsOf(action.who()).get(0).equals(action);
                if (!said) {
                    words.add("+ " + named(here, action));
                }
            } else if (!before.get().equals(action)) {
                changed(before.get(), action);
            }
        }
        below.actions().stream()
                .filter(a ->
                        here.action(a.id()).isEmpty() && here.person(a.who()).isPresent())
                .forEach(a -> words.add("− " + named(below, a)));
    }

    private void changed(Action before, Action now) {
        boolean same = ActionEdits.describe(before, below).equals(ActionEdits.describe(now, here));
        if (!before.cue().equals(now.cue())) {
            words.add(named(here, now) + " starts " + ScriptWriter.cue(here, timeline, surface, now));
        }
        if (!same) {
            words.add(named(below, before) + " becomes " + ActionEdits.describe(now, here));
        } else if (!mirrored && !before.withCue(now.cue()).equals(now)) {
            words.add(named(here, now) + " goes otherwise");
        }
    }

    private void compareInstructions() {
        Map<String, Integer> fresh = new LinkedHashMap<>();
        Map<String, Integer> gone = new LinkedHashMap<>();
        here.instructions().stream()
                .filter(i -> below.instructions().stream().noneMatch(b -> b.id().equals(i.id())))
                .forEach(i -> fresh.merge(kind(i), 1, Integer::sum));
        below.instructions().stream()
                .filter(i -> here.instructions().stream().noneMatch(b -> b.id().equals(i.id())))
                .forEach(i -> gone.merge(kind(i), 1, Integer::sum));
        fresh.forEach((kind, n) -> words.add("+ " + (n == 1 ? kind : n + " " + PieceWords.several(kind))));
        gone.forEach((kind, n) -> words.add("− " + (n == 1 ? kind : n + " " + PieceWords.several(kind))));
        here.instructions().stream()
                .filter(i -> !below.instructions().contains(i)
                        && below.instructions().stream().anyMatch(b -> b.id().equals(i.id())))
                .forEach(i -> words.add(
                        i instanceof Instruction.Read r
                                ? here.person(r.who())
                                                .map(p -> p.label() + "'s ")
                                                .orElse("the ")
                                        + (r.rule().isPresent() ? "decision is worked out" : "decision changed")
                                : "another " + kind(i)));
    }

    private static String kind(Instruction said) {
        return said.match(new Instruction.Cases<>() {
            @Override
            public String read(Instruction.Read read) {
                return "decision";
            }

            @Override
            public String freeze(Instruction.Freeze freeze) {
                return "question";
            }

            @Override
            public String moveOn(Instruction.MoveOn moveOn) {
                return "rule";
            }

            @Override
            public String attacks(Instruction.Attacks attacks) {
                return attacks.from().isPresent() ? "change of ends" : "end to attack";
            }

            @Override
            public String limit(Limit limit) {
                return "rule";
            }
        });
    }

    private static String named(Stage stage, Action action) {
        return stage.person(action.who())
                        .map(Piece.Person::label)
                        .filter(l -> !l.isBlank())
                        .map(l -> l + "'s ")
                        .orElse("")
                + ActionEdits.describe(action, stage);
    }
}

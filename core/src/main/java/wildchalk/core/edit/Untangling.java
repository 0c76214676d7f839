package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.GivenIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;

/**
 * Goes through a ladder, each rung after the one that it was made from, and gives what has the id of something else its
 * own.
 */
final class Untangling {

    private final Drill drill;
    private final FreeIds free;
    /** Everything that was met, by the id that it had: under each, things that are different from each other. */
    private final Map<String, List<Met>> met = new HashMap<>();
    /** What the ids of pieces, actions and options of a rung, as they were, mean there; and those of what is said. */
    private final Map<String, Map<String, String>> meanings = new HashMap<>();

    private final Map<String, Map<String, String>> saidMeanings = new HashMap<>();
    private final List<String> words = new ArrayList<>();

    Untangling(Drill drill) {
        this.drill = drill;
        this.free = new FreeIds(drill);
    }

    /**
     * A thing that was met.
     *
     * @param id under which it is known now
     * @param as it was written on the first rung that has it
     * @param by who does or decides it, by the id under which they are known now; empty for what nobody does
     * @param of that rung
     */
    private record Met(String id, Identified as, String by, Rung of) {}

    Untangled untangled() {
        Map<String, Rung> done = new HashMap<>();
        drill.ladder().stream()
                .sorted(Comparator.comparingInt(r -> Ladder.origins(drill, r).size()))
                .forEach(r -> done.put(r.id(), rung(r)));
        List<Rung> ladder = drill.ladder().stream().map(r -> done.get(r.id())).toList();
        return words.isEmpty()
                ? new Untangled(drill, List.of())
                : new Untangled(drill.withLadder(ladder).following(drill), words);
    }

    private Rung rung(Rung rung) {
        Map<String, String> below =
                rung.from().map(f -> meanings.getOrDefault(f, Map.of())).orElse(Map.of());
        Map<String, String> here = new LinkedHashMap<>(below);
        // Nothing names what is said, so that has no part in what ids mean.
        Map<String, String> said =
                rung.from().map(f -> saidMeanings.getOrDefault(f, Map.of())).orElse(Map.of());
        Map<String, String> own = new LinkedHashMap<>(said);
        rung.pieces().forEach(p -> here.put(p.id(), meant(new Identified.OfPiece(p), "", rung, below)));
        rung.actions()
                .forEach(a -> here.put(
                        a.id(), meant(new Identified.OfAction(a), here.getOrDefault(a.who(), a.who()), rung, below)));
        for (Instruction i : rung.instructions()) {
            String id = meant(
                    new Identified.OfInstruction(i),
                    i instanceof Instruction.Read read ? here.getOrDefault(read.who(), read.who()) : "",
                    rung,
                    said);
            own.put(i.id(), id);
            if (i instanceof Instruction.Read read) {
                read.options()
                        .forEach(o -> here.put(o.id(), meant(new Identified.OfOption(o.id(), id), "", rung, below)));
            }
        }
        meanings.put(rung.id(), here);
        saidMeanings.put(rung.id(), own);
        if (isAsItWas(here) && isAsItWas(own)) {
            return rung;
        }
        return new Rung(
                rung.id(),
                rung.title(),
                rung.from(),
                rung.plan(),
                rung.pieces().stream()
                        .map(p -> transfer(
                                        new Identified.OfPiece(p),
                                        here,
                                        below,
                                        here.get(p.id()),
                                        here.get(p.id()).equals(below.get(p.id())))
                                .piece(p, CopyEdits.label(p)))
                        .toList(),
                rung.actions().stream()
                        .map(a -> transfer(
                                        new Identified.OfAction(a),
                                        here,
                                        below,
                                        here.get(a.id()),
                                        here.get(a.id()).equals(below.get(a.id())))
                                .action(a))
                        .toList(),
                rung.instructions().stream()
                        .map(i -> transfer(
                                        new Identified.OfInstruction(i),
                                        here,
                                        below,
                                        own.get(i.id()),
                                        own.get(i.id()).equals(said.get(i.id())))
                                .instruction(i)
                                .withId(own.get(i.id())))
                        .toList(),
                new Rung.Below(
                        rung.without().stream()
                                .map(id -> below.getOrDefault(id, said.getOrDefault(id, id)))
                                .toList(),
                        rung.order().stream()
                                .map(id -> here.getOrDefault(id, id))
                                .toList()));
    }

    /** The id under which a thing of a rung is known: that of what it is a version of, or one of its own. */
    private String meant(Identified thing, String by, Rung rung, Map<String, String> below) {
        String id = thing.id();
        List<Met> others = met.computeIfAbsent(id, i -> new ArrayList<>());
        List<Met> nearestFirst = new ArrayList<>(others);
        nearestFirst.sort(Comparator.comparing(m -> !m.id().equals(below.get(id))));
        Optional<Met> same = nearestFirst.stream()
                .filter(m -> !m.as().differs(thing, !m.by().equals(by)))
                .findFirst();
        if (same.isPresent()) {
            return same.get().id();
        }
        String own = others.isEmpty() ? id : free.take(GivenIds.letters(id));
        if (!others.isEmpty() && thing.name().isPresent()) {
            Met other = nearestFirst.get(0);
            words.add(upper(thing.name().get()) + " on \"" + rung.title() + "\" and "
                    + other.as().name().orElse("an option") + " on \""
                    + other.of().title()
                    + "\" were taken for one thing; they are kept apart now. Look whether each belongs where it is.");
        }
        others.add(new Met(own, thing, by, rung));
        return own;
    }

    /**
     * What a version names that the one below names too is what it was there.
     *
     * @param now the id under which the thing is known
     */
    private Transfer transfer(
            Identified thing, Map<String, String> here, Map<String, String> below, String now, boolean isVersion) {
        Map<String, String> ids = new HashMap<>(here);
        if (isVersion) {
            met.get(thing.id()).stream()
                    .filter(m -> m.id().equals(now))
                    .findFirst()
                    .ifPresent(m ->
                            m.as().named().stream().filter(below::containsKey).forEach(n -> ids.put(n, below.get(n))));
        }
        return Transfer.renaming(ids);
    }

    private static boolean isAsItWas(Map<String, String> meanings) {
        return meanings.entrySet().stream().allMatch(e -> e.getKey().equals(e.getValue()));
    }

    private static String upper(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}

package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.GivenIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Soundness;
import wildchalk.core.drill.Spot;
import wildchalk.core.naming.PieceWords;

/** Goes through a ladder, each rung after the one that it was made from, and gives what has the id of something else its own. */
final class Untangling {

    /** Nearer than this two pieces stand in the same place, metres. */
    private static final double SAME_PLACE = 0.5;

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
     * A thing: a piece, an action, something said, or an option by its read's id.
     *
     * @param id under which it is known now
     * @param as it was written on the first rung that has it
     * @param by who does or decides it, by the id under which they are known now; empty for what nobody does
     * @param of that rung
     */
    private record Met(String id, Object as, String by, Rung of) {
    }

    Untangled untangled() {
        Map<String, Rung> done = new HashMap<>();
        drill.ladder().stream().sorted(Comparator.comparingInt(r -> Ladder.origins(drill, r).size())).forEach(r -> done.put(r.id(), rung(r)));
        List<Rung> ladder = drill.ladder().stream().map(r -> done.get(r.id())).toList();
        return words.isEmpty() ? new Untangled(drill, List.of()) : new Untangled(drill.withLadder(ladder).following(drill), words);
    }

    private Rung rung(Rung rung) {
        Map<String, String> below = rung.from().map(f -> meanings.getOrDefault(f, Map.of())).orElse(Map.of());
        Map<String, String> here = new LinkedHashMap<>(below);
        // Nothing names what is said, so that has no part in what ids mean.
        Map<String, String> said = rung.from().map(f -> saidMeanings.getOrDefault(f, Map.of())).orElse(Map.of());
        Map<String, String> own = new LinkedHashMap<>(said);
        rung.pieces().forEach(p -> here.put(p.id(), meant(p.id(), p, "", rung, below)));
        rung.actions().forEach(a -> here.put(a.id(), meant(a.id(), a, here.getOrDefault(a.who(), a.who()), rung, below)));
        for (Instruction i : rung.said()) {
            String id = meant(i.id(), i, i instanceof Instruction.Read read ? here.getOrDefault(read.who(), read.who()) : "", rung, said);
            own.put(i.id(), id);
            if (i instanceof Instruction.Read read) {
                read.options().forEach(o -> here.put(o.id(), meant(o.id(), id, "", rung, below)));
            }
        }
        meanings.put(rung.id(), here);
        saidMeanings.put(rung.id(), own);
        if (isAsItWas(here) && isAsItWas(own)) {
            return rung;
        }
        return new Rung(rung.id(), rung.title(), rung.from(), rung.plan(),
                rung.pieces().stream().map(p -> transfer(p, here, below, here.get(p.id()), here.get(p.id()).equals(below.get(p.id()))).piece(p, CopyEdits.label(p))).toList(),
                rung.actions().stream().map(a -> transfer(a, here, below, here.get(a.id()), here.get(a.id()).equals(below.get(a.id()))).action(a)).toList(),
                rung.said().stream().map(i -> transfer(i, here, below, own.get(i.id()), own.get(i.id()).equals(said.get(i.id()))).said(i).withId(own.get(i.id()))).toList(),
                rung.without().stream().map(id -> below.getOrDefault(id, said.getOrDefault(id, id))).toList(),
                rung.order().stream().map(id -> here.getOrDefault(id, id)).toList());
    }

    /** The id under which a thing of a rung is known: that of what it is a version of, or one of its own. */
    private String meant(String id, Object thing, String by, Rung rung, Map<String, String> below) {
        List<Met> others = met.computeIfAbsent(id, i -> new ArrayList<>());
        List<Met> nearestFirst = new ArrayList<>(others);
        nearestFirst.sort(Comparator.comparing(m -> !m.id().equals(below.get(id))));
        Optional<Met> same = nearestFirst.stream().filter(m -> !differ(m, thing, by)).findFirst();
        if (same.isPresent()) {
            return same.get().id();
        }
        String own = others.isEmpty() ? id : free.take(GivenIds.letters(id));
        if (!others.isEmpty() && !(thing instanceof String)) {
            Met other = nearestFirst.get(0);
            words.add(upper(name(thing)) + " on \"" + rung.title() + "\" and " + name(other.as()) + " on \"" + other.of().title()
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
    private Transfer transfer(Object thing, Map<String, String> here, Map<String, String> below, String now, boolean isVersion) {
        Map<String, String> ids = new HashMap<>(here);
        if (isVersion) {
            met.get(id(thing)).stream().filter(m -> m.id().equals(now)).findFirst().ifPresent(m ->
                    named(m.as()).stream().filter(below::containsKey).forEach(n -> ids.put(n, below.get(n))));
        }
        return Transfer.renaming(ids);
    }

    private static boolean isAsItWas(Map<String, String> meanings) {
        return meanings.entrySet().stream().allMatch(e -> e.getKey().equals(e.getValue()));
    }

    private static String id(Object thing) {
        return thing instanceof Piece p ? p.id() : thing instanceof Action a ? a.id() : ((Instruction) thing).id();
    }

    private static List<String> named(Object thing) {
        List<String> named = new ArrayList<>();
        if (thing instanceof Piece.Ball ball) {
            ball.heldBy().ifPresent(named::add);
        } else if (thing instanceof Action action) {
            named.add(action.who());
            Soundness.spots(action).stream().filter(Spot.AtPiece.class::isInstance).forEach(s -> named.add(((Spot.AtPiece) s).piece()));
            Soundness.triggers(action).forEach(t -> {
                t.of().ifPresent(named::add);
                named.addAll(t.watched());
            });
        } else if (thing instanceof Instruction.Read read) {
            named.add(read.who());
            read.options().forEach(o -> named.addAll(o.actions()));
        }
        return named;
    }

    private static boolean differ(Met met, Object thing, String by) {
        if (met.as() instanceof Piece p && thing instanceof Piece q) {
            return !kind(p).equals(kind(q)) || !look(p).equals(look(q)) && p.at().distance(q.at()) > SAME_PLACE;
        }
        if (met.as() instanceof Action p && thing instanceof Action q) {
            boolean elsewhere = p.getClass() != q.getClass() || !Soundness.spots(p).equals(Soundness.spots(q));
            return !met.by().equals(by) && elsewhere;
        }
        if (met.as() instanceof Instruction p && thing instanceof Instruction q) {
            return p.getClass() != q.getClass() || differ(p, q, !met.by().equals(by));
        }
        // Options are one when their read is.
        return !(met.as() instanceof String && met.as().equals(thing));
    }

    private static boolean differ(Instruction a, Instruction b, boolean byOthers) {
        if (a instanceof Instruction.Read p && b instanceof Instruction.Read q) {
            List<String> acted = p.options().stream().flatMap(o -> o.actions().stream()).toList();
            return byOthers && q.options().stream().allMatch(o -> Collections.disjoint(acted, o.actions()));
        }
        return a instanceof Instruction.Freeze p && b instanceof Instruction.Freeze q && !p.question().equals(q.question()) && !p.at().equals(q.at());
    }

    private static String kind(Piece piece) {
        return piece instanceof Piece.Person ? "person" : piece instanceof Piece.Item i ? i.kind().name()
                : piece instanceof Piece.Tape t ? "tape of " + t.reading() : piece.getClass().getSimpleName();
    }

    /** What tells it from others of its kind. */
    private static String look(Piece piece) {
        if (piece instanceof Piece.Person p) {
            return p.label() + " " + p.team() + " " + p.getClass().getSimpleName();
        }
        if (piece instanceof Piece.Item i) {
            return i.colour() + " " + i.label();
        }
        return piece instanceof Piece.Zone z ? z.label() + " " + z.colour() : piece instanceof Piece.Station s ? "" + s.number()
                : piece instanceof Piece.Note n ? n.text() : "";
    }

    private static String upper(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static String name(Object thing) {
        if (thing instanceof Piece piece) {
            return "the " + PieceWords.name(piece);
        }
        if (thing instanceof Action action) {
            return "the " + ActionEdits.kind(action);
        }
        return thing instanceof Limit ? "a limit" : thing instanceof Instruction.Read ? "a decision" : thing instanceof Instruction.Freeze ? "a question"
                : thing instanceof Instruction ? "how groups move on" : "an option";
    }
}

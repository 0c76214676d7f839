package wildchalk.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Stage;
import wildchalk.core.soundness.Soundness;

/** Edits of the ladder: rungs are made, named, put in order and taken away. What a rung shows stays as it is. */
public final class LadderEdits {

    private LadderEdits() {}

    /**
     * An edit that makes a rung.
     *
     * @param id of the new rung
     */
    public record Made(Edit<Drill> edit, String id) {}

    /** A rung right above another, the same as it until one of them is changed. */
    public static Made harder(Drill drill, String from) {
        return made(drill, from, "Add a harder rung", aboveVariations(drill, from), "Harder", RungPlan.USUAL);
    }

    /** A rung beside another and what stands beside it already: another side, a smaller space, other numbers. */
    public static Made sideways(Drill drill, String from) {
        return made(
                drill,
                from,
                "Add a variation",
                aboveVariations(drill, from),
                "Otherwise",
                RungPlan.of(RungPlan.Step.VARIATION));
    }

    private static int aboveVariations(Drill drill, String from) {
        int at = index(drill, from) + 1;
        while (at < drill.ladder().size() && drill.ladder().get(at).isVariation()) {
            at++;
        }
        return at;
    }

    /** A rung right below another, made from it: what is changed there comes down to this one. */
    public static Made easier(Drill drill, String from) {
        return made(
                drill, from, "Add an easier rung", index(drill, from), "Easier", RungPlan.of(RungPlan.Step.REGRESSION));
    }

    private static Made made(Drill drill, String from, String name, int at, String title, RungPlan plan) {
        String id = new FreeIds(drill).take("s");
        Rung rung = Rung.from(from, id, title, plan);
        return new Made(
                new Edit<>(name, d -> {
                    List<Rung> ladder = new ArrayList<>(d.ladder());
                    ladder.add(at, rung);
                    return d.withLadder(ladder);
                }),
                id);
    }

    /** Calls a rung otherwise, by its id. */
    public static Edit<Drill> renamed(String id, String title) {
        return new Edit<>("Rename rung", d -> changed(d, id, r -> r.titled(title)));
    }

    /** How long a rung is practised, when to climb, how hard people go. */
    public static Edit<Drill> planned(String id, String name, UnaryOperator<RungPlan> change) {
        return new Edit<>(name, d -> changed(d, id, r -> r.planned(change.apply(r.plan()))));
    }

    /** Puts a rung some places higher; lower when negative. What it was made from stays the same. */
    public static Edit<Drill> moved(String id, int up) {
        return new Edit<>(up > 0 ? "Move rung up" : "Move rung down", d -> {
            List<Rung> ladder = new ArrayList<>(d.ladder());
            Rung rung = ladder.remove(index(d, id));
            ladder.add(Math.max(0, Math.min(ladder.size(), index(d, id) + up)), rung);
            return d.withLadder(ladder);
        });
    }

    /** A rung that no longer follows any other. */
    public static Edit<Drill> detached(String id) {
        return new Edit<>("Detach rung", d -> onto(d, id, Optional.empty()));
    }

    /**
     * A rung that gives up its own version of some things: they are again as on the rung it was made from.
     *
     * @param things ids of pieces, actions and instructions
     */
    public static Edit<Drill> asBelow(String id, Set<String> things) {
        return new Edit<>("As on the rung below", d -> {
            Drill changed = changed(
                    d,
                    id,
                    r -> new Rung(
                            r.id(),
                            r.title(),
                            r.from(),
                            r.plan(),
                            left(r.pieces(), Piece::id, things),
                            left(r.actions(), Action::id, things),
                            left(r.instructions(), Instruction::id, things),
                            left(r.without(), w -> w, things)));
            return Soundness.isSound(changed, Ladder.build(changed, id), changed.surface()) ? changed : d;
        });
    }

    private static <T> List<T> left(List<T> own, Function<T, String> idOf, Set<String> gone) {
        return own.stream().filter(t -> !gone.contains(idOf.apply(t))).toList();
    }

    /** Takes a rung away; those made from it stay as they are, made from what it was made from. The last one stays. */
    public static Edit<Drill> removed(String id) {
        return new Edit<>("Remove rung", d -> {
            if (d.ladder().size() < 2) {
                return d;
            }
            Optional<String> from = d.ladder().get(index(d, id)).from();
            Drill kept = d;
            for (Rung rung : d.ladder()) {
                kept = rung.from().equals(Optional.of(id)) ? onto(kept, rung.id(), from) : kept;
            }
            return kept.withLadder(
                    kept.ladder().stream().filter(r -> !r.id().equals(id)).toList());
        });
    }

    /** The rung as it is, kept as what differs from another one, or from an empty surface. */
    private static Drill onto(Drill drill, String id, Optional<String> from) {
        Stage stage = Ladder.build(drill, id);
        Drill based = changed(
                drill,
                id,
                r -> new Rung(r.id(), r.title(), from, r.plan(), List.of(), List.of(), List.of(), List.of()));
        // How hard people go stays as it is too, though it was said below.
        boolean same = Ladder.build(based, id).effort().equals(stage.effort());
        return Ladder.put(
                same
                        ? based
                        : changed(
                                based,
                                id,
                                r -> r.planned(r.plan()
                                        .going(Optional.of(stage.effort().intensity())))),
                stage);
    }

    private static Drill changed(Drill drill, String id, UnaryOperator<Rung> change) {
        return drill.withLadder(drill.ladder().stream()
                .map(r -> r.id().equals(id) ? change.apply(r) : r)
                .toList());
    }

    private static int index(Drill drill, String id) {
        return drill.ladder().stream().map(Rung::id).toList().indexOf(id);
    }
}

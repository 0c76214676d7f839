package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.GivenIds;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.soundness.Soundness;

/** Ids are given per drill and never twice; so nobody on one rung is taken for somebody else on another. */
class IdsTest {

    private static final Drill TWO = two();

    private static Drill two() {
        Drill one = Drill.empty("d", "Drill", "field-hockey", "whole");
        return one.withLadder(List.of(one.ladder().get(0), Rung.from("s1", "s2", "Harder", RungPlan.USUAL)));
    }

    private static Drill add(Drill drill, String rung, Vec at, String label) {
        return PieceEdits.place(rung, new Piece.Player(new FreeIds(drill).take("p"), at, 0, label, Bib.SKY))
                .apply(drill);
    }

    private static List<String> labels(Drill drill, String rung) {
        return Ladder.build(drill, rung).people().stream()
                .map(Piece.Person::label)
                .sorted()
                .toList();
    }

    @Test
    void somebodyWhoComesBelowIsSeenAboveBesideThoseWhoAreThere() {
        Drill drill = add(add(TWO, "s2", new Vec(5, 5), "9"), "s1", new Vec(-5, 5), "4");
        assertEquals(List.of("4", "9"), labels(drill, "s2"));
        assertEquals(List.of("4"), labels(drill, "s1"));
    }

    @Test
    void whoeverWasTakenAwayAboveHidesNobodyElse() {
        Drill drill = add(TWO, "s1", new Vec(1, 1), "4");
        drill = PieceEdits.remove("s2", Ladder.build(drill, "s2"), List.of("p1"))
                .apply(drill);
        assertEquals(List.of("p1"), drill.ladder().get(1).without());
        drill = PieceEdits.remove("s1", Ladder.build(drill, "s1"), List.of("p1"))
                .apply(drill);
        assertEquals(List.of(), drill.ladder().get(1).without(), "it names only what is there below");
        drill = add(drill, "s1", new Vec(2, 2), "5");
        assertEquals(List.of("5"), labels(drill, "s2"));
    }

    @Test
    void anIdIsNotGivenAgainAfterAnUndoNorWhenWhatHadItIsGone() {
        History<Drill> history = History.of(TWO).after(placing(TWO, "s2")).undo();
        assertTrue(history.now().isLike(TWO));
        assertEquals("p2", new FreeIds(history.now()).take("p"));
        Drill drill = add(TWO, "s1", new Vec(1, 1), "4");
        Drill empty = PieceEdits.remove("s1", Ladder.build(drill, "s1"), List.of("p1"))
                .apply(drill);
        assertEquals("p2", new FreeIds(empty).take("p"));
        Drill rung = LadderEdits.removed("s2").apply(TWO);
        assertEquals("s3", LadderEdits.harder(rung, "s1").id(), "rungs too");
    }

    private static Edit<Drill> placing(Drill drill, String rung) {
        return PieceEdits.place(rung, new Piece.Player(new FreeIds(drill).take("p"), Vec.ZERO, 0, "8", Bib.SKY));
    }

    @Test
    void namesThatOnlyLookLikeNumbersAreNoDanger() {
        Drill drill = Ladder.put(
                TWO,
                new Stage(
                        "s1",
                        "",
                        List.of(
                                Piece.Item.cone("c99999999", Vec.ZERO, Colour.RED),
                                Piece.Item.cone("c-3", Vec.ZERO, Colour.RED),
                                Piece.Item.cone("c123456789", Vec.ZERO, Colour.RED)),
                        List.of()));
        assertEquals("c-4", new FreeIds(drill).take("c"));
        assertEquals("c123456789-1", new FreeIds(drill).take(GivenIds.letters("c123456789")));
    }

    /**
     * Whatever was done before, on any rung: who is put on one is seen on every rung that follows it, and nobody else
     * goes.
     */
    @Property(tries = 300, seed = "19081")
    void whoComesIsSeenOnEveryRungThatFollows(
            @ForAll @Size(max = 15) List<@IntRange(max = 99999) Integer> choices,
            @ForAll @IntRange(max = 99) int where) {
        Drill drill = edited(choices);
        String rung = drill.ladder().get(where % drill.ladder().size()).id();
        FreeIds ids = new FreeIds(drill);
        Piece.Player fresh = new Piece.Player(ids.take("p"), new Vec(3.25, -7.5), 1, "newcomer", Bib.MINT);
        Travel.Run run = new Travel.Run(
                ids.take("a"),
                fresh.id(),
                new TravelPath(List.of(Spot.at(4.25, 9)), false),
                Action.Gait.RUN,
                Action.Ending.STOP,
                Cue.whistle());
        Drill after =
                ActionEdits.chalk(rung, run).apply(PieceEdits.place(rung, fresh).apply(drill));
        for (Rung other : drill.ladder()) {
            boolean follows = other.id().equals(rung)
                    || Ladder.origins(drill, other).stream().anyMatch(r -> r.id().equals(rung));
            Map<String, Integer> expected = seen(Ladder.build(drill, other.id()));
            if (follows) {
                expected.merge(look(fresh), 1, Integer::sum);
                expected.merge("Run of newcomer", 1, Integer::sum);
            }
            assertEquals(
                    expected, seen(Ladder.build(after, other.id())), "on " + other.id() + " after a change of " + rung);
        }
    }

    /** What stands where and who does what, as it looks: not by its ids. */
    private static Map<String, Integer> seen(Stage stage) {
        Map<String, Integer> seen = new TreeMap<>();
        stage.pieces().forEach(p -> seen.merge(look(p), 1, Integer::sum));
        stage.actions()
                .forEach(a -> seen.merge(
                        a.getClass().getSimpleName() + " of "
                                + stage.person(a.who()).orElseThrow().label(),
                        1,
                        Integer::sum));
        return seen;
    }

    private static String look(Piece piece) {
        return piece.getClass().getSimpleName() + " " + (piece instanceof Piece.Person p ? p.label() : "") + " at "
                + piece.at();
    }

    private static Drill edited(List<Integer> choices) {
        Drill drill = RandomEdits.start();
        for (int n : choices) {
            drill = RandomEdits.anywhere(drill, n).apply(drill);
        }
        return drill;
    }

    /**
     * Over edits, undos and redos on every rung: an id that comes was never there before, and means one kind of thing.
     */
    @Property(tries = 300, seed = "19081")
    void noIdIsEverGivenTwice(@ForAll @Size(max = 25) List<@IntRange(max = 99999) Integer> choices) {
        History<Drill> history = History.of(RandomEdits.start());
        Set<String> ever = ids(history.now());
        for (int n : choices) {
            boolean back = n % 6 == 0;
            Set<String> before = ids(history.now());
            if (back) {
                history = history.undo();
            } else if (n % 11 == 0) {
                history = history.redo();
            } else {
                history = history.after(RandomEdits.anywhere(history.now(), n));
            }
            Set<String> fresh = ids(history.now());
            fresh.removeAll(before);
            if (!back && n % 11 != 0) {
                for (String id : fresh) {
                    assertTrue(ever.add(id), id + " was given before");
                }
            }
            assertEquals(
                    List.of(), Soundness.faults(history.now(), history.now().surface()));
        }
    }

    private static Set<String> ids(Drill drill) {
        Set<String> ids = new HashSet<>();
        for (Rung rung : drill.ladder()) {
            ids.add(rung.id());
            rung.pieces().forEach(p -> ids.add(p.id()));
            rung.actions().forEach(a -> ids.add(a.id()));
            for (Instruction said : rung.instructions()) {
                ids.add(said.id());
                Optional.of(said)
                        .filter(Instruction.Read.class::isInstance)
                        .map(Instruction.Read.class::cast)
                        .ifPresent(r -> r.options().forEach(o -> ids.add(o.id())));
            }
        }
        return ids;
    }
}

package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.soundness.Soundness;

/** Rungs: what is done below comes up, what is done above stays above. */
class LadderEditsTest {

    private static final Drill ONE = Ladder.put(
            Drill.empty("d", "D", "field-hockey", "whole"),
            new Stage("s1", "Start", List.of(cone("c1", 0), cone("c2", 5)), List.of()));

    private static Piece cone(String id, double x) {
        return Piece.Item.cone(id, new Vec(x, 0), Colour.RED);
    }

    private static double x(Drill drill, String rung, String piece) {
        return Ladder.build(drill, rung).piece(piece).orElseThrow().at().x();
    }

    @Test
    void whatIsMovedBelowMovesAboveUnlessItWasMovedThere() {
        LadderEdits.Made made = LadderEdits.harder(ONE, "s1");
        Drill two = made.edit().apply(ONE);
        assertEquals(List.of("s1", "s2"), two.ladder().stream().map(Rung::id).toList());
        Drill above = PieceEdits.move("s2", cone("c2", 5), new Vec(9, 0)).apply(two);
        Drill both = PieceEdits.move("s1", cone("c2", 5), new Vec(-3, 0))
                .apply(PieceEdits.move("s1", cone("c1", 0), new Vec(1, 0)).apply(above));
        assertEquals(1, x(both, "s2", "c1"));
        assertEquals(9, x(both, "s2", "c2"), "it was moved on the upper rung itself");
        assertEquals(-3, x(both, "s1", "c2"));
    }

    @Test
    void rungThatIsTakenAwayLeavesThoseAboveAsTheyAre() {
        Drill two = LadderEdits.harder(ONE, "s1").edit().apply(ONE);
        Drill moved = PieceEdits.move("s2", cone("c2", 5), new Vec(9, 0)).apply(two);
        Drill three = LadderEdits.harder(moved, "s2").edit().apply(moved);
        Stage top = Ladder.build(three, "s3");
        Drill without = LadderEdits.removed("s2").apply(three);
        assertEquals(
                List.of("s1", "s3"), without.ladder().stream().map(Rung::id).toList());
        assertEquals(Optional.of("s1"), without.ladder().get(1).from());
        assertEquals(top.pieces(), Ladder.build(without, "s3").pieces());
        assertEquals(ONE, LadderEdits.removed("s1").apply(ONE), "the last one stays");
    }

    @Test
    void easierOneLiesBelowAndFollows() {
        Drill easier = LadderEdits.easier(ONE, "s1").edit().apply(ONE);
        assertEquals(List.of("s2", "s1"), easier.ladder().stream().map(Rung::id).toList());
        Drill moved = PieceEdits.move("s1", cone("c1", 0), new Vec(4, 0)).apply(easier);
        assertEquals(4, x(moved, "s2", "c1"));
        Drill alone = PieceEdits.move("s1", cone("c1", 0), new Vec(7, 0))
                .apply(LadderEdits.detached("s2").apply(moved));
        assertEquals(4, x(alone, "s2", "c1"), "detached, it follows nobody");
        assertEquals(
                List.of("s1", "s2"),
                LadderEdits.moved("s2", 1).apply(alone).ladder().stream()
                        .map(Rung::id)
                        .toList());
        assertEquals(
                "Live",
                LadderEdits.renamed("s2", "Live").apply(alone).ladder().get(0).title());
    }

    @Test
    void rungThatNeedsWhatIsTakenAwayBelowStaysAsItWas() {
        Drill drill = RandomEdits.start();
        Stage above = Ladder.build(drill, "s2");
        Drill without = PieceEdits.remove("s1", Ladder.build(drill, "s1"), List.of("p3"))
                .apply(drill);
        assertTrue(Ladder.build(without, "s1").person("p3").isEmpty());
        assertEquals(above.pieces().size(), Ladder.build(without, "s2").pieces().size(), "somebody runs there");
        assertEquals(List.of(), Soundness.faults(without, without.surface()));
        assertEquals(List.of("s2"), ids(Reach.of(drill, without, "s1").kept()));
    }

    @Test
    void reachSaysWhoFollowedAndWhoKeptTheirOwn() {
        Drill two = LadderEdits.harder(ONE, "s1").edit().apply(ONE);
        Drill own = PieceEdits.move("s2", cone("c2", 5), new Vec(9, 0)).apply(two);
        Drill three = LadderEdits.harder(own, "s2").edit().apply(own);
        assertEquals(
                List.of("s2", "s3"),
                ids(Reach.of(
                                three,
                                PieceEdits.move("s1", cone("c1", 0), new Vec(1, 1))
                                        .apply(three),
                                "s1")
                        .followed()));
        Reach kept = Reach.of(
                three, PieceEdits.move("s1", cone("c2", 5), new Vec(1, 1)).apply(three), "s1");
        assertEquals(List.of(), kept.followed());
        assertEquals(List.of("s2"), ids(kept.kept()), "the third follows the second, which keeps its own");
        Drill gone = PieceEdits.remove("s1", Ladder.build(three, "s1"), List.of("c2"))
                .apply(three);
        assertEquals(List.of("s2"), ids(Reach.of(three, gone, "s1").kept()));
        assertEquals(9, x(gone, "s3", "c2"));
        assertEquals(
                List.of(),
                Reach.of(
                                three,
                                PieceEdits.move("s3", cone("c1", 0), new Vec(1, 1))
                                        .apply(three),
                                "s3")
                        .followed());
    }

    private static List<String> ids(List<Rung> rungs) {
        return rungs.stream().map(Rung::id).toList();
    }

    /** Whatever is done to the lowest rung, what the upper one changed itself is there, and every rung builds. */
    @Property(tries = 200, seed = "19081")
    void editsBelowNeverLoseWhatWasChangedAbove(
            @ForAll @Size(max = 12) List<@IntRange(min = 0, max = 100000) Integer> choices) {
        Drill drill = RandomEdits.start();
        Drill above = Ladder.put(
                drill, Ladder.build(drill, "s2").withPiece(cone("mine", 3)).withPiece(cone("c1", -7)));
        for (int n : choices) {
            above = RandomEdits.edit(above, n).apply(above);
        }
        Stage upper = Ladder.build(above, "s2");
        assertTrue(upper.piece("mine").isPresent());
        assertEquals(
                upper.pieces(),
                Ladder.build(LadderEdits.detached("s2").apply(above), "s2").pieces());
    }

    /**
     * Whatever a rung is to look like, put on it as what differs from the one below it looks like that; also on another
     * footing.
     */
    @Property(tries = 200, seed = "19081")
    void everyRungBuildsWhatWasPutOnIt(
            @ForAll @Size(max = 15) List<@IntRange(min = 0, max = 100000) Integer> choices,
            @ForAll @Size(max = 6) List<@IntRange(min = 0, max = 100000) Integer> elsewhere) {
        Drill drill = RandomEdits.start();
        for (int n : choices) {
            drill = RandomEdits.anywhere(drill, n).apply(drill);
        }
        // What another drill came to is put on each rung here: nothing of it need be there.
        Drill other = RandomEdits.start();
        for (int n : elsewhere) {
            other = RandomEdits.edit(other, n).apply(other);
        }
        Stage wanted = Ladder.build(other, RandomEdits.RUNG);
        for (Rung rung : drill.ladder()) {
            Drill put = Ladder.put(
                    drill,
                    new Stage(rung.id(), "Put", wanted.pieces(), wanted.actions())
                            .withInstructions(wanted.instructions()));
            Stage built = Ladder.build(put, rung.id());
            assertEquals(Set.copyOf(wanted.pieces()), Set.copyOf(built.pieces()));
            assertEquals(Set.copyOf(wanted.actions()), Set.copyOf(built.actions()));
            assertEquals(Set.copyOf(wanted.instructions()), Set.copyOf(built.instructions()));
            assertEquals("Put", built.title());
            for (String who : wanted.people().stream().map(Piece::id).toList()) {
                assertEquals(wanted.actionsOf(who), built.actionsOf(who), "what somebody does stays in order");
            }
            Stage alone = Ladder.build(LadderEdits.detached(rung.id()).apply(put), rung.id());
            assertEquals(built.pieces(), alone.pieces());
            assertEquals(built.effort(), alone.effort());
        }
    }

    /** Mirroring a rung mirrors those that follow it; mirroring it twice gives the ladder back as it looked. */
    @Property(tries = 150, seed = "19081")
    void mirroredRungsMirror(@ForAll @Size(max = 10) List<@IntRange(min = 0, max = 100000) Integer> choices) {
        Drill drill = RandomEdits.start();
        for (int n : choices) {
            drill = RandomEdits.anywhere(drill, n).apply(drill);
        }
        Drill three = LadderEdits.sideways(drill, "s1").edit().apply(drill);
        String beside = three.ladder().stream()
                .filter(r -> r.isVariation()
                        && r.from().equals(Optional.of("s1"))
                        && r.pieces().isEmpty())
                .findFirst()
                .orElseThrow()
                .id();
        Drill mirrored = mirror(three, "s1");
        assertEquals(
                Ladder.build(mirrored, "s1").pieces(),
                Ladder.build(mirrored, beside).pieces(),
                "a variation that changes nothing follows");
        Stage was = Ladder.build(three, "s1");
        Stage is = Ladder.build(mirrored, "s1");
        for (Piece piece : was.pieces()) {
            Vec there = is.place(is.piece(piece.id()).orElseThrow());
            assertEquals(was.place(piece).x(), there.x(), 1e-9);
            assertEquals(-was.place(piece).y(), there.y(), 1e-9);
        }
        assertEquals(
                Ladder.build(three, "s2").pieces().size(),
                Ladder.build(mirrored, "s2").pieces().size());
        Stage back = Ladder.build(mirror(mirrored, "s1"), "s1");
        was.pieces()
                .forEach(p -> assertEquals(
                        0, back.place(back.piece(p.id()).orElseThrow()).distance(was.place(p)), 1e-9));
    }

    private static Drill mirror(Drill drill, String rung) {
        Stage stage = Ladder.build(drill, rung);
        Set<String> all = stage.pieces().stream().map(Piece::id).collect(Collectors.toSet());
        return CopyEdits.mirror(rung, "Mirror", stage, all, Placement.OTHER_SIDE, drill.surface())
                .apply(drill);
    }

    @Test
    void aRungGivesUpItsOwnVersion() {
        Drill drill = RandomEdits.start();
        Drill own = PieceEdits.move("s2", Ladder.build(drill, "s2").piece("p3").orElseThrow(), new Vec(1, 1))
                .apply(drill);
        Drill given = LadderEdits.asBelow("s2", Set.of("p3", "c1")).apply(own);
        assertEquals(
                Ladder.build(drill, "s1").piece("p3"), Ladder.build(given, "s2").piece("p3"));
        assertTrue(Ladder.build(given, "s2").piece("c1").isPresent(), "what it had taken away is there again");
        // What its own lines need it cannot give up: nothing is done then.
        assertEquals(own, LadderEdits.asBelow("s2", Set.of("own")).apply(own));
    }

    @Test
    void variationsStandBesideTheirRung() {
        Drill drill = Drill.empty("d", "D", "field-hockey", "whole");
        drill = LadderEdits.harder(drill, "s1").edit().apply(drill);
        drill = LadderEdits.sideways(drill, "s1").edit().apply(drill);
        drill = LadderEdits.sideways(drill, "s1").edit().apply(drill);
        drill = LadderEdits.harder(drill, "s2").edit().apply(drill);
        assertEquals("[1, 1a, 1b, 2, 3]", Ladder.signs(drill).values().toString());
        assertEquals("[s1, s3, s4, s2, s5]", Ladder.signs(drill).keySet().toString());
        // Wherever it is moved to, its number is that of the rung it was made from, and so is one made from it.
        Drill moved = LadderEdits.moved("s4", 2).apply(drill);
        assertEquals("1b", Ladder.signs(moved).get("s4"));
        assertEquals("3", Ladder.signs(moved).get("s5"));
        assertEquals(Optional.of("1"), Ladder.variationOf(moved, "s4"));
        assertEquals(Optional.empty(), Ladder.variationOf(moved, "s5"));
        Drill further = LadderEdits.sideways(moved, "s4").edit().apply(moved);
        assertEquals(
                List.of("1", "1a", "1b", "1c", "2", "3"),
                Ladder.signs(further).values().stream().sorted().toList());
    }
}

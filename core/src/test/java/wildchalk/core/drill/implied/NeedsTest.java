package wildchalk.core.drill.implied;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.Counts;

class NeedsTest {

    @Test
    void everybodyWhoPlaysIsCountedAndNoCoach() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("4", 3, 0, Bib.SKY)
                .piece(new Piece.Goalkeeper("g", new Vec(40, 0), 0, "K", Bib.SKY))
                .piece(new Piece.Coach("c", new Vec(-5, 5), 0, "C"))
                .piece(new Piece.LineUp("q", new Vec(-10, 0), 0, "1", Bib.CORAL, 5, "feeders"))
                .build();
        assertEquals(2 + 1 + 1 + 5, Needs.of(stage).people());
    }

    @Test
    void gearIsCountedByKindAndColourAndNoBag() {
        Stage stage = new Stages()
                .piece(Piece.Item.cone("c1", new Vec(0, 0), Colour.YELLOW))
                .piece(Piece.Item.cone("c2", new Vec(1, 0), Colour.YELLOW))
                .piece(Piece.Item.cone("c3", new Vec(2, 0), Colour.RED))
                .piece(item("p1", GearKind.POLE))
                .piece(item("b1", GearKind.BAG))
                .build();
        Needs needs = Needs.of(stage);
        assertEquals(Map.of(Colour.YELLOW, 2, Colour.RED, 1), needs.gear().get(GearKind.CONE));
        assertEquals(3, needs.of(GearKind.CONE));
        assertEquals(1, needs.of(GearKind.POLE));
        assertEquals(0, needs.of(GearKind.HURDLE), "what is not there is none, not an error");
        assertEquals(0, needs.of(GearKind.BAG), "what gear is carried in is not asked for");
    }

    private static Piece item(String id, GearKind kind) {
        return new Piece.Item(id, new Vec(5, 5), kind, 0, kind.colour(), "", kind.width(), kind.depth());
    }

    @Test
    void ballsThatLieReadyCountLikeThoseInPlay() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .ball("b1", "7")
                .piece(new Piece.Supply("s", new Vec(-3, 0), 6))
                .build();
        assertEquals(7, Needs.of(stage).balls());
        assertEquals(List.of(6), Needs.of(stage).heaps());
        assertEquals(List.of("1 player", "7 balls (6 in a heap)"), Counts.of(stage, Stages.TURF));
        Stage two = stage.withPiece(new Piece.Supply("s2", new Vec(3, 0), 4));
        assertEquals("11 balls (10 in 2 heaps)", Counts.of(two, Stages.TURF).get(1));
        Stage heap =
                new Stages().piece(new Piece.Supply("s", new Vec(-3, 0), 6)).build();
        assertEquals(List.of("6 balls in a heap"), Counts.of(heap, Stages.TURF));
    }

    @Test
    void ofSeveralRungsTheMostOfEachCounts() {
        Stage few = new Stage(
                "s1",
                "",
                List.of(
                        Piece.Item.cone("c1", Vec.ZERO, Colour.RED),
                        Piece.Item.cone("c2", Vec.ZERO, Colour.RED),
                        new Piece.Supply("h", Vec.ZERO, 6)),
                List.of());
        Stage many = new Stage(
                "s1",
                "",
                List.of(
                        Piece.Item.cone("c1", Vec.ZERO, Colour.RED),
                        Piece.Item.cone("c3", Vec.ZERO, Colour.BLUE),
                        new Piece.Ball("b", Vec.ZERO, Optional.empty())),
                List.of());
        Needs most = Needs.most(List.of(Needs.of(few), Needs.of(many)));
        assertEquals(Map.of(Colour.RED, 2, Colour.BLUE, 1), most.gear().get(GearKind.CONE));
        assertEquals(6, most.balls());
        assertEquals(List.of(6), most.heaps());
    }

    @Test
    void anEmptyStageNeedsNothingAndNobodyChangesWhatIsNeeded() {
        Needs none = Needs.of(new Stages().build());
        assertEquals(new Needs(0, Map.of(), 0, List.of()), none);
        assertThrows(UnsupportedOperationException.class, () -> none.gear().put(GearKind.CONE, Map.of()));
    }
}

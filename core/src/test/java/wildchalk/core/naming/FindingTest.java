package wildchalk.core.naming;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

class FindingTest {

    private final Stage stage = new Stages()
            .player("7", 0, 0)
            .player("4", 5, 0, Bib.SKY)
            .player("5", 9, 0, Bib.SKY)
            .piece(Piece.Item.cone("c1", new Vec(1, 1), Colour.YELLOW))
            .piece(Piece.Item.cone("c2", new Vec(2, 1), Colour.YELLOW))
            .piece(Piece.Item.cone("c3", new Vec(3, 1), Colour.RED))
            .build();

    private static Finding.Found first(Stage stage, String text) {
        return Finding.in(stage, text).get(0);
    }

    @Test
    void groupsAreFoundAsACoachCallsThem() {
        assertEquals(new Finding.Found("all yellow cones", Set.of("c1", "c2")), first(stage, "all yellow cones"));
        assertTrue(Finding.in(stage, "all cones").contains(new Finding.Found("all cones", Set.of("c1", "c2", "c3"))));
        assertEquals(new Finding.Found("everyone in sky", Set.of("4", "5")), first(stage, "SKY everyone"));
        assertTrue(Finding.in(stage, "everyone").contains(new Finding.Found("everyone", Set.of("7", "4", "5"))));
    }

    @Test
    void onePieceIsFoundByItsName() {
        assertEquals(new Finding.Found("player 7", Set.of("7")), first(stage, "player 7"));
        assertEquals(Set.of("c3"), first(stage, "red").ids());
    }

    @Test
    void nonsenseFindsNothingAndNothingFindsEverything() {
        assertEquals(List.of(), Finding.in(stage, "walrus"));
        assertTrue(Finding.in(stage, "").size() > stage.pieces().size());
    }
}

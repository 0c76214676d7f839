package wildchalk.core.setout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** Where people begin, in words that can be paced. */
class StartsTest {

    private final Surface pitch = Surfaces.BUILT_IN.get("field-hockey");

    private static Stage stage(Piece... pieces) {
        return new Stage("s1", "Start here", List.of(pieces), List.of());
    }

    @Test
    void peopleAreMeasuredFromTheGearOrTheGroundAndWhoHasTheBallIsSaid() {
        Piece.Item cone = Piece.Item.cone("c1", new Vec(12, 7), Colour.RED);
        Piece.Player one = new Piece.Player("p1", new Vec(12, 5), 0, "7", Bib.CORAL);
        Piece.Player other = new Piece.Player("p2", new Vec(0, 0), 0, "4", Bib.SKY);
        List<Starts.Start> starts = Starts.of(
                stage(cone, one, other, new Piece.Ball("b", one.at(), Optional.of("p1"))), pitch, Units.METRIC);
        assertEquals("player 7, coral", starts.get(0).name());
        assertEquals(
                "from the red cone, 2 m towards the left sideline, with a ball",
                starts.get(0).words(Units.METRIC));
        assertEquals("player 4, sky", starts.get(1).name());
        assertTrue(!starts.get(1).hasBall());
    }

    @Test
    void nobodyIsMoreThanAStepOff() {
        for (double x = -40; x <= 40; x += 7.3) {
            for (double y = -25; y <= 25; y += 6.1) {
                Piece.Player player = new Piece.Player("p", new Vec(x, y), 0, "1", Bib.CORAL);
                Measured place = Starts.of(stage(player), pitch, Units.METRIC)
                        .get(0)
                        .place()
                        .orElseThrow();
                assertTrue(
                        place.result().distance(player.at()) <= 0.6 + 1e-9,
                        x + ", " + y + ": " + SheetWords.tape(place, Units.METRIC));
            }
        }
    }

    @Test
    void oneColourNeedsNoWord() {
        assertEquals(
                "player 1",
                Starts.of(stage(new Piece.Player("p", Vec.ZERO, 0, "1", Bib.CORAL)), pitch, Units.METRIC)
                        .get(0)
                        .name());
    }
}

package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** Where a way leads, in words that whoever reads them can follow. */
class WayWordsTest {

    private static final Surface COURT = Surfaces.BUILT_IN.get("handball");
    private static final Surface GRASS = Surfaces.BUILT_IN.get("open-grass");

    private static final Stage CONES = new Stages()
            .piece(Piece.Item.cone("c1", new Vec(6, 0), Colour.BLUE))
            .piece(Piece.Item.cone("c2", new Vec(-9, 4), Colour.RED))
            .build();

    private static String words(Stage stage, Surface surface, boolean turned, Vec... line) {
        return new WayWords(stage, surface, new Words(surface), turned, Optional.empty())
                .of(List.of(line), true)
                .map(Whereabouts.Named::text)
                .orElse("");
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0, 6.2, 0.1, to the blue cone",
        "0, 0, 4, 0.5, towards the blue cone",
        "0, 0, 9, 0, past the blue cone",
        "14, 9, -4, 6, towards the red cone",
        "6, 2, 6, 5, away from the blue cone",
    })
    void onOpenGroundByTheGear(double x, double y, double toX, double toY, String expected) {
        assertEquals(expected, words(CONES, GRASS, false, new Vec(x, y), new Vec(toX, toY)));
    }

    @ParameterizedTest
    @CsvSource({
        "4, 6, 10.5, 6, forwards",
        "3, -8, 7, -5, forwards to the right",
        "10, -5, 5, -5, back",
        "-8, 7, -4, 3, forwards to the left",
        "-6, 5, 6, 6, across the centre line",
    })
    void onAPitchByTheWayTheTeamGoes(double x, double y, double toX, double toY, String expected) {
        Stage nobody = new Stages().build();
        assertEquals(expected, words(nobody, COURT, false, new Vec(x, y), new Vec(toX, toY)));
        assertEquals(
                expected,
                words(nobody, COURT, true, new Vec(-x, -y), new Vec(-toX, -toY)),
                "the same for who goes the other way");
    }

    @Test
    void whatIsNoNearerAtTheEndIsNotNamed() {
        Optional<Whereabouts.Named> away = new WayWords(CONES, GRASS, new Words(GRASS), false, Optional.empty())
                .of(List.of(new Vec(5, 0), new Vec(3, 0)), true);
        assertEquals(Optional.empty(), away.filter(n -> n.piece().equals("c1")), "away from the blue cone");
    }

    @Test
    void whoComesBackToWhereTheyBeganIsToldNoDirection() {
        assertEquals("", words(new Stages().build(), COURT, false, new Vec(4, 6), new Vec(9, 7), new Vec(4.2, 6)));
    }
}

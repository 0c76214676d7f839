package wildchalk.core.snap;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;

class SnapperTest {

    private static final double REACH = 0.4;
    private final Stage stage = new Stages()
            .piece(Piece.Item.cone("c1", new Vec(10, 5), Colour.YELLOW))
            .piece(Piece.Item.cone("c2", new Vec(3.3, 7.7), Colour.YELLOW))
            .build();
    private final Snapper snapper = new Snapper(stage, Stages.TURF, Units.METRIC, Set.of(), false);

    private Snapped at(double x, double y, Reference reference) {
        return snapper.snap(new Vec(x, y), Optional.ofNullable(reference), REACH);
    }

    private static final Reference CONE = new Reference(new Vec(10, 5), "yellow cone 1");

    @Test
    void landmarkGoesBeforeEverything() {
        assertEquals(new Snapped(new Vec(39.225, 0), new Reason.OnGround("penalty spot")), at(39.4, 0.2, CONE));
    }

    @Test
    void lineIsNamedAndKeepsTheHandsPlaceAlongIt() {
        Snapped s = at(22.7, 3.33, null);
        assertEquals("on the 23 m line", s.reason().words());
        assertEquals(22.8375, s.at().x(), 0.001);
        assertEquals(3.33, s.at().y(), 0.001);
        assertEquals("on the left sideline", at(12.3, -27.45, null).reason().words());
        assertEquals(
                "on the circle",
                at(45.7 - 14.55 * Math.cos(0.5), -1.83 - 14.55 * Math.sin(0.5), null)
                        .reason()
                        .words());
    }

    @Test
    void onALineTheDistanceFromTheReferenceIsRound() {
        Snapped s = at(22.8, 9.0, CONE);
        double metres = s.at().distance(CONE.at());
        assertEquals(Math.round(metres * 2) / 2.0, metres, 0.002);
        assertEquals("on the 23 m line, 13.5 m from yellow cone 1", s.reason().words());
    }

    @Test
    void inTheOpenDistanceAndAngleAreRound() {
        Snapped s = at(13.6, 8.45, CONE);
        assertEquals("5.0 m from yellow cone 1, 45°", s.reason().words());
        assertEquals(5, s.at().distance(CONE.at()), 0.001);
    }

    @Test
    void inYardsTheRoundDistancesAreYards() {
        Snapper yards = new Snapper(stage, Stages.TURF, new Units(Unit.YARDS, 0.9), Set.of(), false);
        Snapped s = yards.snap(new Vec(10 + 4.55, 5.05), Optional.of(CONE), REACH);
        assertEquals("5.0 yd from yellow cone 1, 0°", s.reason().words());
        assertEquals(5 * 0.9144, s.at().distance(CONE.at()), 0.001);
    }

    @Test
    void withoutAReferenceItIsLevelWithGearOrOnTheGrid() {
        Snapped s = at(3.42, 14.1, null);
        assertEquals("level with yellow cone 2", s.reason().words());
        assertEquals(new Vec(3.3, 14), s.at());
        assertEquals(new Snapped(new Vec(6.5, 14), new Reason.Grid()), at(6.6, 14.2, null));
        assertEquals(new Snapped(new Vec(6.5, 14), new Reason.Free()), at(6.5, 14, null));
    }

    @Test
    void tapeMayEndOnAPieceAndAConeMayNot() {
        Snapper tape = new Snapper(stage, Stages.TURF, Units.METRIC, Set.of(), true);
        assertEquals(
                new Snapped(new Vec(10, 5), new Reason.AtPiece("yellow cone 1")),
                tape.snap(new Vec(10.1, 5.1), Optional.empty(), REACH));
        assertTrue(!at(10.1, 5.1, null).reason().words().startsWith("at "));
    }

    @Test
    void pieceInTheHandIsNotSnappedTo() {
        Snapper moving = new Snapper(stage, Stages.TURF, Units.METRIC, Set.of("c2"), true);
        assertEquals(
                "on the grid",
                moving.snap(new Vec(3.35, 7.75), Optional.empty(), REACH)
                        .reason()
                        .words());
    }

    @Test
    void typedNumberIsExact() {
        Snapped s = Snapper.exactly(new Vec(14, 8), CONE, 7.25, Units.METRIC);
        assertEquals(7.25, s.at().distance(CONE.at()), 0.001);
        assertEquals(Math.atan2(3, 4), s.at().minus(CONE.at()).angle(), 0.001, "the way the hand points");
        assertEquals(
                new Vec(12, 5),
                Snapper.exactly(CONE.at(), CONE, 2, Units.METRIC).at());
    }
}

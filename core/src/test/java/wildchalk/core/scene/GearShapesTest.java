package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;

class GearShapesTest {

    /** Of a part of 18 m: signs are half a metre in radius. */
    private static final Frame NEAR = Frame.of(Box.around(Vec.ZERO, 34, 18));

    private static final Vec AT = new Vec(3, 2);

    private static List<Shape> draw(Piece.Item item) {
        return new GearShapes(NEAR).of(item);
    }

    @ParameterizedTest
    @EnumSource
    void everyKindIsDrawnWhereItStands(GearKind kind) {
        List<Shape> shapes = draw(Piece.Item.of("g", kind, AT));
        assertFalse(shapes.isEmpty());
        Box box = Extent.of(shapes).orElseThrow();
        assertTrue(box.grown(0.2).contains(AT), kind + " is at " + box);
    }

    @ParameterizedTest
    @EnumSource
    void nothingIsDrawnMuchLargerThanItIsOrThanItsSign(GearKind kind) {
        Piece.Item item = Piece.Item.of("g", kind, AT);
        Box box = Extent.of(draw(item)).orElseThrow();
        double largest = Math.max(Math.max(item.width(), item.depth()), NEAR.unit() * 3.2) + NEAR.unit();
        assertTrue(box.width() <= largest * 1.1 && box.height() <= largest * 1.1, kind + ": " + box);
    }

    @ParameterizedTest
    @EnumSource(names = {"LADDER", "BENCH", "NET", "TAPE_LINE", "GOAL"})
    void largeGearIsTrueInSizeAndTurnsWithItsFacing(GearKind kind) {
        Piece.Item item = Piece.Item.of("g", kind, AT).sized(6, kind.depth());
        Box along = Extent.of(draw(item)).orElseThrow();
        Box turned = Extent.of(draw(item.turnedTo(Math.PI / 2))).orElseThrow();
        assertEquals(6, along.height(), 0.6, "6 m across the way it faces, which is to the right");
        assertEquals(along.height(), turned.width(), 0.05);
        assertEquals(along.width(), turned.height(), 0.05);
    }

    @ParameterizedTest
    @EnumSource
    void colourShowsWhereItTellsOneFromAnother(GearKind kind) {
        List<Shape> red = draw(Piece.Item.of("g", kind, AT).withColour(Colour.RED));
        List<Shape> blue = draw(Piece.Item.of("g", kind, AT).withColour(Colour.BLUE));
        assertTrue(!kind.isColoured() || !red.equals(blue), kind + " looks the same in red and in blue");
    }
}

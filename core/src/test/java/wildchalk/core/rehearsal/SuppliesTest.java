package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

class SuppliesTest {

    private final Supplies supplies = new Supplies(new Stage(
            "s1",
            "",
            List.of(
                    new Piece.Supply("u1", Vec.ZERO, 2),
                    new Piece.Supply("u2", new Vec(3, 0), 1),
                    new Piece.Supply("u3", new Vec(20, 0), 0)),
            List.of()));

    @Test
    void nearestHeapInReachThatHasABallLeft() {
        assertEquals(Optional.of("u1"), supplies.inReach(new Vec(1, 0)));
        assertEquals(Optional.of("u2"), supplies.inReach(new Vec(2, 0)));
        assertEquals(Optional.empty(), supplies.inReach(new Vec(10, 0)), "too far away");
        assertEquals(Optional.empty(), supplies.inReach(new Vec(20, 0)), "it is empty");
        supplies.take("u2");
        assertEquals(Optional.of("u1"), supplies.inReach(new Vec(2, 0)), "the next one has to do");
    }

    @Test
    void ballsAreNumberedAndRunOut() {
        assertEquals("u1.1", supplies.take("u1").orElseThrow().ball());
        assertEquals("u1.2", supplies.take("u1").orElseThrow().ball());
        assertTrue(supplies.take("u1").isEmpty());
        assertTrue(supplies.take("nowhere").isEmpty());
        assertTrue(supplies.isHeap("u3"));
        assertFalse(supplies.isHeap("nowhere"));
    }
}

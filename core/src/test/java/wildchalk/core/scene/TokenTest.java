package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;

/** A token in parts is the token. */
class TokenTest {

    private final Tokens tokens = new Tokens(1);

    @Test
    void aPlayerTurnsAndItsLabelStaysUpright() {
        for (Bib bib : Bib.values()) {
            Token token = Token.of(new Piece.Player("p", Vec.ZERO, 2, "7", bib), tokens, List.of());
            assertTrue(token.turning().stream().noneMatch(Shape.Label.class::isInstance));
            assertEquals(
                    1,
                    token.upright().stream()
                            .filter(Shape.Label.class::isInstance)
                            .count());
            Box nose = Extent.of(token.turning()).orElseThrow();
            assertTrue(nose.x() + nose.width() > 1.3 && nose.x() > -1.3, "it faces along x: " + nose);
        }
    }

    @Test
    void aGoalkeeperAndACoachTurnTheirNosesOnly() {
        for (Piece.Person person : List.of(
                new Piece.Goalkeeper("g", Vec.ZERO, 0, "1", Bib.LEMON), new Piece.Coach("c", Vec.ZERO, 0, "C"))) {
            Token token = Token.of(person, tokens, List.of());
            assertTrue(Extent.of(token.turning()).orElseThrow().x() > 0.3, "only the nose: " + person);
            Box body = Extent.of(token.upright().stream()
                            .filter(s -> !(s instanceof Shape.Label))
                            .toList())
                    .orElseThrow();
            assertEquals(0, body.centre().x(), 1e-6);
        }
    }

    @Test
    void boxesAreJoined() {
        assertEquals(new Box(-1, 0, 6, 4), new Box(-1, 1, 2, 3).with(new Box(0, 0, 5, 1)));
    }
}

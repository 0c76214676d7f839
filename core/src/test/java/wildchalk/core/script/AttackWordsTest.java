package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

class AttackWordsTest {

    private static final Surface PITCH = Surfaces.BUILT_IN.get("football-11");

    private static Piece player(String id, double x, Bib bib) {
        return new Piece.Player(id, new Vec(x, 0), 0, id, bib);
    }

    private static Stage stage(Piece... pieces) {
        return new Stage("s1", "", List.of(pieces), List.of());
    }

    @Test
    void eachTeamGoesItsOwnWayOnThePicture() {
        Stage two = stage(player("1", -30, Bib.CORAL), player("2", 30, Bib.SKY));
        assertEquals(
                "Coral attacks to the right on the pictures, sky to the left.",
                AttackWords.of(two, PITCH, Attack.RIGHT));
        assertEquals(
                "Coral attacks up the page on the pictures, sky down the page.", AttackWords.of(two, PITCH, Attack.UP));
    }

    @Test
    void whereNothingTellsOnlyTheEndIsSaid() {
        Stage one = stage(player("1", -30, Bib.CORAL));
        assertEquals("On the pictures the attack goes to the left.", AttackWords.of(one, PITCH, Attack.LEFT));
        Surface grass = Surfaces.BUILT_IN.get("open-grass");
        Stage two = stage(player("1", -30, Bib.CORAL), player("2", 30, Bib.SKY));
        assertEquals("On the pictures the attack goes to the right.", AttackWords.of(two, grass, Attack.RIGHT));
    }
}

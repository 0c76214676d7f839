package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

class ArrangeEditsTest {

    private static final Set<String> ALL = Set.of("1", "2", "3", "4");

    private static Stage done(Stage stage, Edit<Drill> edit) {
        return Ladder.build(edit.apply(Ladder.put(Drill.empty("d", "D", "field-hockey", "whole"), stage)), "s1");
    }

    private static Vec at(Stage stage, String id) {
        return stage.piece(id).orElseThrow().at();
    }

    @Test
    void piecesComeOntoTheLineThatFitsThemBest() {
        Stage stage = new Stages()
                .player("1", 0, 0.3)
                .player("2", 10, -0.3)
                .player("3", 20, -0.3)
                .player("4", 30, 0.3)
                .build();
        Stage aligned = done(stage, ArrangeEdits.straighten("s1", stage, ALL));
        for (String id : ALL) {
            assertEquals(0, at(aligned, id).y(), 1e-9);
            assertEquals(at(stage, id).x(), at(aligned, id).x(), 1e-9);
        }
    }

    @Test
    void lineMayLeanAnyWay() {
        Stage stage = new Stages()
                .player("1", 0, 0)
                .player("2", 5, 5)
                .player("3", 9, 11)
                .player("4", 16, 14)
                .build();
        Stage aligned = done(stage, ArrangeEdits.straighten("s1", stage, ALL));
        Vec way = at(aligned, "4").minus(at(aligned, "1")).unit();
        for (String id : ALL) {
            assertEquals(0, way.cross(at(aligned, id).minus(at(aligned, "1"))), 1e-9);
        }
    }

    @Test
    void piecesAreSpacedBetweenTheOutermostInTheirOrder() {
        Stage stage = new Stages()
                .player("3", 0, 12)
                .player("1", 0, 0)
                .player("2", 1, 2)
                .player("4", 0, 30)
                .build();
        Stage spaced = done(stage, ArrangeEdits.spaceEvenly("s1", stage, ALL));
        assertEquals(new Vec(0, 0), at(spaced, "1"));
        assertEquals(0, at(spaced, "2").distance(new Vec(0, 10)), 1e-9);
        assertEquals(0, at(spaced, "3").distance(new Vec(0, 20)), 1e-9);
        assertEquals(new Vec(0, 30), at(spaced, "4"));
    }
}

package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.rehearsal.Rehearsal;

/** Whoever goes round something is seen to go one way round. */
class WayRoundTest {

    private static final Box VIEW = new Box(-15, -10, 30, 20);

    /** How many arrow heads a line has. */
    private static long heads(double... xy) {
        Stage stage = new Stages()
                .player("1", -6, -4)
                .run("a1", "1", Cue.whistle(), xy)
                .build();
        Board board = new Board(
                Stages.TURF, stage, Rehearsal.of(stage, Stages.TURF, Choices.NONE), LineKey.RUNS_PLAIN, Frame.of(VIEW));
        List<Shape> line = board.chalk(Set.of(), "a1"::equals);
        return line.stream()
                .filter(s -> s instanceof Shape.Stroke l
                        && l.curve().segments().size() == 3
                        && l.curve().segments().stream().noneMatch(Curve.CubicTo.class::isInstance))
                .count();
    }

    @Test
    void aClosedRingHasHeadsAlongIt() {
        assertEquals(4, heads(6, -4, 6, 4, -6, 4, -6, -4));
    }

    @Test
    void anOpenLineHasOneAtItsEnd() {
        assertEquals(1, heads(6, -4, 9, 2));
    }
}

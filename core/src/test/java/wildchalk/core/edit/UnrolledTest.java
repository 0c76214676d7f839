package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

/** What repeats is played just as if it were written out. */
class UnrolledTest {

    private static Stage written(Stage stage) {
        return Unrolled.of(stage, s -> Rehearsal.of(s, Stages.TURF));
    }

    private static final List<Vec> SQUARE = List.of(new Vec(-6, -6), new Vec(6, -6), new Vec(6, 6), new Vec(-6, 6));

    private static Stages ring() {
        Stages stages = new Stages();
        for (int i = 0; i < 4; i++) {
            stages.player("p" + i, SQUARE.get(i).x(), SQUARE.get(i).y());
        }
        return stages.ball("b", "p0");
    }

    private static void same(Stage repeated, Stage written) {
        Timeline one = Rehearsal.of(written(repeated), Stages.TURF);
        Timeline other = Rehearsal.of(written, Stages.TURF);
        assertEquals(other.duration(), one.duration(), 1e-9);
        for (double t = 0; t <= one.duration(); t += 0.1) {
            for (Piece.Person p : written.people()) {
                assertEquals(0, one.at(p.id(), t).distance(other.at(p.id(), t)), 1e-6, p.id() + " at " + t);
            }
            assertEquals(0, one.ball("b", t).distance(other.ball("b", t)), 1e-6, "the ball at " + t);
        }
    }

    @Test
    void aPassRoundTheRing() {
        Stage repeated = ring().pass("a", "p0", "p1", Cue.whistle())
                .say(new Rotation.Repeats("r", List.of("a"), 4, List.of("p0", "p1", "p2", "p3")))
                .build();
        Stage written = ring().pass("a", "p0", "p1", Cue.whistle())
                .pass("c", "p1", "p2", Cue.received("a"))
                .pass("d", "p2", "p3", Cue.received("c"))
                .pass("e", "p3", "p0", Cue.received("d"))
                .build();
        same(repeated, written);
    }

    /** Drawn on one side with a place in the open: on each other side it is the same, turned. */
    @Test
    void aCarryAndAPassAlongEachSideOfASquare() {
        Stage repeated = ring().carry("a", "p0", Cue.whistle(), 0, -8)
                .pass("c", "p0", "p1", Cue.after("a"))
                .say(new Rotation.Repeats("r", List.of("a", "c"), 3, List.of("p0", "p1", "p2", "p3")))
                .build();
        Stage written = ring().carry("a", "p0", Cue.whistle(), 0, -8)
                .pass("c", "p0", "p1", Cue.after("a"))
                .carry("d", "p1", Cue.received("c"), 8, 0)
                .pass("e", "p1", "p2", Cue.after("d"))
                .carry("f", "p2", Cue.received("e"), 0, 8)
                .pass("g", "p2", "p3", Cue.after("f"))
                .build();
        same(repeated, written);
    }

    /** One person from cone to cone: the cones move on, not the person. */
    @Test
    void oneRunsFromConeToCone() {
        Stages stages = new Stages().player("7", -6, -6).ball("b", "7");
        Stages written = new Stages().player("7", -6, -6).ball("b", "7");
        for (int i = 0; i < 4; i++) {
            Piece cone = Piece.Item.cone("c" + i, SQUARE.get(i), Colour.BLUE);
            stages.piece(cone);
            written.piece(cone);
        }
        Stage repeated = stages.travel(to("a", "c1", Cue.whistle()))
                .say(new Rotation.Repeats("r", List.of("a"), 4, List.of("c0", "c1", "c2", "c3")))
                .build();
        same(
                repeated,
                written.travel(to("a", "c1", Cue.whistle()))
                        .travel(to("x", "c2", Cue.after("a")))
                        .travel(to("y", "c3", Cue.after("x")))
                        .travel(to("z", "c0", Cue.after("y")))
                        .build());
    }

    private static Travel to(String id, String cone, Cue cue) {
        return new Travel.Carry(
                id, "7", new TravelPath(List.of(Spot.at(cone)), false), Action.Gait.RUN, Action.Ending.STOP, cue);
    }

    @Test
    void whereNothingRepeatsNothingIsWritten() {
        Stage plain = ring().pass("a", "p0", "p1", Cue.whistle()).build();
        assertSame(plain, written(plain));
        Stage lost =
                plain.withInstructions(List.of(new Rotation.Repeats("r", List.of("a"), 3, List.of("p0", "nobody"))));
        assertEquals(1, written(lost).actions().size());
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Manner;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.motion.Speeds;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.surface.Wall;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Timeline;

/** A puck round the boards, worked by hand: 60.96 by 25.908 m, corners of 8.5344 m. */
class BoardsTest {

    private static final Surface RINK = Surfaces.BUILT_IN.get("ice-rink-na");
    private static final double X = 60.96 / 2;
    private static final double Y = 25.908 / 2;
    private static final double R = 8.5344;

    private final Boards boards = new Boards(RINK);

    private static Action.Pass rim(String to) {
        return new Action.Pass("a1", "F", Spot.at(to), Touch.CONTROLLED, Cue.whistle()).going(Manner.RIM);
    }

    @Test
    void roundOneCornerItIsTwoStraightsAndAQuarterCircle() {
        List<Vec> way = boards.way(new Vec(X - 1, 0), new Vec(X - R - 10, Y - 1), Optional.empty())
                .orElseThrow();
        // Into the corner: 1 m towards the end boards and Y − R along; out of it: 8 m along the boards, and off them to
        // a place 1 m away from them and 2 m on.
        double in = Math.hypot(1, Y - R);
        double out = 8 + Math.hypot(2, 1);
        assertEquals(in + Math.PI / 2 * R + out, Ruler.length(way), 0.005);
        assertEquals(0, way.get(1).distance(new Vec(X, Y - R)), 1e-9);
        assertEquals(0, way.get(way.size() - 3).distance(new Vec(X - R, Y)), 1e-9);
        assertEquals(0, way.get(way.size() - 2).distance(new Vec(X - R - 8, Y)), 1e-9);
        way.subList(1, way.size() - 2).forEach(p -> assertEquals(R, p.distance(new Vec(X - R, Y - R)), 1e-9));
    }

    @Test
    void behindTheNetItGoesRoundTwoCorners() {
        List<Vec> way = boards.way(new Vec(X - R - 5, -Y), new Vec(X - R - 5, Y), Optional.empty())
                .orElseThrow();
        assertEquals(2 * 5 + Math.PI * R + 2 * (Y - R), Ruler.length(way), 0.01);
    }

    @Test
    void wallThatIsNamedDecidesWhichWayRound() {
        Vec from = new Vec(X - 1, 0);
        Vec to = new Vec(0, Y - 0.5);
        List<Vec> right = boards.way(from, to, Optional.of(Wall.RIGHT)).orElseThrow();
        List<Vec> left = boards.way(from, to, Optional.of(Wall.LEFT)).orElseThrow();
        assertTrue(right.stream().noneMatch(p -> p.y() < -1));
        assertTrue(left.stream().anyMatch(p -> p.y() < -Y + 0.01));
        assertTrue(Ruler.length(left) > Ruler.length(right));
    }

    @Test
    void itIsLedToAReceiverWhoSkatesAlongTheBoards() {
        Stage stage = new Stages()
                .player("F", X - 1, 0)
                .player("7", X - R - 4, Y - 0.5)
                .ball("b1", "F")
                .sprint("r", "7", Cue.whistle(), -20, Y - 0.5)
                .action(rim("7"))
                .build();
        Timeline t = Rehearsal.of(stage, RINK);
        ActionTimes times = t.times("a1").orElseThrow();
        assertEquals(List.of(), t.problems());
        assertEquals(
                0,
                t.ball("b1", times.arrival() - 1e-9)
                        .distance(t.pose("7", times.arrival()).at()),
                0.01);
        double length = Ruler.length(t.line("a1"));
        assertEquals(Speeds.of(RINK).ways().get(Manner.RIM).time(length), times.arrival() - times.release(), 1e-4);
    }

    @Test
    void withoutARoundCornerBetweenItGoesStraightAndSaysSo() {
        Stage stage = new Stages()
                .player("F", 0, Y - 2)
                .player("7", 10, Y - 2)
                .ball("b1", "F")
                .action(rim("7"))
                .build();
        Timeline onIce = Rehearsal.of(stage, RINK);
        assertEquals(2, onIce.line("a1").size());
        // All the way round, along the left boards, there are four.
        assertTrue(boards.way(new Vec(0, Y - 2), new Vec(10, Y - 2), Optional.of(Wall.LEFT))
                .isPresent());
        Timeline onTurf = Rehearsal.of(stage, Stages.TURF);
        assertTrue(onTurf.problems().get(0).message().startsWith("the ball cannot go round there"));
    }
}

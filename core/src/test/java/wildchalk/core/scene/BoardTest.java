package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

class BoardTest {

    private final Stage stage = new Stages()
            .player("1", 0, 0)
            .player("2", 12, 0)
            .ball("b1", "1")
            .piece(Piece.Item.cone("c1", new Vec(20, 5), Colour.BLUE))
            .pass("a1", "1", "2", Cue.whistle())
            .carry("a2", "2", Cue.received("a1"), 30, 0)
            .shot("a3", "2", Cue.next())
            .build();
    private final Timeline timeline = Rehearsal.of(stage, Stages.TURF);

    private Board board(LineKey key) {
        return new Board(
                Stages.TURF,
                stage,
                timeline,
                key,
                Frame.of(Stages.TURF.view("whole").box()));
    }

    @Test
    void everyInkHasAColourInEveryLook() {
        for (Look look : Look.values()) {
            for (Ink ink : Ink.values()) {
                assertTrue((look.colour(ink) >>> 24) > 0, look + " " + ink);
            }
        }
    }

    /** WCAG 2 contrast, the formula of its definition of relative luminance. */
    @Test
    void typeOnTokensAndNumbersCanBeRead() {
        for (Look look : Look.values()) {
            assertTrue(contrast(look, Ink.BADGE_TEXT, Ink.BADGE) >= 4.5);
            assertTrue(contrast(look, Ink.CHALK, Ink.BOARD) >= 4.5);
            assertTrue(contrast(look, Ink.ON_TEAM, Ink.CORAL) >= 4.5);
            assertTrue(contrast(look, Ink.ON_TEAM, Ink.MINT) >= 4.5);
            assertTrue(contrast(look, Ink.ON_TEAM, Ink.VIOLET) >= 4.5);
            assertTrue(contrast(look, Ink.ON_TEAM, Ink.LEMON) >= 4.5, look + " lemon");
            assertTrue(contrast(look, Ink.BOARD, Ink.PLAIN) >= 4.5);
        }
    }

    private static double contrast(Look look, Ink a, Ink b) {
        double x = luminance(look.colour(a));
        double y = luminance(look.colour(b));
        return (Math.max(x, y) + 0.05) / (Math.min(x, y) + 0.05);
    }

    private static double luminance(int argb) {
        double[] weight = {0.2126, 0.7152, 0.0722};
        double sum = 0;
        for (int i = 0; i < 3; i++) {
            double c = (argb >> 16 - 8 * i & 0xFF) / 255.0;
            sum += weight[i] * (c <= 0.03928 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
        return sum;
    }

    @Test
    void passIsDashedByOneKeyAndPlainByTheOther() {
        assertEquals(2, dashed(LineKey.RUNS_PLAIN, "a1"));
        assertEquals(0, dashed(LineKey.PASSES_PLAIN, "a1"));
    }

    private int dashed(LineKey key, String action) {
        List<Shape> line = new ActionLines(1, key)
                .of(stage.action(action).orElseThrow(), stage, board(key).route(action));
        return ((Shape.Stroke) line.get(0)).dash().size();
    }

    private static List<Shape> line(Gait gait, Ending ending) {
        Action run = new Travel.Run("a1", "1", Stages.path(false, 20, 0), gait, ending, Cue.whistle());
        Stage alone = new Stages().player("1", 0, 0).action(run).build();
        return new ActionLines(1, LineKey.RUNS_PLAIN).of(run, alone, Lines.route(List.of(Vec.ZERO, new Vec(20, 0))));
    }

    /** Where the strokes at the end of a line to the right are: those that do not run along it. */
    private static List<List<Vec>> atTheEnd(Ending ending) {
        return line(Gait.RUN, ending).stream()
                .skip(1)
                .filter(Shape.Stroke.class::isInstance)
                .map(s -> ((Shape.Stroke) s)
                        .curve().segments().stream()
                                .map(BoardTest::end)
                                .filter(Objects::nonNull)
                                .toList())
                .toList();
    }

    private static Vec end(Curve.Segment segment) {
        if (segment instanceof Curve.MoveTo m) {
            return m.to();
        }
        if (segment instanceof Curve.LineTo l) {
            return l.to();
        }
        if (segment instanceof Curve.CubicTo c) {
            return c.to();
        }
        return null;
    }

    @Test
    void endOfALineSaysWhatHappensThere() {
        // An arrow comes from behind on one side to the tip and goes back on the other.
        List<Vec> arrow = atTheEnd(Ending.GO_ON).get(0);
        assertTrue(
                arrow.get(0).x() < arrow.get(1).x()
                        && arrow.get(2).x() < arrow.get(1).x(),
                arrow.toString());
        assertTrue(
                arrow.get(0).y() * arrow.get(2).y() < 0 && Math.abs(arrow.get(1).y()) < 1e-9,
                "the tip lies on the line");
        // A bar stands across it.
        List<Vec> bar = atTheEnd(Ending.STOP).get(0);
        assertEquals(bar.get(0).x(), bar.get(1).x(), 1e-9);
        assertTrue(bar.get(0).y() * bar.get(1).y() < 0);
        // A ring is as far from its middle everywhere, and lies at the end.
        List<Vec> ring = atTheEnd(Ending.WAIT).get(0);
        Vec middle = ring.stream().skip(1).reduce(Vec.ZERO, Vec::plus).times(1.0 / (ring.size() - 1));
        ring.forEach(v -> assertEquals(ring.get(0).distance(middle), v.distance(middle), 0.05));
        assertTrue(Math.abs(middle.x() - 20) < 1.5 && Math.abs(middle.y()) < 0.05, middle.toString());
        // A jump stop has a second bar for the second foot, before the first.
        List<List<Vec>> feet = atTheEnd(Ending.JUMP_STOP);
        assertEquals(feet.get(0).get(0).x(), feet.get(0).get(1).x(), 1e-9);
        assertEquals(feet.get(1).get(0).x(), feet.get(1).get(1).x(), 1e-9);
        assertTrue(Math.abs(feet.get(0).get(0).x() - feet.get(1).get(0).x()) > 0.1, "two bars");
        // A touch has a dot on its arrow: painted, at the end of the line.
        List<Shape> dots = line(Gait.RUN, Ending.TOUCH).stream()
                .filter(Shape.Fill.class::isInstance)
                .toList();
        assertEquals(1, dots.size());
        assertTrue(end(((Shape.Fill) dots.get(0)).outline().segments().get(0)).distance(new Vec(20, 0)) < 1.5);
    }

    @Test
    void backwardRunCarriesMarksForTheBodyThatPointBack() {
        assertEquals(
                List.of(),
                line(Gait.RUN, Ending.STOP).stream()
                        .filter(Shape.Fill.class::isInstance)
                        .toList(),
                "who faces the way they go has none");
        List<Shape> marks = line(Gait.BACK, Ending.STOP).stream()
                .filter(Shape.Fill.class::isInstance)
                .toList();
        assertTrue(marks.size() >= 5, marks.size() + " marks");
        for (Shape mark : marks) {
            List<Vec> corners = ((Shape.Fill) mark)
                    .outline().segments().stream()
                            .map(BoardTest::end)
                            .filter(Objects::nonNull)
                            .toList();
            // The nose is the one corner on the line; the others lie to its right and on both sides.
            Vec nose = corners.stream().min(Comparator.comparingDouble(Vec::x)).orElseThrow();
            assertEquals(0, nose.y(), 1e-6, "it points back along the line");
            assertTrue(
                    corners.stream().anyMatch(c -> c.y() > 0.05 && c.x() > nose.x())
                            && corners.stream().anyMatch(c -> c.y() < -0.05 && c.x() > nose.x()),
                    corners.toString());
        }
    }

    @Test
    void everyHappeningLineHasItsNumber() {
        List<String> numbers = board(LineKey.RUNS_PLAIN).chalk(Set.of()).stream()
                .filter(s -> s instanceof Shape.Label l && l.ink() == Ink.BADGE_TEXT)
                .map(s -> ((Shape.Label) s).text())
                .toList();
        assertEquals(List.of("1", "2", "3"), numbers);
    }

    /** Along every edge of the picture there is room for a number on one side of a line only. */
    @Test
    void noNumberIsCutOffAtTheEdgeOfThePicture() {
        Box view = new Box(0, -20, 30, 40);
        double near = 0.3;
        Stages edges = new Stages()
                .player("1", view.x() + near, -8)
                .player("2", view.x() + view.width() - near, 8)
                .player("3", 4, view.y() + near)
                .player("4", 4, view.y() + view.height() - near);
        Stage along = edges.run("a1", "1", Cue.whistle(), view.x() + near, 8)
                .run("a2", "2", Cue.whistle(), view.x() + view.width() - near, -8)
                .run("a3", "3", Cue.whistle(), 20, view.y() + near)
                .run("a4", "4", Cue.whistle(), 20, view.y() + view.height() - near)
                .build();
        Frame frame = Frame.of(view);
        List<Vec> numbers = new Board(Stages.TURF, along, Rehearsal.of(along, Stages.TURF), LineKey.RUNS_PLAIN, frame)
                .chalk(Set.of()).stream()
                        .filter(s -> s instanceof Shape.Label l && l.ink() == Ink.BADGE_TEXT)
                        .map(s -> ((Shape.Label) s).at())
                        .toList();
        assertEquals(4, numbers.size());
        Vec corner = new Vec(frame.unit() * 0.8, frame.unit() * 0.8);
        numbers.forEach(n -> assertTrue(view.contains(n.minus(corner)) && view.contains(n.plus(corner)), n.toString()));
    }

    @Test
    void ballIsInFrontOfItsCarrierAndOnItsWayInFlight() {
        Board board = board(LineKey.RUNS_PLAIN);
        assertEquals(board.frame().unit() * 1.75, board.ballOnPicture("b1", 0).length(), 1e-9);
        double flying = timeline.times("a1").orElseThrow().arrival() / 2;
        assertEquals(timeline.ball("b1", flying), board.ballOnPicture("b1", flying));
    }

    @Test
    void groundDoesNotChangeWithTheTimeAndLivesDo() {
        Board board = board(LineKey.RUNS_PLAIN);
        assertEquals(board.at(0).ground(), board.at(2).ground());
        assertEquals(board.at(0).chalk(), board.at(2).chalk());
        assertNotEquals(board.at(0).live(), board.at(2).live());
    }

    @Test
    void whatIsUnderThePointerIsFound() {
        Picking picking = new Picking(stage, timeline, board(LineKey.RUNS_PLAIN));
        assertEquals("2", picking.person(new Vec(12.5, 0.5), 0).orElseThrow().id());
        assertTrue(picking.person(new Vec(12.5, 8), 0).isEmpty());
        assertEquals("c1", picking.gear(new Vec(20, 5.5)).orElseThrow().id());
        assertEquals("a1", picking.line(new Vec(6, 0.2)).orElseThrow().id());
        assertTrue(picking.ball(new Vec(-20, -20), 0).isEmpty());
    }

    @Test
    void roomThatIsLeftGoesToTheSurface() {
        Box limits = new Box(-50, -30, 100, 60);
        Box shown = Frame.shown(new Box(13, -21, 36, 42), limits, 2);
        assertEquals(84, shown.width(), 1e-9);
        assertEquals(50, shown.x() + shown.width(), 1e-9);
        assertTrue(shown.x() <= 13 && shown.y() <= -21);
    }
}

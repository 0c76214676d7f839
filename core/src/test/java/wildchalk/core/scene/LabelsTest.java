package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;

class LabelsTest {

    private static final Box VIEW = new Box(-15, -10, 30, 20);

    private static Board board(Attack attack, Piece... pieces) {
        Stage stage = new Stage("s1", "", List.of(pieces), List.of());
        return new Board(
                Stages.TURF,
                stage,
                Rehearsal.of(stage, Stages.TURF, Choices.NONE),
                LineKey.RUNS_PLAIN,
                Frame.of(VIEW, attack));
    }

    private static List<Shape.Label> labels(List<Shape> shapes) {
        return shapes.stream()
                .filter(Shape.Label.class::isInstance)
                .map(Shape.Label.class::cast)
                .toList();
    }

    /** What a label takes, as it is seen on the page. */
    private static Box box(Shape.Label label, Frame frame) {
        return Box.around(
                label.at().rotated(frame.turn()), TypeWidth.of(label.text()) * label.size() / 1.03, label.size() * 0.9);
    }

    private static boolean overlap(Box a, Box b) {
        return a.x() < b.x() + b.width()
                && b.x() < a.x() + a.width()
                && a.y() < b.y() + b.height()
                && b.y() < a.y() + a.height();
    }

    @ParameterizedTest
    @EnumSource(Attack.class)
    void nothingThatIsWrittenHidesAnythingWhicheverWayThePageLies(Attack attack) {
        Board board = board(
                attack,
                new Piece.LineUp("l", Vec.ZERO, 0.7, "F", Bib.MINT, 4, "feeders"),
                new Piece.Player("p", new Vec(3, 0), 0, "Ottoline", Bib.SKY),
                new Piece.Player("q", new Vec(3, 2.2), 0, "Bartholomew", Bib.SKY),
                Piece.Item.cone("c", new Vec(3, -2), Colour.RED).withLabel("B"),
                new Piece.Supply("s", new Vec(14.5, 9.5), 8),
                new Piece.Note("n", new Vec(3, 0), "quick hands, then look up before you pass it on to anybody"));
        Frame frame = board.frame();
        List<Shape> shapes = new ArrayList<>(board.chalk(Set.of()));
        board.people().forEach(p -> shapes.addAll(board.person(p, 0, Set.of(), Set.of())));
        List<Shape.Label> written =
                labels(shapes).stream().filter(l -> l.ink() != Ink.ON_TEAM).toList();
        List<String> words = written.stream().map(Shape.Label::text).toList();
        assertTrue(
                words.containsAll(List.of("feeders: 4 waiting", "Ottoline", "Bartholomew", "B", "× 8")),
                words.toString());
        assertTrue(String.join(" ", words).contains("quick hands, then"), words.toString());
        Box page = Box.around(List.of(
                new Vec(VIEW.x(), VIEW.y()).rotated(frame.turn()),
                new Vec(VIEW.x() + VIEW.width(), VIEW.y() + VIEW.height()).rotated(frame.turn())));
        for (Shape.Label label : written) {
            Box box = box(label, frame);
            assertTrue(page.grown(1e-6).contains(new Vec(box.x(), box.y())), label + " leaves the picture");
            assertTrue(page.grown(1e-6).contains(new Vec(box.x() + box.width(), box.y() + box.height())), label.text());
            for (Piece.Person p : board.people()) {
                Box token = Box.around(
                        board.pose(p.id(), 0).at().rotated(frame.turn()), 2 * frame.unit(), 2 * frame.unit());
                assertFalse(overlap(box, token), label.text() + " hides " + p.id());
            }
            for (Shape.Label other : written) {
                assertFalse(label != other && overlap(box, box(other, frame)), label.text() + " on " + other.text());
            }
        }
    }

    @Test
    void nameGoesWithItsToken() {
        Stage stage = new Stage("s1", "", List.of(new Piece.Player("p", Vec.ZERO, 0, "Ottoline", Bib.SKY)), List.of());
        Board board = new Board(
                Stages.TURF, stage, Rehearsal.of(stage, Stages.TURF, Choices.NONE), LineKey.RUNS_PLAIN, Frame.of(VIEW));
        List<Shape.Label> upright =
                labels(board.token(stage.person("p").orElseThrow()).upright());
        List<Shape.Label> there = labels(board.person(stage.person("p").orElseThrow(), 0, Set.of(), Set.of()));
        assertEquals(there, upright, "round the origin, where the person stands");
    }

    @Test
    void typeIsAsWideAsItWasMeasured() {
        assertEquals(8.61, TypeWidth.of("Wave 3: AVATo.Ty") / 1.03, 0.03);
        assertTrue(TypeWidth.of("×–“”·é") > 2.85);
        assertEquals(0, TypeWidth.of(""), 0);
    }
}

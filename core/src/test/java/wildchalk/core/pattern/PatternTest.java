package wildchalk.core.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import wildchalk.core.Stages;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.pattern.Pattern.Numbering;

class PatternTest {

    private static final Vec A = new Vec(0, 0);
    private static final Vec B = new Vec(8, 0);
    private static final Stage EMPTY = new Stage("s1", "", List.of(), List.of());

    private static List<Vec> places(PatternKind kind, int count) {
        return Pattern.of(kind, A, B).withCount(count).places();
    }

    @Test
    void lineIsEvenFromEndToEnd() {
        assertEquals(List.of(A, new Vec(2, 0), new Vec(4, 0), new Vec(6, 0), B), places(PatternKind.LINE, 5));
    }

    @Test
    void gateHasTwo() {
        assertEquals(List.of(A, B), places(PatternKind.GATE, 7));
    }

    @Test
    void alleyHasTwoSidesABreadthApart() {
        List<Vec> alley =
                Pattern.of(PatternKind.ALLEY, A, B).withCount(3).withBreadth(2).places();
        assertEquals(
                List.of(new Vec(0, -1), new Vec(4, -1), new Vec(8, -1), new Vec(0, 1), new Vec(4, 1), new Vec(8, 1)),
                alley);
    }

    @Test
    void boxHasItsCornersOnceAndWhatIsBetweenThem() {
        Pattern box = Pattern.of(PatternKind.BOX, A, new Vec(8, 6));
        assertEquals(List.of(A, new Vec(8, 0), new Vec(8, 6), new Vec(0, 6)), box.places());
        assertEquals(8, box.withCount(3).places().size());
    }

    @Test
    void gridHasRowsAndColumns() {
        List<Vec> grid = Pattern.of(PatternKind.GRID, A, new Vec(6, 4))
                .withCount(4)
                .withRows(3)
                .places();
        assertEquals(12, grid.size());
        assertTrue(grid.contains(new Vec(2, 2)));
    }

    @Test
    void circleIsRoundAndEven() {
        List<Vec> circle = places(PatternKind.CIRCLE, 6);
        circle.forEach(p -> assertEquals(8, p.length(), 1e-3));
        assertEquals(B, circle.get(0));
        assertEquals(8, circle.get(0).distance(circle.get(1)), 1e-3, "six on a circle are a radius apart");
    }

    @Test
    void starHasAMiddleToo() {
        List<Vec> star = places(PatternKind.STAR, 5);
        assertEquals(6, star.size());
        assertEquals(A, star.get(0));
    }

    @Test
    void vOpensByItsAngleAndPointsBackToWhereItBegan() {
        List<Vec> v = Pattern.of(PatternKind.V, A, B).withAngle(45).places();
        assertEquals(3, v.size());
        assertEquals(A, v.get(0));
        assertEquals(45, Ruler.angle(v.get(1), v.get(0), v.get(2)), 0.05);
        assertEquals(8, v.get(1).length(), 1e-3);
        assertEquals(5, Pattern.of(PatternKind.V, A, B).withCount(5).places().size());
    }

    @Test
    void zigzagGoesFromSideToSide() {
        List<Vec> zigzag =
                Pattern.of(PatternKind.ZIGZAG, A, B).withCount(4).withBreadth(2).places();
        assertEquals(List.of(-1.0, 1.0, -1.0, 1.0), zigzag.stream().map(Vec::y).toList());
    }

    private static List<String> numbers(int count, Numbering numbering) {
        return Pattern.of(PatternKind.ROWS, A, B)
                .withCount(count)
                .numbered(numbering)
                .numbers(new FreeIds(Stages.drill(EMPTY)))
                .stream()
                .map(Piece.Note::text)
                .toList();
    }

    @Test
    void gapsAreNumberedOutwardOddOnOneSideAndEvenOnTheOther() {
        assertEquals(List.of("3", "1", "2", "4"), numbers(5, Numbering.OUTWARD));
        assertEquals(List.of("3", "1", "0", "2", "4"), numbers(6, Numbering.OUTWARD));
        assertEquals(List.of("1", "2", "3", "4"), numbers(5, Numbering.LEFT_TO_RIGHT));
        assertEquals(List.of(), numbers(5, Numbering.NONE));
    }

    @Test
    void numbersStandInTheMiddleOfTheirGaps() {
        List<Piece.Note> notes =
                Pattern.of(PatternKind.ROWS, A, B).withCount(5).numbers(new FreeIds(Stages.drill(EMPTY)));
        assertEquals(
                List.of(new Vec(1, 0), new Vec(3, 0), new Vec(5, 0), new Vec(7, 0)),
                notes.stream().map(Piece.Note::at).toList());
    }

    @ParameterizedTest
    @EnumSource(PatternKind.class)
    void piecesHaveIdsThatAreFreeAndStandWhereThePatternSays(PatternKind kind) {
        Stage stage = new Stages().piece(Piece.Item.cone("c1", A, Colour.RED)).build();
        Pattern pattern = Pattern.of(kind, new Vec(-3, 2), new Vec(4, 5));
        List<Piece> pieces = pattern.pieces(new FreeIds(Stages.drill(stage)), Piece.Item.cone("x", A, Colour.BLUE));
        List<Piece> items = pieces.stream().filter(Piece.Item.class::isInstance).toList();
        assertEquals(pattern.places(), items.stream().map(Piece::at).toList());
        assertTrue(items.stream().allMatch(p -> ((Piece.Item) p).colour() == Colour.BLUE));
        assertEquals(
                pieces.size(),
                pieces.stream().map(Piece::id).collect(Collectors.toSet()).size());
        assertTrue(pieces.stream().noneMatch(p -> p.id().equals("c1")));
        assertEquals(new HashSet<>(pattern.places()).size(), pattern.places().size(), "each place once");
    }

    @ParameterizedTest
    @EnumSource(PatternKind.class)
    void patternWithoutAnyLengthIsOnePlaceOrTwoSidesAndNeverAnError(PatternKind kind) {
        assertTrue(Pattern.of(kind, A, A).withCount(1000).places().size() <= 2);
    }
}

package wildchalk.core.scene;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Pose;
import wildchalk.core.stroke.Kind;

class TokensTest {

    private final Tokens tokens = new Tokens(1);

    private static Piece.Player player(Bib bib) {
        return new Piece.Player("p", Vec.ZERO, 0, "7", bib);
    }

    private static List<Vec> ends(Curve curve) {
        List<Vec> ends = new ArrayList<>();
        curve.trace(new Curve.Pen() {
            @Override
            public void moveTo(Vec to) {
                ends.add(to);
            }

            @Override
            public void lineTo(Vec to) {
                ends.add(to);
            }

            @Override
            public void cubicTo(Vec first, Vec second, Vec to) {
                ends.add(to);
            }

            @Override
            public void close() {
                // Ends nowhere new.
            }
        });
        return ends;
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 1, 2.5, -2})
    void noseShowsWhereTheBodyFaces(double facing) {
        for (Piece.Person person : List.of(
                player(Bib.CORAL),
                new Piece.Coach("c", Vec.ZERO, 0, "C"),
                new Piece.Goalkeeper("g", Vec.ZERO, 0, "GK", Bib.LEMON))) {
            Curve outline = tokens.outline(person, new Pose(new Vec(3, 4), facing), 1);
            Vec tip = new Vec(3, 4).plus(Vec.polar(1.5, facing));
            assertTrue(ends(outline).stream().anyMatch(p -> p.distance(tip) < 1e-9), person.toString());
        }
    }

    @Test
    void fillsTellTeamsApartWithoutColour() {
        Set<Bib.Fill> fills = new HashSet<>();
        for (Bib bib : List.of(Bib.CORAL, Bib.SKY, Bib.LEMON, Bib.MINT)) {
            fills.add(bib.fill());
        }
        assertEquals(4, fills.size());
        List<Integer> shapes = List.of(Bib.CORAL, Bib.SKY, Bib.LEMON, Bib.MINT).stream()
                .map(t -> tokens.person(player(t), new Pose(Vec.ZERO, 0)).size())
                .toList();
        // Solid and a label; with a ring; with a dark half; with six dots.
        assertEquals(List.of(2, 3, 3, 8), shapes);
    }

    @Test
    void keeperCoachAndPlayerHaveDifferentOutlines() {
        Pose pose = new Pose(Vec.ZERO, 0);
        Curve player = tokens.outline(player(Bib.CORAL), pose, 1);
        Curve keeper = tokens.outline(new Piece.Goalkeeper("g", Vec.ZERO, 0, "", Bib.CORAL), pose, 1);
        Curve coach = tokens.outline(new Piece.Coach("c", Vec.ZERO, 0, ""), pose, 1);
        assertNotEquals(player, keeper);
        assertNotEquals(keeper, coach);
    }

    @Test
    void queueStandsBehindItsFrontPerson() {
        Piece.LineUp lineUp = new Piece.LineUp("l", Vec.ZERO, 0, "F", Bib.MINT, 3, "feeders");
        List<Shape> queue = tokens.queue(lineUp, 0);
        assertEquals(3, queue.size());
        for (Shape shape : queue) {
            ends(((Shape.Fill) shape).outline()).forEach(p -> assertTrue(p.x() < -1, "behind"));
        }
        assertEquals("feeders: 3 waiting", Tokens.queueWords(lineUp));
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void everyChalkHasASampleAndNoTwoAreAlike(Kind kind) {
        List<Shape> sample = Sample.line(kind, LineKey.RUNS_PLAIN);
        assertFalse(sample.isEmpty());
        for (Kind other : Kind.values()) {
            assertEquals(kind == other, sample.equals(Sample.line(other, LineKey.RUNS_PLAIN)), kind + " " + other);
        }
    }

    @Test
    void legendHasAWordForEachSampleInARow() {
        List<String> words = Legend.of(LineKey.RUNS_PLAIN, 1).stream()
                .filter(Shape.Label.class::isInstance)
                .map(s -> ((Shape.Label) s).text())
                .toList();
        assertEquals(List.of("run", "carry", "pass", "shot", "stops", "waits"), words);
        assertEquals(72, Legend.width(1), 1e-9);
        assertNotEquals(Legend.of(LineKey.RUNS_PLAIN, 1), Legend.of(LineKey.PASSES_PLAIN, 1));
    }

    @Test
    void samplesOfPiecesCarryNoLabel() {
        for (Piece piece : List.of(
                player(Bib.SKY),
                Piece.Item.cone("c", Vec.ZERO, Colour.RED),
                Piece.Item.goal("g", Vec.ZERO, 0, 2),
                new Piece.LineUp("l", Vec.ZERO, 0, "", Bib.MINT, 3, "x"))) {
            assertTrue(Sample.piece(piece).stream().noneMatch(Shape.Label.class::isInstance), piece.toString());
        }
        assertEquals(8, Sample.hand().size());
    }

    @Test
    void grainIsTheSameEachTimeAndMostlyChalk() {
        double[] tile = Grain.tile();
        assertArrayEquals(tile, Grain.tile());
        double cover = Arrays.stream(tile).average().orElseThrow();
        assertTrue(cover > 0.8 && cover < 0.98, "covers " + cover);
        assertEquals(1, Arrays.stream(tile).max().orElseThrow());
    }

    @Test
    void waveEndsOnItsRouteAndSwingsToBothSides() {
        Curve wave = Lines.wave(Lines.route(List.of(Vec.ZERO, new Vec(20, 0))), 1, 19, 0.4, 2);
        List<Vec> ends = ends(wave);
        assertEquals(new Vec(1, 0), ends.get(0));
        assertEquals(0, ends.get(ends.size() - 1).distance(new Vec(19, 0)), 1e-9);
        double high = 0;
        double low = 0;
        for (Curve.Segment s : wave.segments()) {
            if (s instanceof Curve.CubicTo c) {
                high = Math.max(high, c.first().y());
                low = Math.min(low, c.first().y());
            }
        }
        assertEquals(high, -low, 1e-9);
        assertTrue(high > 0.3);
    }
}

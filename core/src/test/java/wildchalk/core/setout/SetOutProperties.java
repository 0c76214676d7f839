package wildchalk.core.setout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

class SetOutProperties {

    /** A layout on a surface, and how the coach measures. */
    record Layout(Surface surface, List<Vec> places, Units units, int handful) {

        Stage stage() {
            List<Piece> pieces = new ArrayList<>();
            for (int i = 0; i < places.size(); i++) {
                GearKind kind = GearKind.values()[i % 4];
                pieces.add(Piece.Item.of("c" + i, kind, places.get(i)));
            }
            return new Stage("s1", "", pieces, List.of());
        }

        Sheet sheet() {
            return SetOut.of(stage(), surface, units, handful);
        }
    }

    /**
     * Somebody with a tape who knows nothing but the landmarks, the numbers on the sheet and where the pieces stand
     * that were put down before.
     */
    private static final class Follower {

        private final Surface surface;
        private final double unit;
        private final Map<String, Vec> down = new HashMap<>();

        Follower(Surface surface, double unit) {
            this.surface = surface;
            this.unit = unit;
        }

        Vec put(String id, Measured measured) {
            Vec place = measured instanceof Measured.Legs legs ? legs(legs) : tapes((Measured.Tapes) measured);
            down.put(id, place);
            return place;
        }

        private Vec stand(Anchor anchor) {
            return anchor.isPiece()
                    ? down.get(anchor.id())
                    : surface.landmarks().stream()
                            .filter(l -> l.id().equals(anchor.id()))
                            .findFirst()
                            .orElseThrow()
                            .at();
        }

        private Vec legs(Measured.Legs legs) {
            Vec here = stand(legs.from());
            for (Leg leg : legs.legs()) {
                double metres = leg.number() * unit;
                here = switch (leg.way()) {
                    case AHEAD -> new Vec(here.x() + metres, here.y());
                    case BACK -> new Vec(here.x() - metres, here.y());
                    case LEFT -> new Vec(here.x(), here.y() - metres);
                    case RIGHT -> new Vec(here.x(), here.y() + metres);
                };
            }
            return here;
        }

        /** Swings the first tape round until the second is as long as it says, on the side that is meant. */
        private Vec tapes(Measured.Tapes t) {
            Vec a = stand(t.one());
            Vec b = stand(t.other());
            double ra = t.first().number() * unit;
            double rb = t.second().number() * unit;
            double d = a.distance(b);
            double turn = Math.acos(Math.max(-1, Math.min(1, (ra * ra + d * d - rb * rb) / (2 * ra * d))));
            double base = b.minus(a).angle();
            Vec one = a.plus(Vec.polar(ra, base + turn));
            Vec other = a.plus(Vec.polar(ra, base - turn));
            boolean first =
                    switch (t.side()) {
                        case AHEAD -> one.x() > other.x();
                        case BACK -> one.x() < other.x();
                        case LEFT -> one.y() < other.y();
                        case RIGHT -> one.y() > other.y();
                    };
            return first ? one : other;
        }
    }

    @Property(tries = 300, seed = "19081")
    void whoeverFollowsTheSheetPutsEveryPieceWithinThirtyCentimetres(@ForAll("layouts") Layout layout) {
        Sheet sheet = layout.sheet();
        Follower taping = new Follower(layout.surface(), layout.units().unit().metres());
        Follower stepping = new Follower(layout.surface(), layout.units().pace());
        Set<String> done = new HashSet<>();
        for (Sheet.Step step : sheet.steps()) {
            Vec drawn = step.piece().at();
            Vec taped = taping.put(step.piece().id(), step.tape());
            assertTrue(
                    taped.distance(drawn) <= SetOut.MOST_ERROR + 1e-6,
                    step.name() + " is off by " + taped.distance(drawn));
            assertEquals(step.tape().error(), taped.distance(drawn), 1e-6, "the sheet says how far off it is");
            if (step.paces().isPresent()) {
                Vec stepped = stepping.put(step.piece().id(), step.paces().get());
                assertTrue(stepped.distance(drawn) <= SetOut.MOST_ERROR + 1e-6, step.name() + " stepped");
            }
            assertTrue(done.add(step.piece().id()));
        }
        assertEquals(layout.places().size(), done.size(), "every piece once");
    }

    /** From the words alone, on a ground that lies any way round, with the tape and by stepping. */
    @Property(tries = 300, seed = "19081")
    void whoeverReadsTheWordsAlonePutsEveryPieceWithinThirtyCentimetres(
            @ForAll("layouts") Layout layout, @ForAll @DoubleRange(max = 6.28) double lies) {
        Map<String, Vec> landmarks = new HashMap<>();
        layout.surface().landmarks().forEach(l -> {
            Vec before = landmarks.put(l.name(), l.at().rotated(lies));
            assertTrue(before == null, "two are called " + l.name());
        });
        landmarks.putIfAbsent("middle", Vec.ZERO);
        String sideLine = layout.surface().word("side-line", "sideline");
        SheetReader taping = new SheetReader(
                landmarks, Vec.polar(1, lies), sideLine, layout.units().pace());
        SheetReader stepping = new SheetReader(
                landmarks, Vec.polar(1, lies), sideLine, layout.units().pace());
        for (Sheet.Step step : layout.sheet().steps()) {
            Vec drawn = step.piece().at().rotated(lies);
            String words = SheetWords.tape(step.tape(), layout.units());
            double off = taping.put(step.name(), words).distance(drawn);
            assertTrue(off <= SetOut.MOST_ERROR + 1e-6, step.name() + " " + words + " is off by " + off);
            if (step.paces().isPresent()) {
                String paces = SheetWords.paces(step.paces().get());
                double stepped = stepping.put(step.name(), paces).distance(drawn);
                assertTrue(stepped <= SetOut.MOST_ERROR + 1e-6, step.name() + " " + paces + " is off by " + stepped);
            }
        }
    }

    @Property(tries = 200, seed = "19081")
    void piecesThatAreCloseKeepTheirDistanceToAFifth(@ForAll("layouts") Layout layout) {
        List<Sheet.Step> steps = layout.sheet().steps();
        for (Sheet.Step a : steps) {
            for (Sheet.Step b : steps) {
                double drawn = a.piece().at().distance(b.piece().at());
                if (a != b && drawn > 0.25) {
                    double put = a.tape().result().distance(b.tape().result());
                    assertTrue(Math.abs(put - drawn) <= 0.2 * drawn + 1e-6, drawn + " m became " + put);
                }
            }
        }
    }

    /** Tape and paces say the same thing wherever paces are fine enough for it. */
    @Property(tries = 200, seed = "19081")
    void wordsInPacesNeverLeaveOutWhereTheyBegin(@ForAll("layouts") Layout layout) {
        for (Sheet.Step step : layout.sheet().steps()) {
            String words = SheetWords.inPaces(step);
            if (words.matches("[0-9¼½¾].* paces?") && !words.contains("from ")) {
                Measured.Legs tape = step.tape() instanceof Measured.Legs l ? l : null;
                assertEquals(tape == null, step.paces().get() instanceof Measured.Tapes, words);
                assertTrue(tape == null
                        || ((Measured.Legs) step.paces().get())
                                .from()
                                .id()
                                .equals(tape.from().id()));
            } else {
                assertTrue(words.isEmpty() || words.matches("(on|beside) .*|.*from .*"), words);
            }
        }
    }

    @Property(tries = 200, seed = "19081")
    void theSameLayoutGivesTheSameSheet(@ForAll("layouts") Layout layout) {
        assertEquals(layout.sheet(), layout.sheet());
    }

    @Property(tries = 300, seed = "19081")
    void walkIsNeverLongerThanNearestNeighbours(@ForAll("layouts") Layout layout) {
        Walk walk = walk(layout);
        assertTrue(walk.length(walk.order()) <= walk.length(walk.nearestNeighbour()) + 1e-9);
    }

    @Property(tries = 60, seed = "19081")
    void walkToUpToNinePlacesIsWithinATenthOfTheBestOrder(@ForAll("few") Layout layout) {
        Walk walk = walk(layout);
        int[] places = new int[layout.places().size()];
        for (int i = 0; i < places.length; i++) {
            places[i] = i;
        }
        double best = best(walk, places, 0);
        assertTrue(walk.length(walk.order()) <= best * 1.1 + 1e-9);
    }

    /** Every order, one after another. */
    private static double best(Walk walk, int[] order, int from) {
        if (from >= order.length) {
            return walk.length(order);
        }
        double best = Double.MAX_VALUE;
        for (int i = from; i < order.length; i++) {
            swap(order, from, i);
            best = Math.min(best, best(walk, order, from + 1));
            swap(order, from, i);
        }
        return best;
    }

    private static void swap(int[] order, int a, int b) {
        int kept = order[a];
        order[a] = order[b];
        order[b] = kept;
    }

    private static Walk walk(Layout layout) {
        double[] loads = new double[layout.places().size()];
        java.util.Arrays.fill(loads, 1.0 / layout.handful());
        return new Walk(new Vec(-layout.surface().length() / 2, layout.surface().width() / 2), layout.places(), loads);
    }

    @Provide
    Arbitrary<Layout> layouts() {
        return layouts(1, 25);
    }

    @Provide
    Arbitrary<Layout> few() {
        return layouts(1, 9);
    }

    private static Arbitrary<Layout> layouts(int least, int most) {
        Arbitrary<Surface> surfaces = Arbitraries.of(
                        "football-11",
                        "field-hockey",
                        "ice-rink-na",
                        "basketball-3x3",
                        "open-grass",
                        "gridiron-us-pro",
                        "volleyball-beach",
                        "rugby-union")
                .map(Surfaces.BUILT_IN::get);
        Arbitrary<Vec> shares = Combinators.combine(
                        Arbitraries.doubles().between(-0.5, 0.5).ofScale(4),
                        Arbitraries.doubles().between(-0.5, 0.5).ofScale(4))
                .as(Vec::new);
        Arbitrary<Units> units = Combinators.combine(
                        Arbitraries.of(Unit.values()),
                        Arbitraries.doubles().between(Units.SHORTEST_PACE, Units.LONGEST_PACE))
                .as(Units::new);
        return Combinators.combine(
                        surfaces,
                        shares.list().ofMinSize(least).ofMaxSize(most),
                        units,
                        Arbitraries.integers().between(1, 12))
                .as((surface, places, u, handful) -> new Layout(
                        surface,
                        places.stream()
                                .map(p -> new Vec(p.x() * surface.length(), p.y() * surface.width()))
                                .toList(),
                        u,
                        handful));
    }
}

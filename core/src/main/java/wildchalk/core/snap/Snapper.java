package wildchalk.core.snap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Numbers;
import wildchalk.core.measure.Units;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.surface.Surface;

/**
 * Finds the place that is meant near a hand: first places with a name, then lines, then round distances and angles from
 * the reference, then places level with gear, then the grid.
 */
public final class Snapper {

    /** Distance between the lines of the grid, metres. */
    public static final double GRID = 0.5;

    private static final double ANGLE = Math.toRadians(15);
    /** Nearer than this two places are one, metres. */
    private static final double SAME = 0.0005;

    private final Stage stage;
    private final Surface surface;
    private final Units units;
    private final Set<String> moving;
    private final boolean ontoPieces;
    private final List<GroundLine> lines;

    /**
     * @param moving ids of the pieces that the hand holds
     * @param ontoPieces whether the hand may land exactly on a piece, as the end of a tape may
     */
    public Snapper(Stage stage, Surface surface, Units units, Set<String> moving, boolean ontoPieces) {
        this.stage = stage;
        this.surface = surface;
        this.units = units;
        this.moving = Set.copyOf(moving);
        this.ontoPieces = ontoPieces;
        this.lines = GroundLine.of(surface);
    }

    /**
     * The place that is meant.
     *
     * @param raw where the hand is
     * @param reach how far off it may be, metres
     */
    public Snapped snap(Vec raw, Optional<Reference> reference, double reach) {
        return named(raw, reach)
                .or(() -> onLine(raw, reference, reach))
                .or(() -> reference.flatMap(r -> round(raw, r, reach)))
                .or(() -> level(raw, reach))
                .orElseGet(() -> grid(raw, reach));
    }

    /** The place exactly {@code metres} from the reference, the way the hand points. */
    public static Snapped exactly(Vec raw, Reference reference, double metres, Units units) {
        Vec way = raw.minus(reference.at());
        Vec at = reference.at().plus((way.length() == 0 ? new Vec(1, 0) : way.unit()).times(metres));
        return new Snapped(
                millimetres(at),
                new Reason.Distance(Optional.empty(), units.unit().exact(metres), reference.name(), Optional.empty()));
    }

    private Optional<Snapped> named(Vec raw, double reach) {
        List<Snapped> places = new ArrayList<>();
        surface.landmarks().forEach(l -> places.add(new Snapped(l.at(), new Reason.OnGround(l.name()))));
        if (ontoPieces) {
            others().forEach(p -> places.add(new Snapped(p.at(), new Reason.AtPiece(PieceWords.among(stage, p)))));
        }
        return nearest(places, raw, reach);
    }

    private Optional<Snapped> onLine(Vec raw, Optional<Reference> reference, double reach) {
        Optional<GroundLine> line = lines.stream()
                .filter(l -> l.nearest(raw).distance(raw) <= reach * 0.7)
                .min(Comparator.comparingDouble(l -> l.nearest(raw).distance(raw)));
        if (line.isEmpty()) {
            return Optional.empty();
        }
        Vec on = line.get().nearest(raw);
        if (reference.isPresent()) {
            Vec there = atRoundDistance(line.get(), on, reference.get());
            double metres = there.distance(reference.get().at());
            if (there.distance(raw) <= reach && metres > SAME) {
                return Optional.of(new Snapped(
                        millimetres(there),
                        new Reason.Distance(
                                Optional.of(line.get().reason()),
                                units.unit().exact(metres),
                                reference.get().name(),
                                Optional.empty())));
            }
        }
        return Optional.of(new Snapped(millimetres(on), line.get().reason()));
    }

    /** Slides along a line until the distance from the reference is round; by halving, since it may be an arc. */
    private Vec atRoundDistance(GroundLine line, Vec on, Reference reference) {
        double half = units.unit().metres() / 2;
        double wanted = Math.round(on.distance(reference.at()) / half) * half;
        Vec best = on;
        for (int i = 0; i < 400; i++) {
            Vec way = best.minus(reference.at());
            if (way.length() < SAME) {
                return on;
            }
            Vec next = line.nearest(reference.at().plus(way.unit().times(wanted)));
            if (next.distance(best) < 1e-9) {
                break;
            }
            best = next;
        }
        return Math.abs(best.distance(reference.at()) - wanted) < SAME ? best : on;
    }

    private Optional<Snapped> round(Vec raw, Reference reference, double reach) {
        Vec way = raw.minus(reference.at());
        double half = units.unit().metres() / 2;
        double metres = Math.round(way.length() / half) * half;
        double angle = Math.round(way.angle() / ANGLE) * ANGLE;
        Vec there = reference.at().plus(Vec.polar(metres, angle));
        if (metres < SAME || there.distance(raw) > reach) {
            return Optional.empty();
        }
        double shown = Math.abs(Math.toDegrees(angle));
        return Optional.of(new Snapped(
                millimetres(there),
                new Reason.Distance(
                        Optional.empty(),
                        units.unit().exact(metres),
                        reference.name(),
                        Optional.of(Numbers.plain(Math.rint(shown)) + "°"))));
    }

    /** Level with another piece, lengthwise or crosswise, and on the grid the other way. */
    private Optional<Snapped> level(Vec raw, double reach) {
        List<Snapped> places = new ArrayList<>();
        for (Piece p : others()) {
            Reason reason = new Reason.Level(PieceWords.among(stage, p));
            if (Math.abs(p.at().x() - raw.x()) <= reach * 0.5) {
                places.add(new Snapped(new Vec(p.at().x(), gridOr(raw.y(), reach)), reason));
            }
            if (Math.abs(p.at().y() - raw.y()) <= reach * 0.5) {
                places.add(new Snapped(new Vec(gridOr(raw.x(), reach), p.at().y()), reason));
            }
        }
        return nearest(places, raw, reach);
    }

    private static Snapped grid(Vec raw, double reach) {
        Vec there = new Vec(gridOr(raw.x(), reach), gridOr(raw.y(), reach));
        return new Snapped(millimetres(there), there.distance(raw) > 1e-9 ? new Reason.Grid() : new Reason.Free());
    }

    private static double gridOr(double value, double reach) {
        double on = Math.round(value / GRID) * GRID;
        return Math.abs(on - value) <= reach ? on : value;
    }

    private List<Piece> others() {
        return stage.pieces().stream()
                .filter(p -> !moving.contains(p.id()))
                .filter(p -> p instanceof Piece.Item
                        || p instanceof Piece.Supply
                        || p instanceof Piece.Person
                        || p.heldBy().isEmpty())
                .toList();
    }

    private static Optional<Snapped> nearest(List<Snapped> places, Vec raw, double reach) {
        return places.stream()
                .filter(s -> s.at().distance(raw) <= reach)
                .min(Comparator.comparingDouble(s -> s.at().distance(raw)));
    }

    private static Vec millimetres(Vec v) {
        return new Vec(Math.round(v.x() * 1000) / 1000.0 + 0.0, Math.round(v.y() * 1000) / 1000.0 + 0.0);
    }
}

package wildchalk.core.setout;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.setout.Leg.Way;
import wildchalk.core.snap.GroundLine;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Surface;

/** Finds the easiest way to measure a place out whose rounding is not off by more than is allowed. */
final class Measurer {

    private static final double LEAST_CROSSING = 35;
    private static final int TAPE_ANCHORS = 8;
    /** A piece farther than this is not measured from, metres. */
    private static final double CHAIN = 15;

    private static final double ON_LINE = 0.1;
    /** What lies farther than this beyond the edge is off the surface, metres. */
    private static final double OUT = 0.05;

    private final List<Anchor> landmarks;
    private final List<GroundLine> lines;
    private final List<GroundLine> edges;
    private final Surface surface;
    private final Rounding rounding;

    Measurer(Surface surface, Rounding rounding) {
        // A surface without a landmark still has a middle.
        this.landmarks = surface.landmarks().isEmpty()
                ? List.of(new Anchor("middle", "middle", Vec.ZERO, false))
                : surface.landmarks().stream()
                        .map(l -> new Anchor(l.id(), l.name(), l.at(), false))
                        .toList();
        this.edges = GroundLine.edges(surface);
        this.lines = GroundLine.of(surface);
        this.surface = surface;
        this.rounding = rounding;
    }

    /** A way of measuring and what it costs, in metres of walking. */
    private record Option(Measured measured, double cost) {}

    /**
     * The easiest way.
     *
     * @param drawn where the piece is to stand
     * @param down the pieces that stand already, where following the sheet has put them
     * @param allowed how far off rounding may put it, metres
     * @return empty when no rounding is fine enough
     */
    Optional<Measured> measure(Vec drawn, List<Anchor> down, double allowed) {
        List<Option> options = new ArrayList<>();
        landmarks.forEach(a -> legs(a, drawn, allowed).ifPresent(options::add));
        down.stream().filter(a -> a.at().distance(drawn) <= CHAIN).forEach(a -> legs(a, drawn, allowed)
                .ifPresent(options::add));
        List<Anchor> near = landmarks.stream()
                .sorted(Comparator.comparingDouble(a -> a.at().distance(drawn)))
                .limit(TAPE_ANCHORS)
                .toList();
        for (int i = 0; i < near.size(); i++) {
            for (int k = i + 1; k < near.size(); k++) {
                tapes(near.get(i), near.get(k), drawn, allowed).ifPresent(options::add);
            }
        }
        return options.stream().min(Comparator.comparingDouble(Option::cost)).map(Option::measured);
    }

    /**
     * The same way with this measurer's own numbers, so that tape and paces say the same thing.
     *
     * @param way how the place is measured otherwise
     * @return empty when that is not fine enough
     */
    Optional<Measured> likewise(Measured way, Vec drawn, List<Anchor> down, double allowed) {
        if (way instanceof Measured.Legs legs) {
            return again(legs.from(), down)
                    .flatMap(a -> legs(a, drawn, allowed))
                    .map(Option::measured);
        }
        Measured.Tapes tapes = (Measured.Tapes) way;
        return again(tapes.one(), down)
                .flatMap(one -> again(tapes.other(), down).flatMap(other -> tapes(one, other, drawn, allowed)))
                .map(Option::measured);
    }

    /** Where a thing stands for somebody who follows these numbers. */
    private Optional<Anchor> again(Anchor anchor, List<Anchor> down) {
        return (anchor.isPiece() ? down : landmarks)
                .stream().filter(a -> a.id().equals(anchor.id())).findFirst();
    }

    /** Of near-equal ways of rounding the finer one. */
    private Optional<Option> legs(Anchor from, Vec drawn, double allowed) {
        Vec by = drawn.minus(from.at());
        List<Option> options = new ArrayList<>();
        for (double step : rounding.steps()) {
            double along = rounding.number(Math.abs(by.x()), step);
            double across = rounding.number(Math.abs(by.y()), step);
            Vec result = from.at()
                    .plus(new Vec(
                            Math.signum(by.x()) * rounding.metres(along),
                            Math.signum(by.y()) * rounding.metres(across)));
            double error = result.distance(drawn);
            if (error <= allowed) {
                List<Leg> legs = legs(from, by, along, across);
                double cost = legs.stream().mapToDouble(l -> cost(l, from)).sum()
                        + Rounding.cost(step, error)
                        + (legs.size() - 1) * 3
                        + (from.isPiece() ? 1.5 : 0);
                options.add(new Option(new Measured.Legs(from, legs, result, error), cost));
            }
        }
        return options.stream().min(Comparator.comparingDouble(Option::cost));
    }

    /** What one leg costs: a right angle in the open is off easily, so a leg without a line counts for more. */
    private static double cost(Leg leg, Anchor from) {
        boolean guided = !leg.line().isEmpty() || from.isPiece() && leg.metres() < 6;
        return guided ? leg.metres() : leg.metres() * 1.4 + 1;
    }

    /** The leg that follows a line comes first. */
    private List<Leg> legs(Anchor from, Vec by, double along, double across) {
        boolean free = from.isPiece();
        String lengthLine = free ? "" : line(from.at(), new Vec(by.x(), 0));
        String crossLine = free ? "" : line(from.at(), new Vec(0, by.y()));
        Way lengthwise = by.x() < 0 ? Way.BACK : Way.AHEAD;
        Way crosswise = by.y() < 0 ? Way.LEFT : Way.RIGHT;
        boolean crossFirst = lengthLine.isEmpty() && !crossLine.isEmpty();
        List<Leg> legs = new ArrayList<>();
        Vec here = from.at();
        // The second leg begins in the open, where no line leads on.
        if (crossFirst) {
            legs.add(leg(crosswise, across, crossLine, here));
            legs.add(leg(lengthwise, along, across == 0 ? lengthLine : "", end(here, legs.get(0))));
        } else {
            legs.add(leg(lengthwise, along, lengthLine, here));
            legs.add(leg(crosswise, across, along == 0 ? crossLine : "", end(here, legs.get(0))));
        }
        legs.removeIf(l -> l.number() == 0);
        return legs;
    }

    private static Vec end(Vec from, Leg leg) {
        return from.plus(leg.way().step().times(leg.metres()));
    }

    private Leg leg(Way way, double number, String line, Vec from) {
        double metres = rounding.metres(number);
        Vec end = from.plus(way.step().times(metres));
        double reach = way.step().dot(end);
        double edge = way.step().x() == 0 ? surface.width() / 2 : surface.length() / 2;
        return new Leg(way, number, metres, line, SheetWords.there(way, surface), reach > edge + OUT);
    }

    /** The name of a straight line that goes all the way from a place. */
    private String line(Vec at, Vec way) {
        Vec there = at.plus(way);
        for (List<GroundLine> some : List.of(edges, lines)) {
            for (GroundLine l : some) {
                boolean runs = l.shape() instanceof Marking.Straight
                        && !l.name().isEmpty()
                        && l.nearest(at).distance(at) < ON_LINE
                        && l.nearest(there).distance(there) < ON_LINE;
                if (runs) {
                    return l.name();
                }
            }
        }
        return "";
    }

    private Optional<Option> tapes(Anchor one, Anchor other, Vec drawn, double allowed) {
        double a = one.at().distance(drawn);
        double b = other.at().distance(drawn);
        double crossing = Ruler.angle(one.at(), drawn, other.at());
        boolean easy = a > 0.5
                && b > 0.5
                && Math.max(a, b) <= rounding.crossing()
                && crossing >= LEAST_CROSSING
                && crossing <= 180 - LEAST_CROSSING;
        if (!easy) {
            return Optional.empty();
        }
        List<Option> options = new ArrayList<>();
        for (double step : rounding.steps()) {
            double first = rounding.number(a, step);
            double second = rounding.number(b, step);
            List<Vec> crossings = crossings(one.at(), rounding.metres(first), other.at(), rounding.metres(second));
            if (crossings.isEmpty()) {
                continue;
            }
            boolean isFirst =
                    crossings.get(0).distance(drawn) <= crossings.get(1).distance(drawn);
            Vec meant = crossings.get(isFirst ? 0 : 1);
            double error = meant.distance(drawn);
            if (error <= allowed) {
                Way side = side(meant.minus(crossings.get(isFirst ? 1 : 0)));
                Measured.Tapes tapes = new Measured.Tapes(
                        one,
                        new Measured.Tape(first, rounding.metres(first)),
                        other,
                        new Measured.Tape(second, rounding.metres(second)),
                        side,
                        SheetWords.there(side, surface),
                        meant,
                        error);
                options.add(new Option(tapes, (a + b) * 0.8 + 6 + Rounding.cost(step, error)));
            }
        }
        return options.stream().min(Comparator.comparingDouble(Option::cost));
    }

    private static Way side(Vec towards) {
        if (Math.abs(towards.x()) > Math.abs(towards.y())) {
            return towards.x() > 0 ? Way.AHEAD : Way.BACK;
        }
        return towards.y() > 0 ? Way.RIGHT : Way.LEFT;
    }

    /** Where two circles cross: both places, or none. */
    static List<Vec> crossings(Vec a, double ra, Vec b, double rb) {
        double d = a.distance(b);
        if (d < 1e-9 || d > ra + rb || d < Math.abs(ra - rb)) {
            return List.of();
        }
        double along = (ra * ra - rb * rb + d * d) / (2 * d);
        double off = Math.sqrt(Math.max(0, ra * ra - along * along));
        Vec way = b.minus(a).unit();
        Vec middle = a.plus(way.times(along));
        return List.of(
                middle.plus(way.quarterTurn().times(off)),
                middle.minus(way.quarterTurn().times(off)));
    }
}

package wildchalk.core.script;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import wildchalk.core.geometry.Vec;

/**
 * Tells things that look the same apart by where they stand, as whoever goes there sees them.
 *
 * @param turned whether it is told to who goes the other way than the surface is named for
 */
record Which(boolean turned) {

    /** Less than this between two things is no difference that anybody sees, metres. */
    private static final double APART = 1;

    /**
     * Which of several one is: "left", "far", "near-right"; empty for one that cannot be told so.
     *
     * @param all where they stand, metres
     * @param at the one that is meant
     * @param from where somebody comes from: of more than four only the next and the farthest have a name
     */
    Optional<String> of(List<Vec> all, int at, Optional<Vec> from) {
        return switch (all.size()) {
            case 0, 1 -> Optional.empty();
            case 2 -> Optional.of(ofTwo(all.get(at), all.get(1 - at)));
            case 3 -> ofThree(all, at);
            case 4 -> ofFour(all, at);
            default -> from.flatMap(f -> ofMany(all, at, f));
        };
    }

    private double ahead(Vec p) {
        return turned ? -p.x() : p.x();
    }

    private double aside(Vec p) {
        return turned ? -p.y() : p.y();
    }

    private String ofTwo(Vec it, Vec other) {
        double ahead = ahead(it) - ahead(other);
        double aside = aside(it) - aside(other);
        if (Math.abs(aside) >= Math.abs(ahead)) {
            return aside > 0 ? "right" : "left";
        }
        return ahead > 0 ? "far" : "near";
    }

    /** Of three in a row, or of one that stands out. */
    private Optional<String> ofThree(List<Vec> three, int at) {
        double wide = spread(three, this::aside);
        double deep = spread(three, this::ahead);
        if (Math.min(wide, deep) > Math.max(wide, deep) / 2) {
            return standsOut(three, at);
        }
        boolean across = wide >= deep;
        int rank = rank(three, at, across ? this::aside : this::ahead);
        return Optional.of(List.of(across ? "left" : "near", "middle", across ? "right" : "far")
                .get(rank));
    }

    /** Of four in a square, or of one at each side. */
    private Optional<String> ofFour(List<Vec> four, int at) {
        List<Integer> byDepth = IntStream.range(0, 4)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> ahead(four.get(i))))
                .toList();
        List<Integer> near = byDepth.subList(0, 2);
        List<Integer> far = byDepth.subList(2, 4);
        boolean square = ahead(four.get(far.get(0))) - ahead(four.get(near.get(1))) > APART
                && width(four, near) > APART
                && width(four, far) > APART;
        if (!square) {
            return standsOut(four, at);
        }
        List<Integer> row = near.contains(at) ? near : far;
        int other = row.get(1 - row.indexOf(at));
        boolean right = aside(four.get(at)) > aside(four.get(other));
        return Optional.of((row == near ? "near" : "far") + (right ? "-right" : "-left"));
    }

    private double width(List<Vec> all, List<Integer> two) {
        return Math.abs(aside(all.get(two.get(0))) - aside(all.get(two.get(1))));
    }

    /** Whichever is the outermost to one side only. */
    private Optional<String> standsOut(List<Vec> all, int at) {
        int ahead = rank(all, at, this::ahead);
        int aside = rank(all, at, this::aside);
        int last = all.size() - 1;
        boolean end = ahead == 0 || ahead == last;
        boolean side = aside == 0 || aside == last;
        if (end == side) {
            return Optional.empty();
        }
        if (end) {
            return Optional.of(ahead == 0 ? "near" : "far");
        }
        return Optional.of(aside == 0 ? "left" : "right");
    }

    private static Optional<String> ofMany(List<Vec> all, int at, Vec from) {
        double far = all.get(at).distance(from);
        if (far <= APART) {
            return Optional.empty();
        }
        boolean next = true;
        boolean farthest = true;
        for (int i = 0; i < all.size(); i++) {
            double other = all.get(i).distance(from);
            boolean nearer = other < far || other == far && i < at;
            if (i != at && other > APART) {
                next &= !nearer;
                farthest &= nearer;
            }
        }
        if (next) {
            return Optional.of("next");
        }
        return farthest ? Optional.of("farthest") : Optional.empty();
    }

    private static int rank(List<Vec> all, int at, ToDoubleFunction<Vec> by) {
        double it = by.applyAsDouble(all.get(at));
        int rank = 0;
        for (int i = 0; i < all.size(); i++) {
            double other = by.applyAsDouble(all.get(i));
            rank += other < it - 1e-9 || Math.abs(other - it) <= 1e-9 && i < at ? 1 : 0;
        }
        return rank;
    }

    private static double spread(List<Vec> all, ToDoubleFunction<Vec> by) {
        double least = all.stream().mapToDouble(by).min().orElse(0);
        return all.stream().mapToDouble(by).max().orElse(0) - least;
    }
}

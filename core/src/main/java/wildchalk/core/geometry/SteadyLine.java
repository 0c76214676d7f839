package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * A line as a body runs it: what the hand shook at the board is left out. Corners of a straight line stay where they
 * are when they matter (Douglas and Peucker's way); of a smooth one, every second, fourth, eighth place is tried, and
 * what bends least is taken.
 */
public final class SteadyLine {

    private static final double SAMPLE = 0.4;

    private SteadyLine() {}

    /**
     * The places of a straight line that matter: what is left out lies within {@code shake} of what is kept.
     *
     * @param line at least two places; first and last are kept
     * @param kept places of it that are kept in any case, by their index
     * @param shake metres, 0 or more
     */
    public static List<Vec> straight(List<Vec> line, BitSet kept, double shake) {
        if (line.size() < 3) {
            return line;
        }
        BitSet matters = ends(line, kept);
        int from = 0;
        for (int to = matters.nextSetBit(1); to >= 0; to = matters.nextSetBit(to + 1)) {
            keep(line, from, to, shake, matters);
            from = to;
        }
        return at(line, matters);
    }

    /**
     * The places of a smooth line that it may be led through as well, and bends less; as they are where it bends so
     * little already that nobody is held back.
     *
     * @param line at least two places; first and last are kept
     * @param kept places of it that are kept in any case, by their index
     * @param shake metres that what is left out may lie off the line, 0 or more
     * @param bend curvature that holds nobody back, 1/m
     */
    public static List<Vec> smooth(List<Vec> line, BitSet kept, double shake, double bend) {
        List<Vec> best = line;
        if (line.size() < 4) {
            return line;
        }
        double least = sharpest(line);
        for (int every = 2; least > bend && every / 2 < line.size(); every *= 2) {
            BitSet matters = ends(line, kept);
            for (int i = 0; i < line.size(); i += every) {
                matters.set(i);
            }
            List<Vec> fewer = at(line, matters);
            double bends = fewer.size() < 3 ? 0 : sharpest(fewer);
            if (bends < least && isWithin(line, fewer, shake)) {
                least = bends;
                best = fewer;
            }
        }
        return best;
    }

    private static BitSet ends(List<Vec> line, BitSet kept) {
        BitSet matters = new BitSet(line.size());
        matters.or(kept);
        matters.set(0);
        matters.set(line.size() - 1);
        return matters;
    }

    private static List<Vec> at(List<Vec> line, BitSet matters) {
        List<Vec> steady = new ArrayList<>(matters.cardinality());
        matters.stream().forEach(i -> {
            if (steady.isEmpty() || steady.get(steady.size() - 1).distance(line.get(i)) > 1e-9) {
                steady.add(line.get(i));
            }
        });
        return steady;
    }

    private static double sharpest(List<Vec> through) {
        List<Vec> way = SmoothLine.through(apart(through), SAMPLE);
        double most = 0;
        for (int i = 1; i + 1 < way.size(); i++) {
            most = Math.max(most, SmoothLine.bend(way.get(i - 1), way.get(i), way.get(i + 1)));
        }
        return most;
    }

    private static List<Vec> apart(List<Vec> line) {
        BitSet all = new BitSet();
        all.set(0, line.size());
        return at(line, all);
    }

    private static boolean isWithin(List<Vec> line, List<Vec> fewer, double shake) {
        List<Vec> way = fewer.size() < 3 ? fewer : SmoothLine.through(fewer, SAMPLE);
        return line.stream().allMatch(p -> {
            for (int i = 0; i + 1 < way.size(); i++) {
                if (p.distanceToStretch(way.get(i), way.get(i + 1)) <= shake) {
                    return true;
                }
            }
            return false;
        });
    }

    private static void keep(List<Vec> line, int from, int to, double shake, BitSet matters) {
        int farthest = -1;
        double most = shake;
        for (int i = from + 1; i < to; i++) {
            double off = line.get(i).distanceToStretch(line.get(from), line.get(to));
            if (off > most) {
                most = off;
                farthest = i;
            }
        }
        if (farthest > 0) {
            matters.set(farthest);
            keep(line, from, farthest, shake, matters);
            keep(line, farthest, to, shake, matters);
        }
    }
}

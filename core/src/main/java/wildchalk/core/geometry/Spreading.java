package wildchalk.core.geometry;

import java.util.ArrayList;
import java.util.List;

/** Shares an area out among people: each gets the middle of what is nearest to them, again and again. */
public final class Spreading {

    /** So many places along each side are looked at. */
    private static final int GRID = 24;

    private static final int ROUNDS = 30;
    /** What differs by less is as far, metres. */
    private static final double AS_FAR = 1e-6;

    private Spreading() {}

    /** Where each of them goes, in the same order; where they are, in an area that holds no place. */
    public static List<Vec> over(List<Vec> outline, List<Vec> people) {
        List<Vec> grid = grid(outline);
        List<Vec> places = new ArrayList<>(people);
        if (grid.isEmpty() || people.isEmpty()) {
            return places;
        }
        for (int round = 0; round < ROUNDS; round++) {
            Vec[] sums = new Vec[places.size()];
            int[] counts = new int[places.size()];
            for (Vec place : grid) {
                int nearest = nearest(places, place);
                sums[nearest] = sums[nearest] == null ? place : sums[nearest].plus(place);
                counts[nearest]++;
            }
            for (int i = 0; i < sums.length; i++) {
                // Whoever is nearest to nothing goes to what is farthest from all.
                places.set(i, counts[i] == 0 ? farthest(grid, places, people.get(i)) : sums[i].times(1.0 / counts[i]));
            }
        }
        return places;
    }

    private static List<Vec> grid(List<Vec> outline) {
        double left = outline.stream().mapToDouble(Vec::x).min().orElse(0);
        double right = outline.stream().mapToDouble(Vec::x).max().orElse(0);
        double top = outline.stream().mapToDouble(Vec::y).min().orElse(0);
        double low = outline.stream().mapToDouble(Vec::y).max().orElse(0);
        List<Vec> grid = new ArrayList<>();
        for (int i = 0; i < GRID; i++) {
            for (int k = 0; k < GRID; k++) {
                Vec place = new Vec(left + (right - left) * (i + 0.5) / GRID, top + (low - top) * (k + 0.5) / GRID);
                if (Polygon.contains(outline, place)) {
                    grid.add(place);
                }
            }
        }
        return grid;
    }

    private static int nearest(List<Vec> places, Vec to) {
        int best = 0;
        for (int i = 1; i < places.size(); i++) {
            if (places.get(i).distance(to) < places.get(best).distance(to)) {
                best = i;
            }
        }
        return best;
    }

    /** What is farthest from all; of what is as far, what is nearest to somebody. */
    private static Vec farthest(List<Vec> grid, List<Vec> places, Vec own) {
        Vec best = grid.get(0);
        double most = -1;
        for (Vec place : grid) {
            double off = places.get(nearest(places, place)).distance(place);
            boolean as = Math.abs(off - most) < AS_FAR;
            if (off > most + AS_FAR || as && own.distance(place) < own.distance(best)) {
                most = Math.max(most, off);
                best = place;
            }
        }
        return best;
    }
}

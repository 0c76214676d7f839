package wildchalk.storage.book;

import java.util.ArrayList;
import java.util.List;

/** Which old versions go when there are too many: those that lie close together for their age. The first one stays. */
final class Thinning {

    private Thinning() {}

    /**
     * The places in the list of those that go.
     *
     * @param made when they were made, oldest first, in milliseconds
     * @param now in the same
     * @param most how many may stay, at least one
     */
    static List<Integer> surplus(List<Long> made, long now, int most) {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < made.size(); i++) {
            left.add(i);
        }
        List<Integer> go = new ArrayList<>();
        while (left.size() > Math.max(1, most)) {
            int at = closest(made, left, now);
            go.add(left.remove(at));
        }
        return go;
    }

    /** The one whose going leaves the least gap for its age. */
    private static int closest(List<Long> made, List<Integer> left, long now) {
        int closest = left.size() - 1;
        double least = Double.MAX_VALUE;
        for (int i = 1; i < left.size(); i++) {
            long before = made.get(left.get(i - 1));
            long after = i + 1 < left.size() ? made.get(left.get(i + 1)) : now;
            double age = Math.max(1, now - made.get(left.get(i)));
            double gap = Math.max(0, after - before) / age;
            if (gap < least) {
                least = gap;
                closest = i;
            }
        }
        return closest;
    }
}

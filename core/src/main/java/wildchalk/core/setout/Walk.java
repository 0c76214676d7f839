package wildchalk.core.setout;

import java.util.List;
import wildchalk.core.geometry.Vec;

/**
 * In which order to walk round the places of gear, starting at the bag and going back to it when the hands are empty.
 * Up to nine places the shortest order is found by trying all; beyond that nearest neighbour, improved by turning
 * stretches round (2-opt) and moving places (Or-opt) as long as that shortens the way.
 */
final class Walk {

    /** Up to this many places every order is looked at. */
    private static final int EXACT = 9;

    private static final int PASSES = 40;
    /** Places farther apart in the order than this are not exchanged; it keeps long sheets quick. */
    private static final int FARTHEST = 60;

    private static final double SHORTER = 1e-9;

    private final Vec bag;
    private final List<Vec> places;
    private final double[] loads;
    /** Metres between places; the bag is the last. */
    private final double[][] apart;

    /** @param loads the share of what one person can carry that each piece takes, more than 0 */
    Walk(Vec bag, List<Vec> places, double[] loads) {
        this.bag = bag;
        this.places = List.copyOf(places);
        this.loads = loads.clone();
        int n = places.size();
        apart = new double[n + 1][n + 1];
        for (int i = 0; i <= n; i++) {
            for (int k = 0; k <= n; k++) {
                apart[i][k] = place(i).distance(place(k));
            }
        }
    }

    private Vec place(int i) {
        return i == places.size() ? bag : places.get(i);
    }

    /** The order, as indexes of the places. */
    int[] order() {
        int[] order = nearestNeighbour();
        return places.size() <= EXACT ? new Exact(order).best() : improved(order);
    }

    int[] nearestNeighbour() {
        int n = places.size();
        boolean[] done = new boolean[n];
        int[] order = new int[n];
        Vec here = bag;
        double hands = 0;
        for (int k = 0; k < n; k++) {
            int next = nearest(here, done);
            if (hands + loads[next] > 1 + SHORTER) {
                next = nearest(bag, done);
                hands = 0;
            }
            hands += loads[next];
            done[next] = true;
            order[k] = next;
            here = places.get(next);
        }
        return order;
    }

    private int nearest(Vec here, boolean[] done) {
        int best = -1;
        for (int i = 0; i < places.size(); i++) {
            if (!done[i]
                    && (best < 0
                            || places.get(i).distance(here) < places.get(best).distance(here))) {
                best = i;
            }
        }
        return best;
    }

    /** Metres walked in an order, going back to the bag between trips but not at the end. */
    double length(int[] order) {
        double sum = 0;
        double hands = 0;
        int atBag = places.size();
        int here = atBag;
        for (int i : order) {
            if (hands + loads[i] > 1 + SHORTER && hands > 0) {
                sum += apart[here][atBag];
                here = atBag;
                hands = 0;
            }
            hands += loads[i];
            sum += apart[here][i];
            here = i;
        }
        return sum;
    }

    /** The trip, counted from 1, in which each place of an order is reached. */
    int[] trips(int[] order) {
        int[] trips = new int[order.length];
        double hands = 0;
        int trip = 1;
        for (int k = 0; k < order.length; k++) {
            if (hands + loads[order[k]] > 1 + SHORTER && hands > 0) {
                trip++;
                hands = 0;
            }
            hands += loads[order[k]];
            trips[k] = trip;
        }
        return trips;
    }

    private int[] improved(int[] start) {
        int[] best = start.clone();
        double length = length(best);
        for (int pass = 0; pass < PASSES; pass++) {
            double before = length;
            for (int i = 0; i < best.length - 1; i++) {
                for (int k = i + 1; k < Math.min(best.length, i + FARTHEST); k++) {
                    for (int way = 0; way < 3; way++) {
                        int[] tried;
                        if (way == 0) {
                            tried = turned(best, i, k);
                        } else if (way == 1) {
                            tried = moved(best, i, k);
                        } else {
                            tried = moved(best, k, i);
                        }
                        double l = length(tried);
                        if (l < length - SHORTER) {
                            best = tried;
                            length = l;
                        }
                    }
                }
            }
            if (before - length < SHORTER) {
                break;
            }
        }
        return best;
    }

    private static int[] turned(int[] order, int from, int to) {
        int[] turned = order.clone();
        for (int i = from, k = to; i < k; i++, k--) {
            turned[i] = order[k];
            turned[k] = order[i];
        }
        return turned;
    }

    private static int[] moved(int[] order, int from, int to) {
        int[] moved = order.clone();
        if (from < to) {
            System.arraycopy(order, from + 1, moved, from, to - from);
        } else {
            System.arraycopy(order, to, moved, to + 1, from - to);
        }
        moved[to] = order[from];
        return moved;
    }

    /** Tries every order, leaving out those that are already longer than the best. */
    private final class Exact {

        private int[] best;
        private double shortest;

        Exact(int[] start) {
            best = start.clone();
            shortest = length(start);
        }

        int[] best() {
            if (places.size() > 1) {
                grow(new int[places.size()], 0, 0, bag, 0, 0);
            }
            return best;
        }

        private void grow(int[] order, int n, int used, Vec here, double hands, double walked) {
            if (n == order.length) {
                shortest = walked;
                best = order.clone();
                return;
            }
            for (int i = 0; i < order.length; i++) {
                if ((used & 1 << i) != 0) {
                    continue;
                }
                boolean back = hands > 0 && hands + loads[i] > 1 + SHORTER;
                double step = back ? here.distance(bag) + bag.distance(places.get(i)) : here.distance(places.get(i));
                if (walked + step < shortest - SHORTER) {
                    order[n] = i;
                    grow(order, n + 1, used | 1 << i, places.get(i), (back ? 0 : hands) + loads[i], walked + step);
                }
            }
        }
    }
}

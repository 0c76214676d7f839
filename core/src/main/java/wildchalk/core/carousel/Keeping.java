package wildchalk.core.carousel;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import wildchalk.core.geometry.Vec;

/**
 * Where keepers are who go their own way while groups go round: at the places that take them as long as a group is
 * there, and else at a place of their own. They go to the goals in turn, so that each is there as often as the others,
 * give or take one.
 *
 * @param at turn by turn, keeper by keeper: the number of the place; {@link #OWN} for their own one
 * @param lacking turn by turn how many keepers are wanted that are not there
 * @param metres turn by turn how far the farthest keeper comes, from the turn before
 */
public record Keeping(List<List<Integer>> at, List<Integer> lacking, List<Double> metres) {

    /** In place of a place. */
    public static final int OWN = -1;

    public Keeping {
        at = at.stream().map(List::copyOf).toList();
        lacking = List.copyOf(lacking);
        metres = List.copyOf(metres);
    }

    /**
     * Finds it.
     *
     * @param wanted how many each place takes
     * @param keepers how many there are, 0 or more
     * @param own where they work by themselves, metres on the ground
     */
    public static Keeping of(Turns turns, List<Integer> wanted, int keepers, Vec own) {
        List<List<Integer>> at = new ArrayList<>();
        List<Integer> lacking = new ArrayList<>();
        List<Double> metres = new ArrayList<>();
        int next = 0;
        for (int t = 0; t < turns.count(); t++) {
            List<Integer> goals = goals(turns, wanted, t);
            List<Integer> now = new ArrayList<>(Collections.nCopies(keepers, OWN));
            int taken = Math.min(keepers, goals.size());
            List<Integer> going = new ArrayList<>();
            for (int k = 0; k < taken; k++) {
                going.add((next + k) % keepers);
            }
            next = keepers == 0 ? 0 : (next + taken) % keepers;
            // The goals are shifted, so that nobody who is at one again has the same again where there are several.
            for (int k = 0; k < taken; k++) {
                now.set(going.get(k), goals.get((k + t) % taken));
            }
            at.add(now);
            lacking.add(goals.size() - taken);
            metres.add(t == 0 ? 0 : longest(turns, at.get(t - 1), now, own));
        }
        return new Keeping(at, lacking, metres);
    }

    /** The places that take a keeper in a turn, each as often as it takes one. */
    private static List<Integer> goals(Turns turns, List<Integer> wanted, int turn) {
        List<Integer> goals = new ArrayList<>();
        for (int p = 0; p < wanted.size(); p++) {
            if (!turns.there(turn, p).isEmpty()) {
                goals.addAll(Collections.nCopies(wanted.get(p), p));
            }
        }
        return goals;
    }

    private static double longest(Turns turns, List<Integer> from, List<Integer> to, Vec own) {
        return IntStream.range(0, to.size())
                .mapToDouble(k -> place(turns, from.get(k), own).distance(place(turns, to.get(k), own)))
                .max()
                .orElse(0);
    }

    private static Vec place(Turns turns, int place, Vec own) {
        return place == OWN ? own : turns.carousel().places().get(place).at();
    }

    /** How many there are. */
    public int keepers() {
        return at.isEmpty() ? 0 : at.get(0).size();
    }

    /** The keepers at a place in a turn, or at their own one. */
    public List<Integer> there(int turn, int place) {
        return IntStream.range(0, keepers())
                .filter(k -> at.get(turn).get(k) == place)
                .boxed()
                .toList();
    }

    /** How often a keeper is at a goal. */
    public int goals(int keeper) {
        return (int) at.stream().filter(t -> t.get(keeper) != OWN).count();
    }

    /** How long it takes until all have gone over into a turn, seconds at a jog. */
    public double seconds(int turn) {
        return metres.get(turn) / Turns.JOG;
    }
}

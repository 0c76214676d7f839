package wildchalk.core.carousel;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Finds who is where when. First of all nothing follows what it must not follow; then everybody waits least for whoever
 * has the longest way; then least is walked. Turn after turn is filled in every way that can still be finished and be
 * better than the best by now, the nearest place first; so what is found at the end of it is the best there is. Where
 * that would take too long, the best by now is taken, and {@link Turns#proved()} says so.
 */
public final class Finder {

    /** So many ways of placing one group are looked at, at most: about half a second. */
    private static final int MOST_LOOKED_AT = 3_000_000;

    private static final double SAME = 1e-9;
    /** So many are remembered. */
    private static final int MOST_KNOWN = 32;

    private static final Map<Carousel, Turns> KNOWN =
            Collections.synchronizedMap(new LinkedHashMap<>(MOST_KNOWN, 0.75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<Carousel, Turns> eldest) {
                    return size() > MOST_KNOWN;
                }
            });

    private final Carousel carousel;
    private final int groups;
    private final int places;
    private final int turns;
    private final double[][] metres;
    private final boolean[][] never;
    private final boolean[][] stays;
    private final int[][] at;
    private final boolean[][] visited;
    private final int[] left;
    private final int[] toCome;
    private final Integer[][] nearest;
    private final double shortest;
    private int[][] best;
    private int fewest = Integer.MAX_VALUE;
    private double leastWaited = Double.MAX_VALUE;
    private double leastWalked = Double.MAX_VALUE;
    private int looked;

    private Finder(Carousel carousel, int turns) {
        this.carousel = carousel;
        this.groups = carousel.groups();
        this.places = carousel.places().size();
        this.turns = turns;
        metres = new double[places][places];
        never = new boolean[places][places];
        stays = new boolean[groups][places];
        nearest = new Integer[places][];
        at = new int[turns][groups];
        visited = new boolean[groups][places];
        left = new int[groups];
        toCome = new int[places];
        double least = Double.MAX_VALUE;
        for (int p = 0; p < places; p++) {
            for (int q = 0; q < places; q++) {
                metres[p][q] = carousel.metres(p, q);
                least = p == q ? least : Math.min(least, metres[p][q]);
            }
            double[] from = metres[p];
            nearest[p] = IntStream.range(0, places).boxed().toArray(Integer[]::new);
            Arrays.sort(nearest[p], Comparator.comparingDouble(q -> from[q]));
        }
        shortest = places > 1 ? least : 0;
        carousel.never().forEach(n -> never[n.first()][n.then()] = true);
        carousel.stays().forEach(s -> stays[s.group()][s.place()] = true);
        Arrays.fill(toCome, groups);
        for (int g = 0; g < groups; g++) {
            left[g] = carousel.turns(g);
        }
        carousel.stays().forEach(s -> toCome[s.place()]++);
    }

    /**
     * Finds it; somebody is somewhere for longer only where nothing shorter can be. The last ones that were found are
     * remembered: whoever plans an evening asks for the same one again and again.
     */
    public static Turns find(Carousel carousel) {
        Turns known = KNOWN.get(carousel);
        if (known == null) {
            known = looked(carousel);
            KNOWN.put(carousel, known);
        }
        return known;
    }

    private static Turns looked(Carousel carousel) {
        for (int turns = carousel.turns(); ; turns++) {
            Finder finder = new Finder(carousel, turns);
            finder.fill(0, 0, new int[carousel.places().size()], new Cost(0, 0, 0), 0);
            if (finder.best != null) {
                return new Turns(
                        carousel,
                        Arrays.stream(finder.best)
                                .map(t -> Arrays.stream(t).boxed().toList())
                                .toList(),
                        finder.looked <= MOST_LOOKED_AT);
            }
        }
    }

    /**
     * What it costs by now.
     *
     * @param broken how often something follows that must not
     * @param waited metres of the longest ways, over the changes that are done
     * @param walked metres, all together
     */
    private record Cost(int broken, double waited, double walked) {}

    private boolean isBetter(Cost cost, double waiting, int changesLeft) {
        double waited = cost.waited() + waiting + changesLeft * shortest;
        if (cost.broken() != fewest) {
            return cost.broken() < fewest;
        }
        if (Math.abs(waited - leastWaited) > SAME) {
            return waited < leastWaited;
        }
        return cost.walked() < leastWalked - SAME;
    }

    /**
     * Fills in a group of a turn, and all that come after it.
     *
     * @param there how many groups are at each place in this turn by now
     * @param longest the longest way into this turn by now
     */
    private void fill(int turn, int group, int[] there, Cost cost, double longest) {
        if (looked > MOST_LOOKED_AT && best != null || !isBetter(cost, longest, mustMove(turn))) {
            return;
        }
        if (group == groups) {
            next(turn, new Cost(cost.broken(), cost.waited() + longest, cost.walked()));
            return;
        }
        for (int place : choices(turn, group)) {
            looked++;
            if (place == Turns.REST) {
                if (turns - turn > left[group]) {
                    at[turn][group] = Turns.REST;
                    fill(turn, group + 1, there, cost, longest);
                }
            } else if (there[place] < carousel.places().get(place).room()) {
                put(turn, group, place, there, cost, longest);
            }
        }
    }

    /** Changes after this one in which somebody has to go somewhere else; a group that stays need not. */
    private int mustMove(int turn) {
        boolean all = carousel.stays().isEmpty() && groups >= turns;
        return all ? turns - 1 - turn : 0;
    }

    private void put(int turn, int group, int place, int[] there, Cost cost, double longest) {
        int from = before(turn, group);
        double way = from < 0 || from == place ? 0 : metres[from][place];
        boolean broken = turn > 0 && at[turn - 1][group] >= 0 && never[at[turn - 1][group]][place];
        boolean was = visited[group][place];
        visited[group][place] = true;
        there[place]++;
        left[group]--;
        toCome[place]--;
        at[turn][group] = place;
        fill(
                turn,
                group + 1,
                there,
                new Cost(cost.broken() + (broken ? 1 : 0), cost.waited(), cost.walked() + way),
                Math.max(longest, way));
        toCome[place]++;
        left[group]++;
        there[place]--;
        visited[group][place] = was;
    }

    private int before(int turn, int group) {
        for (int t = turn - 1; t >= 0; t--) {
            if (at[t][group] >= 0) {
                return at[t][group];
            }
        }
        return Turns.REST;
    }

    /** Where a group may go, the nearest first; a rest last. */
    private List<Integer> choices(int turn, int group) {
        int last = turn == 0 ? Turns.REST : at[turn - 1][group];
        // Whoever stays is there for two turns in a row.
        if (last >= 0 && stays[group][last] && (turn < 2 || at[turn - 2][group] != last)) {
            return List.of(last);
        }
        List<Integer> choices = new ArrayList<>();
        int from = before(turn, group);
        for (int i = 0; i < places; i++) {
            int place = from < 0 ? i : nearest[from][i];
            if (!visited[group][place] && !isLikeAnEarlier(turn, group, place)) {
                choices.add(place);
            }
        }
        choices.add(Turns.REST);
        return choices;
    }

    /**
     * In the first turn groups of which nothing is said are alike: they stand in the order of their places, and those
     * who rest come last.
     */
    private boolean isLikeAnEarlier(int turn, int group, int place) {
        boolean alike = turn == 0 && carousel.stays().isEmpty() && group > 0;
        return alike && (at[0][group - 1] > place || at[0][group - 1] == Turns.REST);
    }

    private void next(int turn, Cost cost) {
        int turnsLeft = turns - turn - 1;
        for (int g = 0; g < groups; g++) {
            if (left[g] > turnsLeft) {
                return;
            }
        }
        for (int p = 0; p < places; p++) {
            if (toCome[p] > turnsLeft * carousel.places().get(p).room()) {
                return;
            }
        }
        if (turnsLeft > 0) {
            fill(turn + 1, 0, new int[places], cost, 0);
        } else if (isBetter(cost, 0, 0)) {
            fewest = cost.broken();
            leastWaited = cost.waited();
            leastWalked = cost.walked();
            best = Arrays.stream(at).map(int[]::clone).toArray(int[][]::new);
        }
    }
}

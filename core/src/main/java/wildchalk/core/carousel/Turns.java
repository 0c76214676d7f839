package wildchalk.core.carousel;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Who is where in which turn.
 *
 * @param carousel what was wanted
 * @param at turn by turn, group by group: the number of its place; {@link #REST} for a group that rests
 * @param proved whether every other way was ruled out; else a better one may not have been found
 */
public record Turns(Carousel carousel, List<List<Integer>> at, boolean proved) {

    /** In place of a place. */
    public static final int REST = -1;

    /** Metres in a second of people who jog over; typical. */
    public static final double JOG = 2.5;

    public Turns {
        at = at.stream().map(List::copyOf).toList();
    }

    /** How many there are. */
    public int count() {
        return at.size();
    }

    /** Where a group is in a turn, both from 0. */
    public int place(int turn, int group) {
        return at.get(turn).get(group);
    }

    /** The groups at a place in a turn. */
    public List<Integer> there(int turn, int place) {
        return IntStream.range(0, carousel.groups())
                .filter(g -> place(turn, g) == place)
                .boxed()
                .toList();
    }

    /** The turns in which a group rests. */
    public List<Integer> rests(int group) {
        return IntStream.range(0, count())
                .filter(t -> place(t, group) == REST)
                .boxed()
                .toList();
    }

    /**
     * How far a group goes into a turn, metres: from where it was last, or nowhere where it was nowhere yet or rests.
     */
    public double metres(int turn, int group) {
        int to = place(turn, group);
        int from = REST;
        for (int t = turn - 1; t >= 0 && from == REST; t--) {
            from = place(t, group);
        }
        return to == REST || from == REST ? 0 : carousel.metres(from, to);
    }

    /** How far the farthest goes into a turn, metres: everybody waits for them. */
    public double longest(int turn) {
        return IntStream.range(0, carousel.groups())
                .mapToDouble(g -> metres(turn, g))
                .max()
                .orElse(0);
    }

    /** How long it takes until all have gone over into a turn, seconds at a jog. */
    public double seconds(int turn) {
        return longest(turn) / JOG;
    }

    /** Metres of the longest ways into all turns, together. */
    public double waited() {
        return IntStream.range(1, count()).mapToDouble(this::longest).sum();
    }

    /** Metres of all groups in all changes. */
    public double walked() {
        double all = 0;
        for (int t = 1; t < count(); t++) {
            for (int g = 0; g < carousel.groups(); g++) {
                all += metres(t, g);
            }
        }
        return all;
    }

    /** What must not follow and does, as often as it does: where nothing else could be found. */
    public List<Carousel.Never> broken() {
        List<Carousel.Never> broken = new ArrayList<>();
        for (int t = 1; t < count(); t++) {
            for (int g = 0; g < carousel.groups(); g++) {
                Carousel.Never way = new Carousel.Never(place(t - 1, g), place(t, g));
                if (carousel.never().contains(way)) {
                    broken.add(way);
                }
            }
        }
        return Collections.unmodifiableList(broken);
    }
}

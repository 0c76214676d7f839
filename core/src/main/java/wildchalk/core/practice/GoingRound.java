package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.carousel.Carousel;
import wildchalk.core.carousel.Finder;
import wildchalk.core.carousel.Place;
import wildchalk.core.carousel.Turns;
import wildchalk.core.geometry.Vec;

/**
 * Groups that go round what is side by side in a block.
 *
 * @param turns who is where in which turn
 * @param seconds how long a turn is, without the changes; below 1 where there is no time for it
 */
public record GoingRound(Turns turns, double seconds) {

    /** From one place to the next, as long as nobody said where they are: in a row; assumed. */
    private static final double APART = 20;
    /** Until all have heard that it is over, seconds; assumed. */
    private static final double CALLING = 5;

    private static final int MINUTE = 60;

    /**
     * How a block is gone round; empty for one that is not, and for more groups or places than can be overlooked.
     *
     * @param company its groups; as many as places where none is known
     */
    public static Optional<GoingRound> of(Block block, Company company) {
        if (!(block.content() instanceof Content.Beside beside)
                || beside.round().isEmpty()) {
            return Optional.empty();
        }
        List<Place> places = new ArrayList<>();
        beside.blocks().forEach(b -> places.add(Place.of(BlockWords.of(b), new Vec(places.size() * APART, 0))));
        int groups =
                company.groups().isEmpty() ? places.size() : company.groups().size();
        if (places.size() > Carousel.MOST || groups > Carousel.MOST) {
            return Optional.empty();
        }
        Turns turns = begun(Finder.find(Carousel.of(places, groups)), beside.blocks());
        double changing = 0;
        for (int t = 1; t < turns.count(); t++) {
            changing += change(turns, t);
        }
        return Optional.of(new GoingRound(turns, (block.time().now() * MINUTE - changing) / turns.count()));
    }

    private static double change(Turns turns, int turn) {
        return Math.ceil(turns.seconds(turn)) + CALLING;
    }

    /** Seconds from the end of a turn to the beginning of the one with this number, from 1. */
    public double change(int turn) {
        return change(turns, turn);
    }

    /** The same turns, each block with the group that it is said to begin with; as they are where that cannot be. */
    private static Turns begun(Turns turns, List<Block> blocks) {
        int groups = turns.carousel().groups();
        List<Integer> called = new ArrayList<>();
        Set<Integer> taken = new HashSet<>();
        for (int g = 0; g < groups; g++) {
            int place = turns.place(0, g);
            int said = place == Turns.REST ? 0 : blocks.get(place).group();
            if (said < 0 || said > groups || said > 0 && !taken.add(said)) {
                return turns;
            }
            called.add(said - 1);
        }
        List<Integer> free = new ArrayList<>();
        for (int g = 0; g < groups; g++) {
            if (!taken.contains(g + 1)) {
                free.add(g);
            }
        }
        called.replaceAll(g -> g < 0 ? free.remove(0) : g);
        List<List<Integer>> at = new ArrayList<>();
        for (List<Integer> turn : turns.at()) {
            List<Integer> now = new ArrayList<>(turn);
            for (int g = 0; g < groups; g++) {
                now.set(called.get(g), turn.get(g));
            }
            at.add(now);
        }
        return new Turns(turns.carousel(), at, turns.proved());
    }
}

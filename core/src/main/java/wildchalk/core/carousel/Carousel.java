package wildchalk.core.carousel;

import java.util.List;
import java.util.Set;

/**
 * Groups that are to be at every place once.
 *
 * @param groups how many, at least 1
 * @param never what must not follow what
 * @param stays who stays longer where
 */
public record Carousel(List<Place> places, int groups, Set<Never> never, List<Stay> stays) {

    /** More places, or more groups, than these nobody overlooks. */
    public static final int MOST = 12;

    /**
     * A place that must not come right after another, such as sprints after sprints.
     *
     * @param first its number, from 0
     * @param then its number, from 0
     */
    public record Never(int first, int then) {}

    /**
     * A group that stays at a place for two turns, such as a strong one.
     *
     * @param group its number, from 0
     * @param place its number, from 0
     */
    public record Stay(int group, int place) {}

    public Carousel {
        places = List.copyOf(places);
        never = Set.copyOf(never);
        stays = List.copyOf(stays);
        if (places.isEmpty() || groups < 1 || places.size() > MOST || groups > MOST) {
            throw new IllegalArgumentException(places.size() + ", " + groups);
        }
        int all = places.size();
        int most = groups;
        if (never.stream().anyMatch(n -> isOut(n.first(), all) || isOut(n.then(), all))
                || stays.stream().anyMatch(s -> isOut(s.place(), all) || isOut(s.group(), most))) {
            throw new IllegalArgumentException(never + " " + stays);
        }
    }

    private static boolean isOut(int n, int all) {
        return n < 0 || n >= all;
    }

    /** One in which anything may follow anything. */
    public static Carousel of(List<Place> places, int groups) {
        return new Carousel(places, groups, Set.of(), List.of());
    }

    /** How many turns a group is busy: one at each place, and one more where it stays. */
    int turns(int group) {
        return places.size()
                + (int) stays.stream().filter(s -> s.group() == group).count();
    }

    /**
     * The fewest turns that there can be: nobody gets round sooner, and no place takes more at a time than it has room
     * for.
     */
    int turns() {
        int most = 0;
        for (int g = 0; g < groups; g++) {
            most = Math.max(most, turns(g));
        }
        for (int p = 0; p < places.size(); p++) {
            int place = p;
            int visits = groups
                    + (int) stays.stream().filter(s -> s.place() == place).count();
            int room = places.get(p).room();
            most = Math.max(most, (visits + room - 1) / room);
        }
        return most;
    }

    /** How far one place is from another, metres. */
    double metres(int from, int to) {
        return places.get(from).at().minus(places.get(to).at()).length();
    }
}

package wildchalk.core.carousel;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** Every way in which everybody can be everywhere once in so many turns, without any cleverness. */
final class EveryOrder {

    private EveryOrder() {}

    static void of(Carousel carousel, int turns, Consumer<Turns> each) {
        List<List<Integer>> at = new ArrayList<>();
        for (int t = 0; t < turns; t++) {
            at.add(new ArrayList<>());
        }
        fill(carousel, at, 0, each);
    }

    private static void fill(Carousel carousel, List<List<Integer>> at, int cell, Consumer<Turns> each) {
        int groups = carousel.groups();
        if (cell == at.size() * groups) {
            each.accept(new Turns(carousel, at, true));
            return;
        }
        int turn = cell / groups;
        int group = cell % groups;
        int rests = 0;
        for (int t = 0; t < turn; t++) {
            rests += at.get(t).get(group) < 0 ? 1 : 0;
        }
        for (int p = Turns.REST; p < carousel.places().size(); p++) {
            int place = p;
            boolean fits = place < 0
                    ? rests < at.size() - carousel.places().size()
                    : at.subList(0, turn).stream().noneMatch(t -> t.get(group) == place)
                            && at.get(turn).stream().filter(o -> o == place).count()
                                    < carousel.places().get(place).room();
            if (fits) {
                at.get(turn).add(place);
                fill(carousel, at, cell + 1, each);
                at.get(turn).remove(at.get(turn).size() - 1);
            }
        }
    }
}

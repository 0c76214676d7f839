package wildchalk.core.carousel;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;

/** What must hold of any carousel, counted without whatever found it. */
record Alone(Turns turns) {

    int resting(int turn) {
        return (int) turns.at().get(turn).stream().filter(p -> p < 0).count();
    }

    void everybodyWasEverywhereOnce() {
        Carousel carousel = turns.carousel();
        for (int p = 0; p < carousel.places().size(); p++) {
            for (int g = 0; g < carousel.groups(); g++) {
                int often = 0;
                for (List<Integer> turn : turns.at()) {
                    often += turn.get(g) == p ? 1 : 0;
                }
                int wanted = carousel.stays().contains(new Carousel.Stay(g, p)) ? 2 : 1;
                assertEquals(wanted, often, "group " + g + " at " + p + ": " + turns.at());
            }
            for (int t = 0; t < turns.count(); t++) {
                assertTrue(
                        turns.there(t, p).size() <= carousel.places().get(p).room(),
                        "no more than there is room for: " + turns.at());
            }
        }
    }
}

package wildchalk.core.carousel;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.geometry.Vec;

/** Carousels worked by hand, and against every order there is. */
class CarouselTest {

    private static List<Place> row(int n, double apart) {
        List<Place> places = new ArrayList<>();
        for (int p = 0; p < n; p++) {
            places.add(Place.of("place " + p, new Vec(p * apart, 0)));
        }
        return places;
    }

    private static List<Place> square() {
        return List.of(
                Place.of("a", new Vec(0, 0)),
                Place.of("b", new Vec(20, 0)),
                Place.of("c", new Vec(20, 20)),
                Place.of("d", new Vec(0, 20)));
    }

    @Test
    void threeByThree() {
        Turns turns = Finder.find(Carousel.of(row(3, 10), 3));
        assertTrue(turns.proved());
        assertEquals(3, turns.count());
        // Somebody has to go from one end to the other in each change, whichever way round.
        assertEquals(40, turns.waited(), 1e-9);
        assertEquals(80, turns.walked(), 1e-9);
        assertEquals(8, turns.seconds(1), 1e-9, "20 m at 2.5 m a second");
    }

    @Test
    void fourRoundASquareNeverCross() {
        Turns turns = Finder.find(Carousel.of(square(), 4));
        assertEquals(4, turns.count());
        for (int t = 1; t < 4; t++) {
            for (int g = 0; g < 4; g++) {
                assertEquals(20, turns.metres(t, g), 1e-9, "along the sides");
            }
        }
    }

    @Test
    void fourGroupsThreePlacesOneRests() {
        Turns turns = Finder.find(Carousel.of(row(3, 10), 4));
        assertEquals(4, turns.count());
        for (int g = 0; g < 4; g++) {
            assertEquals(1, turns.rests(g).size());
        }
        for (int t = 0; t < 4; t++) {
            assertEquals(1, new Alone(turns).resting(t));
        }
    }

    @Test
    void threeGroupsFourPlacesOneIsEmpty() {
        Turns turns = Finder.find(Carousel.of(square(), 3));
        assertEquals(4, turns.count());
        for (int g = 0; g < 3; g++) {
            assertEquals(List.of(), turns.rests(g));
        }
        assertEquals(60, turns.waited(), 1e-9);
    }

    @Test
    void fiveByFiveIsProvedInAMoment() {
        List<Place> places = new ArrayList<>(square());
        places.add(Place.of("middle", new Vec(10, 10)));
        Turns turns = Finder.find(Carousel.of(places, 5));
        assertTrue(turns.proved());
        assertEquals(5, turns.count());
        new Alone(turns).everybodyWasEverywhereOnce();
    }

    @Test
    void twoGroupsAtAPlaceThatHasRoom() {
        List<Place> places = List.of(new Place("half", new Vec(0, 0), 2), new Place("other half", new Vec(30, 0), 2));
        Turns turns = Finder.find(Carousel.of(places, 4));
        assertEquals(2, turns.count());
        assertEquals(2, turns.there(0, 0).size());
        assertEquals(2, turns.there(1, 0).size());
        new Alone(turns).everybodyWasEverywhereOnce();
    }

    @Test
    void whatMustNotFollowDoesNotWhateverItCosts() {
        Carousel free = Carousel.of(row(4, 10), 4);
        Carousel.Never never = new Carousel.Never(0, 1);
        Turns turns = Finder.find(new Carousel(row(4, 10), 4, Set.of(never), List.of()));
        assertEquals(List.of(), turns.broken());
        assertTrue(turns.waited() >= Finder.find(free).waited() - 1e-9);
        // Of two places each must not follow the other: then it is said.
        Turns two = Finder.find(
                new Carousel(row(2, 10), 2, Set.of(new Carousel.Never(0, 1), new Carousel.Never(1, 0)), List.of()));
        assertEquals(2, two.broken().size());
        new Alone(two).everybodyWasEverywhereOnce();
    }

    @Test
    void aStrongGroupStaysLonger() {
        Turns turns = Finder.find(new Carousel(row(3, 10), 3, Set.of(), List.of(new Carousel.Stay(1, 2))));
        List<Integer> there = new ArrayList<>();
        for (int t = 0; t < turns.count(); t++) {
            if (turns.place(t, 1) == 2) {
                there.add(t);
            }
        }
        assertEquals(2, there.size());
        assertEquals(1, there.get(1) - there.get(0), "two turns in a row");
        new Alone(turns).everybodyWasEverywhereOnce();
    }

    @Test
    void oneOfEachAndWhatCannotBe() {
        Turns one = Finder.find(Carousel.of(row(1, 10), 1));
        assertEquals(List.of(List.of(0)), one.at());
        assertEquals(0, one.waited());
        Turns three = Finder.find(Carousel.of(row(1, 10), 3));
        assertEquals(3, three.count(), "one after another");
        assertThrows(IllegalArgumentException.class, () -> Carousel.of(row(3, 10), 0));
        assertThrows(IllegalArgumentException.class, () -> Carousel.of(List.of(), 3));
        assertThrows(IllegalArgumentException.class, () -> Carousel.of(row(13, 10), 3));
        assertThrows(IllegalArgumentException.class, () -> new Place("x", Vec.ZERO, 0));
        assertThrows(
                IllegalArgumentException.class,
                () -> new Carousel(row(2, 1), 2, Set.of(new Carousel.Never(0, 5)), List.of()));
    }

    @Test
    void noOtherOrderHasShorterWays() {
        Random random = new Random(77);
        for (int n = 0; n < 60; n++) {
            int places = 2 + random.nextInt(3);
            int groups = 1 + random.nextInt(4);
            List<Place> all = new ArrayList<>();
            for (int p = 0; p < places; p++) {
                all.add(new Place("p" + p, new Vec(random.nextInt(40), random.nextInt(25)), 1 + random.nextInt(2)));
            }
            Set<Carousel.Never> never =
                    random.nextBoolean() ? Set.of() : Set.of(new Carousel.Never(0, 1 + random.nextInt(places - 1)));
            Carousel carousel = new Carousel(all, groups, never, List.of());
            Turns found = Finder.find(carousel);
            assertTrue(found.proved());
            new Alone(found).everybodyWasEverywhereOnce();
            double[] best = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
            EveryOrder.of(carousel, found.count(), t -> {
                double[] cost = {t.broken().size(), t.waited(), t.walked()};
                for (int i = 0; i < 3; i++) {
                    if (Math.abs(cost[i] - best[i]) > 1e-9) {
                        if (cost[i] < best[i]) {
                            System.arraycopy(cost, 0, best, 0, 3);
                        }
                        break;
                    }
                }
            });
            assertEquals(best[0], found.broken().size(), carousel.toString());
            assertEquals(best[1], found.waited(), 1e-9, carousel.toString());
            assertEquals(best[2], found.walked(), 1e-9, carousel.toString());
        }
    }

    @Test
    void manyAreLookedAtForAMomentAndItIsSaidWhereNotAllWere() {
        Turns turns = Finder.find(Carousel.of(row(8, 15), 8));
        assertFalse(turns.proved());
        new Alone(turns).everybodyWasEverywhereOnce();
        assertTrue(turns.waited() <= 7 * 7 * 15, "no change is longer than from one end to the other");
    }
}

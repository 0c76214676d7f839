package wildchalk.core.phase;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class CutsTest {

    private static List<Integer> sizes(List<Integer> cuts, int beats) {
        List<Integer> sizes = new ArrayList<>();
        for (int i = 0; i < cuts.size(); i++) {
            sizes.add((i + 1 < cuts.size() ? cuts.get(i + 1) : beats) - cuts.get(i));
        }
        return sizes;
    }

    @Test
    void everyNumberOfBeatsGivesPicturesOfThreeToSix() {
        for (int beats = 1; beats <= 60; beats++) {
            List<Integer> sizes = sizes(Cuts.of(beats, i -> i % 7 == 0 ? 2 : 0, i -> 1 + i % 4), beats);
            assertEquals(beats, sizes.stream().mapToInt(Integer::intValue).sum());
            assertTrue(
                    beats <= Cuts.MOST ? sizes.size() == 1 : sizes.stream().allMatch(s -> s >= 3 && s <= 6),
                    sizes.toString());
        }
    }

    @Test
    void picturesBeginWhereSomethingBegins() {
        // Nothing says where: about even.
        assertEquals(List.of(4, 5), sizes(Cuts.of(9, i -> 0, i -> 1), 9));
        // A decision in the fourth beat, or in the seventh.
        assertEquals(List.of(0, 3), Cuts.of(9, i -> i == 3 ? 2.5 : 0, i -> 1));
        assertEquals(List.of(0, 6), Cuts.of(9, i -> i == 6 ? 2.5 : 0, i -> 1));
        // A beginning that would leave two beats alone is none.
        assertEquals(List.of(0, 4), Cuts.of(8, i -> i == 2 || i == 6 ? 2.5 : 0, i -> 1));
    }

    @Test
    void manyLinesMakeSmallerPictures() {
        assertEquals(List.of(3, 3, 3), sizes(Cuts.of(9, i -> 0, i -> 4), 9));
    }
}

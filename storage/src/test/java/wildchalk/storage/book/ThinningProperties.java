package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;

class ThinningProperties {

    @Property(seed = "19081")
    void asManyStayAsMayAndTheFirstIsOneOfThem(
            @ForAll @Size(max = 150) List<@LongRange(min = 0, max = 1_000_000) Long> gaps,
            @ForAll @IntRange(min = 1, max = 120) int most) {
        List<Long> made = times(gaps);
        List<Integer> go = Thinning.surplus(made, 200_000_000L, most);
        assertEquals(Math.max(0, made.size() - most), go.size());
        assertEquals(go.size(), go.stream().distinct().count());
        assertFalse(go.contains(0));
    }

    /** An edit a minute for a month: what stays is dense where it is new and sparse where it is old. */
    @Property(tries = 1, seed = "19081")
    void whatIsOlderLiesFartherApart() {
        List<Long> left = new ArrayList<>();
        long minute = 60_000;
        for (long t = 0; t < 30 * 24 * 60; t += 20) {
            left.add(t * minute);
            for (int i : Thinning.surplus(left, t * minute, 100)) {
                left.remove(i);
            }
        }
        assertEquals(100, left.size());
        long newest = left.get(99) - left.get(89);
        long oldest = left.get(10) - left.get(0);
        assertTrue(oldest > 5 * newest, oldest + " and " + newest);
    }

    private static List<Long> times(List<Long> gaps) {
        List<Long> made = new ArrayList<>();
        long t = 0;
        for (long gap : gaps) {
            t += gap;
            made.add(t);
        }
        return made;
    }
}

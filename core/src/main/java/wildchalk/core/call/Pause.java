package wildchalk.core.call;

import java.util.SplittableRandom;

/**
 * How long it is from one call to the next.
 *
 * @param least milliseconds, over 0: the earlier one is done by then
 * @param most milliseconds, no less than {@code least}
 */
public record Pause(long least, long most) {

    public Pause {
        if (least <= 0 || most < least) {
            throw new IllegalArgumentException(least + ", " + most);
        }
    }

    /** The pause before a call, by its number and a seed: anything between, equally likely. */
    public long before(int number, long seed) {
        return least + new SplittableRandom(seed * 31 + number).nextLong(most - least + 1);
    }
}

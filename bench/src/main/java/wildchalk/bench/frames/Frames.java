package wildchalk.bench.frames;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * The moments at which a window was painted, and what each step of the hand cost its thread.
 *
 * @param gaps nanoseconds from one frame to the next
 * @param steps nanoseconds that the window's thread spent on each step
 */
public record Frames(long[] gaps, long[] steps) {

    /** A frame is missed when the gap is half as long again as a sixtieth of a second. */
    private static final double MISSED = 1.5e9 / 60;

    /**
     * @param at when each frame began, nanoseconds
     * @param steps what each step of the hand cost; empty when there was none
     */
    public static Frames of(List<Long> at, List<Long> steps) {
        long[] gaps = new long[at.size() - 1];
        for (int i = 0; i < gaps.length; i++) {
            gaps[i] = at.get(i + 1) - at.get(i);
        }
        return new Frames(gaps, steps.stream().mapToLong(Long::longValue).toArray());
    }

    /** Frames that were painted, of those that sixty a second would be; 1 when none was missed. */
    public double share() {
        double seconds = Arrays.stream(gaps).sum() / 1e9;
        return gaps.length / (seconds * 60);
    }

    public String words() {
        long[] sorted = steps.clone();
        Arrays.sort(sorted);
        long missed = Arrays.stream(gaps).filter(g -> g > MISSED).count();
        String cost = sorted.length == 0
                ? ""
                : String.format(
                        Locale.ROOT,
                        "; a step costs %.1f ms, 99 of 100 under %.1f ms",
                        sorted[sorted.length / 2] / 1e6,
                        sorted[sorted.length * 99 / 100] / 1e6);
        return String.format(
                Locale.ROOT,
                "%d frames in %.1f s, %.1f a second, %d gaps over 25 ms (%.1f %%)%s",
                gaps.length,
                Arrays.stream(gaps).sum() / 1e9,
                share() * 60,
                missed,
                100.0 * missed / gaps.length,
                cost);
    }
}

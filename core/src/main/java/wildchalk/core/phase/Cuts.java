package wildchalk.core.phase;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.function.IntUnaryOperator;

/** Where a row of beats is cut into pictures of three to six. */
final class Cuts {

    static final int LEAST = 3;
    static final int MOST = 6;
    /** The usual number of beats on a picture; one more or fewer costs so much. */
    private static final double USUAL = 4.5;

    private static final double OFF_USUAL = 0.3;
    /** So much each picture costs by itself. */
    private static final double PICTURE = 3;
    /** More lines than these make a picture hard to read; each costs so much. */
    private static final int LINES = 12;

    private static final double PER_LINE = 0.5;

    private Cuts() {}

    /**
     * The index of the first beat of each picture; all ways of cutting are compared.
     *
     * @param beats how many there are
     * @param gain how good a beginning each beat is, from 0
     * @param lines how many lines each beat draws
     */
    static List<Integer> of(int beats, IntToDoubleFunction gain, IntUnaryOperator lines) {
        if (beats <= MOST) {
            return List.of(0);
        }
        double[] least = new double[beats + 1];
        int[] from = new int[beats + 1];
        Arrays.fill(least, Double.MAX_VALUE);
        least[0] = 0;
        for (int end = LEAST; end <= beats; end++) {
            for (int begin = Math.max(0, end - MOST); begin <= end - LEAST; begin++) {
                if (least[begin] < Double.MAX_VALUE) {
                    double cost = least[begin] + cost(begin, end, gain, lines);
                    if (cost < least[end]) {
                        least[end] = cost;
                        from[end] = begin;
                    }
                }
            }
        }
        List<Integer> cuts = new ArrayList<>();
        for (int end = beats; end > 0; end = from[end]) {
            cuts.add(from[end]);
        }
        Collections.reverse(cuts);
        return cuts;
    }

    private static double cost(int begin, int end, IntToDoubleFunction gain, IntUnaryOperator lines) {
        int drawn = 0;
        for (int i = begin; i < end; i++) {
            drawn += lines.applyAsInt(i);
        }
        return PICTURE
                - (begin == 0 ? 0 : gain.applyAsDouble(begin))
                + Math.abs(end - begin - USUAL) * OFF_USUAL
                + Math.max(0, drawn - LINES) * PER_LINE;
    }
}

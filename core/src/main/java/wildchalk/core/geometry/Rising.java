package wildchalk.core.geometry;

/** Finding one's way in numbers that never fall: lengths along a line, times along a run. */
public final class Rising {

    private Rising() {}

    /**
     * The stretch between two neighbours that a number lies in: the index of the first of the two. Numbers before the
     * first and after the last count to the outermost stretches.
     *
     * @param values at least two, none smaller than the one before it
     */
    public static int stretch(double[] values, double at) {
        int low = 0;
        int high = values.length - 2;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (values[middle] <= at) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }
}

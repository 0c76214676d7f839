package wildchalk.core.setout;

import java.util.List;
import wildchalk.core.measure.Units;

/**
 * The numbers a person reads off or steps: whole ones when that is near enough, halves when not, and so on.
 *
 * @param unit metres to one of the unit
 * @param steps from coarse to fine, in units
 * @param crossing two lengths that are to cross are no longer than this, metres
 */
record Rounding(double unit, List<Double> steps, double crossing) {

    /** A tape longer than this is no easy measurement, metres. */
    private static final double LONGEST_TAPE = 50;
    /** Nobody steps a circle of more than this to find where two cross, metres. */
    private static final double LONGEST_STEPPED = 6;
    /** For each metre that a place is off, so many metres more would rather be walked. */
    private static final double PER_METRE_OFF = 20;

    static Rounding tape(Units units) {
        return new Rounding(units.unit().metres(), List.of(1.0, 0.5, 0.25, 0.1, 0.05, 0.01), LONGEST_TAPE);
    }

    /** Nobody steps less than a quarter of a pace. */
    static Rounding paces(Units units) {
        return new Rounding(units.pace(), List.of(1.0, 0.5, 0.25), LONGEST_STEPPED);
    }

    double number(double metres, double step) {
        return Math.round(Math.round(metres / unit / step) * step * 100) / 100.0;
    }

    double metres(double number) {
        return number * unit;
    }

    /**
     * What a rounding costs, as a way that a person would rather walk, in metres: a finer number is harder to read off,
     * a coarser one is farther off.
     */
    static double cost(double step, double error) {
        return cost(step) + error * PER_METRE_OFF;
    }

    private static double cost(double step) {
        if (step >= 1) {
            return 0;
        }
        if (step >= 0.5) {
            return 1;
        }
        if (step >= 0.25) {
            return 3;
        }
        if (step >= 0.1) {
            return 4;
        }
        if (step >= 0.05) {
            return 8;
        }
        return 14;
    }
}

package wildchalk.core.setout;

import java.util.List;
import wildchalk.core.measure.Units;

/**
 * The numbers a person reads off or steps: whole ones when that is near enough, halves when not, and so on.
 *
 * @param unit metres to one of the unit
 * @param steps from coarse to fine, in units
 */
record Rounding(double unit, List<Double> steps) {

    static Rounding tape(Units units) {
        return new Rounding(units.unit().metres(), List.of(1.0, 0.5, 0.25, 0.1, 0.05, 0.01));
    }

    /** Nobody steps less than a quarter of a pace. */
    static Rounding paces(Units units) {
        return new Rounding(units.pace(), List.of(1.0, 0.5, 0.25));
    }

    double number(double metres, double step) {
        return Math.round(Math.round(metres / unit / step) * step * 100) / 100.0;
    }

    double metres(double number) {
        return number * unit;
    }

    /** What a finer number costs: how much longer a way a person would rather walk than read it off, in metres. */
    static double cost(double step) {
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

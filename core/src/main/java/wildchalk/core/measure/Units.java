package wildchalk.core.measure;

import java.util.Locale;

/**
 * How a coach wants lengths said.
 *
 * @param unit of lengths
 * @param pace length of one of the coach's own paces, metres
 */
public record Units(Unit unit, double pace) {

    /** A typical walking pace of a grown person, assumed, in metres. */
    public static final double USUAL_PACE = 0.75;

    public static final double SHORTEST_PACE = 0.4;
    public static final double LONGEST_PACE = 1.2;

    public static final Units METRIC = new Units(Unit.METRES, USUAL_PACE);

    public Units {
        pace = Math.max(SHORTEST_PACE, Math.min(LONGEST_PACE, pace));
    }

    /** "18.0 m · 24 paces" */
    public String both(double metres) {
        return unit.exact(metres) + " · " + paces(metres);
    }

    /** "24 paces", halves below 10. */
    public String paces(double metres) {
        double n = metres / pace;
        double rounded = n < 10 ? Math.round(n * 2) / 2.0 : Math.round(n);
        return Numbers.plain(rounded) + (rounded > 0 && rounded <= 1 ? " pace" : " paces");
    }

    /** "665 m²" */
    public String area(double squareMetres) {
        double n = squareMetres / (unit.metres() * unit.metres());
        return String.format(Locale.ROOT, n < 100 ? "%.1f %s²" : "%.0f %s²", n, unit.sign());
    }
}

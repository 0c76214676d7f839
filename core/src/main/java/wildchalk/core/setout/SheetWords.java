package wildchalk.core.setout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wildchalk.core.measure.Numbers;
import wildchalk.core.measure.Units;

/** The set-out sheet in words. */
public final class SheetWords {

    private SheetWords() {}

    /** "from the left post, 9 m towards the own end, then 4 m to the left" */
    public static String tape(Measured measured, Units units) {
        return words(measured, " " + units.unit().sign(), " " + units.unit().sign());
    }

    /** "from the left post, 12 paces towards the own end, then 5½ paces to the left" */
    public static String paces(Measured measured) {
        return words(measured, " pace", " paces");
    }

    /**
     * How a piece is stepped: "12 and 5½ paces" where that is the way of the tape, else in full; empty where stepping
     * is not fine enough or nothing is measured.
     */
    public static String inPaces(Sheet.Step step) {
        if (step.paces().isEmpty() || lengths(step.tape()).isEmpty()) {
            return "";
        }
        Measured paces = step.paces().get();
        List<Double> numbers = lengths(paces);
        if (!sameWay(step.tape(), paces)) {
            return paces(paces);
        }
        return String.join(" and ", numbers.stream().map(SheetWords::number).toList())
                + (numbers.equals(List.of(1.0)) ? " pace" : " paces");
    }

    /** "within 17 cm"; "exactly there" for what stands on something that can be found. */
    public static String within(Measured measured) {
        long centimetres = Math.round(Math.ceil(measured.error() * 100 - 0.001));
        return centimetres <= 0 ? "exactly there" : "within " + centimetres + " cm";
    }

    private static List<Double> lengths(Measured measured) {
        return measured instanceof Measured.Legs legs
                ? legs.legs().stream().map(Leg::number).toList()
                : List.of(
                        ((Measured.Tapes) measured).first().number(),
                        ((Measured.Tapes) measured).second().number());
    }

    private static boolean sameWay(Measured a, Measured b) {
        if (a instanceof Measured.Legs one && b instanceof Measured.Legs other) {
            return one.from().id().equals(other.from().id())
                    && one.legs().stream()
                            .map(Leg::way)
                            .toList()
                            .equals(other.legs().stream().map(Leg::way).toList());
        }
        return a instanceof Measured.Tapes one
                && b instanceof Measured.Tapes other
                && one.side() == other.side()
                && one.one().id().equals(other.one().id())
                && one.other().id().equals(other.other().id());
    }

    /** "84 m walk in 2 trips, about 3 min" */
    public static String summary(Sheet sheet, Units units) {
        if (sheet.steps().isEmpty()) {
            return "There is no gear to put down.";
        }
        long minutes = Math.max(1, Math.round(sheet.seconds() / 60));
        return String.format(
                Locale.ROOT,
                "Start at %s. %s to walk, %s, about %d min for one person.",
                the(sheet.bagName()),
                units.unit().spoken(sheet.walk()),
                sheet.trips() == 1 ? "1 trip" : sheet.trips() + " trips",
                minutes);
    }

    private static String words(Measured measured, String one, String many) {
        if (measured instanceof Measured.Tapes t) {
            return number(t.first().number()) + unit(t.first().number(), one, many) + " from "
                    + the(t.one().name())
                    + " and " + number(t.second().number()) + unit(t.second().number(), one, many) + " from "
                    + the(t.other().name()) + ", where the two cross " + crossing(t.side());
        }
        Measured.Legs legs = (Measured.Legs) measured;
        if (legs.legs().isEmpty()) {
            return legs.from().isPiece()
                    ? "beside " + the(legs.from().name())
                    : "on " + the(legs.from().name());
        }
        List<String> parts = new ArrayList<>();
        for (Leg leg : legs.legs()) {
            parts.add(number(leg.number()) + unit(leg.number(), one, many)
                    + (leg.line().isEmpty() ? "" : " along the " + leg.line()) + " "
                    + leg.way().words());
        }
        return "from " + the(legs.from().name()) + ", " + String.join(", then ", parts);
    }

    private static String crossing(Leg.Way side) {
        return switch (side) {
            case AHEAD -> "nearer the attacking end";
            case BACK -> "nearer the own end";
            default -> side.words();
        };
    }

    private static String the(String name) {
        boolean byItself = name.startsWith("halfway") || name.startsWith("the ") || name.matches(".* (\\d+|[A-Z])$");
        return byItself ? name : "the " + name;
    }

    private static String unit(double n, String one, String many) {
        return n == 1 ? one : many;
    }

    /** With the fractions that people say: "5½". */
    private static String number(double n) {
        double whole = Math.floor(n);
        String fraction;
        if (n - whole == 0.5) {
            fraction = "½";
        } else if (n - whole == 0.25) {
            fraction = "¼";
        } else if (n - whole == 0.75) {
            fraction = "¾";
        } else {
            fraction = "";
        }
        if (fraction.isEmpty()) {
            return Numbers.plain(n);
        }
        return (whole == 0 ? "" : Numbers.plain(whole)) + fraction;
    }
}

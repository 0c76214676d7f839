package wildchalk.core.setout;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.measure.Numbers;
import wildchalk.core.measure.Units;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** The set-out sheet in words. */
public final class SheetWords {

    private static final Wordbook WORDS = Wordbook.beside(SheetWords.class, "SheetWords");

    private SheetWords() {}

    /** "from the left post, 9 m towards the own end, then 4 m towards the left touchline" */
    public static String tape(Measured measured, Units units) {
        return words(measured, n -> WORDS.say("metric", number(n), units.unit().sign()));
    }

    /** "from the left post, 12 paces towards the own end, then 5½ paces towards the left touchline" */
    public static String paces(Measured measured) {
        return words(measured, SheetWords::steps);
    }

    private static String steps(double n) {
        return WORDS.say("paces", number(n), WORDS.say("pace", n));
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
        String all = numbers.stream().map(SheetWords::number).collect(Collectors.joining(WORDS.say("and")));
        return WORDS.say("paces", all, WORDS.say("pace", numbers.equals(List.of(1.0)) ? 1 : 2));
    }

    /** "from the left post, 9 m towards the own end, within 3 cm" */
    public static String taped(Sheet.Step step, Units units) {
        return WORDS.say("taped", tape(step.tape(), units), within(step.tape()));
    }

    /** "Stepped: 12 paces, within 21 cm"; empty where stepping is not fine enough or nothing is measured. */
    public static String stepped(Sheet.Step step) {
        String paces = inPaces(step);
        return paces.isEmpty()
                ? ""
                : WORDS.say("stepped", paces, within(step.paces().orElseThrow()));
    }

    /** Both: "from the left post, 9 m towards the own end, within 3 cm. Stepped: 12 paces, within 21 cm" */
    public static String step(Sheet.Step step, Units units) {
        String stepped = stepped(step);
        return stepped.isEmpty() ? taped(step, units) : WORDS.say("sentences", taped(step, units), stepped);
    }

    /** "within 17 cm"; "exactly there" for what stands on something that can be found. */
    public static String within(Measured measured) {
        long centimetres = Math.round(Math.ceil(measured.error() * 100 - 0.001));
        return centimetres <= 0 ? WORDS.say("exactly") : WORDS.say("within", Long.toString(centimetres));
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
                && one.nearer().equals(other.nearer())
                && one.one().id().equals(other.one().id())
                && one.other().id().equals(other.other().id());
    }

    /** "84 m walk in 2 trips, about 3 min" */
    public static String summary(Sheet sheet, Units units) {
        if (sheet.steps().isEmpty()) {
            return WORDS.say("nothing");
        }
        long minutes = Math.max(1, Math.round(sheet.seconds() / 60));
        return WORDS.say(
                "summary",
                the(sheet.bagName()),
                units.unit().spoken(sheet.walk()),
                sheet.trips(),
                Long.toString(minutes));
    }

    /** "Paces are 0.75 m long." */
    public static String paceLength(Units units) {
        return WORDS.say("pace.length", String.format(Locale.ROOT, "%.2f", units.pace()));
    }

    /** Which side is which, whoever reads the words and whichever way they turn. */
    public static String facing(Surface surface) {
        return WORDS.say("facing", sideLine(surface));
    }

    /**
     * The same beside a plan.
     *
     * @param attack where the attacking end is on the plan
     */
    public static String facing(Surface surface, Attack attack) {
        // The left is a quarter turn before where the attack goes.
        Attack left = Attack.values()[(attack.ordinal() + Attack.values().length - 1) % Attack.values().length];
        return WORDS.say("facing.plan", facing(surface), edge(attack), sideLine(surface), edge(left));
    }

    private static String edge(Attack towards) {
        return switch (towards) {
            case RIGHT -> WORDS.say("plan.right");
            case LEFT -> WORDS.say("plan.left");
            case UP -> WORDS.say("plan.top");
            case DOWN -> WORDS.say("plan.bottom");
        };
    }

    /** What stands on a plan at the end that is attacked. */
    public static String attackingEnd() {
        return WORDS.say("plan.attacking");
    }

    private static String sideLine(Surface surface) {
        return surface.word("side-line", "sideline");
    }

    /** What lies a way on a surface: "attacking end", "left touchline". */
    static String there(Leg.Way way, Surface surface) {
        return switch (way) {
            case AHEAD -> WORDS.say("end.ahead");
            case BACK -> WORDS.say("end.back");
            case LEFT -> WORDS.say("side.left", sideLine(surface));
            case RIGHT -> WORDS.say("side.right", sideLine(surface));
        };
    }

    /** How a length is said. */
    private interface Length {
        String said(double n);
    }

    private static String words(Measured measured, Length length) {
        if (measured instanceof Measured.Tapes t) {
            return WORDS.say(
                    "tapes",
                    length.said(t.first().number()),
                    the(t.one().name()),
                    length.said(t.second().number()),
                    the(t.other().name()),
                    t.nearer());
        }
        Measured.Legs legs = (Measured.Legs) measured;
        String from = the(legs.from().name());
        if (legs.legs().isEmpty()) {
            return WORDS.say(legs.from().isPiece() ? "beside" : "on", from);
        }
        String way = legs.legs().stream()
                .map(l -> WORDS.say(
                        l.line().isEmpty() ? "leg" : "leg.line",
                        length.said(l.number()),
                        WORDS.say(l.isOut() ? "way.out" : "way.in", l.towards()),
                        l.line()))
                .collect(Collectors.joining(WORDS.say("then")));
        return WORDS.say("legs", from, way);
    }

    private static String the(String name) {
        boolean byItself = name.startsWith("halfway") || name.startsWith("the ") || name.matches(".* (\\d+|[A-Z])$");
        return byItself ? name : WORDS.say("the", name);
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

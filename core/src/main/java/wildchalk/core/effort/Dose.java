package wildchalk.core.effort;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How long a rung is practised: "6 off each foot, then swap ends".
 *
 * @param turns one after another, at least one
 * @param then what happens after them, in the coach's words; may be empty
 */
public record Dose(List<Turn> turns, String then) {

    private static final String UNIT = "minutes?\\b|mins?\\b|seconds?\\b|secs?\\b|s\\b|times\\b|reps?\\b|[x×]";
    private static final Pattern TURN = Pattern.compile("(\\d{1,4}(?:\\.\\d{1,3})?)\\s*(" + UNIT + ")?\\s*(.*)");
    private static final Pattern LIKE_A_UNIT = Pattern.compile("(?:" + UNIT + ").*");

    /**
     * @param amount over 0
     * @param words how or where: "left", "each side"; may be empty
     */
    public record Turn(double amount, Measure measure, String words) {}

    /** What the amount counts. */
    public enum Measure {
        MINUTES,
        SECONDS,
        TIMES
    }

    public Dose {
        turns = List.copyOf(turns);
    }

    /** What a coach typed; empty when it begins with no number over 0. */
    public static Optional<Dose> read(String typed) {
        List<Turn> turns = new ArrayList<>();
        List<String> then = new ArrayList<>();
        for (String part : typed.strip().split("\\s*,\\s*")) {
            Optional<Turn> turn = then.isEmpty() ? turn(part) : Optional.empty();
            turn.ifPresentOrElse(turns::add, () -> then.add(part));
        }
        return turns.isEmpty() ? Optional.empty() : Optional.of(new Dose(turns, String.join(", ", then)));
    }

    private static Optional<Turn> turn(String part) {
        Matcher m = TURN.matcher(part);
        if (!m.matches() || Double.parseDouble(m.group(1)) <= 0) {
            return Optional.empty();
        }
        String unit = Optional.ofNullable(m.group(2)).orElse("").toLowerCase(Locale.ROOT);
        Measure measure;
        if (unit.startsWith("m")) {
            measure = Measure.MINUTES;
        } else if (unit.startsWith("s")) {
            measure = Measure.SECONDS;
        } else {
            measure = Measure.TIMES;
        }
        return Optional.of(
                new Turn(Double.parseDouble(m.group(1)), measure, m.group(3).strip()));
    }

    /**
     * As a coach would write it. Reading it gives the same again where this was read from what somebody typed; words
     * that came otherwise may hold a comma, which reading takes for the end of a turn.
     */
    public String words() {
        return Stream.concat(turns.stream().map(Dose::words), Stream.of(then))
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static String words(Turn turn) {
        String amount = turn.amount() == Math.rint(turn.amount())
                ? Long.toString((long) turn.amount())
                : Double.toString(turn.amount());
        String unit =
                switch (turn.measure()) {
                    case MINUTES -> " min";
                    case SECONDS -> " s";
                    case TIMES -> turn.words().isEmpty()
                                    || LIKE_A_UNIT.matcher(turn.words()).matches()
                            ? " times"
                            : "";
                };
        return (amount + unit + " " + turn.words()).strip();
    }

    /** Minutes in all; 0 when it is counted. */
    public double minutes() {
        return turns.stream()
                .mapToDouble(t -> switch (t.measure()) {
                    case MINUTES -> t.amount();
                    case SECONDS -> t.amount() / 60;
                    case TIMES -> 0;
                })
                .sum();
    }
}

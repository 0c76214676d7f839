package wildchalk.core.log.season;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wildchalk.core.log.Entry;

/**
 * This week's load against the four weeks before. It says only that one week has more in it than others had: what
 * somebody can bear it does not know, and what was done elsewhere neither. Qualified people decide.
 *
 * @param now metres of one who did all of this week
 * @param before the same of a week, the four before in the middle; weeks without an evening count as they were
 */
public record Rising(double now, double before) {

    /** With that much more than before a coach is asked to look; a usual caution, and disputed: assumed. */
    public static final double MUCH = 1.3;
    /** Weeks that it is held against. */
    public static final int WEEKS = 4;

    /**
     * That of the week of a day, as far as it has come; empty where the log does not go back {@value #WEEKS} weeks, or
     * nothing was done in them.
     */
    public static Optional<Rising> of(List<Entry> all, LocalDate today) {
        LocalDate monday = Span.monday(today);
        LocalDate from = monday.minusWeeks(WEEKS);
        Optional<LocalDate> first = all.stream().map(e -> e.when().day()).min(Comparator.naturalOrder());
        double before = load(all, new Span(from, monday.minusDays(1))) / WEEKS;
        if (first.isEmpty() || first.get().isAfter(from.plusDays(6)) || before == 0) {
            return Optional.empty();
        }
        return Optional.of(new Rising(load(all, new Span(monday, today)), before));
    }

    private static double load(List<Entry> all, Span span) {
        return Season.of(all, Asked.in(span)).load();
    }

    /** How much of a usual week it is: 1 for as much. */
    public double share() {
        return now / before;
    }

    /** Whether a coach is asked to look. */
    public boolean isMuch() {
        return share() >= MUCH;
    }
}

package wildchalk.core.grouping;

import java.util.Comparator;

/**
 * How far a division is from what is wanted, the weightiest first; less is better.
 *
 * @param musts how often wishes that may not be broken are
 * @param sizes how many people too many or too few there are in groups
 * @param spread largest minus smallest mean strength, in parts of {@link #WHOLE}; for other styles what they want
 * @param positions how unevenly positions are spread: for each the most in a group minus the fewest
 * @param wishes how often other wishes are broken
 * @param company how often pairs that are together were so lately, each the more the oftener
 */
public record Verdict(long musts, long sizes, long spread, long positions, long wishes, long company)
        implements Comparable<Verdict> {

    /** One step of strength in a spread: divisible by every size up to 20. */
    public static final long WHOLE = 232_792_560;

    private static final Comparator<Verdict> ORDER = Comparator.comparingLong(Verdict::musts)
            .thenComparingLong(Verdict::sizes)
            .thenComparingLong(Verdict::spread)
            .thenComparingLong(Verdict::positions)
            .thenComparingLong(Verdict::wishes)
            .thenComparingLong(Verdict::company);

    @Override
    public int compareTo(Verdict other) {
        return ORDER.compare(this, other);
    }

    /** Whether it is no worse than another, whoever was with whom lately. */
    public boolean isAsGoodAs(Verdict other) {
        return withoutCompany().compareTo(other.withoutCompany()) <= 0;
    }

    private Verdict withoutCompany() {
        return new Verdict(musts, sizes, spread, positions, wishes, 0);
    }

    /** Largest minus smallest mean strength, where that is what is wanted: steps of 1 to 5. */
    public double difference() {
        return (double) spread / WHOLE;
    }
}

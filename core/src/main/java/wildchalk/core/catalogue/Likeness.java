package wildchalk.core.catalogue;

import java.util.Map;
import java.util.Set;

/**
 * How much two drills are alike in what people do in them. The weights are assumed: what is done and in what order
 * counts for most, titles for nothing.
 */
public final class Likeness {

    private static final double DOES = 0.5;
    private static final double SKILLS = 0.2;
    private static final double PEOPLE = 0.15;
    private static final double SPACE = 0.1;
    private static final double SPORT = 0.05;

    private Likeness() {}

    /** From 0, nothing in common, to 1; the same whichever comes first. */
    public static double of(DrillSummary a, DrillSummary b) {
        return DOES * cosine(a.does(), b.does())
                + SKILLS * shared(a.skills(), b.skills())
                + PEOPLE * ratio(a.people(), b.people())
                + SPACE * ratio(a.along() * a.across(), b.along() * b.across())
                + SPORT * (a.sport().equals(b.sport()) ? 1 : 0);
    }

    private static double cosine(Map<String, Integer> a, Map<String, Integer> b) {
        if (a.isEmpty() && b.isEmpty()) {
            return 1;
        }
        double product = a.entrySet().stream()
                .mapToDouble(e -> (double) e.getValue() * b.getOrDefault(e.getKey(), 0))
                .sum();
        double lengths = length(a) * length(b);
        return lengths == 0 ? 0 : product / lengths;
    }

    private static double length(Map<String, Integer> counts) {
        return Math.sqrt(
                counts.values().stream().mapToDouble(n -> (double) n * n).sum());
    }

    private static double shared(Set<Skill> a, Set<Skill> b) {
        long both = a.stream().filter(b::contains).count();
        long either = a.size() + b.size() - both;
        return either == 0 ? 1 : (double) both / either;
    }

    private static double ratio(double a, double b) {
        return Math.max(a, b) == 0 ? 1 : Math.min(a, b) / Math.max(a, b);
    }
}

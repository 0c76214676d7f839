package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.measure.Unit;

/**
 * How much of what could hurt is found, and how often something is said where nothing is: counted over a table that was
 * written down before the checks were.
 */
final class SituationsTest {

    private static List<Spotted> hurting(Situations.Situation situation) {
        return LookOver.of(situation.drill(), situation.conditions(), Unit.METRES).found().stream()
                .filter(s -> s.weight() == Finding.Weight.COULD_HURT)
                .toList();
    }

    @Test
    void findsWhatCouldHurtAndLittleElse() {
        List<String> missed = new ArrayList<>();
        List<String> alarms = new ArrayList<>();
        List<Situations.Situation> all = Situations.of("situations.txt");
        long dangerous = all.stream().filter(s -> !s.expected().isEmpty()).count();
        for (Situations.Situation situation : all) {
            List<Spotted> found = hurting(situation);
            boolean hit = found.stream().anyMatch(f -> situation.expected().contains(f.check()));
            String told = situation + ": "
                    + found.stream()
                            .map(f -> f.check() + " (" + f.finding().words() + ")")
                            .collect(Collectors.joining(", "));
            if (situation.expected().isEmpty() && !found.isEmpty()) {
                alarms.add(told);
            } else if (!situation.expected().isEmpty() && !hit) {
                missed.add(told);
            }
        }
        long safe = all.size() - dangerous;
        System.out.printf(
                "Look it over: %d situations; found %d of %d that could hurt; false alarms in %d of %d that are safe%n",
                all.size(), dangerous - missed.size(), dangerous, alarms.size(), safe);
        missed.forEach(m -> System.out.println("  missed: " + m));
        alarms.forEach(a -> System.out.println("  false alarm: " + a));
        assertTrue(all.size() >= 60, "enough situations");
        assertTrue(dangerous - missed.size() >= 0.95 * dangerous, () -> "missed " + missed);
        assertTrue(alarms.size() < 0.05 * safe, () -> "false alarms " + alarms);
    }
}

package wildchalk.core.waiting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Venue;
import wildchalk.core.measure.Units;

/** What is found to help in waits of which it is known. */
class HelpsTest {

    /** Of twelve, so many have to be answered as a coach would: two may be seen otherwise. */
    private static final int RIGHT = 10;

    private static Question question(Situations.Situation s) {
        Drill drill = Ladder.put(
                Drill.empty("d", "Drill", Venue.of(s.surface().id()), "whole")
                        .withEffort(s.stage().effort()),
                s.stage());
        return new Question(drill, "s1", s.asked());
    }

    private static Helps helps(Situations.Situation s) {
        return Helps.of(question(s), Units.METRIC.unit(), () -> false);
    }

    private static String told(Helps helps) {
        List<String> told = new ArrayList<>();
        helps.helps()
                .forEach(h -> told.add(h.kind() + " " + Math.round(h.saving().seconds()) + " of "
                        + Math.round(h.saving().before().each()) + " s: " + h.words() + " x" + h.price().crossings()));
        return String.join("\n    ", told);
    }

    @Test
    void whatHelpsIsAmongTheFirstTwo() {
        List<String> right = new ArrayList<>();
        List<String> other = new ArrayList<>();
        for (Situations.Situation s : Situations.all()) {
            Helps helps = helps(s);
            boolean found = helps.helps().stream()
                    .limit(2)
                    .anyMatch(h -> s.best().contains(h.kind().name()));
            (found ? right : other).add(s + ", wanted " + s.best() + ":\n    " + told(helps));
        }
        if (System.getProperty("told") != null) {
            right.forEach(System.out::println);
            System.out.println("-----");
            other.forEach(System.out::println);
        }
        assertTrue(right.size() >= RIGHT, right.size() + " of 12 right; not so:\n" + String.join("\n", other));
    }
}

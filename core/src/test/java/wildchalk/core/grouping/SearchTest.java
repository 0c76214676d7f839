package wildchalk.core.grouping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import wildchalk.core.grouping.search.Divider;

/** Many people are divided as well as a search of another kind divides them in forty times as many tries. */
class SearchTest {

    private static final Divider DIVIDER = Divider.usual();

    /** A squad of 12 to 40 people into 2 to 8 groups, with the best that {@link LongSearch} found. */
    private record Known(int seed, int people, int groups, Verdict best) {

        static List<Known> all() throws IOException {
            try (BufferedReader in = new BufferedReader(new InputStreamReader(
                    SearchTest.class.getResourceAsStream("best-known.csv"), StandardCharsets.UTF_8))) {
                return in.lines().map(Known::of).toList();
            }
        }

        private static Known of(String line) {
            long[] n = Arrays.stream(line.split(",")).mapToLong(Long::parseLong).toArray();
            return new Known((int) n[0], (int) n[1], (int) n[2], new Verdict(n[3], n[4], n[5], n[6], n[7], n[8]));
        }

        Asked asked() {
            return new Squads(seed).asked(people, groups);
        }
    }

    @Test
    void fiftySquadsAreDividedAsWellAsIsKnown() throws IOException {
        List<Known> known = Known.all();
        assertEquals(50, known.size());
        long[] best = new long[3];
        long[] found = new long[3];
        for (Known each : known) {
            Verdict v = DIVIDER.divide(each.asked()).verdict();
            String which = each + " but " + v;
            assertEquals(each.best().musts(), v.musts(), which);
            assertEquals(each.best().sizes(), v.sizes(), which);
            assertEquals(each.best().spread(), v.spread(), which);
            best[0] += each.best().positions();
            best[1] += each.best().wishes();
            best[2] += each.best().company();
            found[0] += v.positions();
            found[1] += v.wishes();
            found[2] += v.company();
        }
        for (int level = 0; level < best.length; level++) {
            assertTrue(
                    found[level] <= best[level] * 1.01,
                    "level " + level + ": " + found[level] + ", known is " + best[level]);
        }
    }

    /** What is kept as the best known was found by the search that stands here: its beginning is run once more. */
    @Test
    void whatIsKnownWasFoundByTheOtherSearch() throws IOException {
        for (Known each : Known.all().subList(0, 4)) {
            Verdict again = LongSearch.best(each.asked(), 2, 20_000);
            assertTrue(again.compareTo(each.best()) >= 0, each + " but " + again);
            assertEquals(each.best().spread(), again.spread(), each.toString());
        }
    }

    @Test
    void sameSeedSameGroupsWhateverTheOrderOfTheList() {
        Asked asked = new Squads(3).asked(23, 4);
        List<Entrant> shuffled = new ArrayList<>(asked.people());
        Collections.shuffle(shuffled, new Random(5));
        Asked other = new Asked(shuffled, 4, Style.EVEN, asked.wishes(), asked.lately(), asked.seed());
        assertEquals(DIVIDER.divide(asked), DIVIDER.divide(other));
    }

    /** Another seed gives another division that is as good. */
    @Test
    void againGivesOthersAsGood() {
        List<Entrant> people = new Squads(8).people(18);
        Asked asked = new Asked(people, 3, Style.EVEN, List.of(), List.of(), 1);
        Division first = DIVIDER.divide(asked);
        Division second = DIVIDER.divide(asked.seeded(2));
        assertEquals(first.verdict(), second.verdict());
        assertTrue(!first.groups().equals(second.groups()));
    }

    @Test
    void whoeverStopsItGetsTheBestSoFar() {
        AtomicInteger times = new AtomicInteger();
        Division soon = DIVIDER.divide(new Squads(2).asked(40, 6), () -> times.incrementAndGet() > 3);
        assertEquals(40, soon.groups().stream().mapToInt(List::size).sum());
        assertTrue(times.get() < 20, times + " times asked");
    }

    /** Twelve evenings of 18 people in three groups: nobody is with anybody much more often than with others. */
    @Test
    void companyIsNewEveningAfterEvening() {
        List<Entrant> people = new Squads(21).people(18);
        List<List<List<String>>> lately = new ArrayList<>();
        Map<Set<String>, Integer> met = new HashMap<>();
        for (int evening = 0; evening < 12; evening++) {
            Asked asked = new Asked(people, 3, Style.EVEN, List.of(), lately, evening);
            List<List<String>> groups = DIVIDER.divide(asked).groups();
            lately.add(groups);
            for (List<String> group : groups) {
                for (String a : group) {
                    group.stream()
                            .filter(b -> a.compareTo(b) < 0)
                            .forEach(b -> met.merge(Set.of(a, b), 1, Integer::sum));
                }
            }
        }
        double average = met.values().stream().mapToInt(n -> n).sum() / (18 * 17 / 2.0);
        int most = Collections.max(met.values());
        assertTrue(most <= average * 1.5, "on average " + average + ", most " + most);
    }
}

package wildchalk.core.grouping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import wildchalk.core.grouping.search.Divider;

/** Whoever is there is in one group, and a hard wish holds or is named. */
class GroupingProperties {

    @Property(tries = 40, seed = "19081")
    void everybodyIsInOneGroupAndHardWishesHoldOrAreNamed(
            @ForAll @IntRange(max = 100_000) int seed,
            @ForAll @IntRange(min = 2, max = 24) int people,
            @ForAll @IntRange(min = 1, max = 6) int groups,
            @ForAll Style style) {
        int n = Math.max(people, groups);
        Asked even = new Squads(seed).asked(n, groups);
        Asked asked = new Asked(even.people(), groups, style, even.wishes(), even.lately(), seed);
        Division division = Divider.usual().divide(asked);
        assertEquals(groups, division.groups().size());
        Set<String> all = new HashSet<>();
        division.groups().forEach(g -> g.forEach(p -> assertTrue(all.add(p), p + " is in two groups")));
        assertEquals(n, all.size());

        List<Wish> musts = asked.wishes().stream().filter(Wish::must).toList();
        boolean can = Hindrance.canBeHad(asked, musts);
        assertEquals(can, division.verdict().musts() == 0, () -> asked.wishes() + " in " + division.groups());
        List<Wish> hindrance = Hindrance.of(asked);
        assertEquals(can, hindrance.isEmpty());
        if (!can) {
            // Each of them is needed for it: without any one of them the others can be had.
            for (Wish wish : hindrance) {
                List<Wish> without = hindrance.stream().filter(w -> w != wish).toList();
                assertTrue(Hindrance.canBeHad(asked, without), wish + " of " + hindrance);
            }
            List<String> told = new GroupWords(asked, id -> id).told(division);
            assertTrue(told.stream().anyMatch(t -> t.startsWith("Cannot ")), told.toString());
        }
        boolean named = division.verdict().sizes() == 0
                || new GroupWords(asked, id -> id)
                        .told(division).stream().anyMatch(t -> t.startsWith("Groups are not of one size"));
        assertTrue(named, "sizes that differ by more than one are said");
        assertFalse(musts.isEmpty() && division.verdict().sizes() > 0, "nobody asked for that");
    }
}

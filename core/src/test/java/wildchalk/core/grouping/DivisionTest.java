package wildchalk.core.grouping;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wildchalk.core.grouping.search.Divider;

/** Few people are divided as well as they can be: every division there is was tried beside it. */
class DivisionTest {

    private static final int SQUADS = 300;
    /** The second trying takes every division of any sizes, so that people are few where groups are many. */
    private static final int[] MOST = {0, 10, 10, 10, 9, 8};

    static double[] numbers(Verdict v) {
        return new double[] {
            v.musts(), v.sizes(), v.difference(), v.positions(), v.wishes(), v.company(),
        };
    }

    @Test
    void groupsOfFewAreAsGoodAsTheBestOfAll() {
        Random random = new Random(14);
        for (int k = 0; k < SQUADS; k++) {
            int groups = 2 + random.nextInt(4);
            int people = Math.max(groups, 2 + random.nextInt(MOST[groups] - 1));
            Asked asked = new Squads(k).asked(people, groups);
            Division found = Divider.usual().divide(asked);
            assertArrayEquals(
                    new Tried(asked).best(), numbers(found.verdict()), 1e-6, "squad " + k + ", " + asked.wishes());
            assertEquals(people, found.groups().stream().mapToInt(List::size).sum());
        }
    }

    /** The judgement itself, worked out a second time. */
    @Test
    void theJudgeCountsAsIsCountedByName() {
        for (int k = 0; k < SQUADS; k++) {
            Random random = new Random(k);
            int groups = 2 + random.nextInt(6);
            int n = groups + random.nextInt(30);
            Asked asked = new Squads(k).asked(n, groups);
            int[] group = random.ints(n, 0, groups).toArray();
            Verdict judged = new Judge(asked).judge(group);
            assertArrayEquals(new Tried(asked).judged(group), numbers(judged), 1e-6, "squad " + k);
        }
    }

    @Test
    void aboutSoManyInAGroup() {
        assertEquals(4, Asked.ofAbout(16, 4));
        assertEquals(5, Asked.ofAbout(18, 4));
        assertEquals(3, Asked.ofAbout(13, 4));
        assertEquals(1, Asked.ofAbout(3, 8));
        assertEquals(2, Asked.ofAbout(2, 1));
        assertTrue(Asked.ofAbout(1, 5) == 1);
    }
}

package wildchalk.core.grouping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.grouping.Entrant.Note;
import wildchalk.core.grouping.search.Divider;

/** What is said of groups, and why what was wished for cannot be had. */
class GroupWordsTest {

    private static final Map<String, String> NAMES =
            Map.of("a", "Odile", "b", "Paavo", "c", "Wenna", "d", "Tibor", "e", "Maren", "f", "Idris", "g", "Calla");

    private static Entrant one(String id, int strength, String position, Note... notes) {
        return new Entrant(id, strength, List.of(position), Handed.RIGHT, Set.of(notes));
    }

    private static final List<Entrant> SIX = List.of(
            one("a", 5, "back"),
            one("b", 1, "back"),
            one("c", 4, "keeper"),
            one("d", 2, "front", Note.LATE),
            one("e", 3, "front", Note.EASY),
            one("f", 3, "middle", Note.EASY));

    private static List<String> told(Style style, int groups, List<List<List<String>>> lately, Wish... wishes) {
        Asked asked = new Asked(SIX, groups, style, List.of(wishes), lately, 1);
        return new GroupWords(asked, NAMES::get).told(Divider.usual().divide(asked));
    }

    @Test
    void evenGroupsAndWishesThatHold() {
        assertEquals(
                List.of(
                        "Even: 2.7, 3.3 on average; no other division is more even.",
                        "Odile and Paavo together, Wenna and Tibor apart, those who take it easy in one group, as wished."),
                told(
                        Style.EVEN,
                        2,
                        List.of(),
                        new Wish.Together(List.of("a", "b"), true),
                        new Wish.Apart(List.of("c", "d"), true),
                        new Wish.EasyTogether(false)));
    }

    @Test
    void aKeeperInEachOfThreeGroupsCannotBeHadWithOne() {
        assertEquals(
                List.of("Even: 6, 6, 6.", "Cannot be had: a keeper in each.", "There is one for 3 groups."),
                told(Style.EVEN, 3, List.of(), new Wish.InEach("keeper", true)));
    }

    /** Of five wishes only the three that contradict one another are named. */
    @Test
    void theLeastSetThatStandsInTheWayIsNamed() {
        List<String> told = told(
                Style.EVEN,
                2,
                List.of(),
                new Wish.LateLast(true),
                new Wish.Together(List.of("a", "b"), true),
                new Wish.Pinned("e", 0, true),
                new Wish.Together(List.of("b", "c"), true),
                new Wish.Apart(List.of("a", "c"), true));
        assertTrue(
                told.contains(
                        "Cannot all be had: Odile and Paavo together, Paavo and Wenna together, Odile and Wenna apart."),
                told.toString());
        assertTrue(
                told.stream().anyMatch(t -> t.contains("Maren in group 1") && t.endsWith("as wished.")),
                told.toString());
    }

    /** Hard wishes come before sizes: whoever asks for it gets groups that are not of one size, and is told. */
    @Test
    void unequalSizesAreSaid() {
        List<String> told = told(Style.EVEN, 2, List.of(), new Wish.Together(List.of("a", "b", "c", "d"), true));
        assertTrue(
                told.contains("Groups are not of one size: 4, 2.")
                        || told.contains("Groups are not of one size: 2, 4."),
                told.toString());
    }

    @Test
    void theThirdTimeInARowIsSaid() {
        List<List<String>> evening = List.of(List.of("a", "b", "c"), List.of("d", "e", "f"));
        List<String> told = told(Style.EVEN, 2, List.of(evening, evening), new Wish.Together(List.of("a", "b"), true));
        assertTrue(told.contains("Together for the third time in a row: Odile and Paavo."), told.toString());
    }

    @Test
    void otherStyles() {
        Asked strength = new Asked(SIX, 2, Style.STRENGTH, List.of(), List.of(), 1);
        Division strong = Divider.usual().divide(strength);
        assertTrue(
                strong.groups().get(0).containsAll(List.of("a", "c")),
                strong.groups().toString());
        assertEquals(
                "From strong to weak: 4.0, 2.0 on average.",
                new GroupWords(strength, NAMES::get).told(strong).get(0));
        assertEquals(List.of("By position; 2 play elsewhere."), told(Style.POSITION, 2, List.of()));
        List<Entrant> mirrored = new ArrayList<>(SIX.subList(0, 0));
        for (int i = 0; i < 4; i++) {
            mirrored.add(one("abcd".substring(i, i + 1), 2 + i / 2, i / 2 == 0 ? "back" : "front"));
        }
        Asked mirror = new Asked(mirrored, 2, Style.MIRROR, List.of(), List.of(), 1);
        Division sides = Divider.usual().divide(mirror);
        assertEquals(List.of("Alike, position by position."), new GroupWords(mirror, NAMES::get).told(sides));
        Asked one = new Asked(SIX, 3, Style.ONE_STRONG, List.of(), List.of(), 1);
        assertEquals(
                Set.of("a", "c"),
                Set.copyOf(Divider.usual().divide(one).groups().get(0)));
        assertEquals(List.of("By lot (lots 1)."), told(Style.RANDOM, 2, List.of()));
    }

    @Test
    void draggedByHandItIsJudgedAnew() {
        Asked asked = new Asked(SIX, 2, Style.EVEN, List.of(new Wish.Apart(List.of("a", "b"), true)), List.of(), 1);
        Division dragged = Division.judged(asked, List.of(List.of("a", "b", "c"), List.of("d", "e")));
        assertEquals(List.of(List.of("a", "b", "c"), List.of("d", "e", "f")), dragged.groups());
        assertEquals(1, dragged.verdict().musts());
        assertTrue(new GroupWords(asked, NAMES::get).told(dragged).contains("Not to be had: Odile and Paavo apart."));
    }
}

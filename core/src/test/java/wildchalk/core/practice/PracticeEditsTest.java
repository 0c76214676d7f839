package wildchalk.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.document.Edit;
import wildchalk.core.document.History;

/** What can be done to an evening, and that each of it can be taken back. */
class PracticeEditsTest {

    private static final Practice EVENING = Practice.empty(
                    "p", "An evening", new Slot(Optional.empty(), LocalTime.of(19, 0), 60))
            .with(0, PlanTest.drill("", "weir", 10, Content.Telling.KNOWN))
            .with(1, PlanTest.words("", Content.Sort.WATER, 2))
            .with(2, PlanTest.drill("", "mill", 12, Content.Telling.FRESH));

    private static List<String> order(Practice practice) {
        return practice.blocks().stream().map(Block::id).toList();
    }

    private static Block block(Practice practice, String id) {
        return practice.block(id).orElseThrow();
    }

    @Test
    void aBlockGoesWhereItIsDropped() {
        Block weir = block(EVENING, "b1");
        assertEquals(
                List.of("b2", "b3", "b1"), order(PracticeEdits.move(weir, 3).apply(EVENING)));
        assertEquals(
                List.of("b2", "b1", "b3"), order(PracticeEdits.move(weir, 2).apply(EVENING)));
        assertEquals(order(EVENING), order(PracticeEdits.move(weir, 0).apply(EVENING)));
        assertEquals(order(EVENING), order(PracticeEdits.move(weir, 1).apply(EVENING)));
        Block mill = block(EVENING, "b3");
        Practice first = PracticeEdits.move(mill, 0).apply(EVENING);
        assertEquals(List.of("b3", "b1", "b2"), order(first));
        assertEquals(EVENING, PracticeEdits.move(mill, 3).apply(first), "there and back changes nothing");
    }

    @Test
    void itIsPulledBeyondItsLimits() {
        Block weir = block(EVENING, "b1").lasting(new Block.Time(8, 10, 12));
        Practice evening = PracticeEdits.change(weir).apply(EVENING);
        assertEquals(
                new Block.Time(8, 15, 15),
                block(PracticeEdits.last(weir, 15).apply(evening), "b1").time());
        assertEquals(
                new Block.Time(5, 5, 12),
                block(PracticeEdits.last(weir, 5).apply(evening), "b1").time());
        assertEquals(
                new Block.Time(1, 1, 12),
                block(PracticeEdits.last(weir, -3).apply(evening), "b1").time());
    }

    @Test
    void twoAtOneTimeAndOneAfterAnotherAgain() {
        Practice together =
                PracticeEdits.beside(block(EVENING, "b3"), block(EVENING, "b1")).apply(EVENING);
        assertEquals(2, together.blocks().size());
        Block both = together.blocks().get(0);
        assertEquals(List.of("b1", "b3"), both.parts().stream().map(Block::id).toList());
        assertEquals(List.of(1, 2), both.parts().stream().map(Block::group).toList());
        assertEquals(10, both.time().now(), "as long as what was there");
        Practice three = PracticeEdits.beside(block(together, "b2"), both).apply(together);
        assertEquals(3, three.blocks().get(0).parts().size());
        Practice noted = PracticeEdits.change(block(three, "b3").noting("low")).apply(three);
        assertEquals("low", block(noted, "b3").note(), "each of them can be changed");
        Practice apart = PracticeEdits.apart(noted.blocks().get(0)).apply(noted);
        assertEquals(List.of("b1", "b3", "b2"), order(apart));
        assertTrue(apart.blocks().stream().allMatch(b -> b.group() == 0));
        Practice one = PracticeEdits.remove(block(together, "b1")).apply(together);
        assertEquals(List.of("b3", "b2"), order(one), "what was beside another is there alone");
        Practice again = PracticeEdits.again(both).apply(together);
        Set<String> ids = new HashSet<>();
        assertTrue(again.blocks().stream().flatMap(Block::all).allMatch(b -> ids.add(b.id())), again.toString());
    }

    @Test
    void whatComesBeforeTakesAsLongAsTheCoachSays() {
        Practice said =
                PracticeEdits.after(block(EVENING, "b3"), OptionalInt.of(200)).apply(EVENING);
        Plan before = Plan.of(EVENING, PlanTest.NEEDS);
        Plan after = Plan.of(said, PlanTest.NEEDS);
        Change change = after.entries().get(2).before();
        assertEquals(200, change.seconds());
        assertEquals(before.entries().get(2).before().seconds(), change.workedOut(), "what it is made of still stands");
        assertEquals(200 - change.workedOut(), after.seconds() - before.seconds());
        assertEquals(
                EVENING,
                PracticeEdits.after(block(said, "b3"), OptionalInt.empty()).apply(said));
    }

    @Test
    void allOfItCanBeTakenBack() {
        List<Edit<Practice>> edits = List.of(
                PracticeEdits.add(1, Block.of("", new Content.Game("on", Optional.empty(), ""), Block.Time.of(8))),
                PracticeEdits.rename("Other"),
                PracticeEdits.about("speed"),
                PracticeEdits.in(Practice.Heat.HOT),
                PracticeEdits.on("handball", "old hall"),
                PracticeEdits.given(Company.of(9, 1, 1)),
                PracticeEdits.having(block(EVENING, "b1"), false),
                PracticeEdits.beside(block(EVENING, "b3"), block(EVENING, "b1")),
                PracticeEdits.fit(EVENING.in(new Slot(Optional.empty(), LocalTime.of(19, 5), 40))));
        History<Practice> history = History.of(EVENING);
        for (Edit<Practice> edit : edits) {
            history = history.after(edit);
        }
        assertEquals(edits.size(), history.done().size());
        while (history.nextUndo().isPresent()) {
            history = history.undo();
        }
        assertTrue(history.now().isLike(EVENING));
    }
}

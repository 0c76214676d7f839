package wildchalk.core.pitchside;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.effort.Dose;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;

/** What is on, what comes and how late it is, worked out by hand. */
class RundownTest {

    private static final Practice EVENING = Practice.empty(
                    "p", "An evening", new Slot(Optional.empty(), LocalTime.of(19, 0), 20))
            .with(
                    0,
                    Block.of(
                            "",
                            new Content.Play(
                                    new Content.Planned("across", 0, "Across"), List.of(), 1, Content.Telling.FRESH),
                            Block.Time.of(8)))
            .with(1, Block.of("", new Content.Words(Content.Sort.WATER, ""), Block.Time.of(2)))
            .with(2, Block.of("", new Content.Game("along", Optional.empty(), ""), Block.Time.of(10)));

    private static Run begun() {
        Course course = Course.of(
                Plan.of(EVENING, b -> Optional.empty()),
                (play, rung) -> Dose.read("2 min left, 2 min right"),
                Practice.Warned.USUAL);
        return Machine.deed(Machine.deed(Run.of(course), new Deed.Go()).run(), new Deed.Next())
                .run();
    }

    @Test
    void theThirdTurnOfFour() {
        Run run = Machine.tick(begun(), 4 * 60_000 + 30_000).run();
        Rundown rundown = Rundown.of(run, EVENING, LocalTime.of(19, 6, 30));
        assertEquals("b1", rundown.on().orElseThrow().id());
        assertEquals(List.of(3, 4), List.of(rundown.turn(), rundown.turns()));
        assertEquals("left", rundown.stretch().orElseThrow().words());
        assertEquals(90_000, rundown.left());
        assertEquals(
                List.of(
                        new Rundown.Coming("Water", LocalTime.of(19, 10)),
                        new Rundown.Coming("Game: along", LocalTime.of(19, 12))),
                rundown.coming());
        assertEquals(LocalTime.of(19, 22), rundown.done());
        assertEquals(2, rundown.late());
    }

    @Test
    void whatIsNotBegunGoesOnForLonger() {
        Run run = Machine.tick(begun(), 8 * 60_000).run();
        assertEquals(Stretch.Kind.BEFORE, run.stretch().orElseThrow().kind());
        run = Machine.tick(run, 75_000).run();
        Rundown rundown = Rundown.of(run, EVENING, LocalTime.of(19, 8));
        assertEquals(-75_000, rundown.left());
        assertEquals(0, rundown.turn());
        assertEquals("b2", rundown.on().orElseThrow().id());
        assertEquals(0, rundown.late(), "ten and two minutes from eight past on");
    }

    @Test
    void earlyAndOverMidnight() {
        Run over = begun();
        for (int i = 0; i < 3; i++) {
            over = Machine.deed(over, new Deed.Skip()).run();
        }
        assertTrue(over.isOver());
        Rundown rundown = Rundown.of(over, EVENING, LocalTime.of(19, 14));
        assertTrue(rundown.on().isEmpty() && rundown.coming().isEmpty());
        assertEquals(-6, rundown.late());
        Practice late = EVENING.in(new Slot(Optional.empty(), LocalTime.of(23, 50), 20));
        assertEquals(5, Rundown.of(over, late, LocalTime.of(0, 15)).late());
    }
}

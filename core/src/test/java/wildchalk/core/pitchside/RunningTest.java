package wildchalk.core.pitchside;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.call.Calling;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;

/** A run as a document: found again, asked about, fitted, without a name. */
class RunningTest {

    private static final long BEGUN = 1_700_000_000_000L;
    private static final long MINUTE = 60_000;

    private static final Practice EVENING = Practice.empty(
                    "p", "An evening", new Slot(Optional.empty(), LocalTime.of(19, 0), 32))
            .with(0, Block.of("", new Content.Game("across", Optional.empty(), ""), Block.Time.of(10)))
            .with(1, Block.of("", new Content.Game("along", Optional.empty(), ""), new Block.Time(6, 12, 14)))
            .with(
                    2,
                    Block.of("", new Content.Game("both", Optional.empty(), ""), new Block.Time(5, 8, 10))
                            .having(false));

    private static Running begun() {
        Course course = Course.of(Plan.of(EVENING, b -> Optional.empty()), Course.Doses.UNSAID, Practice.Warned.USUAL);
        return new Running("r", "An evening", EVENING, 0, course, new Running.Chance(BEGUN, 7), List.of(), false);
    }

    private static Running doing(Running running, long clock, Deed deed) {
        return running.with(new Running.Moment(clock, BEGUN + clock, Optional.of(deed)));
    }

    private static Running playing() {
        return doing(doing(begun(), 0, new Deed.Go()), 0, new Deed.Next());
    }

    @Test
    void afterAKillItGoesOnByTheClockOnTheWall() {
        Running running = doing(playing(), 3 * MINUTE, new Deed.Called("sky"));
        assertEquals(Optional.of(90_000L), running.since(running.last(), BEGUN + 3 * MINUTE + 90_000));
        Run run = running.at(3 * MINUTE + 90_000);
        assertEquals(10 * MINUTE - 3 * MINUTE - 90_000, run.left());
        assertTrue(run.going());
    }

    @Test
    void whatCannotBeIsAsked() {
        Running running = playing();
        Running.Sighting seen = new Running.Sighting(5 * MINUTE, BEGUN + 5 * MINUTE);
        assertTrue(running.since(seen, BEGUN + 4 * MINUTE).isEmpty(), "the clock on the wall was put back");
        assertTrue(running.since(seen, BEGUN + 40 * MINUTE).isPresent(), "a long evening");
        assertTrue(running.since(seen, BEGUN + 80 * MINUTE).isEmpty(), "nobody is still at it");
        // A clock that was set while it ran is known by when it was seen last.
        Running.Sighting set = new Running.Sighting(5 * MINUTE, BEGUN + 125 * MINUTE);
        assertEquals(Optional.of(MINUTE), running.since(set, BEGUN + 126 * MINUTE));
    }

    @Test
    void whatIsCountedAfterTheHornCountsForTheGameBefore() {
        Running running = playing();
        assertEquals(Optional.of("b1"), running.at(0).counting());
        Run after = running.at(10 * MINUTE + 5000);
        assertEquals(Stretch.Kind.BEFORE, after.stretch().orElseThrow().kind());
        assertEquals(Optional.of("b1"), after.counting());
        assertEquals(
                Optional.of("b2"), Machine.deed(after, new Deed.Next()).run().counting());
        assertEquals(Optional.of("b1"), begun().at(0).counting(), "what is counted too soon counts for the first");
        Running early = doing(begun(), 500, new Deed.Counted("gate", "sky", 1));
        assertEquals(1, early.at(1000).done("b1", Deed.Counted.class).size());
    }

    @Test
    void marksAreThoseThatWereMadeLast() {
        Running running = doing(playing(), 1000, new Deed.Marked("Ida", false));
        running = doing(running, 2000, new Deed.Marked("Bo", true));
        running = doing(running, 3000, new Deed.Marked("Ida", true));
        assertEquals(Map.of("Ida", true, "Bo", true), running.at(4000).marks("b1"));
        assertEquals(Map.of(), running.at(4000).marks("b2"));
    }

    @Test
    void lateWhatIsLeftIsFittedAndTimeThatIsSavedComesBack() {
        // Ten minutes late: 32 were planned for 30, so 8 of what is left must go.
        Run late = playing().at(0);
        Refit refit = Refit.of(EVENING, late, b -> Optional.empty(), Course.Doses.UNSAID, LocalTime.of(19, 10))
                .orElseThrow();
        assertEquals(0, refit.over());
        long rest = refit.rest().stream().mapToLong(Stretch::millis).sum();
        assertEquals(12 * MINUTE, rest, "from 19:20 on there are twelve minutes");
        assertEquals("It fits then: Game: both goes. Nothing would lose less.", refit.words());
        Run fitted = Machine.deed(late, new Deed.Anew(refit.rest())).run();
        assertEquals(22 * MINUTE, fitted.rest());
        // The first game is cut short: what was cut of the others comes back.
        Run early = Machine.tick(fitted, 2 * MINUTE).run();
        Refit again = Refit.of(
                        EVENING,
                        Machine.deed(early, new Deed.More(-8 * MINUTE)).run(),
                        b -> Optional.empty(),
                        Course.Doses.UNSAID,
                        LocalTime.of(19, 12))
                .orElseThrow();
        assertEquals(
                20 * MINUTE, again.rest().stream().mapToLong(Stretch::millis).sum());
    }

    @Test
    void whereNothingComesThereIsNothingToFit() {
        Run last = playing().at(0);
        for (int i = 0; i < 2; i++) {
            last = Machine.deed(last, new Deed.Skip()).run();
        }
        assertTrue(Refit.of(EVENING, last, b -> Optional.empty(), Course.Doses.UNSAID, LocalTime.of(19, 30))
                .isEmpty());
        Run over = Machine.deed(last, new Deed.Skip()).run();
        assertTrue(over.isOver());
        assertTrue(Refit.of(EVENING, over, b -> Optional.empty(), Course.Doses.UNSAID, LocalTime.of(19, 30))
                .isEmpty());
    }

    @Test
    void withoutSomebodysName() {
        Running running = doing(playing(), 1000, new Deed.Marked("Ida", false));
        running = doing(running, 2000, new Deed.Noted("Ida is late to the ball"));
        running = doing(running, 3000, new Deed.Timed("sprint", "Ida", 20, List.of(3400L)));
        running = doing(running, 4000, new Deed.Counted("gate", "Ida", 1));
        running = doing(running, 5000, new Deed.Called("Ida"));
        running = doing(running, 6000, new Deed.Agreed("Ida, Bo", "gate for Ida"));
        Running silent = running.silentOf("Ida");
        assertFalse(silent.toString().contains("Ida"), silent.toString());
        assertEquals(running.moments().size(), silent.moments().size());
        assertEquals(running.at(MINUTE).left(), silent.at(MINUTE).left());
    }

    @Test
    void callsOfABlockAreThoseOfItAlone() {
        Running running = doing(playing(), 1000, new Deed.Called("left"));
        running = doing(running, 2000, new Deed.Called("something else"));
        Calling calling = Calling.read("left, right").orElseThrow();
        Run run = running.at(3000);
        Calls calls = Calls.of(calling, Calls.Known.NOTHING, run, "b1").orElseThrow();
        assertEquals(Map.of("left", 1, "right", 0), calls.often());
        assertEquals(
                Map.of("left", 0, "right", 0),
                Calls.of(calling, Calls.Known.NOTHING, run, "b2").orElseThrow().often());
        assertTrue(
                Calls.of(Calling.read("colours").orElseThrow(), Calls.Known.NOTHING, run, "b1")
                        .isEmpty(),
                "no colour is out");
    }

    @Test
    void theScreenChangesNoMoreThanTwiceASecond() {
        Flashes flashes = new Flashes();
        long last = Long.MIN_VALUE / 2;
        for (long now : new long[] {0, 10, 20, 30, 400, 2500, 2600, 2700, 9000}) {
            long at = flashes.next(now);
            assertTrue(at >= now && at - last >= 500, now + " " + at + " " + last);
            last = at;
        }
        assertEquals(9000, last, "what is not too soon comes at once");
    }

    @Test
    void nothingIsLostOfTimeThatIsLookedAtOften() {
        Time before = new Time(0, 0);
        long millis = 0;
        for (int i = 1; i <= 100_000; i++) {
            Time now = new Time(i * 1_999_999L, i * 2L);
            Time.Passed passed = now.since(before);
            millis += passed.millis();
            before = now.from(before, passed);
        }
        assertEquals(199_999, millis);
    }
}

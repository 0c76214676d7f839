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

/** What a practice is made of when it is run, and what two clocks say of the time. */
class CourseTest {

    private static List<String> told(String dose, int minutes) {
        return Course.turns("b", "", minutes * 60_000L, Dose.read(dose)).stream()
                .map(s -> s.kind() + " " + s.words() + " " + s.millis() / 1000)
                .toList();
    }

    @Test
    void aBlockIsMadeOfTheTurnsThatAreSaid() {
        assertEquals(List.of("PLAY left 180", "PLAY right 180"), told("3 min left, 3 min right", 6));
        assertEquals(
                List.of("PLAY left 150", "PLAY right 150", "PLAY left 150", "PLAY right 150"),
                told("3 min left, 3 min right", 10));
        List<String> shifts = told("35 s, 25 s rest", 4);
        assertEquals(8, shifts.size());
        assertEquals("PLAY  35", shifts.get(0));
        assertEquals("REST rest 25", shifts.get(7));
        assertEquals(List.of("PLAY 6 off each foot 480"), told("6 off each foot", 8));
        assertEquals(List.of("PLAY  300"), told("20 min", 5), "what is far too long for it is not asked for");
    }

    @Test
    void theTurnsFillTheBlockToTheMillisecond() {
        for (int minutes = 1; minutes <= 40; minutes++) {
            long millis =
                    Course.turns("b", "", minutes * 60_000L, Dose.read("47 s one way, 13 s rest, 1.5 min both"))
                            .stream()
                            .mapToLong(Stretch::millis)
                            .sum();
            assertEquals(minutes * 60_000L, millis);
        }
    }

    @Test
    void aPracticeIsItsBlocksWithWhatComesBefore() {
        Practice practice = Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .with(0, Block.of("", new Content.Game("on", Optional.empty(), ""), Block.Time.of(8)))
                .with(1, Block.of("", new Content.Words(Content.Sort.WATER, ""), Block.Time.of(2)));
        Course course = Course.of(Plan.of(practice, b -> Optional.empty()), Course.Doses.UNSAID, Practice.Warned.USUAL);
        assertEquals(
                List.of("b1 BEFORE", "b1 PLAY", "b2 BEFORE", "b2 PLAY"),
                course.stretches().stream().map(s -> s.block() + " " + s.kind()).toList());
        assertEquals(10 * 60_000L, course.millis());
    }

    @Test
    void rungsAreClimbedEachForItsMinutesOrItsShare() {
        Content.Play play = new Content.Play(
                new Content.Planned("d", 0, "d"),
                List.of(new Content.Climb("s1", 4, ""), Content.Climb.of("s2"), Content.Climb.of("s3")),
                1,
                Content.Telling.KNOWN);
        Practice practice = Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .with(0, Block.of("", play, Block.Time.of(12)));
        Course.Doses doses = (p, rung) -> rung.equals("s2") ? Dose.read("1 min left, 1 min right") : Optional.empty();
        Course course = Course.of(Plan.of(practice, b -> Optional.empty()), doses, Practice.Warned.USUAL);
        assertEquals(
                List.of(
                        "BEFORE   10",
                        "PLAY s1  240",
                        "PLAY s2 left 60",
                        "PLAY s2 right 60",
                        "PLAY s2 left 60",
                        "PLAY s2 right 60",
                        "PLAY s3  240"),
                course.stretches().stream()
                        .map(s -> s.kind() + " " + s.rung() + " " + s.words() + " " + s.millis() / 1000)
                        .toList());
    }

    @Test
    void endsAreHeardAsTheEveningSays() {
        Course quiet = new Course(
                List.of(
                        new Stretch("b1", Stretch.Kind.PLAY, "", 90_000),
                        new Stretch("b2", Stretch.Kind.PLAY, "", 90_000)),
                new Practice.Warned(10, false, false));
        Run run = Machine.deed(Run.of(quiet), new Deed.Go()).run();
        assertEquals(List.of(Signal.WARNING), Machine.tick(run, 90_000).signals());
        Run usual = Machine.deed(Run.of(new Course(quiet.stretches())), new Deed.Go())
                .run();
        assertEquals(
                List.of(Signal.WARNING, Signal.TICK, Signal.TICK, Signal.TICK, Signal.HORN),
                Machine.tick(usual, 90_000).signals());
        assertEquals(List.of(), Machine.tick(usual, 59_999).signals());
    }

    @Test
    void timeByTwoClocks() {
        Time then = new Time(0, 1_000_000);
        assertEquals(new Time.Passed(40, 0, 0), new Time(40_000_000L, 1_000_041).since(then));
        assertEquals(
                new Time.Passed(600_000, 598_500, 0),
                new Time(1_500_000_000L, 1_600_000).since(then),
                "the machine slept for ten minutes");
        assertEquals(
                new Time.Passed(50, 0, 3_600_000 - 50),
                new Time(50_000_000L, 1_000_000 + 3_600_000).since(then),
                "a clock that is put on while somebody looks is not believed");
        assertEquals(
                new Time.Passed(50, 0, -3_600_050),
                new Time(50_000_000L, 1_000_000 - 3_600_000).since(then),
                "nor put back");
        assertEquals(
                new Time.Passed(900, 0, 30L * 60 * 60 * 1000 - 900),
                new Time(900_000_000L, 1_000_000 + 30L * 60 * 60 * 1000).since(then),
                "nobody slept through a day in a practice");
        assertEquals(new Time.Passed(0, 0, 0), new Time(-5_000_000L, 1_000_000).since(then), "time never goes back");
        assertEquals(Optional.of(90_000L), Time.sinceTheEnd(1_000_000, 1_090_000));
        assertTrue(Time.sinceTheEnd(1_000_000, 900_000).isEmpty(), "before it ended it cannot be");
        assertTrue(Time.sinceTheEnd(0, 24L * 60 * 60 * 1000).isEmpty());
    }
}

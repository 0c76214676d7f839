package wildchalk.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wildchalk.core.carousel.Turns;
import wildchalk.core.effort.Effort;
import wildchalk.core.measure.Unit;
import wildchalk.core.pitchside.Briefing;
import wildchalk.core.pitchside.Course;
import wildchalk.core.pitchside.Stretch;

/** Groups that go round the blocks of an evening. */
class GoingRoundTest {

    private static Company company(int groups) {
        return new Company(
                "",
                new Company.Heads(groups * 4, 0, 3, 0),
                IntStream.range(0, groups).mapToObj(g -> 4).toList(),
                List.of(),
                List.of(),
                Effort.Level.ADULT);
    }

    private static Practice evening(int places, int groups, int minutes) {
        List<Block> parts = new ArrayList<>();
        for (int p = 0; p < places; p++) {
            parts.add(Block.of("p" + p, new Content.Game("game " + p, Optional.empty(), ""), Block.Time.of(minutes)));
        }
        Practice practice = Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .given(Practice.Setting.UNSAID.with(company(groups)))
                .with(0, Block.of("", new Content.Beside(parts), Block.Time.of(minutes)));
        return PracticeEdits.goRound(practice.blocks().get(0), Optional.of(new Content.Round(false)))
                .apply(practice);
    }

    private static GoingRound round(Practice practice) {
        return GoingRound.of(practice.blocks().get(0), practice.company(), b -> Optional.empty())
                .orElseThrow();
    }

    @Test
    void threePlacesThreeGroupsTwentyMinutes() {
        Practice evening = evening(3, 3, 20);
        assertEquals(
                "Round: Game: game 0, Game: game 1, Game: game 2",
                BlockWords.of(evening.blocks().get(0)));
        assertEquals(
                List.of(1, 2, 3),
                evening.blocks().get(0).parts().stream().map(Block::group).toList(),
                "whoever had no group has one");
        GoingRound round = round(evening);
        assertEquals(3, round.turns().count());
        // Each change: 40 m at 2.5 m a second and five seconds until all have heard it, twice.
        assertEquals(21, round.change(1), 1e-9);
        assertEquals((20 * 60 - 42) / 3.0, round.seconds(), 1e-9);
        for (int g = 0; g < 3; g++) {
            assertEquals(g, round.turns().place(0, g), "each begins where it is said to");
        }
    }

    @Test
    void groupsBeginWhereTheCoachSays() {
        Practice evening = evening(3, 4, 24);
        evening = evening.changing("p0", b -> b.forGroup(4))
                .changing("p1", b -> b.forGroup(1))
                .changing("p2", b -> b.forGroup(3));
        Turns turns = round(evening).turns();
        assertEquals(List.of(3), turns.there(0, 0));
        assertEquals(List.of(0), turns.there(0, 1));
        assertEquals(List.of(2), turns.there(0, 2));
        assertEquals(List.of(1), turns.there(0, Turns.REST), "the second rests first");
        for (int g = 0; g < 4; g++) {
            int group = g;
            for (int p = 0; p < 3; p++) {
                int place = p;
                assertEquals(
                        1,
                        turns.at().stream().filter(t -> t.get(group) == place).count());
            }
        }
        // Two that are said to begin at one place: they begin as they come.
        Practice odd = evening.changing("p1", b -> b.forGroup(4));
        assertEquals(4, round(odd).turns().count());
    }

    @Test
    void theCourseIsTurnsWithChangesBetweenToTheMillisecond() {
        Practice evening = evening(4, 4, 25);
        Briefing briefing = Briefing.of(evening, Map.of(), Optional.empty(), Unit.METRES);
        Course course = Course.of(Plan.of(evening, b -> Optional.empty()), briefing.doses(), Practice.Warned.USUAL);
        List<Stretch> block = course.stretches().stream()
                .filter(s -> s.kind() != Stretch.Kind.BEFORE)
                .toList();
        assertEquals(7, block.size(), "four turns, three changes");
        assertEquals(25 * 60_000, block.stream().mapToLong(Stretch::millis).sum());
        Practice flipped = PracticeEdits.goRound(evening.blocks().get(0), Optional.of(new Content.Round(true)))
                .apply(evening);
        List<Stretch> halves = Course.of(
                        Plan.of(flipped, b -> Optional.empty()),
                        Briefing.of(flipped, Map.of(), Optional.empty(), Unit.METRES)
                                .doses(),
                        Practice.Warned.USUAL)
                .stretches();
        assertEquals(
                8, halves.stream().filter(s -> s.kind() == Stretch.Kind.PLAY).count());
        assertTrue(halves.stream().anyMatch(s -> s.words().equals("the other side")));
    }

    @Test
    void thereAndBackAndWhatDoesNotGoRound() {
        Practice evening = evening(3, 3, 20);
        Practice back =
                PracticeEdits.goRound(evening.blocks().get(0), Optional.empty()).apply(evening);
        assertTrue(GoingRound.of(back.blocks().get(0), back.company(), b -> Optional.empty())
                .isEmpty());
        assertTrue(GoingRound.of(back.blocks().get(0).parts().get(0), back.company(), b -> Optional.empty())
                .isEmpty());
        // What is done to a part keeps the round.
        Practice changed = evening.changing("p1", b -> b.noting("low"));
        assertEquals(3, round(changed).turns().count());
        // Nobody said how many groups there are: as many as places.
        Practice unsaid = evening.given(Practice.Setting.UNSAID);
        assertEquals(3, round(unsaid).turns().carousel().groups());
        Practice crowd = evening.given(Practice.Setting.UNSAID.with(company(13)));
        assertTrue(
                GoingRound.of(crowd.blocks().get(0), crowd.company(), b -> Optional.empty())
                        .isEmpty(),
                "nobody overlooks thirteen");
    }

    @Test
    void tooShortForItsChanges() {
        Practice evening = evening(6, 6, 2);
        assertTrue(round(evening).seconds() < 15);
        Course course = Course.of(
                Plan.of(evening, b -> Optional.empty()),
                Briefing.of(evening, Map.of(), Optional.empty(), Unit.METRES).doses(),
                Practice.Warned.USUAL);
        assertEquals(
                2 * 60_000,
                course.stretches().stream()
                        .filter(s -> s.kind() != Stretch.Kind.BEFORE)
                        .mapToLong(Stretch::millis)
                        .sum());
    }
}

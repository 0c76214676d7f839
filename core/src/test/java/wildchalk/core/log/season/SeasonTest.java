package wildchalk.core.log.season;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Ten;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;

/** A season of ten evenings, every figure worked out by hand. */
class SeasonTest {

    private final Season season = Season.of(Ten.evenings(), Asked.ALL);

    @Test
    void theEvenings() {
        assertEquals(10, season.evenings().size());
        // Ten minutes of warm-up, the drills, 1.1 min before one and 1.5 before the other.
        double[] minutes = {23.1, 34.6, 21.5, 23.1, 31.6, 21.5, 22.1, 37.6, 23.1, 34.6};
        // Fifty metres a minute in the middle of all three, or of the first two; 45 and 55 without one of those.
        double[] load = {600, 940, 300, 540, 830, 300, 550, 1125, 600, 920};
        for (int i = 0; i < 10; i++) {
            assertEquals(minutes[i], season.evenings().get(i).minutes(), 1e-9, "minutes of " + i);
            assertEquals(load[i], season.evenings().get(i).load(), 1e-9, "load of " + i);
        }
        assertEquals(272.8, season.minutes(), 1e-9);
        assertEquals(6705, season.load(), 1e-9);
    }

    @Test
    void theWeeks() {
        assertEquals(13, season.weeks().size(), "from the first to the last, those without an evening among them");
        Season.Week first = season.weeks().get(0);
        assertEquals(LocalDate.of(2026, 8, 31), first.monday());
        assertEquals(2, first.evenings());
        assertEquals(57.7, first.minutes(), 1e-9);
        assertEquals(1540, first.load(), 1e-9);
        assertEquals(Map.of(Skill.PASSING, 13.0, Skill.SHOOTING, 13.0, Skill.MARKING, 8.0), first.skills());
        assertEquals(0, season.weeks().get(5).evenings());
        assertEquals(Map.of(Skill.PASSING, 51.0, Skill.SHOOTING, 51.0, Skill.MARKING, 53.0), season.skills());
    }

    @Test
    void theDrills() {
        assertEquals(
                List.of("Lock", "Weir"),
                season.drills().stream().map(DrillLine::title).toList());
        DrillLine weir = season.drills().get(1);
        assertEquals(8, weir.times());
        assertEquals(102, weir.minutes(), 1e-9);
        assertEquals(LocalDate.of(2026, 11, 27), weir.last().entry().when().day());
        assertEquals(Map.of(Part.Went.WORKED, 3, Part.Went.SO_SO, 2, Part.Went.DID_NOT, 1), weir.went());
        assertEquals(Part.Went.SO_SO, weir.lastWent());
        assertEquals("fewer balls", weir.next());
        assertEquals(2.5, weir.over().orElseThrow(), 1e-9);
        assertEquals(12.5, weir.usual().orElseThrow(), 1e-9);
        DrillLine lock = season.drills().get(0);
        assertEquals(-0.5, lock.over().orElseThrow(), 1e-9);
        assertEquals(Part.Went.UNSAID, lock.lastWent());
        Season twice = Season.of(Ten.evenings().subList(0, 3), Asked.ALL);
        assertEquals(Optional.empty(), twice.drills().get(0).over(), "twice says nothing of how long it takes");
    }

    @Test
    void thePeople() {
        assertEquals(
                List.of(Ten.PIM, Ten.ROSA, Ten.STEN),
                season.people().stream().map(PersonLine::id).toList());
        PersonLine pim = season.people().get(0);
        assertEquals(9, pim.evenings());
        assertEquals(143, pim.did().minutes(), 1e-9);
        assertEquals(90 * 0.5 + 53 * 0.25, pim.did().busy(), 1e-9);
        assertEquals(6990, pim.did().metres(), 1e-9);
        assertEquals(270, pim.did().touches(), 1e-9);
        assertEquals(90, pim.did().shots(), 1e-9);
        assertEquals(90, pim.did().sprints(), 1e-9);
        assertEquals(23, pim.made());
        assertEquals(7, pim.missed());
        Trend tries = pim.tries().get("low corner");
        assertEquals(5, tries.points().size(), "the one without a miss too");
        assertEquals(1, tries.points().get(4).value());
        PersonLine rosa = season.people().get(1);
        assertEquals(4770, rosa.did().metres(), 1e-9);
        assertEquals(0, rosa.did().shots());
        PersonLine sten = season.people().get(2);
        assertEquals(8, sten.evenings());
        assertEquals(5450, sten.did().metres(), 1e-9);
        assertEquals(44, sten.did().shots(), 1e-9);
    }

    /** Worked out by hand: the fifth and sixth of ten slopes are -0.15/69 and -0.10/58 s a day. */
    @Test
    void oneMistypedSecondIsNoTrend() {
        Trend dash = season.people().get(1).times().get(new PersonLine.Course("dash", 20));
        assertEquals(5, dash.points().size());
        assertEquals(4.35, dash.points().get(4).value(), 1e-9);
        assertEquals((-0.15 / 69 - 0.1 / 58) / 2 * 30, dash.perMonth().orElseThrow(), 1e-9);
        assertEquals(Optional.empty(), new Trend(dash.points().subList(0, 3)).perMonth(), "three are too few");
    }

    @Test
    void whoWasWithWhom() {
        assertEquals(
                List.of(
                        new Season.Pair(Ten.PIM, Ten.ROSA, 4),
                        new Season.Pair(Ten.PIM, Ten.STEN, 2),
                        new Season.Pair(Ten.ROSA, Ten.STEN, 1)),
                season.pairs());
    }

    @Test
    void whatIsAskedFor() {
        Season lock = Season.of(Ten.evenings(), Asked.ALL.ofDrill("lock"));
        assertEquals(6, lock.evenings().size());
        assertEquals(53, lock.minutes(), 1e-9, "its minutes alone");
        assertEquals(53 * 30, lock.load(), 1e-9);
        Season marking = Season.of(Ten.evenings(), Asked.ALL.of(Optional.of(Skill.MARKING)));
        assertEquals(Map.of(Skill.MARKING, 53.0), marking.skills());
        assertEquals(lock.evenings(), marking.evenings());
        Season sten = Season.of(Ten.evenings(), Asked.ALL.ofPerson(Ten.STEN));
        assertEquals(8, sten.evenings().size());
        assertEquals(1, sten.people().size());
        assertEquals(5450, sten.people().get(0).did().metres(), 1e-9);
        assertEquals(
                0,
                Season.of(Ten.evenings(), Asked.ALL.ofSquad("others"))
                        .evenings()
                        .size());
        Season none = Season.of(List.of(), Asked.ALL);
        assertTrue(none.weeks().isEmpty()
                && none.drills().isEmpty()
                && none.people().isEmpty());
    }

    /** Two squads give the same ids to different people. */
    @Test
    void thoseOfTwoSquadsAreNotTakenForOneAnother() {
        Entry mine = Ten.evenings().get(0);
        Entry others = new Entry(
                "x",
                "Theirs",
                mine.when(),
                Entry.Source.TYPED,
                new Entry.There("sedges", 1, List.of("m1"), List.of(), List.of()),
                mine.parts(),
                "");
        Season both = Season.of(List.of(mine, others), Asked.ALL);
        assertEquals(4, both.people().size());
        assertTrue(both.people().stream().anyMatch(p -> p.id().equals("sedges/m1")));
    }

    @Test
    void theSeasonOfADayEndsWhereSixWeeksWereWithoutAnEvening() {
        List<LocalDate> days = Ten.evenings().stream().map(e -> e.when().day()).toList();
        assertEquals(new Span(LocalDate.of(2026, 11, 10), Ten.TODAY), Span.season(days, Ten.TODAY));
        LocalDate october = LocalDate.of(2026, 10, 2);
        assertEquals(new Span(LocalDate.of(2026, 9, 1), october), Span.season(days, october));
        assertEquals(new Span(Ten.TODAY, Ten.TODAY), Span.season(List.of(), Ten.TODAY));
        assertEquals(new Span(Ten.TODAY, LocalDate.of(2026, 12, 6)), Span.week(Ten.TODAY));
        assertThrows(IllegalArgumentException.class, () -> new Span(Ten.TODAY, october));
    }

    /** This week against the four before, also across the break. */
    @Test
    void theLoadAgainstFourWeeks() {
        List<Entry> ten = Ten.evenings();
        Rising now = Rising.of(ten, LocalDate.of(2026, 11, 27)).orElseThrow();
        assertEquals(1520, now.now(), 1e-9);
        assertEquals((300 + 550 + 1125) / 4.0, now.before(), 1e-9, "a week without an evening counts as it was");
        assertTrue(now.isMuch());
        assertEquals(
                Optional.empty(),
                Rising.of(ten, LocalDate.of(2026, 11, 10)),
                "after a break there is nothing to hold it against");
        Rising second = Rising.of(ten, LocalDate.of(2026, 11, 17)).orElseThrow();
        assertEquals(1125, second.now(), 1e-9);
        assertEquals(850 / 4.0, second.before(), 1e-9);
        assertEquals(Optional.empty(), Rising.of(ten, LocalDate.of(2026, 9, 22)), "the log is too young");
    }

    @Test
    void howLongChangesTakeReally() {
        Changes changes = Changes.of(Ten.evenings()).orElseThrow();
        assertEquals(14, changes.times());
        assertEquals(1.1, changes.factor(), 1e-9);
        assertEquals(Optional.empty(), Changes.of(Ten.evenings().subList(0, 4)), "too few");
        // Planned by what was learned already, it is the plan that was longer.
        List<Entry> learned = Ten.evenings().stream()
                .map(e -> e.from(new Entry.Source("", 0, e.source().run(), 2)))
                .toList();
        assertEquals(2.2, Changes.of(learned).orElseThrow().factor(), 1e-9);
        List<Entry> typed =
                Ten.evenings().stream().map(e -> e.from(Entry.Source.TYPED)).toList();
        assertEquals(Optional.empty(), Changes.of(typed), "what was typed in was not measured");
    }

    @Test
    void whatWasPlannedAndNeverRun() {
        Practice over = practice("p1", Optional.of(LocalDate.of(2026, 11, 3)), "weir", "sluice");
        Practice ran = practice("p2", Optional.of(LocalDate.of(2026, 11, 4)), "lock");
        Practice later = practice("p3", Optional.of(LocalDate.of(2026, 12, 9)), "ford");
        Practice pattern = practice("p4", Optional.empty(), "ford");
        Entry entry = Ten.evenings().get(0).from(new Entry.Source("p2", 1, ""));
        List<Entry> entries = List.of(entry, Ten.evenings().get(2));
        Unrun unrun = Unrun.of(List.of(later, pattern, ran, over), entries, Ten.TODAY);
        assertEquals(List.of(over), unrun.evenings());
        assertEquals(
                List.of("sluice"),
                unrun.drills().stream().map(Content.Planned::id).toList(),
                "what is still to come is not over");
    }

    private static Practice practice(String id, Optional<LocalDate> day, String... drills) {
        Practice practice = Practice.empty(id, id, new Slot(day, LocalTime.of(18, 0), 60));
        for (String drill : drills) {
            practice = practice.with(
                    9,
                    Block.of(
                            "",
                            new Content.Play(new Content.Planned(drill, 1, drill), List.of(), 1, Content.Telling.NONE),
                            Block.Time.of(10)));
        }
        return practice;
    }

    @Test
    void whatTheLogHasTaught() {
        Experience experience = Experience.of(Ten.evenings());
        DrillLine weir = experience.of("weir").orElseThrow();
        assertEquals("run 3 days ago, so-so", ExperienceWords.last(weir, Ten.TODAY));
        assertEquals("3 days ago, so-so", ExperienceWords.brief(weir, Ten.TODAY));
        assertEquals(
                "run 3 days ago, so-so, 13 min, 8 times. Next time: fewer balls",
                ExperienceWords.more(weir, Ten.TODAY));
        assertEquals(
                Optional.of("You noted for next time (run 27 Nov, so-so): fewer balls"),
                ExperienceWords.next(weir, Ten.TODAY.plusWeeks(2)));
        assertEquals(
                Optional.empty(), ExperienceWords.next(experience.of("lock").orElseThrow(), Ten.TODAY));
        assertEquals(Optional.empty(), experience.of("ford"));
        assertEquals(
                6,
                Experience.company(Ten.evenings(), "reeds").size(),
                "evenings without groups say nothing of who was with whom");
    }

    /** Names that nobody wished for stand in no word either. */
    @Test
    void whoIsNotNamedIsNumbered() {
        Called numbered = new Called(Ten.evenings(), Ten.NAMES, false);
        assertEquals("person 1", numbered.of(Ten.PIM));
        assertEquals("person 3", numbered.of(Ten.STEN));
        assertEquals("somebody", numbered.of("reeds/m9"));
        assertEquals("\u2026 and \u2026 late, Pimlico not", numbered.words("Pim and rosa late, Pimlico not"));
        assertEquals("person 2", numbered.in(Ten.evenings().get(0), "m2"));
        assertEquals("sky", numbered.in(Ten.evenings().get(0), "sky"));
        Called named = new Called(Ten.evenings(), Ten.NAMES, true);
        assertEquals("Pim", named.of(Ten.PIM));
        assertEquals("Pim late", named.words("Pim late"));
        assertEquals("person 3", new Called(Ten.evenings(), Map.of(), true).of(Ten.STEN), "forgotten in the squad");
    }
}

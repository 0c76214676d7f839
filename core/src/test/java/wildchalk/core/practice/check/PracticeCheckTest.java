package wildchalk.core.practice.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.check.Finding;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.Bag;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.practice.check.PracticeCheck.Worked;
import wildchalk.core.script.Counts;

/** Each thing that is looked for: found where it is so, not found where it is not, and mended by what it offers. */
class PracticeCheckTest {

    private static final Optional<LocalDate> DAY = Optional.of(LocalDate.of(2026, 12, 9));

    private static Needs needs(int fewest, Needs.Work work, boolean contact) {
        return new Needs(
                fewest,
                1,
                new Needs.Kit(Map.of(GearKind.CONE, 6), 4, new Counts.Ball("ball", "balls"), Set.of(), 60),
                20,
                work,
                new Needs.Footing("handball", new Vec(0, 20), 20, 20, new Content.Area(40, 20)),
                new Needs.About(Map.of(Skill.PASSING, 1.0), contact, "Weir passing on the run"));
    }

    private static final Map<String, Needs> DRILLS = Map.of(
            "calm", needs(6, new Needs.Work(40, 0.2, 3, 0.5, 0.2, 20, new Needs.Turning(4, 4)), false),
            "hard", needs(8, new Needs.Work(140, 3, 3, 0.5, 0.2, 90, new Needs.Turning(9, 1)), false),
            "rough", needs(6, new Needs.Work(60, 0.5, 3, 0.5, 0.2, 20, new Needs.Turning(1, 1)), true));

    private static final KnownNeeds NEEDS = b -> b.play()
            .findFirst()
            .flatMap(p -> Optional.ofNullable(DRILLS.get(p.drill().id())));

    private static Block drill(String id, String drill, int minutes) {
        return Block.of(
                id,
                new Content.Play(new Content.Planned(drill, 3, drill), List.of(), 1, Content.Telling.NONE),
                new Block.Time(4, minutes, 40));
    }

    private static Block water(String id) {
        return Block.of(id, new Content.Words(Content.Sort.WATER, ""), Block.Time.of(2));
    }

    private static Company company(int people, List<Integer> groups, List<Company.Late> late, Effort.Level age) {
        return new Company("", new Company.Heads(people, 2, 2, 0), groups, late, List.of("m9"), age);
    }

    private static Practice evening(Block... blocks) {
        return Practice.empty("p", "An evening", new Slot(DAY, LocalTime.of(18, 0), 120))
                .given(Practice.Setting.UNSAID.with(Company.of(14, 2, 2)))
                .of(List.of(blocks));
    }

    private static List<Finding<Practice>> all(Practice practice) {
        return PracticeCheck.all(Worked.of(practice, NEEDS));
    }

    private static List<String> words(Practice practice, String check) {
        return all(practice).stream()
                .filter(f -> f.check().equals(check))
                .map(Finding::words)
                .toList();
    }

    /** What is found no more after the first mend of the first that was. */
    private static void mends(Practice practice, String check) {
        Finding<Practice> found = all(practice).stream()
                .filter(f -> f.check().equals(check))
                .findFirst()
                .orElseThrow(() -> new AssertionError(check + " is not among " + all(practice)));
        int before = words(practice, check).size();
        Practice mended = found.mends().get(0).edit().apply(practice);
        assertTrue(
                words(mended, check).size() < before,
                check + " after " + found.mends().get(0).words());
    }

    private static Practice given(Practice practice, Company company) {
        return practice.given(practice.setting().with(company));
    }

    @Test
    void whoComesLateIsMissedWhereTheyAreWanted() {
        Company late = company(
                14, List.of(7, 7), List.of(new Company.Late(LocalTime.of(18, 20), 2, true)), Effort.Level.ADULT);
        Practice fine = given(evening(drill("b1", "calm", 15).forGroup(1), drill("b2", "calm", 15)), late);
        assertEquals(List.of(), words(fine, "late"));
        Company few =
                company(8, List.of(2, 6), List.of(new Company.Late(LocalTime.of(18, 20), 2, true)), Effort.Level.ADULT);
        Practice pinned = given(evening(drill("b1", "calm", 15).forGroup(2), drill("b2", "calm", 25)), few);
        assertEquals(
                List.of("Group 2 takes 6 people for it, and 5 of it are there. The last comes at 18:20."),
                words(pinned, "late"));
        mends(pinned, "late");
        Practice everybody = given(evening(drill("b1", "hard", 15), drill("b2", "calm", 25)), few);
        assertEquals(List.of("It takes 8 people, and 7 are there. The last comes at 18:20."), words(everybody, "late"));
        mends(everybody, "late");
        Practice tooSoon = given(evening(drill("b1", "hard", 15), drill("b2", "calm", 15)), few);
        assertTrue(
                all(tooSoon).stream().filter(f -> f.check().equals("late")).allMatch(f -> f.mends()
                        .isEmpty()),
                "where it would still begin too soon, that is not offered");
    }

    @Test
    void whoeverLeadsIsThere() {
        Practice practice = given(
                evening(
                        drill("b1", "calm", 15).led("m9"),
                        drill("b2", "calm", 9).led("m8")),
                company(14, List.of(), List.of(), Effort.Level.ADULT));
        assertEquals(List.of("Whoever is to lead it is not there."), words(practice, "lead.away"));
        mends(practice, "lead.away");
    }

    @Test
    void noGroupStandsAround() {
        Company three = company(14, List.of(5, 5, 4), List.of(), Effort.Level.ADULT);
        Block beside = Block.of(
                "b1",
                new Content.Beside(List.of(
                        drill("b2", "calm", 9).forGroup(1),
                        drill("b3", "calm", 9).forGroup(2))),
                Block.Time.of(9));
        assertEquals(
                List.of("Group 3 has nothing to do meanwhile."),
                words(given(evening(beside, drill("b4", "calm", 9)), three), "idle"));
        assertEquals(List.of(), words(evening(beside), "idle"), "nobody knows of a third one");
    }

    @Test
    void withoutThoseNotHeardFrom() {
        Practice practice =
                given(evening(drill("b1", "hard", 15)), Company.of(9, 1, 2).counting(new Company.Heads(9, 1, 2, 2)));
        assertEquals(
                List.of("It takes 8 people, and 7 are sure to come. 2 were not heard from."),
                words(practice, "unheard"));
        assertEquals(List.of(), words(given(practice, Company.of(9, 1, 2)), "unheard"));
    }

    @Test
    void twoCopiesAreOneTooMany() {
        Practice practice = evening(drill("b1", "hard", 15)
                .being(new Content.Play(new Content.Planned("hard", 3, "hard"), List.of(), 2, Content.Telling.NONE)));
        Practice few = practice.given(practice.setting()
                .with(Company.of(6, 0, 1))
                .with(new Bag(Map.of(GearKind.CONE, 5), OptionalInt.of(3))));
        assertEquals(List.of("It takes 8 people, and there are 6."), words(few, "people"));
        assertEquals(List.of("6 cones out at once, the bag holds 5."), words(few, "gear"));
        assertEquals(
                "Set it out once",
                all(few).stream()
                        .filter(f -> f.check().equals("people"))
                        .findFirst()
                        .orElseThrow()
                        .mends()
                        .get(0)
                        .words());
    }

    @Test
    void sideBySideItTakesRoomGroupsAndStaff() {
        Block beside = Block.of(
                "b1",
                new Content.Beside(List.of(
                        drill("b2", "calm", 9),
                        drill("b3", "calm", 9),
                        drill("b4", "calm", 9).led("m1"))),
                Block.Time.of(9));
        Practice practice = evening(beside);
        assertEquals(List.of("Together it takes 1,200 square metres, and there are 800."), words(practice, "room"));
        mends(practice, "room");
        mends(practice, "group.twice");
        mends(practice, "lead.few");
        Practice elsewhere = practice.on("ice-rink-na");
        assertEquals(3, words(elsewhere, "surface").size());
        assertEquals(List.of(), words(practice.on("handball"), "surface"));
    }

    @Test
    void twoPracticesOnOneGround() {
        Practice practice = evening(drill("b1", "calm", 9));
        Practice here = practice.given(practice.setting().on("Old hall"));
        Slot other = new Slot(DAY, LocalTime.of(19, 30), 60);
        Around around =
                new Around(List.of(new Around.Other("Juniors", other, "old hall ")), Map.of(), Optional.empty());
        List<Finding<Practice>> found = PracticeCheck.all(Worked.of(here, NEEDS, around));
        Finding<Practice> ground = found.stream()
                .filter(f -> f.check().equals("ground"))
                .findFirst()
                .orElseThrow();
        assertEquals("Old hall: Juniors is there from 19:30 to 20:30.", ground.words());
        Practice later = ground.mends().get(0).edit().apply(here);
        assertEquals(LocalTime.of(20, 30), later.slot().start());
        assertTrue(PracticeCheck.all(Worked.of(later, NEEDS, around)).stream()
                .noneMatch(f -> f.check().equals("ground")));
        assertTrue(!new Slot(Optional.empty(), LocalTime.of(19, 0), 60).meets(other), "a pattern is on no day");
        Practice late = practice.in(new Slot(DAY, LocalTime.of(23, 30), 45));
        assertEquals(List.of("It goes on after midnight, until 00:15."), words(late, "midnight"));
    }

    @Test
    void aDrillIsAsItWasPlanned() {
        Practice practice = evening(drill("b1", "calm", 9), drill("b2", "hard", 9), drill("b3", "lost", 9));
        Around around = new Around(
                List.of(),
                Map.of("calm", new Around.Now(true, 3, false), "hard", new Around.Now(false, 8, true)),
                Optional.empty());
        List<Finding<Practice>> found = PracticeCheck.all(Worked.of(practice, NEEDS, around));
        assertEquals(
                Set.of(
                        "calm is put aside in the book. It stays here as it was planned.",
                        "hard was changed in the book since. It stays here as it was planned.",
                        "lost is not in the book."),
                Set.copyOf(found.stream()
                        .filter(f -> f.check().startsWith("drill"))
                        .map(Finding::words)
                        .toList()));
        Practice taken = found.stream()
                .filter(f -> f.check().equals("drill.changed"))
                .findFirst()
                .orElseThrow()
                .mends()
                .get(0)
                .edit()
                .apply(practice);
        assertEquals(
                8,
                taken.block("b2")
                        .flatMap(b -> b.play().findFirst())
                        .orElseThrow()
                        .drill()
                        .version());
    }

    @Test
    void howHardItIsAtAnAge() {
        Practice hard = evening(drill("b1", "calm", 10), water("b2"), drill("b3", "hard", 20));
        // 10 x 40 + 20 x 140 = 3200 and a few between; 10 x 0.2 + 20 x 3 = 62.
        assertEquals(List.of(), words(hard, "metres"));
        assertEquals(
                List.of(
                        "62 sprints for each; 60 are typical at this age, assumed. A doctor and your club know better."),
                words(hard, "sprints"));
        mends(hard, "sprints");
        Practice young = given(hard, company(14, List.of(), List.of(), Effort.Level.UNDER_10));
        assertEquals(1, words(young, "metres").size());
        Practice rough = evening(drill("b1", "calm", 10), drill("b2", "rough", 30));
        assertEquals(1, words(rough, "contact").size());
        mends(rough, "contact");
        Practice children =
                given(evening(drill("b1", "rough", 5)), company(14, List.of(), List.of(), Effort.Level.UNDER_8));
        assertEquals(
                List.of("There is contact in it. At this age your sport's own rules and your club say whether there"
                        + " may be."),
                words(children, "contact"));
    }

    @Test
    void itBeginsEasyTurnsBothWaysAndIsAboutWhatItSays() {
        Practice backwards = evening(drill("b1", "hard", 10), drill("b2", "calm", 10));
        assertEquals(
                List.of("It begins at its hardest, 140 m a minute: easier first is usual."),
                words(backwards, "begins"));
        mends(backwards, "begins");
        Practice left = evening(drill("b1", "hard", 20));
        assertEquals(
                List.of("90 % of all turning is to the left. Play some of it mirrored."), words(left, "one-sided"));
        assertEquals(List.of(), words(evening(drill("b1", "calm", 20)), "one-sided"));
        assertEquals(List.of(), words(left.about("passing on the run"), "theme"));
        assertEquals(List.of("Nothing in it is about \u201cline-outs\u201d."), words(left.about("line-outs"), "theme"));
    }

    @Test
    void waterByAgeAndWeather() {
        Practice mild = evening(drill("b1", "calm", 12), drill("b2", "calm", 6), water("b3"));
        assertEquals(List.of(), words(mild, "water"));
        Practice hot = mild.given(mild.setting().in(Practice.Heat.HOT));
        Finding<Practice> found = all(hot).stream()
                .filter(f -> f.check().equals("water"))
                .findFirst()
                .orElseThrow();
        assertEquals(Finding.Weight.COULD_HURT, found.weight());
        assertTrue(found.words().contains("10 is typical"), found.words());
        mends(
                given(
                        evening(drill("b1", "calm", 12), drill("b2", "calm", 8)),
                        company(14, List.of(), List.of(), Effort.Level.UNDER_8)),
                "water");
        // What is too long by itself is halved.
        Practice one = evening(drill("b1", "calm", 30));
        mends(one, "water");
    }

    @Test
    void whoeverStandsLongGetsAnotherCopy() {
        Practice practice = given(evening(drill("b1", "hard", 20)), Company.of(20, 2, 3));
        assertEquals(List.of("Somebody stands for 1:30 min."), words(practice, "standing"));
        Finding<Practice> found = all(practice).stream()
                .filter(f -> f.check().equals("standing"))
                .findFirst()
                .orElseThrow();
        assertEquals("Set it out 2 times", found.mends().get(0).words());
        Practice few = given(practice, Company.of(9, 2, 3));
        assertEquals(1, words(few, "standing").size());
        assertTrue(all(few).stream().filter(f -> f.check().equals("standing")).allMatch(f -> f.mends()
                .isEmpty()));
        Practice all = evening(drill("b1", "hard", 4).lasting(new Block.Time(1, 1, 4)));
        assertEquals(List.of("Somebody stands all the time."), words(all, "standing"));
    }
}

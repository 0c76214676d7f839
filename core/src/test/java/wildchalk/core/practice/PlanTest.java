package wildchalk.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.check.Finding;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.GearKind;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.check.PracticeCheck;
import wildchalk.core.practice.check.PracticeCheck.Worked;
import wildchalk.core.script.Counts;

/** An hour of five blocks worked out by hand: every change, the gear at every moment, and what is found. */
class PlanTest {

    private static final Counts.Ball BALL = new Counts.Ball("ball", "balls");

    /** What two drills take, as if they had been worked out. */
    static final Map<String, Needs> DRILLS = Map.of(
            "weir",
            new Needs(
                    6,
                    0,
                    new Needs.Kit(Map.of(GearKind.CONE, 8), 3, BALL, Set.of(Bib.CORAL), 90),
                    70.2,
                    new Needs.Work(60, 0.5, 4, 0.6, 0.2, 12, new Needs.Turning(3, 3)),
                    new Needs.Footing("handball", Vec.ZERO, 12, 10, new Content.Area(40, 20)),
                    new Needs.About(Map.of(Skill.PASSING, 1.0), false, "the weir pass")),
            "mill",
            new Needs(
                    9,
                    1,
                    new Needs.Kit(Map.of(GearKind.CONE, 6, GearKind.POLE, 2), 6, BALL, Set.of(Bib.CORAL, Bib.SKY), 150),
                    48,
                    new Needs.Work(80, 1, 2, 0.4, 0.3, 75, new Needs.Turning(2, 2)),
                    new Needs.Footing("handball", new Vec(0, 20), 20, 20, new Content.Area(40, 20)),
                    new Needs.About(Map.of(Skill.SHOOTING, 0.5, Skill.CHASING, 0.5), false, "the mill shot")));

    static final KnownNeeds NEEDS = block -> block.play()
            .findFirst()
            .flatMap(p -> Optional.ofNullable(DRILLS.get(p.drill().id())));

    static final Practice.Setting SETTING = Practice.Setting.UNSAID;

    static Block drill(String id, String drill, int minutes, Content.Telling told) {
        return Block.of(
                id, new Content.Play(new Content.Planned(drill, 0, drill), List.of(), 1, told), Block.Time.of(minutes));
    }

    static Block words(String id, Content.Sort sort, int minutes) {
        return Block.of(id, new Content.Words(sort, ""), Block.Time.of(minutes));
    }

    private static Practice hour(Company company, Bag bag) {
        return Practice.empty("p", "An hour", new Slot(Optional.empty(), LocalTime.of(18, 30), 60))
                .given(SETTING.with(company).with(bag))
                .of(List.of(
                        drill("b1", "weir", 12, Content.Telling.KNOWN),
                        drill("b2", "mill", 15, Content.Telling.FRESH),
                        words("b3", Content.Sort.WATER, 2),
                        drill("b4", "mill", 10, Content.Telling.NONE),
                        Block.of("b5", new Content.Game("five a side", Optional.empty(), ""), Block.Time.of(14))));
    }

    private static String told(Change change) {
        return change.parts().stream().map(p -> p.doing() + " " + p.seconds()).collect(Collectors.joining(", "));
    }

    @Test
    void everyChangeOfAnHourByHand() {
        // Eleven people, one of the staff, and a bag with cones for one drill only.
        Practice practice =
                hour(Company.of(11, 1, 1), new Bag(Map.of(GearKind.CONE, 10, GearKind.POLE, 2), OptionalInt.of(8)));
        Plan plan = Plan.of(practice, NEEDS);
        List<String> changes =
                plan.entries().stream().map(e -> told(e.before())).toList();
        assertEquals(
                List.of(
                        // Known: called by its name. Set out before anybody came.
                        "TELL 10",
                        // 3 balls, one round: 5 + 12. 8 + 6 cones of 10: 4 are taken up, 3 s each. 150 s to set out,
                        // alone.
                        // A second colour. 20 m over at 1.4 m/s, in whole seconds. 48 s to say and show it.
                        "GATHER_BALLS 17, TAKE_UP 12, SET_OUT 150, BIBS 20, WALK 15, TELL 48",
                        "GATHER_BALLS 17",
                        // After water, on what stands there still: nothing to do and nothing to say.
                        "",
                        // A game needs the ground: 8 pieces are in its way.
                        "GATHER_BALLS 17, TAKE_UP 24"),
                changes);
        int t = 10;
        assertEquals(t, plan.entries().get(0).start());
        t += 12 * 60 + 17 + 12 + 150 + 20 + 15 + 48;
        assertEquals(t, plan.entries().get(1).start());
        assertEquals(plan.seconds(), plan.between() + (12 + 15 + 2 + 10 + 14) * 60);
        assertEquals(LocalTime.of(18, 30).plusSeconds(t), practice.slot().at(t));
    }

    @Test
    void aSecondOfTheStaffSetsOutMeanwhile() {
        Practice practice = hour(Company.of(11, 1, 2), Bag.UNCOUNTED);
        Plan plan = Plan.of(practice, NEEDS);
        assertEquals(
                "GATHER_BALLS 17, BIBS 20, WALK 15, TELL 48",
                told(plan.entries().get(1).before()));
        Plan later = Plan.from(practice, NEEDS, 1, 15 * 60);
        assertEquals(3, later.entries().get(0).before().parts().size() - 1);
        assertEquals(
                15 * 60 + 100, later.entries().get(0).start(), "what comes after the block that is over comes first");
        assertEquals(4, later.entries().size());
    }

    private static List<String> checks(Practice practice) {
        return PracticeCheck.all(Worked.of(practice, NEEDS)).stream()
                .map(Finding::check)
                .toList();
    }

    @Test
    void whatIsFoundOfAnEvening() {
        Practice few =
                hour(Company.of(8, 0, 1), new Bag(Map.of(GearKind.CONE, 7, GearKind.POLE, 2), OptionalInt.of(5)));
        List<Finding<Practice>> found = PracticeCheck.all(Worked.of(few, NEEDS));
        assertEquals(
                List.of(
                        "It takes 9 people, and there are 8.",
                        "It takes a keeper, and there is none.",
                        "It takes 9 people, and there are 8.",
                        "It takes a keeper, and there is none.",
                        "8 cones out at once, the bag holds 7.",
                        "6 balls at once, the bag holds 5.",
                        "6 balls at once, the bag holds 5."),
                found.stream()
                        .filter(f -> f.weight() == Finding.Weight.WILL_NOT_WORK
                                && !f.check().equals("fit"))
                        .map(Finding::words)
                        .toList());
        Practice plenty = hour(Company.of(14, 2, 2), Bag.UNCOUNTED);
        assertEquals(List.of("water", "water", "standing", "standing"), checks(plenty));
        assertEquals(List.of("drill"), checks(plenty.of(List.of(drill("b1", "lost", 5, Content.Telling.NONE)))));
    }

    /** Two drills at one time, under one or two, for one group or two. */
    private static Block beside(String otherLead, int otherGroup) {
        return Block.of(
                "b1",
                new Content.Beside(List.of(
                        drill("b2", "weir", 10, Content.Telling.KNOWN)
                                .forGroup(1)
                                .led("m1"),
                        drill("b3", "mill", 10, Content.Telling.KNOWN)
                                .forGroup(otherGroup)
                                .led(otherLead))),
                Block.Time.of(10));
    }

    @Test
    void sideBySideTakesGroupsAndLeaders() {
        Practice practice = hour(Company.of(20, 1, 2), Bag.UNCOUNTED);
        assertEquals(List.of("standing"), checks(practice.of(List.of(beside("m2", 2)))));
        assertEquals(List.of("lead.twice", "group.twice", "standing"), checks(practice.of(List.of(beside("m1", 1)))));
        assertEquals("weir beside mill", BlockWords.of(beside("m2", 2)));
    }

    @Test
    void waterIsPutInWhereItMends() {
        Practice dry = hour(Company.of(14, 2, 2), Bag.UNCOUNTED);
        Finding<Practice> water = PracticeCheck.all(Worked.of(dry, NEEDS)).stream()
                .filter(f -> f.check().equals("water"))
                .findFirst()
                .orElseThrow();
        Practice mended = water.mends().get(0).edit().apply(dry);
        assertEquals(6, mended.blocks().size());
        assertEquals(
                1,
                checks(mended).stream().filter("water"::equals).count(),
                checks(mended).toString());
        assertEquals(2, checks(dry).stream().filter("water"::equals).count());
    }

    @Test
    void whatMakesNoSenseIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> new Slot(Optional.empty(), LocalTime.NOON, 0));
        assertThrows(IllegalArgumentException.class, () -> new Block.Time(5, 4, 9));
        assertThrows(IllegalArgumentException.class, () -> new Bag(Map.of(GearKind.CONE, -1), OptionalInt.empty()));
        assertThrows(IllegalArgumentException.class, () -> Company.of(3, 4, 0));
        Slot late = new Slot(Optional.empty(), LocalTime.of(23, 30), 60);
        assertEquals(LocalTime.of(0, 30), late.at(late.seconds()), "past midnight");
    }
}

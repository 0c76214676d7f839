package wildchalk.core.squad;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.document.Edit;
import wildchalk.core.effort.Effort;
import wildchalk.core.grouping.Asked;
import wildchalk.core.grouping.Division;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;
import wildchalk.core.motion.Speeds;
import wildchalk.core.squad.Presence.State;

/** An evening from who is there to the groups it leaves behind, edit by edit. */
class EveningTest {

    private static final Squad SEVEN = Squad.empty("s", "Juniors")
            .with(List.of("Arvid", "Birgit", "Cezary", "Dunja", "Edda", "Florin", "Greta").stream()
                    .map(n -> Member.named("", n))
                    .toList());

    private static Squad after(Squad squad, List<Edit<Squad>> edits) {
        Squad now = squad;
        for (Edit<Squad> edit : edits) {
            now = edit.apply(now);
        }
        return now;
    }

    private static Groups groups(List<List<String>> people) {
        List<Bib> bibs = GroupNames.bibs(List.of(), people.size());
        return new Groups(
                Style.EVEN,
                List.of(new Wish.Together(List.of("m1", "m2"), true), new Wish.Pinned("m3", 1, true)),
                1,
                IntStream.range(0, people.size())
                        .mapToObj(g -> new Groups.Group(bibs.get(g), people.get(g)))
                        .toList());
    }

    private static final Groups TWO = groups(List.of(List.of("m1", "m2", "m4"), List.of("m3", "m5", "m6", "m7")));

    @Test
    void whoIsThereIsCounted() {
        Squad squad = after(
                SEVEN,
                List.of(
                        SquadEdits.presence("Arvid", "m1", new Presence(State.LATE, Optional.of(LocalTime.of(18, 45)))),
                        SquadEdits.presence("Birgit", "m2", Presence.of(State.NO_CONTACT)),
                        SquadEdits.presence("Cezary", "m3", Presence.of(State.AWAY)),
                        SquadEdits.presence("Dunja", "m4", Presence.of(State.KEEPS_TIME)),
                        SquadEdits.welcome("Henrik")));
        assertEquals("7 of 8 · 1 late · 1 takes it easy · 1 keeps time · 1 guest", Attendance.words(squad));
        assertEquals(
                List.of("m1", "m2", "m5", "m6", "m7", "m8"),
                squad.playing().stream().map(Member::id).toList());
    }

    @Test
    void whoLeavesIsInNoGroupAndWhoComesIsInNoneYet() {
        Squad gone = after(
                SEVEN, List.of(SquadEdits.group(TWO), SquadEdits.presence("Birgit", "m2", Presence.of(State.AWAY))));
        assertEquals(
                List.of("m1", "m4"),
                gone.tonight().groups().orElseThrow().people().get(0));
        assertEquals(2, gone.tonight().groups().orElseThrow().wishes().size(), "wishes wait for them");
        Squad back = SquadEdits.presence("Birgit", "m2", Presence.THERE).apply(gone);
        assertEquals(
                List.of("Birgit"),
                SquadEdits.ungrouped(back).stream().map(Member::name).toList());
        Asked asked = Gathering.now(back).orElseThrow();
        Division division = Gathering.judged(back).orElseThrow();
        Groups made = Gathering.made(back, asked, division);
        assertEquals(List.of("m1", "m2", "m4"), made.people().get(0), "where fewest are, in the squad's order");
    }

    @Test
    void fewerGroupsForgetPinsToThoseThatAreGone() {
        Squad squad = SquadEdits.group(TWO).apply(SEVEN);
        Asked one = Gathering.of(squad, 1, Style.EVEN, 1);
        assertEquals(List.of(new Wish.Together(List.of("m1", "m2"), true)), one.wishes());
        assertEquals(2, Gathering.of(squad, 2, Style.EVEN, 1).wishes().size());
    }

    @Test
    void theNextEveningKeepsPairsAndRemembersCompany() {
        Squad over = after(SEVEN, List.of(SquadEdits.group(TWO), SquadEdits.over()));
        assertEquals(List.of(TWO.people()), over.lately());
        assertEquals(
                List.of(new Wish.Together(List.of("m1", "m2"), true)),
                over.tonight().groups().orElseThrow().wishes(),
                "pairs stay whole, a place in a group is for one evening");
        assertEquals(Optional.empty(), Gathering.now(over));
        Squad missing =
                SquadEdits.presence("Dunja", "m4", Presence.of(State.AWAY)).apply(over);
        Groups last = Gathering.asLastTime(missing).orElseThrow();
        assertEquals(List.of(List.of("m1", "m2"), List.of("m3", "m5", "m6", "m7")), last.people());
        assertEquals(Optional.empty(), Gathering.asLastTime(SEVEN));
    }

    @Test
    void groupsAreNamedByTheirBibs() {
        List<Bib> eight = GroupNames.bibs(List.of(Bib.LEMON), 8);
        assertEquals(Bib.LEMON, eight.get(0));
        assertEquals(
                8,
                GroupNames.of(eight).stream().distinct().count(),
                GroupNames.of(eight).toString());
        assertEquals(
                List.of("sky", "coral"),
                GroupNames.of(TWO.wearing(0, Bib.SKY).bibs()),
                "who wore it before wears what is free then");
    }

    /** The middle of several sprints, surer the more there are; what the coach said counts only without any. */
    @Test
    void speedIsLearnedFromSprints() {
        Speeds usual = Speeds.of(Stages.TURF, new Effort(Effort.Level.UNDER_14, Effort.Intensity.LIVE));
        double dash = usual.sprintTime(20, 0);
        Member said = SEVEN.people().get(0).at(new Member.Level(0, 0.9, List.of()));
        assertEquals(new Pace(0.9, 0, 0, 0), Pace.of(said, usual).orElseThrow());
        Member once = said.at(new Member.Level(0, 0.9, List.of(new Sprint(20, dash))));
        Pace one = Pace.of(once, usual).orElseThrow();
        assertEquals(1, one.share(), 1e-6);
        Member often = said.at(new Member.Level(
                0,
                0.9,
                List.of(
                        new Sprint(20, dash),
                        new Sprint(20, dash * 3),
                        new Sprint(20, dash),
                        new Sprint(30, usual.sprintTime(30, 0)))));
        Pace four = Pace.of(often, usual).orElseThrow();
        assertEquals(1, four.share(), 1e-6, "a stumble counts for nothing");
        assertEquals(one.off() / Math.sqrt(3), four.off(), 1e-6);
        assertEquals(3, four.sprints());
        assertEquals(1, four.left());
        assertTrue(Pace.of(SEVEN.people().get(0), usual).isEmpty());
    }
}

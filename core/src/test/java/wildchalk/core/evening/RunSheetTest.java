package wildchalk.core.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.grouping.Style;
import wildchalk.core.measure.Unit;
import wildchalk.core.practice.Bag;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.practice.Stand;
import wildchalk.core.script.Counts;
import wildchalk.core.squad.Caution;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;

/** What stands on a run sheet, worked out by hand; and what never does. */
class RunSheetTest {

    private static final List<String> NAMES = List.of("Runa Holt", "Teo Marsh", "Isa Quill", "Bram Oster");

    private static Squad squad() {
        List<Member> people = NAMES.stream()
                .map(n -> Member.named("", n)
                        .at(Member.Level.UNSAID.withStrength(4))
                        .saying("shy of the ball")
                        .kept(new Caution(Caution.From.CONTACT, "collarbone", Optional.empty())))
                .toList();
        Squad squad = Squad.empty("s", "Sandpipers")
                .with(people)
                .with(new Helper("", "Odette", Helper.Duty.COACH, List.of()))
                .with(new Helper("", "Marek", Helper.Duty.ASSISTANT, List.of()));
        List<String> ids = squad.all().map(Member::id).toList();
        return squad.on(squad.tonight()
                .in(new Groups(
                        Style.EVEN,
                        List.of(),
                        1,
                        List.of(
                                new Groups.Group(Bib.MINT, ids.subList(0, 2)),
                                new Groups.Group(Bib.CORAL, ids.subList(2, 4))))));
    }

    private static Block drill(String id, String title, int group, String lead) {
        return Block.of(
                        id,
                        new Content.Play(new Content.Planned(title, 0, title), List.of(), 1, Content.Telling.NONE),
                        Block.Time.of(20))
                .forGroup(group)
                .led(lead);
    }

    /** Two places 25 m apart, ten minutes each but for the change; water before, a game after. */
    private static Practice evening(Squad squad) {
        List<String> staff = squad.staff().stream().map(Helper::id).toList();
        Content.Beside beside = new Content.Beside(
                List.of(
                        drill("x", "Weir", 1, staff.get(0)).noting("Teo goes first, Runa keeps"),
                        drill("y", "Sluice", 2, staff.get(1))),
                Optional.of(new Content.Round(false)),
                Map.of("x", new Stand(new Vec(0, 0), 0), "y", new Stand(new Vec(25, 0), 90)));
        return Practice.empty(
                        "p", "Damp Monday", new Slot(Optional.of(LocalDate.of(2027, 2, 8)), LocalTime.of(17, 50), 60))
                .given(new Practice.Setting(
                        new Company(
                                squad.id(),
                                new Company.Heads(4, 0, 2, 0),
                                List.of(2, 2),
                                List.of(),
                                List.of(),
                                Effort.Level.ADULT),
                        Bag.UNCOUNTED,
                        "hall two",
                        Practice.Heat.MILD))
                .of(List.of(
                        Block.of("b1", new Content.Words(Content.Sort.WATER, ""), Block.Time.of(2)),
                        Block.of("b2", beside, Block.Time.of(20)).after(OptionalInt.of(75)),
                        Block.of("b3", new Content.Game("two against two", Optional.empty(), ""), Block.Time.of(8))
                                .after(OptionalInt.of(0))));
    }

    private static KnownNeeds needs() {
        return b -> b.play()
                .findFirst()
                .map(p -> new Needs(
                        2,
                        0,
                        new Needs.Kit(
                                Map.of(GearKind.CONE, p.drill().id().equals("Weir") ? 5 : 3),
                                1,
                                new Counts.Ball("ball", "balls"),
                                Set.of(),
                                120),
                        20,
                        Needs.Work.NONE,
                        new Needs.Footing("x", Vec.ZERO, 8, 8, new Content.Area(40, 20)),
                        new Needs.About(Map.of(), false, "")));
    }

    private static Handed handed(Handed.Who who) {
        Squad squad = squad();
        Practice evening = evening(squad);
        Map<Content.Planned, Drill> drills = Map.of(
                new Content.Planned("Weir", 0, "Weir"),
                Drill.empty("Weir", "Weir", "handball", "whole"),
                new Content.Planned("Sluice", 0, "Sluice"),
                Drill.empty("Sluice", "Sluice", "handball", "whole"));
        return new Handed(
                evening, Plan.of(evening, needs()), needs(), drills, Optional.of(squad), Optional.empty(), who);
    }

    @Test
    void whoIsWhereWithWhomDoingWhatAtFiveTimes() {
        RunSheet sheet = RunSheet.of(handed(Handed.Who.NOBODY), Unit.METRES);
        assertEquals("Damp Monday", sheet.title());
        assertEquals("Mon 8 Feb 2027, 17:50 to 18:50, hall two, 4 people", sheet.when());
        assertEquals("Bring: 8 cones, 2 balls.", sheet.bring(), "the first thing needs none of it");
        // 17:50 water; 17:53:15 the round; ten seconds to go 25 m and five to hear it; 18:13:15 the game.
        assertEquals(
                List.of("17:50", "17:53", "18:13"),
                sheet.rows().stream().map(RunSheet.Row::time).toList());
        RunSheet.Row round = sheet.rows().get(1);
        assertEquals("1:15 min to get ready: say what it is", round.before().replaceAll(": .*", ": say what it is"));
        assertEquals("2 turns of 9:52 min; about 15 s to go over", round.round());
        assertEquals(
                List.of(
                        new RunSheet.Turn("17:53", List.of("mint", "coral"), ""),
                        new RunSheet.Turn("18:03", List.of("coral", "mint"), "")),
                round.turns());
        assertEquals("coach 1 leads", round.places().get(0).who());
        assertEquals("coach 2 leads", round.places().get(1).who());
        assertEquals("at least 2 people, 5 cones, 1 ball", round.places().get(0).takes());
        assertEquals(
                "Game: two against two", sheet.rows().get(2).places().get(0).title());
        assertEquals("18:21", sheet.end());
        assertEquals(
                List.of("mint", "coral"),
                sheet.groups().stream().map(Handed.Group::name).toList());
    }

    @Test
    void whatIsKnownOfPeopleStaysInTheBook() {
        for (Handed.Who who : List.of(Handed.Who.NOBODY, new Handed.Who(true, ""))) {
            String all = RunSheet.of(handed(who), Unit.METRES)
                    + String.join("\n", EveningMessage.of(handed(Handed.Who.NOBODY)))
                    + String.join("\n", GearList.of(handed(Handed.Who.NOBODY)));
            for (String secret : List.of("shy", "collarbone", "Holt", "Marsh", "Quill", "Oster", "strength")) {
                assertFalse(all.contains(secret), secret + " in " + all);
            }
        }

        RunSheet.Place weir = RunSheet.of(handed(Handed.Who.NOBODY), Unit.METRES)
                .rows()
                .get(1)
                .places()
                .get(0);
        // A name that the coach put into a note goes out with names alone.
        assertEquals(List.of("\u2026 goes first, \u2026 keeps"), weir.say());

        RunSheet named = RunSheet.of(handed(new Handed.Who(true, "")), Unit.METRES);
        assertEquals(
                List.of("Teo goes first, Runa keeps"),
                named.rows().get(1).places().get(0).say());
        assertEquals(List.of("Runa", "Teo"), named.groups().get(0).people());
        assertEquals("Odette leads", named.rows().get(1).places().get(0).who());
    }

    @Test
    void whoeverItIsForHasTheirsMarked() {
        String second = squad().staff().get(1).id();
        RunSheet sheet = RunSheet.of(handed(new Handed.Who(false, second)), Unit.METRES);
        assertEquals("Damp Monday, for coach 2", sheet.title());
        assertEquals(
                List.of(false, true),
                sheet.rows().get(1).places().stream().map(RunSheet.Place::mine).toList());
    }

    @Test
    void theMessageSaysWhenWhereWhatToBringAndWhichBibs() {
        List<String> lines = EveningMessage.of(handed(Handed.Who.NOBODY));
        assertEquals("Damp Monday, Mon 8 Feb 2027, 17:50 to 18:50, hall two", lines.get(0));
        assertEquals("Bibs: 2 mint, 2 coral.", lines.get(1));
        assertEquals("Bring: 8 cones, 2 balls.", lines.get(2));
        assertTrue(lines.contains("\u2013 Weir: mint, then coral"), lines.toString());
        assertTrue(lines.contains("\u2013 Sluice: coral, then mint"), lines.toString());
    }

    @Test
    void whatIsLoadedAndWhereItGoes() {
        assertEquals(
                List.of(
                        "To load for Damp Monday",
                        "[ ] 8 cones",
                        "[ ] 2 balls",
                        "[ ] 2 bibs, mint",
                        "[ ] 2 bibs, coral",
                        "",
                        "17:53, Weir: 5 cones, 1 ball",
                        "17:53, Sluice: 3 cones, 1 ball"),
                GearList.of(handed(Handed.Who.NOBODY)));
    }
}

package wildchalk.core.pitchside;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import wildchalk.core.call.Calling;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Whom;
import wildchalk.core.edit.GameEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.score.Aloud;
import wildchalk.core.score.Scoring;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;

/** What is known before a practice is run: what is said on which rung, who is where, for whom it is counted. */
class BriefingTest {

    private static final Content.Planned GATE = new Content.Planned("gate", 3, "The Gate");

    private static Drill gate() {
        List<Piece> pieces = List.of(
                new Piece.Player("a", new Vec(0, 0), 0, "7", Bib.CORAL),
                new Piece.Player("b", new Vec(6, 0), 0, "4", Bib.SKY),
                new Piece.Goalkeeper("k", new Vec(18, 0), 0, "GK", Bib.LEMON),
                Piece.Item.cone("c1", new Vec(2, 2), Colour.BLUE),
                Piece.Item.cone("c2", new Vec(4, 2), Colour.RED),
                Piece.Item.of("g", GearKind.MINI_GOAL, new Vec(9, 2)));
        Rung low = new Rung(
                "s1",
                "Start here",
                Optional.empty(),
                RungPlan.USUAL
                        .scoring(Scoring.read("gate 2; limit 8 s"))
                        .calling(Calling.read("colours"))
                        .climbing("Four in a row"),
                pieces,
                List.of(),
                List.of(Limit.Count.atMost("l", Limit.Counted.TOUCHES, 3, Whom.one("a"))),
                List.of());
        Rung high = new Rung(
                "s2",
                "Harder",
                Optional.of("s1"),
                RungPlan.USUAL.scoring(Scoring.read("header 3")),
                List.of(new Piece.Player("x", new Vec(3, -2), 0, "9", Bib.SKY)),
                List.of(),
                List.<Instruction>of(),
                List.of());
        return Drill.empty("gate", "The Gate", "handball", "whole")
                .withLadder(List.of(low, high))
                .withNotes(List.of("Look up."), List.of("Who is open?"), List.of("Nobody behind the goal."));
    }

    private static Block block() {
        return new Block(
                "",
                new Content.Play(
                        GATE,
                        List.of(Content.Climb.of("s1"), new Content.Climb("s2", 4, "they smile")),
                        1,
                        Content.Telling.FRESH),
                Block.Time.of(12),
                true,
                0,
                "m9",
                "stay low",
                OptionalInt.empty());
    }

    private static Squad squad() {
        Squad squad = Squad.empty("s", "Otters")
                .with(List.of(
                        Member.named("", "Aurel Quist"),
                        Member.named("", "Benno Tarn"),
                        Member.named("", "Benno Ulm"),
                        Member.named("", "Ida")))
                .with(new Helper("", "Coach Rill", Helper.Duty.COACH, List.of()));
        Groups groups = new Groups(
                Groups.NONE.style(),
                List.of(),
                1,
                List.of(
                        new Groups.Group(Bib.MINT, List.of("m1", "m4")),
                        new Groups.Group(Bib.CORAL, List.of("m2", "m3"))));
        return squad.on(squad.tonight().in(groups));
    }

    private static Practice practice(Block block) {
        return Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .with(0, block);
    }

    private static Briefing briefing(Optional<Squad> squad, Block block) {
        return Briefing.of(practice(block), Map.of(GATE, gate()), squad, Unit.METRES);
    }

    @Test
    void eachRungIsSaidAsWhatIsNewOnIt() {
        Briefing briefing = briefing(Optional.empty(), block());
        Block block = briefing.practice().blocks().get(0);
        Says low = briefing.says(block, "s1");
        assertEquals(List.of("7 has three touches at most.", "stay low", "Look up."), low.say());
        assertEquals(List.of("Who is open?"), low.ask());
        assertEquals(List.of("Climb when four in a row."), low.watch());
        assertEquals(List.of("Nobody behind the goal."), low.care());
        Says high = briefing.says(block, "s2");
        assertTrue(
                high.say().get(0).startsWith("New here: ") && high.say().get(0).contains("9"), high.toString());
        assertEquals(List.of("Climb when they smile."), high.watch());
        assertEquals(low, briefing.says(block, ""), "the lowest where none is said");
    }

    @Test
    void whatCountsIsAsOnTheRungBelowUntilItIsSaid() {
        Briefing briefing = briefing(Optional.empty(), block());
        Block block = briefing.practice().blocks().get(0);
        Run run = Run.of(new Course(List.of(new Stretch("b1", Stretch.Kind.PLAY, "", 60_000, "s2"))));
        Aloud low = briefing.aloud(run, block, "s1");
        Aloud high = briefing.aloud(run, block, "s2");
        assertEquals("gate", low.scoring().orElseThrow().counters().get(0).id());
        assertEquals("header", high.scoring().orElseThrow().counters().get(0).id());
        assertEquals(low.calling(), high.calling());
        Run agreed = Machine.deed(run, new Deed.Agreed("", "tip-in")).run();
        assertEquals(new Aloud(Optional.empty(), Scoring.read("tip-in")), briefing.aloud(agreed, block, "s2"));
        Run back = Machine.takenBack(agreed);
        assertEquals(high, briefing.aloud(back, block, "s2"));
    }

    @Test
    void whatIsOutAndWhoPlays() {
        Briefing briefing = briefing(Optional.empty(), block());
        Block block = briefing.practice().blocks().get(0);
        assertEquals(List.of("blue", "red"), briefing.colours(block, "s1"), "a goal is no colour to call");
        assertEquals(List.of("7", "4", "GK"), briefing.players(block, "s1"));
        assertEquals(List.of("7", "4", "GK", "9"), briefing.players(block, "s2"));
        assertEquals(
                List.of("coral", "sky"),
                briefing.sides(block, "s1", false).stream()
                        .map(Briefing.Group::name)
                        .toList());
    }

    @Test
    void whoIsWhere() {
        Briefing briefing = briefing(Optional.of(squad()), block());
        Block block = briefing.practice().blocks().get(0);
        List<Briefing.Group> groups = briefing.groups();
        assertEquals(
                List.of("mint", "coral"),
                groups.stream().map(Briefing.Group::name).toList());
        assertEquals(List.of("Aurel", "Ida"), groups.get(0).people());
        assertEquals(List.of("Benno T.", "Benno U."), groups.get(1).people(), "told apart");
        assertEquals(groups, briefing.sides(block, "s1", false), "it is counted for the groups of tonight");
        assertEquals("Ida", briefing.name("m4"));
        assertEquals("number 3", briefing.name("number 3"));
        assertEquals(
                List.of("m1", "m2", "m3", "m4"), List.copyOf(briefing.people().keySet()));
        assertEquals(
                List.of("m1 Aurel", "m2 Benno T.", "m3 Benno U.", "m4 Ida"),
                briefing.sides(block, "s1", true).stream()
                        .map(s -> s.key() + " " + s.name())
                        .toList());
        assertEquals(
                List.of("7", "4", "GK"),
                briefing(Optional.empty(), block()).sides(block, "s1", true).stream()
                        .map(Briefing.Group::key)
                        .toList());
        Block ofOne = block.forGroup(2);
        assertEquals("coral", briefing.group(ofOne).orElseThrow().name());
        assertEquals(
                List.of("coral", "sky"),
                briefing.sides(ofOne, "s1", false).stream()
                        .map(Briefing.Group::name)
                        .toList());
        assertTrue(briefing.group(block).isEmpty());
    }

    @Test
    void whatIsSaidOfThoseSideBySide() {
        Block beside = Block.of(
                "",
                new Content.Beside(List.of(
                        block().withId("p1").noting(""),
                        Block.of(
                                "p2",
                                new Content.Game("three a side", Optional.empty(), "by headers"),
                                Block.Time.of(9)))),
                Block.Time.of(12));
        Briefing briefing = briefing(Optional.empty(), beside);
        Says says = briefing.says(briefing.practice().blocks().get(0), "");
        assertEquals(List.of("The Gate: 7 has three touches at most.", "Game: three a side: by headers"), says.say());
        assertEquals(List.of("Nobody behind the goal."), says.care());
    }

    @Test
    void aDrillThatIsNotThereIsNoTrouble() {
        Briefing briefing = Briefing.of(practice(block()), Map.of(), Optional.empty(), Unit.METRES);
        Block block = briefing.practice().blocks().get(0);
        Run run = Run.of(new Course(List.of(new Stretch("b1", Stretch.Kind.PLAY, "", 60_000))));
        assertEquals(List.of("stay low"), briefing.says(block, "s1").say());
        assertEquals(Aloud.NOTHING, briefing.aloud(run, block, "s1"));
        assertEquals(1, briefing.sides(block, "s1", false).size());
        assertTrue(briefing.doses().of((Content.Play) block.content(), "s1").isEmpty());
        assertTrue(briefing.lead(block).isEmpty());
    }

    @Test
    void whatIsWatchedForComesFirstAndCallsWithFiguresAreCalled() {
        Drill watched = GameEdits.say(
                        "s1",
                        "Watch",
                        id -> new Game.WatchFor(id, Whom.one("a"), Optional.empty(), "looks down", "head up"))
                .apply(gate());
        Drill coded = GameEdits.say(
                        "s2",
                        "Code",
                        id -> new Game.Code(
                                id,
                                List.of(
                                        new Game.Part("cone", List.of("c1", "c2"), false),
                                        new Game.Part("gap", List.of("c1", "c2"), true))))
                .apply(watched);
        Briefing briefing = Briefing.of(practice(block()), Map.of(GATE, coded), Optional.empty(), Unit.METRES);
        Block block = briefing.practice().blocks().get(0);
        assertEquals(
                List.of("7: looks down. Mend: Head up.", "Climb when four in a row."),
                briefing.says(block, "s1").watch());
        assertEquals(List.of("1 1", "2 1"), briefing.callable(block, "s2").codes());
        assertEquals(List.of(), briefing.callable(block, "s1").codes());
    }
}

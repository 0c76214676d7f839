package wildchalk.core.catalogue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.beginning.ConesSetDown;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.pattern.PatternKind;
import wildchalk.core.script.Changes;
import wildchalk.core.surface.Surfaces;

class DrillSummarizerTest {

    private static Drill drill(String title, Stage stage) {
        Drill drill = Ladder.put(
                Drill.empty("d", title, "field-hockey", "whole"),
                new Stage("s1", "Start here", stage.pieces(), stage.actions()));
        return drill.withLadder(List.of(drill.ladder()
                .get(0)
                .planned(drill.ladder().get(0).plan().with(Dose.read("8 min left, 4 min right")))));
    }

    private static Drill passing() {
        Stage stage = new Stages()
                .player("7", 0, 0)
                .player("9", 10, 5)
                .player("4", 6, 2, Bib.SKY)
                .ball("b", "7")
                .build();
        Piece cone = Piece.Item.cone("c1", new Vec(3, 3), Colour.YELLOW);
        stage = stage.withPiece(cone)
                .withAction(new Action.Pass("a1", "7", Spot.at("9"), Action.Touch.FIRST_TIME, Cue.whistle())
                        .going(Action.Manner.LOB))
                .withAction(new Travel.Carry(
                        "a2",
                        "9",
                        new TravelPath(List.of(Spot.at(14, 8)), false),
                        Action.Gait.RUN,
                        Action.Ending.STOP,
                        Cue.received("a1")))
                .withAction(new Shadow(
                        "a3",
                        "4",
                        "9",
                        new Shadow.Style(Shadow.Way.CHASE, Shadow.Side.ANY, 1),
                        Action.Gait.SPRINT,
                        Optional.empty(),
                        Cue.received("a1")));
        return drill("Over the hedge", stage)
                .withNotes(List.of("Weight of the pass."), List.of("Where is the space?"), List.of());
    }

    private static Drill running() {
        return drill(
                "Along the line",
                new Stages()
                        .player("1", -20, 0)
                        .player("2", -20, 4)
                        .run("a1", "1", Cue.whistle(), 30, 0)
                        .run("a2", "2", Cue.whistle(), 30, 4)
                        .build());
    }

    @Test
    void whatADrillNeedsAndTakesIsCounted() {
        DrillSummary g = DrillSummarizer.at(passing()).summary();
        assertEquals(3, g.people());
        assertEquals(1, g.balls());
        assertEquals(Map.of(GearKind.CONE, 1), g.gear());
        assertEquals("3 players, 1 cone, 1 ball", g.needs());
        assertEquals(12, g.minutes(), 1e-9);
        assertEquals(1, g.rungs());
        assertEquals(Set.of(Skill.PASSING, Skill.FIRST_TOUCH, Skill.LOFTED, Skill.CARRYING, Skill.CHASING), g.skills());
        assertEquals(14, g.along(), 0.8);
        assertEquals(Space.QUARTER, g.space());
        assertEquals(Map.of("pass lob", 1, "carry", 1, "shadow chase", 1), withoutSequences(g.does()));
        assertEquals(50, DrillSummarizer.at(running()).summary().along(), 0.5);
    }

    private static Map<String, Integer> withoutSequences(Map<String, Integer> does) {
        return does.entrySet().stream()
                .filter(e -> !e.getKey().contains(">"))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    @Test
    void textsHoldWhatACoachWouldLookFor() {
        Texts t = DrillSummarizer.at(passing()).texts();
        assertEquals("Over the hedge", t.title());
        assertTrue(t.needs().contains("field hockey") && t.needs().contains("1 cone"), t.needs());
        assertTrue(t.does().contains("first touch") && t.does().contains("lob"), t.does());
        assertTrue(t.says().contains("7") && t.says().contains("9"), t.says());
        assertTrue(t.points().contains("Weight of the pass.") && t.points().contains("Where is the space?"));
    }

    @Test
    void emptyDrillIsNothingToBeAfraidOf() {
        DrillSummary g = DrillSummarizer.at(Drill.empty("d", "Empty", "basketball-intl", "whole"))
                .summary();
        assertEquals(0, g.people());
        assertEquals("", g.needs());
        assertEquals(Space.QUARTER, g.space());
    }

    @Test
    void spaceIsTheSmallestPartThatHoldsIt() {
        var court = Surfaces.BUILT_IN.get("field-hockey");
        assertEquals(Space.QUARTER, Space.of(new Box(0, 0, court.length() / 2, court.width() / 2), court));
        assertEquals(Space.HALF, Space.of(new Box(0, 0, court.length() / 2, court.width()), court));
        assertEquals(Space.HALF, Space.of(new Box(0, 0, court.length(), court.width() / 2), court));
        assertEquals(Space.WHOLE, Space.of(new Box(0, 0, court.length() * 0.7, court.width() * 0.7), court));
    }

    @Test
    void askedForIsWhatThereIsTonight() {
        DrillSummary g = DrillSummarizer.at(passing()).summary();
        assertTrue(DrillQuery.ANYTHING.fits(g));
        assertTrue(DrillQuery.ANYTHING.people(OptionalInt.of(3)).fits(g));
        assertFalse(DrillQuery.ANYTHING.people(OptionalInt.of(2)).fits(g));
        assertFalse(DrillQuery.ANYTHING.gear(GearKind.CONE, OptionalInt.of(0)).fits(g));
        assertTrue(DrillQuery.ANYTHING
                .gear(GearKind.CONE, OptionalInt.of(0))
                .gear(GearKind.CONE, OptionalInt.empty())
                .fits(g));
        assertFalse(DrillQuery.ANYTHING.balls(OptionalInt.of(0)).fits(g));
        assertFalse(DrillQuery.ANYTHING.minutes(OptionalInt.of(10)).fits(g));
        assertTrue(DrillQuery.ANYTHING.space(Optional.of(Space.HALF)).fits(g));
        assertFalse(DrillQuery.ANYTHING.turning(Skill.SHOOTING).fits(g));
        assertTrue(DrillQuery.ANYTHING
                .turning(Skill.SHOOTING)
                .turning(Skill.SHOOTING)
                .fits(g));
        assertFalse(DrillQuery.ANYTHING.turning(Effort.Level.UNDER_8).fits(g));
        assertTrue(DrillQuery.ANYTHING.turning("field-hockey").fits(g));
        assertFalse(DrillQuery.ANYTHING.turning("rugby-union").fits(g));
        assertFalse(DrillQuery.ANYTHING
                .intensity(Optional.of(Effort.Intensity.HALF))
                .fits(g));
    }

    @Test
    void alikeIsWhoDoesTheSame() {
        DrillSummary one = DrillSummarizer.at(passing()).summary();
        DrillSummary twin = DrillSummarizer.at(passing().withTitle("Something else altogether"))
                .summary();
        DrillSummary other =
                DrillSummarizer.at(running().withTitle("Over the hedge")).summary();
        assertEquals(1, Likeness.of(one, twin), 1e-9);
        assertTrue(Likeness.of(one, other) < 0.5, "a title makes nothing alike");
        assertEquals(Likeness.of(one, other), Likeness.of(other, one), 1e-12);
    }

    @Test
    void changesOfAWholeDrillAreSaidInWords() {
        Drill before = passing();
        assertEquals(List.of(), Changes.of(before, before, Unit.METRES));
        Drill after = DrillEdits.points(List.of("Head up.")).apply(before.withTitle("Over the wall"));
        assertEquals(
                List.of(
                        "called Over the wall instead of Over the hedge",
                        "+ coaching point: Head up.",
                        "− coaching point: Weight of the pass."),
                Changes.of(before, after, Unit.METRES));
        Stage moved = Ladder.build(before, "s1");
        Drill further = Ladder.put(
                before, moved.withPiece(moved.piece("c1").orElseThrow().movedTo(new Vec(3, 8))));
        assertEquals(
                List.of("yellow cone moved 5 m"),
                Changes.of(before, further, Unit.METRES).stream()
                        .map(w -> w.replace("5.0 m", "5 m"))
                        .toList());
    }

    @Test
    void drillsBeginWithAFigureInTheMiddleOfWhatIsShown() {
        for (PatternKind kind : PatternKind.values()) {
            Drill drill = ConesSetDown.with(kind, Drill.empty("d", "New drill", "basketball-intl", "whole"));
            List<Piece> pieces = Ladder.build(drill, "s1").pieces();
            assertTrue(pieces.size() >= 2, kind.title());
            assertTrue(pieces.stream().allMatch(p -> drill.surface().contains(p.at(), 0)), kind.title());
            assertEquals(kind.title() + " of cones", drill.title());
        }
    }
}

package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Venue;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.effort.Dose;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;

class ChangesTest {

    private static final Drill BEFORE = Ladder.put(
            Drill.empty("d", "Weir", "field-hockey", "whole"),
            new Stage(
                    "s1",
                    "Start here",
                    new Stages()
                            .player("7", 0, 0)
                            .player("9", 10, 0)
                            .ball("b1", "7")
                            .piece(Piece.Item.cone("c1", new Vec(5, 5), Colour.YELLOW))
                            .pass("a1", "7", "9", Cue.whistle())
                            .build()
                            .pieces(),
                    new Stages().pass("a1", "7", "9", Cue.whistle()).build().actions()));

    private static List<String> words(Drill after) {
        return Changes.of(BEFORE, after, Unit.METRES);
    }

    @Test
    void theSameDrillHasNotChanged() {
        assertEquals(List.of(), words(BEFORE));
        assertEquals(List.of(), words(DrillEdits.rename("Weir").apply(BEFORE)));
    }

    @Test
    void theDrillAsAWholeIsSaidFirst() {
        Drill after = DrillEdits.readLines(
                        Drill.LineKey.values()[1 - BEFORE.lineKey().ordinal()])
                .apply(BEFORE.withTitle("Sluice")
                        .withVenue(Venue.of("football-11"))
                        .withEffort(new Effort(Effort.Level.UNDER_12, Effort.Intensity.LIVE)));
        List<String> words = words(after.withNotes(List.of("Look up."), List.of(), List.of()));
        assertEquals("called Sluice instead of Weir", words.get(0));
        assertTrue(words.get(1).startsWith("on ") && words.get(1).contains(" instead of "), words.get(1));
        assertTrue(words.contains("lines are read the other way round"), words.toString());
        assertTrue(words.contains("for under 12 instead of adults"), words.toString());
        assertEquals("+ coaching point: Look up.", words.get(words.size() - 1));
    }

    @Test
    void whatIsShownIsAChangeToo() {
        assertEquals(
                List.of("another part of the surface is shown"),
                words(DrillEdits.showView("attacking-half").apply(BEFORE)));
    }

    @Test
    void aRungIsNamedOnlyWhereThereAreSeveral() {
        Piece.Item cone = (Piece.Item) Ladder.build(BEFORE, "s1").piece("c1").orElseThrow();
        Drill moved = PieceEdits.move("s1", cone, new Vec(5, 9)).apply(BEFORE);
        assertEquals(List.of("yellow cone moved 4.0 m"), words(moved));
        LadderEdits.Made harder = LadderEdits.harder(BEFORE, "s1");
        Drill two = harder.edit().apply(BEFORE);
        List<String> words = Changes.of(
                two, PieceEdits.move(harder.id(), cone, new Vec(5, 9)).apply(two), Unit.METRES);
        assertEquals(List.of("rung 2: yellow cone moved 4.0 m"), words);
    }

    @Test
    void rungsComeAndGoWithTheirNames() {
        LadderEdits.Made harder = LadderEdits.harder(BEFORE, "s1");
        Drill two = LadderEdits.renamed(harder.id(), "With a chaser")
                .apply(harder.edit().apply(BEFORE));
        Drill chased = PieceEdits.place(harder.id(), new Piece.Player("p4", new Vec(3, 3), 0, "4", Bib.SKY))
                .apply(two);
        assertEquals(List.of("+ rung 2 (With a chaser)"), words(chased), "what is on it is new with it");
        assertEquals(List.of("− rung 2 (With a chaser)"), Changes.of(chased, BEFORE, Unit.METRES));
    }

    @Test
    void thePlanOfARungIsSaid() {
        Drill planned = LadderEdits.planned("s1", "Length", p -> p.with(Dose.read("8 min")))
                .apply(BEFORE);
        assertEquals(List.of("8 min instead of no length"), words(planned));
        assertEquals(List.of("no length instead of 8 min"), Changes.of(planned, BEFORE, Unit.METRES));
        Drill climbed = LadderEdits.planned("s1", "When", p -> p.climbing("three in a row"))
                .apply(BEFORE);
        assertEquals(List.of("climb when three in a row"), words(climbed));
        assertEquals(List.of("climb when the coach says"), Changes.of(climbed, BEFORE, Unit.METRES));
        Drill slower = LadderEdits.planned("s1", "Pace", p -> p.going(Optional.of(Effort.Intensity.HALF)))
                .apply(BEFORE);
        assertEquals(List.of("half pace instead of live"), words(slower));
    }

    @Test
    void whatNoWordIsForIsNotPassedOverInSilence() {
        // The id tells a copy from its original; nothing that people do is another.
        assertEquals(List.of("a detail is another"), words(BEFORE.withId("other")));
    }
}

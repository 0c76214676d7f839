package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.surface.Surfaces;

/**
 * Files in which one id stands for two things: old ones are mended and that is said, new ones are refused with both
 * places.
 */
class IdClashTest {

    private static final String FILE =
            """
            {"format": "wild-chalk-drill", "version": %d, "id": "d", "title": "D", "surface": "netball",
             "stages": [
              {"id": "s1", "title": "Start", "pieces": [
                {"id": "p1", "kind": "player", "label": "WA", "facing": 0, "team": "mint", "at": [2, 2]},
                {"id": "x2", "kind": "player", "label": "C", "facing": 0, "team": "mint", "at": [4, 2]}],
               "actions": [{"id": "a1", "kind": "run", "who": "x2", "path": [[5, 5]], "cue": {"on": "whistle"}}]},
              {"id": "s2", "title": "With a hoop", "from": "s1", "pieces": [
                {"id": "x2", "kind": "hoop", "at": [9, 1]}], "actions": [],
               "said": [{"id": "a1", "kind": "at-most", "counted": "passes", "most": 3}, {"id": "p1", "kind": "freeze",
                "at": {"on": "whistle"}, "question": "?"}],
               "without": ["gone"]}]}
            """;

    @Test
    void anOldFileIsMendedAndSaysSo() throws FormatException {
        Told<Drill> told = DrillReader.told(FILE.formatted(6), Surfaces.BUILT_IN);
        assertEquals(3, Ladder.build(told.document(), "s2").pieces().size());
        assertEquals(1, Ladder.build(told.document(), "s2").actions().size(), "C runs there too");
        assertEquals(List.of(), told.document().ladder().get(1).without(), "what is nowhere is left out by nobody");
        assertEquals(3, told.words().size());
        assertEquals(
                "The red hoop on \"With a hoop\" and the player C on \"Start\" were taken for one thing; they "
                        + "are kept apart now. "
                        + "Look whether each belongs where it is.",
                told.words().get(0));
        Told<Drill> again = DrillReader.told(DrillWriter.write(told.document()), Surfaces.BUILT_IN);
        assertEquals(told.document(), again.document());
        assertEquals(List.of(), again.words());
    }

    @Test
    void aNewFileIsRefusedWithALineForEachClashAndBothPlaces() {
        FormatException e = assertThrows(FormatException.class, () -> DrillReader.read(FILE.formatted(7)));
        assertEquals(2, e.lines().size(), e.lines().toString());
        assertEquals(
                "line 9: stages/1/said/0: \"a1\" stands twice, for this thing that is said on stage \"s2\" and "
                        + "for the action on stage \"s1\"; "
                        + "give one of the two another id (the other: line 6: stages/0/actions/0)",
                e.lines().get(0));
        assertTrue(
                e.lines().get(1).contains("line 4: stages/0/pieces/0"),
                e.lines().get(1));
        assertEquals(e.getMessage(), e.lines().get(0));
    }

    @Test
    void whatWasGivenIsKept() throws FormatException {
        Drill drill = DrillReader.read(
                FILE.formatted(6).replace("\"title\": \"D\"", "\"title\": \"D\", \"given\": {\"p\": 40}"));
        Drill again = DrillReader.read(DrillWriter.write(drill));
        assertEquals("p42", new FreeIds(again).take("p"), "p41 is what the question is called now");
        assertTrue(Ladder.build(again, "s1").pieces().stream().map(Piece::id).noneMatch("p42"::equals));
    }
}

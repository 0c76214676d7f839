package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.colour.Bib;
import wildchalk.core.effort.Effort;
import wildchalk.core.grouping.Handed;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;
import wildchalk.core.squad.Caution;
import wildchalk.core.squad.Evening;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Presence.State;
import wildchalk.core.squad.Sprint;
import wildchalk.core.squad.Squad;

/** A squad file is read as it was written, and what is not sound is refused in one plain line. */
class SquadFileTest {

    /** One with everything in it. */
    static Squad full() {
        Member odile = Member.named("m1", "Odile")
                .called("Odile", "4")
                .playing(List.of("back", "middle"), Handed.LEFT)
                .at(new Member.Level(4, 1.05, List.of(new Sprint(20, 3.4))))
                .kept(new Caution(Caution.From.CONTACT, "shoulder", Optional.of(LocalDate.of(2027, 3, 3))))
                .kept(new Caution(Caution.From.OTHER, "asthma", Optional.empty()))
                .saying("reads the game");
        Member paavo = Member.named("m2", "Paavo").playing(List.of("keeper"), Handed.BOTH);
        Member guest = Member.named("m4", "Wenna");
        Groups groups = new Groups(
                Style.EVEN,
                List.of(
                        new Wish.Together(List.of("m1", "m2"), true),
                        new Wish.Apart(List.of("m1", "m4"), false),
                        new Wish.Pinned("m2", 1, true),
                        new Wish.InEach("keeper", false),
                        new Wish.BothSides(false),
                        new Wish.LateLast(true),
                        new Wish.EasyTogether(false)),
                17,
                List.of(new Groups.Group(Bib.LEMON, List.of("m4")), new Groups.Group(Bib.MINT, List.of("m1", "m2"))));
        Evening tonight = new Evening(
                Optional.of(LocalDate.of(2026, 11, 30)),
                Map.of(
                        "m1",
                        new Presence(State.LATE, Optional.of(LocalTime.of(18, 45))),
                        "m2",
                        Presence.of(State.NO_CONTACT)),
                List.of(guest),
                Optional.of(groups));
        return new Squad(
                "s",
                "Under sixteens",
                9,
                new Squad.Usual("field-hockey", Effort.Level.UNDER_16),
                List.of(odile, paavo),
                List.of(new Helper("m3", "Tibor", Helper.Duty.ASSISTANT, List.of("keepers"))),
                tonight,
                List.of(List.of(List.of("m1"), List.of("m2", "m5"))));
    }

    @Test
    void itIsReadAsItWasWritten() throws FormatException {
        assertEquals(full(), SquadReader.read(SquadWriter.write(full())));
        Squad empty = Squad.empty("e", "Nobody yet");
        assertEquals(empty, SquadReader.read(SquadWriter.write(empty)));
    }

    /** What is done to the sound file, and what the one line must say. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            textBlock =
                    """
        "strength" : 4        | "strength" : 6             | strength: 6 is out of range; the most is 5
        "side" : "left"       | "side" : "up"              | side: "up" is not known here; it can be left, right, both
        "id" : "m2"           | "id" : "m1"                | people/1/id: stands twice; give one of the two another id
        "id" : "m3"           | "id" : "m2"                | staff/0/id: stands twice
        [ "m1", "m4" ]        | [ "m1", "m77" ]            | "m77" is nobody of this squad
        "people" : [ "m4" ]   | "people" : [ "m4", "m1" ]  | "m1" is in two groups; take them out of one
        "group" : 2           | "group" : 3                | group: there is no group 3; the last one is 2
        [ "m1", "m2" ],       | [ "m1" ],                  | "people" are missing; name at least 2
        "2026-11-30"          | "2026-11-31"               | day: this is no day of the calendar
        "18:45"               | "28:45"                    | from: this is no time of the day
        "state" : "late"      | "state" : "asleep"         | state: "asleep" is not known here
        "kind" : "in-each"    | "kind" : "riddle"          | kind: "riddle" is not known here
        "number" : "4"        | "born" : "2011"            | "born" does not belong here; take it out
        "version" : 1         | "version" : 2              | it was written by a newer Wild Chalk (format version 2
        wild-chalk-squad      | wild-chalk-choir           | this is not a squad file
        """)
    void whatIsNotSoundIsRefusedInALine(String right, String wrong, String said) {
        String text = SquadWriter.write(full());
        assertTrue(text.contains(right), text);
        int at = text.indexOf(right);
        String broken = text.substring(0, at) + wrong + text.substring(at + right.length());
        FormatException e = assertThrows(FormatException.class, () -> SquadReader.read(broken));
        assertTrue(e.getMessage().contains(said), e.getMessage());
        assertTrue(!e.getMessage().contains("\n"));
    }

    @Test
    void nobodyGetsANumberThatIsTaken(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("kids.squad.json");
        Files.writeString(file, SquadWriter.write(full()).replace("\"ids\" : 9", "\"ids\" : 0"));
        assertTrue(SquadReader.isSquad(file));
        Squad read = SquadReader.read(file);
        assertEquals(4, read.ids());
        assertEquals("m5", read.with(Member.named("", "Calla")).people().get(2).id());
        Files.writeString(file, "{\"format\": \"wild-chalk-squad\", ");
        String cut = assertThrows(FormatException.class, () -> SquadReader.read(file))
                .getMessage();
        assertTrue(cut.startsWith("kids.squad.json: line 1: the file is cut off here"), cut);
    }

    /** Whoever is forgotten is nowhere by name; that somebody was with others is still counted. */
    @Test
    void nobodyIsNamedAfterBeingForgotten() {
        Squad without = full().without("m1");
        String text = SquadWriter.write(without);
        assertTrue(!text.contains("Odile") && !text.contains("asthma"), text);
        assertEquals(
                List.of("m2"), without.tonight().groups().orElseThrow().people().get(1));
        assertEquals(1, without.lately().size());
        assertTrue(without.tonight().groups().orElseThrow().wishes().stream()
                .noneMatch(w -> w instanceof Wish.Together || w instanceof Wish.Apart));
    }
}

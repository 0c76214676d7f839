package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;
import wildchalk.storage.DemoDrills;

class DrillFileTest {

    static List<Path> demo() {
        return DemoDrills.files();
    }

    @ParameterizedTest
    @MethodSource("demo")
    void demoDrillComesBackAsItWasWritten(Path file) throws Exception {
        Drill drill = DrillReader.read(file);
        assertEquals(drill, DrillReader.read(DrillWriter.write(drill)));
    }

    /** All but the one that is wrong on purpose. */
    static List<Path> demoThatPlays() {
        return DemoDrills.files().stream()
                .filter(f -> !f.toString().contains("mousetrap"))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("demoThatPlays")
    void demoDrillHasFourActionsAndTwoPeopleWhoReactToOneMomentAndNoProblem(Path file) throws Exception {
        Drill drill = DrillReader.read(file);
        Stage stage = Ladder.build(drill, "s1");
        Timeline timeline = Rehearsal.of(stage, drill.surface());
        assertTrue(stage.actions().size() >= 4);
        assertEquals(List.of(), timeline.problems());
        assertTrue(
                timeline.beats().stream()
                        .anyMatch(b -> b.actions().stream()
                                        .map(a -> stage.action(a).orElseThrow())
                                        .filter(a -> a.cue().trigger().of().isPresent())
                                        .map(a -> a.who())
                                        .distinct()
                                        .count()
                                >= 2),
                "two people react to one moment");
        assertFalse(drill.cautions().isEmpty());
    }

    /** What is done to the sound file, and what the one line must say. The line numbers are those of the demo file. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
        "kind": "carry"              | "kind": "juggle"                | line 45: stages/0/actions/1/kind: "juggle" is not known here; it can be run, carry, collect, pass, shot, shadow, hold, call, blow, handle
        "at": [24, -8.5]             | "at": [NaN, -8.5]               | NaN is not a number that can be measured; write metres, such as 12.5
        "at": [24, -8.5]             | "at": [1e999, -8.5]             | is not a number that can be measured
        "at": [24, -8.5]             | "at": [9000, -8.5]              | stages/0/pieces/1/at/0: 9000 is out of range; the most is 500
        "at": [24, -8.5]             | "at": [24]                      | stages/0/pieces/1/at: there should be at least 2 here
        "at": [24, -8.5]             | "at": "left wing"               | stages/0/pieces/1/at: "left wing" should be a list in [ ]
        "on": "received", "action": "a1"} | "on": "received", "action": "a99"} | "a2" has a cue that waits for "a99", but no action has that id
        "on": "next"                 | "on": "sneeze"                  | "sneeze" is not known here; it can be whistle, next, with, released, received, after, partway, gone, enters, crosses, near, touches, dead, called, all, first
        "on": "received", "action": "a1"} | "on": "received"}          | "action" is missing; add it
        "version": 1                 | "version": 15                   | line 3: version: it was written by a newer Wild Chalk (format version 15, this one reads up to 14); update Wild Chalk to open it
        "format": "wild-chalk-drill" | "format": "recipe"              | line 2: format: this is not a drill file: it should say "format": "wild-chalk-drill"
        "who": "p9"                  | "who": "p99"                    | "a3" is done by "p99", but no person has that id
        "heldBy": "f"                | "heldBy": "nobody"              | "b1" is held by "nobody", but no person has that id
        "target": "goal"             | "target": "moon"                | "a6" goes to the target "moon", but the surface has none of that name
        "surface": "field-hockey"    | "surface": "rugby-union", "sizes": {"in-goal": 30} | line 6: sizes/in-goal: "in-goal" of 30.00 m is outside the rule's range, 6.00 to 22.00 m
        "surface": "field-hockey"    | "surface": "field-hockey", "sizes": {"length": 90} | "length" is no size of the surface field-hockey; none of its sizes can be chosen
        "surface": "field-hockey"    | "surface": "field-hockey", "attack": "sideways" | attack: "sideways" is not known here; it can be right, down, left, up
        "kind": "cone"               | "kind": "umbrella"              | "umbrella" is not known here; it can be player
        "colour": "yellow"           | "colour": "yellow", "width": 0  | width: 0 is out of range; the least is 0.02
        "id": "p4"                   | "id": "p7"                      | "p7" stands twice, for this piece on stage "s1" and for the piece on stage "s1"; give one of the two another id (the other: line
        "delay": 0.4                 | "delay": -90                    | cue/delay: -90 is out of range; the least is -60
        "on": "received", "action": "a1"} | "on": "with", "action": "a1", "delay": -1} | "a2" is set off before something that nobody can foresee
        "on": "received", "action": "a1"} | "on": "enters", "who": "p7", "zone": "moon"} | "a2" has a cue about the zone "moon", but the surface has none of that name
        "on": "received", "action": "a1"} | "on": "near", "who": "p7", "other": "p77", "metres": 2} | "a2" has a cue that watches "p77", but nobody and nothing has that id
        "on": "received", "action": "a1"} | "on": "all", "of": []}      | cue/of: there should be at least 1 here
        "label": "9"                 | "label": "9", "label": "8"      | the same name stands twice here
        "view":                      | "colour": "red", "view":        | "colour" does not belong here; take it out
        """)
    void brokenFileIsRefusedWithOneLineThatSaysWhereAndWhatWouldBeRight(String right, String wrong, String said) {
        String text = DemoDrills.text("turnstile");
        assertTrue(text.contains(right), "the demo file no longer has " + right);
        int at = text.indexOf(right);
        String broken = text.substring(0, at) + wrong + text.substring(at + right.length());
        FormatException e = assertThrows(FormatException.class, () -> DrillReader.read(broken));
        assertTrue(e.getMessage().contains(said), e.getMessage());
        assertFalse(e.getMessage().contains("\n"));
    }

    /** What is said at fault, and what the one line must say. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            textBlock =
                    """
        {"id": "r", "kind": "read", "who": "p7", "options": [{"id": "o", "label": "x"}]} | options: there should be at least 2 here
        {"id": "r", "kind": "read", "who": "p77", "options": [{"id": "o", "label": "x"}, {"id": "q", "label": "y"}]} | "r" is decided by "p77", but no person, no ball, no live play and no start has that id
        {"id": "r", "kind": "read", "who": "p7", "options": [{"id": "o", "label": "x"}, {"id": "o", "label": "y"}]} | "r" has two options called "o"; give one of them another id
        {"id": "r", "kind": "read", "who": "p7", "options": [{"id": "o", "label": "x", "actions": ["a77"]}, {"id": "q", "label": "y"}]} | "r" has an option with "a77", but no action has that id
        {"id": "r", "kind": "read", "who": "p7", "under": "z", "options": [{"id": "o", "label": "x"}, {"id": "q", "label": "y"}]} | "r" arises in the option "z", but no other read has that option
        {"id": "z", "kind": "freeze", "at": {"on": "received", "action": "a77"}} | "z" has a cue that waits for "a77", but no action has that id
        {"id": "l", "kind": "at-most", "counted": "hops", "most": 2} | "hops" is not known here; it can be touches, dribbles, passes, shots
        {"id": "l", "kind": "at-most", "counted": "shots", "most": -1} | most: -1 is out of range; the least is 0
        {"id": "l", "kind": "at-most", "counted": "shots", "most": 1, "who": "p77"} | "l" is about "p77", but no person has that id
        {"id": "l", "kind": "passes-first", "passes": 2, "line": "moon"} | "l" is about the line "moon", but the surface has no straight line of that name
        {"id": "l", "kind": "entries-first", "entries": 2, "zone": "moon"} | "l" is about the zone "moon", but the surface has none of that name
        {"id": "l", "kind": "within", "seconds": 0} | seconds: 0 is out of range; it should be more than 0
        {"id": "l", "kind": "only-in", "zone": "circle", "people": ["p77"]} | "l" is about "p77", but no person has that id
        {"id": "l", "kind": "not-before", "who": "p7", "moment": {"on": "enters", "who": "p7", "zone": "moon"}} | "l" has a cue about the zone "moon", but the surface has none of that name
        {"id": "p7", "kind": "within", "seconds": 5} | "p7" stands twice, for this thing that is said on stage "s1" and for the piece on stage "s1"; give one of the two another id (the other: line
        {"id": "l", "kind": "at-most", "counted": "shots", "most": 1, "whom": {"team": "plaid"}} | "plaid" is not known here; it can be coral
        {"id": "l", "kind": "at-least", "counted": "passes", "least": 2, "whom": {"people": ["p77"]}} | "l" is about "p77", but no person has that id
        {"id": "l", "kind": "stay-in", "zone": "moon"} | "l" is about the zone "moon", but the surface has none of that name
        {"id": "d", "kind": "duty", "task": "juggle", "at": {"on": "whistle"}} | "juggle" is not known here; it can be press, drop, shift
        {"id": "d", "kind": "duty", "task": "press", "at": {"on": "after", "action": "a77"}} | "d" has a cue that waits for "a77", but no action has that id
        {"id": "d", "kind": "duty", "task": "drop", "metres": 0, "at": {"on": "whistle"}} | metres: 0 is out of range; it should be more than 0
        {"id": "y", "kind": "says", "words": "mine", "to": {"people": ["p77"]}} | "y" is about "p77", but no person has that id
        {"id": "w", "kind": "watch-for", "whom": {"role": "nearest", "of": "p77"}, "fault": "x"} | "w" is about "p77", but nobody and nothing has that id
        {"id": "m", "kind": "goal-at", "target": "moon"} | "m" moves the target "moon", but the surface has none of that name
        {"id": "t", "kind": "twin", "where": "other-end", "pairs": {"p7": "p77"}} | "t" ties "p77", but nothing has that id
        {"id": "t", "kind": "twin", "where": "other-end", "pairs": {"p7": "p7"}} | "t" ties "p7" twice; each has one counterpart
        {"id": "q", "kind": "code", "parts": [{"words": "gap", "pieces": ["c77"]}]} | "q" numbers "c77", but no piece has that id
        {"id": "q", "kind": "code", "parts": [{"words": "gap", "pieces": ["p7"], "gaps": true}]} | "q" has a figure that says nothing: name two pieces for a gap
        {"id": "k", "kind": "starts", "low": "asleep"} | "asleep" is not known here; it can be lying, kneeling, back-turned
        {"id": "k", "kind": "starts", "low": "lying", "whom": {"people": ["p77"]}} | "k" is about "p77", but no person has that id
        {"id": "k", "kind": "ability", "pace": 0} | pace: 0 is out of range; it should be more than 0
        {"id": "k", "kind": "by-age", "of": "x77", "steps": {"adult": 2}} | "k" follows the age for "x77", but no limit, person or piece has that id
        {"id": "k", "kind": "by-age", "of": "p7", "steps": {"adult": 2}} | "k" says how far off something stands, but not from where
        {"id": "d", "kind": "duty", "task": "spread", "at": {"on": "whistle"}} | "d" spreads people over no area: name one
        {"id": "l", "kind": "riddle"} | "riddle" is not known here; it can be read, freeze, at-most
        """)
    void whatIsSaidAmissIsRefusedWithOneLine(String said, String line) {
        String text = DemoDrills.text("turnstile");
        String amiss = text.replace("\"said\": [", "\"said\": [" + said + ",");
        assertFalse(amiss.equals(text), "the demo file no longer says anything");
        FormatException e = assertThrows(FormatException.class, () -> DrillReader.read(amiss));
        assertTrue(e.getMessage().contains(line), e.getMessage());
        assertTrue(e.getMessage().startsWith("line "), e.getMessage());
    }

    /** What somebody does amiss, and what the one line must say. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            textBlock =
                    """
        {"id": "x", "kind": "act", "who": "p7", "what": "juggle"} | "juggle" is not known here; it can be go-down, kneel, get-up
        {"id": "x", "kind": "act", "who": "p7", "what": "tackle", "then": "both-down"} | "x" is done to nobody: name whom or what
        {"id": "x", "kind": "act", "who": "p7", "what": "tackle", "on": {"piece": "p9"}} | "x" is a tackle that ends in nothing: say what becomes of both
        {"id": "x", "kind": "act", "who": "p7", "what": "tap", "on": {"piece": "p7"}} | "x" is done to whoever does it: name another
        {"id": "x", "kind": "act", "who": "p7", "what": "go-down", "on": {"piece": "p9"}} | "x" is done to somebody, but it is about nobody else
        {"id": "x", "kind": "act", "who": "p7", "what": "take", "on": [1, 2]} | "x" is done to something, but it can only be done to a person
        {"id": "x", "kind": "act", "who": "p7", "what": "kneel", "seconds": 99} | seconds: 99 is out of range
        {"id": "x", "kind": "contest", "who": "p7", "start": "face-off", "gets": []} | gets: there should be at least 1 here
        {"id": "x", "kind": "contest", "who": "p7", "start": "face-off", "gets": ["p77"]} | "x" is fought for by "p77", but no person has that id
        {"id": "x", "kind": "contest", "who": "p7", "start": "coin", "gets": ["p9"]} | "coin" is not known here; it can be face-off, jump-ball
        {"id": "x", "kind": "shadow", "who": "p7", "whom": "p9", "way": "lane"} | "x" keeps in a lane that leads from one person to nothing: name its other end
        {"id": "x", "kind": "run", "who": "p7", "path": [[1, 2]], "feints": [{"name": "step", "share": 2, "seconds": 1}]} | share: 2 is out of range
        {"id": "x", "kind": "run", "who": "p7", "path": [[1, 2]], "limb": "tail"} | "tail" is not known here; it can be any, left-hand, right-hand
        {"id": "x", "kind": "pass", "who": "p7", "to": {"piece": "p9"}, "part": "ear"} | "ear" is not known here; it can be any, stick, foot
        """)
    void whatIsDoneAmissIsRefusedWithOneLine(String done, String line) {
        String text = DemoDrills.text("turnstile");
        String amiss = text.replace("\"actions\": [", "\"actions\": [" + done + ",");
        FormatException e = assertThrows(FormatException.class, () -> DrillReader.read(amiss));
        assertTrue(e.getMessage().contains(line), e.getMessage());
        assertTrue(e.getMessage().startsWith("line "), e.getMessage());
    }

    @Test
    void fileCutOffAnywhereSaysSoWithItsLine() {
        String text = DemoDrills.text("turnstile").strip();
        for (int length = 1; length < text.length(); length++) {
            String cut = text.substring(0, length);
            FormatException e = assertThrows(FormatException.class, () -> DrillReader.read(cut));
            assertTrue(
                    e.getMessage().matches("line \\d+: the file is cut off here; take a whole copy of it"),
                    "cut after " + length + ": " + e.getMessage());
        }
    }

    @Test
    void whatIsNotJsonAtAllSaysSo() {
        for (String text : List.of("drill: fast", "{\"format\": }", "<xml/>", "[1, 2", "{} {}")) {
            FormatException e = assertThrows(FormatException.class, () -> DrillReader.read(text), text);
            assertTrue(e.getMessage().startsWith("line 1: "), e.getMessage());
        }
        assertThrows(FormatException.class, () -> DrillReader.read("  "));
        assertThrows(FormatException.class, () -> DrillReader.read("7"));
    }

    @Test
    void missingOrUnreadableFileIsNamed(@TempDir Path folder) throws Exception {
        FormatException none = assertThrows(FormatException.class, () -> DrillReader.read(folder.resolve("none.json")));
        assertTrue(none.getMessage().endsWith("there is no such file"));
        Path bytes = folder.resolve("bytes.json");
        Files.write(bytes, new byte[] {(byte) 0xC3, (byte) 0x28, 0, 1});
        assertThrows(FormatException.class, () -> DrillReader.read(bytes));
        assertThrows(FormatException.class, () -> DrillReader.read(folder));
    }

    @Test
    void drillOnAMissingSurfaceOpensOnAnOpenSpaceOfItsSizeWithEveryPositionKept() throws Exception {
        Drill known = DrillReader.read(DemoDrills.text("turnstile"));
        String text = DrillWriter.write(known).replace("\"field-hockey\"", "\"club-lawn\"");
        Drill missing = DrillReader.read(text);
        assertTrue(missing.venue().isMissing());
        assertEquals("club-lawn", missing.surface().id());
        assertEquals(91.4, missing.surface().length());
        assertEquals(55, missing.surface().width());
        assertEquals(known.ladder(), missing.ladder());
        Stage stage = Ladder.build(missing, "s1");
        Timeline here = Rehearsal.of(stage, missing.surface());
        Timeline there = Rehearsal.of(stage, known.surface());
        assertEquals(List.of(), here.problems());
        assertEquals(there.line("a6"), here.line("a6"), "the shot goes to where the goal was");
        assertEquals(text, DrillWriter.write(missing), "and nothing is lost by keeping it");
    }

    @Test
    void drillOfAnUnknownSurfaceWithoutAFootprintStillOpens() throws Exception {
        Drill drill = DrillReader.read(DemoDrills.text("turnstile").replace("\"field-hockey\"", "\"swamp\""));
        assertTrue(drill.venue().isMissing());
        assertTrue(drill.surface().length() > 0);
        assertEquals(
                List.of(),
                Rehearsal.of(Ladder.build(drill, "s1"), drill.surface()).problems());
    }

    @Test
    void goalOfTheFirstVersionIsAsDeepAsItWasDrawn() throws Exception {
        Drill drill = DrillReader.read(DemoDrills.text("turnstile")
                .replace(
                        "{\"id\": \"c1\", \"kind\": \"cone\"",
                        "{\"id\": \"g1\", \"kind\": \"goal\", \"at\": [1, 2], \"width\": 2}, {\"id\": "
                                + "\"c1\", \"kind\": \"cone\""));
        assertEquals(
                Piece.Item.goal("g1", new Vec(1, 2), 0, 2),
                Ladder.build(drill, "s1").piece("g1").orElseThrow());
    }

    @Test
    void timelineIsWrittenAsPromised() throws Exception {
        Drill drill = DrillReader.read(DemoDrills.text("turnstile"));
        Stage stage = Ladder.build(drill, "s1");
        Timeline timeline = Rehearsal.of(stage, drill.surface());
        JsonNode o = new ObjectMapper().readTree(TimelineWriter.write("s1", timeline));
        assertEquals("s1", o.path("stage").asText());
        assertEquals(timeline.duration(), o.path("duration").asDouble(), 1e-6);
        assertEquals(timeline.beats().size(), o.path("beats").size());
        assertEquals("a1", o.at("/beats/0/actions/0").asText());
        assertEquals(timeline.events().size(), o.path("events").size());
        o.path("events")
                .forEach(e ->
                        assertTrue(Set.of("start", "release", "arrival", "touch", "turn", "contest", "enter", "end")
                                .contains(e.path("kind").asText())));
        JsonNode arrival = o.path("events").findParents("kind").stream()
                .filter(e -> e.path("kind").asText().equals("arrival"))
                .findFirst()
                .orElseThrow();
        assertEquals("p7", arrival.path("who").asText());
        assertEquals("b1", arrival.path("ball").asText());
        for (String id : List.of("f", "p7", "b1")) {
            JsonNode track = o.path("tracks").path(id);
            assertTrue(track.size() > 30);
            assertTrue(track.get(0).has("t")
                    && track.get(0).has("x")
                    && track.get(0).has("y")
                    && track.get(0).has("facing"));
        }
        assertEquals(0, o.path("problems").size());
        JsonNode first = o.at("/possession/0");
        assertEquals("f", first.path("who").asText());
        assertEquals(0, first.path("from").asDouble(), 1e-9);
        assertEquals(
                timeline.times("a1").orElseThrow().release(), first.path("to").asDouble(), 1e-6);
        // 9 runs as far as the line is long, and stands before and after.
        assertEquals(
                Ruler.length(timeline.line("a3")), o.at("/people/p9/distance").asDouble(), 0.1);
        assertTrue(o.at("/people/p9/topSpeed").asDouble() > 3
                && o.at("/people/p9/topSpeed").asDouble() < 8);
        assertTrue(o.at("/people/p9/moving").asDouble() > 2);
        int people = timeline.people().size();
        assertEquals(people * (people - 1) / 2, o.path("spacing").size());
    }
}

package wildchalk.launcher;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.bundle.BundleReader;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.SquadWriter;

class CommandLineTest {

    private static final String DEMO = "../demo/turnstile.drill.json";

    private record Said(int code, String out, String err) {}

    private static Said wildchalk(String... args) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        CommandLine line = Main.commandLine().setOut(new PrintWriter(out)).setErr(new PrintWriter(err));
        int code = line.execute(args);
        return new Said(code, out.toString(), err.toString());
    }

    @Test
    void solvePrintsOneJsonObjectAndNothingElse() {
        Said said = wildchalk("solve", DEMO, "--json");
        assertEquals(0, said.code());
        assertTrue(said.out().startsWith("{") && said.out().endsWith("}\n"), said.out());
        assertEquals("", said.err());
        assertTrue(wildchalk("solve", DEMO).out().contains("arrival  a1  p7"));
    }

    @Test
    void scriptReadsTheDrillOut() {
        assertTrue(wildchalk("script", DEMO).out().contains("1. On the whistle, F passes 13 m to 7."));
    }

    @Test
    void checkSaysWhatCouldHurtAndItsExitSaysSo(@TempDir Path folder) throws Exception {
        String wrong = "../demo/mousetrap.drill.json";
        assertEquals(0, wildchalk("check", DEMO).code());
        Said said = wildchalk("check", DEMO, wrong);
        assertEquals(3, said.code());
        assertTrue(said.out().contains("could hurt, rung 1 at 2.3 s: 3 and 4 meet here"), said.out());
        assertTrue(said.out().contains("can be mended: "), said.out());
        Said less = wildchalk("check", DEMO, "--weight", "could-hurt");
        assertEquals("turnstile.drill.json: Turnstile: nothing so bad found\n", less.out());
        JsonNode listed = new ObjectMapper()
                .readTree(wildchalk("check", wrong, "--json", "--weight", "could-hurt")
                        .out());
        JsonNode solved =
                new ObjectMapper().readTree(wildchalk("solve", wrong, "--json").out());
        JsonNode findings = listed.get("drills").get(0).get("findings");
        findings.forEach(f -> assertEquals("could-hurt", f.get("weight").asText()));
        JsonNode meet = findings.get(0);
        assertEquals("meet", meet.get("check").asText());
        double t = meet.get("t").asDouble();
        double[] one = place(solved, meet.get("about").get(0).asText(), t);
        double[] two = place(solved, meet.get("about").get(1).asText(), t);
        double apart = Math.hypot(one[0] - two[0], one[1] - two[1]);
        assertEquals(apart, meet.get("metres").asDouble(), 0.1, "as near as the rehearsal has them then");
        assertEquals(2, wildchalk("check", DEMO, "--weight", "deadly").code());
        assertEquals(2, wildchalk("check").code());
        Path none = Files.writeString(folder.resolve("none.json"), "{}");
        assertEquals(1, wildchalk("check", none.toString(), wrong).code());
    }

    /** Where somebody is at a time, between the two nearest samples. */
    private static double[] place(JsonNode solved, String who, double t) {
        JsonNode before = null;
        for (JsonNode sample : solved.get("tracks").get(who)) {
            if (sample.get("t").asDouble() > t && before != null) {
                double from = before.get("t").asDouble();
                double share = (t - from) / (sample.get("t").asDouble() - from);
                return new double[] {
                    before.get("x").asDouble() * (1 - share) + sample.get("x").asDouble() * share,
                    before.get("y").asDouble() * (1 - share) + sample.get("y").asDouble() * share
                };
            }
            before = sample;
        }
        throw new AssertionError(who + " at " + t);
    }

    @Test
    void validateSaysSoundOrWhatIsWrong(@TempDir Path folder) throws Exception {
        assertEquals(
                "turnstile.drill.json: sound\n", wildchalk("validate", DEMO).out());
        Path bad = Files.writeString(
                folder.resolve("bad.json"), Files.readString(Path.of(DEMO)).replace("\"shot\"", "\"volley\""));
        Said said = wildchalk("validate", DEMO, bad.toString());
        assertEquals(1, said.code());
        assertTrue(said.out().contains("bad.json: line "), said.out());
        assertTrue(said.out().contains("it can be run, carry, collect, pass, shot, shadow, hold, call"), said.out());
    }

    @Test
    void validateSaysWhatWouldNotPlayByRungAndOption(@TempDir Path folder) throws Exception {
        String file =
                """
                {"format": "wild-chalk-drill", "version": 11, "id": "d", "title": "D", "surface": "open-gym", "stages": [
                 {"id": "s1", "title": "Low", "pieces": [
                   {"id": "p", "kind": "player", "at": [0, 0], "label": "6", "team": "mint"},
                   {"id": "q", "kind": "player", "at": [4, 4], "label": "8", "team": "mint"}], "actions": [
                   {"id": "a", "kind": "run", "who": "p", "path": [[5, 0]], "smooth": false, "gait": "run", "ending": "go-on", "cue": {"on": "whistle"}},
                   {"id": "b", "kind": "pass", "who": "p", "to": {"piece": "q"}, "touch": "controlled", "cue": {"on": "whistle"}}],
                  "said": [{"id": "r", "kind": "read", "who": "p", "options": [
                   {"id": "o1", "label": "go", "reason": "", "actions": ["a"]},
                   {"id": "o2", "label": "give", "reason": "", "actions": ["b"]}]}]}]}
                """;
        Path rough = Files.writeString(folder.resolve("rough.json"), file);
        Said said = wildchalk("validate", rough.toString());
        assertEquals(0, said.code(), "a warning is no fault");
        assertEquals(
                "rough.json: sound\n  would not play so, rung 1, give: 6 has no ball here: give 6 one, or let this wait "
                        + "until 6 receives a pass\n",
                said.out());
    }

    @Test
    void scriptTellsAllRungsUnlessOneIsNamed() {
        String drill = "../demo/lamplighter.drill.json";
        String all = wildchalk("script", drill).out();
        String one = wildchalk("script", drill, "--stage", "s1").out();
        assertTrue(all.contains("\n2a Other side (variation of 2)\n"), all);
        assertTrue(all.length() > 2 * one.length(), one);
        Said wrong = wildchalk("script", drill, "--read", "zz=o1");
        assertEquals(1, wrong.code());
        assertTrue(wrong.err().contains("it has no read \"zz\""), wrong.err());
    }

    @Test
    void flowSaysWhatManyRepsComeToAndRefusesWhatCannotBeInOneLine(@TempDir Path folder) throws Exception {
        String drill = "../demo/turnstile.drill.json";
        Said said = wildchalk("flow", drill, "--people", "12", "--minutes", "8");
        assertEquals(0, said.code(), said.err());
        assertTrue(said.out().contains(" reps in 8 min with 12 people, one every "), said.out());
        Said json = wildchalk("flow", drill, "--people", "12", "--json");
        assertTrue(json.out().startsWith("{") && json.out().contains("\"cast\""), json.out());
        assertTrue(wildchalk("flow", drill, "--people", "1").out().startsWith("Turnstile\nIt takes "));
        Said helps = wildchalk("flow", "../demo/two-piers.drill.json", "--people", "12", "--helps");
        assertTrue(helps.out().contains("\nLess waiting? The best of "), helps.out());
        assertTrue(helps.out().contains("- One more ball beside line-up of carriers. Saves 0:"), helps.out());
        JsonNode listed = new ObjectMapper()
                .readTree(wildchalk("flow", "../demo/two-piers.drill.json", "--people", "12", "--helps", "--json")
                        .out());
        assertTrue(listed.get("helps").size() >= 3, listed.toString());
        for (JsonNode help : listed.get("helps")) {
            assertFalse(help.get("what").asText().isBlank());
            assertTrue(help.get("saves").get("share").asDouble() >= 0.05, help.toString());
            assertTrue(help.get("costs").has("balls") && help.get("costs").has("coaches"), help.toString());
        }
        for (String[] wrong : new String[][] {
            {"--people", "61", "61 people: it can be worked out for 1 to 60"},
            {"--people", "0", "0 people: it can be worked out for 1 to 60"},
            {"--minutes", "0", "0 minutes: it can be worked out for more than none"},
            {"--copies", "0", "0 copies: it can be worked out for 1 to 12"},
            {"--line", "nobody=3", "\"nobody\" is no line that people wait in; there are: "},
            {"--speeds", "1,0.2", "0.2 of the speed of the drill: it can be worked out for 0.5 to 1.5"}
        }) {
            Said no = wildchalk("flow", drill, wrong[0], wrong[1]);
            assertEquals(2, no.code());
            assertTrue(no.err().contains(wrong[2]), no.err());
        }
        String lost = Files.readString(Path.of(drill)).replace("{\"role\": \"p9\"}", "{\"role\": \"nobody\"}");
        Said names = wildchalk(
                "validate", Files.writeString(folder.resolve("lost.json"), lost).toString());
        assertEquals(1, names.code());
        assertTrue(names.out().contains("sends somebody to \"nobody\", but no person has that id"), names.out());
    }

    @Test
    void anEveningGoesOutInEveryWay(@TempDir Path folder) throws Exception {
        Path file = Path.of(DEMO).resolveSibling("corners-thursday.practice.json");
        Path squad = Path.of(DEMO).resolveSibling("otters.squad.json");
        Said all = wildchalk(
                "export", file.toString(), "--into", folder.toString(), "--as", "run-sheet,page,message,gear,table");
        assertEquals(0, all.code(), all.err());
        assertEquals(
                List.of(
                        "Three corners, run-sheet.pdf",
                        "Three corners, page.html",
                        "Three corners, message.txt",
                        "Three corners, gear.txt",
                        "Three corners, table.csv"),
                all.out().lines().toList());
        Path sheet = folder.resolve("one.pdf");
        Said one = wildchalk(
                "export",
                file.toString(),
                "--out",
                sheet.toString(),
                "--squad",
                squad.toString(),
                "--for",
                "2",
                "--grey");
        assertEquals(0, one.code(), one.err());
        assertTrue(Files.size(sheet) > 10_000);
        Said pattern = wildchalk(
                "export", file.toString(), "--out", folder.resolve("x.ics").toString());
        assertEquals(1, pattern.code());
        assertTrue(pattern.err().contains("This practice has no day"), pattern.err());
        Said none = wildchalk(
                "export", file.toString(), "--out", folder.resolve("x.mp4").toString());
        assertEquals(2, none.code());
        assertTrue(none.err().contains("run-sheet, page, calendar"), none.err());
        Said nobody = wildchalk("export", file.toString(), "--out", sheet.toString(), "--for", "1");
        assertEquals(2, nobody.code());
        Said dated = wildchalk(
                "export",
                Path.of(DEMO).resolveSibling("long-tuesday.practice.json").toString(),
                "--out",
                folder.resolve("x.ics").toString());
        assertEquals(0, dated.code(), dated.err());
        assertTrue(Files.readString(folder.resolve("x.ics")).contains("DTSTART"));
    }

    @Test
    void aPracticeIsAnEveningAlongTheClock() throws Exception {
        Path file = Path.of(DEMO).resolveSibling("long-tuesday.practice.json");
        Said plain = wildchalk("practice", file.toString());
        assertEquals(0, plain.code(), plain.err());
        assertTrue(plain.out().startsWith("A long Tuesday\n"), plain.out());
        assertTrue(plain.out().contains("18:15  12 min  Sixpenny Square"), plain.out());
        assertTrue(plain.out().contains(" min in a slot of 75."), plain.out());
        Said fitted = wildchalk("practice", file.toString(), "--fit");
        assertTrue(fitted.out().contains("It fits then: Turnstile, 2 times side by side"), fitted.out());
        assertFalse(fitted.out().contains("in a slot of"), fitted.out());
        Said late = wildchalk("practice", file.toString(), "--fit", "--from", "18:40");
        assertTrue(late.out().contains("18:40  "), late.out());
        assertTrue(late.out().contains("is left out"), late.out());
        Said done = wildchalk("practice", file.toString(), "--from", "18:40", "--done", "1");
        assertFalse(done.out().contains("Sixpenny"), done.out());
        Said json = wildchalk("practice", file.toString(), "--json");
        assertTrue(json.out().contains("\"doing\" : \"gather-balls\""), json.out());
        Said message = wildchalk("practice", file.toString(), "--message");
        assertTrue(message.out().startsWith("A long Tuesday, Tue 1 Dec 2026, 18:15 to 19:30"), message.out());
        assertTrue(message.out().contains("\nBring: ") && message.out().contains("18:15 Sixpenny"), message.out());
        Said table = wildchalk("practice", file.toString(), "--csv");
        assertEquals(7, table.out().lines().count(), table.out());
        assertEquals(
                "long-tuesday.practice.json: sound\n",
                wildchalk("validate", file.toString()).out());
        assertTrue(wildchalk("practice", file.toString(), "--from", "21:00")
                .err()
                .contains("--from: 21:00 is not within the slot, 18:15 to 19:30"));
        assertTrue(
                wildchalk("practice", file.toString(), "--from", "noon").err().contains("\u201cnoon\u201d is no time"));
        assertTrue(wildchalk("practice", file.toString(), "--done", "7").err().contains("it can be 0 to 6"));
    }

    @Test
    void groupsAreMadeOfATableAndOfASquadFile(@TempDir Path folder) throws Exception {
        Path table = Files.writeString(
                folder.resolve("club.csv"),
                """
                number;name;position;strength
                1;Maren;keeper;4
                2;Odile;back;3
                3;Tibor;back;5
                4;Wenna;front;2
                7;Paavo;keeper;2
                8;Calla;front;nine
                """);
        Said two = wildchalk("groups", table.toString(), "--groups", "2", "--in-each", "keeper");
        assertEquals(0, two.code(), two.err());
        assertTrue(two.out().startsWith("coral: "), two.out());
        assertTrue(two.out().contains("A keeper in each, as wished."), two.out());
        assertTrue(two.out().contains("Line 7: the strength \u201cnine\u201d is not 1 to 5"), two.out());
        Said three = wildchalk("groups", table.toString(), "--groups", "3", "--in-each", "keeper");
        assertTrue(three.out().contains("Cannot be had: a keeper in each."), three.out());

        Squad squad = Squad.empty("s", "Juniors");
        for (String name : List.of("Maren", "Odile", "Tibor", "Wenna")) {
            squad = squad.with(Member.named("", name));
        }
        Path file = Files.writeString(folder.resolve("club.squad.json"), SquadWriter.write(squad));
        Said json = wildchalk("groups", file.toString(), "--groups", "2", "--seed", "5", "--json");
        assertTrue(json.out().contains("\"best\" : true"), json.out());
        assertEquals(json, wildchalk("groups", file.toString(), "--groups", "2", "--seed", "5", "--json"));
        assertEquals(
                "club.squad.json: sound\n",
                wildchalk("validate", file.toString()).out());
        for (String[] wrong : new String[][] {
            {"0", "even", "--groups: 0: it can be 1 to 4, as there are 4 people"},
            {"9", "even", "--groups: 9: it can be 1 to 4, as there are 4 people"},
            {"2", "odd", "--kind: \u201codd\u201d is not known; it can be even, strength"}
        }) {
            Said no = wildchalk("groups", file.toString(), "--groups", wrong[0], "--kind", wrong[1]);
            assertEquals(2, no.code());
            assertTrue(no.err().contains(wrong[2]), no.err());
        }
    }

    /** Whatever needs no window is run where there is no display. */
    @Test
    void theScriptKnowsWhichCommandsNeedNoWindow() throws Exception {
        String script = Files.readString(Path.of("../wildchalk"));
        for (String command : Main.commandLine().getSubcommands().keySet()) {
            boolean window = List.of("open", "demo", "shots").contains(command);
            boolean listed = script.lines().anyMatch(l -> l.matches(".*[ |]" + command + "\\|.*-h\\|--help.*"));
            assertEquals(!window, listed, command);
        }
    }

    @Test
    void validateHasALineForEachClashAndAWordForWhatWasKeptApart(@TempDir Path folder) throws Exception {
        String file =
                """
                {"format": "wild-chalk-drill", "version": %d, "id": "d", "title": "D", "surface": "open-gym", "stages": [
                 {"id": "s1", "title": "Low", "pieces": [{"id": "q1", "kind": "coach", "at": [1, 1]}, {"id": "q2", "kind": "ball", "at": [2, 2]}], "actions": []},
                 {"id": "s2", "title": "High", "from": "s1", "pieces": [{"id": "q1", "kind": "cone", "at": [5, 1]}], "actions": [],
                  "said": [{"id": "q2", "kind": "at-most", "counted": "shots", "most": 1}]}]}
                """;
        Path old = Files.writeString(folder.resolve("old.json"), file.formatted(5));
        Said said = wildchalk("validate", old.toString());
        assertEquals(0, said.code());
        assertTrue(
                said.out()
                        .startsWith("old.json: sound. The yellow cone on \"High\" and the coach on \"Low\" were "
                                + "taken for one thing;"),
                said.out());
        assertTrue(
                said.out().contains("A limit on \"High\" and the ball on \"Low\" were taken for one thing;"),
                said.out());
        Path now = Files.writeString(
                folder.resolve("now.json"),
                file.formatted(7)
                        .replace(
                                "\"at\": [5, 1]}]",
                                "\"at\": [5, 1]}, {\"id\": \"q1\", \"kind\": \"cone\", \"at\": [6, 1]}]"));
        Said clash = wildchalk("validate", now.toString());
        assertEquals(1, clash.code());
        assertTrue(
                clash.out()
                        .contains("\"q1\" stands twice, for this piece on stage \"s2\" and for the piece on stage "
                                + "\"s2\""),
                clash.out());
    }

    @Test
    void whatCannotBeWrittenIsSaidInALine(@TempDir Path folder) {
        Said said = wildchalk("shots", folder.resolve("nowhere").toString());
        assertEquals(1, said.code());
        assertTrue(said.err().contains("is not there. Choose another one."), said.err());
        assertEquals(1, said.err().lines().count(), said.err());
    }

    @Test
    void wrongInputIsOneAndWrongUsageIsTwo() {
        Said input = wildchalk("solve", "none.json");
        assertEquals(1, input.code());
        assertEquals("none.json: there is no such file\n", input.err());
        Said stage = wildchalk("solve", DEMO, "--stage", "s9");
        assertEquals(1, stage.code());
        assertTrue(stage.err().contains("it has no stage \"s9\"; there are s1"), stage.err());
        assertEquals(2, wildchalk("solve").code());
        assertEquals(2, wildchalk("dance").code());
        assertEquals(2, wildchalk("export", DEMO, "--out", "x.doc").code());
        assertEquals(1, wildchalk("surfaces", "swamp").code());
    }

    @Test
    void readGoesTheWayThatIsAskedFor(@TempDir Path folder) throws Exception {
        Path drill = Files.writeString(
                folder.resolve("d.json"),
                Files.readString(Path.of(DEMO))
                        .replaceFirst(
                                "\"said\": \\[",
                                "\"said\": [{\"id\": \"r1\", \"kind\": \"read\", \"who\": \"p7\", \"options\": "
                                        + "[{\"id\": \"go\", \"label\": \"go\", "
                                        + "\"actions\": [\"a2\"]}, {\"id\": \"stay\", \"label\": \"stay\"}]}, "
                                        + "{\"id\": \"l1\", \"kind\": "
                                        + "\"at-most\", \"counted\": \"passes\", \"most\": 0},"));
        assertTrue(wildchalk("solve", drill.toString()).out().contains("  start  a2  "));
        Said stay = wildchalk("solve", drill.toString(), "--read", "r1=stay");
        assertEquals(0, stay.code());
        assertFalse(stay.out().contains("  start  a2  "), stay.out());
        assertTrue(stay.out().contains("  limit  l1  "), stay.out());
        assertTrue(wildchalk("script", drill.toString()).out().contains("\nNo passes.\nWhoever was "));
        Said none = wildchalk("solve", drill.toString(), "--read", "r9=stay");
        assertEquals("d.json: it has no read \"r9\"; there are r1\n", none.err());
        assertEquals(1, none.code());
        assertEquals(
                "d.json: the read \"r1\" has no option \"fly\"; there are go, stay\n",
                wildchalk("solve", drill.toString(), "--read", "r1=fly").err());
    }

    @Test
    void exportWritesPicturesAndDrillFiles(@TempDir Path folder) throws Exception {
        Path png = folder.resolve("x.png");
        assertEquals(
                0,
                wildchalk("export", DEMO, "--out", png.toString(), "--width", "300", "--at", "1")
                        .code());
        assertEquals((byte) 0x89, Files.readAllBytes(png)[0]);
        Path json = folder.resolve("x.json");
        assertEquals(0, wildchalk("export", DEMO, "--out", json.toString()).code());
        assertEquals(DrillReader.read(Path.of(DEMO)), DrillReader.read(json));
        Said nowhere =
                wildchalk("export", DEMO, "--out", folder.resolve("no/x.png").toString());
        assertEquals(1, nowhere.code());
        assertFalse(nowhere.err().contains("Exception"), nowhere.err());
    }

    @Test
    void manyDrillsGoOutAtOnce(@TempDir Path folder) throws Exception {
        Said made = wildchalk(
                "export",
                DEMO,
                DEMO,
                "--into",
                folder.toString(),
                "--as",
                "svg,txt,html",
                "--look",
                "paper",
                "--unit",
                "yd");
        assertEquals(0, made.code(), made.err());
        String title = DrillReader.read(Path.of(DEMO)).title();
        for (String ending : new String[] {"svg", "txt", "html"}) {
            assertTrue(Files.size(folder.resolve(title + "." + ending)) > 500);
            assertTrue(
                    Files.size(folder.resolve(title + ", 2." + ending)) > 500,
                    "two of one title do not overwrite each other");
        }
        assertTrue(Files.readString(folder.resolve(title + ".txt")).contains(" yd"));
        Path zip = folder.resolve("both.zip");
        assertEquals(0, wildchalk("export", DEMO, DEMO, "--out", zip.toString()).code());
        assertEquals(2, BundleReader.read(zip).drills().size());
        assertEquals(
                2,
                wildchalk("export", DEMO, DEMO, "--out", folder.resolve("x.pdf").toString())
                        .code(),
                "many do not go into one card");
        assertEquals(2, wildchalk("export", DEMO).code());
        assertEquals(
                2,
                wildchalk("export", DEMO, "--into", folder.toString(), "--as", "doc")
                        .code());
        assertEquals(
                2,
                wildchalk("export", DEMO, "--out", folder.resolve("x.pdf").toString(), "--paper", "a9")
                        .code());
        assertEquals(
                1,
                wildchalk("export", DEMO, "--out", folder.resolve("x.pdf").toString(), "--stage", "s99")
                        .code());
    }

    @Test
    void surfacesAreListedWithTheirSize() {
        assertTrue(wildchalk("surfaces")
                .out()
                .replaceAll(" +", " ")
                .contains("field-hockey Field hockey pitch, 91.40 × 55.00 m"));
        assertTrue(wildchalk("surfaces", "ice-rink-na").out().contains("left post"));
        Said unknown = wildchalk("surfaces", "cricket-oval");
        assertEquals(1, unknown.code());
        assertTrue(unknown.err().startsWith("no surface is called \"cricket-oval\"; there are "), unknown.err());
    }

    @Test
    void surfaceAsJsonHasEverythingInMetres() throws Exception {
        JsonNode pitch = new ObjectMapper()
                .readTree(wildchalk("surfaces", "--json", "football-11").out());
        assertEquals(105, pitch.path("length").asDouble(), 1e-9);
        assertEquals(68, pitch.path("width").asDouble(), 1e-9);
        for (String list : List.of("markings", "landmarks", "zones", "targets", "views", "sources")) {
            assertTrue(pitch.path(list).isArray() && !pitch.path(list).isEmpty(), list);
        }
        for (JsonNode marking : pitch.path("markings")) {
            if (marking.path("id").asText().equals("centre-circle")) {
                assertEquals(9.15, marking.path("outerRadius").asDouble(), 1e-9);
            }
        }
    }

    @Test
    void setOutSheetIsPrintedInWordsAndAsJson(@TempDir Path folder) throws Exception {
        String words = wildchalk("setout", DEMO, "--unit", "yd").out();
        assertTrue(words.contains("Start at the 23 m line at the left sideline."), words);
        assertTrue(words.contains("2. yellow cone 2: from yellow cone 1, "), words);
        JsonNode sheet =
                new ObjectMapper().readTree(wildchalk("setout", DEMO, "--json").out());
        assertEquals(4, sheet.path("steps").size());
        for (JsonNode step : sheet.path("steps")) {
            assertTrue(step.path("tape").path("error").asDouble() <= 0.3);
        }
        Path pdf = folder.resolve("sheet.pdf");
        assertEquals(0, wildchalk("setout", DEMO, "--out", pdf.toString()).code());
        assertTrue(Files.readString(pdf, StandardCharsets.ISO_8859_1).startsWith("%PDF"));
        assertEquals(2, wildchalk("setout", DEMO, "--unit", "cubit").code());
    }

    @Test
    void surfaceFileThatIsNotSoundIsRefusedWithItsLine(@TempDir Path folder) throws Exception {
        String sound = new String(
                Surfaces.class.getResourceAsStream("futsal.surface.json").readAllBytes(), StandardCharsets.UTF_8);
        Path file = folder.resolve("hall.surface.json");
        Files.writeString(file, sound);
        assertEquals(0, wildchalk("validate", file.toString()).code());
        Files.writeString(
                file,
                sound.replaceFirst(
                        "\"markings\": \\[",
                        "\"markings\": [\n    {\"id\": \"far\", \"points\": [[0, 0], [99, 0]], \"width\": 0.1},"));
        Said refused = wildchalk("validate", file.toString());
        assertEquals(1, refused.code());
        assertTrue(
                refused.out().matches("(?s)hall.surface.json: line \\d+: .*\"far\" runs outside the outline.*"),
                refused.out());
    }

    @Test
    void drillOnAMissingSurfaceIsPlayedOnAnOpenSpace(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("lost.drill.json");
        Files.writeString(file, Files.readString(Path.of(DEMO)).replace("\"field-hockey\"", "\"club-lawn\""));
        Said solved = wildchalk("solve", file.toString());
        assertEquals(0, solved.code());
        assertTrue(solved.err().contains("the surface \"club-lawn\" is not here"), solved.err());
        assertEquals(
                wildchalk("setout", DEMO, "--json").out().split("\"drawn\"").length,
                wildchalk("setout", file.toString(), "--json").out().split("\"drawn\"").length);
    }
}

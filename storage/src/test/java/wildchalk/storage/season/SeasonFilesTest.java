package wildchalk.storage.season;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.univocity.parsers.csv.CsvParser;
import com.univocity.parsers.csv.CsvParserSettings;
import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.Called;
import wildchalk.core.log.season.Season;
import wildchalk.core.practice.Content;

/** The log as tables and as data, read by others than those that wrote them. */
class SeasonFilesTest {

    private static final Map<String, String> NAMES =
            Map.of(Entry.There.key("s", "m1"), "Zdenka", Entry.There.key("s", "m2"), "Bodo");

    private static Entry evening(int day) {
        return new Entry(
                "e" + day,
                "Wet, \"cold\" and Zdenka",
                new Entry.When(LocalDate.of(2026, 10, day), LocalTime.of(18, 0)),
                Entry.Source.TYPED,
                new Entry.There("s", 3, List.of("m1", "m2"), List.of(List.of("m1", "m2")), List.of()),
                List.of(new Part(
                        "=1+2; for Bodo",
                        Optional.of(new Content.Planned("ford", 1, "The ford")),
                        List.of(),
                        new Part.Time(30, 20, 600, 540),
                        Part.Went.WORKED,
                        "tell Bodo",
                        new Part.Result(
                                List.of(
                                        new Part.Counted("corner,\nlow", "m1", 4, 2, 3),
                                        new Part.Counted("ends", "sky", 2, 0, 1)),
                                0,
                                List.of(new Part.Timed("dash", "m2", 20, List.of(1500L, 3250L))),
                                List.of("Zdenka cried")),
                        Optional.of(new Work(
                                Map.of(Skill.PASSING, 1.0),
                                1,
                                false,
                                List.of(
                                        new Work.Each("m1", 0.5, 40, 1, 2, 0.5),
                                        new Work.Each("m2", 0.5, 20.5, 1, 2, 0)))))),
                "Bodo is no back");
    }

    private static final Season SEASON = Season.of(List.of(evening(6), evening(9)), Asked.ALL);

    private static Called called(boolean named) {
        return new Called(SEASON.evenings().stream().map(Season.Evening::entry).toList(), NAMES, named);
    }

    /** Another parser than the one that belongs to what wrote them. */
    private static List<String[]> read(String csv) {
        CsvParserSettings settings = new CsvParserSettings();
        settings.getFormat().setLineSeparator("\r\n");
        settings.setEmptyValue("");
        settings.setNullValue("");
        return new CsvParser(settings).parseAll(new StringReader(csv));
    }

    @Test
    void theTablesAreReadAsTheyWereMeant() {
        Map<String, String> tables = LogTables.of(SEASON, called(true));
        assertEquals(Set.of("evenings", "parts", "people", "tallies", "attempts"), tables.keySet());
        tables.forEach((name, csv) -> {
            List<String[]> rows = read(csv);
            rows.forEach(r -> assertEquals(rows.get(0).length, r.length, name));
        });
        List<String[]> evenings = read(tables.get("evenings"));
        assertEquals(3, evenings.size());
        assertEquals(
                List.of("2026-10-06", "18:00", "Wet, \"cold\" and Zdenka", "10.500", "201.667", "3", "Zdenka; Bodo"),
                List.of(evenings.get(1)));
        assertEquals(
                List.of(
                        "2026-10-06",
                        "18:00",
                        "1",
                        "'=1+2; for Bodo",
                        "The ford",
                        "600",
                        "540",
                        "30",
                        "20",
                        "",
                        "worked",
                        "passing 100%"),
                List.of(read(tables.get("parts")).get(1)));
        assertEquals(
                List.of("Zdenka", "2", "20", "10", "800", "20", "40", "10", "8", "4"),
                List.of(read(tables.get("people")).get(1)));
        List<String[]> tallies = read(tables.get("tallies"));
        assertEquals(5, tallies.size());
        assertEquals(
                List.of("2026-10-06", "'=1+2; for Bodo", "corner,\nlow", "Zdenka", "4", "2", "3"),
                List.of(tallies.get(1)));
        assertEquals("sky", tallies.get(2)[3]);
        assertEquals(
                List.of("2026-10-06", "'=1+2; for Bodo", "dash", "Bodo", "20", "3.250", "1.500; 3.250"),
                List.of(read(tables.get("attempts")).get(1)));
    }

    /** What was noted never goes out, and nobody is named who was not ticked. */
    @Test
    void nobodyIsNamedUnasked() {
        for (boolean named : new boolean[] {false, true}) {
            String all = String.join("\n", LogTables.of(SEASON, called(named)).values())
                    + SeasonWriter.write(SEASON, called(named));
            for (String noted : List.of("cried", "no back", "tell")) {
                assertFalse(all.contains(noted), noted);
            }
            assertEquals(named, all.contains("Zdenka"));
            assertEquals(named, all.contains("Bodo"));
            assertEquals(!named, all.contains("person 2"));
        }
    }

    @Test
    void theDataFitTheirSchema() throws Exception {
        JsonNode data = new ObjectMapper().readTree(SeasonWriter.write(SEASON, called(true)));
        String schema = Files.readString(Path.of("..", "docs", "format", "season.schema.json"));
        assertEquals(
                Set.of(),
                JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                        .getSchema(schema)
                        .validate(data));
        assertEquals(2, data.path("evenings").size());
        assertEquals(
                20, data.path("weeks").get(0).path("skills").path("passing").asDouble());
        assertEquals("Zdenka", data.path("people").get(0).path("who").asText());
        assertEquals(2, data.path("together").get(0).path("times").asInt());
        assertEquals(1, data.path("drills").size());
        assertTrue(data.path("people")
                        .get(1)
                        .path("measured")
                        .get(0)
                        .path("points")
                        .size()
                == 2);
    }
}

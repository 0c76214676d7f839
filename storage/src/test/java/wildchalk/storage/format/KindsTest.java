package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.drill.GearKind;
import wildchalk.storage.DemoDrills;

/** A word that is in no table is refused where it stands; it is never read as another kind. */
class KindsTest {

    private static final ObjectMapper JSON = new ObjectMapper();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            textBlock =
                    """
            action | {"id": "a", "who": "p", "kind": "juggle", "cue": {"on": "whistle"}}
            action | {"id": "a", "who": "p", "cue": {"on": "whistle"}}
            action | {"id": "a", "who": "p", "kind": "run", "path": [[1, 1]], "cue": {"on": "sneeze"}}
            action | {"id": "a", "who": "p", "kind": "run", "path": [[1, 1]], "gait": "moonwalk", "cue": {"on": "whistle"}}
            action | {"id": "a", "who": "p", "kind": "hold", "cue": {"on": "whistle"}, "until": {"on": "all", "of": [{"on": "yawn"}]}}
            piece | {"id": "c", "kind": "umbrella", "at": [0, 0]}
            piece | {"id": "c", "kind": "player", "team": "tartan", "at": [0, 0]}
            said | {"id": "l", "kind": "riddle", "who": "p", "moment": {"on": "whistle"}}
            """)
    void anUnknownWordIsNotReadAsAnother(String what, String json) throws IOException {
        JsonNode o = JSON.readTree(json);
        assertThrows(UnknownWord.class, () -> {
            Object read =
                    switch (what) {
                        case "action" -> ActionForm.read(o);
                        case "piece" -> PieceForm.read(o);
                        default -> SaidForm.read(o);
                    };
            assertEquals(null, read, "read as something");
        });
    }

    /**
     * A kind that somebody adds to the schema and to no table is found here, and one in a table that the schema
     * refuses.
     */
    @Test
    void theTablesAndTheSchemaKnowTheSameWords() throws IOException {
        JsonNode defs = JSON.readTree(KindsTest.class.getResourceAsStream("drill.schema.json"))
                .path("$defs");
        assertEquals(words(ActionForm.Kind.values()), enums(defs.path("action"), "kind"));
        assertEquals(words(CueForm.Kind.values()), enums(defs.path("moment"), "on"));
        assertEquals(words(SaidForm.Kind.values()), enums(defs.path("said"), "kind"));
        Set<String> pieces = words(PieceForm.Kind.values());
        Arrays.stream(GearKind.values()).forEach(k -> pieces.add(DrillWriter.word(k)));
        assertEquals(pieces, enums(defs.path("piece"), "kind"));
    }

    private static Set<String> words(Word... table) {
        return Stream.of(table).map(Word::word).collect(Collectors.toCollection(TreeSet::new));
    }

    private static Set<String> enums(JsonNode def, String key) {
        Set<String> words = new TreeSet<>();
        def.path("properties").path(key).path("enum").forEach(w -> words.add(w.asText()));
        assertTrue(words.size() > 5, "the schema has " + words + " of " + key);
        return words;
    }

    @Test
    void theLineSaysWhereTheWordStands() throws IOException, FormatException {
        FileText text = FileText.checked(DemoDrills.text("turnstile"), FileText.Form.DRILL);
        JsonNode action = text.root().path("stages").path(0).path("actions").path(1);
        assertEquals("/stages/0/actions/1", text.pointerOf(action));
        assertTrue(text.where(text.pointerOf(action) + "/kind").startsWith("line "));
        assertEquals(
                "/stages/0/pieces/0",
                text.pointerOf(text.root().path("stages").path(0).path("pieces").path(0)));
    }
}

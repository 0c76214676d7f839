package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;

class SurfaceFileTest {

    private static List<String> ids() {
        return Surfaces.BUILT_IN.plans().stream()
                .map(SurfacePlan::id)
                .filter(id -> Surfaces.class.getResource(id + ".surface.json") != null)
                .toList();
    }

    private static String text(String id) throws IOException {
        try (InputStream in = Surfaces.class.getResourceAsStream(id + ".surface.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @MethodSource("ids")
    void everySurfaceOfTheProgramFitsThePublishedSchema(String id) throws Exception {
        assertEquals(id, SurfaceFiles.read(text(id)).id());
    }

    /** What is done to the football pitch, and what the one line must say. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            textBlock =
                    """
        "points": [[0, "-Y"], [0, "Y"]] | "points": [[0, "-Y"], [0, "Y + 9"]] | line 42: markings/1: the marking "halfway-line" runs outside the outline, at (0.00, 31.50) m; say "outside": true if it belongs in the run-off
        "X + 0.5"               | "X + 5.5"              | runs outside the run-off, at (
        "w": 0.12               | "w": 0                 | is 0.00 m wide; give the width of its paint
        "radius": "mark"        | "radius": 0            | markings/3/radius: "centre-spot" has no radius; give one above 0
        "width": "width"        | "width": 0             | width: a surface cannot be 0.00 m long or wide
        "goal": 7.32            | "goal": 0              | line 77: targets/0: the target "goal" is 0.00 m wide
        "id": "centre-spot", "name": "centre spot", "at" | "id": "penalty-spot", "name": "centre spot", "at" | the landmark "penalty-spot" is named twice
        "name": "centre spot"   | "name": "penalty spot" | the landmark "penalty spot" is named twice; give one of the two another name
        "usual": 105            | "usual": 130           | line 12: sizes/0: the usual length of 130 is outside the rule's range, 90 to 120
        "least": 90, "usual"    | "least": 125, "usual"  | is outside the rule's range, 125 to 120
        "X - spot"              | "X - spoot"            | "X - spoot" cannot be worked out; the names that may be used here are
        "penalty-arc", "arc"    | "penalty-arc", "arcc"  | "arcc" does not belong here; take it out
        "ground": "turf"        | "ground": "lava"       | ground: "lava" is not known here; it can be floor, turf, ice, sand
        "unit": "m"             | "unit": "ells"         | unit: "ells" is not known here; it can be m, ft, yd
        "format": "wild-chalk-surface" | "format": "wild-chalk-drill" | line 2: format: this is not a surface file
        "runOff": 4             | "runOff": "wide"       | runOff: "wide" should be a number
        """)
    void unsoundFileIsRefusedWithTheLineAndTheReason(String right, String wrong, String said) throws Exception {
        String text = text("football-11");
        assertTrue(text.contains(right), "the file no longer has " + right);
        int at = text.indexOf(right);
        String broken = text.substring(0, at) + wrong + text.substring(at + right.length());
        FormatException e = assertThrows(FormatException.class, () -> SurfaceFiles.read(broken));
        assertTrue(e.getMessage().contains(said), e.getMessage());
        assertTrue(e.getMessage().startsWith("line "), e.getMessage());
        assertFalse(e.getMessage().contains("\n"));
    }

    @Test
    void surfacesOfAClubAreAddedAndWhatIsUnsoundIsNamed(@TempDir Path folder) throws Exception {
        String own = text("netball")
                .replace("\"id\": \"netball\"", "\"id\": \"quillmoor-hall\"")
                .replace("\"length\": 30.5", "\"length\": 28.25");
        Files.writeString(folder.resolve("hall.surface.json"), own);
        Files.writeString(folder.resolve("yard.surface.json"), own.replace("\"width\": 15.25", "\"width\": 0"));
        Files.writeString(folder.resolve("notes.txt"), "not looked at");
        SurfaceFiles.Club club = SurfaceFiles.in(folder);
        List<String> refused = club.refused();
        assertEquals(1, refused.size());
        assertTrue(refused.get(0).startsWith("yard.surface.json: line "), refused.get(0));
        assertEquals(28.25, club.surfaces().get("quillmoor-hall").length());
        assertTrue(club.surfaces().plans().stream().anyMatch(p -> p.id().equals("quillmoor-hall")));
        assertEquals(List.of(), SurfaceFiles.in(folder.resolve("none")).refused());
    }
}

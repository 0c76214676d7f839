package wildchalk.core.log;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.practice.Content;

/** An evening as somebody types it in at half past ten. */
class JottedTest {

    private static final Content.Planned GATES = new Content.Planned("g", 0, "Three gates");
    private static final Map<String, Content.Planned> DRILLS = Map.of("three gates", GATES);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "Warm-up 10 | Warm-up | 10 | UNSAID | -",
                "three GATES 12 so-so > fewer balls | Three gates | 12 | SO_SO | fewer balls",
                "Game 4v4 20 min worked | Game 4v4 | 20 | WORKED | -",
                "Runs to 30 15' + | Runs to 30 | 15 | WORKED | -",
                "Square 9 did not work > leave it | Square | 9 | DID_NOT | leave it",
                "Square 9 ~ | Square | 9 | SO_SO | -",
                "Water 2min. | Water | 2 | UNSAID | -",
            })
    void aLineIsAPart(String line, String title, int minutes, Part.Went went, String next) {
        Jotted jotted = Jotted.read(line, DRILLS);
        assertEquals(List.of(), jotted.unclear());
        Part part = jotted.parts().get(0);
        assertEquals(title, part.title());
        assertEquals(minutes * 60, part.seconds());
        assertEquals(0, part.time().planned(), "nobody planned it");
        assertEquals(went, part.went());
        assertEquals(next == null ? "" : next, part.next());
        assertEquals(title.equals("Three gates") ? Optional.of(GATES) : Optional.empty(), part.drill());
    }

    @Test
    void whatIsNotClearIsSaid() {
        Jotted jotted = Jotted.read("Warm-up\n\n  Water 3  \nGates 12 splendid\nGates 0\n12\nNight 800", DRILLS);
        assertEquals(List.of("Water"), jotted.parts().stream().map(Part::title).toList());
        assertEquals(List.of("Warm-up", "Gates 12 splendid", "Gates 0", "12"), jotted.unclear());
        assertEquals(List.of("Night 800"), jotted.endless());
    }
}

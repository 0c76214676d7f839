package wildchalk.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Film;
import wildchalk.handout.order.Order.Still;
import wildchalk.handout.preview.Preview;
import wildchalk.storage.bundle.BundleReader;
import wildchalk.storage.format.DrillReader;

/** Every kind of hand-out copes with drills that nobody thought of. */
class HandOutsTest {

    static final List<HandOut> KINDS = HandOuts.ALL;

    @TempDir
    Path folder;

    /** Small, and quick to make. */
    private static Order quick(Drill drill) {
        return Order.of(drill).still(new Still(0, 300, true)).film(new Film(Film.Shape.SQUARE, 2, false, true));
    }

    private static Drill hostile() {
        Drill demo = Tool.demo("skylark");
        Drill named = PieceEdits.change(
                        "s1",
                        "Name",
                        PersonEdits.called(Ladder.build(demo, "s1").people().get(0), "</g><b>]]>&"))
                .apply(demo);
        return DrillEdits.rename(Tool.HOSTILE + "z".repeat(10_000))
                .apply(named)
                .withNotes(List.of(Tool.HOSTILE, "\n\t\u202e mirrored"), List.of(""), List.of("]]>"));
    }

    @ParameterizedTest
    @FieldSource("KINDS")
    void whateverIsWrittenInADrill(HandOut kind) throws Exception {
        Path file = Tool.write(kind, quick(hostile()), folder);
        assertTrue(Files.size(file) > 500, kind.words());
        switch (kind.ending()) {
            case "txt" -> assertTrue(Files.readString(file).startsWith(Tool.HOSTILE + "zzz"));
            case "json" -> assertEquals(hostile(), DrillReader.read(file));
            case "zip" -> assertEquals(
                    List.of(hostile()), BundleReader.read(file).drills());
            case "png", "gif", "mp4" -> assertTrue(
                    Tool.run("ffprobe", "-v", "error", file.toString()).isEmpty());
            case "pdf" -> assertTrue(
                    Tool.run("qpdf", "--check", file.toString()).contains("No syntax or stream encoding errors"));
            default -> assertTrue(
                    Files.readString(file).contains("&lt;script&gt;alert(1)&lt;/script&gt; ]]&gt;"), kind.words());
        }
    }

    @ParameterizedTest
    @FieldSource("KINDS")
    void aDrillWithNothingOnIt(HandOut kind) throws Exception {
        Drill empty = Drill.empty("nothing", "", "open-grass", "whole");
        assertTrue(Files.size(Tool.write(kind, quick(empty), folder)) > 10, kind.words());
        Preview preview = Preview.of(kind, quick(empty), 300);
        assertTrue(!(preview instanceof Preview.Pages p) || !p.pages().isEmpty());
    }

    @ParameterizedTest
    @FieldSource("KINDS")
    void whatIsLookedAtIsWhatIsMade(HandOut kind) throws Exception {
        Order order = quick(Tool.demo("lamplighter")).rung(Optional.of("s4"));
        Preview preview = Preview.of(kind, order, 300);
        if (preview instanceof Preview.Words words && kind.ending().equals("txt")) {
            assertEquals(Files.readString(Tool.write(kind, order, folder)), words.text());
        } else if (preview instanceof Preview.Moving moving) {
            assertTrue(moving.screening().seconds() > 5);
            assertEquals(300, moving.screening().frame(1).getWidth());
        } else if (preview instanceof Preview.Pages pages && kind.ending().equals("pdf")) {
            assertTrue(pages.pages().get(0).getHeight() > pages.pages().get(0).getWidth());
        }
        assertTrue(!kind.words().isBlank()
                && !kind.about().isBlank()
                && kind.ending().matches("[a-z0-9]+"));
    }
}

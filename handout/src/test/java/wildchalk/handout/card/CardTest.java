package wildchalk.handout.card;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.script.GameWords;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.SheetWords;
import wildchalk.core.setout.Starts;
import wildchalk.handout.Tool;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Paper;
import wildchalk.handout.order.Played;
import wildchalk.storage.format.DrillReader;

/** The card, as programs read it that are not ours. */
class CardTest {

    static final List<String> DEMOS = Tool.DEMOS;

    @TempDir
    Path folder;

    private static String plain(String words) {
        return words.replaceAll("\\s+", "");
    }

    private String text(Path pdf) throws Exception {
        return plain(Tool.run("pdftotext", "-raw", "-enc", "UTF-8", pdf.toString(), "-"));
    }

    @ParameterizedTest
    @FieldSource("DEMOS")
    void itIsSoundAndHoldsAllThatARunNeeds(String demo) throws Exception {
        holdsAll(Order.of(Tool.demo(demo)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "played-out",
                "uneven",
                "counted-right",
                "both-ends",
                "lodestar",
                "goals-turned",
                "two-figures",
                "eyes-and-voices",
                "tug",
                "to-ground",
                "screened",
                "wrong-foot",
                "redirected",
                "drawn-back",
                "passed-on",
                "channels",
                "two-ages"
            })
    void cardOfAGameHoldsAllThatItIsPlayedBy(String game) throws Exception {
        Path file = Path.of("..", "storage", "src", "test", "resources", "gallery", game + ".drill.json");
        holdsAll(Order.of(DrillReader.read(file)));
    }

    /** Drills that were drawn by hand in the real window, one for each sport. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "sandgrouse",
                "phalarope",
                "sanderling",
                "wheatear",
                "knot",
                "dotterel",
                "goldeneye",
                "merganser",
                "garganey",
                "gadwall"
            })
    void cardOfWhatWasDrawnByHandHoldsAllThatItIsPlayedBy(String drawn) throws Exception {
        Path file = Path.of(
                "..", "desktop", "src", "test", "resources", "wildchalk", "desktop", "byhand", drawn + ".drill.json");
        holdsAll(Order.of(DrillReader.read(file)));
    }

    private void holdsAll(Order order) throws Exception {
        Path pdf = Tool.write(new Card(), order, folder);
        assertTrue(Tool.run("qpdf", "--check", pdf.toString()).contains("No syntax or stream encoding errors"));
        List<String> fonts =
                Tool.run("pdffonts", pdf.toString()).lines().skip(2).toList();
        assertTrue(
                fonts.size() >= 3 && fonts.stream().allMatch(f -> f.matches(".* yes yes yes +\\d+ +\\d+ *")),
                fonts.toString());
        String info = Tool.run("pdfinfo", pdf.toString());
        assertTrue(info.matches("(?s).*Tagged: +yes.*"), info);
        assertTrue(info.contains(order.drill().title()), info);
        String text = text(pdf);
        for (Played rung : Played.of(order)) {
            // A variation from the other side is told as that.
            rung.script()
                    .lines()
                    .forEach(l -> assertTrue(
                            text.contains(plain(l.text())) || text.contains(plain(ToldBefore.turned(l.text()))),
                            l.text()));
            rung.script().limits().forEach(l -> assertTrue(text.contains(plain(l.text())), l.text()));
        }
        Played lowest = Played.of(order).get(0);
        Starts.of(lowest.stage(), lowest.surface(), order.units())
                .forEach(s -> assertTrue(text.contains(plain(s.words(order.units()))), s.words(order.units())));
        SetOut.of(lowest.stage(), lowest.surface(), order.units(), order.handful())
                .steps()
                .forEach(s -> assertTrue(text.contains(plain(SheetWords.tape(s.tape(), order.units()))), s.name()));
        order.drill().cautions().forEach(c -> assertTrue(text.contains(plain(c)), c));
        order.drill().points().forEach(c -> assertTrue(text.contains(plain(c)), c));
        GameWords.watched(
                        List.of(lowest.stage()), lowest.surface(), order.units().unit())
                .forEach(w -> assertTrue(text.contains(plain(w)), w));
    }

    @ParameterizedTest
    @FieldSource("DEMOS")
    void everyDemoDrillFitsOnTwoPagesOfAnyPaper(String demo) throws Exception {
        for (Paper.Size size : Paper.Size.values()) {
            for (boolean across : new boolean[] {false, true}) {
                Path pdf =
                        Tool.write(new Card(), Order.of(Tool.demo(demo)).on(new Paper(size, across, across)), folder);
                try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
                    assertTrue(
                            document.getNumberOfPages() <= 2,
                            demo + " on " + size + ": " + document.getNumberOfPages());
                    assertEquals(
                            across,
                            document.getPage(0).getMediaBox().getWidth()
                                    > document.getPage(0).getMediaBox().getHeight());
                }
            }
        }
    }

    @Test
    void everyRungHasABookmarkAndEveryPictureAWordInItsPlace() throws Exception {
        Path pdf = Tool.write(new Card(), Order.of(Tool.demo("lamplighter")), folder);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertEquals("en", document.getDocumentCatalog().getLanguage());
            StringBuilder marks = new StringBuilder();
            for (PDOutlineItem item :
                    document.getDocumentCatalog().getDocumentOutline().children()) {
                marks.append(item.getTitle()).append('\n');
            }
            for (String rung :
                    List.of("1 No pressure", "2 One who stays off", "2a Other side", "3 Live", "4 Second ball")) {
                assertTrue(marks.toString().contains(rung), marks.toString());
            }
        }
        String structure = Tool.run("pdfinfo", "-struct-text", pdf.toString());
        assertTrue(
                structure.contains("H1") && structure.contains("Figure"),
                structure.substring(0, Math.min(400, structure.length())));
    }

    @Test
    void whatWasLeftForAReasonStandsThereOnlyWhereItIsToGoOut() throws Exception {
        Drill drill = Tool.demo("skylark")
                .leaving(List.of(
                        new Drill.PutAside("meet", List.of("a", "b"), "Pass each other on the right", true),
                        new Drill.PutAside("tip", List.of("g"), "Our own goals are bolted to the wall", false)));
        String text = text(Tool.write(new Card(), Order.of(drill), folder));
        assertTrue(text.contains(plain("Pass each other on the right")), text);
        assertFalse(text.contains("bolted"), "a reason that is not to go out stays in the book");
    }

    @Test
    void nothingThatIsWrittenIsTakenForAnythingElse() throws Exception {
        Drill drill = DrillEdits.rename(Tool.HOSTILE).apply(Tool.demo("skylark"));
        Drill noted = drill.withNotes(
                List.of(Tool.HOSTILE, "x".repeat(10_000), "\u0000\u0007 bell"),
                List.of(Tool.HOSTILE),
                drill.cautions());
        Path pdf = Tool.write(new Card(), Order.of(noted), folder);
        assertTrue(Tool.run("qpdf", "--check", pdf.toString()).contains("No syntax or stream encoding errors"));
        String text = text(pdf);
        assertTrue(text.contains(plain("<script>alert(1)</script> ]]> & \"quotes\"")), text.substring(0, 300));
        assertTrue(
                text.contains("\u05e9\u05dc\u05d5\u05dd") || text.contains("\u05dd\u05d5\u05dc\u05e9"),
                "letters that our typeface lacks are text too");
        assertTrue(text.contains("\uD83C\uDFD0"));
        long found = text.chars().filter(c -> c == 'x').count();
        assertTrue(found >= 10_000 && found < 10_200, found + " of 10,000 letters of a long word");
        assertTrue(Tool.run("pdffonts", pdf.toString()).lines().skip(2).allMatch(f -> f.toLowerCase(Locale.ROOT)
                .contains(" yes ")));
    }
}

package wildchalk.handout.setout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;
import wildchalk.storage.format.DrillReader;

class SheetPagesTest {

    @TempDir
    private Path folder;

    private Path write(Drill drill) throws IOException {
        Stage stage = Ladder.build(drill, "s1");
        Sheet sheet = SetOut.of(stage, drill.surface(), Units.METRIC, SetOut.USUAL_HANDFUL);
        Path file = folder.resolve("sheet.pdf");
        new SheetPages(drill, RunThrough.of(stage, drill.surface(), Choices.NONE), sheet, Units.METRIC).writePdf(file);
        return file;
    }

    private static String text(PDDocument document) throws IOException {
        return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }

    @Test
    void everyPieceStandsOnThePagesWithItsMeasurements() throws Exception {
        Drill drill = DrillReader.read(Path.of("..", "demo", "sixpenny.drill.json"));
        Stage stage = Ladder.build(drill, "s1");
        Sheet sheet = SetOut.of(stage, drill.surface(), Units.METRIC, SetOut.USUAL_HANDFUL);
        try (PDDocument document = Loader.loadPDF(write(drill).toFile())) {
            String text = text(document);
            assertTrue(text.contains("Sixpenny Square"), text);
            assertTrue(text.contains("3 trips"), text);
            assertTrue(text.contains("Trip 2, from the gear bag"), text);
            for (Sheet.Step step : sheet.steps()) {
                assertTrue(text.contains(step.name()), step.name());
                String words = SheetWords.tape(step.tape(), Units.METRIC).substring(1);
                assertTrue(text.contains(words.replaceAll("\\s+", " ")), words);
            }
            assertEquals(
                    "Sixpenny Square, set-out sheet",
                    document.getDocumentInformation().getTitle());
        }
    }

    @Test
    void manyPiecesGoOnToMorePages() throws Exception {
        List<Piece> cones = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            cones.add(Piece.Item.cone("c" + i, new Vec(i % 10 * 5 - 20, i / 10 * 6 - 15), Colour.BLUE));
        }
        Drill empty = Drill.empty("d", "Many", "football-11", "whole");
        Drill drill = Ladder.put(empty, Ladder.build(empty, "s1").withPieces(cones));
        try (PDDocument document = Loader.loadPDF(write(drill).toFile())) {
            assertTrue(document.getNumberOfPages() > 2, document.getNumberOfPages() + " pages");
            assertTrue(text(document).contains("blue cone 60"));
        }
    }

    @Test
    void whereNothingCanBeWrittenTheOldSheetStays() throws Exception {
        Drill drill = DrillReader.read(Path.of("..", "demo", "turnstile.drill.json"));
        Path file = write(drill);
        byte[] before = Files.readAllBytes(file);
        Stage stage = Ladder.build(drill, "s1");
        Sheet sheet = SetOut.of(stage, drill.surface(), Units.METRIC, 1);
        SheetPages pages =
                new SheetPages(drill, RunThrough.of(stage, drill.surface(), Choices.NONE), sheet, Units.METRIC);
        assertThrows(
                IOException.class,
                () -> pages.writePdf(folder.resolve("nowhere").resolve("sheet.pdf")));
        assertEquals(before.length, Files.size(file));
        try (var files = Files.list(folder)) {
            assertEquals(1, files.count(), "no half-written file is left");
        }
    }
}

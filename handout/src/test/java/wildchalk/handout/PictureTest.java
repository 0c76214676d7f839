package wildchalk.handout;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;
import wildchalk.core.surface.Surface;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.picture.Picture;
import wildchalk.handout.type.Typeface;
import wildchalk.storage.format.DrillReader;

class PictureTest {

    private final Drill drill = demo();
    private final Surface surface = drill.surface();
    private final Stage stage = Ladder.build(drill, "s1");
    private final Timeline timeline = Rehearsal.of(stage, surface);

    private static Drill demo() {
        try {
            return DrillReader.read(Path.of("..", "demo", "skylark.drill.json"));
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private Picture picture(Look look) {
        return new Picture(drill, surface, stage, timeline, look);
    }

    @Test
    void shapesLandWhereTheMapPutsThem() {
        BufferedImage image = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
        AffineTransform map = AffineTransform.getTranslateInstance(50, 50);
        map.scale(10, 10);
        new PaperBrush(image.createGraphics(), Look.PAPER, map).paint(List.of(
                new Shape.Fill(Curve.circle(new Vec(2, -1), 1), Ink.CORAL, false),
                new Shape.Stroke(Curve.line(new Vec(-4, 3), new Vec(4, 3)), 0.4, Ink.SIGNAL, List.of(), false)));
        assertEquals(Look.PAPER.colour(Ink.CORAL), image.getRGB(70, 40));
        assertEquals(Color.BLACK.getRGB(), image.getRGB(70, 55));
        assertEquals(Look.PAPER.colour(Ink.SIGNAL), image.getRGB(50, 80));
        assertEquals(Color.BLACK.getRGB(), image.getRGB(50, 86));
    }

    @Test
    void dashesLeaveGapsAndGrainLeavesSpecks() {
        BufferedImage image = new BufferedImage(200, 40, BufferedImage.TYPE_INT_RGB);
        AffineTransform map = AffineTransform.getScaleInstance(10, 10);
        new PaperBrush(image.createGraphics(), Look.SLATE, map).paint(List.of(
                new Shape.Stroke(Curve.line(new Vec(0, 1), new Vec(20, 1)), 0.6, Ink.CHALK, List.of(2.0, 1.0), false),
                new Shape.Stroke(Curve.line(new Vec(0, 3), new Vec(20, 3)), 0.6, Ink.CHALK, List.of(), true)));
        assertEquals(Look.SLATE.colour(Ink.CHALK), image.getRGB(10, 10));
        assertEquals(Color.BLACK.getRGB(), image.getRGB(25, 10));
        long colours = 0;
        for (int x = 5; x < 195; x++) {
            colours += image.getRGB(x, 30) == Look.SLATE.colour(Ink.CHALK) ? 0 : 1;
        }
        assertTrue(colours > 10 && colours < 150, colours + " of 190 dots are not full chalk");
    }

    @Test
    void pictureShowsTheMomentThatIsAskedFor() {
        BufferedImage start = picture(Look.SLATE).draw(0, 800);
        BufferedImage later = picture(Look.SLATE).draw(2.5, 800);
        assertEquals(800, start.getWidth());
        int different = 0;
        for (int y = 0; y < start.getHeight(); y++) {
            for (int x = 0; x < 800; x++) {
                different += start.getRGB(x, y) == later.getRGB(x, y) ? 0 : 1;
            }
        }
        assertTrue(different > 500 && different < 800 * start.getHeight() / 10, different + " dots differ");
    }

    @Test
    void writesAPngThatReplacesTheOldOneOnlyWhenWhole(@TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("skylark.png"), "old");
        picture(Look.PAPER).writePng(file, 0, 400);
        BufferedImage read = ImageIO.read(file.toFile());
        assertEquals(400, read.getWidth());
        assertEquals(1, Files.list(folder).count(), "nothing half done is left behind");
        byte[] whole = Files.readAllBytes(file);
        assertThrows(IOException.class, () ->
                picture(Look.PAPER).writePng(folder.resolve("none").resolve("x.png"), 0, 400));
        assertArrayEquals(whole, Files.readAllBytes(file));
    }

    @Test
    void typefacesAreTheOnesThatShip() {
        assertEquals("Atkinson Hyperlegible Next", Typeface.TEXT.font(12).getFamily());
        assertEquals("Bricolage Grotesque", Typeface.TITLE.font(12).getFamily());
        assertEquals("Cabin Sketch", Typeface.NAME.font(12).getFamily());
    }
}

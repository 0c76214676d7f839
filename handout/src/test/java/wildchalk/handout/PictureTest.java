package wildchalk.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Still;
import wildchalk.handout.order.Played;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.picture.Picture;
import wildchalk.handout.type.Typeface;
import wildchalk.storage.format.DrillReader;

class PictureTest {

    private final Drill drill = demo();

    private static Drill demo() {
        try {
            return DrillReader.read(Path.of("..", "demo", "skylark.drill.json"));
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private BufferedImage picture(double t, int width) {
        return Picture.draw(Played.of(Order.of(drill)).get(0), Look.SLATE, new Still(t, width, true));
    }

    @Test
    void shapesLandWhereTheMapPutsThem() {
        BufferedImage image = new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB);
        AffineTransform map = AffineTransform.getTranslateInstance(50, 50);
        map.scale(10, 10);
        new PaperBrush(image.createGraphics(), Look.PAPER, map)
                .paint(List.of(
                        new Shape.Fill(Curve.circle(new Vec(2, -1), 1), Ink.CORAL, false),
                        new Shape.Stroke(
                                Curve.line(new Vec(-4, 3), new Vec(4, 3)), 0.4, Ink.SIGNAL, List.of(), false)));
        assertEquals(Look.PAPER.colour(Ink.CORAL), image.getRGB(70, 40));
        assertEquals(Color.BLACK.getRGB(), image.getRGB(70, 55));
        assertEquals(Look.PAPER.colour(Ink.SIGNAL), image.getRGB(50, 80));
        assertEquals(Color.BLACK.getRGB(), image.getRGB(50, 86));
    }

    @Test
    void dashesLeaveGapsAndGrainLeavesSpecks() {
        BufferedImage image = new BufferedImage(200, 40, BufferedImage.TYPE_INT_RGB);
        AffineTransform map = AffineTransform.getScaleInstance(10, 10);
        new PaperBrush(image.createGraphics(), Look.SLATE, map)
                .paint(List.of(
                        new Shape.Stroke(
                                Curve.line(new Vec(0, 1), new Vec(20, 1)), 0.6, Ink.CHALK, List.of(2.0, 1.0), false),
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
        BufferedImage start = picture(0, 800);
        BufferedImage later = picture(2.5, 800);
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
    void typefacesAreTheOnesThatShip() {
        assertEquals("Atkinson Hyperlegible Next", Typeface.TEXT.font(12).getFamily());
        assertEquals("Bricolage Grotesque", Typeface.TITLE.font(12).getFamily());
        assertEquals("Cabin Sketch", Typeface.NAME.font(12).getFamily());
    }
}

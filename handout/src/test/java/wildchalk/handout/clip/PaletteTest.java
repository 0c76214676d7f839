package wildchalk.handout.clip;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.awt.image.IndexColorModel;
import org.junit.jupiter.api.Test;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;

class PaletteTest {

    private static BufferedImage dot(int colour) {
        BufferedImage image = new BufferedImage(1, 1, BufferedImage.TYPE_3BYTE_BGR);
        image.setRGB(0, 0, colour);
        return image;
    }

    private static int far(int a, int b) {
        int far = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            far = Math.max(far, Math.abs((a >> shift & 0xFF) - (b >> shift & 0xFF)));
        }
        return far;
    }

    @Test
    void everyInkThatCoversIsThereAsItIs() {
        for (Look look : Look.values()) {
            Palette palette = new Palette(look);
            for (Ink ink : Ink.values()) {
                int colour = look.colour(ink);
                if (colour >>> 24 == 255) {
                    assertTrue(far(colour, palette.of(dot(colour)).getRGB(0, 0)) <= 8, look + " " + ink);
                }
            }
        }
    }

    @Test
    void softenedEdgesStaySoft() {
        Palette palette = new Palette(Look.SLATE);
        int board = Look.SLATE.colour(Ink.BOARD);
        int chalk = Look.SLATE.colour(Ink.CHALK);
        int half = 0xFF000000;
        for (int shift = 0; shift <= 16; shift += 8) {
            half |= ((board >> shift & 0xFF) + (chalk >> shift & 0xFF)) / 2 << shift;
        }
        assertTrue(far(half, palette.of(dot(half)).getRGB(0, 0)) <= 12);
        assertEquals(256, 1 << ((IndexColorModel) palette.of(dot(half)).getColorModel()).getPixelSize());
    }
}

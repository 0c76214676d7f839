package wildchalk.handout.surfaces;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

class ContactSheetTest {

    static List<Surface> all() {
        return Surfaces.BUILT_IN.all();
    }

    private static int dots(BufferedImage image, Ink ink) {
        Color wanted = new Color(Look.SLATE.colour(ink));
        int found = 0;
        for (int x = 0; x < image.getWidth(); x++) {
            for (int y = 0; y < image.getHeight(); y++) {
                Color c = new Color(image.getRGB(x, y));
                int off = Math.abs(c.getRed() - wanted.getRed())
                        + Math.abs(c.getGreen() - wanted.getGreen())
                        + Math.abs(c.getBlue() - wanted.getBlue());
                found += off < 40 ? 1 : 0;
            }
        }
        return found;
    }

    @ParameterizedTest
    @MethodSource("all")
    void everySurfaceIsDrawnWithItsLines(Surface surface) {
        BufferedImage image = ContactSheet.draw(List.of(surface), 700, 1);
        assertTrue(dots(image, Ink.BOARD) > 30_000, "the surface itself");
        assertTrue(lighter(image) > 300, "its lines");
    }

    /** Dots that stand out from the board: lines are drawn with soft edges. */
    private static int lighter(BufferedImage image) {
        int board = new Color(Look.SLATE.colour(Ink.BOARD)).getGreen();
        int found = 0;
        // The words under the surface are left out.
        for (int y = 0; y < image.getHeight() - 50; y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                found += new Color(image.getRGB(x, y)).getGreen() > board + 12 ? 1 : 0;
            }
        }
        return found;
    }

    @Test
    void sheetHasAsManyRowsAsItNeeds() {
        int one = ContactSheet.draw(all().subList(0, 3), 900, 3).getHeight();
        int two = ContactSheet.draw(all().subList(0, 4), 900, 3).getHeight();
        assertTrue(two > one * 1.8 && two < one * 2.1, one + " and " + two);
    }

    @Test
    void isWrittenWhole(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("all.png");
        ContactSheet.writePng(file, all(), 800, 4);
        assertEquals(800, ImageIO.read(file.toFile()).getWidth());
    }
}

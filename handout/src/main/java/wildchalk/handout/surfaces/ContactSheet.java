package wildchalk.handout.surfaces;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ground;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.surface.Surface;
import wildchalk.handout.order.Delivery;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.type.Typeface;

/** Surfaces side by side, each as large as its frame allows, with its name and size. */
public final class ContactSheet {

    private static final int MARGIN = 18;
    private static final int WORDS = 40;
    private static final double SHAPE = 0.58;

    /** On cells narrower than this lines need to be thicker than they are, pixels. */
    private static final double SMALL = 500;

    private ContactSheet() {}

    /**
     * Draws the sheet.
     *
     * @param width pixels
     * @param columns at least 1
     */
    public static BufferedImage draw(List<Surface> surfaces, int width, int columns) {
        int cell = (width - MARGIN) / columns;
        int tall = (int) ((cell - MARGIN) * SHAPE) + WORDS + MARGIN;
        int rows = (surfaces.size() + columns - 1) / columns;
        BufferedImage image = new BufferedImage(width, rows * tall + MARGIN, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setPaint(new Color(Look.SLATE.colour(Ink.AROUND)));
        g.fillRect(0, 0, width, image.getHeight());
        for (int i = 0; i < surfaces.size(); i++) {
            int x = MARGIN + i % columns * cell;
            int y = MARGIN + i / columns * tall;
            one(g, surfaces.get(i), new Rectangle2D.Double(x, y, cell - MARGIN, (cell - MARGIN) * SHAPE));
        }
        g.dispose();
        return image;
    }

    private static void one(Graphics2D g, Surface surface, Rectangle2D area) {
        Frame frame = Frame.of(surface.view("whole").box());
        g.setClip(area);
        new PaperBrush(g, Look.SLATE, PaperBrush.fit(frame, surface.surroundings(), area))
                .paint(Ground.of(surface, frame.scaled(area.getWidth() < SMALL ? 1.3 : 0.7)));
        g.setClip(null);
        g.setPaint(new Color(Look.SLATE.colour(Ink.CHALK)));
        g.setFont(Typeface.TEXT_BOLD.font(14));
        g.drawString(surface.name(), (float) area.getX(), (float) area.getMaxY() + 17);
        g.setPaint(new Color(Look.SLATE.colour(Ink.FAINT), true));
        g.setFont(Typeface.TEXT.font(13));
        g.drawString(
                String.format(Locale.ROOT, "%.2f × %.2f m", surface.length(), surface.width()),
                (float) area.getX(),
                (float) area.getMaxY() + 34);
    }

    /**
     * Writes the sheet as PNG; a file that is there stays as it was until the new one is whole.
     *
     * @throws IOException when the place cannot be written to
     */
    public static void writePng(Path file, List<Surface> surfaces, int width, int columns) throws IOException {
        Delivery.deliver(file, part -> ImageIO.write(draw(surfaces, width, columns), "png", part.toFile()));
    }
}

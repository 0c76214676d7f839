package wildchalk.handout.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Locale;
import javax.imageio.ImageIO;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Stage;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Legend;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Scene;
import wildchalk.core.surface.Surface;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.type.Typeface;

/** One moment of a drill as a picture, with its title above and the line key below. */
public final class Picture {

    private static final double MARGIN = 0.02;
    private static final double HEAD = 0.07;
    private static final double FOOT = 0.06;
    /** Most height of the board for its width; a taller view shows more of the surface beside it. */
    private static final double TALLEST = 0.7;
    private static final double TALLEST_UPRIGHT = 1.3;

    private final Drill drill;
    private final Surface surface;
    private final Stage stage;
    private final Timeline timeline;
    private final Look look;

    public Picture(Drill drill, Surface surface, Stage stage, Timeline timeline, Look look) {
        this.drill = drill;
        this.surface = surface;
        this.stage = stage;
        this.timeline = timeline;
        this.look = look;
    }

    /**
     * Draws the picture.
     *
     * @param t seconds after the whistle
     * @param width pixels, at least 200
     */
    public BufferedImage draw(double t, int width) {
        Frame frame = Frame.of(drill, surface);
        boolean upright = drill.showing().attack().isUpright();
        double shape = upright ? frame.view().width() / frame.view().height()
                : frame.view().height() / frame.view().width();
        int board = (int) Math.round(width * Math.max(0.4, Math.min(upright ? TALLEST_UPRIGHT : TALLEST, shape)));
        int head = (int) (width * HEAD);
        int foot = (int) (width * FOOT);
        BufferedImage image = new BufferedImage(width, head + board + foot, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        try {
            g.setPaint(new Color(look.colour(Ink.AROUND), true));
            g.fillRect(0, 0, width, image.getHeight());
            Scene scene = new Board(surface, stage, timeline, drill.lineKey(), frame).at(t);
            board(g, new Rectangle(0, head, width, board), frame, scene);
            title(g, width, head);
            legend(g, width, head + board + foot / 2, frame);
        } finally {
            g.dispose();
        }
        return image;
    }

    private void board(Graphics2D g, Rectangle area, Frame frame, Scene scene) {
        g.setClip(area);
        AffineTransform toPixels = PaperBrush.fit(frame, surface.surroundings(), area);
        PaperBrush brush = new PaperBrush(g, look, toPixels);
        brush.paint(scene.ground());
        brush.paint(scene.chalk());
        brush.paint(scene.live());
        g.setClip(null);
    }

    private void title(Graphics2D g, int width, int head) {
        g.setPaint(new Color(look.colour(Ink.CHALK), true));
        float left = (float) (width * MARGIN);
        g.setFont(Typeface.TITLE.font(head * 0.5f));
        g.drawString(drill.title(), left, head * 0.68f);
        String where = surface.sport() + " · " + drill.showing().name(surface).toLowerCase(Locale.ROOT);
        g.setFont(Typeface.TEXT.font(head * 0.28f));
        int wide = g.getFontMetrics().stringWidth(where);
        g.drawString(where, width - left - wide, head * 0.64f);
    }

    private void legend(Graphics2D g, int width, int middle, Frame frame) {
        double scale = width * (1 - 2 * MARGIN) / Legend.width(frame.unit());
        AffineTransform toPixels = AffineTransform.getTranslateInstance(width * MARGIN, middle);
        toPixels.scale(scale, scale);
        new PaperBrush(g, look, toPixels).paint(Legend.of(drill.lineKey(), frame.unit()));
    }

    /**
     * Writes the picture as PNG; a file that is there stays as it was until the new one is whole.
     *
     * @throws IOException when the place cannot be written to
     */
    public void writePng(Path file, double t, int width) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        Path part = Files.createTempFile(folder, ".picture", ".part");
        try {
            if (!ImageIO.write(draw(t, width), "png", part.toFile())) {
                throw new IOException("no PNG writer");
            }
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}

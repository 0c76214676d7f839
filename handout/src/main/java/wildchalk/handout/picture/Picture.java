package wildchalk.handout.picture;

import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.Set;
import javax.imageio.ImageIO;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Legend;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Scene;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Order.Still;
import wildchalk.handout.order.Played;
import wildchalk.handout.order.Progress;
import wildchalk.handout.paint.PaperBrush;
import wildchalk.handout.type.Lines;

/** One moment of a rung as dots. */
public final class Picture implements HandOut {

    @Override
    public String ending() {
        return "png";
    }

    @Override
    public String words() {
        return "Picture (PNG)";
    }

    @Override
    public String about() {
        return "One moment, for a message or a slide.";
    }

    @Override
    public Set<Wish> wishes() {
        return EnumSet.of(
                Wish.GROUND, Wish.ONE_RUNG, Wish.WAY, Wish.LOOK, Wish.MOMENT, Wish.WIDTH, Wish.WORDS, Wish.UNITS);
    }

    @Override
    public void write(Order order, Path file, Progress progress) throws IOException {
        Played played = Played.of(order).get(0);
        progress.step(0.3);
        BufferedImage image = draw(played, order.look(), order.still());
        progress.step(0.7);
        if (!ImageIO.write(image, "png", file.toFile())) {
            throw new IOException("no PNG writer");
        }
        progress.step(1);
    }

    /** Draws the picture. */
    public static BufferedImage draw(Played played, Look look, Still still) {
        Arrangement places = Arrangement.of(played, still);
        BufferedImage image =
                new BufferedImage((int) places.width(), (int) places.height(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        try {
            g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
            g.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
            g.setPaint(new Color(look.colour(Ink.AROUND)));
            g.fillRect(0, 0, image.getWidth(), image.getHeight());
            board(g, played, places, look, still.t());
            places.lines().forEach(line -> text(g, line, look));
            if (places.toKey() != null) {
                new PaperBrush(g, look, places.toKey())
                        .paint(Legend.of(
                                played.drill().lineKey(), places.frame().unit()));
            }
        } finally {
            g.dispose();
        }
        return image;
    }

    private static void board(Graphics2D g, Played played, Arrangement places, Look look, double t) {
        Scene scene = played.board(places.frame()).at(t);
        g.setClip(places.board());
        PaperBrush brush = new PaperBrush(g, look, places.toPixels());
        brush.paint(scene.ground());
        brush.paint(scene.chalk());
        brush.paint(scene.live());
        g.setClip(null);
    }

    private static void text(Graphics2D g, Arrangement.Line line, Look look) {
        Font font = line.face().fontFor(line.words(), (float) line.size());
        g.setFont(font);
        g.setPaint(new Color(look.colour(Ink.CHALK), true));
        double x = line.right() ? line.x() - Lines.width(line.words(), line.face(), line.size()) : line.x();
        g.drawString(line.words(), (float) x, (float) line.y());
    }
}

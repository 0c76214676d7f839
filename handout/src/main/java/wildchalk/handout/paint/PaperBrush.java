package wildchalk.handout.paint;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Paint;
import java.awt.RenderingHints;
import java.awt.TexturePaint;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.EnumMap;
import java.util.Map;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Brush;
import wildchalk.core.scene.Frame;
import wildchalk.core.scene.Grain;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;
import wildchalk.handout.type.Typeface;

/** Paints shapes in metres with Java2D. */
public final class PaperBrush implements Brush {

    private final Graphics2D g;
    private final Look look;
    private final AffineTransform toPixels;
    private final double least;
    private final Map<Ink, Paint> chalk = new EnumMap<>(Ink.class);

    /** @param toPixels from metres to the units of {@code g}; it scales evenly */
    public PaperBrush(Graphics2D g, Look look, AffineTransform toPixels) {
        this(g, look, toPixels, 0);
    }

    /** A brush for small pictures on a screen, which leaves type out that nobody could read. */
    public static PaperBrush forThumbnail(Graphics2D g, Look look, AffineTransform toPixels) {
        return new PaperBrush(g, look, toPixels, Shape.Label.READABLE);
    }

    private PaperBrush(Graphics2D g, Look look, AffineTransform toPixels, double least) {
        this.least = least;
        this.g = g;
        this.look = look;
        this.toPixels = toPixels;
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    }

    /**
     * From metres to the units of an area, so that what the frame asks for is shown whole, turned as it says.
     *
     * @param limits the surface with its run-off
     */
    public static AffineTransform fit(Frame frame, Box limits, Rectangle2D area) {
        boolean upright = Math.abs(Math.sin(frame.turn())) > 0.5;
        double aspect = area.getWidth() / area.getHeight();
        Box shown = Frame.shown(frame.view(), limits, upright ? 1 / aspect : aspect);
        double scale = area.getWidth() / (upright ? shown.height() : shown.width());
        AffineTransform fit = AffineTransform.getTranslateInstance(area.getCenterX(), area.getCenterY());
        fit.scale(scale, scale);
        fit.rotate(frame.turn());
        fit.translate(-shown.centre().x(), -shown.centre().y());
        return fit;
    }

    @Override
    public void fill(Shape.Fill fill) {
        g.setPaint(fill.chalked() ? chalk(fill.ink()) : plain(fill.ink()));
        g.fill(path(fill.outline()));
    }

    @Override
    public void faint(Shape.Faint faint) {
        Composite full = g.getComposite();
        g.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) Shape.Faint.COVER));
        faint.of().paintWith(this);
        g.setComposite(full);
    }

    @Override
    public void stroke(Shape.Stroke stroke) {
        g.setPaint(stroke.chalked() ? chalk(stroke.ink()) : plain(stroke.ink()));
        float[] dash = stroke.dash().isEmpty() ? null : new float[stroke.dash().size()];
        for (int i = 0; dash != null && i < dash.length; i++) {
            dash[i] = (float) (stroke.dash().get(i) * scale());
        }
        float width = (float) (stroke.width() * scale());
        int cap = dash == null ? BasicStroke.CAP_ROUND : BasicStroke.CAP_BUTT;
        g.setStroke(new BasicStroke(width, cap, BasicStroke.JOIN_ROUND, 10, dash, 0));
        g.draw(path(stroke.curve()));
    }

    @Override
    public void label(Shape.Label label) {
        if (label.text().isBlank() || label.size() * scale() < least) {
            return;
        }
        g.setPaint(plain(label.ink()));
        // Drawn as text and not as outlines, so that it stays text where it is drawn into a document.
        Font font = Typeface.TEXT_BOLD.fontFor(label.text(), (float) (label.size() * scale()));
        g.setFont(font);
        double wide =
                font.getStringBounds(label.text(), g.getFontRenderContext()).getWidth();
        double[] at = {label.at().x(), label.at().y()};
        toPixels.transform(at, 0, at, 0, 1);
        float middle = (float) (label.size() * scale() * 0.35);
        g.drawString(label.text(), (float) (at[0] - wide / 2), (float) at[1] + middle);
    }

    private double scale() {
        return Math.sqrt(Math.abs(toPixels.getDeterminant()));
    }

    private Paint plain(Ink ink) {
        return new Color(look.colour(ink), true);
    }

    private Paint chalk(Ink ink) {
        return look.grain() ? chalk.computeIfAbsent(ink, this::grained) : plain(ink);
    }

    private Paint grained(Ink ink) {
        int colour = look.colour(ink);
        double[] cover = Grain.tile();
        BufferedImage tile = new BufferedImage(Grain.SIZE, Grain.SIZE, BufferedImage.TYPE_INT_ARGB);
        for (int i = 0; i < cover.length; i++) {
            int alpha = (int) ((colour >>> 24) * cover[i]);
            tile.setRGB(i % Grain.SIZE, i / Grain.SIZE, alpha << 24 | colour & 0xFFFFFF);
        }
        return new TexturePaint(tile, new Rectangle2D.Double(0, 0, Grain.SIZE, Grain.SIZE));
    }

    private Path2D path(Curve curve) {
        Path2D path = new Path2D.Double();
        curve.trace(new Curve.Pen() {
            @Override
            public void moveTo(Vec to) {
                path.moveTo(to.x(), to.y());
            }

            @Override
            public void lineTo(Vec to) {
                path.lineTo(to.x(), to.y());
            }

            @Override
            public void cubicTo(Vec first, Vec second, Vec to) {
                path.curveTo(first.x(), first.y(), second.x(), second.y(), to.x(), to.y());
            }

            @Override
            public void close() {
                path.closePath();
            }
        });
        path.transform(toPixels);
        return path;
    }
}

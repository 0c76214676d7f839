package wildchalk.desktop.paint;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Rectangle2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.paint.Paint;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.TextAlignment;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Brush;
import wildchalk.core.scene.Grain;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;

/** Paints shapes in metres on a JavaFX canvas. */
public final class ScreenBrush implements Brush {

    /** Nothing is set in smaller type than this, in pixels. */
    private static final double LEAST_TYPE = 12;

    private static final Map<Look, Map<Ink, Paint>> CHALK = new EnumMap<>(Look.class);

    private final GraphicsContext g;
    private final Look look;
    private final ScreenMap map;
    private final double leastType;
    private final Curve.Pen pen = new Curve.Pen() {
        @Override
        public void moveTo(Vec to) {
            g.moveTo(map.x(to), map.y(to));
        }

        @Override
        public void lineTo(Vec to) {
            g.lineTo(map.x(to), map.y(to));
        }

        @Override
        public void cubicTo(Vec first, Vec second, Vec to) {
            g.bezierCurveTo(map.x(first), map.y(first), map.x(second), map.y(second), map.x(to), map.y(to));
        }

        @Override
        public void close() {
            g.closePath();
        }
    };

    public ScreenBrush(Canvas canvas, Look look, ScreenMap map) {
        this(canvas, look, map, LEAST_TYPE);
    }

    private ScreenBrush(Canvas canvas, Look look, ScreenMap map, double leastType) {
        this.g = canvas.getGraphicsContext2D();
        this.look = look;
        this.map = map;
        this.leastType = leastType;
    }

    /** A brush for small pictures, which leaves type out that nobody could read. */
    public static ScreenBrush forThumbnail(Canvas canvas, Look look, ScreenMap map) {
        return new ScreenBrush(canvas, look, map, 0);
    }

    public void clear() {
        g.clearRect(0, 0, map.width(), map.height());
    }

    /** Clears a part, in whole pixels, and paints what lies in it; nothing outside it is touched. */
    public void anew(Rectangle2D part, List<Shape> shapes) {
        g.save();
        g.beginPath();
        g.rect(part.getMinX(), part.getMinY(), part.getWidth(), part.getHeight());
        g.clip();
        g.clearRect(part.getMinX(), part.getMinY(), part.getWidth(), part.getHeight());
        paint(shapes);
        g.restore();
    }

    public void fillAll(Ink ink) {
        g.setFill(plain(ink));
        g.fillRect(0, 0, map.width(), map.height());
    }

    @Override
    public void fill(Shape.Fill fill) {
        g.setFill(fill.chalked() ? chalk(fill.ink()) : plain(fill.ink()));
        trace(fill.outline());
        g.fill();
    }

    @Override
    public void faint(Shape.Faint faint) {
        g.setGlobalAlpha(Shape.Faint.COVER);
        faint.of().paintWith(this);
        g.setGlobalAlpha(1);
    }

    @Override
    public void stroke(Shape.Stroke stroke) {
        g.setStroke(stroke.chalked() ? chalk(stroke.ink()) : plain(stroke.ink()));
        g.setLineWidth(stroke.width() * map.scale());
        g.setLineJoin(StrokeLineJoin.ROUND);
        if (stroke.dash().isEmpty()) {
            g.setLineCap(StrokeLineCap.ROUND);
            g.setLineDashes();
        } else {
            g.setLineCap(StrokeLineCap.BUTT);
            g.setLineDashes(
                    stroke.dash().stream().mapToDouble(d -> d * map.scale()).toArray());
        }
        trace(stroke.curve());
        g.stroke();
    }

    @Override
    public void label(Shape.Label label) {
        double size = Math.max(leastType, label.size() * map.scale());
        if (size < Shape.Label.READABLE) {
            return;
        }
        g.setFont(Type.bold(size));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(plain(label.ink()));
        g.fillText(label.text(), map.x(label.at()), map.y(label.at()));
    }

    private void trace(Curve curve) {
        g.beginPath();
        curve.trace(pen);
    }

    private Color plain(Ink ink) {
        return colour(look, ink);
    }

    /** The colour of an ink. */
    public static Color colour(Look look, Ink ink) {
        int c = look.colour(ink);
        return Color.rgb(c >> 16 & 0xFF, c >> 8 & 0xFF, c & 0xFF, (c >>> 24) / 255.0);
    }

    private Paint chalk(Ink ink) {
        return look.grain()
                ? CHALK.computeIfAbsent(look, l -> new EnumMap<>(Ink.class)).computeIfAbsent(ink, this::grained)
                : plain(ink);
    }

    private Paint grained(Ink ink) {
        int colour = look.colour(ink);
        double[] cover = Grain.tile();
        int[] pixels = new int[cover.length];
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = (int) ((colour >>> 24) * cover[i]) << 24 | colour & 0xFFFFFF;
        }
        WritableImage tile = new WritableImage(Grain.SIZE, Grain.SIZE);
        tile.getPixelWriter()
                .setPixels(0, 0, Grain.SIZE, Grain.SIZE, PixelFormat.getIntArgbInstance(), pixels, 0, Grain.SIZE);
        return new ImagePattern(tile, 0, 0, Grain.SIZE, Grain.SIZE, false);
    }
}

package wildchalk.handout.paint;

import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import wildchalk.core.geometry.Curve;
import wildchalk.core.geometry.Vec;
import wildchalk.core.scene.Brush;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.core.scene.Shape;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/** Writes shapes in metres as SVG elements. Chalk has no grain there. */
public final class SvgBrush implements Brush {

    /** How an ink is said in an attribute. */
    public interface Inks {

        String fill(Ink ink);

        String stroke(Ink ink);

        /** Whether labels say themselves how they are set; else a style sheet does: bold, in the middle. */
        default boolean setsType() {
            return true;
        }
    }

    private final StringBuilder out;
    private final AffineTransform toPixels;
    private final Inks inks;
    private final int decimals;

    /**
     * @param toPixels from metres to the units of the picture; it scales evenly
     * @param decimals of places
     */
    public SvgBrush(StringBuilder out, AffineTransform toPixels, Inks inks, int decimals) {
        this.out = out;
        this.toPixels = toPixels;
        this.inks = inks;
        this.decimals = decimals;
    }

    /** Colours as attributes, for a picture that stands alone. */
    public static Inks plain(Look look) {
        return new Inks() {
            @Override
            public String fill(Ink ink) {
                return colour("fill", look.colour(ink));
            }

            @Override
            public String stroke(Ink ink) {
                return colour("stroke", look.colour(ink));
            }
        };
    }

    private static String colour(String what, int colour) {
        int cover = colour >>> 24;
        return what + "=\"" + hex(colour) + "\""
                + (cover == 255 ? "" : " " + what + "-opacity=\"" + Markup.number(cover / 255.0, 3) + "\"");
    }

    /** A colour without its cover: "#1d2b2a". */
    public static String hex(int colour) {
        return String.format("#%06x", colour & 0xFFFFFF);
    }

    /** Shapes in a group of that id, and what it is called; nothing where there are no shapes. */
    public void group(String id, String name, List<Shape> shapes) {
        if (!shapes.isEmpty()) {
            out.append("<g id=\"").append(Markup.text(id)).append("\">");
            if (!name.isBlank()) {
                out.append("<title>").append(Markup.text(name)).append("</title>");
            }
            paint(shapes);
            out.append("</g>");
        }
    }

    @Override
    public void fill(Shape.Fill fill) {
        Optional<Curve.Circle> circle = fill.outline().asCircle();
        if (circle.isPresent()) {
            // A fifth as long as its curves.
            double[] at = at(circle.get().centre());
            out.append("<circle")
                    .append(' ')
                    .append(inks.fill(fill.ink()))
                    .append(' ')
                    .append("cx=\"")
                    .append(number(at[0]))
                    .append("\" cy=\"")
                    .append(number(at[1]))
                    .append("\" r=\"")
                    .append(length(circle.get().radius()))
                    .append("\"/>");
            return;
        }
        out.append("<path ")
                .append(inks.fill(fill.ink()))
                .append(" d=\"")
                .append(path(fill.outline()))
                .append("\"/>");
    }

    @Override
    public void faint(Shape.Faint faint) {
        out.append("<g opacity=\"").append(Markup.number(Shape.Faint.COVER, 2)).append("\">");
        faint.of().paintWith(this);
        out.append("</g>");
    }

    @Override
    public void stroke(Shape.Stroke stroke) {
        out.append("<path fill=\"none\" ")
                .append(inks.stroke(stroke.ink()))
                .append(" stroke-width=\"")
                .append(length(stroke.width()))
                .append('"');
        if (stroke.dash().isEmpty()) {
            out.append(" stroke-linecap=\"round\"");
        } else {
            out.append(" stroke-dasharray=\"")
                    .append(stroke.dash().stream().map(this::length).collect(Collectors.joining(" ")))
                    .append('"');
        }
        out.append(" stroke-linejoin=\"round\" d=\"")
                .append(path(stroke.curve()))
                .append("\"/>");
    }

    @Override
    public void label(Shape.Label label) {
        if (!label.text().isBlank()) {
            double[] at = at(label.at());
            double size = label.size() * scale();
            text(label.text(), Typeface.TEXT_BOLD, size, label.ink(), at[0], at[1] + size * 0.35, "middle");
        }
    }

    /**
     * A line of text.
     *
     * @param size units of the picture, as are {@code x} and {@code y}, its foot
     * @param anchor "start", "middle" or "end"
     */
    public void text(String words, Typeface face, double size, Ink ink, double x, double y, String anchor) {
        out.append("<text ")
                .append(inks.fill(ink))
                .append(" x=\"")
                .append(number(x))
                .append("\" y=\"")
                .append(number(y))
                .append("\" font-size=\"")
                .append(number(size))
                .append(inks.setsType() ? type(face, anchor) : "")
                .append("\">")
                .append(Markup.text(words))
                .append("</text>");
    }

    private static String type(Typeface face, String anchor) {
        return "\" font-family=\"" + family(face) + "\" font-weight=\"" + (face == Typeface.TEXT ? "400" : "700")
                + "\" text-anchor=\"" + anchor;
    }

    /** A line of text that is as wide as it is with our own typeface, whatever is at hand where it is looked at. */
    public void textAsWide(String words, Typeface face, double size, Ink ink, double x, double y, String anchor) {
        int before = out.length();
        text(words, face, size, ink, x, y, anchor);
        out.insert(
                out.indexOf(">", before),
                " lengthAdjust=\"spacingAndGlyphs\" textLength=\"" + number(Lines.width(words, face, size)) + "\"");
    }

    private static String family(Typeface face) {
        return (face == Typeface.TITLE ? "Bricolage Grotesque" : "Atkinson Hyperlegible Next") + ", sans-serif";
    }

    private double scale() {
        return Math.sqrt(Math.abs(toPixels.getDeterminant()));
    }

    private String length(double metres) {
        return Markup.number(metres * scale(), decimals + 1);
    }

    private String number(double n) {
        return Markup.number(n, decimals);
    }

    private double[] at(Vec place) {
        double[] at = {place.x(), place.y()};
        toPixels.transform(at, 0, at, 0, 1);
        return at;
    }

    private String point(Vec place) {
        double[] at = at(place);
        return number(at[0]) + " " + number(at[1]);
    }

    private String path(Curve curve) {
        StringBuilder d = new StringBuilder();
        curve.trace(new Curve.Pen() {
            @Override
            public void moveTo(Vec to) {
                d.append('M').append(point(to));
            }

            @Override
            public void lineTo(Vec to) {
                d.append('L').append(point(to));
            }

            @Override
            public void cubicTo(Vec first, Vec second, Vec to) {
                d.append('C')
                        .append(point(first))
                        .append(' ')
                        .append(point(second))
                        .append(' ')
                        .append(point(to));
            }

            @Override
            public void close() {
                d.append('Z');
            }
        });
        return d.toString();
    }
}

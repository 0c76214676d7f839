package wildchalk.handout.card;

import java.awt.Color;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;
import wildchalk.handout.pdf.TaggedPdf;
import wildchalk.handout.type.Lines;
import wildchalk.handout.type.Typeface;

/**
 * How words are set in a column.
 *
 * @param width of the column, points
 * @param size of the usual type, points
 */
public record Setting(double width, double size, Look look) {

    /** Before one of several. */
    public static final String BULLET = "•";

    private static final double LINE = 1.32;
    /** A paragraph of more lines than this may be torn apart. */
    private static final int TOGETHER = 9;
    /** Room for a number before a line, in sizes. */
    /** An option is set so much further in than what happens anyway, in sizes of type. */
    private static final double STEP_IN = 1.6;
    /** Before what only happens when something else is decided than on the picture. */
    private static final String DASH = "\u2013";

    private static final double NUMBER = 2.1;

    /** The same in a column of another width. */
    public Setting wide(double points) {
        return new Setting(points, size, look);
    }

    /** The colour of an ink. */
    public Color ink(Ink ink) {
        return new Color(look.colour(ink) & 0xFFFFFF);
    }

    /** A heading, and the line in the list of what is in the document. */
    public Slice title(String kind, String words, double times, boolean listed) {
        List<String> lines = Lines.wrapped(words, Typeface.TITLE, size * times, width);
        double line = size * times * 1.2;
        return new Slice(line * lines.size() + size * 0.35, true, (pdf, x, y) -> {
            if (listed) {
                pdf.bookmark(words, y);
            }
            pdf.tagged(kind, Optional.empty(), () -> {
                for (int i = 0; i < lines.size(); i++) {
                    pdf.text(lines.get(i), Typeface.TITLE, size * times, ink(Ink.CHALK), x, y + line * (i + 0.8));
                }
            });
        });
    }

    /** Words, torn apart only where they are long. */
    public List<Slice> words(String words) {
        return words("P", "", words, Typeface.TEXT);
    }

    /** Words with a number or a mark before them. */
    public List<Slice> numbered(String number, String words) {
        return words("P", number, words, Typeface.TEXT);
    }

    /** The same so many steps further in. */
    List<Slice> numbered(String number, String words, int depth) {
        return words("P", number, words, Typeface.TEXT, depth * size * STEP_IN);
    }

    /** @param number stands before the first line; empty for none */
    public List<Slice> words(String kind, String number, String words, Typeface face) {
        return words(kind, number, words, face, 0);
    }

    private List<Slice> words(String kind, String number, String words, Typeface face, double left) {
        double in = left + (number.isEmpty() ? 0 : size * NUMBER);
        List<String> lines = Lines.wrapped(words, face, size, width - in);
        List<Slice> slices = new ArrayList<>();
        for (int from = 0; from < lines.size(); from += TOGETHER) {
            List<String> part = lines.subList(from, Math.min(lines.size(), from + TOGETHER));
            boolean first = from == 0;
            double after = from + TOGETHER >= lines.size() ? size * 0.35 : 0;
            slices.add(new Slice(part.size() * size * LINE + after, false, (pdf, x, y) -> {
                if (first && (number.equals(BULLET) || number.equals(DASH))) {
                    pdf.unsaid(() -> pdf.text(
                            number,
                            Typeface.TEXT_BOLD,
                            size,
                            ink(Ink.CHALK),
                            x + left + size * 0.5,
                            y + size * LINE * 0.76));
                } else if (first && !number.isEmpty()) {
                    number(pdf, number, x + left, y);
                }
                pdf.tagged(kind, Optional.empty(), () -> {
                    for (int i = 0; i < part.size(); i++) {
                        pdf.text(part.get(i), face, size, ink(Ink.CHALK), x + in, y + size * LINE * (i + 0.76));
                    }
                });
            }));
        }
        return slices;
    }

    /** In a box like the numbers on the picture, so that the eye finds one from the other. */
    private void number(TaggedPdf pdf, String number, double x, double y) throws IOException {
        double type = size * 0.9;
        double wide = Math.max(size * 1.4, Lines.width(number, Typeface.TEXT_BOLD, type) + size * 0.5);
        pdf.unsaid(() -> pdf.fill(new Rectangle2D.Double(x, y + size * 0.04, wide, size * 1.22), ink(Ink.CHALK)));
        pdf.tagged(
                "P",
                Optional.empty(),
                () -> pdf.text(
                        number,
                        Typeface.TEXT_BOLD,
                        type,
                        ink(Ink.BOARD),
                        x + (wide - Lines.width(number, Typeface.TEXT_BOLD, type)) / 2,
                        y + size * 0.96));
    }
}

package wildchalk.handout.type;

import java.awt.font.FontRenderContext;
import java.util.ArrayList;
import java.util.List;

/** Measures type and breaks words into lines. */
public final class Lines {

    /** How type is measured where nothing is rounded to dots. */
    public static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    /**
     * Widths are measured at this size and scaled: a font of every size that is tried would cost more than the
     * measuring.
     */
    private static final float MEASURED = 100;

    private Lines() {}

    /** How wide a line is, in the units of {@code size}. */
    public static double width(String words, Typeface face, double size) {
        return face.fontFor(words, MEASURED).getStringBounds(words, EXACT).getWidth() * size / MEASURED;
    }

    /** Lines no wider than {@code wide}; a word that is wider is cut. What is no letter, sign or space is left out. */
    public static List<String> wrapped(String words, Typeface face, double size, double wide) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        double space = width(" ", face, size);
        double used = 0;
        for (String word : clean(words).split(" ")) {
            String rest = word;
            double needs = width(rest, face, size);
            while (needs > wide && rest.codePointCount(0, rest.length()) > 1) {
                if (line.length() > 0) {
                    lines.add(line.toString());
                    line.setLength(0);
                }
                int fits = fitting(rest, face, size, wide);
                lines.add(rest.substring(0, fits));
                rest = rest.substring(fits);
                needs = width(rest, face, size);
            }
            if (line.length() > 0 && used + space + needs > wide) {
                lines.add(line.toString());
                line.setLength(0);
            }
            used = line.length() > 0 ? used + space + needs : needs;
            line.append(line.length() > 0 ? " " : "").append(rest);
        }
        lines.add(line.toString());
        return lines;
    }

    /** How many letters of a word fit; at least one. */
    private static int fitting(String word, Typeface face, double size, double wide) {
        int least = 1;
        int most = word.codePointCount(0, word.length());
        while (least < most) {
            int middle = (least + most + 1) / 2;
            if (width(word.substring(0, word.offsetByCodePoints(0, middle)), face, size) <= wide) {
                least = middle;
            } else {
                most = middle - 1;
            }
        }
        return word.offsetByCodePoints(0, least);
    }

    /** Nothing that is no letter, sign or space. */
    private static String clean(String words) {
        return words.replaceAll("\\p{Cc}|\\p{Cs}", " ").replaceAll("\\s+", " ").strip();
    }
}

package wildchalk.handout.type;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

/** Measures type and breaks words into lines. */
public final class Lines {

    /** How type is measured where nothing is rounded to dots. */
    public static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private Lines() {
    }

    /** How wide a line is, in the units of {@code size}. */
    public static double width(String words, Typeface face, double size) {
        Font font = face.fontFor(words, 1);
        return font.deriveFont(AffineTransform.getScaleInstance(size, size)).getStringBounds(words, EXACT).getWidth();
    }

    /** Lines no wider than {@code wide}; a word that is wider is cut. What is no letter, sign or space is left out. */
    public static List<String> wrapped(String words, Typeface face, double size, double wide) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : clean(words).split(" ")) {
            String rest = word;
            while (width(rest, face, size) > wide && rest.codePointCount(0, rest.length()) > 1) {
                if (line.length() > 0) {
                    lines.add(line.toString());
                    line.setLength(0);
                }
                int fits = fitting(rest, face, size, wide);
                lines.add(rest.substring(0, fits));
                rest = rest.substring(fits);
            }
            if (line.length() > 0 && width(line + " " + rest, face, size) > wide) {
                lines.add(line.toString());
                line.setLength(0);
            }
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

package wildchalk.handout.type;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;

/** A typeface that ships with the program. */
public enum Typeface {
    TEXT("AtkinsonHyperlegibleNext_400Regular.ttf"),
    TEXT_BOLD("AtkinsonHyperlegibleNext_700Bold.ttf"),
    TITLE("BricolageGrotesque_700Bold.ttf"),
    NAME("CabinSketch_700Bold.ttf");

    private final String file;
    private Font font;

    Typeface(String file) {
        this.file = file;
    }

    /** The font file; whoever opens it closes it. */
    public InputStream open() {
        return Typeface.class.getResourceAsStream(file);
    }

    /** For Java2D, {@code size} points high. */
    public synchronized Font font(float size) {
        if (font == null) {
            try (InputStream in = open()) {
                font = Font.createFont(Font.TRUETYPE_FONT, in);
            } catch (IOException | FontFormatException e) {
                throw new IllegalStateException("the program's own font " + file + " cannot be read", e);
            }
        }
        return font.deriveFont(size);
    }

    /** As {@link #font(float)}, or a font of the system where this one lacks letters of the text. */
    public Font fontFor(String text, float size) {
        Font own = font(size);
        return own.canDisplayUpTo(text) < 0
                ? own
                : new Font(Font.DIALOG, this == TEXT ? Font.PLAIN : Font.BOLD, 1).deriveFont(size);
    }
}

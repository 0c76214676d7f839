package wildchalk.desktop.paint;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import wildchalk.handout.type.Typeface;

/** The program's typefaces on screen. */
public final class Type {

    private static final String TEXT = "Atkinson Hyperlegible Next";
    private static final Map<Double, Font> BOLD = new HashMap<>();

    private Type() {}

    /** Makes the typefaces known to the style sheets; once, before the first window. */
    public static void load() {
        for (Typeface face : Typeface.values()) {
            try (InputStream in = face.open()) {
                Font.loadFont(in, 12);
            } catch (IOException e) {
                throw new IllegalStateException("the program's own fonts cannot be read", e);
            }
        }
    }

    public static Font bold(double size) {
        return BOLD.computeIfAbsent(Math.round(size * 4) / 4.0, s -> Font.font(TEXT, FontWeight.BOLD, s));
    }

    public static Font plain(double size) {
        return Font.font(TEXT, size);
    }
}

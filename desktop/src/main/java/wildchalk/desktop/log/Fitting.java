package wildchalk.desktop.log;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** How much of a text there is room for. */
final class Fitting {

    private static final Map<String, Double> WIDE = new HashMap<>();
    private static final int MOST = 4000;
    private static final String MORE = "\u2026";

    private Fitting() {}

    /** The text, or as much of it as is that long and ends in dots. */
    static String cut(String text, Font font, double most) {
        if (wide(text, font) <= most) {
            return text;
        }
        int end = text.length();
        while (end > 1 && wide(text.substring(0, end) + MORE, font) > most) {
            end--;
        }
        return text.substring(0, end).stripTrailing() + MORE;
    }

    private static double wide(String text, Font font) {
        if (WIDE.size() > MOST) {
            WIDE.clear();
        }
        return WIDE.computeIfAbsent(font.getName() + font.getSize() + text, k -> {
            Text measured = new Text(text);
            measured.setFont(font);
            return measured.getLayoutBounds().getWidth();
        });
    }
}

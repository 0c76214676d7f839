package wildchalk.desktop.pitchside;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import javafx.scene.text.TextBoundsType;
import wildchalk.desktop.paint.Type;

/** The clock: figures as high as they are told to be, or as wide as there is room, none of which moves another. */
final class ClockFace extends Pane {

    private static final double PROBE = 100;
    private static final double APART = 0.025;
    /** Signs have less room than figures. */
    private static final double SIGN = 0.42;

    private static final double PLUS = 0.95;
    private static final int MINUTE = 60;
    private static final long SECOND = 1000;
    private static final double FIGURE_WIDE = width("0");
    private static final double FIGURE_HIGH = height();

    private final List<Text> figures = new ArrayList<>();
    private String shown = "";
    private Color ink = Color.WHITE;
    private double high = PROBE;

    ClockFace() {
        setId("run-clock");
        setAccessibleRole(AccessibleRole.TEXT);
        setMinWidth(0);
    }

    private static Text probe(String words) {
        Text text = new Text(words);
        text.setFont(Type.bold(PROBE));
        text.setBoundsType(TextBoundsType.VISUAL);
        return text;
    }

    private static double width(String of) {
        return probe(of).getLayoutBounds().getWidth();
    }

    private static double height() {
        return probe("0").getLayoutBounds().getHeight();
    }

    /** "1:47", "12:03", "+0:20" for what goes on for longer than it was to; of a second that has begun all is left. */
    static String words(long millis) {
        boolean over = millis <= -SECOND;
        long seconds = over ? -millis / SECOND : Math.max(0, (millis + SECOND - 1) / SECOND);
        return String.format(Locale.ROOT, "%s%d:%02d", over ? "+" : "", seconds / MINUTE, seconds % MINUTE);
    }

    void show(String words, Color colour) {
        if (words.equals(shown) && colour.equals(ink)) {
            return;
        }
        boolean longer = words.length() != shown.length();
        shown = words;
        ink = colour;
        setAccessibleText(words);
        while (figures.size() < words.length()) {
            figures.add(new Text());
        }
        for (int i = 0; i < words.length(); i++) {
            figures.get(i).setText(words.substring(i, i + 1));
            // The style sheet of the window has an ink for all text, which comes before what is set otherwise.
            figures.get(i).setStyle(Inks.filled(colour));
        }
        if (longer) {
            getChildren().setAll(figures.subList(0, words.length()));
        }
        requestLayout();
    }

    /** How high the figures are to be, pixels. */
    void high(double pixels) {
        if (pixels != high) {
            high = pixels;
            setMinHeight(pixels);
            setPrefHeight(pixels);
            setMaxHeight(pixels);
            requestLayout();
        }
    }

    private double size() {
        double wide = 0;
        for (int i = 0; i < shown.length(); i++) {
            wide += width(shown.charAt(i)) + APART * PROBE;
        }
        double room = getWidth() <= 0 ? Double.MAX_VALUE : getWidth();
        return Math.min(high / FIGURE_HIGH, room / Math.max(1, wide)) * PROBE;
    }

    /** A figure has the width of any other, a sign its own. */
    private static double width(char c) {
        return Character.isDigit(c) ? FIGURE_WIDE : FIGURE_WIDE * (c == ':' ? SIGN : PLUS);
    }

    @Override
    protected void layoutChildren() {
        double size = size();
        double x = 0;
        for (int i = 0; i < shown.length(); i++) {
            Text text = figures.get(i);
            text.setFont(Type.bold(size));
            text.setBoundsType(TextBoundsType.VISUAL);
            double cell = width(shown.charAt(i)) * size / PROBE;
            text.setX(x
                    + (cell - text.getLayoutBounds().getWidth()) / 2
                    - text.getLayoutBounds().getMinX()
                    + text.getX());
            text.setY(FIGURE_HIGH * size / PROBE);
            x += cell + APART * size;
        }
    }
}

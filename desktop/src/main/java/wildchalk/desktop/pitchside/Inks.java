package wildchalk.desktop.pitchside;

import java.util.Locale;
import java.util.Optional;
import javafx.scene.paint.Color;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.scene.Ink;
import wildchalk.core.scene.Look;

/** Colours of bibs and of what is called, with an ink that can be read on each. */
final class Inks {

    static final Color LIGHT = Color.web("#EFEBDD");
    static final Color DARK = Color.web("#1D2B2A");
    static final Color BRIGHT = Color.web("#F7D95C");

    private static final int OPAQUE = 0xFFFFFF;

    private Inks() {}

    static Color of(Bib bib) {
        return Color.web(String.format(Locale.ROOT, "#%06X", Look.SLATE.colour(Ink.of(bib)) & OPAQUE));
    }

    /** The colour that a word names; empty for a word that names none. */
    static Optional<Color> named(String word) {
        String name = word.toUpperCase(Locale.ROOT);
        for (Colour colour : Colour.values()) {
            if (colour.name().equals(name)) {
                return Optional.of(
                        Color.web(String.format(Locale.ROOT, "#%06X", Look.SLATE.colour(Ink.of(colour)) & OPAQUE)));
            }
        }
        for (Bib bib : Bib.values()) {
            if (bib.name().equals(name)) {
                return Optional.of(of(bib));
            }
        }
        return Optional.empty();
    }

    /** Dark on what is light, light on what is dark: whichever stands out more. */
    static Color on(Color ground) {
        return contrast(ground, DARK) >= contrast(ground, LIGHT) ? DARK : LIGHT;
    }

    private static double contrast(Color one, Color other) {
        double a = light(one);
        double b = light(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double light(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double v) {
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    /** For a shape of this colour. */
    static String filled(Color c) {
        return "-fx-fill:" + css(c);
    }

    /** For what lies on this colour. */
    static String ground(Color c) {
        return "-fx-background-color:" + css(c);
    }

    /** For words of this colour. */
    static String ink(Color c) {
        return "-fx-text-fill:" + css(c);
    }

    /** For words of this colour and so high, pixels. */
    static String ink(Color c, double size) {
        return ink(c) + ";-fx-font-size:" + Math.round(size) + "px";
    }

    private static String css(Color c) {
        return String.format(
                Locale.ROOT,
                "#%02X%02X%02X",
                Math.round(c.getRed() * 255),
                Math.round(c.getGreen() * 255),
                Math.round(c.getBlue() * 255));
    }
}

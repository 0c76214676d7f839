package wildchalk.desktop.keeping;

import java.util.EnumSet;
import java.util.Set;

/**
 * How the window is shared out between the board and what stands round it.
 *
 * @param words how wide the words are, pixels; NaN for as usual
 * @param strip how high the strip is, pixels; NaN for as high as its rows need
 * @param shown what stands round the board at all
 */
public record Room(double words, double strip, Set<Part> shown) {

    /** As it is until somebody changes it. */
    public static final Room USUAL = new Room(Double.NaN, Double.NaN, EnumSet.allOf(Part.class));

    /** What stands round the board. */
    public enum Part {
        WORDS,
        STRIP,
        LADDER
    }

    /** Keeps a copy of what is shown. */
    public Room {
        shown = Set.copyOf(shown);
    }

    /** The same with words as wide as that; NaN for as usual. */
    public Room withWords(double width) {
        return new Room(width, strip, shown);
    }

    /** The same with a strip as high as that; NaN for as its rows need. */
    public Room withStrip(double height) {
        return new Room(words, height, shown);
    }

    /** The same with a part shown or not. */
    public Room showing(Part part, boolean isShown) {
        Set<Part> parts = EnumSet.noneOf(Part.class);
        parts.addAll(shown);
        if (isShown) {
            parts.add(part);
        } else {
            parts.remove(part);
        }
        return new Room(words, strip, parts);
    }
}

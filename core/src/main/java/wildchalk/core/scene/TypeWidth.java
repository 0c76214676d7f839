package wildchalk.core.scene;

/** How wide type is, about and never less than it is painted: room for labels is found before anybody paints. */
public final class TypeWidth {

    /** Of our bold typeface, from the space on, in hundredths of its size; measured. */
    private static final int[] LATIN = {
        31, 30, 39, 76, 61, 97, 72, 21, 33, 33, 48, 59, 27, 37, 27, 44, 66, 44, 58, 60, 62, 61, 63, 54, 62, 57, 27, 27,
        57, 61, 57, 55, 78, 68, 64, 66, 69, 60, 57, 72, 70, 42, 56, 66, 55, 86, 72, 75, 63, 76, 65, 61, 61, 69, 64, 89,
        68, 65, 62, 34, 44, 34, 58, 40, 29, 55, 60, 51, 60, 56, 36, 59, 57, 30, 26, 55, 32, 88, 57, 58, 60, 60, 38, 51,
        38, 57, 53, 74, 54, 52, 50, 38, 25, 38, 54
    };
    /** Other letters of alphabets, and signs of which each is a word. */
    private static final double OTHER = 0.8;

    private static final double WIDE = 1.05;
    private static final int FIRST_WIDE = 0x2E80;
    /** A little more than was measured: letters are rounded to dots. */
    private static final double ROOM = 1.03;

    private TypeWidth() {}

    /** The width of a line of type of size 1. */
    public static double of(String text) {
        return text.codePoints().mapToDouble(TypeWidth::of).sum() * ROOM;
    }

    private static double of(int letter) {
        int known = letter - ' ';
        if (known >= 0 && known < LATIN.length) {
            return LATIN[known] / 100.0;
        }
        return letter < FIRST_WIDE ? OTHER : WIDE;
    }
}

package wildchalk.handout.order;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Set;

/** Names for files that every system takes and people know again. */
public final class FileNames {

    private static final int LONGEST = 80;
    /** What some systems keep for themselves. */
    private static final Set<String> TAKEN =
            Set.of("con", "prn", "aux", "nul", "com1", "com2", "com3", "com4", "lpt1", "lpt2", "lpt3");

    private FileNames() {}

    /** "Sixpenny Square, 2 With a chaser.pdf"; words that are empty are left out. */
    public static String of(String ending, String... words) {
        StringBuilder name = new StringBuilder();
        for (String word : words) {
            String clean = clean(word);
            if (!clean.isEmpty()) {
                name.append(name.length() == 0 ? "" : ", ").append(clean);
            }
        }
        String whole = name.length() > LONGEST
                ? name.substring(0, name.offsetByCodePoints(0, name.codePointCount(0, LONGEST) - 1))
                        .strip()
                : name.toString();
        String sure = whole.isEmpty() || TAKEN.contains(whole.toLowerCase(Locale.ROOT))
                ? "Drill" + (whole.isEmpty() ? "" : " " + whole)
                : whole;
        return sure + "." + ending;
    }

    /** Letters, digits and a few signs, of any script; everything else is a space. */
    private static String clean(String words) {
        return Normalizer.normalize(words, Normalizer.Form.NFC)
                .replaceAll("[^\\p{L}\\p{M}\\p{N} ,()+&'_-]", " ")
                .replaceAll("\\s+", " ")
                .strip();
    }
}

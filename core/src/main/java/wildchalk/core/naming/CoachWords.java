package wildchalk.core.naming;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.ResourceBundle;

/** What coaches call things that have another name here, and what comes near to what is not called anything. */
public final class CoachWords {

    private static final Map<String, String> ANSWERS = new LinkedHashMap<>();
    /** A word of so many letters is known by its beginning. */
    private static final int BEGINNING = 4;

    static {
        ResourceBundle all = ResourceBundle.getBundle("wildchalk.core.naming.CoachWords", Locale.ENGLISH);
        for (String words : all.keySet()) {
            for (String word : words.split("/")) {
                ANSWERS.put(word, all.getString(words));
            }
        }
    }

    private CoachWords() {}

    /**
     * What helps whoever looks for something by another name.
     *
     * @param lookFor what to look for instead; empty when there is nothing of another name
     * @param told what to do; empty when something is to be looked for
     */
    public record Answer(Optional<String> lookFor, Optional<String> told) {}

    /** What is known of the words that somebody looks for; empty when nothing is. */
    public static Optional<Answer> of(String text) {
        String words = text.toLowerCase(Locale.ROOT).strip();
        return known(words)
                .map(a -> a.startsWith(">")
                        ? new Answer(Optional.of(a.substring(1).strip()), Optional.empty())
                        : new Answer(Optional.empty(), Optional.of(a)));
    }

    private static Optional<String> known(String words) {
        if (ANSWERS.containsKey(words)) {
            return Optional.of(ANSWERS.get(words));
        }
        for (String word : words.split("\\s+")) {
            Optional<String> like = ANSWERS.keySet().stream()
                    .filter(known -> isLike(word, known))
                    .sorted()
                    .findFirst();
            if (like.isPresent()) {
                return like.map(ANSWERS::get);
            }
        }
        return Optional.empty();
    }

    /** Whether one is the other with letters more at its end: "feinting" and "feint", "progress" and "progression". */
    private static boolean isLike(String word, String known) {
        int least = Math.min(word.length(), known.length());
        return least >= Math.min(BEGINNING, known.length())
                && word.length() > 2
                && (word.startsWith(known) || known.startsWith(word));
    }
}

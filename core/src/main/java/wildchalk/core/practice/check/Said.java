package wildchalk.core.practice.check;

import java.util.Locale;
import wildchalk.core.measure.Numbers;
import wildchalk.core.wording.Wordbook;

/** The words of what is found. */
final class Said {

    private static final Wordbook BOOK = Wordbook.beside(Said.class, "Checks");
    private static final int MINUTE = 60;

    private Said() {}

    static String of(String key, Object... values) {
        return BOOK.say(key, values);
    }

    /** "63", "63:20". */
    static String minutes(int seconds) {
        return seconds % MINUTE == 0
                ? Integer.toString(seconds / MINUTE)
                : String.format(Locale.ROOT, "%d:%02d", seconds / MINUTE, seconds % MINUTE);
    }

    /** "3", "1.4". */
    static String metres(double metres) {
        return Numbers.plain(Math.round(metres * 10) / 10.0);
    }
}

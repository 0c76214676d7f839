package wildchalk.core.naming;

import wildchalk.core.effort.Effort;
import wildchalk.core.wording.Wordbook;

/** How hard people go at it and how old they are, in words. */
public final class EffortWords {

    private EffortWords() {}

    /** "three-quarter pace", "live" */
    public static String of(Effort.Intensity intensity) {
        return PieceWords.BOOK.say("intensity." + Wordbook.key(intensity));
    }

    /** "under 12", "adults" */
    public static String of(Effort.Level level) {
        return PieceWords.BOOK.say("level." + Wordbook.key(level));
    }
}

package wildchalk.core.naming;

import java.util.Locale;
import wildchalk.core.drill.Effort;

/** How hard people go at it and how old they are, in words. */
public final class EffortWords {

    private EffortWords() {}

    /** "three-quarter pace", "live" */
    public static String of(Effort.Intensity intensity) {
        return switch (intensity) {
            case WALK_THROUGH -> "walk-through";
            case HALF -> "half pace";
            case THREE_QUARTER -> "three-quarter pace";
            case LIVE -> "live";
        };
    }

    /** "under 12", "adults" */
    public static String of(Effort.Level level) {
        return switch (level) {
            case ADULT -> "adults";
            case WOMEN -> "women";
            case MEN -> "men";
            default -> level.name().toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }
}

package wildchalk.core.check.work;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/**
 * The few rules of sports that a drill can be held against, from a table: which sport has which, with its figures and
 * where it comes from. A sport's own book stands above it.
 */
final class Rules {

    private static final Wordbook TABLE = Wordbook.beside(Rules.class, "Rules");

    private Rules() {}

    /** Whether a sport has a rule. */
    static boolean has(Surface surface, String rule) {
        return text(surface, rule).isPresent();
    }

    /** What the table says of a rule in a sport: zones or a figure. */
    static Optional<String> text(Surface surface, String rule) {
        String key = surface.sport().toLowerCase(Locale.ROOT).replace(' ', '-') + "." + rule;
        return TABLE.has(key) ? Optional.of(TABLE.say(key)) : Optional.empty();
    }

    /** The zones of a rule that a surface has. */
    static List<Surface.Zone> zones(Surface surface, String rule) {
        return text(surface, rule).stream()
                .flatMap(t -> Arrays.stream(t.split("[ ,]+")))
                .flatMap(z -> surface.zone(z).stream())
                .toList();
    }
}

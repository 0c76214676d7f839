package wildchalk.core.rehearsal;

import java.util.Locale;
import java.util.Optional;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;
import wildchalk.core.wording.Wordbook;

/** What is said where a limit is broken, and what would help. */
final class Breaches {

    static final Wordbook BOOK = Wordbook.beside(Breaches.class, "Breaches");

    private final Stage stage;
    private final Surface surface;

    /** @param surface with the areas that are marked out on it */
    Breaches(Stage stage, Surface surface) {
        this.stage = stage;
        this.surface = surface;
    }

    /** Too many, or too few. */
    String of(Limit.Count limit, Tallies.Over over) {
        String counted = limit.counted().name().toLowerCase(Locale.ROOT);
        if (limit.bound() == Limit.Bound.AT_LEAST) {
            return BOOK.say("few." + counted, over.count(), limit.n());
        }
        String name = over.who() == null ? "" : Problems.name(stage, over.who());
        return BOOK.say("many." + counted, over.count(), limit.n(), name);
    }

    /** Somebody is where they may not be, or may not be yet. */
    String inside(Limit.OnlyIn limit, String who, boolean early) {
        return BOOK.say(early ? "inside.early" : "inside", Problems.name(stage, who), zone(limit.zone()));
    }

    /** Somebody leaves where they must stay. */
    String outside(Limit.StayIn limit, String who) {
        return BOOK.say("outside", Problems.name(stage, who), zone(limit.zone()));
    }

    /** Somebody touches a ball too soon. */
    String early(Limit.NotBefore limit, String who) {
        return BOOK.say("early", Problems.name(stage, who));
    }

    private String zone(String id) {
        return Optional.of(id).flatMap(surface::zone).map(Surface.Zone::name).orElse(id);
    }
}

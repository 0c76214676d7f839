package wildchalk.desktop.begin;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Venue;
import wildchalk.core.geometry.Box;
import wildchalk.core.measure.Numbers;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.wording.Wordbook;

/** Surfaces to choose from by looking: by sport, those of one sport drawn to one scale. */
final class SurfaceSections {

    private static final Wordbook BOOK = Wordbook.beside(SurfaceSections.class, "Begin");
    /** A surface this long, in metres, is shown whole at first. */
    private static final double SMALL = 20;
    /** So many that were used last come first. */
    private static final int LATELY = 4;

    private final List<SurfacePlan> plans;
    private final Consumer<Drill> take;
    private final double scale;

    /**
     * What there is to choose from.
     *
     * @param scale of the screen's pixels
     * @param take told the drill that begins
     */
    SurfaceSections(List<SurfacePlan> plans, double scale, Consumer<Drill> take) {
        this.plans = plans;
        this.take = take;
        this.scale = scale;
    }

    /** An empty drill on a surface, which shows what is drawn on first. */
    static Drill empty(SurfacePlan plan) {
        Surface surface = plan.usual();
        boolean small = surface.targets().isEmpty() || surface.length() <= SMALL;
        return Drill.empty("drill", BOOK.say("untitled"), Venue.of(plan), small ? "whole" : "attacking-half");
    }

    /** @param lately ids of the surfaces that were used last, the newest first */
    Map<String, List<BeginCard>> sections(List<String> lately) {
        Map<String, List<SurfacePlan>> bySport = new LinkedHashMap<>();
        plans.forEach(p -> bySport.computeIfAbsent(capital(p.sport()), s -> new ArrayList<>())
                .add(p));
        Map<String, List<BeginCard>> sections = new LinkedHashMap<>();
        List<SurfacePlan> last = lately.stream()
                .distinct()
                .flatMap(id -> plans.stream().filter(p -> p.id().equals(id)))
                .limit(LATELY)
                .toList();
        if (!last.isEmpty()) {
            // Of different sports, each is as large as it can be.
            sections.put(
                    BOOK.say("surfaces.lately"),
                    last.stream().map(p -> card("lately-", p, room(List.of(p)))).toList());
        }
        bySport.forEach((sport, surfaces) -> sections.put(
                sport,
                surfaces.stream().map(p -> card("new-", p, room(surfaces))).toList()));
        return sections;
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** Pixels for each metre, so that the largest of some fits. */
    private static double room(List<SurfacePlan> together) {
        return together.stream()
                .map(p -> p.usual().surroundings())
                .mapToDouble(b -> Math.min(BeginCard.WIDE / b.width(), BeginCard.HIGH / b.height()))
                .min()
                .orElseThrow();
    }

    private BeginCard card(String prefix, SurfacePlan plan, double perMetre) {
        Surface surface = plan.usual();
        Box all = surface.surroundings();
        String size = BOOK.say("surface.size", Numbers.plain(surface.length()), Numbers.plain(surface.width()));
        return new BeginCard(
                prefix + plan.id(),
                plan.name(),
                size,
                plan.sport(),
                new BeginCard.Size(all.width() * perMetre, all.height() * perMetre, scale),
                () -> Drill.empty("picture", "", Venue.of(plan), "whole"),
                () -> take.accept(empty(plan)));
    }
}

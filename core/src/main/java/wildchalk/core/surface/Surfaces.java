package wildchalk.core.surface;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** The surfaces that come with the program, and those that a club has added. */
public final class Surfaces {

    /** In the order in which they are offered. */
    private static final List<String> IDS = List.of(
            "football-11", "football-9", "football-7", "futsal", "basketball-intl", "basketball-us-college",
            "basketball-us-school", "basketball-3x3", "volleyball-indoor", "volleyball-beach", "handball", "netball",
            "ice-rink-na", "ice-rink-intl", "field-hockey", "lacrosse-men", "lacrosse-women", "lacrosse-box",
            "rugby-union", "rugby-league", "gridiron-us-school", "gridiron-us-college", "gridiron-us-pro",
            "gridiron-ca", "open-grass", "open-gym", "open-ice");
    private static final int KEPT = 200;

    private static final Map<String, SurfacePlan> PLANS = new ConcurrentHashMap<>();
    private static final List<SurfacePlan> OWN = new java.util.concurrent.CopyOnWriteArrayList<>();
    private static final Map<Laid, Surface> LAID = new ConcurrentHashMap<>();

    /** A surface and the sizes that were chosen. */
    private record Laid(String id, Map<String, Double> sizes) {
    }

    private Surfaces() {
    }

    /** Every kind of surface, the club's own last. */
    public static List<SurfacePlan> plans() {
        List<SurfacePlan> all = new ArrayList<>();
        IDS.forEach(id -> all.add(builtIn(id)));
        OWN.stream().filter(p -> !IDS.contains(p.id())).forEach(all::add);
        return all;
    }

    /** Adds a club's own kind of surface; one of the program's own with the same id goes before it. */
    public static void add(SurfacePlan plan) {
        OWN.removeIf(p -> p.id().equals(plan.id()));
        OWN.add(plan);
        LAID.keySet().removeIf(k -> k.id().equals(plan.id()));
    }

    public static Optional<SurfacePlan> plan(String id) {
        return IDS.contains(id) ? Optional.of(builtIn(id))
                : OWN.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** A kind that a club has added; empty for those that every copy of the program has. */
    public static Optional<SurfacePlan> own(String id) {
        return plan(id).filter(p -> !IDS.contains(id));
    }

    /** Every surface at its usual sizes. */
    public static List<Surface> all() {
        return plans().stream().map(p -> get(p.id())).toList();
    }

    public static Optional<Surface> find(String id) {
        return find(id, Map.of());
    }

    /** The surface with this id at these sizes, in metres. */
    public static Optional<Surface> find(String id, Map<String, Double> sizes) {
        if (LAID.size() > KEPT) {
            LAID.clear();
        }
        return plan(id).map(p -> LAID.computeIfAbsent(new Laid(id, Map.copyOf(sizes)), k -> p.lay(sizes)));
    }

    /**
     * The surface with this id at its usual sizes.
     *
     * @throws IllegalArgumentException when there is none; drill files are checked before they get here
     */
    public static Surface get(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no surface is called " + id));
    }

    private static SurfacePlan builtIn(String id) {
        return PLANS.computeIfAbsent(id, i -> {
            try (InputStream file = Surfaces.class.getResourceAsStream(i + ".surface.json")) {
                return SurfacePlan.parse(new String(file.readAllBytes(), StandardCharsets.UTF_8));
            } catch (IOException e) {
                throw new UncheckedIOException("the program's own surface " + i + " cannot be read", e);
            } catch (SurfaceFault e) {
                throw new IllegalStateException("the program's own surface " + i + ": " + e.getMessage(), e);
            }
        });
    }
}

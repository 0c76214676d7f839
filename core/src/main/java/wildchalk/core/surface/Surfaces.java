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
import java.util.stream.Stream;

/**
 * Which kinds of surface there are: those that come with the program, and those that a club has besides. A value: it is
 * passed to whoever asks.
 */
public final class Surfaces {

    /** Those that every copy of the program has. */
    public static final Surfaces BUILT_IN = new Surfaces(List.of());

    /** In the order in which they are offered. */
    private static final List<String> IDS = List.of(
            "football-11",
            "football-9",
            "football-7",
            "futsal",
            "basketball-intl",
            "basketball-us-college",
            "basketball-us-school",
            "basketball-3x3",
            "volleyball-indoor",
            "volleyball-beach",
            "handball",
            "netball",
            "ice-rink-na",
            "ice-rink-intl",
            "field-hockey",
            "lacrosse-men",
            "lacrosse-women",
            "lacrosse-box",
            "rugby-union",
            "rugby-league",
            "gridiron-us-school",
            "gridiron-us-college",
            "gridiron-us-pro",
            "gridiron-ca",
            "open-grass",
            "open-gym",
            "open-ice");

    /** Read once, when one is first asked for; they never change. */
    private static final Map<String, SurfacePlan> READ = new ConcurrentHashMap<>();

    private final List<SurfacePlan> own;

    private Surfaces(List<SurfacePlan> own) {
        this.own = List.copyOf(own);
    }

    /**
     * These and a club's own kind; it goes before an older one with the same id, one of the program's own goes before
     * it.
     */
    public Surfaces with(SurfacePlan plan) {
        return isBuiltIn(plan.id())
                ? this
                : new Surfaces(Stream.concat(own.stream().filter(p -> !p.id().equals(plan.id())), Stream.of(plan))
                        .toList());
    }

    /** These and others that come along, such as with drills; where there is one of that id, it stays. */
    public Surfaces knowing(List<SurfacePlan> others) {
        Surfaces all = this;
        for (SurfacePlan other : others) {
            all = all.plan(other.id()).isPresent() ? all : all.with(other);
        }
        return all;
    }

    /** Whether every copy of the program has a kind with this id. */
    public static boolean isBuiltIn(String id) {
        return IDS.contains(id);
    }

    /** Every kind of surface, the club's own last. */
    public List<SurfacePlan> plans() {
        List<SurfacePlan> all = new ArrayList<>();
        IDS.forEach(id -> all.add(builtIn(id)));
        all.addAll(own);
        return all;
    }

    /** The kind with this id; empty when there is none. */
    public Optional<SurfacePlan> plan(String id) {
        return isBuiltIn(id)
                ? Optional.of(builtIn(id))
                : own.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** Every surface at its usual sizes. */
    public List<Surface> all() {
        return plans().stream().map(p -> p.usual()).toList();
    }

    /**
     * The surface with this id at its usual sizes.
     *
     * @throws IllegalArgumentException when there is none
     */
    public Surface get(String id) {
        return plan(id).orElseThrow(() -> new IllegalArgumentException("no surface is called " + id))
                .usual();
    }

    private static SurfacePlan builtIn(String id) {
        return READ.computeIfAbsent(id, i -> {
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

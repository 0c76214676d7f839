package wildchalk.core.drill;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.StandIn;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;

/**
 * What a drill is played on.
 *
 * @param surface id of the surface
 * @param plan the surface itself; empty where it is missing
 * @param sizes in metres, of those that the rules leave open; the usual ones are left out
 * @param footprint what the surface was like when the drill was drawn; empty in old files of unknown surfaces
 */
public record Venue(
        String surface, Optional<SurfacePlan> plan, Map<String, Double> sizes, Optional<Footprint> footprint) {

    public Venue {
        sizes = Map.copyOf(sizes);
    }

    /**
     * As much of a surface as is needed to show a drill where the surface itself is missing.
     *
     * @param targets the places of its targets by id
     */
    public record Footprint(double length, double width, Surface.Ground ground, String ball, Map<String, Vec> targets) {
        public Footprint {
            targets = Map.copyOf(targets);
        }

        static Footprint of(Surface surface) {
            Map<String, Vec> targets = new LinkedHashMap<>();
            surface.targets().forEach(t -> targets.put(t.id(), t.at()));
            return new Footprint(surface.length(), surface.width(), surface.ground(), surface.ball(), targets);
        }
    }

    /** One of the surfaces that come with the program, at its usual sizes. */
    public static Venue of(String surface) {
        return of(Surfaces.BUILT_IN, surface, Map.of(), Optional.empty());
    }

    /** A surface at its usual sizes. */
    public static Venue of(SurfacePlan plan) {
        return new Venue(plan.id(), Optional.of(plan), Map.of(), Optional.of(Footprint.of(plan.usual())));
    }

    /**
     * The surface of a drill.
     *
     * @param surfaces those there are
     * @param remembered what a file says; the surface itself is asked where it is there
     */
    public static Venue of(
            Surfaces surfaces, String surface, Map<String, Double> sizes, Optional<Footprint> remembered) {
        Optional<SurfacePlan> plan = surfaces.plan(surface);
        return new Venue(
                surface, plan, sizes, plan.map(p -> Footprint.of(p.lay(sizes))).or(() -> remembered));
    }

    /**
     * The same with one of its sizes chosen otherwise, metres; what is out of range is brought into it when it is laid
     * out.
     */
    public Venue withSize(String size, double metres) {
        Map<String, Double> changed = new LinkedHashMap<>(sizes);
        changed.put(size, metres);
        return new Venue(
                surface,
                plan,
                changed,
                plan.map(p -> Footprint.of(p.lay(changed))).or(() -> footprint));
    }

    /** Whether this program does not have the surface. */
    public boolean isMissing() {
        return plan.isEmpty();
    }

    /** The surface; an open space of the same size where it is missing. */
    public Surface lay() {
        return plan.map(p -> p.lay(sizes)).orElseGet(() -> footprint
                .map(f -> StandIn.of(surface, f.length(), f.width(), f.ground(), f.ball(), f.targets()))
                .orElseGet(() -> StandIn.unknown(surface)));
    }
}

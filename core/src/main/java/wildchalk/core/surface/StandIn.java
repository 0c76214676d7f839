package wildchalk.core.surface;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surface.Ground;
import wildchalk.core.surface.Surface.Target;

/** An open space in place of a surface that is missing, so that every piece of a drill stays where it was. */
public final class StandIn {

    private static final double USUAL_LENGTH = 100;
    private static final double USUAL_WIDTH = 60;
    private static final double GOAL = 2;

    private StandIn() {}

    /** An open space of a size that nobody remembers. */
    public static Surface unknown(String id) {
        return of(
                id,
                USUAL_LENGTH,
                USUAL_WIDTH,
                Ground.TURF,
                "football",
                Map.of("goal", new Vec(USUAL_LENGTH / 2, 0), "own-goal", new Vec(-USUAL_LENGTH / 2, 0)));
    }

    /**
     * An open space.
     *
     * @param id of the surface it stands for
     * @param targets places that drills may aim at, by id
     */
    public static Surface of(
            String id, double length, double width, Ground ground, String ball, Map<String, Vec> targets) {
        String open =
                switch (ground) {
                    case FLOOR -> "open-gym";
                    case ICE -> "open-ice";
                    default -> "open-grass";
                };
        Surface space = Surfaces.BUILT_IN.plan(open).orElseThrow().lay(Map.of("length", length, "width", width));
        List<Target> there = new ArrayList<>();
        targets.forEach((name, at) -> there.add(new Target(
                name,
                name.replace('-', ' '),
                Target.Shape.GOAL,
                at,
                Vec.ZERO.minus(at).angle(),
                GOAL,
                GOAL,
                GOAL / 2)));
        there.sort(java.util.Comparator.comparing(Target::id));
        return new Surface(
                new Surface.Title(id, space.name(), space.sport()),
                new Surface.Game(ground, ball, 0),
                new Surface.Extent(length, width, 0, space.edge(), space.runOff(), space.grid()),
                Map.of(),
                space.sources(),
                new Surface.Layout(space.markings(), space.landmarks(), space.zones(), there, space.views()),
                space.words());
    }
}

package wildchalk.storage.bundle;

import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.SurfacePlan;

/**
 * Drills that travel together (docs/format/bundle.md).
 *
 * @param surfaces the kinds of surface that a club has made itself and that the drills are on
 */
public record Bundle(List<Drill> drills, List<SurfacePlan> surfaces) {

    static final String DRILLS = "drills/";
    static final String SURFACES = "surfaces/";
    static final String PICTURES = "pictures/";
    static final String DRILL = ".drill.json";
    static final String SURFACE = ".surface.json";

    public Bundle {
        drills = List.copyOf(drills);
        surfaces = List.copyOf(surfaces);
    }
}

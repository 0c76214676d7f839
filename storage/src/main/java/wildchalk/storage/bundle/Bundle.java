package wildchalk.storage.bundle;

import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.storage.format.DrillReader;

/**
 * Drills that travel together (docs/format/bundle.md).
 *
 * @param told the drills, with what should be known of how they were read
 * @param surfaces the kinds of surface that a club has made itself and that the drills are on
 */
public record Bundle(List<DrillReader.Told> told, List<SurfacePlan> surfaces) {

    static final String DRILLS = "drills/";
    static final String SURFACES = "surfaces/";
    static final String PICTURES = "pictures/";
    static final String DRILL = ".drill.json";
    static final String SURFACE = ".surface.json";

    public Bundle {
        told = List.copyOf(told);
        surfaces = List.copyOf(surfaces);
    }

    /** The drills. */
    public List<Drill> drills() {
        return told.stream().map(DrillReader.Told::drill).toList();
    }
}

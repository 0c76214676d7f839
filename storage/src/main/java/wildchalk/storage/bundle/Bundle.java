package wildchalk.storage.bundle;

import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Typed;

/**
 * Documents that travel together (docs/format/bundle.md).
 *
 * @param documents of any kinds
 * @param surfaces the kinds of surface that a club has made itself and that the drills are on
 * @param unknown how many files in it are of kinds that this program does not know
 */
public record Bundle(List<Typed<?>> documents, List<SurfacePlan> surfaces, int unknown) {

    static final String SURFACES = "surfaces/";
    static final String PICTURES = "pictures/";
    static final String SURFACE = ".surface.json";
    static final String JSON = ".json";

    public Bundle {
        documents = List.copyOf(documents);
        surfaces = List.copyOf(surfaces);
    }

    /** The drills. */
    public List<Drill> drills() {
        return Typed.of(DrillKind.DRILLS, documents);
    }

    /** "drills/" */
    static String folder(Kind<?> kind) {
        return kind.words() + "/";
    }

    /** ".drill.json" */
    static String ending(Kind<?> kind) {
        return "." + kind.word() + JSON;
    }
}

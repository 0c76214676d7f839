package wildchalk.core.surface;

import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The surfaces that come with the program. */
public final class Surfaces {

    private static final List<String> IDS = List.of("ice-rink-na", "basketball-intl", "field-hockey");
    private static final Map<String, Surface> BUILT_IN = load();

    private Surfaces() {
    }

    public static List<Surface> all() {
        return List.copyOf(BUILT_IN.values());
    }

    public static Optional<Surface> find(String id) {
        return Optional.ofNullable(BUILT_IN.get(id));
    }

    /**
     * The surface with this id.
     *
     * @throws IllegalArgumentException when there is none; drill files are checked before they get here
     */
    public static Surface get(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no surface is called " + id));
    }

    private static Map<String, Surface> load() {
        Map<String, Surface> found = new LinkedHashMap<>();
        for (String id : IDS) {
            InputStream file = Surfaces.class.getResourceAsStream(id + ".surface.json");
            found.put(id, SurfaceReader.read(file));
        }
        return found;
    }
}

package wildchalk.core.surface;

import jakarta.json.Json;
import jakarta.json.JsonNumber;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;

/** A kind of court, field or rink whose open sizes can still be chosen: what a surface file says. */
public final class SurfacePlan {

    /** So many of the sizes that were asked for are remembered. */
    private static final int KEPT = 20;

    private final JsonObject file;
    private final List<Size> sizes;
    /** What was laid out already: it is asked for with every edit. */
    private final Map<Map<String, Double>, Surface> laid = new ConcurrentHashMap<>();

    private SurfacePlan(JsonObject file, List<Size> sizes) {
        this.file = file;
        this.sizes = List.copyOf(sizes);
    }

    /**
     * Reads a surface file whose form is right (it fits the published schema) and refuses what cannot be laid out at
     * its least, usual or largest sizes.
     *
     * @throws SurfaceFault naming the value that is at fault
     */
    public static SurfacePlan read(String json) throws SurfaceFault {
        SurfacePlan plan = parse(json);
        plan.layAs(Size::least);
        plan.layAs(Size::most);
        plan.layAs(Size::usual);
        return plan;
    }

    /** Reads a file of the program's own, which tests have checked. */
    static SurfacePlan parse(String json) throws SurfaceFault {
        try (JsonReader reader = Json.createReader(new StringReader(json))) {
            JsonObject file = reader.readObject();
            return new SurfacePlan(file, sizes(file));
        }
    }

    private static List<Size> sizes(JsonObject file) throws SurfaceFault {
        double unit = SurfaceReader.unit(file);
        List<Size> sizes = new ArrayList<>();
        List<JsonObject> entries =
                file.containsKey("sizes") ? file.getJsonArray("sizes").getValuesAs(JsonObject.class) : List.of();
        for (JsonObject s : entries) {
            ToDoubleFunction<String> metres = key -> ((JsonNumber) s.get(key)).doubleValue() * unit;
            Size size = new Size(
                    s.getString("id"),
                    s.getString("name"),
                    metres.applyAsDouble("least"),
                    metres.applyAsDouble("usual"),
                    metres.applyAsDouble("most"));
            if (size.least() < 0 || size.least() > size.most() || !size.allows(size.usual())) {
                throw new SurfaceFault(
                        "/sizes/" + sizes.size(),
                        "the usual " + size.name() + " of " + s.get("usual") + " is outside the rule's range, "
                                + s.get("least") + " to " + s.get("most"));
            }
            sizes.add(size);
        }
        return sizes;
    }

    private void layAs(ToDoubleFunction<Size> choice) throws SurfaceFault {
        Map<String, Double> chosen = new HashMap<>();
        sizes.forEach(s -> chosen.put(s.id(), choice.applyAsDouble(s)));
        new SurfaceReader(file, chosen).lay();
    }

    /** Whether it was read from the same file. */
    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof SurfacePlan that && file.equals(that.file);
    }

    @Override
    public int hashCode() {
        return id().hashCode();
    }

    /** The text of the file that it was read from. */
    public String json() {
        return file.toString();
    }

    /** Short and stable. */
    public String id() {
        return file.getString("id");
    }

    /** As people call it. */
    public String name() {
        return file.getString("name");
    }

    /** As people call it. */
    public String sport() {
        return file.getString("sport");
    }

    /** What can be chosen. */
    public List<Size> sizes() {
        return sizes;
    }

    /**
     * Lays the surface out.
     *
     * @param wanted sizes in metres by id; what is left out is as usual, what is out of range is brought into it
     */
    public Surface lay(Map<String, Double> wanted) {
        if (laid.size() > KEPT) {
            laid.clear();
        }
        return laid.computeIfAbsent(Map.copyOf(wanted), this::laidOut);
    }

    /** Lays the surface out at its usual sizes. */
    public Surface usual() {
        return lay(Map.of());
    }

    private Surface laidOut(Map<String, Double> wanted) {
        Map<String, Double> chosen = new HashMap<>();
        sizes.forEach(s -> chosen.put(s.id(), s.clamp(wanted.getOrDefault(s.id(), s.usual()))));
        try {
            return new SurfaceReader(file, chosen).lay();
        } catch (SurfaceFault e) {
            throw new IllegalStateException(id() + " was checked when it was read: " + e.getMessage(), e);
        }
    }

    /** What is wrong with sizes that somebody asks for: the id of the first that is at fault, and why. */
    public Optional<Map.Entry<String, String>> fault(Map<String, Double> wanted) {
        for (Map.Entry<String, Double> w : wanted.entrySet()) {
            Optional<Size> size =
                    sizes.stream().filter(s -> s.id().equals(w.getKey())).findFirst();
            if (size.isEmpty()) {
                String known = sizes.isEmpty()
                        ? "none of its sizes can be chosen"
                        : "it has "
                                + String.join(", ", sizes.stream().map(Size::id).toList());
                return Optional.of(Map.entry(w.getKey(), "is no size of the surface " + id() + "; " + known));
            }
            if (!size.get().allows(w.getValue())) {
                return Optional.of(Map.entry(
                        w.getKey(),
                        String.format(
                                java.util.Locale.ROOT,
                                "of %.2f m is outside the rule's range, %.2f to %.2f m",
                                w.getValue(),
                                size.get().least(),
                                size.get().most())));
            }
        }
        return Optional.empty();
    }
}

package wildchalk.core.surface;

import jakarta.json.JsonArray;
import jakarta.json.JsonObject;
import jakarta.json.JsonString;
import jakarta.json.JsonValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Marking.Arc;
import wildchalk.core.surface.Marking.Lettering;
import wildchalk.core.surface.Marking.Spot;
import wildchalk.core.surface.Marking.Straight;
import wildchalk.core.surface.Surface.Edge;
import wildchalk.core.surface.Surface.Ground;
import wildchalk.core.surface.Surface.Landmark;
import wildchalk.core.surface.Surface.Target;
import wildchalk.core.surface.Surface.View;
import wildchalk.core.surface.Surface.Zone;

/**
 * Lays one surface out from its file (docs/format/surface.md) and the sizes that were chosen. Lengths in the file are
 * in its own unit and may be sums over sizes and figures; angles there are in degrees.
 */
final class SurfaceReader {

    /** A round edge of a zone has a corner at least this often, in radians. */
    private static final double ROUND = Math.toRadians(2);

    private final JsonObject file;
    private final Figures figures = new Figures();
    private final double unit;
    private final Map<String, Double> chosen;
    private final Copies copies = new Copies();

    /** @param chosen the sizes in metres, by id; complete */
    SurfaceReader(JsonObject file, Map<String, Double> chosen) {
        this.file = file;
        this.chosen = chosen;
        this.unit = unit(file);
    }

    /** Metres to one unit of a file. */
    static double unit(JsonObject file) {
        return switch (file.getString("unit")) {
            case "ft" -> 0.3048;
            case "yd" -> 0.9144;
            default -> 1;
        };
    }

    Surface lay() throws SurfaceFault {
        chosen.forEach((id, metres) -> figures.put(id, metres / unit));
        for (Map.Entry<String, JsonValue> f : objects("figures")) {
            figures.put(f.getKey(), figures.value(f.getValue(), "/figures/" + f.getKey()));
        }
        double length = metres(file, "length", "");
        double width = metres(file, "width", "");
        figures.put("X", length / unit / 2);
        figures.put("Y", width / unit / 2);
        double runOff = metres(file, "runOff", "");
        List<Marking> markings = each("markings", this::markings);
        List<Landmark> landmarks = each("landmarks", this::landmarks);
        List<Zone> zones = each("zones", this::zones);
        List<Target> targets = each("targets", this::targets);
        Surface surface = new Surface(
                new Surface.Title(file.getString("id"), file.getString("name"), file.getString("sport")),
                new Surface.Game(
                        Ground.valueOf(file.getString("ground").toUpperCase(Locale.ROOT)),
                        file.getString("ball"),
                        file.getInt("aSide", 0)),
                new Surface.Extent(
                        length,
                        width,
                        metresOr(file, "cornerRadius", "", 0),
                        Edge.valueOf(file.getString("edge").toUpperCase(Locale.ROOT)),
                        runOff,
                        metresOr(file, "grid", "", 0)),
                chosen,
                file.getJsonArray("sources").getValuesAs(JsonString::getString),
                new Surface.Layout(
                        markings, landmarks, zones, targets, views(Box.around(Vec.ZERO, length, width), runOff)),
                words());
        new SurfaceChecks(surface, file).refuse();
        return surface;
    }

    /** Reads one entry of a list of the file into all that it stands for. */
    private interface Entry<T> {
        List<T> read(JsonObject o, String pointer) throws SurfaceFault;
    }

    private <T> List<T> each(String list, Entry<T> entry) throws SurfaceFault {
        List<T> all = new ArrayList<>();
        JsonArray entries = file.containsKey(list) ? file.getJsonArray(list) : JsonValue.EMPTY_JSON_ARRAY;
        for (int i = 0; i < entries.size(); i++) {
            all.addAll(entry.read(entries.getJsonObject(i), "/" + list + "/" + i));
        }
        return all;
    }

    private List<Marking> markings(JsonObject m, String at) throws SurfaceFault {
        List<Double> dash = new ArrayList<>();
        for (int i = 0; m.containsKey("dash") && i < m.getJsonArray("dash").size(); i++) {
            dash.add(figures.value(m.getJsonArray("dash").get(i), at + "/dash") * unit);
        }
        Marking.Shape shape = shape(m, at);
        boolean painted = shape instanceof Spot || shape instanceof Lettering;
        Marking first = new Marking(
                m.getString("id"),
                m.getString("name", ""),
                shape,
                painted ? 0 : metres(m, "width", at),
                m.getString("ink", "line"),
                dash);
        List<Marking> row = m.containsKey("repeat") ? repeated(first, m.getJsonObject("repeat"), at) : List.of(first);
        return row.stream()
                .flatMap(r -> copies.of(r, m.getString("copies", "none")).stream())
                .toList();
    }

    private Marking.Shape shape(JsonObject m, String at) throws SurfaceFault {
        if (m.containsKey("points")) {
            return new Straight(vecs(m.getJsonArray("points"), at + "/points"));
        }
        if (m.containsKey("spot")) {
            return new Spot(vec(m.getJsonArray("spot"), at + "/spot"), metres(m, "radius", at));
        }
        if (m.containsKey("text")) {
            return new Lettering(vec(m.getJsonArray("at"), at + "/at"), m.getString("text"), metres(m, "height", at));
        }
        return arc(m, at);
    }

    private Arc arc(JsonObject o, String at) throws SurfaceFault {
        return new Arc(
                vec(o.getJsonArray("arc"), at + "/arc"),
                metres(o, "radius", at),
                Math.toRadians(o.containsKey("from") ? figures.value(o.get("from"), at + "/from") : 0),
                Math.toRadians(o.containsKey("sweep") ? figures.value(o.get("sweep"), at + "/sweep") : 360));
    }

    private List<Marking> repeated(Marking m, JsonObject repeat, String at) throws SurfaceFault {
        Vec step = vec(repeat.getJsonArray("by"), at + "/repeat/by");
        List<Marking> row = new ArrayList<>();
        for (int i = 0; i < repeat.getInt("count"); i++) {
            Straight line = (Straight) m.shape();
            Vec by = step.times(i);
            row.add(new Marking(
                    m.id() + "-" + (i + 1),
                    m.name(),
                    new Straight(line.points().stream().map(p -> p.plus(by)).toList()),
                    m.width(),
                    m.ink(),
                    m.dash()));
        }
        return row;
    }

    private List<Landmark> landmarks(JsonObject l, String at) throws SurfaceFault {
        return copies.of(
                new Landmark(l.getString("id"), l.getString("name"), vec(l.getJsonArray("at"), at + "/at")),
                l.getString("copies", "none"));
    }

    private List<Zone> zones(JsonObject z, String at) throws SurfaceFault {
        List<Vec> outline = new ArrayList<>();
        JsonArray parts = z.getJsonArray("outline");
        for (int i = 0; i < parts.size(); i++) {
            String here = at + "/outline/" + i;
            if (parts.get(i) instanceof JsonArray corner) {
                outline.add(vec(corner, here));
            } else {
                Arc arc = arc(parts.getJsonObject(i), here);
                int steps = (int) Math.ceil(Math.abs(arc.sweep()) / ROUND);
                for (int k = 0; k <= (arc.isCircle() ? steps - 1 : steps); k++) {
                    outline.add(arc.at((double) k / steps));
                }
            }
        }
        return copies.of(new Zone(z.getString("id"), z.getString("name"), outline), z.getString("copies", "none"));
    }

    private List<Target> targets(JsonObject t, String at) throws SurfaceFault {
        Target target = new Target(
                t.getString("id"),
                t.getString("name"),
                Target.Shape.valueOf(t.getString("shape").toUpperCase(Locale.ROOT)),
                vec(t.getJsonArray("at"), at + "/at"),
                Math.toRadians(figures.value(t.get("facing"), at + "/facing")),
                metres(t, "width", at),
                metres(t, "height", at),
                metres(t, "depth", at));
        return copies.of(target, t.getString("copies", "none"));
    }

    /** The usual views, each replaced by one of the same id that the file has. */
    private List<View> views(Box bounds, double runOff) throws SurfaceFault {
        double end = metresOr(file, "end", "", bounds.width() / 4);
        List<View> views = new ArrayList<>(StandardViews.of(bounds, runOff, end));
        for (View own : each("views", (v, at) -> List.of(view(v, at)))) {
            views.replaceAll(v -> v.id().equals(own.id()) ? own : v);
            if (!views.contains(own)) {
                views.add(own);
            }
        }
        return views;
    }

    private View view(JsonObject v, String at) throws SurfaceFault {
        JsonArray b = v.getJsonArray("box");
        double[] n = new double[4];
        for (int i = 0; i < n.length; i++) {
            n[i] = figures.value(b.get(i), at + "/box/" + i) * unit;
        }
        return new View(v.getString("id"), v.getString("name"), new Box(n[0], n[1], n[2], n[3]));
    }

    private Map<String, String> words() {
        Map<String, String> words = new HashMap<>();
        objects("words").forEach(e -> words.put(e.getKey(), ((JsonString) e.getValue()).getString()));
        return words;
    }

    private List<Map.Entry<String, JsonValue>> objects(String key) {
        return file.containsKey(key) ? List.copyOf(file.getJsonObject(key).entrySet()) : List.of();
    }

    private List<Vec> vecs(JsonArray a, String at) throws SurfaceFault {
        List<Vec> vecs = new ArrayList<>();
        for (int i = 0; i < a.size(); i++) {
            vecs.add(vec(a.getJsonArray(i), at + "/" + i));
        }
        return vecs;
    }

    private Vec vec(JsonArray a, String at) throws SurfaceFault {
        return new Vec(figures.value(a.get(0), at + "/0") * unit, figures.value(a.get(1), at + "/1") * unit);
    }

    private double metres(JsonObject o, String key, String at) throws SurfaceFault {
        return figures.value(o.get(key), at + "/" + key) * unit;
    }

    private double metresOr(JsonObject o, String key, String at, double otherwise) throws SurfaceFault {
        return o.containsKey(key) ? metres(o, key, at) : otherwise;
    }
}

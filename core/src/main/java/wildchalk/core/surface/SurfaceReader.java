package wildchalk.core.surface;

import jakarta.json.Json;
import jakarta.json.JsonArray;
import jakarta.json.JsonNumber;
import jakarta.json.JsonObject;
import jakarta.json.JsonReader;
import jakarta.json.JsonString;
import jakarta.json.JsonValue;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Marking.Arc;
import wildchalk.core.surface.Marking.Spot;
import wildchalk.core.surface.Marking.Straight;
import wildchalk.core.surface.Surface.Edge;
import wildchalk.core.surface.Surface.Ground;
import wildchalk.core.surface.Surface.Landmark;
import wildchalk.core.surface.Surface.Target;
import wildchalk.core.surface.Surface.View;

/**
 * Reads a surface file (docs/format/surface.md). Lengths in the file are in its own unit; angles are in degrees there.
 * What stands for the attacking end with {@code "copies": "half-turn"} stands again, turned half round, for the own end.
 */
public final class SurfaceReader {

    private final double unit;

    private SurfaceReader(double unit) {
        this.unit = unit;
    }

    /**
     * Reads one surface.
     *
     * @throws RuntimeException when the file is not a surface file: the program's own files are checked by tests
     */
    public static Surface read(InputStream file) {
        try (JsonReader reader = Json.createReader(file)) {
            JsonObject o = reader.readObject();
            double unit = o.getString("unit").equals("ft") ? 0.3048 : 1;
            return new SurfaceReader(unit).surface(o);
        }
    }

    private Surface surface(JsonObject o) {
        List<Marking> markings = new ArrayList<>();
        List<Landmark> landmarks = new ArrayList<>();
        List<Target> targets = new ArrayList<>();
        for (JsonObject m : o.getJsonArray("markings").getValuesAs(JsonObject.class)) {
            Marking marking = marking(m);
            markings.add(marking);
            if (isTwice(m)) {
                markings.add(turned(marking));
            }
        }
        for (JsonObject l : o.getJsonArray("landmarks").getValuesAs(JsonObject.class)) {
            Landmark landmark = new Landmark(l.getString("id"), l.getString("name"), vec(l.getJsonArray("at")));
            landmarks.add(landmark);
            if (isTwice(l)) {
                landmarks.add(new Landmark("own-" + landmark.id(), "own " + landmark.name(), turned(landmark.at())));
            }
        }
        for (JsonObject t : o.getJsonArray("targets").getValuesAs(JsonObject.class)) {
            Target target = target(t);
            targets.add(target);
            if (isTwice(t)) {
                targets.add(new Target("own-" + target.id(), "own " + target.name(), target.shape(),
                        turned(target.at()), target.facing() + Math.PI, target.width(), target.height(),
                        target.depth()));
            }
        }
        return new Surface(o.getString("id"), o.getString("name"), o.getString("sport"),
                Ground.valueOf(o.getString("ground").toUpperCase(Locale.ROOT)), o.getString("ball"),
                metres(o, "length"), metres(o, "width"), metres(o, "cornerRadius"),
                Edge.valueOf(o.getString("edge").toUpperCase(Locale.ROOT)), metres(o, "runOff"),
                strings(o.getJsonArray("sources")), markings, landmarks, targets,
                o.getJsonArray("views").getValuesAs(this::view), words(o.getJsonObject("words")));
    }

    private Marking marking(JsonObject m) {
        List<Double> dash = m.containsKey("dash")
                ? m.getJsonArray("dash").getValuesAs((JsonNumber n) -> n.doubleValue() * unit) : List.of();
        Marking.Shape shape;
        if (m.containsKey("points")) {
            shape = new Straight(m.getJsonArray("points").getValuesAs((JsonValue p) -> vec(p.asJsonArray())));
        } else if (m.containsKey("spot")) {
            shape = new Spot(vec(m.getJsonArray("spot")), metres(m, "radius"));
        } else {
            double from = m.containsKey("from") ? Math.toRadians(number(m, "from")) : 0;
            double sweep = m.containsKey("sweep") ? Math.toRadians(number(m, "sweep")) : 2 * Math.PI;
            shape = new Arc(vec(m.getJsonArray("arc")), metres(m, "radius"), from, sweep);
        }
        double width = shape instanceof Spot ? 0 : metres(m, "width");
        return new Marking(m.getString("id"), shape, width, m.getString("ink", "line"), dash);
    }

    private Target target(JsonObject t) {
        return new Target(t.getString("id"), t.getString("name"),
                Target.Shape.valueOf(t.getString("shape").toUpperCase(Locale.ROOT)), vec(t.getJsonArray("at")),
                Math.toRadians(number(t, "facing")), metres(t, "width"), metres(t, "height"), metres(t, "depth"));
    }

    private View view(JsonValue value) {
        JsonObject v = value.asJsonObject();
        JsonArray b = v.getJsonArray("box");
        double[] n = b.getValuesAs(JsonNumber.class).stream().mapToDouble(x -> x.doubleValue() * unit).toArray();
        return new View(v.getString("id"), v.getString("name"), new Box(n[0], n[1], n[2], n[3]));
    }

    private static boolean isTwice(JsonObject o) {
        return o.getString("copies", "none").equals("half-turn");
    }

    private static Vec turned(Vec v) {
        return v.times(-1);
    }

    private static Marking turned(Marking m) {
        Marking.Shape shape;
        if (m.shape() instanceof Straight line) {
            shape = new Straight(line.points().stream().map(SurfaceReader::turned).toList());
        } else if (m.shape() instanceof Arc arc) {
            shape = new Arc(turned(arc.centre()), arc.radius(), arc.start() + Math.PI, arc.sweep());
        } else {
            Spot spot = (Spot) m.shape();
            shape = new Spot(turned(spot.centre()), spot.radius());
        }
        return new Marking("own-" + m.id(), shape, m.width(), m.ink(), m.dash());
    }

    private static Map<String, String> words(JsonObject o) {
        Map<String, String> words = new HashMap<>();
        o.forEach((key, value) -> words.put(key, ((JsonString) value).getString()));
        return words;
    }

    private static List<String> strings(JsonArray a) {
        return a.getValuesAs(JsonString::getString);
    }

    private Vec vec(JsonArray a) {
        return new Vec(a.getJsonNumber(0).doubleValue() * unit, a.getJsonNumber(1).doubleValue() * unit);
    }

    private double metres(JsonObject o, String key) {
        return number(o, key) * unit;
    }

    private static double number(JsonObject o, String key) {
        return o.getJsonNumber(key).doubleValue();
    }
}

package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Marking;
import wildchalk.core.surface.Size;
import wildchalk.core.surface.Surface;

/** Writes a surface as it is laid out, as JSON: metres and radians throughout (docs/format/surface.md). */
public final class SurfaceWriter {

    private SurfaceWriter() {}

    /**
     * One object.
     *
     * @param sizes what can be chosen on it
     */
    public static String write(Surface surface, List<Size> sizes) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("id", surface.id())
                .put("name", surface.name())
                .put("sport", surface.sport())
                .put("ground", DrillWriter.word(surface.ground()))
                .put("ball", surface.ball())
                .put("aSide", surface.aSide())
                .put("length", number(surface.length()))
                .put("width", number(surface.width()))
                .put("cornerRadius", number(surface.cornerRadius()))
                .put("edge", DrillWriter.word(surface.edge()))
                .put("runOff", number(surface.runOff()))
                .put("grid", number(surface.grid()));
        ArrayNode choices = o.putArray("sizes");
        sizes.forEach(s -> choices.addObject()
                .put("id", s.id())
                .put("name", s.name())
                .put("least", number(s.least()))
                .put("usual", number(s.usual()))
                .put("most", number(s.most()))
                .put("chosen", number(surface.sizes().getOrDefault(s.id(), s.usual()))));
        ArrayNode sources = o.putArray("sources");
        surface.sources().forEach(sources::add);
        ArrayNode markings = o.putArray("markings");
        surface.markings().forEach(m -> markings.add(marking(m)));
        ArrayNode landmarks = o.putArray("landmarks");
        surface.landmarks()
                .forEach(l -> place(landmarks.addObject().put("id", l.id()).put("name", l.name()), "at", l.at()));
        ArrayNode zones = o.putArray("zones");
        surface.zones()
                .forEach(z -> outline(
                        zones.addObject()
                                .put("id", z.id())
                                .put("name", z.name())
                                .put("area", number(z.area())),
                        "outline",
                        z.outline()));
        ArrayNode targets = o.putArray("targets");
        surface.targets().forEach(t -> place(
                        targets.addObject()
                                .put("id", t.id())
                                .put("name", t.name())
                                .put("shape", DrillWriter.word(t.shape())),
                        "at",
                        t.at())
                .put("facing", number(t.facing()))
                .put("width", number(t.width()))
                .put("height", number(t.height()))
                .put("depth", number(t.depth())));
        ArrayNode views = o.putArray("views");
        surface.views().forEach(v -> views.addObject()
                .put("id", v.id())
                .put("name", v.name())
                .putArray("box")
                .add(number(v.box().x()))
                .add(number(v.box().y()))
                .add(number(v.box().width()))
                .add(number(v.box().height())));
        ObjectNode words = o.putObject("words");
        new java.util.TreeMap<>(surface.words()).forEach(words::put);
        return o.toPrettyString() + "\n";
    }

    private static ObjectNode marking(Marking m) {
        ObjectNode o = JsonNodeFactory.instance.objectNode().put("id", m.id()).put("name", m.name());
        if (m.shape() instanceof Marking.Straight line) {
            outline(o.put("kind", "line"), "points", line.points());
        } else if (m.shape() instanceof Marking.Arc arc) {
            place(o.put("kind", arc.isCircle() ? "circle" : "arc"), "centre", arc.centre())
                    .put("radius", number(arc.radius()))
                    .put("from", number(arc.start()))
                    .put("sweep", number(arc.sweep()));
            // Rule books measure to one edge of the paint or the other.
            o.put("innerRadius", number(arc.radius() - m.width() / 2))
                    .put("outerRadius", number(arc.radius() + m.width() / 2));
        } else if (m.shape() instanceof Marking.Spot spot) {
            place(o.put("kind", "spot"), "centre", spot.centre()).put("radius", number(spot.radius()));
        } else {
            Marking.Lettering letters = (Marking.Lettering) m.shape();
            place(o.put("kind", "text"), "centre", letters.centre())
                    .put("text", letters.text())
                    .put("height", number(letters.height()));
        }
        o.put("width", number(m.width())).put("ink", m.ink());
        if (!m.dash().isEmpty()) {
            ArrayNode dash = o.putArray("dash");
            m.dash().forEach(d -> dash.add(number(d)));
        }
        return o;
    }

    private static ObjectNode place(ObjectNode o, String key, Vec v) {
        o.putArray(key).add(number(v.x())).add(number(v.y()));
        return o;
    }

    private static void outline(ObjectNode o, String key, List<Vec> points) {
        ArrayNode array = o.putArray(key);
        points.forEach(p -> array.addArray().add(number(p.x())).add(number(p.y())));
    }

    private static double number(double value) {
        return Math.round(value * 1e6) / 1e6 + 0.0;
    }
}

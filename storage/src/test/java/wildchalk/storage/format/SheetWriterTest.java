package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.SetOut;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** The sheet as somebody else's program reads it: docs/format/setout.md is all that it knows. */
class SheetWriterTest {

    private static Vec vec(JsonNode o) {
        return new Vec(o.path(0).asDouble(), o.path(1).asDouble());
    }

    private static Vec stand(JsonNode from, Map<String, Vec> down, Map<String, Vec> landmarks) {
        return from.has("piece")
                ? down.get(from.path("piece").asText())
                : landmarks.get(from.path("landmark").asText());
    }

    private static Vec follow(JsonNode m, double unit, Map<String, Vec> down, Map<String, Vec> landmarks) {
        if (m.path("way").asText().equals("legs")) {
            Vec here = stand(m.path("from"), down, landmarks);
            for (JsonNode leg : m.path("legs")) {
                double metres = leg.path("number").asDouble() * unit;
                here = here.plus(
                        switch (leg.path("way").asText()) {
                            case "ahead" -> new Vec(metres, 0);
                            case "back" -> new Vec(-metres, 0);
                            case "left" -> new Vec(0, -metres);
                            default -> new Vec(0, metres);
                        });
            }
            return here;
        }
        JsonNode one = m.path("tapes").path(0);
        JsonNode other = m.path("tapes").path(1);
        Vec a = stand(one.path("from"), down, landmarks);
        Vec b = stand(other.path("from"), down, landmarks);
        double ra = one.path("number").asDouble() * unit;
        double rb = other.path("number").asDouble() * unit;
        double d = a.distance(b);
        double along = (ra * ra - rb * rb + d * d) / (2 * d);
        Vec way = b.minus(a).unit();
        Vec off = way.quarterTurn().times(Math.sqrt(Math.max(0, ra * ra - along * along)));
        Vec p = a.plus(way.times(along)).plus(off);
        Vec q = a.plus(way.times(along)).minus(off);
        boolean first =
                switch (m.path("side").asText()) {
                    case "ahead" -> p.x() > q.x();
                    case "back" -> p.x() < q.x();
                    case "left" -> p.y() < q.y();
                    default -> p.y() > q.y();
                };
        return first ? p : q;
    }

    @ParameterizedTest
    @ValueSource(strings = {"football-11", "ice-rink-na", "netball", "gridiron-us-pro", "open-grass"})
    void whoKnowsTheFormatFindsEveryPlace(String id) throws Exception {
        Surface surface = Surfaces.BUILT_IN.get(id);
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            double x = ((i * 37) % 90 - 45) / 100.0 * surface.length();
            double y = ((i * 53) % 80 - 40) / 100.0 * surface.width();
            pieces.add(Piece.Item.of("c" + i, GearKind.values()[i], new Vec(x, y)));
        }
        Units units = new Units(Unit.FEET, 0.8);
        JsonNode sheet = new ObjectMapper()
                .readTree(SheetWriter.write(
                        "s1", SetOut.of(new Stage("s1", "", pieces, List.of()), surface, units, 4), units));
        Map<String, Vec> landmarks = new HashMap<>();
        surface.landmarks().forEach(l -> landmarks.put(l.id(), l.at()));
        Map<String, Vec> taped = new HashMap<>();
        Map<String, Vec> stepped = new HashMap<>();
        assertEquals("ft", sheet.path("unit").asText());
        assertEquals(12, sheet.path("steps").size());
        for (JsonNode step : sheet.path("steps")) {
            Vec drawn = vec(step.path("drawn"));
            Vec put = follow(step.path("tape"), 0.3048, taped, landmarks);
            taped.put(step.path("piece").asText(), put);
            assertTrue(put.distance(drawn) <= 0.3 + 1e-4, step.toString());
            assertEquals(put.distance(vec(step.path("tape").path("at"))), 0, 1e-4);
            assertEquals(step.path("tape").path("error").asDouble(), put.distance(drawn), 1e-4);
            if (step.has("paces")) {
                Vec paced = follow(step.path("paces"), 0.8, stepped, landmarks);
                stepped.put(step.path("piece").asText(), paced);
                assertTrue(paced.distance(drawn) <= 0.3 + 1e-4, step.toString());
            }
        }
        assertTrue(sheet.path("walk").asDouble() > 0);
        assertTrue(sheet.path("trips").asInt() >= 1);
    }
}

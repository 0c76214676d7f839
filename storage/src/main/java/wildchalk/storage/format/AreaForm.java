package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import wildchalk.core.drill.Colour;
import wildchalk.core.drill.Outline;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Vec;

/** Zones and stations as they stand in drill files. */
final class AreaForm {

    private AreaForm() {
    }

    static Piece.Area read(JsonNode o, String id, Vec at) {
        Outline outline = outline(o.path("outline"));
        return o.path("kind").asText().equals("zone")
                ? new Piece.Zone(id, at, outline, o.path("label").asText(""), DrillReader.value(o, "colour", Colour.WHITE))
                : new Piece.Station(id, at, outline, o.path("number").asInt(1), o.path("title").asText(""),
                o.path("minutes").asDouble(0));
    }

    private static Outline outline(JsonNode o) {
        if (o.has("radius")) {
            return new Outline.Circle(o.path("radius").asDouble());
        }
        return o.has("corners") ? new Outline.Corners(DrillReader.list(o.path("corners"), DrillReader::vec))
                : new Outline.Rectangle(o.path("width").asDouble(), o.path("depth").asDouble(), o.path("turn").asDouble(0));
    }

    static void write(ObjectNode o, Piece.Area area) {
        ObjectNode outline = o.putObject("outline");
        if (area.outline() instanceof Outline.Circle c) {
            outline.put("radius", c.radius());
        } else if (area.outline() instanceof Outline.Corners c) {
            ArrayNode corners = outline.putArray("corners");
            c.corners().forEach(v -> corners.add(DrillWriter.place(v)));
        } else if (area.outline() instanceof Outline.Rectangle r) {
            outline.put("width", r.width()).put("depth", r.depth()).put("turn", r.turn());
        }
        if (area instanceof Piece.Zone zone) {
            o.put("label", zone.label()).put("colour", DrillWriter.word(zone.colour()));
        } else if (area instanceof Piece.Station station) {
            o.put("number", station.number()).put("title", station.title()).put("minutes", station.minutes());
        }
    }
}

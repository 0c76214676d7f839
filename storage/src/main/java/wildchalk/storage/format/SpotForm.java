package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;

/** Places as they stand in drill files: metres, or what they are by. */
final class SpotForm {

    private static final Spot.Cases<JsonNode> SPOT = new Spot.Cases<>() {
        @Override
        public JsonNode place(Spot.Place p) {
            return DrillWriter.place(p.at());
        }

        @Override
        public JsonNode atPiece(Spot.AtPiece p) {
            ObjectNode o = JsonNodeFactory.instance.objectNode().put("piece", p.piece());
            if (!p.offset().equals(Vec.ZERO)) {
                o.set("offset", DrillWriter.place(p.offset()));
            }
            return o;
        }

        @Override
        public JsonNode onLine(Spot.OnLine o) {
            return JsonNodeFactory.instance
                    .objectNode()
                    .put("line", o.line())
                    .put("of", o.who())
                    .put("share", o.share());
        }

        @Override
        public JsonNode coded(Spot.Coded c) {
            return JsonNodeFactory.instance.objectNode().put("code", c.code()).put("part", c.part());
        }

        @Override
        public JsonNode atTarget(Spot.AtTarget t) {
            return JsonNodeFactory.instance.objectNode().put("target", t.target());
        }
    };

    private SpotForm() {}

    static Spot read(JsonNode o) {
        if (o.isArray()) {
            return Spot.at(DrillReader.vec(o));
        }
        if (o.has("target")) {
            return new Spot.AtTarget(o.path("target").asText());
        }
        if (o.has("code")) {
            return new Spot.Coded(o.path("code").asText(), o.path("part").asInt(0));
        }
        if (o.has("line")) {
            return new Spot.OnLine(
                    o.path("of").asText(),
                    o.path("line").asText(),
                    o.path("share").asDouble(1));
        }
        return new Spot.AtPiece(
                o.path("piece").asText(), o.has("offset") ? DrillReader.vec(o.path("offset")) : Vec.ZERO);
    }

    static JsonNode write(Spot spot) {
        return spot.match(SPOT);
    }
}

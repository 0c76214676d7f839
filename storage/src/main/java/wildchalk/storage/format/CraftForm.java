package wildchalk.storage.format;

import static wildchalk.storage.format.DrillReader.value;
import static wildchalk.storage.format.DrillWriter.word;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Strike;

/** What hands and feet do, as it stands in drill files: what nobody says is left out. */
final class CraftForm {

    private CraftForm() {}

    static Craft craft(JsonNode o) {
        return new Craft(
                value(o, "limb", Craft.Limb.ANY),
                value(o, "rhythm", Craft.Rhythm.USUAL),
                DrillReader.list(
                        o.path("feints"),
                        f -> new Craft.Feint(
                                f.path("name").asText(),
                                f.path("share").asDouble(0.5),
                                f.path("seconds").asDouble(Craft.Feint.USUAL))));
    }

    static void write(ObjectNode o, Craft craft) {
        put(o, "limb", craft.limb(), Craft.Limb.ANY);
        put(o, "rhythm", craft.rhythm(), Craft.Rhythm.USUAL);
        if (!craft.feints().isEmpty()) {
            ArrayNode feints = o.putArray("feints");
            for (Craft.Feint feint : craft.feints()) {
                feints.addObject()
                        .put("name", feint.name())
                        .put("share", feint.share())
                        .put("seconds", feint.seconds());
            }
        }
    }

    static Strike strike(JsonNode o) {
        return new Strike(
                value(o, "limb", Craft.Limb.ANY),
                value(o, "takeoff", Strike.Takeoff.USUAL),
                new Strike.Aim(
                        value(o, "part", Strike.Part.ANY),
                        value(o, "height", Strike.Height.ANY),
                        value(o, "aside", Strike.Aside.ANY)),
                o.path("offBoard").asBoolean(false));
    }

    static ObjectNode write(ObjectNode o, Strike strike) {
        put(o, "limb", strike.limb(), Craft.Limb.ANY);
        put(o, "takeoff", strike.takeoff(), Strike.Takeoff.USUAL);
        put(o, "part", strike.aim().part(), Strike.Part.ANY);
        put(o, "height", strike.aim().height(), Strike.Height.ANY);
        put(o, "aside", strike.aim().aside(), Strike.Aside.ANY);
        return strike.offBoard() ? o.put("offBoard", true) : o;
    }

    private static void put(ObjectNode o, String key, Enum<?> now, Enum<?> usual) {
        if (now != usual) {
            o.put(key, word(now));
        }
    }
}

package wildchalk.storage.book;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectReader;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import wildchalk.core.catalogue.DrillSummary;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.catalogue.Space;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;

/** What is known of a drill as it is kept in a book: one flat JSON object, as the first books had it. */
final class SummaryForm {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final ObjectReader GEAR = MAPPER.readerFor(new TypeReference<Map<GearKind, Integer>>() {});
    private static final ObjectReader INTENSITIES = MAPPER.readerFor(new TypeReference<Set<Effort.Intensity>>() {});
    private static final ObjectReader SKILLS = MAPPER.readerFor(new TypeReference<Set<Skill>>() {});
    private static final ObjectReader DOES = MAPPER.readerFor(new TypeReference<Map<String, Integer>>() {});

    private SummaryForm() {}

    static String write(DrillSummary of) {
        ObjectNode o = MAPPER.createObjectNode();
        o.put("title", of.title())
                .put("surface", of.surface())
                .put("place", of.place())
                .put("sport", of.sport());
        o.put("people", of.people())
                .put("mostPeople", of.mostPeople())
                .put("balls", of.balls())
                .put("needs", of.needs());
        o.put("minutes", of.minutes())
                .put("rungs", of.rungs())
                .put("age", of.age().name());
        o.put("along", of.along())
                .put("across", of.across())
                .put("space", of.space().name());
        o.set("gear", MAPPER.valueToTree(of.gear()));
        o.set("intensities", MAPPER.valueToTree(of.intensities()));
        o.set("skills", MAPPER.valueToTree(of.skills()));
        o.set("does", MAPPER.valueToTree(of.does()));
        o.put("couldHurt", of.couldHurt());
        return o.toString();
    }

    /** What such a text says; little where it cannot be read: the drill is looked at anew when it is changed. */
    static DrillSummary read(String text) {
        try {
            JsonNode o = MAPPER.readTree(text);
            return new DrillSummary(
                    text(o, "title"),
                    new DrillSummary.Where(text(o, "surface"), text(o, "place"), text(o, "sport")),
                    new DrillSummary.Required(
                            o.path("people").asInt(),
                            o.path("mostPeople").asInt(),
                            GEAR.readValue(o.path("gear")),
                            o.path("balls").asInt(),
                            text(o, "needs")),
                    new DrillSummary.Room(
                            o.path("along").asDouble(), o.path("across").asDouble(), Space.valueOf(text(o, "space"))),
                    new DrillSummary.Dosage(
                            o.path("minutes").asDouble(), o.path("rungs").asInt()),
                    new DrillSummary.Players(
                            Effort.Level.valueOf(text(o, "age")), INTENSITIES.readValue(o.path("intensities"))),
                    new DrillSummary.Practised(SKILLS.readValue(o.path("skills")), DOES.readValue(o.path("does"))),
                    o.path("couldHurt").asBoolean());
        } catch (IOException | IllegalArgumentException e) {
            return DrillSummary.unseen("");
        }
    }

    private static String text(JsonNode o, String key) {
        return o.path(key).asText();
    }
}

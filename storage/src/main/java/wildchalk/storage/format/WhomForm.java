package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Whom;

/** Who a rule is about, as it stands in drill files. */
final class WhomForm {

    private static final String EVERYBODY = "everybody";

    private WhomForm() {}

    /** What stands under {@code whom}; in older files one id under {@code who}, or a list under {@code people}. */
    static Whom read(JsonNode o) {
        if (o.has("whom")) {
            return value(o.path("whom"));
        }
        if (o.has("people")) {
            return new Whom.People(DrillReader.texts(o.path("people")));
        }
        return o.has("who") ? Whom.one(o.path("who").asText()) : Whom.everybody();
    }

    static Whom value(JsonNode o) {
        if (o.has("people")) {
            return new Whom.People(DrillReader.texts(o.path("people")));
        }
        if (o.has("ball")) {
            return new Whom.HasBall(o.path("ball").asText().equals("with"));
        }
        if (o.has("role")) {
            return new Whom.Being(
                    DrillReader.value(o, "role", Whom.Role.NEAREST),
                    team(o),
                    o.path("number").asInt(1),
                    o.has("of") ? Optional.of(o.path("of").asText()) : Optional.empty());
        }
        return team(o).<Whom>map(Whom.Team::new).orElse(Whom.everybody());
    }

    private static Optional<Bib> team(JsonNode o) {
        return o.has("team") ? Optional.of(DrillReader.value(o, "team", Bib.CORAL)) : Optional.empty();
    }

    /** Writes it under {@code whom}; everybody is left out. */
    static ObjectNode write(ObjectNode o, Whom whom) {
        if (!(whom instanceof Whom.Everybody)) {
            o.set("whom", write(whom));
        }
        return o;
    }

    static JsonNode write(Whom whom) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        return whom.match(new Whom.Cases<>() {
            @Override
            public JsonNode everybody(Whom.Everybody everybody) {
                return JsonNodeFactory.instance.textNode(EVERYBODY);
            }

            @Override
            public JsonNode people(Whom.People people) {
                DrillWriter.texts(o, "people", people.named());
                return o;
            }

            @Override
            public JsonNode wholeTeam(Whom.Team team) {
                return o.put("team", DrillWriter.word(team.bib()));
            }

            @Override
            public JsonNode hasBall(Whom.HasBall side) {
                return o.put("ball", side.has() ? "with" : "without");
            }

            @Override
            public JsonNode being(Whom.Being being) {
                o.put("role", DrillWriter.word(being.role()));
                being.team().ifPresent(b -> o.put("team", DrillWriter.word(b)));
                if (being.number() != 1) {
                    o.put("number", being.number());
                }
                being.of().ifPresent(id -> o.put("of", id));
                return o;
            }
        });
    }
}

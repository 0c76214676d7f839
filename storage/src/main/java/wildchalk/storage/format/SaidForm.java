package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Sign;

/** What a coach says besides, as it stands in drill files: reads, freezes and limits. */
final class SaidForm {

    private SaidForm() {
    }

    static Instruction read(JsonNode o) {
        String id = o.path("id").asText();
        String who = o.path("who").asText();
        String zone = o.path("zone").asText();
        return switch (o.path("kind").asText()) {
            case "read" -> new Instruction.Read(id, who, DrillReader.list(o.path("options"), SaidForm::option),
                    text(o, "under"), o.has("rule") ? Optional.of(DrillReader.value(o, "rule", Instruction.Rule.OPEN)) : Optional.empty());
            case "freeze" -> new Instruction.Freeze(id, CueForm.read(o.path("at")), o.path("question").asText(),
                    o.path("answer").asText(), DrillReader.list(o.path("signs"), SaidForm::sign));
            case "move-on" -> new Instruction.MoveOn(id, DrillReader.value(o, "way", Instruction.Way.ONE_WAY));
            case "at-most" -> new Limit.AtMost(id, DrillReader.value(o, "counted", Limit.Counted.TOUCHES),
                    o.path("most").asInt(), text(o, "who"));
            case "passes-first" -> new Limit.PassesFirst(id, o.path("passes").asInt(), text(o, "line"));
            case "entries-first" -> new Limit.EntriesFirst(id, o.path("entries").asInt(), zone);
            case "within" -> new Limit.Within(id, o.path("seconds").asDouble(), text(o, "zone"),
                    o.has("from") ? Optional.of(CueForm.moment(o.path("from"))) : Optional.empty());
            case "only-in" -> new Limit.OnlyIn(id, zone, DrillReader.texts(o.path("people")));
            default -> new Limit.NotBefore(id, who, CueForm.moment(o.path("moment")));
        };
    }

    private static Instruction.Option option(JsonNode o) {
        return new Instruction.Option(o.path("id").asText(), o.path("label").asText(), o.path("reason").asText(),
                DrillReader.texts(o.path("actions")));
    }

    private static Sign sign(JsonNode o) {
        return new Sign(DrillReader.value(o, "sign", Sign.Kind.RING), DrillReader.list(o.path("at"), ActionForm::spot), o.path("words").asText(""));
    }

    private static Optional<String> text(JsonNode o, String key) {
        return o.has(key) ? Optional.of(o.path(key).asText()) : Optional.empty();
    }

    static ObjectNode write(Instruction said) {
        ObjectNode o = JsonNodeFactory.instance.objectNode().put("id", said.id());
        if (said instanceof Instruction.Read read) {
            o.put("kind", "read").put("who", read.who());
            read.under().ifPresent(u -> o.put("under", u));
            read.rule().ifPresent(r -> o.put("rule", DrillWriter.word(r)));
            ArrayNode options = o.putArray("options");
            read.options().forEach(option -> DrillWriter.texts(options.addObject().put("id", option.id())
                    .put("label", option.label()).put("reason", option.reason()), "actions", option.actions()));
        } else if (said instanceof Instruction.Freeze freeze) {
            o.put("kind", "freeze").put("question", freeze.question()).put("answer", freeze.answer())
                    .set("at", CueForm.write(freeze.at()));
            if (!freeze.signs().isEmpty()) {
                signs(o.putArray("signs"), freeze);
            }
        } else if (said instanceof Instruction.MoveOn on) {
            o.put("kind", "move-on").put("way", DrillWriter.word(on.way()));
        } else {
            limit(o, (Limit) said);
        }
        return o;
    }

    private static void signs(ArrayNode signs, Instruction.Freeze freeze) {
        for (Sign sign : freeze.signs()) {
            ObjectNode s = signs.addObject().put("sign", DrillWriter.word(sign.kind()));
            ArrayNode at = s.putArray("at");
            sign.at().forEach(spot -> at.add(ActionForm.spot(spot)));
            if (!sign.words().isEmpty()) {
                s.put("words", sign.words());
            }
        }
    }

    private static void limit(ObjectNode o, Limit limit) {
        if (limit instanceof Limit.AtMost most) {
            o.put("kind", "at-most").put("counted", DrillWriter.word(most.counted())).put("most", most.most());
            most.who().ifPresent(w -> o.put("who", w));
        } else if (limit instanceof Limit.PassesFirst passes) {
            o.put("kind", "passes-first").put("passes", passes.passes());
            passes.line().ifPresent(l -> o.put("line", l));
        } else if (limit instanceof Limit.EntriesFirst entries) {
            o.put("kind", "entries-first").put("entries", entries.entries()).put("zone", entries.zone());
        } else if (limit instanceof Limit.Within within) {
            o.put("kind", "within").put("seconds", within.seconds());
            within.zone().ifPresent(z -> o.put("zone", z));
            within.from().ifPresent(f -> o.set("from", CueForm.write(f)));
        } else if (limit instanceof Limit.OnlyIn only) {
            DrillWriter.texts(o.put("kind", "only-in").put("zone", only.zone()), "people", only.who());
        } else if (limit instanceof Limit.NotBefore before) {
            o.put("kind", "not-before").put("who", before.who()).set("moment", CueForm.write(before.moment()));
        }
    }
}

package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Cue;

/** Moments and cues as they stand in drill files. */
final class CueForm {

    private CueForm() {
    }

    static Cue read(JsonNode o) {
        return new Cue(moment(o), o.path("delay").asDouble(0));
    }

    static Trigger moment(JsonNode o) {
        String action = o.path("action").asText();
        String who = o.path("who").asText();
        double metres = o.path("metres").asDouble();
        return switch (o.path("on").asText("whistle")) {
            case "with" -> new Cue.With(action);
            case "released" -> new Cue.Released(action);
            case "received" -> new Cue.Received(action);
            case "after" -> new Cue.After(action);
            case "partway" -> new Cue.Partway(action, o.path("share").asDouble());
            case "gone" -> new Cue.Gone(action, metres);
            case "enters" -> new Cue.Enters(who, o.path("zone").asText());
            case "crosses" -> new Cue.Crosses(who, o.path("line").asText());
            case "near" -> new Cue.Near(who, o.path("other").asText(), metres);
            case "touches" -> new Cue.Touches(who);
            case "called" -> new Cue.Called(o.path("word").asText());
            case "all" -> new Cue.AllOf(parts(o));
            case "first" -> new Cue.FirstOf(parts(o));
            case "next" -> new Cue.Next();
            default -> new Cue.Whistle();
        };
    }

    private static List<Trigger> parts(JsonNode o) {
        List<Trigger> parts = new ArrayList<>();
        o.path("of").forEach(p -> parts.add(moment(p)));
        return parts;
    }

    static ObjectNode write(Cue cue) {
        ObjectNode o = write(cue.trigger());
        return cue.delay() == 0 ? o : o.put("delay", cue.delay());
    }

    static ObjectNode write(Trigger trigger) {
        ObjectNode o = JsonNodeFactory.instance.objectNode().put("on", word(trigger));
        trigger.of().ifPresent(of -> o.put("action", of));
        if (trigger instanceof Cue.Partway p) {
            o.put("share", p.share());
        } else if (trigger instanceof Cue.Gone g) {
            o.put("metres", g.metres());
        } else if (trigger instanceof Cue.Enters e) {
            o.put("who", e.who()).put("zone", e.zone());
        } else if (trigger instanceof Cue.Crosses c) {
            o.put("who", c.who()).put("line", c.line());
        } else if (trigger instanceof Cue.Near n) {
            o.put("who", n.who()).put("other", n.other()).put("metres", n.metres());
        } else if (trigger instanceof Cue.Touches t) {
            o.put("who", t.who());
        } else if (trigger instanceof Cue.Called c) {
            o.put("word", c.word());
        } else if (trigger instanceof Cue.Several) {
            ArrayNode of = o.putArray("of");
            trigger.parts().forEach(p -> of.add(write(p)));
        }
        return o;
    }

    private static String word(Trigger trigger) {
        return trigger instanceof Cue.AllOf ? "all" : trigger instanceof Cue.FirstOf ? "first"
                : trigger.getClass().getSimpleName().toLowerCase(Locale.ROOT);
    }
}

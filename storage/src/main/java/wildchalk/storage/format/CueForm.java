package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.CueCases;

/** Moments and cues as they stand in drill files. */
final class CueForm {

    private CueForm() {}

    /** Every kind of moment and its word. */
    enum Kind implements Word {
        WHISTLE("whistle"),
        NEXT("next"),
        WITH("with"),
        RELEASED("released"),
        RECEIVED("received"),
        AFTER("after"),
        PARTWAY("partway"),
        GONE("gone"),
        ENTERS("enters"),
        CROSSES("crosses"),
        NEAR("near"),
        TOUCHES("touches"),
        DEAD("dead"),
        CALLED("called"),
        ALL("all"),
        FIRST("first");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        @Override
        public String word() {
            return word;
        }
    }

    private static final CueCases<Kind> KIND = new CueCases<>() {
        @Override
        public Kind whistle(Cue.Whistle whistle) {
            return Kind.WHISTLE;
        }

        @Override
        public Kind next(Cue.Next next) {
            return Kind.NEXT;
        }

        @Override
        public Kind with(Cue.With with) {
            return Kind.WITH;
        }

        @Override
        public Kind released(Cue.Released released) {
            return Kind.RELEASED;
        }

        @Override
        public Kind received(Cue.Received received) {
            return Kind.RECEIVED;
        }

        @Override
        public Kind after(Cue.After after) {
            return Kind.AFTER;
        }

        @Override
        public Kind partway(Cue.Partway partway) {
            return Kind.PARTWAY;
        }

        @Override
        public Kind gone(Cue.Gone gone) {
            return Kind.GONE;
        }

        @Override
        public Kind enters(Cue.Enters enters) {
            return Kind.ENTERS;
        }

        @Override
        public Kind crosses(Cue.Crosses crosses) {
            return Kind.CROSSES;
        }

        @Override
        public Kind near(Cue.Near near) {
            return Kind.NEAR;
        }

        @Override
        public Kind touches(Cue.Touches touches) {
            return Kind.TOUCHES;
        }

        @Override
        public Kind dead(Cue.Dead dead) {
            return Kind.DEAD;
        }

        @Override
        public Kind called(Cue.Called called) {
            return Kind.CALLED;
        }

        @Override
        public Kind occurrence(Cue.Occurrence occurrence) {
            return occurrence.moment().match(this);
        }

        @Override
        public Kind allOf(Cue.AllOf allOf) {
            return Kind.ALL;
        }

        @Override
        public Kind firstOf(Cue.FirstOf firstOf) {
            return Kind.FIRST;
        }
    };

    static Cue read(JsonNode o) {
        return new Cue(moment(o), o.path("delay").asDouble(0));
    }

    /** @throws UnknownWord for a kind that is in no table */
    static Trigger moment(JsonNode o) {
        Trigger moment = uncounted(o);
        return o.has("nth") || o.has("since")
                ? new Cue.Occurrence(
                        moment,
                        o.path("nth").asInt(1),
                        o.has("since") ? Optional.of(o.path("since").asText()) : Optional.empty())
                : moment;
    }

    private static Trigger uncounted(JsonNode o) {
        if (!o.has("on")) {
            return new Cue.Whistle();
        }
        String action = o.path("action").asText();
        String who = o.path("who").asText();
        double metres = o.path("metres").asDouble();
        Kind kind = Word.find(Kind.values(), o.path("on").asText())
                .orElseThrow(() -> new UnknownWord(o, "on", Word.list(Kind.values())));
        return switch (kind) {
            case WHISTLE -> new Cue.Whistle();
            case NEXT -> new Cue.Next();
            case WITH -> new Cue.With(action);
            case RELEASED -> new Cue.Released(action);
            case RECEIVED -> new Cue.Received(action);
            case AFTER -> new Cue.After(action);
            case PARTWAY -> new Cue.Partway(action, o.path("share").asDouble());
            case GONE -> new Cue.Gone(action, metres);
            case ENTERS -> new Cue.Enters(who, o.path("zone").asText());
            case CROSSES -> new Cue.Crosses(
                    who, o.path("line").asText(), DrillReader.value(o, "heading", Cue.Crosses.Heading.EITHER));
            case NEAR -> new Cue.Near(who, o.path("other").asText(), metres);
            case TOUCHES -> new Cue.Touches(who);
            case DEAD -> new Cue.Dead(o.path("ball").asText(), DrillReader.value(o, "how", Cue.Dead.How.EITHER));
            case CALLED -> new Cue.Called(o.path("word").asText());
            case ALL -> new Cue.AllOf(parts(o));
            case FIRST -> new Cue.FirstOf(parts(o));
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
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("on", trigger.match(KIND).word());
        trigger.of().ifPresent(of -> o.put("action", of));
        return trigger.match(new Details(o));
    }

    /** What only moments of one kind have. */
    private record Details(ObjectNode o) implements CueCases.Families<ObjectNode> {

        @Override
        public ObjectNode ofAction(Trigger moment) {
            return o;
        }

        @Override
        public ObjectNode partway(Cue.Partway p) {
            return o.put("share", p.share());
        }

        @Override
        public ObjectNode gone(Cue.Gone g) {
            return o.put("metres", g.metres());
        }

        @Override
        public ObjectNode several(Cue.Several several) {
            ArrayNode of = o.putArray("of");
            several.parts().forEach(p -> of.add(write(p)));
            return o;
        }

        @Override
        public ObjectNode whistle(Cue.Whistle w) {
            return o;
        }

        @Override
        public ObjectNode next(Cue.Next n) {
            return o;
        }

        @Override
        public ObjectNode enters(Cue.Enters e) {
            return o.put("who", e.who()).put("zone", e.zone());
        }

        @Override
        public ObjectNode crosses(Cue.Crosses c) {
            o.put("who", c.who()).put("line", c.line());
            return c.heading() == Cue.Crosses.Heading.EITHER ? o : o.put("heading", DrillWriter.word(c.heading()));
        }

        @Override
        public ObjectNode occurrence(Cue.Occurrence occurrence) {
            occurrence.moment().match(this).put("nth", occurrence.nth());
            occurrence.since().ifPresent(since -> o.put("since", since));
            return o;
        }

        @Override
        public ObjectNode near(Cue.Near n) {
            return o.put("who", n.who()).put("other", n.other()).put("metres", n.metres());
        }

        @Override
        public ObjectNode touches(Cue.Touches t) {
            return o.put("who", t.who());
        }

        @Override
        public ObjectNode dead(Cue.Dead d) {
            return o.put("ball", d.ball()).put("how", DrillWriter.word(d.how()));
        }

        @Override
        public ObjectNode called(Cue.Called c) {
            return o.put("word", c.word());
        }
    }
}

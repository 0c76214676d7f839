package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.call.CallRules;
import wildchalk.core.call.Calling;
import wildchalk.core.call.Numbering;
import wildchalk.core.call.Pause;
import wildchalk.core.score.Counter;
import wildchalk.core.score.Scoring;

/** What is called on a rung and what counts on it, as it stands in drill files. */
final class AloudForm {

    private static final double SECOND = 1000;

    private AloudForm() {}

    static void write(ObjectNode o, Calling calling) {
        if (calling.what() != Calling.What.WORDS) {
            o.put("what", DrillWriter.word(calling.what()));
        }
        if (calling.count() > 0) {
            o.put("count", calling.count());
        }
        if (!calling.also().isEmpty()) {
            DrillWriter.texts(o, "words", calling.also());
        }
        if (calling.numbering() != Numbering.IN_ORDER) {
            o.put("numbering", DrillWriter.word(calling.numbering()));
        }
        CallRules rules = calling.rules();
        o.put("each", rules.each()).put("running", rules.running());
        if (rules.jump() > 0) {
            o.put("jump", rules.jump());
        }
        if (rules.bothWays()) {
            o.put("bothWays", true);
        }
        calling.every()
                .ifPresent(p -> o.putArray("every").add(p.least() / SECOND).add(p.most() / SECOND));
        if (!calling.moment().isEmpty()) {
            o.put("moment", calling.moment());
        }
    }

    static Calling calling(JsonNode o) {
        Optional<Pause> every = Optional.empty();
        if (o.has("every")) {
            long least = Math.max(1, Math.round(o.path("every").path(0).asDouble() * SECOND));
            long most = Math.round(o.path("every").path(1).asDouble() * SECOND);
            every = Optional.of(new Pause(least, Math.max(least, most)));
        }
        return new Calling(
                DrillReader.value(o, "what", Calling.What.WORDS),
                o.path("count").asInt(0),
                DrillReader.texts(o.path("words")),
                DrillReader.value(o, "numbering", Numbering.IN_ORDER),
                new CallRules(
                        o.path("each").asInt(CallRules.FAIR.each()),
                        o.path("running").asInt(CallRules.FAIR.running()),
                        o.path("jump").asInt(0),
                        o.path("bothWays").asBoolean(false)),
                every,
                o.path("moment").asText(""));
    }

    static void write(ObjectNode o, Scoring scoring) {
        var counters = o.putArray("counters");
        for (Counter counter : scoring.counters()) {
            ObjectNode c = counters.addObject().put("id", counter.id()).put("words", counter.words());
            if (counter.way() != Counter.Way.EACH) {
                c.put("way", DrillWriter.word(counter.way()));
            }
            if (counter.worth() != 1) {
                c.put("worth", counter.worth());
            }
            if (!counter.after().isEmpty()) {
                c.put("after", counter.after());
            }
            if (counter.against()) {
                c.put("against", true);
            }
        }
        if (scoring.fewest()) {
            o.put("fewest", true);
        }
        if (scoring.each()) {
            o.put("each", true);
        }
        if (scoring.bestOf() > 0) {
            o.put("bestOf", scoring.bestOf());
        }
        if (!scoring.limit().isEmpty()) {
            o.put("limit", scoring.limit());
        }
        if (!scoring.forfeit().isEmpty()) {
            o.put("forfeit", scoring.forfeit());
        }
    }

    static Scoring scoring(JsonNode o) {
        List<Counter> counters = new ArrayList<>();
        for (JsonNode c : o.path("counters")) {
            counters.add(new Counter(
                    c.path("id").asText(),
                    c.path("words").asText(),
                    DrillReader.value(c, "way", Counter.Way.EACH),
                    c.path("worth").asInt(1),
                    c.path("after").asText(""),
                    c.path("against").asBoolean(false)));
        }
        return new Scoring(
                counters,
                o.path("fewest").asBoolean(false),
                o.path("each").asBoolean(false),
                o.path("bestOf").asInt(0),
                o.path("limit").asText(""),
                o.path("forfeit").asText(""));
    }
}

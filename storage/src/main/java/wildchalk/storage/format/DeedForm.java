package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.Stretch;

/** What was done in a run, as it stands in its text. */
final class DeedForm {

    private static final String BACK = "take-back";

    private DeedForm() {}

    /** @param deed empty for what was taken back */
    static void write(ObjectNode o, Optional<Deed> deed) {
        deed.ifPresentOrElse(d -> d.match(new Written(o)), () -> o.put("did", BACK));
    }

    static void stretches(ArrayNode array, List<Stretch> stretches) {
        for (Stretch stretch : stretches) {
            ObjectNode o = array.addObject().put("block", stretch.block());
            if (stretch.kind() != Stretch.Kind.PLAY) {
                o.put("kind", DrillWriter.word(stretch.kind()));
            }
            if (!stretch.words().isEmpty()) {
                o.put("words", stretch.words());
            }
            if (!stretch.rung().isEmpty()) {
                o.put("rung", stretch.rung());
            }
            o.put("millis", stretch.millis());
        }
    }

    static List<Stretch> stretches(JsonNode array) {
        List<Stretch> all = new ArrayList<>();
        for (JsonNode o : array) {
            Stretch.Kind kind = DrillReader.value(o, "kind", Stretch.Kind.PLAY);
            long millis = o.path("millis").asLong();
            all.add(new Stretch(
                    o.path("block").asText(),
                    kind,
                    o.path("words").asText(""),
                    kind == Stretch.Kind.BEFORE ? millis : Math.max(1, millis),
                    o.path("rung").asText("")));
        }
        return all;
    }

    /** Empty for what was taken back. */
    static Optional<Deed> read(JsonNode o) {
        String who = o.path("who").asText("");
        String what = o.path("what").asText("");
        return Optional.ofNullable(
                switch (o.path("did").asText()) {
                    case "go" -> new Deed.Go();
                    case "stop" -> new Deed.Stop();
                    case "next" -> new Deed.Next();
                    case "back" -> new Deed.Back();
                    case "skip" -> new Deed.Skip();
                    case "more" -> new Deed.More(o.path("millis").asLong());
                    case "anew" -> new Deed.Anew(stretches(o.path("rest")));
                    case "call" -> new Deed.Called(what);
                    case "count" -> new Deed.Counted(what, who, o.path("by").asInt(1));
                    case "note" -> new Deed.Noted(what);
                    case "time" -> new Deed.Timed(what, who, o.path("metres").asDouble(0), splits(o.path("splits")));
                    case "agree" -> new Deed.Agreed(what, o.path("counts").asText(""));
                    case "mark" -> new Deed.Marked(who, o.path("hasIt").asBoolean());
                        // The schema knows no other.
                    default -> null;
                });
    }

    private static List<Long> splits(JsonNode array) {
        List<Long> splits = new ArrayList<>();
        array.forEach(n -> splits.add(n.asLong()));
        return splits;
    }

    private record Written(ObjectNode o) implements Deed.Cases<ObjectNode> {

        private ObjectNode did(String what) {
            return o.put("did", what);
        }

        @Override
        public ObjectNode go(Deed.Go go) {
            return did("go");
        }

        @Override
        public ObjectNode stop(Deed.Stop stop) {
            return did("stop");
        }

        @Override
        public ObjectNode next(Deed.Next next) {
            return did("next");
        }

        @Override
        public ObjectNode back(Deed.Back back) {
            return did("back");
        }

        @Override
        public ObjectNode skip(Deed.Skip skip) {
            return did("skip");
        }

        @Override
        public ObjectNode more(Deed.More more) {
            return did("more").put("millis", more.millis());
        }

        @Override
        public ObjectNode anew(Deed.Anew anew) {
            stretches(did("anew").putArray("rest"), anew.rest());
            return o;
        }

        @Override
        public ObjectNode called(Deed.Called called) {
            return did("call").put("what", called.what());
        }

        @Override
        public ObjectNode counted(Deed.Counted counted) {
            did("count").put("what", counted.counter());
            if (!counted.who().isEmpty()) {
                o.put("who", counted.who());
            }
            return o.put("by", counted.by());
        }

        @Override
        public ObjectNode noted(Deed.Noted noted) {
            return did("note").put("what", noted.words());
        }

        @Override
        public ObjectNode timed(Deed.Timed timed) {
            did("time").put("what", timed.counter()).put("who", timed.who());
            if (timed.metres() > 0) {
                o.put("metres", timed.metres());
            }
            ArrayNode splits = o.putArray("splits");
            timed.splits().forEach(splits::add);
            return o;
        }

        @Override
        public ObjectNode marked(Deed.Marked marked) {
            return did("mark").put("who", marked.who()).put("hasIt", marked.hasIt());
        }

        @Override
        public ObjectNode agreed(Deed.Agreed agreed) {
            return did("agree").put("what", agreed.calls()).put("counts", agreed.counts());
        }
    }
}

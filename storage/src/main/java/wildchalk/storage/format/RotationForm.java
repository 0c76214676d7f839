package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.RotationCases;
import wildchalk.core.drill.When;

/** What is said between reps, as it stands in drill files. */
record RotationForm(ObjectNode o) implements RotationCases<ObjectNode> {

    static Rotation read(SaidForm.Kind kind, String id, JsonNode o) {
        return switch (kind) {
            case GOES -> new Rotation.Goes(id, o.path("who").asText(), to(o.path("to")), after(o.path("after")));
            case NEXT_START -> new Rotation.Starts(id, when(o.path("when")));
            case SIDES -> new Rotation.Sides(
                    id, DrillReader.value(o, "taken", Rotation.Taken.AS_DRAWN), turn(o.path("turn")));
            case FETCHES -> new Rotation.Fetches(id, DrillReader.value(o, "by", Rotation.Fetcher.SHOOTER));
            case REPEATS -> new Rotation.Repeats(
                    id,
                    DrillReader.texts(o.path("actions")),
                    o.has("until")
                            ? new Rotation.UntilWhistle(o.path("until").asDouble())
                            : new Rotation.Times(o.path("times").asInt()),
                    DrillReader.texts(o.path("round")));
            case SHARES -> new Rotation.Shares(id, o.path("read").asText(), shares(o.path("shares")), seed(o));
            case REP_OVER -> new Rotation.Over(id, CueForm.read(o.path("at")));
            case STEPS_UP -> new Rotation.StepsUp(id, o.path("line").asText(), DrillReader.texts(o.path("actions")));
            case FITS -> new Rotation.Fits(
                    id, o.path("who").asText(), o.path("words").asText());
            default -> throw new IllegalArgumentException(kind.word());
        };
    }

    private static Rotation.To to(JsonNode o) {
        if (o.has("role")) {
            return new Rotation.Becomes(
                    o.path("role").asText(), o.path("otherSide").asBoolean(false));
        }
        if (o.has("changesWith")) {
            return new Rotation.ChangesWith(o.path("changesWith").asText());
        }
        if (o.has("goesOn")) {
            return new Rotation.GoesOn(o.path("goesOn").asText());
        }
        return o.asText().equals("out") ? new Rotation.Out() : new Rotation.Stays();
    }

    private static Optional<Rotation.Stay> after(JsonNode o) {
        if (o.has("reps")) {
            return Optional.of(
                    new Rotation.Stay(Rotation.Counted.REPS, o.path("reps").asInt()));
        }
        return o.has("made")
                ? Optional.of(
                        new Rotation.Stay(Rotation.Counted.MADE, o.path("made").asInt()))
                : Optional.empty();
    }

    private static When when(JsonNode o) {
        if (o.has("every")) {
            return new When.Every(o.path("every").asDouble());
        }
        if (o.has("moment")) {
            return new When.At(CueForm.read(o.path("moment")));
        }
        return o.has("call") ? new When.Called(o.path("call").asText()) : new When.Ready();
    }

    private static Map<String, Integer> shares(JsonNode o) {
        Map<String, Integer> shares = new LinkedHashMap<>();
        o.fields().forEachRemaining(e -> shares.put(e.getKey(), e.getValue().asInt()));
        return shares;
    }

    private static Optional<Rotation.Turn> turn(JsonNode o) {
        if (o.has("reps")) {
            return Optional.of(
                    new Rotation.Turn(Rotation.Turn.Length.REPS, o.path("reps").asDouble()));
        }
        if (o.has("minutes")) {
            return Optional.of(new Rotation.Turn(
                    Rotation.Turn.Length.MINUTES, o.path("minutes").asDouble()));
        }
        return o.isTextual()
                ? Optional.of(new Rotation.Turn(Rotation.Turn.Length.AS_THE_RUNG_SAYS, 1))
                : Optional.empty();
    }

    private static OptionalLong seed(JsonNode o) {
        return o.has("seed") ? OptionalLong.of(o.path("seed").asLong()) : OptionalLong.empty();
    }

    private ObjectNode kind(SaidForm.Kind kind) {
        return o.put("kind", kind.word());
    }

    @Override
    public ObjectNode goes(Rotation.Goes goes) {
        kind(SaidForm.Kind.GOES).put("who", goes.who());
        Rotation.To place = goes.to();
        if (place.role().isPresent()) {
            ObjectNode to = o.putObject("to").put(word(place), place.role().get());
            if (place.otherSide()) {
                to.put("otherSide", true);
            }
        } else {
            o.put("to", place.isOut() ? "out" : "stays");
        }
        goes.after().ifPresent(s -> o.putObject("after")
                .put(s.counted() == Rotation.Counted.REPS ? "reps" : "made", s.n()));
        return o;
    }

    private static String word(Rotation.To place) {
        if (place.isAtOnce()) {
            return "goesOn";
        }
        return place.isChange() ? "changesWith" : "role";
    }

    @Override
    public ObjectNode starts(Rotation.Starts starts) {
        kind(SaidForm.Kind.NEXT_START);
        When when = starts.when();
        when.every().ifPresent(s -> o.putObject("when").put("every", s));
        when.at().ifPresent(c -> o.putObject("when").set("moment", CueForm.write(c)));
        when.called().ifPresent(c -> o.putObject("when").put("call", c));
        if (!o.has("when")) {
            o.put("when", "ready");
        }
        return o;
    }

    @Override
    public ObjectNode sides(Rotation.Sides sides) {
        kind(SaidForm.Kind.SIDES).put("taken", DrillWriter.word(sides.taken()));
        sides.turn().ifPresent(turn -> {
            switch (turn.length()) {
                case REPS -> o.putObject("turn").put("reps", (int) turn.n());
                case MINUTES -> o.putObject("turn").put("minutes", turn.n());
                case AS_THE_RUNG_SAYS -> o.put("turn", "as-the-rung-says");
            }
        });
        return o;
    }

    @Override
    public ObjectNode over(Rotation.Over over) {
        kind(SaidForm.Kind.REP_OVER).set("at", CueForm.write(over.at()));
        return o;
    }

    @Override
    public ObjectNode stepsUp(Rotation.StepsUp steps) {
        kind(SaidForm.Kind.STEPS_UP).put("line", steps.line());
        DrillWriter.texts(o, "actions", steps.actions());
        return o;
    }

    @Override
    public ObjectNode fetches(Rotation.Fetches fetches) {
        return kind(SaidForm.Kind.FETCHES).put("by", DrillWriter.word(fetches.by()));
    }

    @Override
    public ObjectNode repeats(Rotation.Repeats repeats) {
        kind(SaidForm.Kind.REPEATS);
        repeats.often().number().ifPresent(n -> o.put("times", n));
        repeats.often().until().ifPresent(s -> o.put("until", s));
        DrillWriter.texts(o, "actions", repeats.actions());
        DrillWriter.texts(o, "round", repeats.round());
        return o;
    }

    @Override
    public ObjectNode shares(Rotation.Shares shares) {
        ObjectNode node = kind(SaidForm.Kind.SHARES).put("read", shares.read()).putObject("shares");
        shares.shares().forEach(node::put);
        shares.seed().ifPresent(s -> o.put("seed", s));
        return o;
    }

    @Override
    public ObjectNode fits(Rotation.Fits fits) {
        return kind(SaidForm.Kind.FITS).put("who", fits.who()).put("words", fits.words());
    }
}

package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.effort.Effort;

/** What many do, say and must mind, as it stands in drill files. */
record GameForm(ObjectNode o) implements Game.Cases<ObjectNode> {

    static Game read(SaidForm.Kind kind, String id, JsonNode o) {
        return switch (kind) {
            case DUTY -> new Game.Duty(
                    id,
                    WhomForm.read(o),
                    DrillReader.value(o, "task", Game.Task.PRESS),
                    o.path("metres").asDouble(Game.Duty.USUAL),
                    o.has("zone") ? Optional.of(o.path("zone").asText()) : Optional.empty(),
                    CueForm.read(o.path("at")));
            case TRADE -> new Game.Trade(id, DrillReader.value(o, "lost", Game.Lost.WHO_LOSES_IT));
            case SAYS -> new Game.Says(
                    id,
                    WhomForm.read(o),
                    o.path("words").asText(),
                    WhomForm.value(o.path("to")),
                    o.path("before").asBoolean(false),
                    moment(o));
            case WATCH_FOR -> new Game.WatchFor(
                    id,
                    WhomForm.read(o),
                    moment(o),
                    o.path("fault").asText(),
                    o.path("mend").asText(""));
            case GOAL_AT -> new Game.GoalAt(
                    id,
                    o.path("target").asText(),
                    o.has("at") ? Optional.of(DrillReader.vec(o.path("at"))) : Optional.empty(),
                    o.path("facing").asDouble(0));
            case TWIN -> new Game.Twin(
                    id,
                    pairs(o.path("pairs")),
                    DrillReader.value(o, "where", Game.Where.OTHER_END),
                    o.path("inTurn").asBoolean(false));
            case STARTS -> new Given.Starts(id, WhomForm.read(o), DrillReader.value(o, "low", Given.Low.LYING));
            case ABILITY -> new Given.Ability(
                    id,
                    WhomForm.read(o),
                    o.has("level") ? Optional.of(DrillReader.value(o, "level", Effort.Level.ADULT)) : Optional.empty(),
                    o.path("pace").asDouble(1));
            case BY_AGE -> new Given.ByAge(
                    id,
                    o.path("of").asText(),
                    o.has("from") ? Optional.of(o.path("from").asText()) : Optional.empty(),
                    steps(o.path("steps")));
            case CODE -> new Game.Code(id, DrillReader.list(o.path("parts"), GameForm::part));
            default -> throw new IllegalArgumentException(kind.word());
        };
    }

    private static Optional<Cue> moment(JsonNode o) {
        return o.has("at") ? Optional.of(CueForm.read(o.path("at"))) : Optional.empty();
    }

    private static Map<String, String> pairs(JsonNode o) {
        Map<String, String> pairs = new LinkedHashMap<>();
        o.fields().forEachRemaining(e -> pairs.put(e.getKey(), e.getValue().asText()));
        return pairs;
    }

    private static Map<Effort.Level, Double> steps(JsonNode o) {
        Map<Effort.Level, Double> steps = new EnumMap<>(Effort.Level.class);
        for (Effort.Level level : Effort.Level.values()) {
            if (o.has(DrillWriter.word(level))) {
                steps.put(level, o.path(DrillWriter.word(level)).asDouble());
            }
        }
        return steps;
    }

    @Override
    public ObjectNode starts(Given.Starts starts) {
        return WhomForm.write(kind(SaidForm.Kind.STARTS), starts.whom()).put("low", DrillWriter.word(starts.low()));
    }

    @Override
    public ObjectNode ability(Given.Ability ability) {
        WhomForm.write(kind(SaidForm.Kind.ABILITY), ability.whom());
        ability.level().ifPresent(l -> o.put("level", DrillWriter.word(l)));
        return ability.pace() == 1 ? o : o.put("pace", ability.pace());
    }

    @Override
    public ObjectNode byAge(Given.ByAge byAge) {
        kind(SaidForm.Kind.BY_AGE).put("of", byAge.of());
        byAge.from().ifPresent(f -> o.put("from", f));
        ObjectNode steps = o.putObject("steps");
        byAge.steps().forEach((level, number) -> steps.put(DrillWriter.word(level), number));
        return o;
    }

    private static Game.Part part(JsonNode o) {
        return new Game.Part(
                o.path("words").asText(),
                DrillReader.texts(o.path("pieces")),
                o.path("gaps").asBoolean(false));
    }

    private ObjectNode kind(SaidForm.Kind kind) {
        return o.put("kind", kind.word());
    }

    private ObjectNode at(Optional<Cue> moment) {
        moment.ifPresent(c -> o.set("at", CueForm.write(c)));
        return o;
    }

    @Override
    public ObjectNode duty(Game.Duty duty) {
        WhomForm.write(kind(SaidForm.Kind.DUTY), duty.whom()).put("task", DrillWriter.word(duty.task()));
        if (duty.metres() != Game.Duty.USUAL) {
            o.put("metres", duty.metres());
        }
        duty.zone().ifPresent(z -> o.put("zone", z));
        return at(Optional.of(duty.at()));
    }

    @Override
    public ObjectNode trade(Game.Trade trade) {
        return kind(SaidForm.Kind.TRADE).put("lost", DrillWriter.word(trade.lost()));
    }

    @Override
    public ObjectNode says(Game.Says says) {
        WhomForm.write(kind(SaidForm.Kind.SAYS), says.whom()).put("words", says.words());
        o.set("to", WhomForm.write(says.to()));
        if (says.before()) {
            o.put("before", true);
        }
        return at(says.moment());
    }

    @Override
    public ObjectNode watchFor(Game.WatchFor watch) {
        WhomForm.write(kind(SaidForm.Kind.WATCH_FOR), watch.whom()).put("fault", watch.fault());
        if (!watch.mend().isEmpty()) {
            o.put("mend", watch.mend());
        }
        return at(watch.moment());
    }

    @Override
    public ObjectNode goalAt(Game.GoalAt goal) {
        kind(SaidForm.Kind.GOAL_AT).put("target", goal.target());
        goal.at().ifPresent(at -> o.set("at", DrillWriter.place(at)));
        return goal.at().isPresent() ? o.put("facing", goal.facing()) : o;
    }

    @Override
    public ObjectNode twin(Game.Twin twin) {
        ObjectNode pairs = kind(SaidForm.Kind.TWIN)
                .put("where", DrillWriter.word(twin.where()))
                .putObject("pairs");
        twin.pairs().forEach(pairs::put);
        return twin.inTurn() ? o.put("inTurn", true) : o;
    }

    @Override
    public ObjectNode code(Game.Code code) {
        ArrayNode parts = kind(SaidForm.Kind.CODE).putArray("parts");
        for (Game.Part part : code.parts()) {
            ObjectNode p = parts.addObject().put("words", part.words());
            DrillWriter.texts(p, "pieces", part.pieces());
            if (part.gaps()) {
                p.put("gaps", true);
            }
        }
        return o;
    }
}

package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.LimitCases;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Sign;
import wildchalk.core.surface.End;

/** What a coach says besides, as it stands in drill files: reads, freezes and limits. */
final class SaidForm {

    private SaidForm() {}

    /** Every kind of what is said and its word. */
    enum Kind implements Word {
        READ("read"),
        FREEZE("freeze"),
        MOVE_ON("move-on"),
        ATTACKS("attacks"),
        AT_MOST("at-most"),
        PASSES_FIRST("passes-first"),
        ENTRIES_FIRST("entries-first"),
        WITHIN("within"),
        ONLY_IN("only-in"),
        NOT_BEFORE("not-before"),
        GOES("goes"),
        NEXT_START("next-start"),
        SIDES("sides"),
        FETCHES("fetches"),
        FITS("fits"),
        SHARES("shares"),
        REPEATS("repeats"),
        REP_OVER("rep-over"),
        STEPS_UP("steps-up"),
        AT_LEAST("at-least"),
        STAY_IN("stay-in"),
        DUTY("duty"),
        TRADE("trade"),
        SAYS("says"),
        WATCH_FOR("watch-for"),
        GOAL_AT("goal-at"),
        TWIN("twin"),
        CODE("code"),
        STARTS("starts"),
        ABILITY("ability"),
        BY_AGE("by-age");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        @Override
        public String word() {
            return word;
        }
    }

    /** @throws UnknownWord for a kind that is in no table */
    static Instruction read(JsonNode o) {
        Kind kind = Word.find(Kind.values(), o.path("kind").asText())
                .orElseThrow(() -> new UnknownWord(o, "kind", Word.list(Kind.values())));
        String id = o.path("id").asText();
        String who = o.path("who").asText();
        String zone = o.path("zone").asText();
        return switch (kind) {
            case READ -> new Instruction.Read(
                    id,
                    who,
                    DrillReader.list(o.path("options"), SaidForm::option),
                    text(o, "under"),
                    o.has("rule")
                            ? Optional.of(DrillReader.value(o, "rule", Instruction.Rule.OPEN))
                            : Optional.empty());
            case FREEZE -> new Instruction.Freeze(
                    id,
                    CueForm.read(o.path("at")),
                    o.path("question").asText(),
                    o.path("answer").asText(),
                    DrillReader.list(o.path("signs"), SaidForm::sign));
            case MOVE_ON -> new Instruction.MoveOn(id, DrillReader.value(o, "way", Instruction.Way.ONE_WAY));
            case ATTACKS -> new Instruction.Attacks(
                    id,
                    DrillReader.value(o, "team", Bib.CORAL),
                    DrillReader.value(o, "end", End.GOAL),
                    o.has("from") ? Optional.of(CueForm.read(o.path("from"))) : Optional.empty());
            case AT_MOST -> number(id, Limit.Bound.AT_MOST, o.path("most").asInt(), o);
            case AT_LEAST -> number(id, Limit.Bound.AT_LEAST, o.path("least").asInt(), o);
            case PASSES_FIRST -> new Limit.PassesFirst(id, o.path("passes").asInt(), text(o, "line"));
            case ENTRIES_FIRST -> new Limit.EntriesFirst(id, o.path("entries").asInt(), zone);
            case WITHIN -> new Limit.Within(id, o.path("seconds").asDouble(), text(o, "zone"), moment(o, "from"));
            case ONLY_IN -> new Limit.OnlyIn(id, zone, WhomForm.read(o), moment(o, "from"));
            case STAY_IN -> new Limit.StayIn(id, WhomForm.read(o), zone, moment(o, "until"));
            case DUTY, TRADE, SAYS, WATCH_FOR, GOAL_AT, TWIN, CODE, STARTS, ABILITY, BY_AGE -> GameForm.read(
                    kind, id, o);
            case GOES, NEXT_START, SIDES, FETCHES, FITS, SHARES, REPEATS, REP_OVER, STEPS_UP -> RotationForm.read(
                    kind, id, o);
            case NOT_BEFORE -> new Limit.NotBefore(id, WhomForm.read(o), CueForm.moment(o.path("moment")));
        };
    }

    private static Optional<Cue.Trigger> moment(JsonNode o, String key) {
        return o.has(key) ? Optional.of(CueForm.moment(o.path(key))) : Optional.empty();
    }

    private static Limit.Count number(String id, Limit.Bound bound, int n, JsonNode o) {
        Limit.Counted counted = DrillReader.value(o, "counted", Limit.Counted.TOUCHES);
        return new Limit.Count(
                id,
                counted,
                bound,
                n,
                new Limit.Span(
                        WhomForm.read(o),
                        DrillReader.value(o, "per", Limit.Span.usual(counted)),
                        moment(o, "from"),
                        moment(o, "until"),
                        o.path("feeds").asBoolean(true),
                        o.path("otherwise").asText("")));
    }

    private static Instruction.Option option(JsonNode o) {
        return new Instruction.Option(
                o.path("id").asText(),
                o.path("label").asText(),
                o.path("reason").asText(),
                DrillReader.texts(o.path("actions")));
    }

    private static Sign sign(JsonNode o) {
        return new Sign(
                DrillReader.value(o, "sign", Sign.Kind.RING),
                DrillReader.list(o.path("at"), SpotForm::read),
                o.path("words").asText(""));
    }

    private static Optional<String> text(JsonNode o, String key) {
        return o.has(key) ? Optional.of(o.path(key).asText()) : Optional.empty();
    }

    static ObjectNode write(Instruction said) {
        return said.match(new Written(JsonNodeFactory.instance.objectNode().put("id", said.id())));
    }

    private record Written(ObjectNode o) implements Instruction.Cases<ObjectNode>, LimitCases<ObjectNode> {

        private ObjectNode kind(Kind kind) {
            return o.put("kind", kind.word());
        }

        @Override
        public ObjectNode read(Instruction.Read read) {
            kind(Kind.READ).put("who", read.who());
            read.under().ifPresent(u -> o.put("under", u));
            read.rule().ifPresent(r -> o.put("rule", DrillWriter.word(r)));
            ArrayNode options = o.putArray("options");
            read.options()
                    .forEach(option -> DrillWriter.texts(
                            options.addObject()
                                    .put("id", option.id())
                                    .put("label", option.label())
                                    .put("reason", option.reason()),
                            "actions",
                            option.actions()));
            return o;
        }

        @Override
        public ObjectNode freeze(Instruction.Freeze freeze) {
            kind(Kind.FREEZE)
                    .put("question", freeze.question())
                    .put("answer", freeze.answer())
                    .set("at", CueForm.write(freeze.at()));
            if (!freeze.signs().isEmpty()) {
                signs(o.putArray("signs"), freeze);
            }
            return o;
        }

        @Override
        public ObjectNode moveOn(Instruction.MoveOn on) {
            return kind(Kind.MOVE_ON).put("way", DrillWriter.word(on.way()));
        }

        @Override
        public ObjectNode attacks(Instruction.Attacks attacks) {
            kind(Kind.ATTACKS)
                    .put("team", DrillWriter.word(attacks.team()))
                    .put("end", DrillWriter.word(attacks.end()));
            attacks.from().ifPresent(f -> o.set("from", CueForm.write(f)));
            return o;
        }

        @Override
        public ObjectNode limit(Limit limit) {
            return limit.matchLimit(this);
        }

        @Override
        public ObjectNode rotation(Rotation rotation) {
            return rotation.matchRotation(new RotationForm(o));
        }

        @Override
        public ObjectNode game(Game game) {
            return game.matchGame(new GameForm(o));
        }

        @Override
        public ObjectNode count(Limit.Count number) {
            boolean most = number.bound() == Limit.Bound.AT_MOST;
            Limit.Span span = number.span();
            WhomForm.write(
                    kind(most ? Kind.AT_MOST : Kind.AT_LEAST)
                            .put("counted", DrillWriter.word(number.counted()))
                            .put(most ? "most" : "least", number.n()),
                    span.whom());
            if (span.per() != Limit.Span.usual(number.counted())) {
                o.put("per", DrillWriter.word(span.per()));
            }
            span.from().ifPresent(f -> o.set("from", CueForm.write(f)));
            span.until().ifPresent(u -> o.set("until", CueForm.write(u)));
            if (!span.feeds()) {
                o.put("feeds", false);
            }
            return span.otherwise().isEmpty() ? o : o.put("otherwise", span.otherwise());
        }

        @Override
        public ObjectNode passesFirst(Limit.PassesFirst passes) {
            kind(Kind.PASSES_FIRST).put("passes", passes.passes());
            passes.line().ifPresent(l -> o.put("line", l));
            return o;
        }

        @Override
        public ObjectNode entriesFirst(Limit.EntriesFirst entries) {
            return kind(Kind.ENTRIES_FIRST).put("entries", entries.entries()).put("zone", entries.zone());
        }

        @Override
        public ObjectNode within(Limit.Within within) {
            kind(Kind.WITHIN).put("seconds", within.seconds());
            within.zone().ifPresent(z -> o.put("zone", z));
            within.from().ifPresent(f -> o.set("from", CueForm.write(f)));
            return o;
        }

        @Override
        public ObjectNode onlyIn(Limit.OnlyIn only) {
            kind(Kind.ONLY_IN).put("zone", only.zone()).set("whom", WhomForm.write(only.whom()));
            only.from().ifPresent(f -> o.set("from", CueForm.write(f)));
            return o;
        }

        @Override
        public ObjectNode stayIn(Limit.StayIn stay) {
            WhomForm.write(kind(Kind.STAY_IN).put("zone", stay.zone()), stay.whom());
            stay.until().ifPresent(u -> o.set("until", CueForm.write(u)));
            return o;
        }

        @Override
        public ObjectNode notBefore(Limit.NotBefore before) {
            WhomForm.write(kind(Kind.NOT_BEFORE), before.whom()).set("moment", CueForm.write(before.moment()));
            return o;
        }
    }

    private static void signs(ArrayNode signs, Instruction.Freeze freeze) {
        for (Sign sign : freeze.signs()) {
            ObjectNode s = signs.addObject().put("sign", DrillWriter.word(sign.kind()));
            ArrayNode at = s.putArray("at");
            sign.at().forEach(spot -> at.add(SpotForm.write(spot)));
            if (!sign.words().isEmpty()) {
                s.put("words", sign.words());
            }
        }
    }
}

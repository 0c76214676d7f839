package wildchalk.storage.format;

import static wildchalk.storage.format.DrillReader.value;
import static wildchalk.storage.format.DrillWriter.word;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.ActionCases;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.drill.Sending;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.surface.Wall;

/** Actions as they stand in drill files. */
final class ActionForm {

    private ActionForm() {}

    /** Every kind of action and its word. */
    enum Kind implements Word {
        RUN("run"),
        CARRY("carry"),
        COLLECT("collect"),
        PASS("pass"),
        SHOT("shot"),
        SHADOW("shadow"),
        HOLD("hold"),
        CALL("call"),
        BLOW("blow"),
        HANDLE("handle"),
        PLAY_ON("play-on"),
        ACT("act"),
        CONTEST("contest");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        @Override
        public String word() {
            return word;
        }
    }

    private static final ActionCases<Kind> KIND = new ActionCases<>() {
        @Override
        public Kind run(Travel.Run run) {
            return Kind.RUN;
        }

        @Override
        public Kind carry(Travel.Carry carry) {
            return Kind.CARRY;
        }

        @Override
        public Kind collect(Travel.Collect collect) {
            return Kind.COLLECT;
        }

        @Override
        public Kind pass(Action.Pass pass) {
            return Kind.PASS;
        }

        @Override
        public Kind shot(Action.Shot shot) {
            return Kind.SHOT;
        }

        @Override
        public Kind shadow(Shadow shadow) {
            return Kind.SHADOW;
        }

        @Override
        public Kind hold(Hold hold) {
            return Kind.HOLD;
        }

        @Override
        public Kind call(Action.Call call) {
            return Kind.CALL;
        }

        @Override
        public Kind blow(Action.Blow blow) {
            return Kind.BLOW;
        }

        @Override
        public Kind handle(Action.Handle handle) {
            return Kind.HANDLE;
        }

        @Override
        public Kind playOn(PlayOn play) {
            return Kind.PLAY_ON;
        }

        @Override
        public Kind act(Act act) {
            return Kind.ACT;
        }

        @Override
        public Kind contest(Contest contest) {
            return Kind.CONTEST;
        }
    };

    /** @throws UnknownWord for a kind that is in no table */
    static Action read(JsonNode o) {
        String id = o.path("id").asText();
        String who = o.path("who").asText();
        Cue cue = CueForm.read(o.path("cue"));
        Action.Touch touch = value(o, "touch", Action.Touch.CONTROLLED);
        Action.Ending ending = value(o, "ending", Action.Ending.GO_ON);
        Kind kind = Word.find(Kind.values(), o.path("kind").asText())
                .orElseThrow(() -> new UnknownWord(o, "kind", Word.list(Kind.values())));
        return switch (kind) {
            case RUN -> new Travel.Run(id, who, path(o), going(o), ending, cue);
            case CARRY -> new Travel.Carry(id, who, path(o), going(o), ending, cue);
            case COLLECT -> new Travel.Collect(id, who, path(o), going(o), ending, cue);
            case PASS -> new Action.Pass(
                    id,
                    who,
                    SpotForm.read(o.path("to")),
                    touch,
                    new Sending(
                            value(o, "manner", Action.Manner.FLAT),
                            value(o, "force", Force.USUAL),
                            called(o),
                            CraftForm.strike(o)),
                    optional(o, "off", w -> value(o, "off", Wall.LEFT)),
                    cue);
            case SHOT -> new Action.Shot(
                    id,
                    who,
                    SpotForm.read(o.path("to")),
                    touch,
                    new Action.Shot.Fate(value(o, "result", Action.Result.OPEN), optional(o, "next", SpotForm::read)),
                    called(o),
                    CraftForm.strike(o),
                    cue);
            case SHADOW -> new Shadow(
                    id,
                    who,
                    o.path("whom").asText(),
                    new Shadow.Style(
                            value(o, "way", Shadow.Way.MARK),
                            value(o, "side", Shadow.Side.GOAL),
                            o.path("distance").asDouble(Shadow.USUAL_DISTANCE),
                            optional(o, "other", SpotForm::read)),
                    value(o, "gait", Action.Gait.SPRINT),
                    optional(o, "until", CueForm::moment),
                    cue);
            case HOLD -> new Hold(
                    id,
                    who,
                    value(o, "stance", Hold.Stance.WAIT),
                    optional(o, "facing", SpotForm::read),
                    value(o, "turn", Hold.Turn.SHORTER),
                    o.path("seconds").asDouble(0),
                    optional(o, "until", CueForm::moment),
                    cue);
            case CALL -> new Action.Call(id, who, o.path("word").asText(), cue);
            case BLOW -> new Action.Blow(id, who, cue);
            case HANDLE -> new Action.Handle(
                    id,
                    who,
                    o.path("piece").asText(),
                    value(o, "deed", Action.Handle.Deed.DROP),
                    optional(o, "to", SpotForm::read),
                    cue);
            case ACT -> act(id, who, o, cue);
            case CONTEST -> contest(id, who, o, cue);
            case PLAY_ON -> new PlayOn(
                    id,
                    who,
                    DrillReader.list(o.path("sides"), WhomForm::value),
                    optional(o, "area", a -> o.path("area").asText()),
                    until(o),
                    o.path("rule").asText(""),
                    cue);
        };
    }

    private static Act act(String id, String who, JsonNode o, Cue cue) {
        Act.What what = value(o, "what", Act.What.TAP);
        return new Act(
                id,
                who,
                what,
                optional(o, "on", SpotForm::read),
                value(o, "then", Act.Then.USUAL),
                o.path("seconds").asDouble(what.usual()),
                cue);
    }

    private static Contest contest(String id, String who, JsonNode o, Cue cue) {
        Contest.Start start = value(o, "start", Contest.Start.PULL);
        return new Contest(
                id,
                who,
                start,
                DrillReader.texts(o.path("against")),
                DrillReader.texts(o.path("gets")),
                o.path("seconds").asDouble(start.usual()),
                cue);
    }

    private static PlayOn.Until until(JsonNode o) {
        Set<PlayOn.Ends> ends = EnumSet.noneOf(PlayOn.Ends.class);
        for (PlayOn.Ends end : PlayOn.Ends.values()) {
            if (DrillReader.texts(o.path("ends")).contains(word(end))) {
                ends.add(end);
            }
        }
        return new PlayOn.Until(
                o.has("seconds") ? OptionalDouble.of(o.path("seconds").asDouble()) : OptionalDouble.empty(),
                ends,
                optional(o, "line", l -> o.path("line").asText()));
    }

    private static <T> Optional<T> optional(JsonNode o, String key, Function<JsonNode, T> read) {
        return o.has(key) ? Optional.of(read.apply(o.path(key))) : Optional.empty();
    }

    private static TravelPath path(JsonNode o) {
        return new TravelPath(
                DrillReader.list(o.path("path"), SpotForm::read),
                o.path("smooth").asBoolean(false));
    }

    private static Going going(JsonNode o) {
        return new Going(
                value(o, "gait", Action.Gait.RUN),
                o.path("pace").asDouble(1),
                value(o, "corner", Going.Corner.CUT),
                value(o, "pivot", Going.Pivot.NONE),
                optional(o, "watching", SpotForm::read),
                called(o),
                CraftForm.craft(o));
    }

    private static Optional<String> called(JsonNode o) {
        return optional(o, "called", c -> o.path("called").asText());
    }

    static ObjectNode write(Action action) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("id", action.id()).put("kind", action.match(KIND).word()).put("who", action.who());
        action.match(new Details(o));
        action.called().ifPresent(c -> o.put("called", c));
        o.set("cue", CueForm.write(action.cue()));
        return o;
    }

    /** What only actions of one kind have. */
    private record Details(ObjectNode o) implements ActionCases.Travels<ObjectNode> {

        @Override
        public ObjectNode travel(Travel t) {
            ArrayNode path = o.putArray("path");
            t.path().through().forEach(s -> path.add(SpotForm.write(s)));
            o.put("smooth", t.path().smooth());
            ActionForm.going(o, t.going());
            return o.put("ending", word(t.ending()));
        }

        @Override
        public ObjectNode pass(Action.Pass p) {
            o.set("to", SpotForm.write(p.to()));
            o.put("touch", word(p.touch())).put("manner", word(p.manner()));
            if (p.force() != Force.USUAL) {
                o.put("force", word(p.force()));
            }
            p.off().ifPresent(w -> o.put("off", word(w)));
            return CraftForm.write(o, p.strike());
        }

        @Override
        public ObjectNode shot(Action.Shot s) {
            o.set("to", SpotForm.write(s.to()));
            o.put("touch", word(s.touch())).put("result", word(s.result()));
            s.next().ifPresent(n -> o.set("next", SpotForm.write(n)));
            return CraftForm.write(o, s.strike());
        }

        @Override
        public ObjectNode shadow(Shadow s) {
            o.put("whom", s.whom())
                    .put("way", word(s.way()))
                    .put("side", word(s.side()))
                    .put("distance", s.distance())
                    .put("gait", word(s.gait()));
            s.style().other().ifPresent(p -> o.set("other", SpotForm.write(p)));
            s.until().ifPresent(u -> o.set("until", CueForm.write(u)));
            return o;
        }

        @Override
        public ObjectNode hold(Hold h) {
            o.put("stance", word(h.stance())).put("seconds", h.seconds());
            h.facing().ifPresent(f -> o.set("facing", SpotForm.write(f)));
            if (h.turn() != Hold.Turn.SHORTER) {
                o.put("turn", word(h.turn()));
            }
            h.until().ifPresent(u -> o.set("until", CueForm.write(u)));
            return o;
        }

        @Override
        public ObjectNode call(Action.Call c) {
            return o.put("word", c.word());
        }

        @Override
        public ObjectNode blow(Action.Blow b) {
            return o;
        }

        @Override
        public ObjectNode handle(Action.Handle h) {
            h.to().ifPresent(t -> o.set("to", SpotForm.write(t)));
            return o.put("piece", h.piece()).put("deed", word(h.deed()));
        }

        @Override
        public ObjectNode act(Act act) {
            o.put("what", word(act.what()));
            act.on().ifPresent(t -> o.set("on", SpotForm.write(t)));
            if (act.then() != Act.Then.USUAL) {
                o.put("then", word(act.then()));
            }
            return act.seconds() == act.what().usual() ? o : o.put("seconds", act.seconds());
        }

        @Override
        public ObjectNode contest(Contest c) {
            o.put("start", word(c.start()));
            DrillWriter.texts(o, "against", c.against());
            DrillWriter.texts(o, "gets", c.gets());
            return c.seconds() == c.start().usual() ? o : o.put("seconds", c.seconds());
        }

        @Override
        public ObjectNode playOn(PlayOn play) {
            ArrayNode sides = o.putArray("sides");
            play.sides().forEach(s -> sides.add(WhomForm.write(s)));
            play.area().ifPresent(a -> o.put("area", a));
            play.until().seconds().ifPresent(s -> o.put("seconds", s));
            DrillWriter.texts(
                    o,
                    "ends",
                    Stream.of(PlayOn.Ends.values())
                            .filter(play.until().ends()::contains)
                            .map(DrillWriter::word)
                            .toList());
            play.until().line().ifPresent(l -> o.put("line", l));
            return play.rule().isEmpty() ? o : o.put("rule", play.rule());
        }
    }

    /** What is usual is left out. */
    private static void going(ObjectNode o, Going going) {
        o.put("gait", word(going.gait()));
        if (going.pace() != 1) {
            o.put("pace", going.pace());
        }
        if (going.corner() != Going.Corner.CUT) {
            o.put("corner", word(going.corner()));
        }
        if (going.pivot() != Going.Pivot.NONE) {
            o.put("pivot", word(going.pivot()));
        }
        going.watching().ifPresent(w -> o.set("watching", SpotForm.write(w)));
        CraftForm.write(o, going.craft());
    }
}

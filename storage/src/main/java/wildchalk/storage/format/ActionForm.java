package wildchalk.storage.format;

import static wildchalk.storage.format.DrillReader.value;
import static wildchalk.storage.format.DrillWriter.place;
import static wildchalk.storage.format.DrillWriter.word;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Soundness;
import wildchalk.core.drill.Spot;
import wildchalk.core.geometry.Vec;

/** Actions as they stand in drill files. */
final class ActionForm {

    private ActionForm() {
    }

    static Action read(JsonNode o) {
        String id = o.path("id").asText();
        String who = o.path("who").asText();
        Cue cue = CueForm.read(o.path("cue"));
        Action.Touch touch = value(o, "touch", Action.Touch.CONTROLLED);
        Action.Ending ending = value(o, "ending", Action.Ending.GO_ON);
        return switch (o.path("kind").asText()) {
            case "run" -> new Action.Run(id, who, path(o), going(o), ending, cue);
            case "carry" -> new Action.Carry(id, who, path(o), going(o), ending, cue);
            case "collect" -> new Action.Collect(id, who, path(o), going(o), ending, cue);
            case "pass" -> new Action.Pass(id, who, spot(o.path("to")), touch, value(o, "manner", Action.Manner.FLAT),
                    optional(o, "off", w -> value(o, "off", Action.Wall.LEFT)), cue);
            case "shadow" -> new Action.Shadow(id, who, o.path("whom").asText(),
                    value(o, "way", Action.Shadow.Way.MARK), value(o, "side", Action.Shadow.Side.GOAL),
                    o.path("distance").asDouble(Action.Shadow.USUAL_DISTANCE), value(o, "gait", Action.Gait.SPRINT),
                    optional(o, "until", CueForm::moment), cue);
            case "hold" -> new Action.Hold(id, who, value(o, "stance", Action.Hold.Stance.WAIT),
                    optional(o, "facing", ActionForm::spot), value(o, "turn", Action.Hold.Turn.SHORTER),
                    o.path("seconds").asDouble(0), optional(o, "until", CueForm::moment), cue);
            case "call" -> new Action.Call(id, who, o.path("word").asText(), cue);
            case "blow" -> new Action.Blow(id, who, cue);
            case "handle" -> new Action.Handle(id, who, o.path("piece").asText(),
                    value(o, "deed", Action.Handle.Deed.DROP), cue);
            default -> new Action.Shot(id, who, spot(o.path("to")), touch, value(o, "result", Action.Result.OPEN),
                    optional(o, "next", ActionForm::spot), cue);
        };
    }

    private static <T> Optional<T> optional(JsonNode o, String key, Function<JsonNode, T> read) {
        return o.has(key) ? Optional.of(read.apply(o.path(key))) : Optional.empty();
    }

    private static Action.Path path(JsonNode o) {
        return new Action.Path(DrillReader.list(o.path("path"), ActionForm::spot), o.path("smooth").asBoolean(false));
    }

    private static Going going(JsonNode o) {
        return new Going(value(o, "gait", Action.Gait.RUN), o.path("pace").asDouble(1),
                value(o, "corner", Going.Corner.CUT), optional(o, "watching", ActionForm::spot));
    }

    static Spot spot(JsonNode o) {
        if (o.isArray()) {
            return Spot.at(DrillReader.vec(o));
        }
        if (o.has("target")) {
            return new Spot.AtTarget(o.path("target").asText());
        }
        return new Spot.AtPiece(o.path("piece").asText(), o.has("offset") ? DrillReader.vec(o.path("offset")) : Vec.ZERO);
    }

    static ObjectNode write(Action action) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("id", action.id()).put("kind", action.getClass().getSimpleName().toLowerCase(Locale.ROOT))
                .put("who", action.who());
        if (action instanceof Action.Travel t) {
            ArrayNode path = o.putArray("path");
            t.path().through().forEach(s -> path.add(spot(s)));
            o.put("smooth", t.path().smooth());
            going(o, t.going());
            o.put("ending", word(t.ending()));
        } else if (action instanceof Action.Pass p) {
            o.set("to", spot(p.to()));
            o.put("touch", word(p.touch())).put("manner", word(p.manner()));
            p.off().ifPresent(w -> o.put("off", word(w)));
        } else if (action instanceof Action.Shot s) {
            o.set("to", spot(s.to()));
            o.put("touch", word(s.touch())).put("result", word(s.result()));
            s.next().ifPresent(n -> o.set("next", spot(n)));
        } else {
            staying(o, action);
        }
        o.set("cue", CueForm.write(action.cue()));
        return o;
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
        going.watching().ifPresent(w -> o.set("watching", spot(w)));
    }

    private static void staying(ObjectNode o, Action action) {
        if (action instanceof Action.Shadow s) {
            o.put("whom", s.whom()).put("way", word(s.way())).put("side", word(s.side())).put("distance", s.distance())
                    .put("gait", word(s.gait()));
        } else if (action instanceof Action.Hold h) {
            o.put("stance", word(h.stance())).put("seconds", h.seconds());
            h.facing().ifPresent(f -> o.set("facing", spot(f)));
            if (h.turn() != Action.Hold.Turn.SHORTER) {
                o.put("turn", word(h.turn()));
            }
        } else if (action instanceof Action.Call c) {
            o.put("word", c.word());
        } else if (action instanceof Action.Handle h) {
            o.put("piece", h.piece()).put("deed", word(h.deed()));
        }
        Soundness.until(action).ifPresent(u -> o.set("until", CueForm.write(u)));
    }

    static JsonNode spot(Spot spot) {
        if (spot instanceof Spot.AtPiece p) {
            ObjectNode o = JsonNodeFactory.instance.objectNode().put("piece", p.piece());
            if (!p.offset().equals(Vec.ZERO)) {
                o.set("offset", place(p.offset()));
            }
            return o;
        }
        if (spot instanceof Spot.AtTarget t) {
            return JsonNodeFactory.instance.objectNode().put("target", t.target());
        }
        return place(((Spot.Place) spot).at());
    }
}

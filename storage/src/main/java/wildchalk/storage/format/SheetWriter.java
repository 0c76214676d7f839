package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.Anchor;
import wildchalk.core.setout.Measured;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;

/** Writes a set-out sheet as JSON (docs/format/setout.md). */
public final class SheetWriter {

    private SheetWriter() {}

    /** One object: the bag, the walk and a step for each piece, with its measurements by tape and in paces. */
    public static String write(String stage, Sheet sheet, Units units) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("stage", stage).put("unit", units.unit().sign()).put("pace", number(units.pace()));
        ObjectNode bag = o.putObject("bag").put("name", sheet.bagName());
        place(bag, "at", sheet.bag());
        o.put("walk", number(sheet.walk())).put("trips", sheet.trips()).put("seconds", number(sheet.seconds()));
        ArrayNode steps = o.putArray("steps");
        for (Sheet.Step step : sheet.steps()) {
            ObjectNode s = steps.addObject()
                    .put("n", step.n())
                    .put("piece", step.piece().id())
                    .put("name", step.name())
                    .put("trip", step.trip());
            place(s, "drawn", step.piece().at());
            s.put("words", SheetWords.tape(step.tape(), units));
            s.set("tape", measured(step.tape()));
            step.paces().ifPresent(p -> {
                s.put("wordsInPaces", SheetWords.paces(p));
                s.set("paces", measured(p));
            });
        }
        return o.toPrettyString() + "\n";
    }

    private static ObjectNode measured(Measured measured) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        if (measured instanceof Measured.Legs legs) {
            o.put("way", "legs").set("from", anchor(legs.from()));
            ArrayNode list = o.putArray("legs");
            legs.legs().forEach(l -> {
                ObjectNode leg = list.addObject()
                        .put("way", l.way().name().toLowerCase(Locale.ROOT))
                        .put("number", l.number())
                        .put("metres", number(l.metres()));
                if (!l.line().isEmpty()) {
                    leg.put("line", l.line());
                }
            });
        } else {
            Measured.Tapes t = (Measured.Tapes) measured;
            ArrayNode tapes = o.put("way", "tapes").putArray("tapes");
            tape(tapes, t.one(), t.first());
            tape(tapes, t.other(), t.second());
            o.put("side", t.side().name().toLowerCase(Locale.ROOT));
        }
        place(o, "at", measured.result());
        return o.put("error", number(measured.error()));
    }

    private static void tape(ArrayNode tapes, Anchor from, Measured.Tape tape) {
        tapes.addObject()
                .put("number", tape.number())
                .put("metres", number(tape.metres()))
                .set("from", anchor(from));
    }

    private static ObjectNode anchor(Anchor anchor) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put(anchor.isPiece() ? "piece" : "landmark", anchor.id())
                .put("name", anchor.name());
        return place(o, "at", anchor.at());
    }

    private static ObjectNode place(ObjectNode o, String key, Vec v) {
        o.putArray(key).add(number(v.x())).add(number(v.y()));
        return o;
    }

    private static double number(double value) {
        return Math.round(value * 1e6) / 1e6 + 0.0;
    }
}

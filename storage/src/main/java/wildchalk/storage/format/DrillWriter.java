package wildchalk.storage.format;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GivenIds;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Showing;
import wildchalk.core.drill.Venue;
import wildchalk.core.geometry.Vec;

/** Writes a drill as JSON (docs/format/drill.md). */
public final class DrillWriter {

    static final int VERSION = 14;
    /** Since this version ids are given per drill, before per rung. */
    static final int IDS_PER_DRILL = 7;

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private DrillWriter() {}

    /** The file's text; reading it gives exactly the same drill. */
    public static String write(Drill drill) {
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter().withObjectIndenter(new DefaultIndenter("  ", "\n"));
        printer.indentArraysWith(new DefaultIndenter("  ", "\n"));
        try {
            return MAPPER.writer(printer).writeValueAsString(tree(drill)) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a drill made of plain values cannot be written", e);
        }
    }

    /** The same as a tree. */
    static ObjectNode tree(Drill drill) {
        ObjectNode o = NODES.objectNode();
        o.put("format", FileText.Form.DRILL.format())
                .put("version", VERSION)
                .put("id", drill.id())
                .put("title", drill.title())
                .put("surface", drill.venue().surface());
        venue(o, drill.venue());
        showing(o, drill.showing());
        o.put("lineKey", word(drill.lineKey()));
        EffortForm.write(o, drill.effort());
        ArrayNode stages = o.putArray("stages");
        drill.ladder().forEach(rung -> stages.add(rung(rung)));
        texts(o, "points", drill.points());
        texts(o, "questions", drill.questions());
        texts(o, "cautions", drill.cautions());
        left(o, drill.notes().aside());
        if (!drill.given().equals(GivenIds.NONE)) {
            ObjectNode given = o.putObject("given");
            new TreeMap<>(drill.given().highest()).forEach(given::put);
        }
        return o;
    }

    private static void left(ObjectNode o, List<Drill.PutAside> left) {
        if (left.isEmpty()) {
            return;
        }
        ArrayNode all = o.putArray("left");
        for (Drill.PutAside aside : left) {
            ObjectNode one = all.addObject().put("check", aside.check());
            texts(one, "about", aside.about());
            one.put("reason", aside.reason());
            if (aside.printed()) {
                one.put("printed", true);
            }
        }
    }

    private static void venue(ObjectNode o, Venue venue) {
        if (!venue.sizes().isEmpty()) {
            ObjectNode sizes = o.putObject("sizes");
            new TreeMap<>(venue.sizes()).forEach(sizes::put);
        }
        venue.footprint().ifPresent(f -> {
            ObjectNode print = o.putObject("footprint")
                    .put("length", f.length())
                    .put("width", f.width())
                    .put("ground", word(f.ground()))
                    .put("ball", f.ball());
            ObjectNode targets = print.putObject("targets");
            new TreeMap<>(f.targets()).forEach((id, at) -> targets.set(id, place(at)));
        });
    }

    private static void showing(ObjectNode o, Showing showing) {
        o.put("view", showing.view());
        showing.crop()
                .ifPresent(b ->
                        o.putArray("crop").add(b.x()).add(b.y()).add(b.width()).add(b.height()));
        if (showing.attack() != Showing.Attack.RIGHT) {
            o.put("attack", word(showing.attack()));
        }
    }

    private static ObjectNode rung(Rung rung) {
        ObjectNode o = NODES.objectNode();
        o.put("id", rung.id()).put("title", rung.title());
        rung.from().ifPresent(from -> o.put("from", from));
        plan(o, rung.plan());
        ArrayNode pieces = o.putArray("pieces");
        rung.pieces().forEach(p -> pieces.add(PieceForm.write(p)));
        ArrayNode actions = o.putArray("actions");
        rung.actions().forEach(a -> actions.add(ActionForm.write(a)));
        if (!rung.instructions().isEmpty()) {
            ArrayNode said = o.putArray("said");
            rung.instructions().forEach(i -> said.add(SaidForm.write(i)));
        }
        if (!rung.without().isEmpty()) {
            texts(o, "without", rung.without());
        }
        if (!rung.order().isEmpty()) {
            texts(o, "order", rung.order());
        }
        return o;
    }

    private static void plan(ObjectNode o, RungPlan plan) {
        if (plan.step() != RungPlan.Step.PROGRESSION) {
            o.put("step", word(plan.step()));
        }
        plan.dose().ifPresent(length -> {
            ObjectNode l = o.putObject("length");
            ArrayNode turns = l.putArray("turns");
            length.turns().forEach(t -> turns.addObject()
                    .put("amount", t.amount())
                    .put("measure", word(t.measure()))
                    .put("words", t.words()));
            l.put("then", length.then());
        });
        if (!plan.climb().isEmpty()) {
            o.put("climb", plan.climb());
        }
        plan.intensity().ifPresent(i -> o.put("intensity", word(i)));
        plan.aloud().calling().ifPresent(c -> AloudForm.write(o.putObject("call"), c));
        plan.aloud().scoring().ifPresent(s -> AloudForm.write(o.putObject("score"), s));
    }

    static ArrayNode place(Vec v) {
        return NODES.arrayNode().add(v.x()).add(v.y());
    }

    static void texts(ObjectNode o, String key, List<String> values) {
        ArrayNode array = o.putArray(key);
        values.forEach(array::add);
    }

    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}

package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.waiting.Help;
import wildchalk.core.wording.Wordbook;

/** Writes what many reps come to as JSON, as {@code docs/format/flow.md} describes it. */
public final class FlowWriter {

    private static final int VERSION = 1;

    private FlowWriter() {}

    /** @param stage id of the stage that is played */
    public static String write(String stage, Flow flow) {
        return write(stage, flow, Optional.empty());
    }

    /**
     * @param stage id of the stage that is played
     * @param helps what would cut the waiting, best first; empty where it was not looked for
     */
    public static String write(String stage, Flow flow, Optional<List<Help>> helps) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("format", "wild-chalk-flow")
                .put("version", VERSION)
                .put("stage", stage)
                .put("seconds", flow.seconds());
        flow.interval().ifPresent(i -> o.put("interval", rounded(i)));
        ArrayNode reps = o.putArray("reps");
        flow.reps().forEach(r -> rep(reps.addObject(), r));
        ObjectNode each = o.putObject("each");
        flow.each().forEach((letter, e) -> each(each.putObject(letter), e));
        o.putObject("balls")
                .put("most", flow.balls().most())
                .put("withoutFetching", flow.balls().withoutFetching());
        ArrayNode jams = o.putArray("jams");
        flow.jams().forEach(j -> jams.addObject()
                .put("rep", j.rep())
                .put("copy", j.copy())
                .put("why", j.why())
                .put("mend", j.mend()));
        ArrayNode meetings = o.putArray("meetings");
        flow.meetings().forEach(m -> {
            ObjectNode meeting = meetings.addObject();
            meeting.putArray("who").add(m.one()).add(m.other());
            meeting.put("t", rounded(m.t()))
                    .put("metres", rounded(m.metres()))
                    .put("speed", rounded(m.speed()))
                    .put("times", m.times());
        });
        DrillWriter.texts(o, "guessed", flow.guessed().stream().sorted().toList());
        helps.ifPresent(all -> {
            ArrayNode list = o.putArray("helps");
            all.forEach(h -> help(list.addObject(), h));
        });
        return o.toPrettyString() + "\n";
    }

    private static void help(ObjectNode o, Help help) {
        o.put("kind", Wordbook.key(help.kind())).put("what", help.words());
        Help.Saving saving = help.saving();
        o.putObject("saves")
                .put("seconds", rounded(saving.seconds()))
                .put("share", rounded(saving.share()))
                .put("wait", rounded(saving.after().usual()))
                .put("waitBefore", rounded(saving.before().usual()));
        ObjectNode costs = o.putObject("costs");
        ObjectNode gear = costs.putObject("gear");
        help.price()
                .gear()
                .gear()
                .forEach((kind, colours) ->
                        gear.put(Wordbook.key(kind), help.price().gear().of(kind)));
        costs.put("balls", help.price().gear().balls())
                .put("coaches", help.price().coaches())
                .put("crossings", help.price().crossings());
        help.price()
                .ground()
                .ifPresent(g -> costs.putArray("ground").add(rounded(g.along())).add(rounded(g.across())));
        o.putObject("asked")
                .put("people", help.asked().people())
                .put("copies", help.asked().copies());
    }

    private static void rep(ObjectNode o, Flow.Rep rep) {
        o.put("n", rep.n())
                .put("t", rounded(rep.t()))
                .put("side", rep.side().name().toLowerCase(Locale.ROOT))
                .put("copy", rep.copy());
        ObjectNode cast = o.putObject("cast");
        rep.cast().forEach(cast::put);
        o.put("over", rounded(rep.over())).put("held", rounded(rep.held()));
    }

    private static void each(ObjectNode o, Flow.Each each) {
        o.put("copy", each.copy()).put("reps", each.reps());
        ObjectNode roles = o.putObject("roles");
        for (Map.Entry<String, Integer> role : each.roles().entrySet()) {
            roles.put(role.getKey(), role.getValue());
        }
        double busy = rounded(each.seconds(Doing.BUSY));
        double way = rounded(each.seconds(Doing.ON_THE_WAY));
        double all = each.spans().stream().mapToDouble(Flow.Span::seconds).sum();
        o.put("busy", busy)
                .put("onTheWay", way)
                .put("waiting", rounded(all - busy - way))
                .put("longestWait", rounded(each.longestWait()))
                .put("metres", rounded(each.metres()))
                .put("sprints", each.sprints())
                .put("touches", each.touches())
                .put("shots", each.shots());
        DrillWriter.texts(o, "with", each.with().stream().sorted().toList());
    }

    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }
}

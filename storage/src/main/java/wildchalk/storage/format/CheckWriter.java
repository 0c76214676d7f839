package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.TreeMap;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.wording.Wordbook;

/** Writes what was found in drills as JSON, as {@code docs/format/check.md} describes it. */
public final class CheckWriter {

    private static final int VERSION = 1;
    private static final double MILLI = 1000;

    private CheckWriter() {}

    /**
     * A drill that was looked over.
     *
     * @param file its name
     * @param title of the drill
     */
    public record Checked(String file, String title, LookOver over) {}

    /** The text of the file. */
    public static String write(List<Checked> all) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("format", "wild-chalk-check")
                .put("version", VERSION);
        ArrayNode drills = o.putArray("drills");
        for (Checked checked : all) {
            ObjectNode drill = drills.addObject().put("file", checked.file()).put("title", checked.title());
            ArrayNode findings = drill.putArray("findings");
            checked.over().found().forEach(s -> finding(findings.addObject(), s));
            ArrayNode left = drill.putArray("left");
            checked.over().left().forEach(l -> {
                ObjectNode one = left.addObject();
                finding(one, l.spotted());
                one.put("reason", l.why().reason()).put("printed", l.why().printed());
            });
        }
        return o.toPrettyString() + "\n";
    }

    private static void finding(ObjectNode o, Spotted s) {
        o.put("check", s.check())
                .put("weight", Wordbook.key(s.weight()))
                .put("sure", Wordbook.key(s.sure()))
                .put("words", s.finding().words())
                .put("advice", s.advice());
        s.scene().rung().ifPresent(r -> o.put("stage", r));
        if (!s.scene().way().of().isEmpty()) {
            ObjectNode way = o.putObject("reads");
            new TreeMap<>(s.scene().way().of()).forEach(way::put);
        }
        s.t().ifPresent(t -> o.put("t", rounded(t)));
        s.scene().at().ifPresent(at -> o.putArray("at").add(rounded(at.x())).add(rounded(at.y())));
        s.scene().metres().ifPresent(m -> o.put("metres", rounded(m)));
        ArrayNode about = o.putArray("about");
        s.who().forEach(about::add);
        ArrayNode mends = o.putArray("mends");
        s.finding().mends().forEach(m -> mends.add(m.words()));
    }

    private static double rounded(double value) {
        return Math.round(value * MILLI) / MILLI;
    }
}

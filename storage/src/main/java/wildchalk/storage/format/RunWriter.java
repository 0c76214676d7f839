package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import wildchalk.core.pitchside.Running;

/** Writes a practice that was run as JSON, as {@code docs/format/run.md} describes it. */
public final class RunWriter {

    /** The version of the format that is written, and the newest that is read. */
    static final int VERSION = 1;

    private RunWriter() {}

    /** The text of a run; reading it gives the same. */
    public static String write(Running run) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("format", FileText.Form.RUN.format())
                .put("version", VERSION)
                .put("id", run.id())
                .put("title", run.title());
        if (run.of() > 0) {
            o.put("practiceVersion", run.of());
        }
        o.put("begun", run.chance().begun()).put("seed", run.chance().seed());
        if (run.over()) {
            o.put("over", true);
        }
        DeedForm.stretches(o.putArray("course"), run.course().stretches());
        ArrayNode moments = o.putArray("moments");
        for (Running.Moment moment : run.moments()) {
            DeedForm.write(moments.addObject().put("at", moment.clock()).put("wall", moment.wall()), moment.deed());
        }
        o.set("practice", PracticeWriter.node(run.practice()));
        // A line for each thing that was done: hundreds of them are written again with each.
        return o.toString() + "\n";
    }
}

package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.format.DateTimeFormatter;
import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Change;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/**
 * Writes a practice along the clock as JSON, with what was found in it, as {@code docs/format/plan.md} describes it.
 */
public final class PlanWriter {

    private static final int VERSION = 1;
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm:ss");

    private PlanWriter() {}

    /** The text. */
    public static String write(Practice practice, Plan plan, List<Finding<Practice>> findings) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("format", "wild-chalk-plan")
                .put("version", VERSION)
                .put("title", practice.title());
        ArrayNode blocks = o.putArray("blocks");
        for (Plan.Entry entry : plan.entries()) {
            ObjectNode block = blocks.addObject()
                    .put("id", entry.block().id())
                    .put("what", BlockWords.of(entry.block()))
                    .put("start", time(practice, entry.start()))
                    .put("end", time(practice, entry.end()))
                    .put("minutes", entry.block().time().now());
            ArrayNode before = block.putArray("before");
            for (Change.Part part : entry.before().parts()) {
                before.addObject()
                        .put("doing", DrillWriter.word(part.doing()))
                        .put("seconds", part.seconds())
                        .put("words", part.words());
            }
        }
        o.put("seconds", plan.seconds())
                .put("between", plan.between())
                .put("over", Math.max(0, plan.seconds() - practice.slot().seconds()));
        ArrayNode found = o.putArray("findings");
        for (Finding<Practice> finding : findings) {
            ObjectNode one = found.addObject()
                    .put("check", finding.check())
                    .put("weight", DrillWriter.word(finding.weight()))
                    .put("words", finding.words());
            DrillWriter.texts(one, "blocks", finding.where());
            finding.span()
                    .ifPresent(s -> one.put("from", time(practice, s.from())).put("to", time(practice, s.to())));
        }
        return o.toPrettyString() + "\n";
    }

    private static String time(Practice practice, double seconds) {
        return practice.slot().at(seconds).format(CLOCK);
    }
}

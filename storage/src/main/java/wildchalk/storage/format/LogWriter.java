package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.format.DateTimeFormatter;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;

/** Writes the entry of an evening as JSON, as {@code docs/format/log.md} describes it. */
public final class LogWriter {

    /** The version of the format that is written, and the newest that is read. */
    static final int VERSION = 2;

    static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private LogWriter() {}

    /** The text of an entry; reading it gives the same. */
    public static String write(Entry entry) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("format", FileText.Form.LOG.format())
                .put("version", VERSION)
                .put("id", entry.id())
                .put("title", entry.title())
                .put("day", entry.when().day().toString())
                .put("start", entry.when().start().format(CLOCK));
        if (!entry.source().equals(Entry.Source.TYPED)) {
            source(o.putObject("from"), entry.source());
        }
        if (!entry.there().equals(Entry.There.UNKNOWN)) {
            there(o.putObject("there"), entry.there());
        }
        said(o, "thought", entry.thought());
        ArrayNode parts = o.putArray("parts");
        entry.parts().forEach(p -> part(parts.addObject(), p));
        return o.toPrettyString() + "\n";
    }

    private static void said(ObjectNode o, String key, String words) {
        if (!words.isEmpty()) {
            o.put(key, words);
        }
    }

    private static void source(ObjectNode o, Entry.Source source) {
        said(o, "practice", source.practice());
        if (source.version() > 0) {
            o.put("practiceVersion", source.version());
        }
        said(o, "run", source.run());
        if (source.changes() != 1) {
            o.put("changesTake", source.changes());
        }
    }

    private static void there(ObjectNode o, Entry.There there) {
        said(o, "squad", there.squad());
        o.put("people", there.people());
        DrillWriter.texts(o, "known", there.known());
        if (!there.groups().isEmpty()) {
            ArrayNode groups = o.putArray("groups");
            there.groups().forEach(g -> {
                ArrayNode group = groups.addArray();
                g.forEach(group::add);
            });
        }
        DrillWriter.texts(o, "staff", there.staff());
    }

    private static void part(ObjectNode o, Part part) {
        o.put("title", part.title());
        part.drill().ifPresent(d -> {
            o.put("drill", d.id());
            if (d.version() > 0) {
                o.put("drillVersion", d.version());
            }
            said(o, "drillTitle", d.title().equals(part.title()) ? "" : d.title());
        });
        DrillWriter.texts(o, "rungs", part.rungs());
        Part.Time time = part.time();
        o.put("before", time.before())
                .put("plannedBefore", time.plannedBefore())
                .put("seconds", time.ran())
                .put("planned", time.planned());
        if (time.meanwhile()) {
            o.put("meanwhile", true);
        }
        if (part.went() != Part.Went.UNSAID) {
            o.put("went", DrillWriter.word(part.went()));
        }
        said(o, "next", part.next());
        if (!part.result().equals(Part.Result.NONE)) {
            result(o, part.result());
        }
        part.work().ifPresent(w -> work(o.putObject("work"), w));
    }

    private static void work(ObjectNode o, Work work) {
        ObjectNode skills = o.putObject("skills");
        work.skills().forEach((skill, share) -> skills.put(DrillWriter.word(skill), share));
        o.put("share", work.share());
        if (work.contact()) {
            o.put("contact", true);
        }
        ArrayNode each = o.putArray("each");
        // A row for each: twenty people in eight parts would fill pages otherwise.
        work.each().forEach(e -> each.addArray()
                .add(e.who())
                .add(e.busy())
                .add(e.metres())
                .add(e.sprints())
                .add(e.touches())
                .add(e.shots()));
    }

    private static void result(ObjectNode o, Part.Result result) {
        if (!result.counted().isEmpty()) {
            ArrayNode counted = o.putArray("counted");
            for (Part.Counted c : result.counted()) {
                ObjectNode one = counted.addObject().put("what", c.what());
                said(one, "who", c.who());
                one.put("made", c.made());
                if (c.missed() > 0) {
                    one.put("missed", c.missed());
                }
                if (c.worth() != 1) {
                    one.put("worth", c.worth());
                }
            }
        }
        if (result.calls() > 0) {
            o.put("calls", result.calls());
        }
        if (!result.timed().isEmpty()) {
            ArrayNode timed = o.putArray("timed");
            for (Part.Timed t : result.timed()) {
                ObjectNode one = timed.addObject().put("what", t.what());
                said(one, "who", t.who());
                one.put("metres", t.metres());
                ArrayNode splits = one.putArray("splits");
                t.splits().forEach(splits::add);
            }
        }
        DrillWriter.texts(o, "notes", result.notes());
    }
}

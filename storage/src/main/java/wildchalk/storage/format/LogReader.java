package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.core.log.Work;
import wildchalk.core.practice.Content;
import wildchalk.core.wording.Wordbook;

/** Reads the entry of an evening from JSON and refuses what is not sound with one plain line. */
public final class LogReader {

    private static final Wordbook BOOK = Wordbook.beside(LogReader.class, "Log");

    private final FileText text;

    private LogReader(FileText text) {
        this.text = text;
    }

    /** Whether it is meant to be a log file, sound or not. */
    public static boolean isLog(Path file) {
        return FileText.isMeant(file, FileText.Form.LOG);
    }

    /**
     * Reads a log file.
     *
     * @throws FormatException when it cannot be read or is not sound; the message names the file
     */
    public static Entry read(Path file) throws FormatException {
        return FileText.read(file, FileText.Form.LOG, LogReader::read);
    }

    /**
     * Reads the text of an entry.
     *
     * @throws FormatException when it is not sound
     */
    public static Entry read(String json) throws FormatException {
        return new LogReader(FileText.checked(json, FileText.Form.LOG)).entry();
    }

    /**
     * Reads what a book has kept, which was looked over when it was written: ten times as fast.
     *
     * @throws FormatException when it is no entry after all
     */
    public static Entry kept(String json) throws FormatException {
        return new LogReader(FileText.written(json, FileText.Form.LOG)).entry();
    }

    private FormatException refused(JsonNode at, String key, Object... values) {
        return new FormatException(text.where(text.pointerOf(at)) + BOOK.say(key, values));
    }

    private Entry entry() throws FormatException {
        JsonNode o = text.root();
        List<Part> parts = new ArrayList<>();
        for (JsonNode part : o.path("parts")) {
            parts.add(part(part));
        }
        JsonNode from = o.path("from");
        return new Entry(
                o.path("id").asText(),
                o.path("title").asText(),
                new Entry.When(day(o.path("day")), start(o.path("start"))),
                new Entry.Source(
                        from.path("practice").asText(""),
                        from.path("practiceVersion").asLong(0),
                        from.path("run").asText(""),
                        from.path("changesTake").asDouble(1)),
                there(o.path("there")),
                parts,
                o.path("thought").asText(""));
    }

    private LocalDate day(JsonNode o) throws FormatException {
        try {
            return LocalDate.parse(o.asText());
        } catch (DateTimeException e) {
            throw refused(o, "day");
        }
    }

    private LocalTime start(JsonNode o) throws FormatException {
        try {
            return LocalTime.parse(o.asText());
        } catch (DateTimeException e) {
            throw refused(o, "start");
        }
    }

    private Entry.There there(JsonNode o) throws FormatException {
        List<String> known = texts(o.path("known"));
        int people = o.path("people").asInt(0);
        if (people < known.size()) {
            throw refused(o, "people", people, known.size());
        }
        List<List<String>> groups = new ArrayList<>();
        o.path("groups").forEach(g -> groups.add(texts(g)));
        return new Entry.There(o.path("squad").asText(""), people, known, groups, texts(o.path("staff")));
    }

    private static List<String> texts(JsonNode array) {
        List<String> all = new ArrayList<>();
        array.forEach(t -> all.add(t.asText()));
        return all;
    }

    private Part part(JsonNode o) throws FormatException {
        String title = o.path("title").asText();
        Optional<Content.Planned> drill = o.has("drill")
                ? Optional.of(new Content.Planned(
                        o.path("drill").asText(),
                        o.path("drillVersion").asLong(0),
                        o.path("drillTitle").asText(title)))
                : Optional.empty();
        List<Part.Timed> timed = new ArrayList<>();
        for (JsonNode t : o.path("timed")) {
            timed.add(timed(t));
        }
        List<Part.Counted> counted = new ArrayList<>();
        for (JsonNode c : o.path("counted")) {
            counted.add(new Part.Counted(
                    c.path("what").asText(),
                    c.path("who").asText(""),
                    c.path("made").asInt(),
                    c.path("missed").asInt(0),
                    c.path("worth").asInt(1)));
        }
        return new Part(
                title,
                drill,
                texts(o.path("rungs")),
                new Part.Time(
                        o.path("before").asInt(0),
                        o.path("plannedBefore").asInt(0),
                        o.path("seconds").asInt(),
                        o.path("planned").asInt(0),
                        o.path("meanwhile").asBoolean(false)),
                DrillReader.value(o, "went", Part.Went.UNSAID),
                o.path("next").asText(""),
                new Part.Result(counted, o.path("calls").asInt(0), timed, texts(o.path("notes"))),
                o.has("work") ? Optional.of(work(o.path("work"))) : Optional.empty());
    }

    private static Work work(JsonNode o) {
        Map<Skill, Double> skills = new EnumMap<>(Skill.class);
        for (Map.Entry<String, JsonNode> skill : o.path("skills").properties()) {
            skills.put(
                    Skill.valueOf(skill.getKey().toUpperCase(Locale.ROOT).replace('-', '_')),
                    skill.getValue().asDouble());
        }
        List<Work.Each> each = new ArrayList<>();
        for (JsonNode e : o.path("each")) {
            each.add(new Work.Each(
                    e.get(0).asText(),
                    e.get(1).asDouble(),
                    e.get(2).asDouble(),
                    e.get(3).asDouble(),
                    e.get(4).asDouble(),
                    e.get(5).asDouble()));
        }
        return new Work(skills, o.path("share").asDouble(1), o.path("contact").asBoolean(false), each);
    }

    private Part.Timed timed(JsonNode o) throws FormatException {
        List<Long> splits = new ArrayList<>();
        long before = 0;
        for (JsonNode split : o.path("splits")) {
            if (split.asLong() <= before) {
                throw refused(split, "splits");
            }
            before = split.asLong();
            splits.add(before);
        }
        return new Part.Timed(
                o.path("what").asText(),
                o.path("who").asText(""),
                o.path("metres").asDouble(0),
                splits);
    }
}

package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.effort.Effort;
import wildchalk.core.practice.Bag;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.wording.Wordbook;

/** Reads a practice from JSON and refuses what is not sound with one plain line. */
public final class PracticeReader {

    private static final Wordbook BOOK = Wordbook.beside(PracticeReader.class, "Practice");

    private final FileText text;
    private final Set<String> ids = new HashSet<>();

    private PracticeReader(FileText text) {
        this.text = text;
    }

    /**
     * A practice with the drills that came with it.
     *
     * @param drills by their ids; those that the file only names are not in it
     */
    public record Carried(Practice practice, Map<String, Drill> drills) {
        public Carried {
            drills = Map.copyOf(drills);
        }
    }

    /** Whether it is meant to be a practice file, sound or not. */
    public static boolean isPractice(Path file) {
        return FileText.isMeant(file, FileText.Form.PRACTICE);
    }

    /**
     * Reads a practice file with the drills in it.
     *
     * @throws FormatException when it cannot be read or is not sound; the message names the file
     */
    public static Carried read(Path file, Surfaces surfaces) throws FormatException {
        return FileText.read(
                file, FileText.Form.PRACTICE, json -> new PracticeReader(FileText.checked(json, FileText.Form.PRACTICE))
                        .carried(surfaces));
    }

    /**
     * Reads the text of a practice file.
     *
     * @throws FormatException when it is not sound
     */
    public static Practice read(String json) throws FormatException {
        return new PracticeReader(FileText.checked(json, FileText.Form.PRACTICE)).practice();
    }

    private FormatException refused(JsonNode at, String key, Object... values) {
        return new FormatException(text.where(text.pointerOf(at)) + BOOK.say(key, values));
    }

    private Carried carried(Surfaces surfaces) throws FormatException {
        Practice practice = practice();
        Map<String, Drill> drills = new HashMap<>();
        for (JsonNode drill : text.root().path("drills")) {
            Drill read = DrillReader.told(drill.toString(), surfaces).document();
            drills.put(read.id(), read);
        }
        return new Carried(practice, drills);
    }

    private Practice practice() throws FormatException {
        JsonNode o = text.root();
        Slot slot = new Slot(
                day(o.path("day")), start(o.path("start")), o.path("minutes").asInt());
        List<Block> blocks = blocks(o.path("blocks"), false);
        return new Practice(
                o.path("id").asText(),
                o.path("title").asText(),
                Math.max(o.path("ids").asInt(0), highest()),
                slot,
                o.path("surface").asText(""),
                o.path("theme").asText(""),
                new Practice.Setting(
                        company(o.path("company")),
                        bag(o.path("bag")),
                        o.path("ground").asText(""),
                        DrillReader.value(o, "heat", Practice.Heat.MILD),
                        warned(o.path("warned")),
                        BesideForm.part(o.path("part")).orElseThrow(() -> refused(o.path("part"), "part")),
                        o.path("changesTake").asDouble(1)),
                blocks);
    }

    /** The highest number among ids that look as those that are given. */
    private int highest() {
        return ids.stream()
                .filter(i -> i.matches("b[0-9]{1,8}"))
                .mapToInt(i -> Integer.parseInt(i.substring(1)))
                .max()
                .orElse(0);
    }

    private Optional<LocalDate> day(JsonNode o) throws FormatException {
        try {
            return o.isMissingNode() ? Optional.empty() : Optional.of(LocalDate.parse(o.asText()));
        } catch (DateTimeException e) {
            throw refused(o, "day");
        }
    }

    private LocalTime start(JsonNode o) throws FormatException {
        try {
            return LocalTime.parse(o.asText());
        } catch (DateTimeException e) {
            throw refused(o, "time");
        }
    }

    private Company company(JsonNode o) throws FormatException {
        int people = o.path("people").asInt(0);
        int keepers = o.path("keepers").asInt(0);
        int unheard = o.path("unheard").asInt(0);
        if (keepers > people) {
            throw refused(o.path("keepers"), "keepers", keepers, people);
        }
        if (unheard > people) {
            throw refused(o.path("unheard"), "unheard", unheard, people);
        }
        List<Integer> groups = new ArrayList<>();
        o.path("groups").forEach(g -> groups.add(g.asInt()));
        List<Company.Late> late = new ArrayList<>();
        for (JsonNode each : o.path("late")) {
            late.add(new Company.Late(
                    start(each.path("from")),
                    each.path("group").asInt(0),
                    each.path("keeper").asBoolean(false)));
        }
        return new Company(
                o.path("squad").asText(""),
                new Company.Heads(people, keepers, o.path("staff").asInt(0), unheard),
                groups,
                late,
                DrillReader.texts(o.path("absent")),
                DrillReader.value(o, "age", Effort.Level.ADULT));
    }

    private static Practice.Warned warned(JsonNode o) {
        return new Practice.Warned(
                o.path("seconds").asInt(Practice.Warned.USUAL.seconds()),
                o.path("ticks").asBoolean(true),
                o.path("horn").asBoolean(true));
    }

    private Bag bag(JsonNode o) throws FormatException {
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        for (Map.Entry<String, JsonNode> each : o.path("gear").properties()) {
            GearKind kind = Arrays.stream(GearKind.values())
                    .filter(k -> DrillWriter.word(k).equals(each.getKey()))
                    .findFirst()
                    .orElseThrow(() -> refused(each.getValue(), "gear", each.getKey()));
            gear.put(kind, each.getValue().asInt());
        }
        return new Bag(gear, o.has("balls") ? OptionalInt.of(o.path("balls").asInt()) : OptionalInt.empty());
    }

    private List<Block> blocks(JsonNode array, boolean beside) throws FormatException {
        List<Block> blocks = new ArrayList<>();
        for (JsonNode o : array) {
            if (!ids.add(o.path("id").asText())) {
                throw refused(o.path("id"), "twice");
            }
            if (beside && o.path("kind").asText().equals("beside")) {
                throw refused(o.path("kind"), "beside");
            }
            int now = o.path("minutes").asInt();
            int least = o.path("least").asInt(now);
            int most = o.path("most").asInt(now);
            if (least > now || most < now) {
                throw refused(o.path("minutes"), "minutes", now, least, most);
            }
            blocks.add(new Block(
                    o.path("id").asText(),
                    content(o),
                    new Block.Time(least, now, most),
                    !o.path("nice").asBoolean(false),
                    o.path("group").asInt(0),
                    o.path("lead").asText(""),
                    o.path("note").asText(""),
                    o.has("before") ? OptionalInt.of(o.path("before").asInt()) : OptionalInt.empty()));
        }
        return blocks;
    }

    private Content content(JsonNode o) throws FormatException {
        String words = o.path("words").asText("");
        return switch (o.path("kind").asText()) {
            case "drill" -> play(o);
            case "game" -> new Content.Game(
                    words, area(o.path("area")), o.path("scoring").asText(""));
            case "beside" -> {
                if (o.path("blocks").isMissingNode()) {
                    throw refused(o, "blocks.missing");
                }
                List<Block> blocks = blocks(o.path("blocks"), true);
                Optional<String> stranger = BesideForm.stranger(o.path("round"), blocks);
                if (stranger.isPresent()) {
                    throw refused(o.path("round"), "round", stranger.orElseThrow());
                }
                yield BesideForm.read(o, blocks);
            }
            default -> new Content.Words(DrillReader.value(o, "kind", Content.Sort.FREE), words);
        };
    }

    private static Optional<Content.Area> area(JsonNode o) {
        return o.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Content.Area(
                        o.path("length").asDouble(), o.path("width").asDouble()));
    }

    private static List<Content.Climb> climbs(JsonNode array) {
        List<Content.Climb> climbs = new ArrayList<>();
        for (JsonNode each : array) {
            climbs.add(
                    each.isTextual()
                            ? Content.Climb.of(each.asText())
                            : new Content.Climb(
                                    each.path("rung").asText(),
                                    each.path("minutes").asInt(0),
                                    each.path("when").asText("")));
        }
        return climbs;
    }

    private Content play(JsonNode o) throws FormatException {
        if (o.path("drill").isMissingNode()) {
            throw refused(o, "drill.missing");
        }
        return new Content.Play(
                new Content.Planned(
                        o.path("drill").asText(),
                        o.path("drillVersion").asLong(0),
                        o.path("title").asText(o.path("drill").asText())),
                climbs(o.path("rungs")),
                o.path("copies").asInt(1),
                DrillReader.value(o, "told", Content.Telling.FRESH));
    }
}

package wildchalk.storage.format;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.colour.Bib;
import wildchalk.core.grouping.Handed;
import wildchalk.core.grouping.Style;
import wildchalk.core.grouping.Wish;
import wildchalk.core.squad.Caution;
import wildchalk.core.squad.Evening;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Sprint;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;

/** Reads a squad from JSON and refuses what is not sound with one plain line. */
public final class SquadReader {

    private static final Wordbook BOOK = Wordbook.beside(SquadReader.class, "Squad");

    private final FileText text;
    private final Set<String> ids = new HashSet<>();

    private SquadReader(FileText text) {
        this.text = text;
    }

    /** Whether it is meant to be a squad file, sound or not. */
    public static boolean isSquad(Path file) {
        return FileText.isMeant(file, FileText.Form.SQUAD);
    }

    /**
     * Reads a squad file.
     *
     * @throws FormatException when it cannot be read or is not sound; the message names the file
     */
    public static Squad read(Path file) throws FormatException {
        return FileText.read(file, FileText.Form.SQUAD, SquadReader::read);
    }

    /**
     * Reads the text of a squad file.
     *
     * @throws FormatException when it is not sound
     */
    public static Squad read(String json) throws FormatException {
        SquadReader reader = new SquadReader(FileText.checked(json, FileText.Form.SQUAD));
        return reader.squad();
    }

    private FormatException refused(JsonNode at, String key, Object... values) {
        return new FormatException(text.where(text.pointerOf(at)) + BOOK.say(key, values));
    }

    private Squad squad() throws FormatException {
        JsonNode o = text.root();
        List<Member> people = people(o.path("people"));
        List<Helper> staff = new ArrayList<>();
        for (JsonNode h : o.path("staff")) {
            once(h);
            staff.add(new Helper(
                    h.path("id").asText(),
                    h.path("name").asText(),
                    DrillReader.value(h, "duty", Helper.Duty.HELPER),
                    texts(h.path("leads"))));
        }
        List<List<List<String>>> lately = new ArrayList<>();
        for (JsonNode evening : o.path("lately")) {
            List<List<String>> groups = new ArrayList<>();
            evening.forEach(g -> groups.add(texts(g)));
            lately.add(groups);
        }
        Evening tonight = evening(o.path("tonight"));
        return new Squad(
                o.path("id").asText(),
                o.path("title").asText(),
                Math.max(o.path("ids").asInt(0), highest()),
                new Squad.Usual(
                        o.path("surface").asText(""), DrillReader.value(o, "level", Squad.Usual.UNSAID.level())),
                people,
                staff,
                tonight,
                lately);
    }

    /** The highest number among ids that look as those that are given: nobody may get one of theirs. */
    private int highest() {
        return ids.stream()
                .filter(i -> i.matches("m[0-9]{1,8}"))
                .mapToInt(i -> Integer.parseInt(i.substring(1)))
                .max()
                .orElse(0);
    }

    private void once(JsonNode o) throws FormatException {
        if (!ids.add(o.path("id").asText())) {
            throw refused(o.path("id"), "twice");
        }
    }

    private List<Member> people(JsonNode all) throws FormatException {
        List<Member> people = new ArrayList<>();
        for (JsonNode o : all) {
            once(o);
            people.add(member(o));
        }
        return people;
    }

    private Member member(JsonNode o) throws FormatException {
        List<Sprint> sprints = new ArrayList<>();
        o.path("sprints")
                .forEach(s -> sprints.add(new Sprint(
                        s.path("metres").asDouble(), s.path("seconds").asDouble())));
        List<Caution> cautions = new ArrayList<>();
        for (JsonNode c : o.path("cautions")) {
            cautions.add(new Caution(
                    DrillReader.value(c, "from", Caution.From.OTHER),
                    c.path("words").asText(""),
                    day(c.path("until"))));
        }
        return new Member(
                o.path("id").asText(),
                o.path("name").asText(),
                o.path("number").asText(""),
                texts(o.path("positions")),
                DrillReader.value(o, "side", Handed.UNSAID),
                new Member.Level(o.path("strength").asInt(0), o.path("speed").asDouble(0), sprints),
                cautions,
                o.path("word").asText(""));
    }

    private static List<String> texts(JsonNode array) {
        List<String> texts = new ArrayList<>();
        array.forEach(t -> texts.add(t.asText()));
        return texts;
    }

    private Optional<LocalDate> day(JsonNode o) throws FormatException {
        try {
            return o.isMissingNode() ? Optional.empty() : Optional.of(LocalDate.parse(o.asText()));
        } catch (DateTimeException e) {
            throw refused(o, "day");
        }
    }

    private Optional<LocalTime> time(JsonNode o) throws FormatException {
        try {
            return o.isMissingNode() ? Optional.empty() : Optional.of(LocalTime.parse(o.asText()));
        } catch (DateTimeException e) {
            throw refused(o, "time");
        }
    }

    private void known(JsonNode at, String id) throws FormatException {
        if (!ids.contains(id)) {
            throw refused(at, "nobody", id);
        }
    }

    private Evening evening(JsonNode o) throws FormatException {
        if (o.isMissingNode()) {
            return Evening.UNSAID;
        }
        List<Member> guests = people(o.path("guests"));
        Map<String, Presence> presence = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> each : o.path("presence").properties()) {
            known(each.getValue(), each.getKey());
            presence.put(
                    each.getKey(),
                    new Presence(
                            DrillReader.value(each.getValue(), "state", Presence.State.THERE),
                            time(each.getValue().path("from"))));
        }
        Optional<Groups> groups =
                o.path("groups").isMissingNode() ? Optional.empty() : Optional.of(groups(o.path("groups")));
        return new Evening(day(o.path("day")), presence, guests, groups);
    }

    private Groups groups(JsonNode o) throws FormatException {
        List<Groups.Group> groups = new ArrayList<>();
        Set<String> placed = new HashSet<>();
        for (JsonNode g : o.path("groups")) {
            for (JsonNode p : g.path("people")) {
                known(p, p.asText());
                if (!placed.add(p.asText())) {
                    throw refused(p, "two.groups", p.asText());
                }
            }
            groups.add(new Groups.Group(DrillReader.value(g, "bib", Bib.CORAL), texts(g.path("people"))));
        }
        List<Wish> wishes = new ArrayList<>();
        for (JsonNode w : o.path("wishes")) {
            wishes.add(wish(w, groups.size()));
        }
        return new Groups(
                DrillReader.value(o, "style", Style.EVEN),
                wishes,
                o.path("seed").asLong(0),
                groups);
    }

    private Wish wish(JsonNode o, int groups) throws FormatException {
        WishForm form = Word.find(WishForm.values(), o.path("kind").asText()).orElseThrow();
        List<String> people = WishForm.people(o);
        for (String person : people) {
            known(o.path("people"), person);
        }
        if (people.size() < form.fewest()) {
            throw refused(o, "people.missing", form.fewest());
        }
        if (form == WishForm.IN_EACH && o.path("position").isMissingNode()) {
            throw refused(o, "position.missing");
        }
        if (form == WishForm.PINNED && o.path("group").asInt(1) > groups) {
            throw refused(o.path("group"), "group.none", o.path("group").asInt(), groups);
        }
        return form.read(o);
    }
}

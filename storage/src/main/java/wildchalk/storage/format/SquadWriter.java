package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import wildchalk.core.grouping.Handed;
import wildchalk.core.grouping.Wish;
import wildchalk.core.grouping.WishCases;
import wildchalk.core.squad.Caution;
import wildchalk.core.squad.Evening;
import wildchalk.core.squad.Groups;
import wildchalk.core.squad.Helper;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Presence;
import wildchalk.core.squad.Sprint;
import wildchalk.core.squad.Squad;

/** Writes a squad as JSON, as {@code docs/format/squad.md} describes it: whatever is usual is left out. */
public final class SquadWriter {

    /** The version of the format that is written, and the newest that is read. */
    static final int VERSION = 1;

    private SquadWriter() {}

    /** The text of a squad file; reading it gives the same squad. */
    public static String write(Squad squad) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("format", FileText.Form.SQUAD.format())
                .put("version", VERSION)
                .put("id", squad.id())
                .put("title", squad.title())
                .put("ids", squad.ids());
        if (!squad.usual().surface().isEmpty()) {
            o.put("surface", squad.usual().surface());
        }
        if (squad.usual().level() != Squad.Usual.UNSAID.level()) {
            o.put("level", DrillWriter.word(squad.usual().level()));
        }
        people(o, "people", squad.people());
        if (!squad.staff().isEmpty()) {
            ArrayNode staff = o.putArray("staff");
            squad.staff().forEach(h -> helper(staff.addObject(), h));
        }
        if (!squad.tonight().equals(Evening.UNSAID)) {
            evening(o.putObject("tonight"), squad.tonight());
        }
        if (!squad.lately().isEmpty()) {
            ArrayNode lately = o.putArray("lately");
            for (List<List<String>> evening : squad.lately()) {
                ArrayNode groups = lately.addArray();
                evening.forEach(g -> ids(groups.addArray(), g));
            }
        }
        return o.toPrettyString() + "\n";
    }

    private static void ids(ArrayNode array, List<String> ids) {
        ids.forEach(array::add);
    }

    private static void people(ObjectNode o, String key, List<Member> people) {
        ArrayNode array = o.putArray(key);
        people.forEach(p -> member(array.addObject(), p));
    }

    private static void member(ObjectNode o, Member m) {
        o.put("id", m.id()).put("name", m.name());
        said(o, "number", m.number());
        if (!m.positions().isEmpty()) {
            DrillWriter.texts(o, "positions", m.positions());
        }
        if (m.side() != Handed.UNSAID) {
            o.put("side", DrillWriter.word(m.side()));
        }
        if (m.level().strength() > 0) {
            o.put("strength", m.level().strength());
        }
        if (m.level().speed() > 0) {
            o.put("speed", m.level().speed());
        }
        if (!m.level().sprints().isEmpty()) {
            ArrayNode sprints = o.putArray("sprints");
            for (Sprint s : m.level().sprints()) {
                sprints.addObject().put("metres", s.metres()).put("seconds", s.seconds());
            }
        }
        if (!m.cautions().isEmpty()) {
            ArrayNode cautions = o.putArray("cautions");
            m.cautions().forEach(c -> caution(cautions.addObject(), c));
        }
        said(o, "word", m.word());
    }

    private static void caution(ObjectNode o, Caution caution) {
        o.put("from", DrillWriter.word(caution.from()));
        said(o, "words", caution.words());
        caution.until().ifPresent(day -> o.put("until", day.toString()));
    }

    private static void said(ObjectNode o, String key, String value) {
        if (!value.isEmpty()) {
            o.put(key, value);
        }
    }

    private static void helper(ObjectNode o, Helper helper) {
        o.put("id", helper.id()).put("name", helper.name()).put("duty", DrillWriter.word(helper.duty()));
        if (!helper.leads().isEmpty()) {
            DrillWriter.texts(o, "leads", helper.leads());
        }
    }

    private static void evening(ObjectNode o, Evening evening) {
        evening.day().ifPresent(day -> o.put("day", day.toString()));
        if (!evening.presence().isEmpty()) {
            ObjectNode presence = o.putObject("presence");
            evening.presence().forEach((who, how) -> presence(presence.putObject(who), how));
        }
        if (!evening.guests().isEmpty()) {
            people(o, "guests", evening.guests());
        }
        evening.groups().ifPresent(g -> groups(o.putObject("groups"), g));
    }

    private static void presence(ObjectNode o, Presence how) {
        o.put("state", DrillWriter.word(how.state()));
        how.from().ifPresent(t -> o.put("from", t.toString()));
    }

    private static void groups(ObjectNode o, Groups groups) {
        o.put("style", DrillWriter.word(groups.style())).put("seed", groups.seed());
        if (!groups.wishes().isEmpty()) {
            ArrayNode wishes = o.putArray("wishes");
            for (Wish wish : groups.wishes()) {
                wish.match(new OfWish(wishes.addObject())).put("must", wish.must());
            }
        }
        ArrayNode all = o.putArray("groups");
        for (Groups.Group group : groups.groups()) {
            ObjectNode one = all.addObject().put("bib", DrillWriter.word(group.bib()));
            ids(one.putArray("people"), group.people());
        }
    }

    /** What is written of each kind of wish. */
    private record OfWish(ObjectNode o) implements WishCases<ObjectNode> {

        private ObjectNode kind(WishForm form) {
            return o.put("kind", form.word());
        }

        private ObjectNode about(WishForm form, List<String> people) {
            kind(form);
            ids(o.putArray("people"), people);
            return o;
        }

        @Override
        public ObjectNode together(Wish.Together wish) {
            return about(WishForm.TOGETHER, wish.people());
        }

        @Override
        public ObjectNode apart(Wish.Apart wish) {
            return about(WishForm.APART, wish.people());
        }

        @Override
        public ObjectNode pinned(Wish.Pinned wish) {
            return about(WishForm.PINNED, List.of(wish.person())).put("group", wish.group() + 1);
        }

        @Override
        public ObjectNode inEach(Wish.InEach wish) {
            return kind(WishForm.IN_EACH).put("position", wish.position());
        }

        @Override
        public ObjectNode bothSides(Wish.BothSides wish) {
            return kind(WishForm.BOTH_SIDES);
        }

        @Override
        public ObjectNode lateLast(Wish.LateLast wish) {
            return kind(WishForm.LATE_LAST);
        }

        @Override
        public ObjectNode easyTogether(Wish.EasyTogether wish) {
            return kind(WishForm.EASY_TOGETHER);
        }
    }
}

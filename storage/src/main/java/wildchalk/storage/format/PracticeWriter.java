package wildchalk.storage.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.format.DateTimeFormatter;
import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.effort.Effort;
import wildchalk.core.practice.Bag;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;

/** Writes a practice as JSON, as {@code docs/format/practice.md} describes it: whatever is usual is left out. */
public final class PracticeWriter {

    /** The version of the format that is written, and the newest that is read. */
    static final int VERSION = 1;

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private PracticeWriter() {}

    /** The text of a practice that names its drills; reading it gives the same practice. */
    public static String write(Practice practice) {
        return node(practice).toPrettyString() + "\n";
    }

    /** The text of a practice that carries its drills, so that it can be read elsewhere: versions say nothing there. */
    public static String write(Practice practice, List<Drill> drills) {
        ObjectNode o = node(practice.planning(p -> new Content.Planned(p.id(), 0, p.title())));
        ArrayNode all = o.putArray("drills");
        drills.forEach(d -> all.add(DrillWriter.tree(d)));
        return o.toPrettyString() + "\n";
    }

    static ObjectNode node(Practice practice) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("format", FileText.Form.PRACTICE.format())
                .put("version", VERSION)
                .put("id", practice.id())
                .put("title", practice.title())
                .put("ids", practice.ids());
        practice.slot().day().ifPresent(d -> o.put("day", d.toString()));
        o.put("start", practice.slot().start().format(CLOCK))
                .put("minutes", practice.slot().minutes());
        said(o, "surface", practice.surface());
        said(o, "theme", practice.theme());
        said(o, "ground", practice.setting().ground());
        if (practice.setting().heat() != Practice.Heat.MILD) {
            o.put("heat", DrillWriter.word(practice.setting().heat()));
        }
        Practice.Warned warned = practice.setting().warned();
        if (!warned.equals(Practice.Warned.USUAL)) {
            o.putObject("warned")
                    .put("seconds", warned.seconds())
                    .put("ticks", warned.ticks())
                    .put("horn", warned.horn());
        }
        if (practice.setting().changes() != 1) {
            o.put("changesTake", practice.setting().changes());
        }
        if (!practice.setting().part().isWhole()) {
            BesideForm.write(o.putObject("part"), practice.setting().part());
        }
        if (!practice.company().equals(Company.UNSAID)) {
            company(o.putObject("company"), practice.company());
        }
        if (!practice.bag().equals(Bag.UNCOUNTED)) {
            bag(o.putObject("bag"), practice.bag());
        }
        blocks(o.putArray("blocks"), practice.blocks());
        return o;
    }

    private static void said(ObjectNode o, String key, String words) {
        if (!words.isEmpty()) {
            o.put(key, words);
        }
    }

    private static void counted(ObjectNode o, String key, int n) {
        if (n > 0) {
            o.put(key, n);
        }
    }

    private static void company(ObjectNode o, Company company) {
        said(o, "squad", company.squad());
        counted(o, "people", company.people());
        counted(o, "keepers", company.keepers());
        counted(o, "staff", company.staff());
        counted(o, "unheard", company.heads().unheard());
        if (company.age() != Effort.Level.ADULT) {
            o.put("age", DrillWriter.word(company.age()));
        }
        DrillWriter.texts(o, "absent", company.absent());
        if (!company.groups().isEmpty()) {
            ArrayNode groups = o.putArray("groups");
            company.groups().forEach(groups::add);
        }
        if (!company.late().isEmpty()) {
            late(o.putArray("late"), company);
        }
    }

    private static void late(ArrayNode array, Company company) {
        for (Company.Late late : company.late()) {
            ObjectNode o = array.addObject().put("from", late.from().format(CLOCK));
            counted(o, "group", late.group());
            if (late.keeper()) {
                o.put("keeper", true);
            }
        }
    }

    private static void bag(ObjectNode o, Bag bag) {
        bag.balls().ifPresent(n -> o.put("balls", n));
        if (!bag.gear().isEmpty()) {
            ObjectNode gear = o.putObject("gear");
            bag.gear().forEach((kind, n) -> gear.put(DrillWriter.word(kind), n));
        }
    }

    private static void blocks(ArrayNode array, Iterable<Block> blocks) {
        for (Block block : blocks) {
            ObjectNode o = array.addObject().put("id", block.id());
            block.content().match(new Written(o));
            o.put("minutes", block.time().now());
            if (block.time().least() != block.time().now()) {
                o.put("least", block.time().least());
            }
            if (block.time().most() != block.time().now()) {
                o.put("most", block.time().most());
            }
            if (!block.must()) {
                o.put("nice", true);
            }
            counted(o, "group", block.group());
            said(o, "lead", block.lead());
            said(o, "note", block.note());
            block.before().ifPresent(n -> o.put("before", n));
        }
    }

    /** What a block is, as it is written. */
    private record Written(ObjectNode o) implements Content.Cases<ObjectNode> {

        @Override
        public ObjectNode play(Content.Play play) {
            o.put("kind", "drill").put("drill", play.drill().id());
            if (play.drill().version() > 0) {
                o.put("drillVersion", play.drill().version());
            }
            o.put("title", play.drill().title());
            if (!play.climbs().isEmpty()) {
                climbs(o.putArray("rungs"), play);
            }
            if (play.copies() > 1) {
                o.put("copies", play.copies());
            }
            return o.put("told", DrillWriter.word(play.telling()));
        }

        private static void climbs(ArrayNode array, Content.Play play) {
            for (Content.Climb climb : play.climbs()) {
                if (climb.equals(Content.Climb.of(climb.rung()))) {
                    array.add(climb.rung());
                } else {
                    ObjectNode one = array.addObject().put("rung", climb.rung());
                    counted(one, "minutes", climb.minutes());
                    said(one, "when", climb.when());
                }
            }
        }

        @Override
        public ObjectNode game(Content.Game game) {
            o.put("kind", "game").put("words", game.words());
            game.area()
                    .ifPresent(
                            a -> o.putObject("area").put("length", a.length()).put("width", a.width()));
            said(o, "scoring", game.scoring());
            return o;
        }

        @Override
        public ObjectNode words(Content.Words words) {
            o.put("kind", DrillWriter.word(words.sort()));
            said(o, "words", words.words());
            return o;
        }

        @Override
        public ObjectNode beside(Content.Beside beside) {
            ArrayNode blocks = o.put("kind", "beside").putArray("blocks");
            blocks(blocks, beside.blocks());
            BesideForm.write(o, blocks, beside);
            return o;
        }
    }
}

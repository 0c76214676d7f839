package wildchalk.storage.season;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import wildchalk.core.log.Part;
import wildchalk.core.log.season.Called;
import wildchalk.core.log.season.DrillLine;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Trend;
import wildchalk.core.wording.Wordbook;

/** Writes what some evenings add up to as JSON, as {@code docs/format/season.md} describes it. */
public final class SeasonWriter {

    private static final int VERSION = 1;
    private static final double GRAIN = 1000.0;

    private SeasonWriter() {}

    /**
     * The text of a season.
     *
     * @param called what people are called in it
     */
    public static String write(Season season, Called called) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("format", "wild-chalk-season")
                .put("version", VERSION);
        ArrayNode evenings = o.putArray("evenings");
        season.evenings().forEach(e -> evenings.addObject()
                .put("day", e.entry().when().day().toString())
                .put("start", e.entry().when().start().toString())
                .put("title", called.words(e.entry().title()))
                .put("minutes", rounded(e.minutes()))
                .put("metres", rounded(e.load()))
                .put("people", e.entry().there().people()));
        ArrayNode weeks = o.putArray("weeks");
        for (Season.Week week : season.weeks()) {
            ObjectNode w = weeks.addObject()
                    .put("monday", week.monday().toString())
                    .put("evenings", week.evenings())
                    .put("minutes", rounded(week.minutes()))
                    .put("metres", rounded(week.load()));
            ObjectNode skills = w.putObject("skills");
            week.skills().forEach((skill, minutes) -> skills.put(Wordbook.key(skill), rounded(minutes)));
        }
        ArrayNode drills = o.putArray("drills");
        season.drills().forEach(d -> drill(drills.addObject(), d, called));
        ArrayNode people = o.putArray("people");
        season.people().forEach(p -> person(people.addObject(), p, called));
        ArrayNode pairs = o.putArray("together");
        season.pairs().forEach(p -> pairs.addObject()
                .put("one", called.of(p.one()))
                .put("other", called.of(p.other()))
                .put("times", p.times()));
        return o.toPrettyString() + "\n";
    }

    private static double rounded(double value) {
        return Math.round(value * GRAIN) / GRAIN;
    }

    private static void drill(ObjectNode o, DrillLine drill, Called called) {
        o.put("title", called.words(drill.title()))
                .put("last", drill.last().entry().when().day().toString())
                .put("times", drill.times())
                .put("minutes", rounded(drill.minutes()));
        drill.usual().ifPresent(u -> o.put("usual", rounded(u)));
        drill.over().ifPresent(over -> o.put("over", rounded(over)));
        ObjectNode went = o.putObject("went");
        for (Part.Went how : Part.Went.values()) {
            Integer times = drill.went().get(how);
            if (times != null) {
                went.put(Wordbook.key(how), times);
            }
        }
    }

    private static void person(ObjectNode o, PersonLine person, Called called) {
        PersonLine.Did did = person.did();
        o.put("who", called.of(person.id()))
                .put("evenings", person.evenings())
                .put("minutes", rounded(did.minutes()))
                .put("busy", rounded(did.busy()))
                .put("metres", rounded(did.metres()))
                .put("sprints", rounded(did.sprints()))
                .put("touches", rounded(did.touches()))
                .put("shots", rounded(did.shots()))
                .put("made", person.made())
                .put("missed", person.missed());
        ArrayNode measured = o.putArray("measured");
        person.times()
                .forEach((course, trend) -> measured(measured.addObject(), course.what(), "seconds", trend, called)
                        .put("metres", course.metres()));
        person.tries().forEach((what, trend) -> measured(measured.addObject(), what, "share", trend, called));
    }

    private static ObjectNode measured(ObjectNode o, String what, String unit, Trend trend, Called called) {
        o.put("what", called.words(what)).put("unit", unit);
        trend.perMonth().ifPresent(m -> o.put("perMonth", rounded(m)));
        ArrayNode points = o.putArray("points");
        trend.points()
                .forEach(p -> points.addObject().put("day", p.day().toString()).put("value", rounded(p.value())));
        return o;
    }
}

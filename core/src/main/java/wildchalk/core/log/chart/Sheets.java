package wildchalk.core.log.chart;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Part;
import wildchalk.core.log.season.DrillLine;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Trend;
import wildchalk.core.log.season.Unrun;
import wildchalk.core.wording.Wordbook;

/** What is drawn of the log, as tables: every figure of the drawings stands in one. */
public final class Sheets {

    private Sheets() {}

    private static List<String> heads(String... keys) {
        List<String> heads = new ArrayList<>();
        for (String key : keys) {
            heads.add(Drawing.say("head." + key));
        }
        return heads;
    }

    private static Sheet.Cell day(LocalDate day) {
        return new Sheet.Cell(Drawing.day(day), day.toEpochDay());
    }

    /** The evenings. */
    public static Sheet evenings(Season season) {
        return new Sheet(
                heads("day", "evening", "minutes", "load", "people", "parts"),
                season.evenings().stream()
                        .map(e -> new Sheet.Row(
                                e.entry().id(),
                                List.of(
                                        day(e.entry().when().day()),
                                        Sheet.Cell.of(e.entry().title()),
                                        Sheet.Cell.of(Math.round(e.minutes())),
                                        Sheet.Cell.of(Math.round(e.load())),
                                        Sheet.Cell.of(e.entry().there().people()),
                                        Sheet.Cell.of(e.entry().parts().size()))))
                        .toList());
    }

    /** The minutes of each skill, week by week. */
    public static Sheet skills(Season season) {
        Map<Skill, Double> all = season.skills();
        List<String> heads = new ArrayList<>(heads("week", "evenings"));
        all.keySet().forEach(s -> heads.add(s.words()));
        return new Sheet(
                heads,
                season.weeks().stream()
                        .map(w -> {
                            List<Sheet.Cell> cells = new ArrayList<>();
                            cells.add(day(w.monday()));
                            cells.add(Sheet.Cell.of(w.evenings()));
                            all.keySet()
                                    .forEach(s -> cells.add(
                                            Sheet.Cell.of(Math.round(w.skills().getOrDefault(s, 0.0)))));
                            return new Sheet.Row("", cells);
                        })
                        .toList());
    }

    /** The drills. */
    public static Sheet drills(Season season) {
        return new Sheet(
                heads("drill", "last", "times", "minutes", "usual", "over", "went", "next"),
                season.drills().stream()
                        .map(d -> new Sheet.Row(
                                d.id(),
                                List.of(
                                        Sheet.Cell.of(d.title()),
                                        day(d.last().entry().when().day()),
                                        Sheet.Cell.of(d.times()),
                                        Sheet.Cell.of(Math.round(d.minutes())),
                                        d.usual()
                                                .map(u -> Sheet.Cell.of(Math.round(u)))
                                                .orElse(Sheet.Cell.of("")),
                                        d.over().map(Sheet.Cell::of).orElse(Sheet.Cell.of("")),
                                        Sheet.Cell.of(went(d)),
                                        Sheet.Cell.of(d.next()))))
                        .toList());
    }

    private static String went(DrillLine drill) {
        Map<Part.Went, Integer> went = drill.went();
        return went.entrySet().stream()
                .map(e -> Drawing.say("went.times", Drawing.say("went." + Wordbook.key(e.getKey())), e.getValue()))
                .collect(Collectors.joining(", "));
    }

    /** The people, by what they are called. */
    public static Sheet people(Season season, UnaryOperator<String> names) {
        return new Sheet(
                heads(
                        "person",
                        "evenings",
                        "minutes",
                        "busy",
                        "metres",
                        "sprints",
                        "touches",
                        "shots",
                        "made",
                        "missed",
                        "trend"),
                season.people().stream()
                        .map(p -> new Sheet.Row(
                                p.id(),
                                List.of(
                                        Sheet.Cell.of(names.apply(p.id())),
                                        Sheet.Cell.of(p.evenings()),
                                        Sheet.Cell.of(Math.round(p.did().minutes())),
                                        Sheet.Cell.of(Math.round(p.did().busy())),
                                        Sheet.Cell.of(Math.round(p.did().metres())),
                                        Sheet.Cell.of(Math.round(p.did().sprints())),
                                        Sheet.Cell.of(Math.round(p.did().touches())),
                                        Sheet.Cell.of(Math.round(p.did().shots())),
                                        Sheet.Cell.of(p.made()),
                                        Sheet.Cell.of(p.missed()),
                                        Sheet.Cell.of(trends(p)))))
                        .toList());
    }

    private static String trends(PersonLine person) {
        List<String> all = new ArrayList<>();
        person.times().forEach((course, trend) -> trend(trend, "measured.time.trend", course.what(), all));
        person.tries().forEach((what, trend) -> trend(trend, "measured.tries.trend", what, all));
        return String.join(", ", all);
    }

    private static void trend(Trend trend, String key, String what, List<String> all) {
        trend.perMonth().ifPresent(m -> all.add(Drawing.say("trend", what, Drawing.say(key, m))));
    }

    /** Who was with whom. */
    public static Sheet together(Season season, UnaryOperator<String> names) {
        return new Sheet(
                heads("person", "with", "times"),
                season.pairs().stream()
                        .map(p -> new Sheet.Row(
                                "",
                                List.of(
                                        Sheet.Cell.of(names.apply(p.one())),
                                        Sheet.Cell.of(names.apply(p.other())),
                                        Sheet.Cell.of(p.times()))))
                        .toList());
    }

    /** What was planned and never run. */
    public static Sheet unrun(Unrun unrun) {
        List<Sheet.Row> rows = new ArrayList<>();
        unrun.drills()
                .forEach(d -> rows.add(new Sheet.Row(
                        d.id(),
                        List.of(
                                Sheet.Cell.of(d.title()),
                                Sheet.Cell.of(Drawing.say("unrun.drill")),
                                Sheet.Cell.of("")))));
        unrun.evenings()
                .forEach(p -> rows.add(new Sheet.Row(
                        p.id(),
                        List.of(
                                Sheet.Cell.of(p.title()),
                                Sheet.Cell.of(Drawing.say("unrun.evening")),
                                day(p.slot().day().orElseThrow())))));
        return new Sheet(heads("planned", "what", "day"), rows);
    }
}

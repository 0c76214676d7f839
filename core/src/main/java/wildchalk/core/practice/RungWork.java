package wildchalk.core.practice;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.script.Script;
import wildchalk.core.setout.SetOut;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Footprint;
import wildchalk.core.timeline.Timeline;

/** What is worked out of a rung for those who plan an evening with it. */
final class RungWork {

    /** Words said in a minute by somebody who explains; typical. */
    private static final double SPEAKING = 130;

    private static final double MINUTE = 60;
    /** For so long it is played to see what becomes of people, minutes: by then it goes round. */
    private static final double LOOKED_AT = 12;
    /** How often it is looked which way people run, seconds. */
    private static final double STEP = 0.1;
    /** Slower than this nobody turns, they shuffle; m/s. */
    private static final double RUNNING = 1;

    private final Stage stage;
    private final Flows flows;
    private final RunThrough through;
    private final Box ground;
    private final Reach reach;
    private final double settingOut;
    private final Needs.Turning turning;
    private final Map<Skill, Double> skills;
    private final Map<String, Played> played = new HashMap<>();

    RungWork(Stage stage, Surface surface, Optional<Dose> dose, int handful) {
        this.stage = stage;
        this.flows = new Flows(stage, surface, dose);
        this.through = RunThrough.of(stage, surface, Choices.NONE);
        List<Timeline> ways =
                Reads.ways(stage).stream().map(w -> through.going(w).timeline()).toList();
        this.ground =
                ways.stream().map(t -> Footprint.of(stage, t)).reduce(Box::with).orElseThrow();
        this.reach = ways.stream().map(t -> Reach.of(stage, t)).reduce(Reach.NONE, Reach::and);
        this.settingOut = SetOut.of(stage, surface, Units.METRIC, handful).seconds();
        this.turning = ways.stream()
                .map(RungWork::turning)
                .reduce(Needs.Turning.NONE, (all, way) -> all.and(way, 1.0 / ways.size()));
        this.skills = skills(stage);
    }

    /** What becomes of so many people, all copies together. */
    record Played(int balls, Needs.Work work) {}

    Played played(int people, int copies) {
        int here = people == 0 ? fewest() * copies : Math.min(people, Flows.MOST_PEOPLE);
        return played.computeIfAbsent(here + " " + copies, k -> play(flows.of(here, LOOKED_AT, copies)));
    }

    /** The same, person by person, and so many minutes of it. */
    Flow flow(int people, int copies) {
        return flows.of(Math.min(people, Flows.MOST_PEOPLE), LOOKED_AT, copies);
    }

    private Played play(Flow flow) {
        int people = flow.each().size();
        double minutes = Math.max(1, people) * flow.seconds() / MINUTE;
        double mirrored = flow.reps().isEmpty()
                ? 0
                : (double) flow.reps().stream()
                                .filter(r -> r.side() == Flow.Side.MIRRORED)
                                .count()
                        / flow.reps().size();
        return new Played(
                flow.balls().most(),
                new Needs.Work(
                        all(flow, Flow.Each::metres) / minutes,
                        all(flow, Flow.Each::sprints) / minutes,
                        all(flow, Flow.Each::touches) / minutes,
                        all(flow, e -> e.seconds(Flow.Doing.BUSY)) / (minutes * MINUTE),
                        all(flow, e -> e.seconds(Flow.Doing.ON_THE_WAY)) / (minutes * MINUTE),
                        longestWait(flow),
                        Needs.Turning.NONE.and(turning, 1 - mirrored).and(turning.mirrored(), mirrored)));
    }

    private static double longestWait(Flow flow) {
        double wait = flow.each().values().stream()
                .mapToDouble(Flow.Each::longestWait)
                .max()
                .orElse(0);
        return wait >= flow.seconds() ? Double.POSITIVE_INFINITY : wait;
    }

    private static double all(Flow flow, ToDoubleFunction<Flow.Each> of) {
        return flow.each().values().stream().mapToDouble(of).sum();
    }

    int fewest() {
        return flows.fewest();
    }

    int keepers() {
        return (int) stage.people().stream()
                .filter(Piece.Goalkeeper.class::isInstance)
                .count();
    }

    Map<GearKind, Integer> gear() {
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        SetOut.toPutDown(stage).forEach(p -> {
            if (p instanceof Piece.Item item) {
                gear.merge(item.kind(), 1, Integer::sum);
            }
        });
        return gear;
    }

    Set<Bib> bibs() {
        Set<Bib> bibs = EnumSet.noneOf(Bib.class);
        stage.people().stream().filter(Piece.Person::isOnATeam).forEach(p -> bibs.add(p.bib()));
        return bibs;
    }

    double settingOut() {
        return settingOut;
    }

    Box ground() {
        return ground;
    }

    Reach reach() {
        return reach;
    }

    Map<Skill, Double> skills() {
        return skills;
    }

    boolean contact() {
        return Skill.of(stage).contains(Skill.CONTACT);
    }

    /** All of the script at speaking pace, and one rep to look at. */
    double saying() {
        return script().mapToLong(t -> t.split("\\s+").length).sum() * MINUTE / SPEAKING
                + through.timeline().duration();
    }

    private Stream<String> script() {
        return through.script(Units.METRIC.unit()).lines().stream().map(Script.Line::text);
    }

    String words() {
        return Stream.of(Stream.of(stage.title()), Skill.of(stage).stream().map(Skill::words), script())
                .flatMap(s -> s)
                .collect(Collectors.joining(" "));
    }

    /** What is practised, by how often it is done: shares that make 1 together. */
    private static Map<Skill, Double> skills(Stage stage) {
        Map<Skill, Double> often = new EnumMap<>(Skill.class);
        for (Action action : stage.actions()) {
            Set<Skill> each = Skill.of(action);
            each.forEach(s -> often.merge(s, 1.0 / each.size(), Double::sum));
        }
        double all = often.values().stream().mapToDouble(Double::doubleValue).sum();
        often.replaceAll((skill, n) -> n / all);
        return often;
    }

    private static Needs.Turning turning(Timeline timeline) {
        double left = 0;
        double right = 0;
        for (String person : timeline.people()) {
            Vec before = null;
            for (double t = STEP; t <= timeline.duration(); t += STEP) {
                Vec way = timeline.at(person, t).minus(timeline.at(person, t - STEP));
                if (way.length() < RUNNING * STEP) {
                    before = null;
                    continue;
                }
                if (before != null) {
                    // Clockwise on the page is to the right of whoever runs.
                    double angle = Math.atan2(before.cross(way), before.dot(way));
                    right += Math.max(0, angle);
                    left += Math.max(0, -angle);
                }
                before = way;
            }
        }
        return new Needs.Turning(left, right);
    }
}

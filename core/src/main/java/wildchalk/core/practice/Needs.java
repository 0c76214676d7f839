package wildchalk.core.practice;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.measure.Units;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.script.Script;
import wildchalk.core.setout.SetOut;
import wildchalk.core.surface.Surface;

/**
 * What a block of a drill takes, and what becomes of those who play it. Worked out of the drill as it is; it can be
 * done on any thread.
 *
 * @param fewest people it takes at least, all copies together
 * @param keepers of them
 * @param gear what is put down for it, all copies together, by kind
 * @param balls that are in play, carried back or lying out at once
 * @param bibs colours that are worn
 * @param settingOut seconds that one person takes to set all of it out
 * @param saying seconds that it takes to say all of it and to show it once
 * @param longestWait seconds for which somebody stands at most; 0 when there are too few to play it
 */
public record Needs(
        int fewest,
        int keepers,
        Map<GearKind, Integer> gear,
        int balls,
        Set<Bib> bibs,
        double settingOut,
        double saying,
        double longestWait) {

    /** Words said in a minute by somebody who explains; typical. */
    private static final double SPEAKING = 130;

    private static final double MINUTE = 60;

    public Needs {
        Map<GearKind, Integer> copy = new EnumMap<>(GearKind.class);
        copy.putAll(gear);
        gear = Collections.unmodifiableMap(copy);
        bibs = Set.copyOf(bibs);
    }

    /**
     * Works it out.
     *
     * @param people who play it, all copies together; 0 where nobody knows
     * @param minutes for how long
     * @param handful cones that fit in a hand
     */
    public static Needs of(Drill drill, Content.Play play, int people, int minutes, int handful) {
        Surface surface = drill.surface();
        Map<String, Stage> all = Ladder.all(drill);
        List<Stage> rungs = play.rungs().isEmpty()
                ? List.of(all.get(drill.ladder().get(0).id()))
                : play.rungs().stream().filter(all::containsKey).map(all::get).toList();
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        Set<Bib> bibs = EnumSet.noneOf(Bib.class);
        int fewest = 0;
        int keepers = 0;
        int balls = 0;
        double settingOut = 0;
        double saying = 0;
        double wait = 0;
        for (Stage stage : rungs) {
            counted(stage).forEach((kind, n) -> gear.merge(kind, n * play.copies(), Math::max));
            stage.people().stream().filter(Piece.Person::isOnATeam).forEach(p -> bibs.add(p.bib()));
            Flows flows = new Flows(stage, surface, Ladder.dose(drill, stage.id()));
            int here = people == 0 ? flows.fewest() * play.copies() : Math.min(people, Flows.MOST_PEOPLE);
            Flow flow = flows.of(here, (double) minutes / rungs.size(), play.copies());
            fewest = Math.max(fewest, flows.fewest() * play.copies());
            keepers = Math.max(keepers, keepers(stage) * play.copies());
            balls = Math.max(balls, flow.balls().most());
            wait = Math.max(
                    wait,
                    flow.each().values().stream()
                            .mapToDouble(Flow.Each::longestWait)
                            .max()
                            .orElse(0));
            settingOut = Math.max(
                    settingOut,
                    play.copies()
                            * SetOut.of(stage, surface, Units.METRIC, handful).seconds());
            saying += saying(stage, surface);
        }
        return new Needs(fewest, keepers, gear, balls, bibs, settingOut, saying, wait);
    }

    private static Map<GearKind, Integer> counted(Stage stage) {
        Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
        SetOut.toPutDown(stage).forEach(p -> {
            if (p instanceof Piece.Item item) {
                gear.merge(item.kind(), 1, Integer::sum);
            }
        });
        return gear;
    }

    private static int keepers(Stage stage) {
        return (int) stage.people().stream()
                .filter(Piece.Goalkeeper.class::isInstance)
                .count();
    }

    /** All of the script at speaking pace, and one rep to look at. */
    private static double saying(Stage stage, Surface surface) {
        RunThrough through = RunThrough.of(stage, surface, Choices.NONE);
        long words = through.script(Units.METRIC.unit()).lines().stream()
                .map(Script.Line::text)
                .mapToLong(t -> t.split("\\s+").length)
                .sum();
        return words * MINUTE / SPEAKING + through.timeline().duration();
    }
}

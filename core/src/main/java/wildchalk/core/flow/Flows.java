package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;

/**
 * Works out what becomes of a stage that is played for a while by so many people. What is worked out of its reps is
 * kept: ask the same one again for other numbers and minutes.
 */
public final class Flows {

    /** The most people that are asked for. */
    public static final int MOST_PEOPLE = 60;

    private final Stage stage;
    private final Rules rules;
    private final Ways ways;
    private final Walks walks;

    /** @param surface what the stage is played on, with its areas or without */
    public Flows(Stage stage, Surface surface) {
        this.stage = stage;
        this.rules = new Rules(stage);
        this.ways = new Ways(stage, surface);
        this.walks = new Walks(surface, stage.effort());
    }

    /** How many people it takes at least, each copy. */
    public int fewest() {
        return rules.fewest();
    }

    /**
     * The stage played.
     *
     * @param people 0 to {@link #MOST_PEOPLE}, coaches left out; put evenly to the copies, and there behind the
     *     line-ups
     * @param minutes 0 or more; a rep that has begun by then is cut off
     * @param copies 1 or more
     * @throws IllegalArgumentException for numbers that are not in these ranges
     */
    public synchronized Flow of(int people, double minutes, int copies) {
        if (people < 0 || people > MOST_PEOPLE || minutes < 0 || copies < 1) {
            throw new IllegalArgumentException(people + ", " + minutes + ", " + copies);
        }
        double seconds = minutes * 60;
        List<Flow.Rep> reps = new ArrayList<>();
        Map<String, Flow.Each> each = new LinkedHashMap<>();
        List<Flow.Jam> jams = new ArrayList<>();
        List<Flow.Meeting> meetings = new ArrayList<>();
        int most = 0;
        int without = 0;
        int letter = 0;
        for (int copy = 1; copy <= copies; copy++) {
            int here = people / copies + (copy <= people % copies ? 1 : 0);
            ways.again();
            Rotating rotating = new Rotating(rules, ways, walks, new Rotating.Wanted(copy, letter, here, seconds));
            rotating.run();
            letter += here;
            reps.addAll(rotating.reps());
            each.putAll(rotating.each());
            jams.addAll(rotating.jams());
            meetings.addAll(Meetings.among(rotating.moves()));
            most += rotating.stock().needed().most();
            without += rotating.stock().needed().withoutFetching();
        }
        idle(each, reps.size(), jams);
        return new Flow(
                seconds, reps, each, new Flow.Balls(most, without), interval(reps), jams, meetings, rules.guessed());
    }

    /** Whoever never has a turn though there were enough for everybody twice. */
    private static void idle(Map<String, Flow.Each> each, int reps, List<Flow.Jam> jams) {
        List<String> never = each.entrySet().stream()
                .filter(e -> e.getValue().reps() == 0)
                .map(Map.Entry::getKey)
                .toList();
        if (jams.isEmpty() && !never.isEmpty() && reps >= 2 * each.size()) {
            jams.add(new Flow.Jam(
                    1,
                    1,
                    FlowWords.say("jam.never", never.size(), String.join(", ", never)),
                    FlowWords.say("mend.never")));
        }
    }

    private static Optional<Double> interval(List<Flow.Rep> reps) {
        List<Double> between = new ArrayList<>();
        for (int i = 0; i + 1 < reps.size(); i++) {
            if (reps.get(i).copy() == reps.get(i + 1).copy()
                    && reps.get(i + 1).n() > reps.get(i).n()) {
                between.add(reps.get(i + 1).t() - reps.get(i).t());
            }
        }
        between.sort(null);
        return between.isEmpty() ? Optional.empty() : Optional.of(between.get(between.size() / 2));
    }

    /** What it comes to, in plain sentences, most important first. */
    public List<String> told(Flow flow) {
        return new FlowWords(stage, flow).sentences();
    }
}

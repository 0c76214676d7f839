package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.geometry.Box;
import wildchalk.core.motion.Abilities;
import wildchalk.core.surface.Surface;

/**
 * Works out what becomes of a stage that is played for a while by so many people. What is worked out of its reps is
 * kept: ask the same one again for other numbers and minutes.
 */
public final class Flows {

    /** The most people that are asked for. */
    public static final int MOST_PEOPLE = 60;
    /** Nobody is slower than this share of what a drill says. */
    public static final double SLOWEST = 0.5;
    /** Nobody is faster than this share of what a drill says. */
    public static final double FASTEST = 1.5;

    /** Speeds are told apart by so many per cent. */
    private static final int GRAIN = 5;

    private final Stage stage;
    private final Optional<Dose> dose;
    private final Rules rules;
    private final Ways ways;
    private final Walks walks;

    /** @param surface what the stage is played on, with its areas or without */
    public Flows(Stage stage, Surface surface) {
        this(stage, surface, Optional.empty());
    }

    /**
     * @param surface what the stage is played on, with its areas or without
     * @param dose how long the rung is practised, by which sides may change; empty when nothing is said of it
     */
    public Flows(Stage stage, Surface surface, Optional<Dose> dose) {
        this.stage = stage;
        this.dose = dose;
        this.ways = new Ways(stage, surface);
        this.rules = new Rules(stage, ways.written(), dose);
        this.walks = new Walks(surface, Abilities.effort(stage, surface));
    }

    /**
     * What is asked for.
     *
     * @param people 0 to {@link #MOST_PEOPLE}, coaches left out; put evenly to the copies
     * @param minutes 0 or more; a rep that has begun by then is cut off
     * @param copies 1 or more
     * @param lines how many stand in a line to begin with, whoever is in front among them, by the role that they wait
     *     for, in each copy; all others stand evenly in the line-ups that are not in it
     * @param speeds how fast each goes, as a share of what the drill says, in the order of their letters; whoever is
     *     not in it goes as the drill says. Told apart by five per cent
     */
    public record Asked(int people, double minutes, int copies, Map<String, Integer> lines, List<Double> speeds) {
        public Asked {
            boolean sound = people >= 0
                    && people <= MOST_PEOPLE
                    && minutes >= 0
                    && copies >= 1
                    && lines.values().stream().allMatch(n -> n >= 1)
                    && speeds.stream().allMatch(s -> s >= SLOWEST && s <= FASTEST);
            if (!sound) {
                throw new IllegalArgumentException(
                        people + ", " + minutes + ", " + copies + ", " + lines + ", " + speeds);
            }
            lines = Collections.unmodifiableMap(new LinkedHashMap<>(lines));
            speeds = List.copyOf(speeds);
        }

        /** So many people for so long, evenly in the lines and as fast as the drill says. */
        public static Asked of(int people, double minutes, int copies) {
            return new Asked(people, minutes, copies, Map.of(), List.of());
        }

        /** How fast somebody goes, per cent of what the drill says. */
        int percent(int person) {
            double share = person < speeds.size() ? speeds.get(person) : 1;
            return (int) Math.round(share * 100 / GRAIN) * GRAIN;
        }
    }

    private Flows(Flows other, Stage said) {
        this.stage = said;
        this.dose = other.dose;
        this.ways = other.ways;
        this.rules = new Rules(said, ways.written(), dose);
        this.walks = other.walks;
    }

    /**
     * The same with other things said of where people go, when the next rep begins, which sides are played and who
     * fetches balls. Its reps are the same, and not worked out again.
     *
     * @param said the stage, in which nothing else is another
     */
    public Flows saying(Stage said) {
        return new Flows(this, said);
    }

    /** How many people it takes at least, each copy. */
    public int fewest() {
        return rules.fewest();
    }

    /** Ids of the roles behind which people can wait in a line. */
    public List<String> lines() {
        return rules.open();
    }

    /** What holds between its reps. */
    public Rotates rotates() {
        List<Piece.Person> drawn =
                stage.people().stream().filter(p -> !(p instanceof Piece.Coach)).toList();
        return new Rotates(
                drawn,
                drawn.stream().map(r -> rules.of(r.id())).toList(),
                rules.when(),
                rules.taken(),
                rules.fetcher());
    }

    /**
     * The ground that the first copy takes: whatever stands, everybody and every ball in its reps, and everybody
     * between them, metres on the surface.
     *
     * @param played what became of it
     */
    public Box ground(Replay played) {
        Box drawn = ways.ground();
        boolean mirrored = played.flow().reps().stream().anyMatch(r -> r.side() == Flow.Side.MIRRORED);
        Box other = new Box(drawn.x(), -drawn.y() - drawn.height(), drawn.width(), drawn.height());
        Box both = mirrored ? drawn.with(other) : drawn;
        return played.letters().isEmpty()
                ? both
                : both.with(played.ground(played.flow().seconds()));
    }

    /** How many stand in each line to begin with, whoever is in front among them, on one side of the first copy. */
    public Map<String, Integer> linedUp(Asked asked) {
        int here = asked.people() / asked.copies() + (asked.people() % asked.copies() > 0 ? 1 : 0);
        Floor floor = new Floor(rules);
        floor.lineUp(here, asked.lines());
        Map<String, Integer> lined = new LinkedHashMap<>();
        lines().forEach(l -> lined.put(l, floor.line(l, Flow.Side.DRAWN).size()));
        return lined;
    }

    /**
     * The stage played by people who stand evenly in its lines.
     *
     * @throws IllegalArgumentException for numbers that are not in the ranges of {@link Asked}
     */
    public Flow of(int people, double minutes, int copies) {
        return of(Asked.of(people, minutes, copies));
    }

    /**
     * The stage played.
     *
     * @throws IllegalArgumentException for a line that is none of its {@link #lines()}
     */
    public synchronized Flow of(Asked asked) {
        return flow(asked, played(asked));
    }

    /**
     * The stage played, with where everybody is meanwhile.
     *
     * @param unit the radius of a token as it is drawn, metres: those who wait stand as close as can be drawn; 0 for as
     *     close as they stand
     * @throws IllegalArgumentException for a line that is none of its {@link #lines()}
     */
    public synchronized Replay replay(Asked asked, double unit) {
        List<Rotating> copies = played(asked);
        double end = asked.minutes() * 60;
        Slots slots = new Slots(rules, unit);
        List<CopyTracks> tracks =
                copies.stream().map(c -> new CopyTracks(slots, walks, c, end)).toList();
        return new Replay(flow(asked, copies), tracks, List.of());
    }

    private List<Rotating> played(Asked asked) {
        if (!lines().containsAll(asked.lines().keySet())) {
            throw new IllegalArgumentException(asked.lines() + ": " + lines());
        }
        List<Rotating> played = new ArrayList<>();
        int letter = 0;
        for (int copy = 1; copy <= asked.copies(); copy++) {
            int here = asked.people() / asked.copies() + (copy <= asked.people() % asked.copies() ? 1 : 0);
            Rotating rotating = new Rotating(rules, ways, walks, new Rotating.Wanted(copy, letter, here, asked));
            rotating.run();
            played.add(rotating);
            letter += here;
        }
        return played;
    }

    private Flow flow(Asked asked, List<Rotating> copies) {
        List<Flow.Rep> reps = new ArrayList<>();
        Map<String, Flow.Each> each = new LinkedHashMap<>();
        List<Flow.Jam> jams = new ArrayList<>();
        List<Flow.Meeting> meetings = new ArrayList<>();
        int most = 0;
        int without = 0;
        for (Rotating rotating : copies) {
            reps.addAll(rotating.reps());
            each.putAll(rotating.each());
            jams.addAll(rotating.jams());
            meetings.addAll(Meetings.among(rotating.crowd().moves()));
            most += rotating.stock().needed().most();
            without += rotating.stock().needed().withoutFetching();
        }
        idle(each, reps.size(), jams);
        return new Flow(
                asked.minutes() * 60,
                reps,
                each,
                new Flow.Balls(most, without),
                interval(reps),
                jams,
                meetings,
                rules.guessed());
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

    /** The letters of those who stand for each role to begin with, whoever is in front first, in the first copy. */
    public Map<String, List<String>> lettersAtStart(Asked asked) {
        int here = asked.people() / asked.copies() + (asked.people() % asked.copies() > 0 ? 1 : 0);
        Floor floor = new Floor(rules);
        if (here < rules.fewest()) {
            return Map.of();
        }
        floor.lineUp(here, asked.lines());
        Map<String, List<String>> letters = new LinkedHashMap<>();
        floor.lines().forEach((place, line) -> {
            List<String> these = new ArrayList<>();
            for (int i = 0; i < line.size(); i++) {
                these.add(Letters.of(line.at(i).person()));
            }
            letters.merge(place.role(), these, (one, other) -> one);
        });
        return letters;
    }

    /** What it comes to, in plain sentences, most important first. */
    public List<String> told(Flow flow) {
        return new FlowWords(stage, flow).sentences();
    }
}

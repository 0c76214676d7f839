package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** The result of a rehearsal: where everyone and every ball is at any time, and what happens when. */
public final class Timeline {

    /** Where everything that moves is at any time, by id. */
    record Tracks(Map<String, PersonTrack> people, Map<String, BallTrack> balls, Map<String, BallTrack> gear) {
    }

    private final Tracks tracks;
    private final Map<String, PersonTrack> people;
    private final Map<String, BallTrack> balls;
    private final Map<String, ActionTimes> times;
    private final Map<String, Supplier<List<Vec>>> lines;
    private final Map<Trigger, Double> happened;
    private final List<Event> events;
    private final List<Beat> beats;
    private final List<Problem> problems;
    private final List<Decision> decisions;
    private final double duration;

    Timeline(Tracks tracks, Map<String, ActionTimes> times, Map<String, Supplier<List<Vec>>> lines,
             Map<Trigger, Double> happened, List<Event> events, List<Beat> beats, List<Problem> problems) {
        this(tracks, times, lines, happened, events, beats, problems, List.of());
    }

    private Timeline(Tracks tracks, Map<String, ActionTimes> times, Map<String, Supplier<List<Vec>>> lines,
                     Map<Trigger, Double> happened, List<Event> events, List<Beat> beats, List<Problem> problems, List<Decision> decisions) {
        this.decisions = List.copyOf(decisions);
        this.tracks = tracks;
        this.people = tracks.people();
        this.balls = tracks.balls();
        this.happened = happened;
        this.times = times;
        this.lines = lines;
        this.events = List.copyOf(events);
        this.beats = List.copyOf(beats);
        this.problems = List.copyOf(problems);
        this.duration = events.stream().mapToDouble(Event::t).max().orElse(0);
    }

    /** The same with what breaks limits. */
    Timeline with(List<Event> breaches, List<Problem> more) {
        List<Event> allEvents = new ArrayList<>(events);
        allEvents.addAll(breaches);
        allEvents.sort(Comparator.comparingDouble(Event::t));
        List<Problem> allProblems = new ArrayList<>(problems);
        allProblems.addAll(more);
        return new Timeline(tracks, times, lines, happened, allEvents, beats, allProblems, decisions);
    }

    /** The same with how reads came out. */
    Timeline deciding(List<Decision> made) {
        return new Timeline(tracks, times, lines, happened, events, beats, problems, made);
    }

    /** How the reads came out that follow from where people are. */
    public List<Decision> decisions() {
        return decisions;
    }

    /** Which way every read goes: as it was chosen, else as was worked out. */
    public Choices settled(Choices chosen) {
        Choices settled = chosen;
        for (Decision decision : decisions) {
            settled = settled.with(decision.read(), decision.option());
        }
        return settled;
    }

    /** When a read comes up, seconds after the whistle: as soon as any of its options could begin; empty when it never does. */
    public OptionalDouble comesUp(Read read, Stage stage) {
        return Decisions.comesUp(stage, this, read);
    }

    /** When a moment comes, its delay included, seconds after the whistle; empty when it never does. */
    public OptionalDouble moment(Cue cue) {
        OptionalDouble t = moment(cue.trigger());
        return t.isPresent() ? OptionalDouble.of(t.getAsDouble() + cue.delay()) : t;
    }

    /** When a moment comes, seconds after the whistle; empty when it never does. */
    public OptionalDouble moment(Trigger trigger) {
        if (trigger instanceof Cue.Several several) {
            List<OptionalDouble> parts = several.parts().stream().map(this::moment).toList();
            DoubleStream there = parts.stream().filter(OptionalDouble::isPresent).mapToDouble(OptionalDouble::getAsDouble);
            return several instanceof Cue.FirstOf ? there.min()
                    : parts.stream().allMatch(OptionalDouble::isPresent) ? there.max() : OptionalDouble.empty();
        }
        Double t = happened.get(trigger instanceof Cue.Next ? new Cue.Whistle() : trigger);
        return t == null ? OptionalDouble.empty() : OptionalDouble.of(t);
    }

    /** Ids of the gear that is put down or picked up. */
    public List<String> handled() {
        return List.copyOf(tracks.gear().keySet());
    }

    /**
     * Where a piece of gear that is handled is at a time: where its carrier is while somebody has it.
     *
     * @throws IllegalArgumentException when it is never handled
     */
    public Vec gear(String piece, double t) {
        return handled(piece).at(t, who -> pose(who, t).at());
    }

    /** Who has a piece of gear that is handled in hand; empty while it lies. */
    public Optional<String> carrier(String piece, double t) {
        return handled(piece).holder(t);
    }

    private BallTrack handled(String piece) {
        BallTrack track = tracks.gear().get(piece);
        if (track == null) {
            throw new IllegalArgumentException("nobody handles " + piece);
        }
        return track;
    }

    /** Seconds from the whistle to the last event. */
    public double duration() {
        return duration;
    }

    /** In order of time. */
    public List<Event> events() {
        return events;
    }

    public List<Beat> beats() {
        return beats;
    }

    public List<Problem> problems() {
        return problems;
    }

    /** Ids of all people. */
    public List<String> people() {
        return List.copyOf(people.keySet());
    }

    /** Ids of all balls. */
    public List<String> balls() {
        return List.copyOf(balls.keySet());
    }

    /**
     * Where a person is at a time; before the whistle where they begin, after all is over where they end.
     *
     * @throws IllegalArgumentException when nobody has this id
     */
    public Pose pose(String person, double t) {
        PersonTrack track = people.get(person);
        if (track == null) {
            throw new IllegalArgumentException("nobody is called " + person);
        }
        return track.pose(t);
    }

    /**
     * Where a ball is at a time: exactly where its carrier is while it is carried.
     *
     * @throws IllegalArgumentException when no ball has this id
     */
    public Vec ball(String ball, double t) {
        return track(ball).at(t, who -> pose(who, t).at());
    }

    /** Who has the ball at a time; empty while it travels or lies. */
    public Optional<String> holder(String ball, double t) {
        return track(ball).holder(t);
    }

    /** Who has a ball, from when until when. */
    public List<Possession> possessions(String ball) {
        return track(ball).possessions(duration);
    }

    /** When a ball is first in somebody's hands or at their feet; a ball from a heap is in the heap until then. */
    public double inPlayFrom(String ball) {
        return track(ball).firstHeld();
    }

    /** The pass or shot that a ball is travelling on at a time. */
    public Optional<String> sentBy(String ball, double t) {
        return track(ball).sentBy(t);
    }

    /** The first ball that a person has at a time. */
    public Optional<String> ballOf(String person, double t) {
        return balls.keySet().stream().filter(b -> holder(b, t).filter(person::equals).isPresent()).findFirst();
    }

    /** When an action happens; empty when it never does. */
    public Optional<ActionTimes> times(String action) {
        return Optional.ofNullable(times.get(action));
    }

    /** The actions that are under way at a time, by id; what has just ended is over. */
    public Set<String> underWay(double t) {
        return times.entrySet().stream().filter(e -> e.getValue().start() <= t && t < e.getValue().over()).map(Map.Entry::getKey).collect(Collectors.toSet());
    }

    /** Where an action's line runs, at least two points; for an action that never happens, where it would. */
    public List<Vec> line(String action) {
        return lines.containsKey(action) ? lines.get(action).get() : List.of(Vec.ZERO, Vec.ZERO);
    }

    /** The beat that an action belongs to. */
    public Optional<Beat> beatOf(String action) {
        return beats.stream().filter(b -> b.actions().contains(action)).findFirst();
    }

    /** The last beat that has begun at a time. */
    public Optional<Beat> beatAt(double t) {
        return beats.stream().filter(b -> b.t() <= t + 1e-6).reduce((a, b) -> b);
    }

    private BallTrack track(String ball) {
        BallTrack track = balls.get(ball);
        if (track == null) {
            throw new IllegalArgumentException("no ball is called " + ball);
        }
        return track;
    }
}

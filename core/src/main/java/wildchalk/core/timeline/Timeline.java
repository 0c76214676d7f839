package wildchalk.core.timeline;

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
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.BallTrack;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Possession;
import wildchalk.core.motion.Posture;

/** The result of a rehearsal, one rep: where everyone and every ball is at any time, what happens when, and why not. */
public final class Timeline implements Play {

    /** Where everything that moves is at any time, by id. */
    public record Tracks(Map<String, PersonTrack> people, Map<String, BallTrack> balls, Map<String, BallTrack> gear) {}

    /** How decisions came out that follow from where people are, and what would happen otherwise. */
    private record Decided(List<Decision> made, OtherWays ways) {}

    /** How often one looks how far somebody has come, seconds. */
    private static final double LOOK = 0.1;

    private final Tracks tracks;
    private final Map<String, PersonTrack> people;
    private final Map<String, BallTrack> balls;
    private final Map<String, ActionTimes> times;
    private final Map<String, Supplier<List<Vec>>> lines;
    private final Happened happened;
    private final List<Event> events;
    private final List<Beat> beats;
    private final List<Problem> problems;
    private final Decided decided;
    private final double duration;

    /**
     * What a rehearsal has found; times in seconds after the whistle.
     *
     * @param times when actions happen, by id; those that never do are left out
     * @param lines where their lines run, worked out when first asked for
     * @param happened when moments came
     * @param events in order of time
     */
    public Timeline(
            Tracks tracks,
            Map<String, ActionTimes> times,
            Map<String, Supplier<List<Vec>>> lines,
            Map<Trigger, Double> happened,
            List<Event> events,
            List<Beat> beats,
            List<Problem> problems) {
        this(tracks, times, lines, happened, events, beats, problems, new Decided(List.of(), OtherWays.NONE));
    }

    private Timeline(
            Tracks tracks,
            Map<String, ActionTimes> times,
            Map<String, Supplier<List<Vec>>> lines,
            Map<Trigger, Double> happened,
            List<Event> events,
            List<Beat> beats,
            List<Problem> problems,
            Decided decided) {
        this.decided = decided;
        this.tracks = tracks;
        this.people = tracks.people();
        this.balls = tracks.balls();
        this.happened = new Happened(happened);
        this.times = times;
        this.lines = lines;
        this.events = List.copyOf(events);
        this.beats = List.copyOf(beats);
        this.problems = List.copyOf(problems);
        this.duration = events.stream().mapToDouble(Event::t).max().orElse(0);
    }

    /** The same with what breaks limits. */
    public Timeline with(List<Event> breaches, List<Problem> more) {
        List<Event> allEvents = new ArrayList<>(events);
        allEvents.addAll(breaches);
        allEvents.sort(Comparator.comparingDouble(Event::t));
        List<Problem> allProblems = new ArrayList<>(problems);
        allProblems.addAll(more);
        return new Timeline(tracks, times, lines, happened.when(), allEvents, beats, allProblems, decided);
    }

    /** Ids of those who run into a screen, in order of time; each once. */
    public List<String> heldBy(String screen) {
        return events.stream()
                .filter(e -> e.kind() == Event.Kind.HELD && e.action().equals(screen))
                .map(Event::who)
                .distinct()
                .toList();
    }

    /** From when on somebody is how low, in order of time; nothing of who is up all the while. */
    public Map<Double, Posture> postures(String person) {
        PersonTrack track = people.get(person);
        return track == null ? Map.of() : track.postures();
    }

    @Override
    public Posture posture(String person, double t) {
        PersonTrack track = people.get(person);
        return track == null ? Posture.UP : track.posture(t);
    }

    /** The same with how reads came out. */
    public Timeline deciding(List<Decision> made) {
        return new Timeline(
                tracks,
                times,
                lines,
                happened.when(),
                events,
                beats,
                problems,
                new Decided(List.copyOf(made), decided.ways()));
    }

    /**
     * The same knowing the other ways through.
     *
     * @param elsewhere problems that are none, because what they are about happens on another way
     */
    public Timeline among(OtherWays others, Set<Problem> elsewhere) {
        List<Problem> left =
                problems.stream().filter(p -> !elsewhere.contains(p)).toList();
        return new Timeline(
                tracks, times, lines, happened.when(), events, beats, left, new Decided(decided.made(), others));
    }

    /** The ways through beside this one. */
    public OtherWays otherWays() {
        return decided.ways();
    }

    /** This way where an action happens on it, else the nearest one on which it does; this one when there is none. */
    public Timeline playing(String action) {
        return times.containsKey(action) ? this : decided.ways().playing(action).orElse(this);
    }

    /** How the reads came out that follow from where people are. */
    public List<Decision> decisions() {
        return decided.made();
    }

    /**
     * How far somebody has come, metres, of a path that they leave before its end; empty for one that they go to the
     * end.
     */
    public OptionalDouble brokenOff(String action) {
        return events.stream()
                .filter(e -> e.kind() == Event.Kind.BREAK_OFF && e.action().equals(action))
                .mapToDouble(e -> gone(e.who(), times.get(action).start(), e.t()))
                .findFirst();
    }

    /** Whether a person is anywhere else in the rep than where they begin. */
    public boolean moves(String person) {
        return people.get(person).end() > 0;
    }

    /** From when on nobody moves any more, seconds after the whistle. */
    public double stillFrom() {
        return people.values().stream().mapToDouble(PersonTrack::end).max().orElse(0);
    }

    /** Whether somebody who goes for a ball takes it on its way to another. */
    public boolean cutsOut(String action) {
        return events.stream()
                .anyMatch(e -> e.kind() == Event.Kind.CUT_OUT && e.action().equals(action));
    }

    /** How far somebody goes from one moment to another, metres. */
    public double gone(String who, double from, double to) {
        int steps = Math.max(1, (int) Math.ceil((to - from) / LOOK));
        double sum = 0;
        for (int i = 0; i < steps; i++) {
            sum += at(who, from + (to - from) * i / steps).distance(at(who, from + (to - from) * (i + 1) / steps));
        }
        return sum;
    }

    /** Which way every read goes: as it was chosen, else as was worked out. */
    public Choices settled(Choices chosen) {
        Choices settled = chosen;
        for (Decision decision : decided.made()) {
            settled = settled.with(decision.read(), decision.option());
        }
        return settled;
    }

    /**
     * When a read comes up, seconds after the whistle: as soon as any of its options could begin; empty when it never
     * does.
     */
    public OptionalDouble comesUp(Read read, Stage stage) {
        return read.options().stream()
                .flatMap(o -> o.actions().stream().limit(1))
                .flatMap(id -> stage.action(id).stream())
                .flatMapToDouble(a -> begins(stage, a))
                .min();
    }

    private DoubleStream begins(Stage stage, Action action) {
        if (times(action.id()).isPresent()) {
            ActionTimes at = times(action.id()).get();
            return DoubleStream.of(
                    Math.min(at.start(), at.cued() + Math.max(0, action.cue().delay())));
        }
        if (action.cue().trigger().followsOwn()) {
            List<Action> own = stage.actionsOf(action.who());
            return own.subList(0, own.indexOf(action)).stream()
                    .flatMap(a -> times(a.id()).stream())
                    .mapToDouble(a -> a.end() + action.cue().delay())
                    .max()
                    .stream();
        }
        return moment(action.cue()).stream();
    }

    /** When a moment comes, its delay included, seconds after the whistle; empty when it never does. */
    public OptionalDouble moment(Cue cue) {
        return happened.moment(cue);
    }

    /** When a moment comes, seconds after the whistle; empty when it never does. */
    public OptionalDouble moment(Trigger trigger) {
        return happened.moment(trigger);
    }

    @Override
    public List<String> handled() {
        return List.copyOf(tracks.gear().keySet());
    }

    @Override
    public Vec gear(String piece, double t) {
        return handled(piece).at(t, who -> at(who, t));
    }

    @Override
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

    @Override
    public double duration() {
        return duration;
    }

    @Override
    public List<Event> events() {
        return events;
    }

    /** What happens together, in order of time. */
    public List<Beat> beats() {
        return beats;
    }

    /** What cannot happen, and why; the rest is played around it. */
    public List<Problem> problems() {
        return problems;
    }

    @Override
    public List<String> people() {
        return List.copyOf(people.keySet());
    }

    @Override
    public List<String> balls() {
        return List.copyOf(balls.keySet());
    }

    @Override
    public Pose pose(String person, double t) {
        return person(person).seen(t);
    }

    @Override
    public Vec at(String person, double t) {
        return person(person).at(t);
    }

    private PersonTrack person(String id) {
        PersonTrack track = people.get(id);
        if (track == null) {
            throw new IllegalArgumentException("nobody is called " + id);
        }
        return track;
    }

    @Override
    public Vec ball(String ball, double t) {
        return track(ball).at(t, who -> at(who, t));
    }

    @Override
    public Optional<String> holder(String ball, double t) {
        return track(ball).holder(t);
    }

    @Override
    public List<Possession> possessions(String ball) {
        return track(ball).possessions(duration);
    }

    @Override
    public double inPlayFrom(String ball) {
        return track(ball).firstHeld();
    }

    /** The pass or shot that a ball is travelling on at a time. */
    public Optional<String> sentBy(String ball, double t) {
        return track(ball).sentBy(t);
    }

    /** When an action happens; empty when it never does. */
    public Optional<ActionTimes> times(String action) {
        return Optional.ofNullable(times.get(action));
    }

    @Override
    public Set<String> underWay(double t) {
        return times.entrySet().stream()
                .filter(e -> e.getValue().start() <= t && t < e.getValue().over())
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /**
     * Where an action's line runs, at least two points: for one that is not chosen, as it runs on the way on which it
     * is; for an action that never happens, where it would.
     */
    public List<Vec> line(String action) {
        Timeline way = playing(action);
        if (way != this) {
            return way.line(action);
        }
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

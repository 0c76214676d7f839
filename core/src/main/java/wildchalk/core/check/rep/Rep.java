package wildchalk.core.check.rep;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.ask.Sight;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.motion.Abilities;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Speeds;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.ActionTimes;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** One rung played on one way through its reads. */
public final class Rep {

    /** Longer than this nobody looks, seconds; assumed. */
    private static final double LONGEST = 180;
    /** What is nearer than this is told to the tenth, metres. */
    private static final double NEAR = 3;

    private final Looked looked;
    private final Stage stage;
    private final Choices way;
    private final Timeline timeline;
    private final List<Track> tracks;
    private final Map<String, Track> byId = new HashMap<>();
    private final List<BallFlight> flights;
    private final Map<String, Resting> resting = new HashMap<>();

    Rep(Looked looked, Stage stage, Choices way, Timeline timeline) {
        this.looked = looked;
        this.stage = stage;
        this.way = way;
        this.timeline = timeline;
        int looks = 2 + (int) Math.ceil(Math.min(LONGEST, timeline.duration()) / Track.STEP);
        this.tracks =
                stage.people().stream().map(p -> new Track(p, timeline, looks)).toList();
        tracks.forEach(t -> byId.put(t.id(), t));
        this.flights = flown();
    }

    private List<BallFlight> flown() {
        Map<String, String> balls = new HashMap<>();
        for (Event event : timeline.events()) {
            if (event.kind() == Event.Kind.RELEASE && event.ball() != null) {
                balls.putIfAbsent(event.action(), event.ball());
            }
        }
        Speeds speeds = Abilities.speeds(stage, looked.surface());
        List<BallFlight> all = new ArrayList<>();
        for (Action action : stage.actions()) {
            if (action instanceof Action.Delivery delivery && balls.containsKey(action.id())) {
                timeline.times(action.id())
                        .filter(t -> t.arrival() > t.release())
                        .map(t -> flight(delivery, balls.get(action.id()), t, speeds))
                        .ifPresent(all::add);
            }
        }
        return all;
    }

    private BallFlight flight(Action.Delivery delivery, String ball, ActionTimes t, Speeds speeds) {
        Speeds.Met met = delivery.receiver().isPresent() ? Speeds.Met.ON_ITS_WAY : Speeds.Met.LATER;
        return new BallFlight(
                delivery,
                ball,
                timeline.line(delivery.id()),
                t.release(),
                t.arrival(),
                speeds.forPerson(delivery.who()).motion(delivery, met));
    }

    /** What it is part of. */
    public Looked looked() {
        return looked;
    }

    /** The rung, built. */
    public Stage stage() {
        return stage;
    }

    /** Which way its reads go. */
    public Choices way() {
        return way;
    }

    /** Who is where when. */
    public Timeline timeline() {
        return timeline;
    }

    /** What is played on. */
    public Surface surface() {
        return looked.surface();
    }

    /** Everybody's places. */
    public List<Track> tracks() {
        return tracks;
    }

    /** The places of one person. */
    public Optional<Track> track(String who) {
        return Optional.ofNullable(byId.get(who));
    }

    /** The balls in flight, in the order of what sends them. */
    public List<BallFlight> flights() {
        return flights;
    }

    /** Those who stand in line behind whoever is in front. */
    public List<Stander> standers() {
        List<Stander> all = new ArrayList<>();
        for (Piece.Person person : stage.people()) {
            if (person instanceof Piece.LineUp line) {
                for (int k = 1; k <= line.waiting(); k++) {
                    all.add(new Stander(line, line.slot(k)));
                }
            }
        }
        return all;
    }

    /** Somebody who waits in a line. */
    public record Stander(Piece.LineUp line, Vec at) {}

    /**
     * Where a ball lies at each look; null while somebody has it or it is on its way.
     *
     * @param ball its id
     */
    public Vec lies(String ball, int look) {
        Resting rests = resting.computeIfAbsent(ball, b -> new Resting(this, b));
        return rests.places[Math.min(rests.places.length - 1, look)];
    }

    /** Where a ball lies, read off once. */
    private static final class Resting {

        /** Farther than this from one look to the next it rolls, metres. */
        private static final double ROLLS = 0.03;

        private final Vec[] places;

        Resting(Rep rep, String ball) {
            int looks = 2 + (int) (Math.min(LONGEST, rep.timeline.duration()) / Track.STEP);
            places = new Vec[looks];
            Vec before = null;
            for (int k = 0; k < looks; k++) {
                double t = k * Track.STEP;
                boolean free = rep.timeline.holder(ball, t).isEmpty()
                        && rep.timeline.sentBy(ball, t).isEmpty();
                Vec now = free ? rep.timeline.ball(ball, t) : null;
                boolean rests = now != null && (before == null || now.distance(before) < ROLLS);
                places[k] = rests ? now : null;
                before = now;
            }
        }
    }

    /** How somebody stands at a time. */
    public Pose pose(String who, double t) {
        return timeline.pose(who, t);
    }

    /** Whether somebody has a place before their eyes at a time, without turning. */
    public boolean sees(String who, double t, Vec place) {
        return sees(pose(who, t), place);
    }

    /** The same of whoever stands so. */
    public static boolean sees(Pose pose, Vec place) {
        return new Sight(pose, Optional.empty(), Optional.empty(), Optional.empty()).sees(place);
    }

    /** What somebody does with their legs at a time; empty while they stand. */
    public Optional<Travel> going(String who, double t) {
        return stage.actionsOf(who).stream()
                .filter(Travel.class::isInstance)
                .map(Travel.class::cast)
                .filter(a -> timeline.times(a.id())
                        .filter(x -> x.start() <= t && t <= x.end() + 1)
                        .isPresent())
                .reduce((a, b) -> b);
    }

    /** What somebody does at a time or did last; empty for who has done nothing yet. */
    public Optional<Action> doing(String who, double t) {
        return stage.actionsOf(who).stream()
                .filter(a -> timeline.times(a.id()).filter(x -> x.start() <= t).isPresent())
                .reduce((a, b) -> b);
    }

    /** What somebody is called. */
    public String name(String who) {
        return looked.name(stage, who);
    }

    /** Metres as they are said, what is near to the tenth. */
    public String metres(double metres) {
        return metres(looked.unit(), metres);
    }

    /** The same in a unit. */
    public static String metres(Unit unit, double metres) {
        return metres < NEAR ? unit.exact(metres) : unit.spoken(metres);
    }
}

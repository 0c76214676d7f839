package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Supplier;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.RouteBuilder;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Leg;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.SpeedProfile;
import wildchalk.core.motion.Speeds;
import wildchalk.core.motion.Standing;

/** Moves the people of a stage: travels that follow each other without a stop are one run. */
final class Bodies {

    /**
     * A run of one or more travels.
     *
     * @param ends when each of them is over, seconds
     * @param marks metres along the route at which each begins, and the end of the last
     */
    record Chain(List<Travel> travels, double[] ends, double begun, SpeedProfile profile, double[] marks) {

        /** When somebody has come so far along one of the paths. */
        double timeAt(String action, Cue.Trigger mark) {
            int i = indexOf(action);
            double length = marks[i + 1] - marks[i];
            double gone = mark instanceof Cue.Partway p ? p.share() * length : ((Cue.Gone) mark).metres();
            return begun + profile.timeAt(marks[i] + Math.max(0, Math.min(length, gone)));
        }

        int indexOf(String action) {
            for (int i = 0; i < travels.size(); i++) {
                if (travels.get(i).id().equals(action)) {
                    return i;
                }
            }
            return -1;
        }

        double endOf(String action) {
            return ends[indexOf(action)];
        }
    }

    /** A turn sharper than this is rounded like this one, in radians. */
    private static final double SHARPEST = Math.PI * 0.95;
    /** Metres before and after the corner that somebody sent another way has at least to round it. Assumed. */
    private static final double LEAST_REACH = 0.2;

    /** Slower than this is standing, m/s. */
    private static final double STANDS = 0.02;

    private final Map<String, List<Action>> actionsOf = new HashMap<>();
    private final Places places;
    private final Speeds speeds;
    private final Map<String, PersonTrack> tracks = new LinkedHashMap<>();
    private final Map<String, Chain> running = new HashMap<>();
    private final Map<String, Supplier<List<Vec>>> lines;

    Bodies(Stage stage, Places places, Speeds speeds, Map<String, Supplier<List<Vec>>> lines) {
        this.places = places;
        this.speeds = speeds;
        this.lines = lines;
        for (Piece.Person person : stage.people()) {
            tracks.put(person.id(), new PersonTrack(new Pose(person.at(), person.facing())));
        }
        stage.actions().forEach(a -> actionsOf
                .computeIfAbsent(a.who(), w -> new ArrayList<>())
                .add(a));
    }

    Map<String, PersonTrack> tracks() {
        return tracks;
    }

    PersonTrack track(String who) {
        return tracks.get(who);
    }

    /** The run that somebody is on or was on last; null for who has not moved. */
    Chain running(String who) {
        return running.get(who);
    }

    /**
     * Sends somebody off on {@code first} and all that follows it without a stop.
     *
     * @param end where the first path ends when that is not where it was drawn
     */
    Chain start(Travel drawn, Optional<Vec> end, double time) {
        Travel first =
                end.map(e -> drawn.withPath(drawn.path().endingAt(Spot.at(e)))).orElse(drawn);
        List<Travel> travels = chain(drawn);
        travels.set(0, first);
        PersonTrack track = tracks.get(first.who());
        Vec velocity = track.velocity(time);
        RouteBuilder builder = new RouteBuilder(track.at(time), speeds.corners().cut());
        List<Vec> entry = entry(track.at(time), velocity, first);
        boolean hasEntry = !entry.isEmpty();
        if (hasEntry) {
            builder.straight(entry);
        }
        travels.forEach(travel -> lay(builder, travel));
        Route route = builder.build();
        double[] tops = tops(travels, hasEntry);
        boolean stops = !goesThrough(travels.get(travels.size() - 1));
        SpeedProfile profile = new SpeedProfile(route, tops, velocity.length(), stops, speeds);
        addLegs(track, route, profile, travels, hasEntry, time);
        double[] ends = new double[travels.size()];
        int shift = hasEntry ? 1 : 0;
        for (int i = 0; i < ends.length; i++) {
            ends[i] = time + profile.timeAt(route.sectionEnd(i + shift));
            double from = i == 0 ? 0 : route.sectionEnd(i + shift - 1);
            double to = route.sectionEnd(i + shift);
            lines.put(travels.get(i).id(), () -> route.part(from, to));
        }
        ends[ends.length - 1] +=
                speeds.takes().after(travels.get(travels.size() - 1).ending());
        double[] marks = new double[ends.length + 1];
        for (int i = 0; i < marks.length; i++) {
            marks[i] = i + shift == 0 ? 0 : route.sectionEnd(i + shift - 1);
        }
        Chain chain = new Chain(travels, ends, time, profile, marks);
        running.put(first.who(), chain);
        return chain;
    }

    /** Somebody is not on a run of their own any more. */
    void forget(String who) {
        running.remove(who);
    }

    /** Lets somebody who moves come to rest, straight on; when they do. */
    double halt(String who, double now) {
        PersonTrack track = tracks.get(who);
        Vec velocity = track.velocity(now);
        double speed = velocity.length();
        if (speed < STANDS) {
            return now;
        }
        Vec at = track.at(now);
        Route route = new RouteBuilder(at, speeds.corners().cut())
                .straight(List.of(at.plus(velocity.unit().times(speed * speed / (2 * speeds.brake())))))
                .build();
        SpeedProfile braking = new SpeedProfile(route, new double[] {speed}, speed, true, speeds);
        double turned = track.pose(now).facing() - velocity.angle();
        track.add(new Leg(now, now + braking.duration(), now, route, braking, turned, null));
        return now + braking.duration();
    }

    /** Lets somebody come to rest and turn; when they have. */
    double stand(Action.Hold hold, double now) {
        String who = hold.who();
        double rest = halt(who, now);
        PersonTrack track = tracks.get(who);
        Pose pose = track.pose(rest);
        double shorter = hold.facing()
                .map(places::of)
                .filter(f -> f.distance(pose.at()) > 0.01)
                .map(f -> Math.IEEEremainder(f.minus(pose.at()).angle() - pose.facing(), 2 * Math.PI))
                .orElse(0.0);
        double by = turned(hold.turn(), shorter);
        double end = rest + Math.abs(by) / Math.PI * speeds.takes().turning();
        track.add(new Standing(rest, end, pose.at(), pose.facing(), by));
        return end;
    }

    /** By how much a body turns that could turn by {@code shorter}; clockwise is to the right. */
    private static double turned(Action.Hold.Turn turn, double shorter) {
        return switch (turn) {
            case SHORTER -> shorter;
            case OPEN_LEFT -> shorter > 1e-9 ? shorter - 2 * Math.PI : shorter;
            case OPEN_RIGHT -> shorter < -1e-9 ? shorter + 2 * Math.PI : shorter;
            case SPIN -> shorter + (shorter < 0 ? -2 * Math.PI : 2 * Math.PI);
        };
    }

    /** When everybody who does not follow somebody else has come to rest. */
    double quiet() {
        return tracks.values().stream()
                .mapToDouble(PersonTrack::end)
                .filter(Double::isFinite)
                .max()
                .orElse(0);
    }

    private Vec firstPlace(Travel travel) {
        return places.of(travel.path().through().get(0));
    }

    private void lay(RouteBuilder builder, Travel travel) {
        List<Vec> through = places.of(travel.path());
        Going.Corner corner = travel.going().corner();
        builder.cornering(speeds.corners().radius(corner), speeds.corners().share(corner), corner == Going.Corner.SPIN);
        if (travel.path().smooth()) {
            builder.smooth(through);
        } else {
            builder.straight(through);
        }
    }

    private double[] tops(List<Travel> travels, boolean hasEntry) {
        List<Double> tops = new ArrayList<>();
        if (hasEntry) {
            tops.add(speeds.topOf(travels.get(0)));
        }
        travels.forEach(travel -> tops.add(speeds.topOf(travel)));
        return tops.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** Travels that are run as one: each goes through its end into the next. */
    private List<Travel> chain(Travel first) {
        List<Travel> travels = new ArrayList<>(List.of(first));
        Travel last = first;
        while (goesThrough(last) && next(last) instanceof Travel travel && !(travel instanceof Travel.Collect)) {
            travels.add(travel);
            last = travel;
        }
        return travels;
    }

    /**
     * Whether a travel passes its end at speed: it does when it is not told to stop and its person does something else
     * at that very moment. Who has nothing more to do there comes to rest where the line ends.
     */
    private boolean goesThrough(Travel travel) {
        Action next = next(travel);
        return travel.ending() == Ending.GO_ON
                && next != null
                && next.cue().delay() == 0
                && (next.cue().trigger().followsOwn() || next.cue().trigger().equals(new Cue.After(travel.id())));
    }

    private Action next(Action action) {
        List<Action> own = actionsOf.get(action.who());
        for (int i = 0; i + 1 < own.size(); i++) {
            if (own.get(i).id().equals(action.id())) {
                return own.get(i + 1);
            }
        }
        return null;
    }

    /**
     * Somebody at speed who is sent another way needs room: they go on for as far as it takes to brake for whatever
     * turn there is, and turn there.
     */
    private List<Vec> entry(Vec at, Vec velocity, Travel travel) {
        Vec next = firstPlace(travel);
        double speed = velocity.length();
        if (speed < 0.1 || next.distance(at) < 1e-6) {
            return List.of();
        }
        double turn = Math.abs(Math.atan2(velocity.cross(next.minus(at)), velocity.dot(next.minus(at))));
        if (turn < Math.toRadians(3)) {
            return List.of();
        }
        double tan = Math.tan(Math.min(turn, SHARPEST) / 2);
        double reach = Math.max(
                LEAST_REACH,
                Math.min(RouteBuilder.LONGEST_REACH, tan)
                        * speeds.corners().radius(travel.going().corner()));
        double brake = speed * speed / (2 * speeds.brake());
        return List.of(at.plus(velocity.unit().times(brake + reach)));
    }

    private void addLegs(
            PersonTrack track, Route route, SpeedProfile profile, List<Travel> travels, boolean hasEntry, double time) {
        double start = time;
        for (int i = 0; i < travels.size(); i++) {
            double end = time + profile.timeAt(route.sectionEnd(i + (hasEntry ? 1 : 0)));
            double turned = turned(travels.get(i).gait(), track.pose(start).facing(), route.heading(0));
            track.add(new Leg(start, end, time, route, profile, turned, watched(travels.get(i))));
            start = end;
        }
        if (profile.endSpeed() > 1e-6) {
            track.add(easeOff(route, profile.endSpeed(), start, travels.get(travels.size() - 1)));
        }
    }

    /** Nobody stops dead: who shoots or passes on the run brakes beyond the end of the path. */
    private Leg easeOff(Route route, double speed, double start, Travel last) {
        double heading = route.heading(route.length());
        double room = speed * speed / (2 * speeds.brake());
        Route beyond = new RouteBuilder(route.end(), speeds.corners().cut())
                .straight(List.of(route.end().plus(Vec.polar(room, heading))))
                .build();
        SpeedProfile braking = new SpeedProfile(beyond, new double[] {speeds.topOf(last)}, speed, true, speeds);
        return new Leg(
                start,
                start + braking.duration(),
                start,
                beyond,
                braking,
                turned(last.gait(), heading, heading),
                watched(last));
    }

    /** Where what somebody watches on the way is at a time; null for who looks where they go. */
    private DoubleFunction<Vec> watched(Travel travel) {
        Spot spot = travel.going().watching().orElse(null);
        if (spot instanceof Spot.AtPiece p && tracks.containsKey(p.piece())) {
            PersonTrack other = tracks.get(p.piece());
            return t -> other.at(t).plus(p.offset());
        }
        return spot == null ? null : t -> places.of(spot);
    }

    private static double turned(Gait gait, double facing, double heading) {
        return switch (gait) {
            case BACK -> Math.PI;
            case SIDE -> Math.sin(facing - heading) < 0 ? -Math.PI / 2 : Math.PI / 2;
            default -> 0;
        };
    }
}

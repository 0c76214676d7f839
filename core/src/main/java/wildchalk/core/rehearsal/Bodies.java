package wildchalk.core.rehearsal;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.DoubleStream;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Going;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.RouteBuilder;
import wildchalk.core.geometry.SteadyLine;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Leg;
import wildchalk.core.motion.Pause;
import wildchalk.core.motion.PersonTrack;
import wildchalk.core.motion.Pose;
import wildchalk.core.motion.Redirection;
import wildchalk.core.motion.Sliding;
import wildchalk.core.motion.SpeedProfile;
import wildchalk.core.motion.Speeds;
import wildchalk.core.motion.Standing;
import wildchalk.core.motion.Stretch;

/** Moves the people of a stage: travels that follow each other without a stop are one run. */
final class Bodies {

    /** What a line wavers by less than this is the hand that drew it, metres; nobody runs it. Assumed. */
    private static final double SHAKE = 0.15;

    /** How much faster than on the whole somebody is driven off at most. */
    private static final double SHOVED = 2;

    /** Slower than this is standing, m/s. */
    private static final double STANDS = 0.02;

    private final Map<String, List<Action>> actionsOf = new HashMap<>();
    private final Places places;
    private final Speeds speeds;
    private final Map<String, PersonTrack> tracks = new LinkedHashMap<>();
    private final Map<String, Chain> running = new HashMap<>();
    private final Map<String, Supplier<List<Vec>>> lines;
    private final Meetings meetings;
    private final Turning turning;

    /** @param played what happens on this way through, in drawing order */
    Bodies(
            Stage stage,
            List<Action> played,
            Places places,
            Meetings meetings,
            Speeds speeds,
            Map<String, Supplier<List<Vec>>> lines) {
        this.places = places;
        this.meetings = meetings;
        this.speeds = speeds;
        this.lines = lines;
        for (Piece.Person person : stage.people()) {
            tracks.put(person.id(), Postures.first(stage, person));
        }
        turning = new Turning(places, tracks);
        played.forEach(
                a -> actionsOf.computeIfAbsent(a.who(), w -> new ArrayList<>()).add(a));
    }

    /** The passes that are met on lines. */
    Meetings meetings() {
        return meetings;
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
     * @param hasBall whether they have a ball in hand or at their feet
     */
    Chain start(Travel drawn, Optional<Vec> end, double time, boolean hasBall) {
        Travel first =
                end.map(e -> drawn.withPath(drawn.path().endingAt(Spot.at(e)))).orElse(meetings.part(drawn));
        List<Travel> travels = chain(drawn);
        travels.replaceAll(meetings::part);
        travels.set(0, first);
        PersonTrack track = tracks.get(first.who());
        Speeds theirs = speeds.forPerson(first.who());
        double[] tops = tops(travels, hasBall, theirs);
        Laid laid = laid(
                travels,
                tops,
                Redirection.entry(
                        track.moving(time), places.of(first.path().through().get(0)), theirs, tops[0]),
                track.moving(time));
        if (laid.profile().tooFast() > Redirection.TOO_FAST) {
            laid = laid(travels, tops, Redirection.beyond(track.moving(time), theirs), track.moving(time));
        }
        Route route = laid.route();
        SpeedProfile profile = laid.profile();
        boolean hasEntry = laid.hasEntry();
        addLegs(track, route, profile, travels, hasEntry, time);
        double[] ends = new double[travels.size()];
        int shift = hasEntry ? 1 : 0;
        for (int i = 0; i < ends.length; i++) {
            ends[i] = time + profile.timeAt(route.sectionEnd(i + shift));
            double begin = i == 0 ? 0 : route.sectionEnd(i + shift - 1);
            double over = route.sectionEnd(i + shift);
            lines.put(travels.get(i).id(), () -> route.part(begin, over));
        }
        ends[ends.length - 1] +=
                theirs.takes().after(travels.get(travels.size() - 1).ending());
        double[] marks = new double[ends.length + 1];
        for (int i = 0; i < marks.length; i++) {
            marks[i] = i + shift == 0 ? 0 : route.sectionEnd(i + shift - 1);
        }
        Chain chain = new Chain(travels, ends, time, route, profile, marks);
        running.put(first.who(), chain);
        return chain;
    }

    /** A way as it is run: its route and the speeds along it, and whether it begins with room to turn. */
    private record Laid(Route route, SpeedProfile profile, boolean hasEntry) {}

    /** @param entry places that somebody at speed runs to before they turn to the first path; none for who need not */
    private Laid laid(List<Travel> travels, double[] tops, List<Vec> entry, Stretch.Moving moving) {
        Speeds theirs = speeds.forPerson(travels.get(0).who());
        double speed = moving.velocity().length();
        RouteBuilder builder = new RouteBuilder(
                moving.at(), theirs.cornering(travels.get(0).going().corner(), tops[0]));
        boolean hasEntry = !entry.isEmpty();
        if (hasEntry) {
            builder.straight(entry);
        }
        Vec from = moving.at();
        for (int i = 0; i < tops.length; i++) {
            builder.cornering(theirs.cornering(travels.get(i).going().corner(), tops[i]));
            if (i == 0 && hasEntry) {
                builder.corneringOnce(theirs.cornering(Going.Corner.CUT, Math.max(tops[0], speed)));
            }
            lay(builder, from, travels.get(i), tops[i]);
            from = places.of(travels.get(i).path().last());
        }
        Route route = builder.build();
        boolean stops = !goesThrough(travels.get(travels.size() - 1));
        return new Laid(
                route,
                new SpeedProfile(
                        route,
                        hasEntry
                                ? DoubleStream.concat(DoubleStream.of(tops[0]), DoubleStream.of(tops))
                                        .toArray()
                                : tops,
                        speed,
                        stops,
                        theirs,
                        pauses(travels, route, hasEntry)),
                hasEntry);
    }

    /** Where feints cost time. */
    private static List<Pause> pauses(List<Travel> travels, Route route, boolean hasEntry) {
        List<Pause> pauses = new ArrayList<>();
        for (int i = 0; i < travels.size(); i++) {
            int section = i + (hasEntry ? 1 : 0);
            double from = section == 0 ? 0 : route.sectionEnd(section - 1);
            double length = route.sectionEnd(section) - from;
            travels.get(i).going().craft().feints().stream()
                    .filter(f -> f.seconds() > 0)
                    .forEach(f -> pauses.add(new Pause(from + f.share() * length, f.seconds())));
        }
        return pauses;
    }

    /** Somebody is stopped by another; when they stand. */
    double stopDead(String who, double now) {
        PersonTrack track = tracks.get(who);
        if (track.velocity(now).length() < STANDS) {
            return now;
        }
        Sliding sliding = Sliding.from(now, track.pose(now), track.velocity(now));
        track.add(sliding);
        return sliding.end();
    }

    /** Somebody is driven off their place, their face where it was; when they stand again. */
    double shove(String who, Vec way, double now, double seconds) {
        PersonTrack track = tracks.get(who);
        Vec at = track.at(now);
        Route route = RouteBuilder.sharp(at).straight(List.of(at.plus(way))).build();
        double top = SHOVED * way.length() / Math.max(0.1, seconds);
        SpeedProfile pushed = new SpeedProfile(route, new double[] {top}, 0, true, speeds.forPerson(who));
        double turned = track.pose(now).facing() - way.angle();
        double end = now + Math.max(pushed.duration(), 0);
        track.add(new Leg(now, end, now, route, pushed, turned, Leg.Pivot.NONE, null));
        return Math.max(end, now + seconds);
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
        Speeds theirs = speeds.forPerson(who);
        Route route = RouteBuilder.sharp(at)
                .straight(List.of(at.plus(velocity.unit().times(speed * speed / (2 * theirs.brake())))))
                .build();
        SpeedProfile braking = new SpeedProfile(route, new double[] {speed}, speed, true, theirs);
        double turned = track.pose(now).facing() - velocity.angle();
        track.add(new Leg(now, now + braking.duration(), now, route, braking, turned, Leg.Pivot.NONE, null));
        return now + braking.duration();
    }

    /** Lets somebody come to rest and turn; when they have. */
    double stand(Hold hold, double now) {
        String who = hold.who();
        double rest = halt(who, now);
        PersonTrack track = tracks.get(who);
        Pose pose = track.pose(rest);
        double shorter = hold.facing()
                .map(places::of)
                .filter(f -> f.distance(pose.at()) > 0.01)
                .map(f -> Math.IEEEremainder(f.minus(pose.at()).angle() - pose.facing(), 2 * Math.PI))
                .orElse(0.0);
        double by = Turning.by(hold.turn(), shorter);
        double end =
                rest + Math.abs(by) / Math.PI * speeds.forPerson(who).takes().turning();
        track.add(new Standing(rest, end, pose.at(), pose.facing(), by));
        return end;
    }

    /** When everybody who does not follow somebody else has come to rest. */
    double quiet() {
        return tracks.values().stream()
                .mapToDouble(PersonTrack::end)
                .filter(Double::isFinite)
                .max()
                .orElse(0);
    }

    private void lay(RouteBuilder builder, Vec from, Travel travel, double top) {
        List<Vec> line = new ArrayList<>(List.of(from));
        line.addAll(places.of(travel.path()));
        BitSet named = new BitSet();
        for (int i = 1; i < line.size(); i++) {
            named.set(i, !(travel.path().through().get(i - 1) instanceof Spot.Place));
        }
        Speeds theirs = speeds.forPerson(travel.who());
        if (travel.path().smooth()) {
            List<Vec> steady = SteadyLine.smooth(line, named, SHAKE, theirs.grip() / (top * top));
            builder.smooth(steady.subList(1, steady.size()));
        } else {
            List<Vec> steady = SteadyLine.straight(line, named, SHAKE);
            builder.straight(steady.subList(1, steady.size()));
        }
    }

    /** How fast each of several travels is gone at most, m/s: with a ball nobody is as fast as without. */
    private static double[] tops(List<Travel> travels, boolean hasBall, Speeds theirs) {
        return travels.stream()
                .mapToDouble(t -> theirs.topOf(t) * (hasBall || t instanceof Travel.Carry ? theirs.withBall(t) : 1))
                .toArray();
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
        if (meetings.stop(travel).isPresent()) {
            return false;
        }
        Action next = next(travel);
        boolean onMeeting = next != null
                && meetings.atEnd(travel)
                        .filter(p -> next.cue().trigger().equals(new Cue.Received(p.id())))
                        .isPresent();
        return travel.ending() == Ending.GO_ON
                && next != null
                && next.cue().delay() == 0
                && (onMeeting
                        || next.cue().trigger().followsOwn()
                        || next.cue().trigger().equals(new Cue.After(travel.id())));
    }

    private Action next(Action action) {
        List<Action> own = actionsOf.getOrDefault(action.who(), List.of());
        for (int i = 0; i + 1 < own.size(); i++) {
            if (own.get(i).id().equals(action.id())) {
                return own.get(i + 1);
            }
        }
        return null;
    }

    private void addLegs(
            PersonTrack track, Route route, SpeedProfile profile, List<Travel> travels, boolean hasEntry, double time) {
        double start = time;
        for (int i = 0; i < travels.size(); i++) {
            double end = time + profile.timeAt(route.sectionEnd(i + (hasEntry ? 1 : 0)));
            double before = track.pose(start).facing();
            double turned = Turning.with(travels.get(i).gait(), before, route.heading(0));
            int section = i + (hasEntry ? 1 : 0);
            double faces = route.heading((section == 0 ? 0 : route.sectionEnd(section - 1)) + 1e-6) + turned;
            Leg.Pivot pivot = Turning.pivot(travels.get(i), speeds, Math.IEEEremainder(faces - before, 2 * Math.PI));
            track.add(new Leg(start, end, time, route, profile, turned, pivot, turning.watched(travels.get(i))));
            start = end;
        }
        if (profile.endSpeed() > 1e-6) {
            track.add(easeOff(route, profile.endSpeed(), start, travels.get(travels.size() - 1)));
        }
    }

    /** Nobody stops dead: who shoots or passes on the run brakes beyond the end of the path. */
    private Leg easeOff(Route route, double speed, double start, Travel last) {
        double heading = route.heading(route.length());
        Speeds theirs = speeds.forPerson(last.who());
        double room = speed * speed / (2 * theirs.brake());
        Route beyond = RouteBuilder.sharp(route.end())
                .straight(List.of(route.end().plus(Vec.polar(room, heading))))
                .build();
        SpeedProfile braking = new SpeedProfile(beyond, new double[] {theirs.topOf(last)}, speed, true, theirs);
        return new Leg(
                start,
                start + braking.duration(),
                start,
                beyond,
                braking,
                Turning.with(last.gait(), heading, heading),
                Leg.Pivot.NONE,
                turning.watched(last));
    }
}

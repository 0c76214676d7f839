package wildchalk.core.check.hurt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import wildchalk.core.check.Finding;
import wildchalk.core.check.mend.Remedies;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Near;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Solid;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.check.rep.Track;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.motion.Abilities;
import wildchalk.core.surface.Surface;

/** Running or skating at boards, walls, posts and hard gear without the room to stop before them. */
final class Stopping implements DrillCheck.OfRep {

    /** Nobody brakes harder than this share of what they can without thinking of it; assumed. */
    private static final double COMFORTABLE = 0.6;
    /** Who comes no nearer to a wall goes past it, metres; assumed. */
    private static final double AT_WALL = 1;
    /** Who comes no nearer to something slim goes past it, metres; assumed. */
    private static final double AT_SLIM = 0.6;
    /** So long before one looks how fast they came, looks. */
    private static final int BEFORE = 15;

    @Override
    public String id() {
        return "stopping";
    }

    /** Something to run into: how far a place is from it, and how near is at it. */
    private record Obstacle(String id, String name, ToDoubleFunction<Vec> distance, double within) {}

    @Override
    public List<Spotted> in(Rep rep) {
        List<Obstacle> obstacles = obstacles(rep);
        List<Spotted> found = new ArrayList<>();
        for (Track track : rep.tracks()) {
            if (track.fastest() >= Assumed.closing(rep.looked().level())) {
                for (Obstacle obstacle : obstacles) {
                    hit(rep, track, obstacle).ifPresent(found::add);
                }
            }
        }
        return found;
    }

    private static List<Obstacle> obstacles(Rep rep) {
        List<Obstacle> all = new ArrayList<>();
        Surface surface = rep.surface();
        if (surface.edge() == Surface.Edge.BOARDS) {
            all.add(new Obstacle("", Said.BOOK.say("the.boards"), p -> inside(surface, p, 0), AT_WALL));
        } else if (surface.ground() == Surface.Ground.FLOOR) {
            all.add(new Obstacle("", Said.BOOK.say("the.wall"), p -> inside(surface, p, surface.runOff()), AT_WALL));
        }
        Solid.posts(surface).forEach(s -> all.add(new Obstacle(s.id(), Said.BOOK.say("a.post"), s::distance, AT_SLIM)));
        for (Solid solid : Solid.of(rep)) {
            // What is slim and stands by itself is run over, or a line goes round it: that is looked at elsewhere.
            if (solid.kind() == Solid.Kind.POST) {
                all.add(new Obstacle(solid.id(), Said.BOOK.say("a.post"), solid::distance, AT_SLIM));
            } else if (solid.kind() == Solid.Kind.HARD && !solid.isSlim()) {
                all.add(new Obstacle(solid.id(), rep.name(solid.id()), solid::distance, AT_WALL));
            }
        }
        return all;
    }

    /** How far a place is from the edge, seen from inside, metres. */
    private static double inside(Surface surface, Vec p, double runOff) {
        double r = surface.cornerRadius();
        double inX = surface.length() / 2 + runOff - Math.abs(p.x());
        double inY = surface.width() / 2 + runOff - Math.abs(p.y());
        if (r > inX && r > inY) {
            return r - Math.hypot(r - inX, r - inY);
        }
        return Math.min(inX, inY);
    }

    private Optional<Spotted> hit(Rep rep, Track track, Obstacle obstacle) {
        double brake = Abilities.speeds(rep.stage(), rep.surface())
                        .forPerson(track.id())
                        .brake()
                * COMFORTABLE;
        double slowest = Assumed.closing(rep.looked().level());
        for (int k = 0; k < track.looks(); k++) {
            double d = obstacle.distance.applyAsDouble(track.at(k));
            boolean nearest = d < obstacle.within
                    && (k + 1 >= track.looks() || obstacle.distance.applyAsDouble(track.at(k + 1)) >= d - 1e-6);
            if (nearest) {
                int from = Math.max(0, k - BEFORE);
                for (int j = from; j < k; j++) {
                    double before = obstacle.distance.applyAsDouble(track.at(j));
                    double towards = (before - obstacle.distance.applyAsDouble(track.at(j + 1))) / Track.STEP;
                    double left = Math.max(0, before - Assumed.BODY);
                    if (towards >= slowest && towards * towards / (2 * brake) > left) {
                        return Optional.of(spotted(rep, track, obstacle, new Near(k * Track.STEP, d, towards)));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private Spotted spotted(Rep rep, Track track, Obstacle obstacle, Near near) {
        Remedies remedies = new Remedies(rep);
        Spotted spotted = Said.in(
                        rep,
                        id(),
                        id(),
                        rep.name(track.id()),
                        obstacle.name,
                        Math.round(near.closing()),
                        rep.metres(Math.max(0, near.metres())))
                .when(near.t())
                .at(rep.timeline().at(track.id(), near.t()))
                .metres(Math.max(0, near.metres()))
                .about(obstacle.id.isEmpty() ? List.of(track.id()) : List.of(track.id(), obstacle.id))
                .as(near.metres() < Assumed.BODY ? Spotted.Sure.CERTAIN : Spotted.Sure.LIKELY);
        Optional<Travel> going = rep.going(track.id(), near.t());
        List<Finding.Mend<Drill>> mends = new ArrayList<>();
        going.ifPresent(t -> mends.addAll(remedies.sooner(t, 3, 5, 7)));
        rep.stage()
                .piece(obstacle.id)
                .ifPresent(p -> mends.addAll(
                        remedies.aside(p, rep.timeline().at(track.id(), Math.max(0, near.t() - 1.5)), p.at(), 3, 5)));
        mends.addAll(remedies.slower(track.id(), near.t()));
        return spotted.mending(() -> mends);
    }
}

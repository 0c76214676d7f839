package wildchalk.core.flow;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** Where everybody and every ball of one copy is, pieced together from what was worked out. */
final class CopyTracks {

    /** Who moves up in a line walks, m/s; assumed. */
    private static final double WALK = 1.4;
    /** Who has farther than this jogs, metres; assumed. */
    private static final double FAR = 3;

    private static final double JOG = 3;
    /** Nearer than this one is there, metres. */
    private static final double NEAR = 0.05;
    /** Seconds before a rep at which it is looked where somebody waits for it. */
    private static final double JUST_BEFORE = 1e-3;

    private final Slots slots;
    private final Walks walks;
    private final Crowd crowd;
    private final double end;
    private final Queues queues;
    private final Map<String, Track> people = new LinkedHashMap<>();
    private final BallRuns balls;

    /** @param end seconds after the first whistle */
    CopyTracks(Slots slots, Walks walks, Rotating rotating, double end) {
        this.slots = slots;
        this.walks = walks;
        this.crowd = rotating.crowd();
        this.end = end;
        Map<Integer, Double> starts = new HashMap<>();
        rotating.reps().forEach(r -> starts.put(r.n(), r.t()));
        this.queues = new Queues(crowd, starts);
        if (!crowd.stands().isEmpty()) {
            for (int p = 0; p < crowd.size(); p++) {
                people.put(crowd.letter(p), new Walker(p).track());
            }
        }
        this.balls = new BallRuns(rotating, slots.rules(), people, starts);
    }

    /** By letter; empty where nobody plays. */
    Map<String, Track> people() {
        return people;
    }

    BallRuns balls() {
        return balls;
    }

    /** Pieces one person's way together. */
    private final class Walker {

        private final int person;
        private final Track track = new Track();
        private double now;
        private Vec at;
        private String role;
        private Side side = Side.DRAWN;

        Walker(int person) {
            this.person = person;
            Queues.Standing first = queues.at(person, 0);
            this.role = first.where().map(Floor.Place::role).orElse("");
            this.at = place(first, 0);
        }

        Track track() {
            List<Move> moves = crowd.moves().stream()
                    .filter(m -> m.who().equals(crowd.letter(person)))
                    .sorted(Comparator.comparingDouble(Move::from))
                    .toList();
            for (int i = 0; i < moves.size(); i++) {
                Move move = moves.get(i);
                stand(move.from(), move);
                if (move.way() instanceof Move.InRep rep) {
                    role = NextInLine.token(rep.role());
                    side = rep.side();
                    track.add(new Track.Stretch(now, move.to(), since(rep, move), role, side, Double.NaN));
                    at = move.at(move.to());
                } else {
                    boolean arrives = i + 1 == moves.size()
                            || moves.get(i + 1).isInRep()
                            || moves.get(i + 1).from() > move.to() + 1e-6;
                    Vec to = arrives ? place(queues.at(person, move.to()), move.to()) : move.at(move.to());
                    go(Math.max(now, move.to()), to);
                }
                now = Math.max(now, move.to());
            }
            stand(end, null);
            return track;
        }

        /** A rep that somebody is in a little later than it was thought goes on where it is by then. */
        private Move.InRep since(Move.InRep rep, Move move) {
            double late = now - move.from();
            return late <= 0 ? rep : new Move.InRep(rep.role(), rep.side(), rep.played(), rep.since() + late);
        }

        private void go(double until, Vec to) {
            track.add(new Track.Stretch(now, until, new Move.Straight(at, to), role, side, Double.NaN));
            now = until;
            at = to;
        }

        /** Waits, moving up with the line, and is on the right side when it begins. */
        private void stand(double until, Move next) {
            Vec begin = at;
            double leave = until;
            if (next != null && next.isInRep() && until > now) {
                begin = next.at(next.from());
                double before = Math.max(now, until - JUST_BEFORE);
                double far = place(queues.at(person, before), before).distance(begin);
                leave = far < NEAR ? until : Math.max(now, until - seconds(far));
            }
            while (now < leave - 1e-9) {
                Queues.Standing standing = queues.at(person, now);
                standing.where().ifPresent(w -> {
                    role = w.role();
                    side = w.side();
                });
                Vec to = place(standing, now);
                double change = queues.changes(standing, now, leave);
                double far = at.distance(to);
                if (far > NEAR) {
                    double seconds = far / (far > FAR ? JOG : WALK);
                    double there = Math.min(change, now + seconds);
                    go(there, at.towards(to, (there - now) / seconds));
                }
                double faces = standing.where()
                        .map(w -> slots.facing(w.role(), w.side()))
                        .orElse(0.0);
                track.add(new Track.Stretch(now, change, new Move.Straight(at, at), role, side, faces));
                now = Math.max(now, change);
            }
            if (leave < until) {
                go(until, begin);
            }
        }

        /** So long it takes to be where a rep begins, from where one waits: a step up, or over to the other side. */
        private double seconds(double far) {
            return far > FAR ? walks.seconds(far) : far / WALK;
        }

        private Vec place(Queues.Standing standing, double t) {
            return standing.where()
                    .map(w -> slots.at(w, queues.before(standing, t)))
                    .orElseGet(() -> slots.out(queues.before(standing, t)));
        }
    }
}

package wildchalk.core.flow;

import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/**
 * How somebody moves for a while.
 *
 * @param rep of which rep, or after which
 * @param from seconds after the first whistle
 */
record Move(String who, int rep, double from, double to, Way way) {

    /** Where somebody is meanwhile. */
    sealed interface Way {

        /** Seconds after its beginning; {@code share} of it that is over. */
        Vec at(double seconds, double share);

        /** Whose way it is, as far as it is told: the id of a role, empty between reps. */
        String role();
    }

    /**
     * As a role does in a rep.
     *
     * @param since seconds after the rep began at which they have the role
     */
    record InRep(String role, Side side, Played played, double since) implements Way {
        @Override
        public Vec at(double seconds, double share) {
            return Rules.at(played.timeline().at(role, since + seconds), side);
        }
    }

    /** Straight from one place to another. */
    record Straight(Vec start, Vec end) implements Way {
        @Override
        public Vec at(double seconds, double share) {
            return start.towards(end, share);
        }

        @Override
        public String role() {
            return "";
        }
    }

    static Move played(String who, int rep, double t, InRep way) {
        double ends = t + way.played().part(way.role()).ends();
        return new Move(who, rep, Math.min(ends, t + way.since()), ends, way);
    }

    /** Where they are at a time between its beginning and its end. */
    Vec at(double t) {
        return way.at(t - from, to > from ? Math.max(0, Math.min(1, (t - from) / (to - from))) : 1);
    }

    /** Whether both are in one rep, on the same side of it: what they do to each other there is meant. */
    boolean isWith(Move other) {
        return rep == other.rep && way instanceof InRep a && other.way instanceof InRep b && a.side() == b.side();
    }

    boolean isInRep() {
        return way instanceof InRep;
    }
}

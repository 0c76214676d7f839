package wildchalk.core.stroke;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import wildchalk.core.geometry.SteadyLine;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Ruler;

/** A stroke that goes to and fro or round: a flick, a zigzag, a wave, a scribble, a loop. All measures are assumed. */
final class Scrawl {

    /** A flick is no longer than this share of a reach, and no shorter than that. */
    private static final double FLICK = 0.95;

    private static final double HARDLY = 0.3;
    /** A hand that wavers less than this share of a reach goes straight. */
    private static final double WAVERS = 0.3;
    /** A turn of a zigzag, and one back on itself, radians. */
    private static final double TURN = Math.toRadians(55);

    private static final double BACK = Math.toRadians(105);
    /** So many turns make a zigzag, and a scribble. */
    private static final int ZIGZAG = 3;

    private static final int SCRIBBLE = 4;
    /** Whoever gets on less than this share of their way is not going anywhere. */
    private static final double NOWHERE = 0.3;
    /** A zigzag strays no farther to a side than so many reaches. */
    private static final double STRAYS = 1.6;
    /** A zigzag over more than this share of a way is a wave. */
    private static final double ALL_ALONG = 0.62;
    /** So far round something is round it, radians; and so near it must be gone, metres. */
    private static final double ROUND = Math.toRadians(285);

    private static final double NEAR = 5.5;

    private final List<Vec> points;
    private final List<Vec> corners;
    private final double reach;

    Scrawl(List<Vec> points, double reach) {
        this.points = points;
        this.reach = reach;
        this.corners = SteadyLine.straight(points, new BitSet(), reach * WAVERS);
    }

    /** Whether it is no way at all, but a pointing. */
    boolean isFlick() {
        double far = points.get(0).distance(points.get(points.size() - 1));
        return Ruler.length(points) <= FLICK * reach * 1.25 && far <= FLICK * reach && far >= HARDLY * reach;
    }

    /** The corners at which it turns by at least so much, by their index. */
    private List<Integer> turns(double least) {
        List<Integer> turns = new ArrayList<>();
        for (int i = 1; i + 1 < corners.size(); i++) {
            if (Math.abs(turn(i)) >= least) {
                turns.add(i);
            }
        }
        return turns;
    }

    private double turn(int i) {
        Vec before = corners.get(i).minus(corners.get(i - 1));
        Vec after = corners.get(i + 1).minus(corners.get(i));
        return Math.atan2(before.cross(after), before.dot(after));
    }

    /** Where it is scribbled; empty for what is none. */
    Optional<List<Vec>> scribble() {
        List<Integer> back = turns(BACK);
        if (back.size() < SCRIBBLE) {
            return Optional.empty();
        }
        int last = Math.min(corners.size() - 1, back.get(back.size() - 1) + 1);
        int first = Math.max(0, back.get(0) - 1);
        // From somebody a stroke first goes to what is meant.
        List<Vec> from = corners.subList(back.get(0), last + 1);
        double gone = from.get(0).distance(from.get(from.size() - 1));
        boolean nowhere = gone < NOWHERE * Ruler.length(from);
        boolean longWay = corners.get(first).distance(corners.get(back.get(0))) > 3 * reach;
        return nowhere ? Optional.of(longWay ? from : corners.subList(first, last + 1)) : Optional.empty();
    }

    /**
     * A part of a way that goes to and fro while it gets on.
     *
     * @param before the places of the way before it, and after it
     * @param middle where it is
     */
    record Zigzag(List<Vec> before, Vec middle, List<Vec> after, boolean allAlong) {}

    /** Where it goes to and fro; empty where it does not. */
    Optional<Zigzag> zigzag() {
        List<Integer> turns = turns(TURN);
        int from = 0;
        while (from < turns.size()) {
            int to = from;
            while (to + 1 < turns.size()
                    && turns.get(to + 1) == turns.get(to) + 1
                    && Math.signum(turn(turns.get(to + 1))) != Math.signum(turn(turns.get(to)))) {
                to++;
            }
            if (to - from + 1 >= ZIGZAG && isNarrow(turns.get(from), turns.get(to))) {
                return Optional.of(zigzag(turns.get(from), turns.get(to)));
            }
            from = to + 1;
        }
        return Optional.empty();
    }

    private boolean isNarrow(int first, int last) {
        Vec from = corners.get(first);
        Vec to = corners.get(last);
        boolean gets = from.distance(to) >= NOWHERE * Ruler.length(corners.subList(first, last + 1));
        double most = 0;
        for (Vec corner : corners.subList(first, last + 1)) {
            most = Math.max(most, corner.distanceToStretch(from, to));
        }
        return gets && most <= STRAYS * reach;
    }

    private Zigzag zigzag(int first, int last) {
        List<Vec> before = corners.subList(0, Math.max(1, first));
        List<Vec> after = corners.subList(Math.min(corners.size() - 1, last + 1), corners.size());
        Vec middle = corners.get(first).towards(corners.get(last), 0.5);
        double part = Ruler.length(corners.subList(first, last + 1));
        return new Zigzag(List.copyOf(before), middle, List.copyOf(after), part > ALL_ALONG * Ruler.length(corners));
    }

    /** How far round a place it goes near it, radians; none where it keeps off. */
    private double round(Vec place) {
        double sum = 0;
        double near = 0;
        for (int i = 0; i + 1 < points.size(); i++) {
            Vec a = points.get(i).minus(place);
            Vec b = points.get(i + 1).minus(place);
            double turned = Math.atan2(a.cross(b), a.dot(b));
            sum += turned;
            near += a.length() <= NEAR ? turned : 0;
        }
        return Math.abs(near) > ROUND * 0.7 ? Math.abs(sum) : 0;
    }

    /** Whether it goes round a place. */
    boolean isRound(Vec place) {
        double least = points.stream().mapToDouble(p -> p.distance(place)).min().orElse(0);
        return least > HARDLY * reach && round(place) >= ROUND;
    }

    /** What share of it runs along a line, no farther off than so many metres. */
    double along(List<Vec> line, double off) {
        long near = points.stream()
                .filter(p ->
                        LinePlace.of(line, p).filter(l -> l.metres() <= off).isPresent())
                .count();
        return (double) near / points.size();
    }
}

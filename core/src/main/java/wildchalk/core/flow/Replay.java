package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.edit.Placement;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;

/** Many reps to look at: where everybody and every ball is at any moment, between reps too. */
public final class Replay {

    /** How often it is looked where everybody is, seconds. */
    private static final double STEP = 0.5;

    /** A ball nearer to the middle of a token than this hides what is on it, in token radii. */
    private static final double HIDES = 0.9;
    /** There it is seen, in token radii. */
    private static final double IN_FRONT = 1.35;

    private final Flow flow;
    private final List<CopyTracks> copies;
    private final List<Placement> placed;
    private final Map<String, Integer> copyOf = new LinkedHashMap<>();

    Replay(Flow flow, List<CopyTracks> copies, List<Placement> placed) {
        this.flow = flow;
        this.copies = copies;
        this.placed = placed;
        for (int i = 0; i < copies.size(); i++) {
            int copy = i;
            copies.get(i).people().keySet().forEach(l -> copyOf.put(l, copy));
        }
    }

    /**
     * Somebody at a moment.
     *
     * @param role id of the person whose token they wear: the role that they have, had last or wait for
     * @param at metres on the surface
     * @param facing radians
     * @param copy from 1
     * @param rep number of the rep in which they are busy, or after which they are on the way; 0 for who waits
     */
    public record Now(String letter, String role, Vec at, double facing, Doing doing, Side side, int copy, int rep) {}

    /**
     * A ball at a moment.
     *
     * @param id the same as long as it is the same ball
     */
    public record BallNow(String id, Vec at) {}

    /** The same with copies that stand elsewhere; one for which nothing is said is played as drawn. */
    public Replay placed(List<Placement> where) {
        return new Replay(flow, copies, List.copyOf(where));
    }

    /** What it comes to. */
    public Flow flow() {
        return flow;
    }

    /** The letters of all who play, in order; empty where nobody can. */
    public List<String> letters() {
        return List.copyOf(copyOf.keySet());
    }

    /**
     * Somebody at a time.
     *
     * @param letter one of {@link #letters()}
     * @param t seconds after the first whistle
     */
    public Now at(String letter, double t) {
        int copy = copyOf.get(letter);
        Track.Stretch now = copies.get(copy).people().get(letter).at(t);
        Flow.Span span = span(flow.each().get(letter).spans(), t);
        return new Now(
                letter,
                now.role(),
                where(copy, now.at(t)),
                facing(copy, now.facing(t)),
                span.doing(),
                now.side(),
                copy + 1,
                span.rep());
    }

    private static Flow.Span span(List<Flow.Span> spans, double t) {
        int low = 0;
        int high = spans.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (spans.get(middle).from() <= t) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return spans.get(low);
    }

    /** The balls that are in play, lie out, are brought back or are ready for the next rep. */
    public List<BallNow> balls(double t) {
        List<BallNow> all = new ArrayList<>();
        for (int i = 0; i < copies.size(); i++) {
            int copy = i;
            BallRuns balls = copies.get(i).balls();
            balls.at(t).forEach(r -> all.add(new BallNow(copy + " " + r.id(), where(copy, balls.place(r, t)))));
        }
        return all;
    }

    /**
     * The same as they are drawn: one that would hide somebody lies in front of them.
     *
     * @param unit the radius of a token, metres
     */
    public List<BallNow> ballsDrawn(double t, double unit) {
        List<Now> people = letters().stream().map(l -> at(l, t)).toList();
        return balls(t).stream()
                .map(b -> people.stream()
                        .filter(p -> p.at().distance(b.at()) < unit * HIDES)
                        .findFirst()
                        .map(p -> new BallNow(b.id(), p.at().plus(Vec.polar(unit * IN_FRONT, p.facing()))))
                        .orElse(b))
                .toList();
    }

    /** The ground that people of the first copy take, in so many seconds from the first whistle, metres. */
    public Box ground(double seconds) {
        List<Vec> places = new ArrayList<>();
        for (Track track : copies.get(0).people().values()) {
            for (double t = 0; t <= Math.min(seconds, flow.seconds()); t += STEP) {
                places.add(track.at(t).at(t));
            }
        }
        return places.isEmpty() ? new Box(0, 0, 0, 0) : Box.around(places);
    }

    private Vec where(int copy, Vec at) {
        return copy < placed.size() ? placed.get(copy).place(at) : at;
    }

    private double facing(int copy, double facing) {
        return copy < placed.size() ? placed.get(copy).facing(facing) : facing;
    }
}

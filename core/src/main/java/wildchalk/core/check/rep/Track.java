package wildchalk.core.check.rep;

import java.util.List;
import wildchalk.core.drill.Piece;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Timeline;

/** Where somebody is in a rep, read off every {@value #STEP} s; nobody has to be on the move. */
public final class Track {

    /** Seconds from one look to the next. */
    public static final double STEP = 0.1;

    private final Piece.Person who;
    private final Vec[] places;
    private final boolean moves;
    private final double fastest;
    private final Box around;

    Track(Piece.Person who, Timeline timeline, int looks) {
        this.who = who;
        this.moves = timeline.moves(who.id());
        this.places = new Vec[looks];
        double longest = 0;
        for (int i = 0; i < looks; i++) {
            places[i] = moves || i == 0 ? timeline.at(who.id(), i * STEP) : places[0];
            longest = i == 0 ? 0 : Math.max(longest, places[i].distance(places[i - 1]));
        }
        this.fastest = longest / STEP;
        this.around = Box.around(List.of(places));
    }

    /** Whose it is. */
    public Piece.Person who() {
        return who;
    }

    /** Their id. */
    public String id() {
        return who.id();
    }

    /** How many looks there are, at least 2. */
    public int looks() {
        return places.length;
    }

    /** Where they are at a look. */
    public Vec at(int look) {
        return places[Math.max(0, Math.min(places.length - 1, look))];
    }

    /** Whether they are ever anywhere else than where they begin. */
    public boolean moves() {
        return moves;
    }

    /** The fastest they ever are, m/s. */
    public double fastest() {
        return fastest;
    }

    /** Whether they ever come so near to a place that it is worth a look, metres. */
    public boolean mayComeWithin(Vec place, double metres) {
        return around.grown(metres).contains(place);
    }

    /** Whether somebody is so far from all of a ball's way while it flies that they have nothing to do with it. */
    public boolean isFarFrom(BallFlight flight, double metres) {
        double half = (flight.to() - flight.from()) / 2;
        Vec there = at((int) Math.round((flight.from() + half) / STEP));
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i + 1 < flight.way().size(); i++) {
            nearest = Math.min(
                    nearest,
                    there.distanceToStretch(flight.way().get(i), flight.way().get(i + 1)));
        }
        return nearest > metres + fastest * (half + STEP);
    }

    /** How they go from a look to the next, m/s. */
    public Vec velocity(int look) {
        return at(look + 1).minus(at(look)).times(1 / STEP);
    }

    /** How fast, m/s. */
    public double speed(int look) {
        return at(look + 1).distance(at(look)) / STEP;
    }
}

package wildchalk.core.check.rep;

import wildchalk.core.drill.Piece;
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

    /** How they go from a look to the next, m/s. */
    public Vec velocity(int look) {
        return at(look + 1).minus(at(look)).times(1 / STEP);
    }

    /** How fast, m/s. */
    public double speed(int look) {
        return at(look + 1).distance(at(look)) / STEP;
    }
}

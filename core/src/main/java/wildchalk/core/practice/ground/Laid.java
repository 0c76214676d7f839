package wildchalk.core.practice.ground;

import java.util.List;
import java.util.stream.IntStream;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Reach;
import wildchalk.core.practice.Stand;

/**
 * A block on the ground.
 *
 * @param takes what it takes, as it is drawn
 */
public record Laid(Block block, Takes takes, Stand stand) {

    /**
     * What a block takes.
     *
     * @param middle the middle of it where it is drawn, metres on that surface
     * @param copies how far the middle of each copy is from the middle of all, metres
     * @param length metres along the surface it is drawn on
     * @param width metres across it
     * @param reach where people and balls get to, metres from the middle
     */
    public record Takes(double length, double width, Vec middle, List<Vec> copies, Reach reach) {}

    /** Id of the block. */
    public String id() {
        return block.id();
    }

    /** Its four corners on the ground, in order. */
    public List<Vec> corners() {
        double x = takes.length() / 2;
        double y = takes.width() / 2;
        return List.of(
                stand.place(new Vec(-x, -y)),
                stand.place(new Vec(x, -y)),
                stand.place(new Vec(x, y)),
                stand.place(new Vec(-x, y)));
    }

    /** Whether a place on the ground lies in what it takes. */
    public boolean covers(Vec place) {
        Vec own = place.minus(stand.at()).rotated(-Math.toRadians(stand.degrees()));
        return Math.abs(own.x()) <= takes.length() / 2 && Math.abs(own.y()) <= takes.width() / 2;
    }

    /** Where its people and balls get to, metres on the ground. */
    public Reach reach() {
        return takes.reach().at(stand::place);
    }

    /** How far its edge is from that of another, metres; 0 where they overlap. */
    public double gap(Laid other) {
        List<Vec> mine = corners();
        List<Vec> theirs = other.corners();
        if (mine.stream().anyMatch(other::covers) || theirs.stream().anyMatch(this::covers)) {
            return 0;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < mine.size(); i++) {
            for (int j = 0; j < theirs.size(); j++) {
                least = Math.min(
                        least,
                        Stretches.apart(
                                mine.get(i),
                                mine.get((i + 1) % mine.size()),
                                theirs.get(j),
                                theirs.get((j + 1) % theirs.size())));
            }
        }
        return least;
    }

    /** From its middle to a corner, metres. */
    double radius() {
        return Math.hypot(takes.length(), takes.width()) / 2;
    }

    /** Whether a straight way goes over what it takes. */
    boolean isCrossed(Vec from, Vec to) {
        List<Vec> corners = corners();
        return covers(from)
                || covers(to)
                || IntStream.range(0, corners.size())
                        .anyMatch(i ->
                                Stretches.apart(from, to, corners.get(i), corners.get((i + 1) % corners.size())) == 0);
    }

    /** The same somewhere else. */
    public Laid on(Stand other) {
        return new Laid(block, takes, other);
    }
}

package wildchalk.core.flow;

import java.util.HashMap;
import java.util.Map;
import wildchalk.core.drill.Piece;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** Where those stand who wait. */
final class Slots {

    private final Rules rules;
    private final Vec edge;
    private final double unit;
    private final Map<String, Double> facing = new HashMap<>();

    /**
     * @param edge the middle of the side line
     * @param unit the radius of a token as it is drawn, metres; 0 for people as close as they stand
     */
    Slots(Rules rules, Vec edge, double unit) {
        this.edge = edge;
        this.rules = rules;
        this.unit = unit;
        rules.roles().forEach(r -> facing.put(r.id(), r.facing()));
    }

    Rules rules() {
        return rules;
    }

    /** The place behind {@code k} others. */
    Vec at(Floor.Place place, int k) {
        Piece.Person person = rules.stage().person(place.role()).orElseThrow();
        if (k == 0) {
            return front(place.role(), place.side());
        }
        return unit > 0
                ? rules.drawn(person.id(), place.side(), k, unit)
                : rules.slot(person.id(), place.side(), k);
    }

    /** Where a role begins. */
    Vec front(String role, Side side) {
        return rules.place(role, side);
    }

    /** Beside the surface, where those stand who are out. */
    Vec out(int person, double apart) {
        return edge.plus(new Vec(apart * (person % 12 - 6), apart));
    }

    /** Which way whoever waits for a role looks, radians. */
    double facing(String role, Side side) {
        double as = facing.getOrDefault(role, 0.0);
        return side == Side.DRAWN ? as : -as;
    }
}

package wildchalk.core.flow;

import java.util.HashMap;
import java.util.Map;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** Where those stand who wait. */
final class Slots {

    private final Rules rules;
    private final double unit;
    private final Map<String, Double> facing = new HashMap<>();

    /** @param unit the radius of a token as it is drawn, metres; 0 for people as close as they stand */
    Slots(Rules rules, double unit) {
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
        return unit > 0 ? rules.drawn(person.id(), place.side(), k, unit) : rules.slot(person.id(), place.side(), k);
    }

    /** Where a role begins. */
    Vec front(String role, Side side) {
        return rules.place(role, side);
    }

    /** Where those stand who are out: behind whoever is out next. */
    Vec out(int k) {
        String behind = rules.roles().stream()
                .map(Piece::id)
                .filter(r -> rules.of(r).to().isOut())
                .findFirst()
                .orElse(rules.roles().get(0).id());
        return at(new Floor.Place(NextInLine.token(behind), Side.DRAWN), k + 1);
    }

    /** Which way whoever waits for a role looks, radians. */
    double facing(String role, Side side) {
        double as = facing.getOrDefault(role, 0.0);
        return side == Side.DRAWN ? as : -as;
    }
}

package wildchalk.core.flow;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.flow.Flow.Side;

/** Who waits where: a line for each role on each side that has people of its own, and those who are out. */
final class Floor {

    private final Rules rules;
    private final Map<Place, Line> lines = new LinkedHashMap<>();
    private final Line bench = new Line();

    /** A role on a side. */
    record Place(String role, Side side) {}

    Floor(Rules rules) {
        this.rules = rules;
    }

    /** Those who wait for a role. */
    Line line(String role, Side set) {
        return lines.computeIfAbsent(place(role, set), p -> new Line());
    }

    /** Where those wait who are to have a role on a side. */
    Place place(String role, Side set) {
        return new Place(NextInLine.token(role), rules.set(role, set));
    }

    /** Those who are out. */
    Line bench() {
        return bench;
    }

    /** All lines that anybody was ever in, in the order of their first. */
    Map<Place, Line> lines() {
        return lines;
    }

    /**
     * Everybody takes a role, and the rest stand behind those, evenly or as asked.
     *
     * @param asked how many are wanted in a line, whoever is in front among them, by the role it waits for
     * @return how many have nowhere to wait
     */
    int lineUp(int people, Map<String, Integer> asked) {
        int next = 0;
        for (Side set : rules.sets()) {
            for (Piece.Person role : rules.roles()) {
                if (rules.set(role.id(), set) == set) {
                    line(role.id(), set).join(next++, 0);
                }
            }
        }
        for (Map.Entry<String, Integer> wanted : asked.entrySet()) {
            for (Side set : rules.sets()) {
                while (next < people && line(wanted.getKey(), set).size() < wanted.getValue()) {
                    line(wanted.getKey(), set).join(next++, 0);
                }
            }
        }
        List<String> open =
                rules.open().stream().filter(r -> !asked.containsKey(r)).toList();
        int spare = open.isEmpty() && !rules.hasBench() ? people - next : 0;
        int sets = rules.sets().size();
        for (int k = 0; next < people && (spare == 0); k++) {
            Line behind = open.isEmpty()
                    ? bench
                    : line(open.get(k / sets % open.size()), rules.sets().get(k % sets));
            behind.join(next++, 0);
        }
        return spare;
    }
}

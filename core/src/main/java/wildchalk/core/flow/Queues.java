package wildchalk.core.flow;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Who stands before whom, at any time of a flow. */
final class Queues {

    /**
     * Somebody who stands in a line.
     *
     * @param where the line; empty for who is out
     * @param from seconds after the first whistle
     * @param until when they have the role or go elsewhere; infinite for never
     * @param leaves when they leave the place in front: when their part begins
     */
    record Standing(int person, Optional<Floor.Place> where, double from, double until, double leaves) {

        private static final Comparator<Standing> IN_ORDER = Comparator.comparingDouble(Standing::until)
                .thenComparingDouble(Standing::from)
                .thenComparingInt(Standing::person);

        private boolean isBefore(Standing other, double t) {
            boolean there = from <= t + 1e-9 && t < leaves - 1e-9;
            return there && person != other.person && IN_ORDER.compare(this, other) < 0;
        }
    }

    private final Map<Integer, List<Standing>> ofPerson = new HashMap<>();
    /** Those in each line, and those who are out. */
    private final Map<Optional<Floor.Place>, List<Standing>> inLine = new HashMap<>();

    Queues(Crowd crowd, Map<Integer, Double> starts) {
        Map<String, List<Move>> turns = new HashMap<>();
        crowd.moves().stream().filter(Move::isInRep).forEach(m -> turns.computeIfAbsent(m.who(), w -> new ArrayList<>())
                .add(m));
        List<Crowd.Stand> stands = crowd.stands();
        for (int i = 0; i < stands.size(); i++) {
            Crowd.Stand stand = stands.get(i);
            Optional<Move> turn = turns.getOrDefault(crowd.letter(stand.person()), List.of()).stream()
                    .filter(m -> m.rep() > stand.rep())
                    .findFirst();
            double elsewhere = elsewhere(stand, stands.subList(i + 1, stands.size()));
            double has = turn.map(m -> starts.get(m.rep())).orElse(Double.POSITIVE_INFINITY);
            double begins = turn.map(m -> has + begins(m)).orElse(Double.POSITIVE_INFINITY);
            add(new Standing(
                    stand.person(),
                    stand.where(),
                    stand.from(),
                    Math.min(elsewhere, has),
                    Math.min(elsewhere, begins)));
        }
    }

    private void add(Standing standing) {
        ofPerson.computeIfAbsent(standing.person(), p -> new ArrayList<>()).add(standing);
        inLine.computeIfAbsent(standing.where(), p -> new ArrayList<>()).add(standing);
    }

    /** When somebody who has come somewhere is sent elsewhere without a rep between: from the bench to a line. */
    private static double elsewhere(Crowd.Stand stand, List<Crowd.Stand> later) {
        for (Crowd.Stand next : later) {
            if (next.person() == stand.person()) {
                return next.where().isPresent() && stand.where().isEmpty() ? next.from() : Double.POSITIVE_INFINITY;
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    private static double begins(Move move) {
        Move.InRep way = (Move.InRep) move.way();
        return way.played().part(way.role()).begins();
    }

    /** Where somebody stands at a time, or stood last. */
    Standing at(int person, double t) {
        List<Standing> all = ofPerson.get(person);
        for (int i = all.size() - 1; i > 0; i--) {
            if (all.get(i).from() <= t + 1e-6) {
                return all.get(i);
            }
        }
        return all.get(0);
    }

    /** How many stand before somebody. */
    int before(Standing standing, double t) {
        return (int)
                line(standing).stream().filter(s -> s.isBefore(standing, t)).count();
    }

    /** When somebody moves up or elsewhere next; at a time or before it. */
    double changes(Standing standing, double after, double until) {
        double next = until;
        for (Standing s : line(standing)) {
            next = sooner(s.from(), after, next);
            next = sooner(s.leaves(), after, next);
        }
        for (Standing s : ofPerson.get(standing.person())) {
            next = sooner(s.from(), after, next);
        }
        return next;
    }

    private static double sooner(double t, double after, double next) {
        return t > after + 1e-6 && t < next ? t : next;
    }

    private List<Standing> line(Standing standing) {
        return inLine.get(standing.where());
    }
}

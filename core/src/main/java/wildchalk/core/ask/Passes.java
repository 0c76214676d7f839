package wildchalk.core.ask;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.timeline.Lane;
import wildchalk.core.timeline.Play;

/** How many passes somebody is from the ball. */
final class Passes {

    private Passes() {}

    /**
     * From whoever of the same team has the ball to somebody, over the fewest team-mates, each pass through an open
     * lane.
     *
     * @return the people on the way, both ends included; empty when no way is open or nobody of the team has the ball
     */
    static List<Piece.Person> way(Piece.Person to, Stage stage, Play play, double t) {
        Map<Piece.Person, Optional<Piece.Person>> from = new HashMap<>();
        Deque<Piece.Person> waiting = new ArrayDeque<>();
        List<Piece.Person> team = stage.people().stream()
                .filter(p -> p.isOnATeam() && p.bib() == to.bib())
                .toList();
        play.balls().stream().flatMap(b -> play.holder(b, t).stream()).forEach(holder -> team.stream()
                .filter(p -> p.id().equals(holder))
                .forEach(p -> {
                    from.putIfAbsent(p, Optional.empty());
                    waiting.add(p);
                }));
        while (!waiting.isEmpty() && !from.containsKey(to)) {
            Piece.Person at = waiting.poll();
            for (Piece.Person next : team) {
                if (!from.containsKey(next)
                        && Lane.of(at, play.at(next.id(), t), stage, play, t).isOpen()) {
                    from.put(next, Optional.of(at));
                    waiting.add(next);
                }
            }
        }
        List<Piece.Person> way = new ArrayList<>();
        for (Optional<Piece.Person> at = from.containsKey(to) ? Optional.of(to) : Optional.empty();
                at.isPresent();
                at = from.get(at.get())) {
            way.add(at.get());
        }
        Collections.reverse(way);
        return way;
    }
}

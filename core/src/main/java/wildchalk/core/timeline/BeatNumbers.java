package wildchalk.core.timeline;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;

/** The numbers by which people are told of beats: each station counts its own from 1, whatever the others do. */
public final class BeatNumbers {

    private final Map<String, Integer> numbers = new HashMap<>();

    /** @param timeline of the same stage */
    public BeatNumbers(Stage stage, Timeline timeline) {
        boolean apart = !stage.stations().isEmpty();
        Map<Optional<String>, Integer> counted = new HashMap<>();
        for (Beat beat : timeline.beats()) {
            Map<Optional<String>, Integer> here = new HashMap<>();
            for (String action : beat.actions()) {
                Optional<String> station = apart ? station(stage, action) : Optional.empty();
                numbers.put(action, here.computeIfAbsent(station, s -> counted.merge(s, 1, Integer::sum)));
            }
        }
    }

    private static Optional<String> station(Stage stage, String action) {
        return stage.action(action)
                .map(Action::who)
                .flatMap(stage::person)
                .flatMap(stage::stationOf)
                .map(Piece.Station::id);
    }

    /** The number of the beat that an action belongs to, from 1; 0 for an action that does not happen on this way. */
    public int of(String action) {
        return numbers.getOrDefault(action, 0);
    }
}

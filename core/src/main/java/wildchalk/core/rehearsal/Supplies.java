package wildchalk.core.rehearsal;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;

/** The heaps of balls and how many are left in each. */
final class Supplies {

    /** One ball from a heap. */
    record Taken(String ball, Vec from) {}

    private final Map<String, Piece.Supply> heaps = new LinkedHashMap<>();
    private final Map<String, Integer> left = new LinkedHashMap<>();

    Supplies(Stage stage) {
        stage.pieces().stream()
                .filter(Piece.Supply.class::isInstance)
                .map(Piece.Supply.class::cast)
                .forEach(s -> {
                    heaps.put(s.id(), s);
                    left.put(s.id(), s.count());
                });
    }

    /** The heap that somebody at {@code place} can reach, when there is a ball left in it. */
    Optional<String> inReach(Vec place) {
        return heaps.values().stream()
                .filter(s -> s.at().distance(place) <= Piece.Supply.IN_REACH && left.get(s.id()) > 0)
                .min((a, b) -> Double.compare(a.at().distance(place), b.at().distance(place)))
                .map(Piece.Supply::id);
    }

    /** Whether somebody at {@code place} can reach a heap. */
    boolean isInReach(String heap, Vec place) {
        return heaps.get(heap).at().distance(place) <= Piece.Supply.IN_REACH;
    }

    boolean isHeap(String piece) {
        return heaps.containsKey(piece);
    }

    /** Takes a ball; the first of heap "u1" is called "u1.1". Empty when there is none left. */
    Optional<Taken> take(String heap) {
        int n = left.getOrDefault(heap, 0);
        if (n == 0) {
            return Optional.empty();
        }
        left.put(heap, n - 1);
        Piece.Supply supply = heaps.get(heap);
        return Optional.of(new Taken(heap + "." + (supply.count() - n + 1), supply.at()));
    }
}

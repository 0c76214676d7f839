package wildchalk.core.drill;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a stage cannot do without, counted.
 *
 * @param people who play, those who wait in line-ups included; coaches are not counted
 * @param gear what is put down, by kind and colour; bags are not counted
 */
public record Needs(int people, Map<GearKind, Map<Colour, Integer>> gear, int balls) {

    public Needs {
        gear = Collections.unmodifiableMap(gear.isEmpty() ? new EnumMap<>(GearKind.class) : new EnumMap<>(gear));
    }

    public static Needs of(Stage stage) {
        int people = 0;
        int balls = 0;
        Map<GearKind, Map<Colour, Integer>> gear = new EnumMap<>(GearKind.class);
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.LineUp lineUp) {
                people += 1 + lineUp.waiting();
            } else if (piece instanceof Piece.Player || piece instanceof Piece.Goalkeeper) {
                people++;
            } else if (piece instanceof Piece.Item item && item.kind() != GearKind.BAG) {
                gear.computeIfAbsent(item.kind(), k -> new TreeMap<>()).merge(item.colour(), 1, Integer::sum);
            } else if (piece instanceof Piece.Ball) {
                balls++;
            } else if (piece instanceof Piece.Supply supply) {
                balls += supply.count();
            }
        }
        return new Needs(people, gear, balls);
    }

    /** How many of a kind, of whatever colour. */
    public int of(GearKind kind) {
        return gear.getOrDefault(kind, Map.of()).values().stream().mapToInt(Integer::intValue).sum();
    }
}

package wildchalk.core.script;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wildchalk.core.drill.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;

/** What a stage needs, counted: people, gear, balls. */
public final class Counts {

    private Counts() {
    }

    /** "9 players", "9 cones (5 yellow, 4 blue)", "2 mini-goals", "6 balls"; nothing that there is none of. */
    public static List<String> of(Stage stage, Surface surface) {
        Words words = new Words(surface);
        int players = 0;
        int balls = 0;
        Map<GearKind, Map<Colour, Integer>> gear = new EnumMap<>(GearKind.class);
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.LineUp lineUp) {
                players += 1 + lineUp.waiting();
            } else if (piece instanceof Piece.Player || piece instanceof Piece.Goalkeeper) {
                players++;
            } else if (piece instanceof Piece.Item item && item.kind() != GearKind.BAG) {
                gear.computeIfAbsent(item.kind(), k -> new TreeMap<>()).merge(item.colour(), 1, Integer::sum);
            } else if (piece instanceof Piece.Ball) {
                balls++;
            } else if (piece instanceof Piece.Supply supply) {
                balls += supply.count();
            }
        }
        List<String> counts = new ArrayList<>();
        if (players > 0) {
            counts.add(words.say("count.players", players));
        }
        gear.forEach((kind, byColour) -> counts.add(gear(kind, byColour, words)));
        if (balls > 0) {
            counts.add(balls + " " + words.word(balls == 1 ? "ball" : "balls"));
        }
        return counts;
    }

    /** The colours are told apart when there are several. */
    private static String gear(GearKind kind, Map<Colour, Integer> byColour, Words words) {
        int all = byColour.values().stream().mapToInt(Integer::intValue).sum();
        String counted = words.count(kind, all);
        if (byColour.size() < 2 || !kind.isColoured()) {
            return counted;
        }
        List<String> parts = byColour.entrySet().stream()
                .sorted((a, b) -> b.getValue() - a.getValue())
                .map(e -> e.getValue() + " " + words.colour(e.getKey())).toList();
        return counted + " (" + String.join(", ", parts) + ")";
    }
}

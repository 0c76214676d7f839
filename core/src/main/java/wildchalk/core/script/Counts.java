package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.surface.Surface;

/** What a stage needs, counted: people, gear, balls. */
public final class Counts {

    private Counts() {
    }

    /** "9 players", "4 cones", "1 puck"; nothing that there is none of. */
    public static List<String> of(Stage stage, Surface surface) {
        Words words = new Words(surface);
        int players = 0;
        int cones = 0;
        int goals = 0;
        for (Piece piece : stage.pieces()) {
            if (piece instanceof Piece.LineUp lineUp) {
                players += 1 + lineUp.waiting();
            } else if (piece instanceof Piece.Player || piece instanceof Piece.Goalkeeper) {
                players++;
            } else if (piece instanceof Piece.Cone) {
                cones++;
            } else if (piece instanceof Piece.Goal) {
                goals++;
            }
        }
        List<String> counts = new ArrayList<>();
        add(counts, words, players, "count.players");
        add(counts, words, cones, "count.cones");
        add(counts, words, goals, "count.goals");
        int balls = stage.balls().size();
        if (balls > 0) {
            counts.add(balls + " " + words.word(balls == 1 ? "ball" : "balls"));
        }
        return counts;
    }

    private static void add(List<String> counts, Words words, int n, String key) {
        if (n > 0) {
            counts.add(words.say(key, n));
        }
    }
}

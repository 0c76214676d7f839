package wildchalk.core.edit;

import java.util.Locale;
import wildchalk.core.drill.Piece;

/** What pieces are called in the names of edits. */
public final class PieceWords {

    private PieceWords() {
    }

    /** "player 7", "yellow cone", "ball". */
    public static String name(Piece piece) {
        if (piece instanceof Piece.Player p) {
            return ("player " + p.label()).trim();
        }
        if (piece instanceof Piece.Goalkeeper) {
            return "goalkeeper";
        }
        if (piece instanceof Piece.Coach) {
            return "coach";
        }
        if (piece instanceof Piece.LineUp l) {
            return l.name().isBlank() ? "line-up" : "line-up of " + l.name();
        }
        if (piece instanceof Piece.Cone c) {
            return c.colour().name().toLowerCase(Locale.ROOT) + " cone";
        }
        return piece instanceof Piece.Ball ? "ball" : "goal";
    }
}

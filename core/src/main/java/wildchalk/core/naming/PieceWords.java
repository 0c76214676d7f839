package wildchalk.core.naming;

import java.util.List;
import java.util.Locale;
import wildchalk.core.drill.Areas;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;

/** What pieces are called in the names of edits, beside the pointer and on sheets. */
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
        if (piece instanceof Piece.Item item) {
            String kind = kind(item.kind());
            return item.kind().isColoured() ? item.colour().name().toLowerCase(Locale.ROOT) + " " + kind : kind;
        }
        if (piece instanceof Piece.Supply) {
            return "ball supply";
        }
        if (piece instanceof Piece.Tape) {
            return "tape";
        }
        if (piece instanceof Piece.Area area) {
            return Areas.name(area);
        }
        return piece instanceof Piece.Note ? "note" : "ball";
    }

    /** A name for more than one: "yellow cones", "ball supplies", "line-ups of feeders". */
    public static String several(String name) {
        int of = name.indexOf(" of ");
        if (of >= 0) {
            return several(name.substring(0, of)) + name.substring(of);
        }
        return name.endsWith("y") ? name.substring(0, name.length() - 1) + "ies" : name.endsWith("ch") ? name + "es" : name + "s";
    }

    /** A name that no other piece of the stage has: "yellow cone 2", "yellow cone A", "player 7". */
    public static String among(Stage stage, Piece piece) {
        String name = name(piece);
        if (piece instanceof Piece.Person) {
            return name;
        }
        if (piece instanceof Piece.Item item && !item.label().isBlank()) {
            return name + " " + item.label();
        }
        List<String> alike = stage.pieces().stream()
                .filter(p -> name(p).equals(name) && !(p instanceof Piece.Item i && !i.label().isBlank()))
                .map(Piece::id).toList();
        return alike.size() < 2 ? name : name + " " + (alike.indexOf(piece.id()) + 1);
    }

    /** "mini-goal", "tackle bag". */
    public static String kind(GearKind kind) {
        return switch (kind) {
            case MINI_GOAL -> "mini-goal";
            case BAG -> "gear bag";
            default -> kind.name().toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }
}

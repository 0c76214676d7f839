package wildchalk.core.naming;

import java.util.List;
import wildchalk.core.drill.Areas;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.PieceCases;
import wildchalk.core.drill.Stage;
import wildchalk.core.wording.Wordbook;

/** What pieces are called in the names of edits, beside the pointer and on sheets. */
public final class PieceWords {

    /** The words of this room. */
    static final Wordbook BOOK = Wordbook.beside(PieceWords.class, "Naming");

    private static final PieceCases<String> NAME = new PieceCases<>() {
        @Override
        public String player(Piece.Player player) {
            return BOOK.say("piece.player", player.label()).strip();
        }

        @Override
        public String goalkeeper(Piece.Goalkeeper goalkeeper) {
            return BOOK.say("piece.goalkeeper");
        }

        @Override
        public String coach(Piece.Coach coach) {
            return BOOK.say("piece.coach");
        }

        @Override
        public String lineUp(Piece.LineUp lineUp) {
            return lineUp.name().isBlank() ? BOOK.say("piece.line-up") : BOOK.say("piece.line-up.of", lineUp.name());
        }

        @Override
        public String item(Piece.Item item) {
            String kind = kind(item.kind());
            return item.kind().isColoured()
                    ? BOOK.say("piece.coloured", BOOK.say("colour." + Wordbook.key(item.colour())), kind)
                    : kind;
        }

        @Override
        public String supply(Piece.Supply supply) {
            return BOOK.say("piece.supply");
        }

        @Override
        public String ball(Piece.Ball ball) {
            return BOOK.say("piece.ball");
        }

        @Override
        public String note(Piece.Note note) {
            return BOOK.say("piece.note");
        }

        @Override
        public String tape(Piece.Tape tape) {
            return BOOK.say("piece.tape");
        }

        @Override
        public String zone(Piece.Zone zone) {
            return Areas.name(zone);
        }

        @Override
        public String station(Piece.Station station) {
            return Areas.name(station);
        }
    };

    private PieceWords() {}

    /** "player 7", "yellow cone", "ball". */
    public static String name(Piece piece) {
        return piece.match(NAME);
    }

    /** A name for more than one: "yellow cones", "ball supplies", "line-ups of feeders". */
    public static String several(String name) {
        int of = name.indexOf(BOOK.say("of"));
        if (of >= 0) {
            return several(name.substring(0, of)) + name.substring(of);
        }
        if (name.endsWith("y")) {
            return name.substring(0, name.length() - 1) + "ies";
        }
        if (name.endsWith("ch") || name.endsWith("x") || name.endsWith("s")) {
            return name + "es";
        }
        return name + "s";
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
                .filter(p -> name(p).equals(name)
                        && !(p instanceof Piece.Item i && !i.label().isBlank()))
                .map(Piece::id)
                .toList();
        return alike.size() < 2 ? name : name + " " + (alike.indexOf(piece.id()) + 1);
    }

    /** What is said between reps, as it is named where it is in the way of something. */
    public static String game() {
        return BOOK.say("game");
    }

    /** What is said of what comes between reps. */
    public static String rotation() {
        return BOOK.say("rotation");
    }

    /** "mini-goal", "tackle bag". */
    public static String kind(GearKind kind) {
        return BOOK.say("gear." + Wordbook.key(kind));
    }
}

package wildchalk.core.drill;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * One thing that is drawn on a frozen board as the answer to its question.
 *
 * @param at what it is about, {@link Kind#least} or more
 * @param words of a note; empty for the others
 */
public record Sign(Kind kind, List<Spot> at, String words) {

    /** What is drawn. */
    public enum Kind {
        /** A ring round each. */
        RING(1),
        /** From each to the next. */
        LINE(2),
        /** Where a ball would go from the first to the second, and whether an opponent stands in it. */
        LANE(2),
        /** The ground between them. */
        REGION(3),
        /** Words beside it. */
        NOTE(1),
        /** What a person sees, and whether the ball and an opponent are in it. */
        SIGHT(1),
        /** How far the first is from the second. */
        GAP(2),
        /** How many passes through open lanes a person is from the ball. */
        AWAY(1),
        /** Which of the people after the first is there sooner, by the time it takes them. */
        SOONER(2);

        private final int least;

        Kind(int least) {
            this.least = least;
        }

        /** How many spots it takes at least. */
        public int least() {
            return least;
        }
    }

    public Sign {
        at = List.copyOf(at);
    }

    /**
     * One without words.
     *
     * @param at what it is about, in the order that its kind asks for
     */
    public static Sign of(Kind kind, List<Spot> at) {
        return new Sign(kind, at, "");
    }

    /** Round pieces. */
    public static Sign ring(String... pieces) {
        return of(Kind.RING, List.of(pieces).stream().map(Spot::at).toList());
    }

    /** Words beside something. */
    public static Sign note(Spot at, String words) {
        return new Sign(Kind.NOTE, List.of(at), words);
    }

    /** The same about other spots. */
    public Sign mapped(UnaryOperator<Spot> spots) {
        return new Sign(kind, at.stream().map(spots).toList(), words);
    }

    /** Ids of the pieces that it is about. */
    public List<String> pieces() {
        return at.stream().flatMap(s -> s.namedPiece().stream()).toList();
    }
}

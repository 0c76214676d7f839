package wildchalk.core.drill.implied;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;

/** The ids of those who come to the front of a line-up within a rep and have no token of their own: {@code L~2}. */
public final class NextInLine {

    /** No id that is given has it. */
    private static final String AFTER = "~";

    private static final String STEP = "~up";
    private static final String ASIDE = "~aside";

    private NextInLine() {}

    /**
     * Somebody's id.
     *
     * @param line id of the line-up
     * @param k how many of it were in front before, from 1
     */
    public static String id(String line, int k) {
        return line + AFTER + k;
    }

    /** Id of the line-up that somebody has come from; empty for whoever has a token. */
    public static Optional<String> line(String id) {
        int at = id.indexOf(AFTER);
        return at < 0 ? Optional.empty() : Optional.of(id.substring(0, at));
    }

    /**
     * Those of some people who have come to the front of a line within a rep, as they stand in it.
     *
     * @param ids of people, of whom those with a token of their own are left out
     */
    public static List<Piece.Person> of(Stage stage, List<String> ids) {
        List<Piece.Person> people = new ArrayList<>();
        for (String id : ids) {
            line(id).flatMap(stage::person)
                    .filter(Piece.LineUp.class::isInstance)
                    .map(Piece.LineUp.class::cast)
                    .ifPresent(l -> people.add(new Piece.Player(id, l.slot(turn(id)), l.facing(), "", l.bib())));
        }
        return people;
    }

    private static int turn(String id) {
        return Integer.parseInt(id.substring(id.indexOf(AFTER) + AFTER.length()));
    }

    /** Id of a step up of somebody. */
    public static String step(String who, int n) {
        return who + STEP + n;
    }

    /** Id of the way of somebody who leaves the place in front to the next one. */
    public static String aside(String who) {
        return who + ASIDE;
    }

    /** Whether an action is not drawn: somebody steps up, or aside. */
    public static boolean isStep(String action) {
        return action.contains(STEP) || action.endsWith(ASIDE);
    }

    /** Id of the token that stands for somebody: their own, or that of their line-up. */
    public static String token(String id) {
        return line(id).orElse(id);
    }
}

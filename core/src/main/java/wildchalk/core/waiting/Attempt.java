package wildchalk.core.waiting;

import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.Placement;
import wildchalk.core.flow.Flows;

/**
 * A change to be tried.
 *
 * @param of which one of a kind it is: of those that are alike only the best is offered
 * @param words what is done
 * @param edit of the drill; empty where nothing is drawn or said otherwise
 * @param asked who plays, and for how long
 * @param reps whether one rep is another, so that it has to be worked out anew
 * @param copies where copies stand that there were not, the first one as drawn; empty where there are no more
 * @param coaches how many more it takes
 */
record Attempt(
        Of of,
        String words,
        Optional<Edit<Drill>> edit,
        Flows.Asked asked,
        boolean reps,
        List<Placement> copies,
        int coaches) {

    /**
     * Of what kind.
     *
     * @param way which of several ways of that kind
     */
    record Of(Kind kind, String way) {}

    /** Something else that is said between reps. */
    static Attempt said(Kind kind, String way, String words, Edit<Drill> edit, Flows.Asked asked) {
        return new Attempt(new Of(kind, way), words, Optional.of(edit), asked, false, List.of(), 0);
    }

    /** Something else that is drawn. */
    static Attempt drawn(Kind kind, String words, Edit<Drill> edit, Flows.Asked asked) {
        return new Attempt(new Of(kind, ""), words, Optional.of(edit), asked, true, List.of(), 0);
    }

    /** Other people. */
    static Attempt counted(Kind kind, String way, String words, Flows.Asked asked, int coaches) {
        return new Attempt(new Of(kind, way), words, Optional.empty(), asked, false, List.of(), coaches);
    }

    /** This one and another, which says something besides, together; it is of the kind of this one. */
    Attempt and(Attempt other) {
        return new Attempt(
                new Of(of.kind(), of.way() + " " + other.of.kind()),
                words + " " + other.words,
                Optional.of(Trials.both(edit.orElseThrow(), other.edit.orElseThrow())),
                asked,
                reps || other.reps,
                copies,
                coaches + other.coaches);
    }

    Attempt costing(int newCoaches) {
        return new Attempt(of, words, edit, asked, reps, copies, newCoaches);
    }

    Attempt standing(List<Placement> newCopies) {
        return new Attempt(of, words, edit, asked, reps, newCopies, coaches);
    }
}

package wildchalk.core.check.rep;

import java.util.List;

/** Looks for one thing in a drill. Never changes it. */
public interface DrillCheck {

    /** The word by which what it finds can be put aside; its words are found by it too. */
    String id();

    /** What is found, the lowest rung first; nothing where all is well. */
    List<Spotted> in(Looked looked);

    /** One that looks at each rung on each way by itself. */
    interface OfRep extends DrillCheck {

        /** What is found in one rung on one way. */
        List<Spotted> in(Rep rep);

        @Override
        default List<Spotted> in(Looked looked) {
            return looked.reps().stream().flatMap(r -> in(r).stream()).toList();
        }
    }
}

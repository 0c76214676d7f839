package wildchalk.core.check.better;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Rep;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Travel;
import wildchalk.core.timeline.Beat;

/** A beat that takes too many words to shout. */
final class LongWords implements DrillCheck {

    /** More words than these nobody takes in while they run; assumed. */
    private static final int MANY = 35;
    /** What somebody does takes about so many words, and each bend of the way so many more; assumed. */
    private static final int EACH = 6;

    private static final int BEND = 3;

    @Override
    public String id() {
        return "long-words";
    }

    @Override
    public List<Spotted> in(Looked looked) {
        List<Spotted> found = new ArrayList<>();
        Optional<Rep> top = looked.rungs().stream().reduce((a, b) -> b);
        top.ifPresent(rep -> {
            for (Beat beat : rep.timeline().beats()) {
                int words = beat.actions().stream()
                        .flatMap(id -> rep.stage().action(id).stream())
                        .mapToInt(LongWords::words)
                        .sum();
                if (words > MANY) {
                    found.add(Said.in(rep, id(), id(), beat.n(), words)
                            .when(beat.t())
                            .about(List.copyOf(beat.actions()))
                            .as(Spotted.Sure.LOOK));
                }
            }
        });
        return found;
    }

    private static int words(Action action) {
        return action instanceof Travel travel
                ? EACH + BEND * (travel.path().through().size() - 1)
                : EACH;
    }
}

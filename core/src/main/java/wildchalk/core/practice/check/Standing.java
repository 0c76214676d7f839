package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/** Whether nobody stands for long within a drill. */
final class Standing implements PracticeCheck {

    /** Seconds that people stand before they do something else; typical. */
    private static final double LONG = 60;

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<Finding<Practice>> found = new ArrayList<>();
        for (Plan.Entry entry : evening.plan().entries()) {
            double wait = entry.block()
                    .all()
                    .flatMap(Block::play)
                    .flatMap(p -> evening.needs().of(p).stream())
                    .mapToDouble(n -> n.longestWait())
                    .max()
                    .orElse(0);
            if (wait > LONG) {
                found.add(new Finding<>(
                        "standing",
                        Finding.Weight.COULD_BE_BETTER,
                        Said.of("standing", Said.minutes((int) Math.ceil(wait))),
                        List.of(entry.block().id()),
                        Optional.of(new Finding.Span(entry.start(), entry.end())),
                        List.of()));
            }
        }
        return found;
    }
}

package wildchalk.core.practice.check;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Practice;

/** Whether the drills that are planned are there. */
final class DrillsThere implements PracticeCheck {

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        return evening.practice().blocks().stream()
                .flatMap(b -> b.all())
                .flatMap(b -> b.play()
                        .filter(p -> evening.needs().of(p).isEmpty())
                        .map(p -> new Finding<Practice>(
                                "drill",
                                Finding.Weight.WILL_NOT_WORK,
                                Said.of("drill", p.drill().title()),
                                List.of(b.id()),
                                Optional.empty(),
                                List.of())))
                .toList();
    }
}

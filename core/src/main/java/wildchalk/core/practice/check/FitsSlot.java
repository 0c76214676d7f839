package wildchalk.core.practice.check;

import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.document.Edit;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.Practice;

/** Whether it is no longer than its slot. */
final class FitsSlot implements PracticeCheck {

    private static final int MINUTE = 60;

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        int seconds = evening.plan().seconds();
        int slot = evening.practice().slot().seconds();
        if (seconds <= slot) {
            return List.of();
        }
        Fit fit = evening.fit();
        List<Finding.Mend<Practice>> mends = fit.over() > 0
                ? List.of()
                : List.of(new Finding.Mend<Practice>(
                        Said.of("fit.mend"), new Edit<Practice>(Said.of("fit.edit"), p -> evening.fit(p)
                                .practice())));
        String words = Said.of(
                fit.over() > 0 ? "fit.never" : "fit",
                Said.minutes(seconds),
                evening.practice().slot().minutes(),
                (fit.over() + MINUTE - 1) / MINUTE);
        return List.of(new Finding<>(
                "fit",
                Finding.Weight.WILL_NOT_WORK,
                words,
                List.of(),
                Optional.of(new Finding.Span(slot, seconds)),
                mends));
    }
}

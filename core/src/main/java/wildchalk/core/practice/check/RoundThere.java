package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.carousel.Carousel;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GoingRound;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/** Whether groups that go round do so as the coach wants it, and keepers are at all goals. */
final class RoundThere implements PracticeCheck {

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<Finding<Practice>> found = new ArrayList<>();
        for (Plan.Entry entry : evening.plan().entries()) {
            Optional<Content.Round> said =
                    entry.block().content() instanceof Content.Beside b ? b.round() : Optional.empty();
            if (said.isPresent() && isTooMany(evening.practice(), entry)) {
                found.add(Found.at(
                        entry,
                        "round.many",
                        Finding.Weight.WILL_NOT_WORK,
                        Said.of("round.many", Carousel.MOST),
                        List.of()));
                continue;
            }
            boolean asked = said.filter(
                            r -> !r.never().isEmpty() || !r.keepers().isEmpty())
                    .isPresent();
            if (asked) {
                GoingRound.of(entry.block(), evening.practice().company(), evening.needs())
                        .ifPresent(r -> entry(entry, r, found));
            }
        }
        return found;
    }

    private static boolean isTooMany(Practice practice, Plan.Entry entry) {
        return practice.company().groups().size() > Carousel.MOST
                || entry.block().parts().size() > Carousel.MOST;
    }

    private static void entry(Plan.Entry entry, GoingRound round, List<Finding<Practice>> found) {
        round.turns().broken().stream()
                .distinct()
                .forEach(n -> found.add(Found.at(
                        entry,
                        "round.follows",
                        Finding.Weight.WILL_NOT_WORK,
                        Said.of(
                                "round.follows",
                                BlockWords.of(round.places().get(n.first())),
                                BlockWords.of(round.places().get(n.then()))),
                        List.of())));
        round.keeping().ifPresent(k -> {
            List<Integer> lacking = k.keeping().lacking();
            for (int t = 0; t < lacking.size(); t++) {
                if (lacking.get(t) > 0) {
                    found.add(Found.at(
                            entry,
                            "round.keepers",
                            Finding.Weight.WILL_NOT_WORK,
                            Said.of("round.keepers", lacking.get(t), t + 1),
                            List.of()));
                    break;
                }
            }
        });
    }
}

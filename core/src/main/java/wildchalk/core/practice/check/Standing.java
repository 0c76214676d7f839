package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;

/** Whether nobody stands for long within a drill. */
final class Standing implements PracticeCheck {

    /** Seconds that people stand before they do something else; typical. */
    private static final double LONG = 60;

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<Finding<Practice>> found = new ArrayList<>();
        for (Plan.Entry entry : evening.plan().entries()) {
            for (Block part : entry.block().parts()) {
                evening.needs()
                        .of(part)
                        .filter(n -> n.longestWait() > LONG)
                        .ifPresent(n -> found.add(Found.at(
                                entry,
                                part.id(),
                                "standing",
                                Finding.Weight.COULD_BE_BETTER,
                                words(n.longestWait(), entry.end() - entry.start()),
                                more(evening.practice(), part, n))));
            }
        }
        return found;
    }

    private static String words(double wait, int seconds) {
        return wait >= seconds ? Said.of("standing.all") : Said.of("standing", Said.minutes((int) Math.ceil(wait)));
    }

    /** One copy more, where there are people and staff for it. */
    private static List<Finding.Mend<Practice>> more(Practice practice, Block part, Needs needs) {
        Content.Play play = part.play().findFirst().orElseThrow();
        int each = needs.fewest() / play.copies();
        boolean can = practice.company().in(part.group()) >= each * (play.copies() + 1)
                && practice.company().staff() > play.copies();
        return can
                ? List.of(Found.mend(
                        Said.of("standing.mend", play.copies() + 1),
                        PracticeEdits.change(
                                practice.block(part.id()).orElse(part).being(play.times(play.copies() + 1)))))
                : List.of();
    }
}

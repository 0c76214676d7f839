package wildchalk.core.practice.check;

import java.util.List;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/** Whether people turn to both sides in the course of an evening. */
final class BothSides implements PracticeCheck {

    /** A side that gets less than this share is forgotten; assumed. */
    private static final double LITTLE = 0.25;
    /** Turns that are no matter, radians in a rep and minutes of it. */
    private static final double FEW = 30;

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        Needs.Turning all = Needs.Turning.NONE;
        for (Plan.Entry entry : evening.plan().entries()) {
            for (Block part : entry.block().parts()) {
                all = all.and(
                        evening.needs().of(part).map(n -> n.work().turning()).orElse(Needs.Turning.NONE),
                        part.time().now());
            }
        }
        double both = all.left() + all.right();
        if (both < FEW || Math.min(all.left(), all.right()) >= LITTLE * both) {
            return List.of();
        }
        return List.of(Found.of(
                "one-sided",
                Finding.Weight.COULD_BE_BETTER,
                Said.of(
                        all.left() > all.right() ? "one-sided.left" : "one-sided.right",
                        Math.round(100 * Math.max(all.left(), all.right()) / both)),
                List.of()));
    }
}

package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import wildchalk.core.check.Finding;
import wildchalk.core.drill.GearKind;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.practice.Bag;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/** Whether the bag has the gear and the balls for whatever is on at one time. */
final class GearThere implements PracticeCheck {

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        Bag bag = evening.practice().bag();
        List<Finding<Practice>> found = new ArrayList<>();
        for (Plan.Entry entry : evening.plan().entries()) {
            Map<GearKind, Integer> gear = new EnumMap<>(GearKind.class);
            int balls = 0;
            String counted = "";
            for (Block part : entry.block().parts()) {
                Needs needs = evening.needs().of(part).orElse(null);
                if (needs != null) {
                    needs.gear().forEach((kind, n) -> gear.merge(kind, n, Integer::sum));
                    balls += needs.balls();
                    counted = needs.kit().ball().counted(balls);
                }
            }
            gear.forEach((kind, n) -> bag.of(kind)
                    .filter(there -> there < n)
                    .ifPresent(there -> found.add(finding(
                            "gear", entry, Said.of("gear", n, PieceWords.several(PieceWords.kind(kind)), there)))));
            if (bag.balls().isPresent() && bag.balls().getAsInt() < balls) {
                found.add(finding(
                        "balls", entry, Said.of("balls", counted, bag.balls().getAsInt())));
            }
        }
        return found;
    }

    private static Finding<Practice> finding(String check, Plan.Entry entry, String words) {
        return Found.at(entry, check, Finding.Weight.WILL_NOT_WORK, words, Found.less(entry.block()));
    }
}

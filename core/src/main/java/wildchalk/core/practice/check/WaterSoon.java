package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.document.Edit;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/**
 * Whether there is water often enough. Twenty minutes is typical for a mild evening; in heat, and for the young, the
 * club's and the doctor's word stands above it.
 */
final class WaterSoon implements PracticeCheck {

    /** Minutes without water; typical. */
    private static final int TYPICAL = 20;

    private static final int MINUTE = 60;
    private static final Block.Time SIP = new Block.Time(1, 2, 4);

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<Finding<Practice>> found = new ArrayList<>();
        int since = 0;
        for (int i = 0; i < evening.plan().entries().size(); i++) {
            Plan.Entry entry = evening.plan().entries().get(i);
            if (isWater(entry.block())) {
                since = entry.end();
            } else if (entry.end() - since > TYPICAL * MINUTE) {
                int at = i;
                boolean begins = entry.start() - since <= MINUTE;
                found.add(new Finding<>(
                        "water",
                        Finding.Weight.COULD_BE_BETTER,
                        Said.of("water", Said.minutes(entry.end() - since), TYPICAL),
                        List.of(entry.block().id()),
                        Optional.of(new Finding.Span(since, entry.end())),
                        begins
                                ? List.of()
                                : List.of(new Finding.Mend<Practice>(
                                        Said.of("water.mend"),
                                        new Edit<Practice>(Said.of("water.mend"), p -> p.with(at, water()))))));
                since = entry.end();
            }
        }
        return found;
    }

    private static boolean isWater(Block block) {
        return block.content() instanceof Content.Words w && w.sort() == Content.Sort.WATER;
    }

    private static Block water() {
        return Block.of("", new Content.Words(Content.Sort.WATER, ""), SIP);
    }
}

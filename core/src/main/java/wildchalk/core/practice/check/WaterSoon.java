package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.check.Typical;
import wildchalk.core.document.Edit;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;

/**
 * Whether there is water often enough for the age and the weather. What is typical is assumed; the club's and the
 * doctor's word stands above it.
 */
final class WaterSoon implements PracticeCheck {

    private static final int MINUTE = 60;
    private static final Block.Time SIP = new Block.Time(1, 2, 4);

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        Practice practice = evening.practice();
        int typical = Typical.at(practice.company().age())
                .water(practice.setting().heat().warmth());
        Finding.Weight weight = practice.setting().heat() == Practice.Heat.HOT
                ? Finding.Weight.COULD_HURT
                : Finding.Weight.COULD_BE_BETTER;
        List<Finding<Practice>> found = new ArrayList<>();
        int since = evening.left().now();
        for (Plan.Entry entry : evening.plan().entries()) {
            if (entry.block().isWater()) {
                since = entry.end();
            } else if (entry.end() - since > typical * MINUTE) {
                boolean begins = entry.start() - since <= MINUTE;
                int at = practice.place(entry.block().id());
                found.add(new Finding<>(
                        "water",
                        weight,
                        Said.of("water", Said.minutes(entry.end() - since), typical),
                        List.of(entry.block().id()),
                        Optional.of(new Finding.Span(since, entry.end())),
                        begins
                                ? halved(practice, entry.block())
                                : List.of(Found.mend(Said.of("water.mend"), PracticeEdits.add(at, water())))));
                since = entry.end();
            }
        }
        return found;
    }

    /** What is too long by itself is halved, with water between. */
    private static List<Finding.Mend<Practice>> halved(Practice practice, Block block) {
        int half = block.time().now() / 2;
        if (half < 1) {
            return List.of();
        }
        int at = practice.place(block.id());
        Block first = block.lasting(block.time().pulled(half));
        Block second = block.lasting(Block.Time.of(block.time().now() - half));
        return List.of(Found.mend(
                Said.of("water.halve"), new Edit<>(Said.of("water.halve"), p -> p.changing(block.id(), b -> first)
                        .with(at + 1, water())
                        .with(at + 2, known(second)))));
    }

    /** Nobody says it twice. */
    private static Block known(Block block) {
        return block.content() instanceof Content.Play p ? block.being(p.told(Content.Telling.NONE)) : block;
    }

    private static Block water() {
        return Block.of("", new Content.Words(Content.Sort.WATER, ""), SIP);
    }
}

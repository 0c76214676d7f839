package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/** Whether each of the groups of tonight has something to do while others do something. */
final class AllBusy implements PracticeCheck {

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        int groups = evening.practice().company().groups().size();
        List<Finding<Practice>> found = new ArrayList<>();
        for (Plan.Entry entry : evening.plan().entries()) {
            List<Integer> busy =
                    entry.block().parts().stream().map(Block::group).toList();
            boolean round = entry.block().content() instanceof Content.Beside b
                    && b.round().isPresent();
            // Whoever goes round rests in turn; that is said where it is planned.
            if (busy.contains(0) || round) {
                continue;
            }
            IntStream.rangeClosed(1, groups)
                    .filter(g -> !busy.contains(g))
                    .forEach(g -> found.add(
                            Found.at(entry, "idle", Finding.Weight.COULD_BE_BETTER, Said.of("idle", g), List.of())));
        }
        return found;
    }
}

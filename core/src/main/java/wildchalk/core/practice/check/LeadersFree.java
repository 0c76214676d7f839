package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;

/** Whether nobody of the staff leads, and no group does, two things at one time, and there are staff for each. */
final class LeadersFree implements PracticeCheck {

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<Finding<Practice>> found = new ArrayList<>();
        for (Plan.Entry entry : evening.plan().entries()) {
            List<Block> parts = entry.block().parts();
            Set<String> leads = new HashSet<>();
            Set<Integer> groups = new HashSet<>();
            boolean twice = false;
            boolean both = false;
            for (Block part : parts) {
                twice |= !part.lead().isEmpty() && !leads.add(part.lead());
                both |= parts.size() > 1 && (part.group() == 0 || !groups.add(part.group()));
            }
            for (Block part : parts) {
                if (evening.practice().company().absent().contains(part.lead())) {
                    found.add(Found.at(
                            entry,
                            part.id(),
                            "lead.away",
                            Finding.Weight.WILL_NOT_WORK,
                            Said.of("lead.away"),
                            List.of(Found.mend(
                                    Said.of("lead.away.mend"),
                                    PracticeEdits.change(evening.practice()
                                            .block(part.id())
                                            .orElse(part)
                                            .led(""))))));
                }
            }
            int staff = evening.practice().company().staff();
            if (twice) {
                found.add(finding(
                        "lead.twice",
                        entry,
                        Found.mend(Said.of("lead.twice.mend"), PracticeEdits.change(ledOnce(entry.block()))),
                        0));
            } else if (parts.size() > 1 && staff > 0 && staff < parts.size()) {
                found.add(finding("lead.few", entry, apart(entry.block()), parts.size()));
            }
            if (both) {
                found.add(finding(
                        "group.twice",
                        entry,
                        Found.mend(Said.of("group.twice.mend"), PracticeEdits.change(grouped(entry.block()))),
                        0));
            }
        }
        return found;
    }

    private static Finding.Mend<Practice> apart(Block block) {
        return Found.mend(Said.of("mend.apart"), PracticeEdits.apart(block));
    }

    /** Whoever leads two leads the first. */
    private static Block ledOnce(Block block) {
        Set<String> leads = new HashSet<>();
        return beside(block, b -> leads.add(b.lead()) ? b : b.led(""));
    }

    private static Block grouped(Block block) {
        int[] group = {0};
        return beside(block, b -> b.forGroup(++group[0]));
    }

    private static Block beside(Block block, UnaryOperator<Block> each) {
        return block.content() instanceof Content.Beside b
                ? block.being(b.of(b.blocks().stream().map(each).toList()))
                : block;
    }

    private static Finding<Practice> finding(String check, Plan.Entry entry, Finding.Mend<Practice> mend, int n) {
        return Found.at(entry, check, Finding.Weight.WILL_NOT_WORK, Said.of(check, n), List.of(mend));
    }
}

package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

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
            int staff = evening.practice().company().staff();
            if (twice) {
                found.add(finding("lead.twice", entry, 0));
            } else if (parts.size() > 1 && staff > 0 && staff < parts.size()) {
                found.add(finding("lead.few", entry, parts.size()));
            }
            if (both) {
                found.add(finding("group.twice", entry, 0));
            }
        }
        return found;
    }

    private static Finding<Practice> finding(String check, Plan.Entry entry, int n) {
        return new Finding<>(
                check,
                Finding.Weight.WILL_NOT_WORK,
                Said.of(check, n),
                List.of(entry.block().id()),
                Optional.of(new Finding.Span(entry.start(), entry.end())),
                List.of());
    }
}

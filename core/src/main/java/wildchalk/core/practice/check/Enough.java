package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;

/** Whether there are people and keepers enough for whatever is on at one time. */
final class Enough implements PracticeCheck {

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        Company company = evening.practice().company();
        List<Finding<Practice>> found = new ArrayList<>();
        if (!company.isSaid()) {
            return found;
        }
        for (Plan.Entry entry : evening.plan().entries()) {
            List<Needs> needs = entry.block()
                    .all()
                    .flatMap(b -> b.play())
                    .flatMap(p -> evening.needs().of(p).stream())
                    .toList();
            int people = needs.stream().mapToInt(Needs::fewest).sum();
            int keepers = needs.stream().mapToInt(Needs::keepers).sum();
            if (people > company.people()) {
                found.add(finding("people", entry, people, company.people()));
            }
            if (keepers > company.keepers()) {
                found.add(finding("keepers", entry, keepers, company.keepers()));
            }
        }
        return found;
    }

    private static Finding<Practice> finding(String check, Plan.Entry entry, int wanted, int there) {
        return new Finding<>(
                check,
                Finding.Weight.WILL_NOT_WORK,
                Said.of(check, wanted, there),
                List.of(entry.block().id()),
                Optional.of(new Finding.Span(entry.start(), entry.end())),
                List.of());
    }
}

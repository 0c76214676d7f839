package wildchalk.storage.book;

import java.util.function.Supplier;
import wildchalk.core.catalogue.DrillSummary;

/**
 * What is known of a drill at a glance, read from its text when it is first asked for: of ten thousand drills few are
 * looked at.
 */
final class KeptSummary implements Supplier<DrillSummary> {

    private String body;
    private DrillSummary summary;

    KeptSummary(String body) {
        this.body = body;
    }

    @Override
    public synchronized DrillSummary get() {
        if (summary == null) {
            summary = SummaryForm.read(body);
            body = null;
        }
        return summary;
    }
}

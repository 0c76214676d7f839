package wildchalk.storage.book;

import java.util.function.Supplier;
import wildchalk.core.catalogue.Glance;

/** What is known of a drill at a glance, read from its text when it is first asked for: of ten thousand drills few are looked at. */
final class KeptGlance implements Supplier<Glance> {

    private String body;
    private Glance glance;

    KeptGlance(String body) {
        this.body = body;
    }

    @Override
    public synchronized Glance get() {
        if (glance == null) {
            glance = Catalogue.glance(body);
            body = null;
        }
        return glance;
    }
}

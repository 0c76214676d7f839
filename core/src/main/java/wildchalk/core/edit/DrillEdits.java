package wildchalk.core.edit;

import wildchalk.core.drill.Drill;

/** Edits of the drill as a whole. */
public final class DrillEdits {

    private DrillEdits() {
    }

    public static Edit rename(String title) {
        return new Edit("Rename drill", drill -> drill.withTitle(title));
    }

    public static Edit showView(String view) {
        return new Edit("Change view", drill -> drill.withView(view));
    }

    public static Edit readLines(Drill.LineKey key) {
        return new Edit("Change line key", drill -> drill.withLineKey(key));
    }
}

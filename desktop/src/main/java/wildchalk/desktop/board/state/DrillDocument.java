package wildchalk.desktop.board.state;

import java.util.function.BiConsumer;
import wildchalk.core.document.Change;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.desktop.page.OpenDocument;

/** The drill that a page works on. */
public final class DrillDocument extends OpenDocument<Drill> {

    /** @param keep told of every change and what made it, after everybody else */
    public DrillDocument(Drill drill, BiConsumer<Drill, Change> keep) {
        super(drill, keep);
    }

    public Drill drill() {
        return document();
    }

    /** Ids for what is new in the drill. */
    public FreeIds freeIds() {
        return new FreeIds(drill());
    }
}

package wildchalk.core.check.better;

import java.util.List;
import wildchalk.core.check.rep.DrillCheck;

/** The checks of what could be better. */
public final class BetterChecks {

    /** All there are. */
    public static final List<DrillCheck> ALL = List.of(
            new OneSide(),
            new NoTouch(),
            new NoDecision(),
            new Told(),
            new Waiting(),
            new LongWords(),
            new SameName(),
            new Unsaid());

    private BetterChecks() {}
}

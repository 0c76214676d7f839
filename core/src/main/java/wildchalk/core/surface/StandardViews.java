package wildchalk.core.surface;

import java.util.List;
import wildchalk.core.geometry.Box;
import wildchalk.core.surface.Surface.View;

/** The views that every surface has. */
final class StandardViews {

    private StandardViews() {}

    /**
     * Whole, each half, each end and the middle, all with the run-off.
     *
     * @param end x of where the attacking end begins, metres
     */
    static List<View> of(Box bounds, double runOff, double end) {
        double x = bounds.width() / 2;
        double third = bounds.width() / 6 + runOff;
        return List.of(
                new View("whole", "Whole", bounds.grown(runOff)),
                new View("attacking-half", "Attacking half", across(bounds, runOff, -runOff, x + runOff)),
                new View("own-half", "Own half", across(bounds, runOff, -x - runOff, runOff)),
                new View("attacking-end", "Attacking end", across(bounds, runOff, end - runOff, x + runOff)),
                new View("own-end", "Own end", across(bounds, runOff, -x - runOff, runOff - end)),
                new View("middle", "Middle", across(bounds, runOff, -third, third)));
    }

    private static Box across(Box bounds, double runOff, double from, double to) {
        return new Box(from, bounds.y() - runOff, to - from, bounds.height() + 2 * runOff);
    }
}

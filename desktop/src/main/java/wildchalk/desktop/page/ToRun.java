package wildchalk.desktop.page;

import java.util.Map;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;

/**
 * A practice that is to be run.
 *
 * @param practice as it is tonight
 * @param drills those of its drills that are not to be looked up in the book
 */
public record ToRun(Practice practice, Map<Content.Planned, Drill> drills) {
    public ToRun {
        drills = Map.copyOf(drills);
    }
}

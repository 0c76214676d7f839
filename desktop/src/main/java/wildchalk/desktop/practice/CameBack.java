package wildchalk.desktop.practice;

import java.util.Map;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Practice;

/**
 * A practice of this book that somebody sent back as a file.
 *
 * @param theirs as it is in the file, under the id that it has here
 * @param drills that the file carries, by their ids there
 */
public record CameBack(Practice theirs, Map<String, Drill> drills) {
    public CameBack {
        drills = Map.copyOf(drills);
    }
}

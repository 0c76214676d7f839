package wildchalk.core.ruling;

import java.util.List;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;

/**
 * One rule of a rung.
 *
 * @param id of what is said, or of the live play
 * @param words in a sentence
 * @param instead what could be said instead, by what it is about
 * @param typed words of the coach's own in it
 * @param away takes it away
 */
public record Rule(String id, String words, List<Instead> instead, List<Typed> typed, Edit<Drill> away) {
    public Rule {
        instead = List.copyOf(instead);
        typed = List.copyOf(typed);
    }
}

package wildchalk.core.drill;

import java.util.List;

/**
 * A titled thing to practise.
 *
 * @param id short and stable; unique in a book
 * @param surface id of the surface
 * @param view id of the part of the surface that is shown
 * @param lineKey how lines are to be read
 * @param ladder the rungs, bottom first; at least one
 * @param points coaching points
 * @param questions to ask the players
 * @param cautions what could hurt someone, and what to do about it
 */
public record Drill(String id, String title, String surface, String view, LineKey lineKey, List<Rung> ladder,
                    List<String> points, List<String> questions, List<String> cautions) {

    public Drill {
        ladder = List.copyOf(ladder);
        points = List.copyOf(points);
        questions = List.copyOf(questions);
        cautions = List.copyOf(cautions);
    }

    /** Sports disagree about which of the two is dashed. */
    public enum LineKey { RUNS_PLAIN, PASSES_PLAIN }

    /** A drill with one empty rung. */
    public static Drill empty(String id, String title, String surface, String view) {
        return new Drill(id, title, surface, view, LineKey.RUNS_PLAIN, List.of(Rung.empty("s1", "Start here")),
                List.of(), List.of(), List.of());
    }

    public Drill withId(String newId) {
        return new Drill(newId, title, surface, view, lineKey, ladder, points, questions, cautions);
    }

    public Drill withTitle(String newTitle) {
        return new Drill(id, newTitle, surface, view, lineKey, ladder, points, questions, cautions);
    }

    public Drill withView(String newView) {
        return new Drill(id, title, surface, newView, lineKey, ladder, points, questions, cautions);
    }

    public Drill withLineKey(LineKey newKey) {
        return new Drill(id, title, surface, view, newKey, ladder, points, questions, cautions);
    }

    public Drill withLadder(List<Rung> newLadder) {
        return new Drill(id, title, surface, view, lineKey, newLadder, points, questions, cautions);
    }
}

package wildchalk.core.drill;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import wildchalk.core.document.Document;
import wildchalk.core.surface.Surface;
import java.util.Set;

/**
 * A titled thing to practise.
 *
 * @param id short and stable; unique among the drills of a book
 * @param venue what it is played on
 * @param showing the part of the surface that is shown, and which way up
 * @param lineKey how lines are to be read
 * @param effort who practises it and how hard they go
 * @param ladder the rungs, bottom first; at least one
 * @param points coaching points
 * @param questions to ask the players
 * @param cautions what could hurt someone, and what to do about it
 * @param given the ids that were given out in it; those that its rungs use need not be among them
 */
public record Drill(String id, String title, Venue venue, Showing showing, LineKey lineKey, Effort effort,
                    List<Rung> ladder, List<String> points, List<String> questions, List<String> cautions, GivenIds given)
        implements Document<Drill> {

    public Drill {
        ladder = List.copyOf(ladder);
        points = List.copyOf(points);
        questions = List.copyOf(questions);
        cautions = List.copyOf(cautions);
    }

    /** A drill that has given out no ids but those that its rungs use. */
    public Drill(String id, String title, Venue venue, Showing showing, LineKey lineKey, Effort effort,
                 List<Rung> ladder, List<String> points, List<String> questions, List<String> cautions) {
        this(id, title, venue, showing, lineKey, effort, ladder, points, questions, cautions, GivenIds.NONE);
    }

    /** Sports disagree about which of the two is dashed. */
    public enum LineKey { RUNS_PLAIN, PASSES_PLAIN }

    /** A drill with one empty rung. */
    public static Drill empty(String id, String title, String surface, String view) {
        return new Drill(id, title, Venue.of(surface), Showing.of(view), LineKey.RUNS_PLAIN, Effort.LIVE,
                List.of(Rung.empty("s1", "Start here")), List.of(), List.of(), List.of());
    }

    /** The surface, laid out. */
    public Surface surface() {
        return venue.lay();
    }

    @Override
    public Drill withId(String newId) {
        return new Drill(newId, title, venue, showing, lineKey, effort, ladder, points, questions, cautions, given);
    }

    @Override
    public Drill withTitle(String newTitle) {
        return new Drill(id, newTitle, venue, showing, lineKey, effort, ladder, points, questions, cautions, given);
    }

    public Drill withVenue(Venue newVenue) {
        return new Drill(id, title, newVenue, showing, lineKey, effort, ladder, points, questions, cautions, given);
    }

    public Drill withShowing(Showing newShowing) {
        return new Drill(id, title, venue, newShowing, lineKey, effort, ladder, points, questions, cautions, given);
    }

    public Drill withLineKey(LineKey newKey) {
        return new Drill(id, title, venue, showing, newKey, effort, ladder, points, questions, cautions, given);
    }

    public Drill withEffort(Effort newEffort) {
        return new Drill(id, title, venue, showing, lineKey, newEffort, ladder, points, questions, cautions, given);
    }

    public Drill withLadder(List<Rung> newLadder) {
        return new Drill(id, title, venue, showing, lineKey, effort, newLadder, points, questions, cautions, given);
    }

    /** The same with other coaching points, questions and cautions. */
    public Drill withNotes(List<String> newPoints, List<String> newQuestions, List<String> newCautions) {
        return new Drill(id, title, venue, showing, lineKey, effort, ladder, newPoints, newQuestions, newCautions, given);
    }

    private Drill giving(GivenIds newGiven) {
        return new Drill(id, title, venue, showing, lineKey, effort, ladder, points, questions, cautions, newGiven);
    }

    /**
     * The same as what becomes of another state of this drill: ids that were given out there are not given again, and a rung
     * leaves nothing out but what the rung below it has.
     */
    @Override
    public Drill following(Drill before) {
        if (equals(before)) {
            return before;
        }
        List<Rung> kept = Ladder.withoutWhatIsGone(this);
        // Most rungs are the very same on both sides: each is counted once.
        Set<Rung> rungs = Collections.newSetFromMap(new IdentityHashMap<>());
        rungs.addAll(before.ladder);
        rungs.addAll(kept);
        GivenIds all = given.and(before.given).and(rungs);
        return all.equals(given) && kept.equals(ladder) ? this : withLadder(kept).giving(all);
    }

    /** Whether there is no difference that a coach could see: ids that were given out and taken back are none. */
    @Override
    public boolean isLike(Drill other) {
        return giving(other.given).equals(other);
    }
}

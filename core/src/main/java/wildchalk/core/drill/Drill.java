package wildchalk.core.drill;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import wildchalk.core.document.Document;
import wildchalk.core.effort.Effort;
import wildchalk.core.surface.Surface;

/**
 * A titled thing to practise.
 *
 * @param id short and stable; unique among the drills of a book
 * @param venue what it is played on
 * @param showing the part of the surface that is shown, which way up, and how lines are to be read
 * @param effort who practises it and how hard they go
 * @param ladder the rungs, bottom first; at least one
 * @param notes what is said besides
 * @param given the ids that were given out in it; those that its rungs use need not be among them
 */
public record Drill(
        String id,
        String title,
        Venue venue,
        Showing showing,
        Effort effort,
        List<Rung> ladder,
        Notes notes,
        GivenIds given)
        implements Document<Drill> {

    public Drill {
        ladder = List.copyOf(ladder);
    }

    /**
     * What is said of a drill besides what happens.
     *
     * @param points coaching points
     * @param questions to ask the players
     * @param cautions what could hurt someone, and what to do about it
     * @param aside what was found in it and left for a reason
     */
    public record Notes(List<String> points, List<String> questions, List<String> cautions, List<PutAside> aside) {

        public static final Notes NONE = new Notes(List.of(), List.of(), List.of());

        public Notes {
            points = List.copyOf(points);
            questions = List.copyOf(questions);
            cautions = List.copyOf(cautions);
            aside = List.copyOf(aside);
        }

        /** Notes of a drill in which nothing was left. */
        public Notes(List<String> points, List<String> questions, List<String> cautions) {
            this(points, questions, cautions, List.of());
        }
    }

    /**
     * Something that was found in a drill and left as it is.
     *
     * @param check the word of what found it
     * @param about ids of what it is about, in its order
     * @param reason why it was left, in the coach's words; not blank
     * @param printed whether the reason goes out as a caution
     */
    public record PutAside(String check, List<String> about, String reason, boolean printed) {
        public PutAside {
            about = List.copyOf(about);
        }
    }

    /** Sports disagree about which of the two is dashed. */
    public enum LineKey {
        RUNS_PLAIN,
        PASSES_PLAIN
    }

    /** A drill with one empty rung, on a surface that comes with the program. */
    public static Drill empty(String id, String title, String surface, String view) {
        return empty(id, title, Venue.of(surface), view);
    }

    /** The same on any surface. */
    public static Drill empty(String id, String title, Venue venue, String view) {
        return new Drill(
                id,
                title,
                venue,
                Showing.of(view),
                Effort.LIVE,
                List.of(Rung.empty("s1", "Start here")),
                Notes.NONE,
                GivenIds.NONE);
    }

    /** How lines are to be read. */
    public LineKey lineKey() {
        return showing.lineKey();
    }

    /** Coaching points. */
    public List<String> points() {
        return notes.points();
    }

    /** To ask the players. */
    public List<String> questions() {
        return notes.questions();
    }

    /** What could hurt someone, and what to do about it. */
    public List<String> cautions() {
        return notes.cautions();
    }

    /** The cautions, and why something was left where that is to go out too: what is handed out. */
    public List<String> cautionsOut() {
        return Stream.concat(
                        notes.cautions().stream(),
                        notes.aside().stream().filter(PutAside::printed).map(PutAside::reason))
                .distinct()
                .toList();
    }

    /** The surface, laid out. */
    public Surface surface() {
        return venue.lay();
    }

    @Override
    public Drill withId(String newId) {
        return new Drill(newId, title, venue, showing, effort, ladder, notes, given);
    }

    @Override
    public Drill withTitle(String newTitle) {
        return new Drill(id, newTitle, venue, showing, effort, ladder, notes, given);
    }

    /** The same on something else; places stay as they are. */
    public Drill withVenue(Venue newVenue) {
        return new Drill(id, title, newVenue, showing, effort, ladder, notes, given);
    }

    /** The same, seen otherwise. */
    public Drill withShowing(Showing newShowing) {
        return new Drill(id, title, venue, newShowing, effort, ladder, notes, given);
    }

    /** The same with lines read otherwise. */
    public Drill withLineKey(LineKey newKey) {
        return new Drill(id, title, venue, showing.reading(newKey), effort, ladder, notes, given);
    }

    /** The same for others, or at another pace. */
    public Drill withEffort(Effort newEffort) {
        return new Drill(id, title, venue, showing, newEffort, ladder, notes, given);
    }

    /** The same with other rungs, bottom first; at least one. */
    public Drill withLadder(List<Rung> newLadder) {
        return new Drill(id, title, venue, showing, effort, newLadder, notes, given);
    }

    /** The same with other coaching points, questions and cautions. */
    public Drill withNotes(List<String> newPoints, List<String> newQuestions, List<String> newCautions) {
        return new Drill(
                id,
                title,
                venue,
                showing,
                effort,
                ladder,
                new Notes(newPoints, newQuestions, newCautions, notes.aside()),
                given);
    }

    /** The same with that put aside of what is found in it. */
    public Drill leaving(List<PutAside> aside) {
        return new Drill(
                id, title, venue, showing, effort, ladder, new Notes(points(), questions(), cautions(), aside), given);
    }

    private Drill giving(GivenIds newGiven) {
        return new Drill(id, title, venue, showing, effort, ladder, notes, newGiven);
    }

    /**
     * The same as what becomes of another state of this drill: ids that were given out there are not given again, and a
     * rung leaves nothing out but what the rung below it has.
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
        return all.equals(given) && kept.equals(ladder)
                ? this
                : withLadder(kept).giving(all);
    }

    /** Whether there is no difference that a coach could see: ids that were given out and taken back are none. */
    @Override
    public boolean isLike(Drill other) {
        return giving(other.given).equals(other);
    }
}

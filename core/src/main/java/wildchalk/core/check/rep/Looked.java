package wildchalk.core.check.rep;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Effort;
import wildchalk.core.measure.Unit;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/** A drill that is looked at: every rung of it, played on the way that is chosen and once with each other option. */
public final class Looked {

    /** The words of this room. */
    static final Wordbook BOOK = Wordbook.beside(Looked.class, "Looked");

    /** So many other options of a rung are played at most. */
    private static final int MOST_WAYS = 24;

    private final Drill drill;
    private final Conditions conditions;
    private final Unit unit;
    private final Surface surface;
    private final List<Rep> reps = new ArrayList<>();
    private final Spoken spoken;

    /** Plays every rung, the lowest first. */
    public Looked(Drill drill, Conditions conditions, Unit unit) {
        this(drill, Ladder.buildAll(drill), conditions, unit);
    }

    /**
     * Plays some rungs.
     *
     * @param stages the rungs, built
     */
    public Looked(Drill drill, List<Stage> stages, Conditions conditions, Unit unit) {
        this.drill = drill;
        this.conditions = conditions;
        this.unit = unit;
        this.surface = drill.surface();
        this.spoken = Spoken.of(drill);
        stages.forEach(this::play);
    }

    private void play(Stage stage) {
        Timeline usual = Rehearsal.of(stage, surface);
        reps.add(new Rep(this, stage, Choices.NONE, usual));
        int played = 0;
        for (Instruction.Read read : Reads.of(stage)) {
            for (Instruction.Option option : read.options()) {
                boolean taken =
                        option.id().equals(usual.settled(Choices.NONE).of().get(read.id()))
                                || Reads.taken(stage, Choices.NONE, read)
                                        .filter(option::equals)
                                        .isPresent();
                Optional<Timeline> other = taken || played >= MOST_WAYS
                        ? Optional.empty()
                        : usual.otherWays().going(read.id(), option.id());
                if (other.isPresent()) {
                    played++;
                    reps.add(new Rep(this, stage, other.get().otherWays().settled(), other.get()));
                }
            }
        }
    }

    /** The drill. */
    public Drill drill() {
        return drill;
    }

    /** What the evening adds. */
    public Conditions conditions() {
        return conditions;
    }

    /** What metres are said in. */
    public Unit unit() {
        return unit;
    }

    /** What it is played on. */
    public Surface surface() {
        return surface;
    }

    /** What is written about it. */
    public Spoken spoken() {
        return spoken;
    }

    /** Who plays it. */
    public Effort.Level level() {
        return drill.effort().level();
    }

    /** Every rung, the lowest first, on every way, the chosen one first. */
    public List<Rep> reps() {
        return reps;
    }

    /** Every rung on the way that is chosen. */
    public List<Rep> rungs() {
        return reps.stream().filter(r -> r.way().equals(Choices.NONE)).toList();
    }

    /** What a piece or a person is called in a sentence. */
    String name(Stage stage, String id) {
        Optional<Piece> piece = stage.piece(id);
        if (piece.isEmpty()) {
            return PieceWords.rotation();
        }
        String label = stage.person(id).map(Piece.Person::label).orElse("");
        return label.isBlank() ? BOOK.say("the", PieceWords.among(stage, piece.get())) : label;
    }
}

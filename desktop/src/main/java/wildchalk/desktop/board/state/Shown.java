package wildchalk.desktop.board.state;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import wildchalk.core.casting.Named;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Units;
import wildchalk.core.runthrough.RunThrough;
import wildchalk.core.scene.Aids;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.script.Script;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/**
 * A stage worked out and drawn. It can be worked out on any thread.
 *
 * @param stage as it is drawn, which is what edits are made of
 * @param through the same as it is looked at: with people of a squad in the roles, where there are any
 * @param written the words, where the board needed them: with options, whose lines are marked as they are told
 * @param moved ids of the pieces and actions that an edit under way has changed; empty when there is none
 */
public record Shown(Stage stage, RunThrough through, Board board, Optional<Script> written, Set<String> moved) {

    /**
     * What a stage is shown on, and how.
     *
     * @param cast who plays the roles; empty while nobody does by name
     */
    public record Manner(
            Surface surface, LineKey key, Frame frame, Units units, Aids aids, Choices choices, Optional<Named> cast) {

        private Shown show(Stage stage, RunThrough through, Set<String> moved) {
            Optional<Script> written =
                    Reads.of(stage).isEmpty() ? Optional.empty() : Optional.of(through.script(units.unit()));
            Board board = through.board(key, frame, units, aids, written.orElse(Script.NONE));
            return new Shown(stage, through, board, written, moved);
        }
    }

    public static Shown of(Stage stage, Manner manner) {
        Stage looked = manner.cast().map(c -> c.on(stage, manner.surface())).orElse(stage);
        return manner.show(stage, RunThrough.of(looked, manner.surface(), manner.choices()), Set.of());
    }

    /** The words. */
    Script script(Units units) {
        return written.orElseGet(() -> through.script(units.unit()));
    }

    public Timeline timeline() {
        return through.timeline();
    }

    /** What follows it after an edit: lines that run as before are not worked out again. */
    Shown then(Stage next, Manner manner) {
        Shown then = of(next, manner);
        then.board.reusingLines(board);
        return then;
    }

    /** The same, drawn in another manner. */
    Shown drawn(Manner manner) {
        Shown drawn = manner.show(stage, through, moved);
        drawn.board.reusingLines(board);
        return drawn;
    }

    /** What an edit under way makes of it. */
    Shown changed(Stage next, Manner manner) {
        Shown then = of(next, manner);
        Set<String> changes = new HashSet<>();
        Set<Piece> same = new HashSet<>(stage().pieces());
        next.pieces().stream().filter(p -> !same.contains(p)).forEach(p -> changes.add(p.id()));
        next.actions().stream()
                .filter(a -> stage().action(a.id()).isEmpty()
                        || !then.timeline().line(a.id()).equals(timeline().line(a.id())))
                .forEach(a -> changes.add(a.id()));
        return new Shown(
                then.stage, then.through, then.board.reusingLines(board).prepared(), then.written, Set.copyOf(changes));
    }
}

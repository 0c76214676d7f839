package wildchalk.desktop.board;

import java.util.HashSet;
import java.util.Set;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Units;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.rehearsal.Timeline;
import wildchalk.core.scene.Aids;
import wildchalk.core.scene.Board;
import wildchalk.core.scene.Frame;
import wildchalk.core.surface.Surface;

/**
 * A stage worked out so that it can be shown. It can be worked out on any thread.
 *
 * @param moved ids of the pieces and actions that an edit under way has changed; empty when there is none
 */
public record Shown(Stage stage, Timeline timeline, Board board, Set<String> moved) {

    /** What a stage is shown on, and how. */
    record Manner(Surface surface, LineKey key, Frame frame, Units units, Aids aids, Choices choices) {

        Board draw(Stage stage, Timeline timeline) {
            return new Board(surface, stage, timeline, key, frame, units, aids);
        }
    }

    static Shown of(Stage stage, Manner manner) {
        Timeline timeline = Rehearsal.of(stage, manner.surface(), manner.choices());
        return new Shown(stage, timeline, manner.draw(stage, timeline), Set.of());
    }

    /** What follows it after an edit: lines that run as before are not worked out again. */
    Shown then(Stage next, Manner manner) {
        Shown then = of(next, manner);
        then.board.reusingLines(board);
        return then;
    }

    /** The same, drawn in another manner. */
    Shown drawn(Manner manner) {
        return new Shown(stage, timeline, manner.draw(stage, timeline).reusingLines(board), moved);
    }

    /** What an edit under way makes of it. */
    Shown changed(Stage next, Manner manner) {
        Timeline then = Rehearsal.of(next, manner.surface(), manner.choices());
        Set<String> changes = new HashSet<>();
        Set<Piece> same = new HashSet<>(stage.pieces());
        next.pieces().stream().filter(p -> !same.contains(p)).forEach(p -> changes.add(p.id()));
        next.actions().stream().filter(a -> stage.action(a.id()).isEmpty()
                || !then.line(a.id()).equals(timeline.line(a.id()))).forEach(a -> changes.add(a.id()));
        return new Shown(next, then, manner.draw(next, then).reusingLines(board).prepared(), Set.copyOf(changes));
    }
}

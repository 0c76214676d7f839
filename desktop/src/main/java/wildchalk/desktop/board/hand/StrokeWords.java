package wildchalk.desktop.board.hand;

import java.util.List;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.stroke.Meant;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;

/** Says what a stroke is taken for while it is drawn, and does what is no line. */
final class StrokeWords {

    private static final Wordbook BOOK = Wordbook.beside(StrokeWords.class, "Strokes");

    private StrokeWords() {}

    /** "run, screen": all that one stroke means. */
    static String of(BoardState state, List<Action> actions) {
        return actions.stream()
                .map(a -> ActionEdits.describe(a, state.stage()))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    /** What is meant that is no line. */
    static String of(BoardState state, Meant meant) {
        return meant instanceof Meant.Away a ? away(state, a.id()) : BOOK.say("turned");
    }

    /** What would be taken away. */
    static String away(BoardState state, String id) {
        return BOOK.say(
                "away",
                state.stage()
                        .piece(id)
                        .map(PieceWords::name)
                        .or(() -> state.stage().action(id).map(a -> ActionEdits.describe(a, state.stage())))
                        .orElse(id));
    }

    /** Turns somebody, or takes something away. */
    static void apply(BoardState state, Meant meant) {
        if (meant instanceof Meant.Turned t) {
            state.stage()
                    .person(t.who())
                    .ifPresent(p -> state.apply(
                            PieceEdits.change(state.rung(), BOOK.say("turn"), PersonEdits.facing(p, t.facing()))));
            state.selection().choose(t.who());
        } else if (meant instanceof Meant.Away a) {
            takeAway(state, a.id());
        }
    }

    /** Takes what was scribbled over away. */
    static void takeAway(BoardState state, String id) {
        state.selection().choose(id);
        state.removeChosen();
    }
}

package wildchalk.desktop.board.state;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.measure.TimeFormat;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.timeline.ActionTimes;

/** The board and the strip in words, for whoever has them read aloud. */
public final class BoardVoice {

    private final BoardState state;

    public BoardVoice(BoardState state) {
        this.state = state;
    }

    /** What is in the hand and what is chosen, with what can be done about it. */
    public String board() {
        Tool tool = state.toolProperty().get();
        String hand = tool == Tool.GUESS
                ? ""
                : " In the hand: " + tool.name().toLowerCase(Locale.ROOT).replace('_', '-') + ".";
        Set<String> chosen = state.selection().chosenProperty().get();
        Optional<Action> line = state.selection().action();
        List<Piece> pieces = state.stage().pieces().stream()
                .filter(p -> chosen.contains(p.id()))
                .toList();
        String what;
        if (line.isPresent()) {
            what = line(line.get(), cues()) + ", chosen. Letters make something else of it.";
        } else if (pieces.size() == 1) {
            what = piece(pieces.get(0));
        } else if (pieces.isEmpty()) {
            what = "The board. Tab goes from piece to piece.";
        } else {
            what = pieces.size() + " pieces, chosen.";
        }
        return what + hand;
    }

    private String piece(Piece piece) {
        String name = PieceWords.among(state.stage(), piece) + ", chosen.";
        return piece instanceof Piece.Person
                ? name + " Enter begins a line, arrows move it."
                : name + " Arrows move it.";
    }

    private Function<Action, String> cues() {
        return ScriptWriter.cues(state.stage(), state.timeline(), state.surface());
    }

    private String line(Action action, Function<Action, String> cues) {
        String who = state.stage().person(action.who()).map(Piece.Person::label).orElse("");
        return who + ": " + ActionEdits.describe(action, state.stage()) + " " + cues.apply(action);
    }

    /** Who does what, when: a clause for each block of the strip. */
    public String strip() {
        Function<Action, String> cues = cues();
        return "Reaction strip. "
                + state.stage().actions().stream()
                        .filter(a -> state.timeline().times(a.id()).isPresent())
                        .map(a -> block(a, cues))
                        .collect(Collectors.joining("; "));
    }

    private String block(Action action, Function<Action, String> cues) {
        ActionTimes t = state.timeline().times(action.id()).orElseThrow();
        return line(action, cues) + ", " + TimeFormat.seconds(t.start()) + " to " + TimeFormat.seconds(t.end());
    }
}

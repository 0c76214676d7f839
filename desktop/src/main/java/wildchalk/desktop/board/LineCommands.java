package wildchalk.desktop.board;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Travel;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.LineEdits;
import wildchalk.core.edit.PathEdits;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.card.FeintCard;
import wildchalk.desktop.board.card.LineTag;
import wildchalk.desktop.board.card.ReadCard;
import wildchalk.desktop.board.command.Command;
import wildchalk.desktop.board.command.Key;
import wildchalk.desktop.board.command.Scope;
import wildchalk.desktop.board.hand.BoardMouse;
import wildchalk.desktop.board.sheet.CueMenu;
import wildchalk.desktop.board.sheet.KeyLists;
import wildchalk.desktop.board.state.BoardState;

/** What a letter makes of the line that is chosen. */
final class LineCommands {

    private static final Wordbook BOOK = Wordbook.beside(LineCommands.class, "Commands");

    private final BoardState state;
    private final BoardMouse mouse;
    private final LineTag tag;
    private final BoardPane board;

    LineCommands(BoardState state, BoardMouse mouse, LineTag tag, BoardPane board) {
        this.board = board;
        this.state = state;
        this.mouse = mouse;
        this.tag = tag;
    }

    List<Command> all() {
        return List.of(
                line("W", KeyCode.W, "what sets it off", a -> CueMenu.show(state, a, tag)),
                line("E", KeyCode.E, "how it ends", a -> travel(a).ifPresent(t -> KeyLists.endings(state, t, tag))),
                line("K", KeyCode.K, "how a pass or a run goes", a -> ActionEdits.nextWay(
                                state.rung(), a, state.surface())
                        .ifPresent(state::apply)),
                line("A", KeyCode.A, "a pass: at once, or met on their line", a -> metOrAtOnce(a)
                        .ifPresent(state::apply)),
                line("X", KeyCode.X, "cut it where the mouse is", a -> travel(a).ifPresent(this::cut)),
                line("V", KeyCode.V, "turn it round", this::turnRound),
                line("I", KeyCode.I, BOOK.say("line.more"), a -> KeyLists.ways(state, a, tag)),
                line("Y", KeyCode.Y, BOOK.say("line.feints"), a -> travel(a)
                        .ifPresent(t -> FeintCard.open(state, t, board))),
                line("F", KeyCode.F, "mend it, where there is a !", a -> tag.mend()
                        .ifPresent(state::apply)),
                new Command(
                        "Either this line, or something else",
                        List.of(Key.of("O", KeyCode.O)),
                        Scope.LINE,
                        "either this, or something else: draw it then",
                        this::instead),
                line("Del", KeyCode.DELETE, "take it away", a -> state.removeChosen(), KeyCode.BACK_SPACE));
    }

    private Command line(String label, KeyCode key, String help, Consumer<Action> run, KeyCode... also) {
        return new Command(
                "This line: " + help,
                also.length == 0 ? List.of(Key.of(label, key)) : List.of(Key.of(label, key), Key.of("", also)),
                Scope.LINE,
                help,
                () -> state.selection().action().ifPresent(run));
    }

    private Optional<Edit<Drill>> metOrAtOnce(Action action) {
        return action instanceof Action.Pass pass
                ? LineEdits.metOrAtOnce(state.rung(), state.stage(), state.timeline(), pass)
                : Optional.empty();
    }

    private static Optional<Travel> travel(Action action) {
        return action instanceof Travel travel ? Optional.of(travel) : Optional.empty();
    }

    private void instead() {
        state.selection().action().ifPresent(line -> ReadCard.instead(state, line));
    }

    /** Cuts the line that is chosen: under the mouse when that is on it, else in the middle. */
    private void cut(Travel travel) {
        Route route = state.board().route(travel.id());
        boolean pointed =
                route.distanceTo(mouse.pointer()) < 2 * state.board().frame().unit();
        Vec at = pointed ? mouse.pointer() : route.at(route.length() / 2);
        PathEdits.Held held = PathEdits.held(
                travel,
                route,
                new Places(state.stage(), state.surface()),
                at,
                state.board().frame().unit());
        LineEdits.cut(state.rung(), state.stage(), state.freeIds(), travel, route, held, at)
                .ifPresentOrElse(state::apply, () -> state.announce("There is too little of this line to cut it"));
    }

    private void turnRound(Action action) {
        LineEdits.reverse(state.rung(), state.stage(), action, state.board().route(action.id()))
                .ifPresentOrElse(
                        state::apply,
                        () -> state.announce(
                                "Only a line from where somebody stands, or a pass to somebody, can be turned round"));
    }
}

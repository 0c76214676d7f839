package wildchalk.desktop.board;

import java.util.Optional;
import java.util.Set;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.edit.LineEdits;
import wildchalk.core.edit.PathEdits;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.geometry.Route;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.stroke.CueChoices;

/** What the keys do on the Board. */
final class BoardKeys {

    /** How far a key turns gear, degrees. */
    private static final double TURN = 15;
    /** How far an arrow key moves what is chosen, metres. */
    private static final double NUDGE = 0.5;
    private static final double FINE_NUDGE = 0.1;

    private final BoardState state;
    private final Player player;
    private final Tray tray;
    private final BoardPane board;
    private final KeyHand keyHand;
    private boolean keysShown;

    BoardKeys(BoardState state, Player player, Tray tray, BoardPane board) {
        this.state = state;
        this.player = player;
        this.tray = tray;
        this.board = board;
        this.keyHand = new KeyHand(board, state);
    }

    /** Does what a key asks for; called for every key in the window while the Board is shown. */
    void press(KeyEvent e) {
        if (e.getTarget() instanceof TextInputControl || board.mouse().key(e)) {
            return;
        }
        if (!e.isShortcutDown() && keyHand.key(e)) {
            e.consume();
            return;
        }
        if (e.isShortcutDown()) {
            shortcut(e);
            return;
        }
        if ("?".equals(e.getText()) || e.getCode() == KeyCode.SLASH && e.isShiftDown()) {
            board.showCard(keysShown ? null : new KeysCard(state));
            keysShown = !keysShown;
            return;
        }
        if (!inTime(e.getCode())) {
            onTheBoard(e);
        }
    }

    /** Keys that play and go through the time; false when it is no such key. */
    private boolean inTime(KeyCode key) {
        switch (key) {
            case SPACE -> board.mouse().holdSpace();
            case HOME -> state.playheadProperty().set(0);
            case END -> state.playheadProperty().set(state.timeline().duration());
            case COMMA, PAGE_UP -> player.step(-1);
            case PERIOD, PAGE_DOWN -> player.step(1);
            case MINUS, SUBTRACT -> SpeedMenu.step(state, -1);
            case PLUS, EQUALS, ADD -> SpeedMenu.step(state, 1);
            case L -> state.loopingProperty().set(!state.loopingProperty().get());
            default -> {
                return false;
            }
        }
        return true;
    }

    private void onTheBoard(KeyEvent e) {
        switch (e.getCode()) {
            case DELETE, BACK_SPACE -> delete();
            case ESCAPE -> letGo();
            case LEFT -> nudge(-1, 0, e);
            case RIGHT -> nudge(1, 0, e);
            case UP -> nudge(0, -1, e);
            case DOWN -> nudge(0, 1, e);
            case DIGIT0, NUMPAD0 -> board.fit();
            case O -> instead();
            case Q -> FreezeCard.make(state, board);
            case T -> state.toolProperty().set(state.toolProperty().get() == Tool.TAPE ? Tool.GUESS : Tool.TAPE);
            case OPEN_BRACKET -> PieceCard.turn(state, -TURN);
            case CLOSE_BRACKET -> PieceCard.turn(state, TURN);
            default -> {
                if (!onTheLine(e.getCode())) {
                    tray.takeByKey(e.getText());
                }
            }
        }
    }

    /** What a letter makes of the line that is chosen; false when it is no such letter. */
    private boolean onTheLine(KeyCode key) {
        Optional<Action> line = state.chosenAction();
        Optional<Action.Travel> travel = line.filter(Action.Travel.class::isInstance).map(Action.Travel.class::cast);
        switch (key) {
            case W -> line.ifPresent(this::nextCue);
            case K -> line.flatMap(a -> ActionEdits.nextWay(state.rung(), a, state.surface())).ifPresent(state::apply);
            case E -> travel.ifPresent(this::nextEnding);
            case X -> travel.ifPresent(this::cut);
            case F -> board.lineTag().mend().ifPresent(state::apply);
            case V -> line.ifPresent(this::turnRound);
            default -> {
                return false;
            }
        }
        return true;
    }

    /** Ends what a key holds: the space bar plays or pauses, unless the board was moved with it. */
    void release(KeyEvent e) {
        if (e.getCode() == KeyCode.SPACE && board.mouse().letSpaceGo()) {
            player.playOrPause();
        }
    }

    private void shortcut(KeyEvent e) {
        if (e.getCode() == KeyCode.Z && !e.isShiftDown()) {
            state.undo();
        } else if (e.getCode() == KeyCode.Y || e.getCode() == KeyCode.Z) {
            state.redo();
        } else if (e.getCode() == KeyCode.A) {
            state.choose(state.stage().pieces().stream().map(Piece::id).toArray(String[]::new));
        } else if (e.getCode() == KeyCode.D) {
            SeveralCard.copyBeside(state);
        } else if (e.getCode() == KeyCode.K || e.getCode() == KeyCode.F) {
            find();
        } else if (e.getCode() == KeyCode.C) {
            PartClipboard.copy(state);
        } else if (e.getCode() == KeyCode.X) {
            PartClipboard.copy(state);
            delete();
        } else if (e.getCode() == KeyCode.V) {
            PartClipboard.paste(state, state::say);
        }
    }

    private void find() {
        FindCard card = new FindCard(state, BoardCommands.of(state, player, tray, board), () -> board.showCard(null));
        board.showCard(card);
        card.take();
    }

    /** Moves what is chosen a little, on the page. */
    private void nudge(int right, int down, KeyEvent e) {
        Set<String> chosen = state.chosenProperty().get();
        if (chosen.stream().anyMatch(id -> state.stage().piece(id).isPresent())) {
            double step = e.isShiftDown() ? FINE_NUDGE : NUDGE;
            state.apply(PieceEdits.moveAll(state.rung(), state.stage(), chosen,
                    state.board().frame().onPage(right * step, down * step)));
            e.consume();
        }
    }

    /** Something else instead of the line that is chosen. */
    private void instead() {
        state.chosenAction().ifPresentOrElse(line -> ReadCard.instead(state, line),
                () -> state.say("Choose the line first that something else can happen instead of"));
    }

    private void letGo() {
        state.focus().frozenProperty().set(Optional.empty());
        if (keysShown) {
            board.showCard(null);
            keysShown = false;
        }
        state.toolProperty().set(Tool.GUESS);
        state.choose();
    }

    private void delete() {
        if (!state.chosenProperty().get().isEmpty()) {
            state.apply(PieceEdits.remove(state.rung(), state.stage(), state.chosenProperty().get()));
        }
    }

    /** Cuts the line that is chosen: under the mouse when that is on it, else in the middle. */
    private void cut(Action.Travel travel) {
        Route route = state.board().route(travel.id());
        boolean pointed = route.distanceTo(board.mouse().pointer()) < 2 * state.board().frame().unit();
        Vec at = pointed ? board.mouse().pointer() : route.at(route.length() / 2);
        PathEdits.Held held = PathEdits.held(travel, route, new Places(state.stage(), state.surface()), at, state.board().frame().unit());
        LineEdits.cut(state.rung(), state.stage(), state.freeIds(), travel, route, held, at).ifPresentOrElse(state::apply,
                () -> state.say("There is too little of this line to cut it"));
    }

    private void turnRound(Action action) {
        LineEdits.reverse(state.rung(), state.stage(), action, state.board().route(action.id())).ifPresentOrElse(state::apply,
                () -> state.say("Only a line from where somebody stands, or a pass to somebody, can be turned round"));
    }

    private void nextCue(Action action) {
        state.apply(ActionEdits.cue(state.rung(), action,
                CueChoices.after(action, state.stage())));
    }

    private void nextEnding(Action.Travel travel) {
        Action.Ending[] all = Action.Ending.values();
        state.apply(ActionEdits.ending(state.rung(), travel, all[(travel.ending().ordinal() + 1) % all.length]));
    }
}

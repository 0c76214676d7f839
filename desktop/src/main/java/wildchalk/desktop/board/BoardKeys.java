package wildchalk.desktop.board;

import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.desktop.board.command.Command;
import wildchalk.desktop.board.command.Scope;
import wildchalk.desktop.board.hand.BoardMouse;
import wildchalk.desktop.board.hand.KeyHand;
import wildchalk.desktop.board.state.BoardPlayer;

/**
 * Hands each key on the Board to whoever takes it: the hand that is busy, the hand of the keyboard, then the list of
 * commands.
 */
final class BoardKeys {

    private final BoardPlayer player;
    private final BoardMouse mouse;
    private final KeyHand keyHand;
    private final BoardCommands commands;

    BoardKeys(BoardPlayer player, BoardMouse mouse, KeyHand keyHand, BoardCommands commands) {
        this.player = player;
        this.mouse = mouse;
        this.keyHand = keyHand;
        this.commands = commands;
    }

    /** Does what a key asks for; called for every key in the window while the Board is shown. */
    void press(KeyEvent e) {
        if (e.getTarget() instanceof TextInputControl || mouse.key(e)) {
            return;
        }
        if (!e.isShortcutDown() && keyHand.key(e)) {
            e.consume();
            return;
        }
        if (!e.isShortcutDown() && e.getCode() == KeyCode.SPACE) {
            mouse.holdSpace();
            return;
        }
        commands.all().stream()
                .filter(c -> commands.counts(c.scope()) && c.keys().stream().anyMatch(k -> k.matches(e)))
                .findFirst()
                .ifPresent(c -> run(c, e));
    }

    private static void run(Command command, KeyEvent e) {
        command.run().run();
        if (command.scope() != Scope.ALWAYS) {
            e.consume();
        }
    }

    /** Ends what a key holds: the space bar plays or pauses, unless the board was moved with it. */
    void release(KeyEvent e) {
        if (e.getCode() == KeyCode.SPACE && mouse.letSpaceGo()) {
            player.playOrPause();
        }
    }
}

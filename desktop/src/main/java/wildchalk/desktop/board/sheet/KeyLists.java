package wildchalk.desktop.board.sheet;

import javafx.application.Platform;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Travel;
import wildchalk.core.otherwise.LineWays;
import wildchalk.core.script.Script;
import wildchalk.desktop.board.state.BoardState;

/** Lists that a key opens beside a line: all that can be chosen by name, and with the same key the next of them. */
public final class KeyLists {

    private KeyLists() {}

    /** How the path that is chosen can end, by name. */
    public static void endings(BoardState state, Travel travel, Node at) {
        LineWays.Group group = LineWays.endings(state.rung(), travel);
        ContextMenu menu = new ContextMenu();
        menu.setId("endings");
        for (LineWays.Way way : group.ways()) {
            RadioMenuItem item = new RadioMenuItem(way.words());
            item.setSelected(way.taken());
            item.setOnAction(e -> take(state, travel, way));
            menu.getItems().add(item);
        }
        goOn(menu, KeyCode.E, () -> {
            int now = 0;
            while (now < group.ways().size() - 1 && !group.ways().get(now).taken()) {
                now++;
            }
            take(state, travel, group.ways().get((now + 1) % group.ways().size()));
            state.selection().action().ifPresent(a -> endings(state, (Travel) a, at));
        });
        menu.show(at, Side.BOTTOM, 0, 2);
    }

    /** All that can be said of an action, as at its word in the call sheet. */
    public static void ways(BoardState state, Action action, Node at) {
        PhraseMenu.show(state, action, Script.Part.WHAT, at);
    }

    private static void take(BoardState state, Action action, LineWays.Way way) {
        state.apply(way.edit());
        state.selection().choose(action.id());
    }

    /** Lets the key that opened a list do something while it is open. */
    static void goOn(ContextMenu menu, KeyCode key, Runnable next) {
        menu.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == key) {
                e.consume();
                menu.hide();
                // The next list is opened when this one is gone.
                Platform.runLater(next);
            }
        });
    }
}

package wildchalk.desktop.window;

import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import wildchalk.core.document.History;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.board.state.BoardState;

/** The list of what was done, newest first; each takes the drill back to before it. */
final class UndoList {

    /** A list longer than this does not fit the screen. */
    private static final int MOST = 24;

    private UndoList() {
    }

    /** Lets a button show the list on the right mouse button. */
    static void on(Button button, Supplier<BoardState> board) {
        button.setOnContextMenuRequested(e -> {
            of(board.get()).show(button, Side.BOTTOM, 0, 0);
            e.consume();
        });
    }

    private static ContextMenu of(BoardState board) {
        ContextMenu menu = new ContextMenu();
        menu.setId("undo-list");
        List<History.Step<Drill>> done = board.document().history().done();
        for (int steps = 1; steps <= Math.min(MOST, done.size()); steps++) {
            MenuItem item = new MenuItem(done.get(done.size() - steps).name());
            int back = steps;
            item.setOnAction(e -> board.document().undo(back));
            menu.getItems().add(item);
        }
        return menu;
    }
}

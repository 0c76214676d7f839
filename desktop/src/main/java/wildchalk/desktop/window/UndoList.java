package wildchalk.desktop.window;

import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import wildchalk.core.edit.History;
import wildchalk.desktop.board.BoardState;

/** The list of what was done, newest first; each takes the drill back to before it. */
final class UndoList {

    /** A list longer than this does not fit the screen. */
    private static final int MOST = 24;

    private final ContextMenu menu = new ContextMenu();

    private UndoList() {
    }

    /** Lets a button show the list on the right mouse button. */
    static void on(Button button, Supplier<BoardState> board) {
        UndoList list = new UndoList();
        list.menu.setId("undo-list");
        button.setOnContextMenuRequested(e -> {
            list.fill(board.get());
            list.menu.show(button, Side.BOTTOM, 0, 0);
            e.consume();
        });
    }

    private void fill(BoardState board) {
        List<History.Step> done = board.history().done();
        menu.getItems().clear();
        for (int steps = 1; steps <= Math.min(MOST, done.size()); steps++) {
            MenuItem item = new MenuItem(done.get(done.size() - steps).name());
            int back = steps;
            item.setOnAction(e -> board.undo(back));
            menu.getItems().add(item);
        }
    }
}

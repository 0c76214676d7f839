package wildchalk.desktop.window;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Side;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import wildchalk.desktop.page.Undoable;

/** The list of what was done, newest first; each takes what is on the page back to before it. */
final class UndoList {

    /** A list longer than this does not fit the screen. */
    private static final int MOST = 24;

    private UndoList() {}

    /** Lets a button show the list on the right mouse button. */
    static void on(Button button, Supplier<Optional<Undoable>> history) {
        button.setOnContextMenuRequested(e -> {
            history.get().ifPresent(h -> of(h).show(button, Side.BOTTOM, 0, 0));
            e.consume();
        });
    }

    private static ContextMenu of(Undoable history) {
        ContextMenu menu = new ContextMenu();
        menu.setId("undo-list");
        List<String> done = history.done();
        for (int steps = 1; steps <= Math.min(MOST, done.size()); steps++) {
            MenuItem item = new MenuItem(done.get(steps - 1));
            int back = steps;
            item.setOnAction(e -> history.undo(back));
            menu.getItems().add(item);
        }
        return menu;
    }
}

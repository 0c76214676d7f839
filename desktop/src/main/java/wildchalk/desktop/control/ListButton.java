package wildchalk.desktop.control;

import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Side;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;

/**
 * A button that opens a list. The list is made when somebody asks for it: a page has dozens of them, and few are ever
 * opened.
 */
public class ListButton extends Button {

    private Supplier<List<MenuItem>> items = List::of;
    private ContextMenu list;

    public ListButton(String words) {
        super(words);
        getStyleClass().add("list-button");
        setAccessibleRole(AccessibleRole.MENU_BUTTON);
        setOnAction(e -> {
            if (list != null && list.isShowing()) {
                list.hide();
            } else {
                open();
            }
        });
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.DOWN) {
                open();
                e.consume();
            }
        });
    }

    /** @param made what the list offers, asked for each time it is opened */
    public final void offer(Supplier<List<MenuItem>> made) {
        items = made;
    }

    /** Shows by an arrow that there is a list. */
    public final void point() {
        Region arrow = new Region();
        arrow.getStyleClass().add("list-arrow");
        setGraphic(arrow);
        setContentDisplay(ContentDisplay.RIGHT);
    }

    public final void open() {
        list = new ContextMenu(items.get().toArray(MenuItem[]::new));
        list.show(this, Side.BOTTOM, 0, 0);
    }
}

package wildchalk.desktop.control;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;

/**
 * A scrolled page in which something changes while the board plays. A usual one keeps its page as a picture and paints
 * all of it anew when a corner of it changes.
 */
public class LiveScroll extends ScrollPane {

    public LiveScroll() {
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
    }

    /**
     * Who presses a mouse button on it still has the keyboard where it was: the space bar plays, and does not turn the
     * page.
     */
    @Override
    public void requestFocus() {}

    @Override
    protected Skin<?> createDefaultSkin() {
        Skin<?> skin = super.createDefaultSkin();
        getChildrenUnmodifiable().stream()
                .filter(n -> n.getStyleClass().contains("viewport"))
                .forEach(LiveScroll::paintDirectly);
        return skin;
    }

    private static void paintDirectly(Node viewport) {
        viewport.setCache(false);
    }
}

package wildchalk.desktop.board.canvas;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/** The corner of the board in which one card lies at a time. */
final class CardCorner {

    private static final double MARGIN = 10;

    private final Region board;
    private final List<Node> children;
    private Region card;
    private Region usual;
    private Region special;

    /** @param children of the board */
    CardCorner(Region board, List<Node> children) {
        this.board = board;
        this.children = children;
    }

    void showUsual(Region wanted) {
        usual = wanted;
        show();
    }

    void showSpecial(Region wanted) {
        special = wanted;
        show();
    }

    private void show() {
        Region wanted = special != null ? special : usual;
        if (wanted == card) {
            return;
        }
        // Whoever pressed a button of a card that goes is on the board again, not on whatever comes next in the window.
        if (card != null
                && board.getScene() != null
                && isInCard(board.getScene().getFocusOwner())) {
            board.requestFocus();
        }
        children.remove(card);
        card = wanted;
        if (card != null) {
            children.add(card);
        }
        board.requestLayout();
    }

    private boolean isInCard(Node node) {
        Node at = node;
        while (at != null && at != card) {
            at = at.getParent();
        }
        return at != null;
    }

    void hide(boolean hidden) {
        if (card != null) {
            card.setVisible(!hidden);
        }
    }

    /** Nothing lies on a card. */
    void toFront() {
        if (card != null) {
            card.toFront();
        }
    }

    void fold() {
        if (card instanceof FoldingCard folding) {
            folding.fold();
        }
    }

    /** Lays it into the lower left corner of a board so large. */
    void layout(double width, double height) {
        if (card != null) {
            card.setMaxWidth(width - 2 * MARGIN);
            double wide = Math.min(card.prefWidth(-1), width - 2 * MARGIN);
            double tall = card.prefHeight(wide);
            card.resizeRelocate(MARGIN, height - tall - MARGIN, wide, tall);
        }
    }
}

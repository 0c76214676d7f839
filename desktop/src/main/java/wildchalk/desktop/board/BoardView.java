package wildchalk.desktop.board;

import java.util.List;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.desktop.board.bar.BoardChips;
import wildchalk.desktop.board.bar.BoardControls;
import wildchalk.desktop.board.bar.BoardOverlays;
import wildchalk.desktop.board.bar.BoardStatus;
import wildchalk.desktop.board.bar.ManyBar;
import wildchalk.desktop.board.bar.StripBars;
import wildchalk.desktop.board.bar.Tray;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.card.BoardCards;
import wildchalk.desktop.board.card.HelpsCard;
import wildchalk.desktop.board.card.LineTag;
import wildchalk.desktop.board.card.PlanCard;
import wildchalk.desktop.board.hand.BoardMouse;
import wildchalk.desktop.board.hand.KeyHand;
import wildchalk.desktop.board.ladder.LadderPane;
import wildchalk.desktop.board.sheet.CallSheet;
import wildchalk.desktop.board.state.BoardPlayer;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.strip.Strips;

/** The Board with everything round it. */
public final class BoardView extends BorderPane {

    private final BoardKeys keys;

    public BoardView(BoardState state) {
        setId("board-view");
        BoardPlayer player = new BoardPlayer(state);
        Tray tray = new Tray(state);
        BoardPane board = new BoardPane(state);
        BoardMouse mouse = new BoardMouse(board, state);
        BoardChips chips = new BoardChips(state, board);
        new BoardOverlays(state, board, chips);
        board.inCorner(chips);
        new BoardCards(board, state);
        LineTag lineTag = new LineTag(board, state);
        board.over(lineTag);
        LadderPane ladder = new LadderPane(state);
        Strips strip = new Strips(state);
        CallSheet words = new CallSheet(state, () -> board.showCard(new PlanCard(state, () -> board.showCard(null))));
        BoardStatus status = new BoardStatus(state, board);
        BoardCommands commands =
                new BoardCommands(state, player, tray, board, new LineCommands(state, mouse, lineTag, board));
        keys = new BoardKeys(player, mouse, new KeyHand(board, state, mouse), commands);
        HBox upper = new HBox(board, ladder);
        HBox.setHgrow(board, Priority.ALWAYS);
        // The board has what is left; how large it was before asks for nothing.
        upper.setMinHeight(0);
        upper.setPrefHeight(0);
        HelpsCard.whileMany(state, board);
        StripBars controls = new StripBars(state, new BoardControls(state, player, board), new ManyBar(state));
        BoardRoom room = new BoardRoom(state, this, words, strip, ladder, List.of(tray, controls));
        VBox middle = new VBox(upper, tray, controls, room.stripEdge(), strip, status);
        VBox.setVgrow(upper, Priority.ALWAYS);
        middle.getStyleClass().add("middle");
        setLeft(new HBox(words, room.wordsEdge()));
        setCenter(middle);
        addEventHandler(MenuButton.ON_HIDDEN, e -> giveKeysTo(board));
        addEventFilter(MouseEvent.MOUSE_CLICKED, e -> {
            if (isOnButton((Node) e.getTarget())) {
                giveKeysTo(board);
            }
        });
    }

    /**
     * A mouse does not need the button that it was on any more: the keys go back to the board, unless a field opens.
     */
    private void giveKeysTo(BoardPane board) {
        Platform.runLater(() -> {
            Node has = getScene() == null ? null : getScene().getFocusOwner();
            if (has instanceof ButtonBase && isIn(has)) {
                board.requestFocus();
            }
        });
    }

    private boolean isIn(Node node) {
        Node at = node;
        while (at != null && at != this) {
            at = at.getParent();
        }
        return at == this;
    }

    /** Whether a node is part of a button that opens no list: that one keeps the keys until its list is closed. */
    private static boolean isOnButton(Node node) {
        Node at = node;
        while (at != null && !(at instanceof ButtonBase)) {
            at = at.getParent();
        }
        return at != null && !(at instanceof MenuButton);
    }

    /** Does what a key asks for; called for every key in the window while the Board is shown. */
    public void key(KeyEvent e) {
        keys.press(e);
    }

    /** Ends what a key holds; called for every key that is let go while the Board is shown. */
    public void keyReleased(KeyEvent e) {
        keys.release(e);
    }
}

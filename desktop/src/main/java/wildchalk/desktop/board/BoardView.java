package wildchalk.desktop.board;

import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The Board with everything round it. */
public final class BoardView extends BorderPane {

    private static final double CALL_SHEET_SHARE = 0.231;
    private static final double STRIP_HEIGHT = 182;

    private final BoardKeys keys;

    public BoardView(BoardState state) {
        setId("board-view");
        Player player = new Player(state);
        Tray tray = new Tray(state);
        BoardPane board = new BoardPane(state);
        LadderPane ladder = new LadderPane(state);
        Strip strip = new Strip(state);
        CallSheet words = new CallSheet(state, () -> board.showCard(new PlanCard(state, () -> board.showCard(null))));
        BoardStatus status = new BoardStatus(state, board);
        keys = new BoardKeys(state, player, tray, board);
        HBox upper = new HBox(board, ladder);
        HBox.setHgrow(board, Priority.ALWAYS);
        strip.getStyleClass().add("strip-scroll");
        strip.setPrefHeight(STRIP_HEIGHT);
        VBox middle = new VBox(upper, tray, new BoardControls(state, player, board), strip, status);
        VBox.setVgrow(upper, Priority.ALWAYS);
        middle.getStyleClass().add("middle");
        words.prefWidthProperty().bind(widthProperty().multiply(CALL_SHEET_SHARE));
        setLeft(words);
        setCenter(middle);
        status.offer("words", words);
        status.offer("strip", strip);
        status.offer("ladder", ladder);
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

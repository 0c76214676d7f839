package wildchalk.desktop.board;

import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

/** What the keys do with what is in focus, while it is asked for; those that always do the same come after. */
final class KeysCard extends GridPane {

    private static final String[][] LINE = {
        {"R C P S B D", "what the line is", "W", "what sets it off"},
        {"E and K", "its end, and how a pass goes", "X and V", "cut it, turn it round"},
        {"Drag it", "bend it, a double click unbends; a pass: elsewhere", "F", "mend it, where there is a !"},
        {"Drag from its end", "go on; with Ctrl, the end itself", "Del", "take it away"},
        {"O", "either this, or something else: draw it then", "", ""},
    };
    private static final String[][] PIECES = {
        {"Arrows", "move it half a metre, with Shift 10 cm", "[ and ]", "turn it"},
        {"Ctrl-drag, or M", "move a person", "Drag a nose", "turn who is chosen"},
        {"Enter, arrows, Enter", "a line from who is chosen", "Ctrl D", "once more beside"},
        {"Ctrl C X V", "copy, cut, paste, to other drills too", "Del", "take it away"},
    };
    private static final String[][] PLACING = {
        {"Arrows, Enter", "move it, put it down", "Digits", "so far from what was put down last"},
        {"Alt", "free of lines and of others", "Esc", "lay it back on the ledge"},
    };
    private static final String[][] ALWAYS = {
        {"1 … 9, N", "take something from the ledge", "Space", "play or pause"},
        {"R C P S B D M T", "a chalk, move, the tape", ", and .", "one beat back or on"},
        {"Drag on nothing", "choose what is inside", "- and +", "slower, faster"},
        {"Shift-click", "choose one more", "L", "play again and again"},
        {"Tab", "from piece to piece", "0", "show all; the wheel goes nearer"},
        {"Ctrl A", "choose all", "Space and drag", "move what is shown"},
        {"Ctrl K", "find pieces, commands, drills by name", "Ctrl Z, Ctrl Y", "undo, redo"},
        {"Q", "freeze here and ask", "F5", "show it on the whole screen"},
    };

    KeysCard(BoardState state) {
        setId("keys-card");
        getStyleClass().add("board-card");
        setHgap(12);
        setVgap(3);
        if (state.toolProperty().get().places()) {
            add("With this in the hand", PLACING);
        } else if (state.chosenAction().isPresent()) {
            add("For the chosen line", LINE);
        } else if (!state.chosenProperty().get().isEmpty()) {
            add("For what is chosen", PIECES);
        }
        add("Always", ALWAYS);
    }

    private void add(String heading, String[][] keys) {
        Label title = new Label(heading);
        title.getStyleClass().add("keys-heading");
        add(title, 0, getRowCount(), 4, 1);
        for (String[] line : keys) {
            int row = getRowCount();
            for (int column = 0; column < line.length; column++) {
                Label label = new Label(line[column]);
                label.getStyleClass().add(column % 2 == 0 ? "card-heading" : "quiet");
                add(label, column, row);
            }
        }
    }
}

package wildchalk.desktop.board;

import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

/** What the keys do, while it is asked for. */
final class KeysCard extends GridPane {

    private static final String[][] KEYS = {
        {"1 … 9, N", "take something from the ledge", "Space", "play or pause"},
        {"R C P S B D", "a chalk, or what the chosen line is", ", and .", "one beat back or on"},
        {"W", "what sets the chosen line off", "- and +", "slower, faster"},
        {"E and K", "its end, and how a pass goes", "L", "play again and again"},
        {"[ and ]", "turn what is chosen", "0", "show all; the wheel goes nearer"},
        {"Arrows", "move it half a metre, with Shift 10 cm", "Ctrl Z, Ctrl Y", "undo, redo"},
        {"Ctrl-drag", "move a person", "Ctrl A, Ctrl D", "choose all, once more beside"},
        {"Drag on nothing", "choose what is inside", "Ctrl C X V", "copy, cut, paste, to other drills too"},
        {"Shift-click", "choose one more", "Tab, then Enter", "by keys alone: whom, a line, arrows, Enter"},
        {"M and T", "move, tape", "Ctrl K", "choose by name: all yellow cones"},
        {"Drag a chosen line", "bend it; double click takes a bend out", "X and V", "cut the chosen line, turn it round"},
        {"Drag a nose", "turn the person who is chosen", "F", "mend the chosen line, where there is a !"},
        {"Space and drag", "move what is shown", "Esc", "let go"},
    };

    KeysCard() {
        setId("keys-card");
        getStyleClass().add("board-card");
        setHgap(12);
        setVgap(3);
        for (int row = 0; row < KEYS.length; row++) {
            for (int column = 0; column < KEYS[row].length; column++) {
                Label label = new Label(KEYS[row][column]);
                label.getStyleClass().add(column % 2 == 0 ? "card-heading" : "quiet");
                add(label, column, row);
            }
        }
    }
}

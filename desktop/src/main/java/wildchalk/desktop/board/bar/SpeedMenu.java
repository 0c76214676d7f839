package wildchalk.desktop.board.bar;

import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import wildchalk.desktop.board.state.BoardState;

/** How fast the board plays; the drill itself stays as it is. */
public final class SpeedMenu extends MenuButton {

    private static final double[] SPEEDS = {0.25, 0.5, 1, 2};
    private static final String[] WORDS = {"quarter speed", "half speed", "full speed", "double speed"};

    SpeedMenu(BoardState state) {
        setId("speed");
        getStyleClass().add("pill");
        setTooltip(new Tooltip("How fast it plays (- slower, + faster)"));
        ToggleGroup group = new ToggleGroup();
        for (int i = 0; i < SPEEDS.length; i++) {
            RadioMenuItem item = new RadioMenuItem(WORDS[i]);
            double speed = SPEEDS[i];
            item.setToggleGroup(group);
            item.setOnAction(e -> state.head().speedProperty().set(speed));
            getItems().add(item);
        }
        Runnable show = () -> {
            int i = index(state.head().speedProperty().get());
            setText(WORDS[i]);
            ((RadioMenuItem) getItems().get(i)).setSelected(true);
        };
        state.head().speedProperty().addListener(o -> show.run());
        show.run();
    }

    private static int index(double speed) {
        int i = 0;
        while (i + 1 < SPEEDS.length && SPEEDS[i] < speed) {
            i++;
        }
        return i;
    }

    /** One speed slower or faster. */
    public static void step(BoardState state, int by) {
        int i = Math.max(
                0,
                Math.min(SPEEDS.length - 1, index(state.head().speedProperty().get()) + by));
        state.head().speedProperty().set(SPEEDS[i]);
    }
}

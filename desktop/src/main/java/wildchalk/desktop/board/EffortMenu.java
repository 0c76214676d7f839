package wildchalk.desktop.board;

import java.util.Locale;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import wildchalk.core.drill.Effort;
import wildchalk.core.edit.DrillEdits;

/** How hard the drill is gone at and by whom: every speed in it follows. */
final class EffortMenu extends MenuButton {

    private final BoardState state;
    private Effort shown;

    EffortMenu(BoardState state) {
        this.state = state;
        setId("effort");
        getStyleClass().add("pill");
        setTooltip(new Tooltip("How hard they go at it, and how old they are: all times follow"));
        state.changesProperty().addListener(o -> rebuild());
        rebuild();
    }

    private void rebuild() {
        Effort effort = state.drill().effort();
        if (effort.equals(shown)) {
            return;
        }
        shown = effort;
        setText(words(effort.intensity()) + (effort.level() == Effort.Level.ADULT ? "" : " · " + words(effort.level())));
        getItems().clear();
        ToggleGroup intensities = new ToggleGroup();
        for (Effort.Intensity i : Effort.Intensity.values()) {
            item(words(i), intensities, i == effort.intensity(), new Effort(effort.level(), i));
        }
        getItems().add(new SeparatorMenuItem());
        ToggleGroup levels = new ToggleGroup();
        for (Effort.Level level : Effort.Level.values()) {
            item(words(level), levels, level == effort.level(), new Effort(level, effort.intensity()));
        }
    }

    private void item(String text, ToggleGroup group, boolean selected, Effort effort) {
        RadioMenuItem item = new RadioMenuItem(text);
        item.setToggleGroup(group);
        item.setSelected(selected);
        item.setOnAction(e -> state.apply(DrillEdits.effort(effort)));
        getItems().add(item);
    }

    /** "three-quarter pace", "under 12", "adults". */
    private static String words(Enum<?> value) {
        String plain = value.name().toLowerCase(Locale.ROOT);
        return value == Effort.Level.ADULT ? "adults" : value == Effort.Intensity.HALF ? "half pace"
                : value == Effort.Intensity.THREE_QUARTER ? "three-quarter pace"
                : value instanceof Effort.Level ? plain.replace('_', ' ') : plain.replace('_', '-');
    }
}

package wildchalk.desktop.board.bar;

import java.util.Optional;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.edit.GivenEdits;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.effort.Effort;
import wildchalk.core.naming.EffortWords;
import wildchalk.desktop.board.state.BoardState;

/** How hard the rung that is shown is gone at and by whom: every speed in it follows. */
final class EffortMenu extends MenuButton {

    private final BoardState state;
    private final Runnable openTimes;
    private Effort shown;
    private String shownOn;

    /** @param openTimes brings up all figures behind the times */
    EffortMenu(BoardState state, Runnable openTimes) {
        this.state = state;
        this.openTimes = openTimes;
        setId("effort");
        getStyleClass().add("pill");
        setTooltip(new Tooltip("How hard they go at it, and how old they are: all times follow"));
        state.changesProperty().addListener(o -> rebuild());
        rebuild();
    }

    private void rebuild() {
        Effort effort = state.stage().effort();
        if (effort.equals(shown) && state.rung().equals(shownOn)) {
            return;
        }
        shown = effort;
        shownOn = state.rung();
        setText(EffortWords.of(effort.intensity())
                + (effort.level() == Effort.Level.ADULT ? "" : " · " + EffortWords.of(effort.level())));
        getItems().clear();
        ToggleGroup intensities = new ToggleGroup();
        for (Effort.Intensity i : Effort.Intensity.values()) {
            item(EffortWords.of(i), intensities, i == effort.intensity(), going(i));
        }
        getItems().add(new SeparatorMenuItem());
        ToggleGroup levels = new ToggleGroup();
        for (Effort.Level level : Effort.Level.values()) {
            item(EffortWords.of(level), levels, level == effort.level(), GivenEdits.played(level, state.surface()));
        }
        getItems().add(new SeparatorMenuItem());
        CheckMenuItem reacting = new CheckMenuItem("people need a moment to react");
        reacting.setId("reacting");
        reacting.setSelected(effort.reacting());
        reacting.setOnAction(e -> state.apply(DrillEdits.reacting(reacting.isSelected())));
        MenuItem times = new MenuItem("Times and speeds …");
        times.setId("times");
        times.setOnAction(e -> openTimes.run());
        getItems().addAll(reacting, times);
    }

    /** The lowest rung says how hard the drill is gone at, every other one for itself and those above it. */
    private Edit<Drill> going(Effort.Intensity intensity) {
        return state.madeFrom().isEmpty()
                ? DrillEdits.effort(state.drill().effort().with(intensity))
                : LadderEdits.planned(state.rung(), "Change pace", p -> p.going(Optional.of(intensity)));
    }

    private void item(String text, ToggleGroup group, boolean selected, Edit<Drill> edit) {
        RadioMenuItem item = new RadioMenuItem(text);
        item.setToggleGroup(group);
        item.setSelected(selected);
        item.setOnAction(e -> state.apply(edit));
        getItems().add(item);
    }
}

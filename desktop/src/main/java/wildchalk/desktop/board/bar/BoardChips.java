package wildchalk.desktop.board.bar;

import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Showing;
import wildchalk.core.drill.Showing.Attack;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.card.SizeCard;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Tool;

/**
 * In the corner of the board: what part of the surface is shown and which way up, who attacks which end, its sizes, and
 * the tape.
 */
public final class BoardChips extends HBox {

    private final BoardState state;
    private final ToggleButton whole = new ToggleButton("Whole");
    private final MenuButton view = new MenuButton();
    private final Button turn = new Button();
    private final ToggleButton sizes = new ToggleButton("Sizes");
    private final ToggleButton tape = new ToggleButton("Tape  T");
    private Shown shown;

    public BoardChips(BoardState state, BoardPane pane) {
        super(6);
        this.state = state;
        setId("views");
        setAlignment(Pos.CENTER_RIGHT);
        whole.setOnAction(e -> {
            whole.setSelected(true);
            state.apply(DrillEdits.showView("whole"));
        });
        view.setId("view-menu");
        turn.setId("turn-board");
        turn.setTooltip(new Tooltip("Turn the board: where the attack goes"));
        turn.setOnAction(
                e -> state.apply(DrillEdits.turn(after(state.drill().showing().attack()))));
        sizes.setId("sizes");
        sizes.setOnAction(e -> pane.showCard(sizes.isSelected() ? new SizeCard(state) : null));
        tape.setId("tool-tape");
        tape.setOnAction(e -> state.toolProperty().set(tape.isSelected() ? Tool.TAPE : Tool.GUESS));
        state.toolProperty().addListener((o, was, is) -> {
            tape.setSelected(is == Tool.TAPE);
            if (is != Tool.GUESS) {
                sizes.setSelected(false);
            }
        });
        getChildren().addAll(whole, view, turn, sizes, tape);
        getChildren().forEach(c -> c.getStyleClass().add("view-chip"));
        getChildren().add(3, new EndArrows(state));
        state.changesProperty().addListener(o -> show(state.surface(), state.drill()));
        show(state.surface(), state.drill());
    }

    /** What the chips say; when it is another they are made anew. */
    private record Shown(String surface, Showing showing) {}

    private static Attack after(Attack attack) {
        return Attack.values()[(attack.ordinal() + 1) % Attack.values().length];
    }

    private void show(Surface surface, Drill drill) {
        Shown wanted = new Shown(surface.id(), drill.showing());
        if (wanted.equals(shown)) {
            return;
        }
        shown = wanted;
        boolean isWhole = drill.showing().crop().isEmpty()
                && surface.view(drill.showing().view()).id().equals("whole");
        whole.setSelected(isWhole);
        view.setText(isWhole ? "Part" : drill.showing().name(surface));
        view.getItems().clear();
        for (Surface.View v : surface.views()) {
            RadioMenuItem item = new RadioMenuItem(v.name());
            item.setSelected(drill.showing().crop().isEmpty()
                    && v.id().equals(drill.showing().view()));
            item.setOnAction(e -> state.apply(DrillEdits.showView(v.id())));
            view.getItems().add(item);
        }
        MenuItem crop = new MenuItem("Draw a frame round a part …");
        crop.setOnAction(e -> state.toolProperty().set(Tool.CROP));
        view.getItems().addAll(new SeparatorMenuItem(), crop, new SeparatorMenuItem());
        for (Attack attack : Attack.values()) {
            RadioMenuItem item =
                    new RadioMenuItem("Attack goes " + attack.name().toLowerCase(Locale.ROOT));
            item.setSelected(attack == drill.showing().attack());
            item.setOnAction(e -> state.apply(DrillEdits.turn(attack)));
            view.getItems().add(item);
        }
        String arrow =
                switch (drill.showing().attack()) {
                    case RIGHT -> "→";
                    case DOWN -> "↓";
                    case LEFT -> "←";
                    case UP -> "↑";
                };
        turn.setText("attack " + arrow);
        turn.setAccessibleText(
                "The attack goes " + drill.showing().attack().name().toLowerCase(Locale.ROOT) + "; turn the board");
        boolean any = drill.venue()
                .plan()
                .map(SurfacePlan::sizes)
                .filter(s -> !s.isEmpty())
                .isPresent();
        sizes.setVisible(any);
        sizes.setManaged(any);
        requestLayout();
    }
}

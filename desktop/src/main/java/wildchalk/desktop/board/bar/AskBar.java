package wildchalk.desktop.board.bar;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.script.ReadWords;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.card.ReadCard;
import wildchalk.desktop.board.state.BoardState;

/** In the corner of the board: what people decide, and which way is looked at. */
final class AskBar extends VBox {

    private final BoardState state;
    private final BoardPane pane;

    AskBar(BoardState state, BoardPane pane) {
        super(5);
        this.state = state;
        this.pane = pane;
        setId("ask-bar");
        setPickOnBounds(false);
        setManaged(false);
        state.changesProperty().addListener(o -> rebuild());
        sceneProperty().addListener(o -> size());
        rebuild();
    }

    private void rebuild() {
        getChildren().clear();
        Choices taken = state.timeline().settled(state.focus().choicesProperty().get());
        for (Read read : Reads.of(state.stage())) {
            Reads.taken(state.stage(), taken, read).ifPresent(o -> getChildren().add(row(read, o)));
        }
        setVisible(!getChildren().isEmpty());
        size();
    }

    /** As wide as its words need, which is known only once it is in the window. */
    void size() {
        applyCss();
        autosize();
    }

    private Node row(Read read, Option taken) {
        HBox row = new HBox(4);
        row.setAlignment(Pos.CENTER_LEFT);
        Label who = new Label(ReadWords.decider(state.stage(), read).orElse("ball"));
        who.getStyleClass().add("board-numbers");
        row.getChildren().add(who);
        boolean said = state.stage().instructions().contains(read);
        boolean workedOut =
                state.timeline().decisions().stream().anyMatch(d -> d.read().equals(read.id()));
        for (int i = 0; i < read.options().size(); i++) {
            Option option = read.options().get(i);
            ToggleButton chip = new ToggleButton(
                    ReadWords.option(state.stage(), read, option).orElse("draw it now"));
            chip.setId("read-" + read.id() + "-" + option.id());
            chip.getStyleClass().add("view-chip");
            chip.setSelected(option.equals(taken));
            chip.setTooltip(new Tooltip(option.reason().isBlank() ? "Look at this way" : "If " + option.reason()));
            chip.setAccessibleText(who.getText() + ": " + chip.getText() + (option.equals(taken) ? ", looked at" : ""));
            chip.setOnAction(e -> look(read, option));
            row.getChildren().add(chip);
        }
        if (read.rule().isPresent()) {
            Label rule = new Label(workedOut ? "worked out" : "chosen by hand");
            rule.getStyleClass().add("board-numbers");
            row.getChildren().add(rule);
        }
        if (said) {
            Button edit = new Button("…");
            edit.setId("read-edit-" + read.id());
            edit.getStyleClass().add("view-chip");
            edit.setAccessibleText("Names, reasons and options of what " + who.getText() + " decides");
            edit.setOnAction(e -> ReadCard.open(state, pane, read.id()));
            row.getChildren().add(edit);
        }
        return row;
    }

    /** A second press lets a read that is worked out go its own way again. */
    private void look(Read read, Option option) {
        boolean again = Optional.ofNullable(
                        state.focus().choicesProperty().get().of().get(read.id()))
                .filter(option.id()::equals)
                .isPresent();
        double t = state.head().atProperty().get();
        if (again && read.rule().isPresent()) {
            state.focus().leave(read.id());
        } else {
            state.focus().choose(read.id(), option.id());
        }
        state.head().atProperty().set(Math.min(t, state.timeline().duration()));
        rebuild();
    }
}

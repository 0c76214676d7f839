package wildchalk.desktop.board;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.ask.Balance;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.script.BalanceWords;

/** In the corner of the board: what people decide and which way is looked at, the ways through, the numbers, the questions. */
final class AskBar extends VBox {

    private final BoardState state;
    private final BoardPane pane;
    private final Ways ways;

    AskBar(BoardState state, BoardPane pane) {
        super(5);
        this.state = state;
        this.pane = pane;
        this.ways = new Ways(state);
        setId("ask-bar");
        setPickOnBounds(false);
        setManaged(false);
        state.changesProperty().addListener(o -> rebuild());
        rebuild();
    }

    private void rebuild() {
        getChildren().clear();
        Choices taken = state.taken();
        for (Read read : Reads.of(state.stage())) {
            Reads.taken(state.stage(), taken, read).ifPresent(o -> getChildren().add(row(read, o)));
        }
        int through = Reads.ways(state.stage()).size();
        HBox foot = new HBox(5);
        foot.setAlignment(Pos.CENTER_LEFT);
        if (through > 1) {
            foot.getChildren().add(button("ways", through + (through == Reads.MOST_WAYS ? " ways or more" : " ways") + "  ▶ all",
                    "Plays every way through, one after another", ways::playAll));
        }
        List<Freeze> freezes = state.stage().said(Freeze.class);
        for (int i = 0; i < freezes.size(); i++) {
            Freeze freeze = freezes.get(i);
            foot.getChildren().add(button("freeze-" + freeze.id(), "?" + (freezes.size() > 1 ? " " + (i + 1) : ""),
                    freeze.question().isBlank() ? "A freeze without a question yet" : freeze.question(), () -> FreezeCard.open(state, pane, freeze.id())));
        }
        String numbers = BalanceWords.of(Balance.of(state.stage(), state.timeline(), state.surface()), state.stage(), state.surface());
        if (!numbers.isEmpty()) {
            Label label = new Label(numbers);
            label.setId("numbers");
            label.getStyleClass().add("board-numbers");
            label.setTooltip(new Tooltip("Who has the ball against who is between it and the goal, without keepers"));
            foot.getChildren().add(label);
        }
        if (!foot.getChildren().isEmpty()) {
            getChildren().add(foot);
        }
        setVisible(!getChildren().isEmpty());
        autosize();
    }

    private Node row(Read read, Option taken) {
        HBox row = new HBox(4);
        row.setAlignment(Pos.CENTER_LEFT);
        Label who = new Label(name(state.stage(), read));
        who.getStyleClass().add("board-numbers");
        row.getChildren().add(who);
        boolean said = state.stage().said().contains(read);
        boolean workedOut = state.timeline().decisions().stream().anyMatch(d -> d.read().equals(read.id()));
        for (int i = 0; i < read.options().size(); i++) {
            Option option = read.options().get(i);
            ToggleButton chip = new ToggleButton(words(state.stage(), read, option));
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
            row.getChildren().add(button("read-edit-" + read.id(), "…", "Names, reasons, options", () -> ReadCard.open(state, pane, read.id())));
        }
        return row;
    }

    /** A second press lets a read that is worked out go its own way again. */
    private void look(Read read, Option option) {
        boolean again = Optional.ofNullable(state.focus().choicesProperty().get().of().get(read.id())).filter(option.id()::equals).isPresent();
        double t = state.playheadProperty().get();
        if (again && read.rule().isPresent()) {
            state.focus().leave(read.id());
        } else {
            state.focus().choose(read.id(), option.id());
        }
        state.playheadProperty().set(Math.min(t, state.timeline().duration()));
        rebuild();
    }

    private Button button(String id, String text, String help, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("view-chip");
        button.setTooltip(new Tooltip(help));
        button.setAccessibleText(text + ": " + help);
        button.setOnAction(e -> action.run());
        return button;
    }

    /** Who decides. */
    static String name(Stage stage, Read read) {
        return stage.person(read.who()).map(Piece.Person::label).filter(l -> !l.isBlank()).orElse(stage.person(read.who()).isPresent() ? "coach" : "ball");
    }

    /** What an option is called; without a name, what it begins with. */
    static String words(Stage stage, Read read, Option option) {
        boolean contest = !stage.said().contains(read);
        return !option.label().isBlank() ? option.label() + (contest ? " wins" : "") : option.actions().stream().flatMap(id -> stage.action(id).stream()).findFirst()
                .map(a -> ActionEdits.describe(a, stage)).orElse("draw it now");
    }
}

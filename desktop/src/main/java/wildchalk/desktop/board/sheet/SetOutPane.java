package wildchalk.desktop.board.sheet;

import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;
import wildchalk.desktop.board.state.BoardState;

/** The set-out sheet beside the board: what to put down where, in walking order. */
final class SetOutPane extends ScrollPane {

    private final BoardState state;
    private final VBox rows = new VBox(4);

    SetOutPane(BoardState state) {
        this.state = state;
        setId("set-out");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
        rows.getStyleClass().add("call-sheet-words");
        rows.setId("set-out-rows");
        setContent(rows);
        state.sheets().sheetProperty().addListener(o -> rebuild());
        state.selection().chosenProperty().addListener(o -> light());
        rebuild();
    }

    private void rebuild() {
        rows.getChildren().clear();
        Sheet sheet = state.sheets().sheetProperty().get();
        if (sheet == null) {
            return;
        }
        Units units = state.viewing().unitsProperty().get();
        Label summary = new Label(SheetWords.summary(sheet, units));
        summary.setWrapText(true);
        summary.setId("set-out-summary");
        summary.getStyleClass().addAll("quiet", "sheet-note");
        rows.getChildren().add(summary);
        if (!sheet.steps().isEmpty()) {
            Label facing = new Label(SheetWords.facing(state.surface()));
            facing.setWrapText(true);
            facing.getStyleClass().addAll("quiet", "sheet-note");
            rows.getChildren().add(facing);
        }
        int trip = 0;
        for (Sheet.Step step : sheet.steps()) {
            if (sheet.trips() > 1 && step.trip() != trip) {
                trip = step.trip();
                Label heading = new Label("Trip " + trip);
                heading.getStyleClass().add("sheet-heading");
                rows.getChildren().add(heading);
            }
            rows.getChildren().add(row(step, units));
        }
        light();
    }

    private Node row(Sheet.Step step, Units units) {
        Label number = new Label(Integer.toString(step.n()));
        number.getStyleClass().add("beat-number");
        Label name = new Label(step.name());
        name.getStyleClass().add("card-heading");
        Label words = new Label(SheetWords.taped(step, units));
        words.setWrapText(true);
        Label paces = new Label(SheetWords.stepped(step));
        paces.setManaged(!paces.getText().isEmpty());
        paces.setWrapText(true);
        paces.getStyleClass().add("quiet");
        VBox text = new VBox(1, name, words, paces);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox row = new HBox(10, number, text);
        row.getStyleClass().add("beat");
        row.setUserData(step.piece().id());
        row.setAccessibleText(step.n() + ", " + step.name() + ": " + words.getText());
        row.setOnMouseClicked(e -> state.selection().choose(step.piece().id()));
        return row;
    }

    private void light() {
        Set<String> chosen = state.selection().chosenProperty().get();
        for (Node row : rows.getChildren()) {
            row.getStyleClass().remove("lit");
            if (row.getUserData() != null && chosen.contains((String) row.getUserData())) {
                row.getStyleClass().add("lit");
            }
        }
    }
}

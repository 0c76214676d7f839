package wildchalk.desktop.board.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.script.GameWords;
import wildchalk.desktop.board.state.BoardState;

/**
 * Coaching points, questions and cautions: each is changed where it stands, and a new one is typed below the others.
 */
final class NotesPane extends VBox {

    /** One of the lists. */
    private record Section(
            String heading,
            String style,
            String prompt,
            Function<Drill, List<String>> read,
            Function<List<String>, Edit<Drill>> write) {}

    private static final List<Section> SECTIONS = List.of(
            new Section("Coaching points", "note", "Add a coaching point", Drill::points, DrillEdits::points),
            new Section("Ask", "question", "Add a question", Drill::questions, DrillEdits::questions),
            new Section("Take care", "caution", "Add a caution", Drill::cautions, DrillEdits::cautions));

    private final BoardState state;
    private final VBox watch = new VBox(4);
    private final List<VBox> rows = new ArrayList<>();
    private final List<List<String>> shown = new ArrayList<>();

    NotesPane(BoardState state) {
        super(6);
        this.state = state;
        setId("notes");
        for (Section section : SECTIONS) {
            Label heading = new Label(section.heading());
            heading.getStyleClass().add("sheet-heading");
            VBox items = new VBox(4);
            rows.add(items);
            shown.add(null);
            getChildren().addAll(heading, items, fresh(section));
        }
        watch.setId("notes-watch");
        getChildren().add(watch);
    }

    /** Shows the lists as they are now; fields that a hand is in, and lists that are the same, stay. */
    void rebuild() {
        for (int k = 0; k < SECTIONS.size(); k++) {
            Section section = SECTIONS.get(k);
            List<String> items = section.read().apply(state.drill());
            if (!items.equals(shown.get(k))) {
                shown.set(k, items);
                List<Node> nodes = new ArrayList<>();
                for (int i = 0; i < items.size(); i++) {
                    nodes.add(item(section, items, i));
                }
                rows.get(k).getChildren().setAll(nodes);
            }
        }
        watched();
    }

    /** What is watched for is written on the sheet of the rules, where it has its moment; here it is read. */
    private void watched() {
        List<String> texts = GameWords.watched(
                List.of(state.stage()),
                state.surface(),
                state.viewing().unitsProperty().get().unit());
        watch.getChildren().clear();
        watch.setManaged(!texts.isEmpty());
        if (!texts.isEmpty()) {
            Label heading = new Label(GameWords.watchHeading());
            heading.getStyleClass().add("sheet-heading");
            watch.getChildren().add(heading);
        }
        for (String text : texts) {
            Label label = new Label(text);
            label.setWrapText(true);
            label.getStyleClass().addAll("note", "editable");
            label.setOnMouseClicked(e -> state.rulesProperty().set(true));
            watch.getChildren().add(label);
        }
    }

    private Node item(Section section, List<String> items, int i) {
        boolean question = section.style().equals("question");
        Label text = new Label(question ? "“" + items.get(i) + "”" : items.get(i));
        text.setWrapText(true);
        text.setMaxWidth(Double.MAX_VALUE);
        text.getStyleClass().addAll(section.style(), "editable");
        text.setAccessibleText(items.get(i) + ". Click to change it");
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox row = question ? new HBox(text) : new HBox(8, new Label("•"), text);
        row.setAlignment(Pos.TOP_LEFT);
        row.getStyleClass().add("note-row");
        text.setOnMouseClicked(e -> {
            TextField field = field(section, items.get(i), said -> {
                List<String> list = new ArrayList<>(items);
                list.set(i, said);
                return list;
            });
            row.getChildren().set(row.getChildren().size() - 1, field);
            HBox.setHgrow(field, Priority.ALWAYS);
            field.requestFocus();
            field.focusedProperty().addListener((o, was, is) -> {
                if (!is && row.getChildren().contains(field)) {
                    row.getChildren().set(row.getChildren().size() - 1, text);
                }
            });
            e.consume();
        });
        return row;
    }

    private Node fresh(Section section) {
        TextField field = field(section, "", said -> {
            List<String> list = new ArrayList<>(section.read().apply(state.drill()));
            list.add(said);
            return list;
        });
        field.setPromptText(section.prompt());
        field.setId("add-" + section.style());
        field.getStyleClass().add("note-field");
        HBox row = new HBox(field);
        HBox.setHgrow(field, Priority.ALWAYS);
        row.getStyleClass().add("note-row");
        return row;
    }

    /** What is typed stands when Enter is pressed or something else is done; emptied, it is taken away. */
    private TextField field(Section section, String first, Function<String, List<String>> put) {
        TextField field = new TextField(first);
        field.setAccessibleText(section.heading().toLowerCase(Locale.ROOT));
        Runnable take = () -> {
            String said = field.getText().strip();
            if (!said.equals(first)) {
                // Before the list changes: a field that goes loses the keyboard, and is not to be taken twice.
                field.setText(first);
                List<String> list = new ArrayList<>(put.apply(said));
                list.removeIf(String::isBlank);
                state.apply(section.write().apply(list));
            }
        };
        field.setOnAction(e -> take.run());
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                field.setText(first);
                requestFocusOfBoard();
                e.consume();
            }
        });
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                take.run();
            }
        });
        return field;
    }

    private void requestFocusOfBoard() {
        getScene().lookup("#board").requestFocus();
    }
}

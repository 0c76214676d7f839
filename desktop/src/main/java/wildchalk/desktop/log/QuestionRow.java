package wildchalk.desktop.log;

import javafx.geometry.Pos;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import wildchalk.core.log.question.Question;
import wildchalk.core.log.question.Questions;
import wildchalk.desktop.control.ListButton;

/** Where a question is typed, with those that can be answered in a list. */
final class QuestionRow extends HBox {

    private final TextField field = new TextField();

    QuestionRow(LogState state) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        field.setId("log-question");
        field.setPromptText(LogState.BOOK.say("question.prompt"));
        field.setAccessibleText(LogState.BOOK.say("question.what"));
        field.setTooltip(new Tooltip(LogState.BOOK.say("question.tip")));
        field.setOnAction(e -> state.question(field.getText()));
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE && !field.getText().isEmpty()) {
                field.clear();
                state.question("");
                e.consume();
            }
        });
        HBox.setHgrow(field, Priority.ALWAYS);
        ListButton questions = new ListButton(LogState.BOOK.say("question.list"));
        questions.setId("log-questions");
        questions.point();
        questions.offer(() -> Questions.ALL.stream().map(q -> item(q, state)).toList());
        getChildren().addAll(field, questions);
    }

    private MenuItem item(Question question, LogState state) {
        MenuItem item = new MenuItem(question.example());
        item.setId("ask-" + question.key());
        item.setOnAction(e -> {
            field.setText(question.example());
            if (question == Questions.ALL.get(0)) {
                // This one wants a word more: of what.
                field.setText(question.example().replace("\u2026", "").strip() + " ");
                field.requestFocus();
                field.end();
            } else {
                state.question(field.getText());
            }
        });
        return item;
    }

    TextField field() {
        return field;
    }
}

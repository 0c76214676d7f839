package wildchalk.desktop.log;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import wildchalk.core.log.question.Answer;

/** The answer to a question, with what stands behind it and what it does not know. */
final class AnswerCard extends VBox {

    AnswerCard(Answer answer) {
        super(8);
        setId("log-answer");
        getStyleClass().add("log-card");
        Label head = line(answer.head(), "answer-head");
        head.setId("answer-head");
        getChildren().add(head);
        answer.lines().forEach(l -> getChildren().add(line(l, "answer-line")));
        if (!answer.caution().isEmpty()) {
            Label caution = line(answer.caution(), "quiet");
            caution.setId("answer-caution");
            getChildren().add(caution);
        }
    }

    private static Label line(String words, String style) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }
}

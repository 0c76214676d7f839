package wildchalk.desktop.message;

import java.util.Map;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.Duration;

/** A card over the window that says what happened, what is safe and what to do. */
public final class Messages extends HBox {

    private static final Duration SHORT = Duration.seconds(6);

    private static final double WIDTH = 720;

    private final Label text = new Label();
    private final HBox answers = new HBox(8);
    private final PauseTransition fade = new PauseTransition(SHORT);

    public Messages() {
        super(12);
        setId("message");
        getStyleClass().add("message");
        setAlignment(Pos.CENTER_LEFT);
        text.setId("message-text");
        text.setWrapText(true);
        text.setMaxWidth(Double.MAX_VALUE);
        setMaxSize(WIDTH, USE_PREF_SIZE);
        HBox.setHgrow(text, Priority.ALWAYS);
        Button close = new Button("Close");
        close.setMinWidth(USE_PREF_SIZE);
        close.setOnAction(e -> show(false));
        answers.setAlignment(Pos.CENTER_RIGHT);
        answers.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(text, answers, close);
        fade.setOnFinished(e -> show(false));
        show(false);
    }

    /** Says that something went as asked; it goes by itself. */
    public void say(String words) {
        answers.getChildren().clear();
        getStyleClass().remove("trouble");
        text.setText(words);
        show(true);
        fade.playFromStart();
    }

    /** Says that something is wrong; it stays until it is closed. */
    public void warn(String words) {
        ask(words, Map.of());
    }

    /** Asks something; it stays until it is answered or closed. What is done for each answer comes by its words. */
    public void ask(String words, Map<String, Runnable> ways) {
        answers.getChildren().clear();
        ways.forEach((answer, what) -> {
            Button button = new Button(answer);
            button.setMinWidth(USE_PREF_SIZE);
            button.setOnAction(e -> {
                show(false);
                what.run();
            });
            answers.getChildren().add(button);
        });
        fade.stop();
        getStyleClass().remove("trouble");
        getStyleClass().add("trouble");
        text.setText(words);
        show(true);
    }

    /** Says what came of something, from any thread. */
    public void tell(String words) {
        Platform.runLater(() -> say(words));
    }

    /** Warns from any thread. */
    public void later(String words) {
        Platform.runLater(() -> warn(words));
    }

    private void show(boolean shown) {
        setVisible(shown);
        setManaged(shown);
    }
}

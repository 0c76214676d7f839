package wildchalk.desktop.log;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The log while there is nothing in it, or nothing of what is asked for: how something comes into it. */
final class EmptyLog extends VBox {

    private static final double WIDTH = 480;

    EmptyLog(boolean all, Runnable typeIn) {
        super(12);
        setId("log-empty");
        setAlignment(Pos.CENTER);
        getStyleClass().add("log-empty");
        Label head = new Label(LogState.BOOK.say(all ? "empty.head" : "empty.asked"));
        head.getStyleClass().add("squad-heading");
        head.setWrapText(true);
        getChildren().add(head);
        if (all) {
            Label words = new Label(LogState.BOOK.say("empty.words"));
            words.getStyleClass().add("quiet");
            words.setWrapText(true);
            words.setMaxWidth(WIDTH);
            Button go = new Button(LogState.BOOK.say("type.in"));
            go.setId("empty-type-in");
            go.getStyleClass().add("dark-button");
            go.setOnAction(e -> typeIn.run());
            getChildren().addAll(words, go);
        }
    }
}

package wildchalk.desktop.log;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.PageHead;

/** Takes what is shown out of the program: as tables, as a report, as data; with names only where that is ticked. */
final class SendPane extends VBox {

    private static final double WIDTH = 620;

    private final LogState state;
    private final LogState.Shown shown;
    private final CheckBox names = new CheckBox(LogState.BOOK.say("send.names"));

    SendPane(LogState state, LogState.Shown shown) {
        super(10);
        this.state = state;
        this.shown = shown;
        setId("log-send");
        getStyleClass().add("log-page");
        names.setId("send-names");
        Label hint = new Label(LogState.BOOK.say("send.hint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        hint.setMaxWidth(WIDTH);
        getChildren()
                .addAll(
                        new PageHead(
                                LogState.BOOK.say("send.head"),
                                LogState.BOOK.say("back"),
                                "send-back",
                                state.desk()::back),
                        new Label(LogState.BOOK.say(
                                "send.what", shown.season().evenings().size())),
                        names,
                        hint);
        for (LogDesk.Form form : LogDesk.Form.values()) {
            String key = "send." + Wordbook.key(form);
            Button button = new Button(LogState.BOOK.say(key));
            button.setId("send-" + Wordbook.key(form));
            button.getStyleClass().add("dark-button");
            button.setMinWidth(USE_PREF_SIZE);
            button.setOnAction(e -> send(form));
            Label words = new Label(LogState.BOOK.say(key + ".hint"));
            words.setWrapText(true);
            HBox row = new HBox(12, button, words);
            row.setAlignment(Pos.CENTER_LEFT);
            row.setMaxWidth(WIDTH);
            getChildren().add(row);
        }
    }

    private void send(LogDesk.Form form) {
        state.desk().send(new LogDesk.Sending(form, shown.season(), state.names(), names.isSelected()));
    }
}

package wildchalk.desktop.log;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Part;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.PageHead;

/** An evening that somebody else ran, looked at before it is put into the log. */
final class CameBackPane extends VBox {

    private static final double WIDTH = 700;

    CameBackPane(LogState state, CameBack came) {
        super(8);
        setId("log-came-back");
        getStyleClass().add("log-page");
        Entry theirs = came.theirs();
        getChildren().add(new PageHead(say("came.head"), say("back"), "came-back-leave", state.desk()::back));
        add(say(
                "came.what",
                theirs.title(),
                theirs.when().day(),
                theirs.when().start(),
                theirs.parts().size(),
                Math.round(theirs.seconds() / 60.0)));
        add(came.practice().map(p -> say("came.practice", p)).orElse(say("came.unknown")));
        for (Part part : theirs.parts()) {
            quiet(say("came.part", part.title(), Math.round(part.minutes())));
        }
        if (theirs.when().day().isAfter(state.today())) {
            add(say("came.future"));
        }
        if (came.isHere()) {
            add(say("came.here"));
            return;
        }
        came.mine().ifPresent(m -> {
            add(say("came.mine", m.title()));
            came.changes().forEach(this::quiet);
        });
        HBox go = new HBox(8);
        if (came.mine().isPresent()) {
            go.getChildren().add(dark("came-back-instead", say("came.instead"), () -> take(state, theirs, true)));
            go.getChildren().add(Fields.pill("came-back-beside", say("came.beside"), () -> take(state, theirs, false)));
        } else {
            go.getChildren().add(dark("came-back-take", say("came.take"), () -> take(state, theirs, false)));
        }
        getChildren().add(go);
    }

    private static String say(String key, Object... values) {
        return LogState.BOOK.say(key, values);
    }

    private static void take(LogState state, Entry theirs, boolean instead) {
        state.desk().back();
        state.desk().take(theirs, instead);
    }

    private static Button dark(String id, String words, Runnable then) {
        Button button = new Button(words);
        button.setId(id);
        button.getStyleClass().add("dark-button");
        button.setOnAction(e -> then.run());
        return button;
    }

    private void add(String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMaxWidth(WIDTH);
        getChildren().add(label);
    }

    private void quiet(String words) {
        add(words);
        getChildren().get(getChildren().size() - 1).getStyleClass().add("quiet");
    }
}

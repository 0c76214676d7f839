package wildchalk.desktop.practice;

import java.time.LocalTime;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.desktop.control.Fields;

/** The page of a book that has no practice yet: what it is called, when it begins and how long there is. */
public final class NoPractice extends VBox {

    private static final int NAME = 60;
    private static final double WIDTH = 520;
    private static final int USUAL = 75;

    private final TextField title = new TextField();
    private final TextField start = new TextField();
    private final TextField minutes = new TextField();
    private final Label said = new Label();

    /** @param made told of the practice that is wanted */
    public NoPractice(Consumer<Practice> made) {
        super(12);
        setId("no-practice");
        getStyleClass().add("no-squad");
        setAlignment(Pos.CENTER);
        Label head = new Label(say("none.title"));
        head.getStyleClass().add("squad-heading");
        Label words = new Label(say("none.words"));
        words.getStyleClass().add("quiet");
        words.setWrapText(true);
        words.setMaxWidth(WIDTH);
        field(title, "no-practice-title", say("untitled"), WIDTH);
        title.setPrefColumnCount(26);
        field(start, "no-practice-start", say("none.start"), WIDTH / 4);
        field(minutes, "no-practice-minutes", say("none.minutes"), WIDTH / 4);
        said.setWrapText(true);
        said.setMaxWidth(WIDTH);
        Button go = new Button(say("none.go"));
        go.setId("no-practice-go");
        go.getStyleClass().add("dark-button");
        go.setOnAction(e -> make(made));
        HBox when = Fields.row(say("none.from"), start, new Label(say("none.for")), minutes, new Label(say("min")));
        when.setAlignment(Pos.CENTER);
        HBox called = Fields.row(say("none.name"), title);
        called.setAlignment(Pos.CENTER);
        getChildren().addAll(head, words, called, when, said, go);
    }

    /** Lets the coach begin to type. */
    public void focus() {
        title.requestFocus();
    }

    private static void field(TextField field, String id, String prompt, double width) {
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.setMaxWidth(width);
    }

    private static String say(String key, Object... values) {
        return PracticeState.BOOK.say(key, values);
    }

    private void make(Consumer<Practice> made) {
        Optional<LocalTime> from =
                start.getText().isBlank() ? Optional.of(LocalTime.of(18, 0)) : Clock.time(start.getText());
        Optional<Integer> length = minutes(minutes.getText());
        if (from.isEmpty()) {
            said.setText(say("no.time", start.getText().strip()));
        } else if (length.isEmpty()) {
            said.setText(say("no.minutes", minutes.getText().strip()));
        } else {
            String name = title.getText().strip();
            made.accept(empty(
                    name.isEmpty() ? say("untitled") : name.substring(0, Math.min(NAME, name.length())),
                    new Slot(Optional.empty(), from.get(), length.get())));
        }
    }

    /** One without anything in it. */
    static Practice empty(String title, Slot slot) {
        return Practice.empty("practice", title, slot.on(Optional.empty()));
    }

    private static Optional<Integer> minutes(String text) {
        try {
            int n = text.isBlank() ? USUAL : Integer.parseInt(text.strip());
            return n >= 1 && n <= Slot.MOST ? Optional.of(n) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}

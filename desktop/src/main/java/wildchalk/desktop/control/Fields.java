package wildchalk.desktop.control;

import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.IntConsumer;
import javafx.event.Event;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import wildchalk.core.measure.Numbers;
import wildchalk.core.measure.Unit;

/** Small fields of cards: a word, a number and what it is of. */
public final class Fields {

    private static final double NUMBER = 52;

    private Fields() {}

    /** A length in the coach's unit; {@code set} gets metres when it was changed to something sensible. */
    public static HBox length(String id, String name, double metres, Unit unit, DoubleConsumer set) {
        TextField field =
                number(id, Numbers.plain(metres / unit.metres()), name, n -> set.accept(n * unit.metres()), 0.01);
        return row(name, field, unit.sign());
    }

    public static HBox degrees(String id, String name, double degrees, DoubleConsumer set) {
        return row(name, number(id, Numbers.plain(degrees), name, set, -720), "°");
    }

    /** A count with buttons for one more and one less. */
    public static HBox count(String id, String name, int count, int least, int most, IntConsumer set) {
        TextField field = new TextField(Integer.toString(count));
        field.setId(id);
        field.setPrefWidth(40);
        field.setAccessibleText(name.isEmpty() ? id.replaceAll("^[a-z]+-", "") : name);
        IntConsumer change = by -> {
            int now = parse(field.getText(), count) + by;
            int kept = Math.max(least, Math.min(most, now));
            field.setText(Integer.toString(kept));
            set.accept(kept);
        };
        field.setOnAction(e -> change.accept(0));
        Button less = step("−", id + "-less", name + ": one less", () -> change.accept(-1));
        Button more = step("+", id + "-more", name + ": one more", () -> change.accept(1));
        return row(name, less, field, more);
    }

    /** A button of a card. */
    public static Button pill(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("pill");
        button.setOnAction(e -> action.run());
        return button;
    }

    /** A short text; {@code set} gets it when Enter is pressed or the field is left. */
    public static TextField text(String id, String shown, int most, Consumer<String> set) {
        TextField field = new TextField(shown);
        field.setId(id);
        field.setPrefColumnCount(Math.min(most, 14) / 2 + 2);
        field.setAccessibleText(id.replaceAll("^[a-z]+-", ""));
        Runnable take = () -> {
            String text = field.getText().strip();
            set.accept(text.substring(0, Math.min(most, text.length())));
        };
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && !field.getText().strip().equals(shown)) {
                take.run();
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> passOn(field, e));
        return field;
    }

    /** Undo in a field in which nothing was typed undoes what was drawn, as it does beside the field. */
    private static void passOn(TextField field, KeyEvent e) {
        if (e.isShortcutDown() && e.getCode() == KeyCode.Z && !field.isUndoable() && !field.isRedoable()) {
            e.consume();
            Event.fireEvent(field.getParent(), e.copyFor(field.getParent(), field.getParent()));
        }
    }

    private static int parse(String text, int otherwise) {
        try {
            return Integer.parseInt(text.strip());
        } catch (NumberFormatException e) {
            return otherwise;
        }
    }

    public static Button step(String text, String id, String words, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("step");
        button.setAccessibleText(words);
        button.setOnAction(e -> action.run());
        return button;
    }

    private static TextField number(String id, String shown, String name, DoubleConsumer set, double least) {
        TextField field = new TextField(shown);
        field.setId(id);
        field.setPrefWidth(NUMBER);
        field.setAccessibleText(name.isEmpty() ? id.replaceAll("^[a-z]+-", "") : name);
        Runnable take = () -> {
            try {
                double n = Double.parseDouble(
                        field.getText().strip().replace(',', '.').toLowerCase(Locale.ROOT));
                if (Double.isFinite(n) && n >= least) {
                    set.accept(n);
                    return;
                }
            } catch (NumberFormatException e) {
                // Not a number: what was there stands again.
            }
            field.setText(shown);
        };
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && !field.getText().equals(shown)) {
                take.run();
            }
        });
        return field;
    }

    public static HBox row(String name, javafx.scene.Node... nodes) {
        HBox row = new HBox(4, new Label(name));
        row.getChildren().addAll(nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static HBox row(String name, TextField field, String sign) {
        return row(name, field, new Label(sign));
    }
}

package wildchalk.desktop.handout;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * One thing to choose, all its values in sight.
 *
 * @param <T> what is chosen
 */
final class Choice<T> extends VBox {

    /** @param id of the control; its values are called after it */
    Choice(String id, String words, List<T> values, Function<T, String> called, T now, Consumer<T> then) {
        super(4);
        setId(id);
        Label label = new Label(words);
        label.getStyleClass().add("choice-label");
        FlowPane row = new FlowPane(6, 6);
        ToggleGroup group = new ToggleGroup();
        for (int i = 0; i < values.size(); i++) {
            T value = values.get(i);
            ToggleButton button = new ToggleButton(called.apply(value));
            button.setId(id + "-" + i);
            button.getStyleClass().add("pill");
            button.setAccessibleText(words + ": " + called.apply(value));
            button.setToggleGroup(group);
            button.setSelected(value.equals(now));
            // One is always chosen.
            button.setOnAction(e -> {
                button.setSelected(true);
                then.accept(value);
            });
            row.getChildren().add(button);
        }
        getChildren().addAll(label, row);
    }
}

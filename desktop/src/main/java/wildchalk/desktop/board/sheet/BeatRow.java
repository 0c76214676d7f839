package wildchalk.desktop.board.sheet;

import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextFlow;
import wildchalk.core.measure.TimeFormat;
import wildchalk.core.script.Script;

/** One beat of the call sheet: its number, its moment and its words. */
final class BeatRow extends HBox {

    /** Shown and hidden instead of restyling the row, which would lay out the whole sheet with every beat. */
    private final Region light = new Region();

    private final Script.Line line;
    private final TextFlow words = new TextFlow();

    BeatRow(Script.Line line, Function<Script.Phrase, Node> phrase) {
        super(10);
        this.line = line;
        light.getStyleClass().add("beat-light");
        light.setManaged(false);
        light.setVisible(false);
        Label number = new Label(Integer.toString(line.beat()));
        number.getStyleClass().add("beat-number");
        Label time = new Label(TimeFormat.seconds(line.t()));
        time.getStyleClass().add("beat-time");
        words.getStyleClass().add("beat-text");
        line.phrases().forEach(p -> words.getChildren().add(phrase.apply(p)));
        words.setAccessibleText(line.text());
        VBox text = new VBox(2, time, words);
        HBox.setHgrow(text, Priority.ALWAYS);
        getStyleClass().add("beat");
        getChildren().addAll(light, number, text);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        light.resizeRelocate(0, 0, getWidth(), getHeight());
    }

    Script.Line line() {
        return line;
    }

    TextFlow words() {
        return words;
    }

    void light(boolean on) {
        light.setVisible(on);
    }
}

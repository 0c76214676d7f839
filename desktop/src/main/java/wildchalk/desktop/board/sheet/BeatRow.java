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

    /** What belongs to an option stands so much further in, pixels. */
    private static final double STEP_IN = 8;

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
        Label number = new Label(line.mark());
        number.getStyleClass().add("beat-number");
        Label time = new Label(TimeFormat.seconds(line.t()));
        time.getStyleClass().add("beat-time");
        words.getStyleClass().add("beat-text");
        line.phrases().forEach(p -> words.getChildren().add(phrase.apply(p)));
        words.setAccessibleText(line.text());
        VBox text = line.isTaken() ? new VBox(2, time, words) : new VBox(words);
        HBox.setHgrow(text, Priority.ALWAYS);
        getStyleClass().add("beat");
        if (!line.isTaken()) {
            getStyleClass().add("beat-other");
        }
        Region in = new Region();
        in.setMinWidth(STEP_IN * line.depth());
        in.setManaged(line.depth() > 0);
        getChildren().addAll(light, in, number, text);
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

package wildchalk.desktop.practice;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import wildchalk.core.practice.Change;
import wildchalk.core.practice.Plan;

/**
 * What stands beside the blocks: when each begins, and what comes before it as a strip with its words. The marks of a
 * block stay the same nodes while it is pulled: they are only moved.
 */
final class TimeMarks extends Pane {

    static final double TIMES = 46;
    static final double CHANGES = 178;
    private static final double LINE = 16;

    private final PracticeState state;
    private final Map<String, Node> marks = new HashMap<>();
    private final Map<String, Node> shown = new HashMap<>();

    TimeMarks(PracticeState state) {
        this.state = state;
        setPickOnBounds(false);
        setManaged(false);
    }

    /** Begins to show what there is now. */
    void begin() {
        shown.clear();
    }

    /** Whatever was not shown since is there no longer. */
    void end() {
        marks.keySet().retainAll(shown.keySet());
        getChildren().removeIf(n -> !marks.containsValue(n));
    }

    private <T extends Node> T mark(String key, Class<T> type, Supplier<T> made) {
        Node node = marks.computeIfAbsent(key, k -> {
            T fresh = made.get();
            getChildren().add(fresh);
            return fresh;
        });
        shown.put(key, node);
        return type.cast(node);
    }

    /** A time at a height. */
    void time(String key, String words, double y, String style) {
        Label label = mark("time-" + key + style, Label.class, () -> {
            Label fresh = new Label();
            fresh.getStyleClass().add(style);
            fresh.setPrefWidth(TIMES - 6);
            return fresh;
        });
        label.setText(words);
        label.relocate(0, y - 3);
    }

    /**
     * What comes before a block.
     *
     * @param from where it begins, pixels
     * @param to where the block begins, pixels
     * @param end where the block ends, pixels
     * @param width of the whole column, pixels
     * @param wide how wide the blocks are, pixels
     */
    void change(Plan.Entry entry, double from, double to, double end, double width, double wide) {
        Change change = entry.before();
        String id = entry.block().id();
        Region strip = mark("strip-" + id, Region.class, TimeMarks::strip);
        strip.resizeRelocate(TIMES, from, Math.max(0, wide), to - from);
        String words = PracticeState.BOOK.say(
                change.said().isPresent() ? "change.said" : "change",
                Clock.minutes(change.seconds()),
                change.parts().stream().map(Change.Part::words).collect(Collectors.joining(", ")));
        Button label = mark("words-" + id, Button.class, () -> words(id));
        if (!words.equals(label.getText())) {
            label.setText(words);
            label.setTooltip(new Tooltip(words));
        }
        label.setMaxHeight(Math.max(LINE + 2, end - from));
        label.relocate(width - CHANGES, from + Math.min(to - from, LINE) / 2 - 10);
    }

    private static Region strip() {
        Region strip = new Region();
        strip.getStyleClass().add("change-strip");
        strip.setManaged(false);
        strip.setMouseTransparent(true);
        return strip;
    }

    private Button words(String block) {
        Button label = new Button();
        label.setId("change-" + block);
        label.getStyleClass().add("change-words");
        label.setWrapText(true);
        label.setPrefWidth(CHANGES);
        label.setMaxWidth(CHANGES);
        label.setOnAction(e -> state.choose(Optional.of(block)));
        return label;
    }
}

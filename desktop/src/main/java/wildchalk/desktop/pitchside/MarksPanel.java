package wildchalk.desktop.pitchside;

import java.util.List;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.practice.Block;

/** Who has it and who finds it hard, in the block that is on: for the coach alone. */
final class MarksPanel extends RunPanel {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double WIDE = 150;
    private static final double PANEL = 1020;

    private final RunState state;
    private final List<String> people;
    private final FlowPane rows = new FlowPane(8, 8);
    private int chosen;

    MarksPanel(RunState state, Runnable close) {
        super("run-marks", RunWords.say("marks.title"), PANEL);
        this.state = state;
        this.people = List.copyOf(state.briefing().people().keySet());
        words(RunWords.say(people.isEmpty() ? "marks.nobody" : "marks.words"));
        rows.setId("run-marks-people");
        add(rows);
        KeyButton done = new KeyButton("run-marks-close", RunWords.say("key.escape"), RunWords.say("done"), close);
        if (people.isEmpty()) {
            offer(done);
        } else {
            offer(
                    new KeyButton("run-marks-has", "H", RunWords.say("marks.has"), () -> mark(true)).strong(),
                    new KeyButton("run-marks-hard", "J", RunWords.say("marks.hard"), () -> mark(false)),
                    new KeyButton("run-marks-next", "↓", RunWords.say("marks.next"), () -> choose(chosen + 1)),
                    done);
        }
        fill();
    }

    private void fill() {
        Map<String, Boolean> marks =
                state.counting().map(Block::id).map(state.run()::marks).orElse(Map.of());
        rows.getChildren().clear();
        for (int i = 0; i < people.size(); i++) {
            String id = people.get(i);
            Label who = new Label(state.briefing().name(id));
            who.getStyleClass().add("run-mark-name");
            Label how = new Label(marks.containsKey(id) ? RunWords.say(marks.get(id) ? "mark.has" : "mark.hard") : "");
            how.getStyleClass().add("run-mark-how");
            HBox row = new HBox(8, who, how);
            row.getStyleClass().add("run-mark");
            row.setPrefWidth(WIDE);
            row.pseudoClassStateChanged(CHOSEN, i == chosen);
            int at = i;
            row.setOnMousePressed(e -> choose(at));
            rows.getChildren().add(row);
        }
    }

    private void choose(int next) {
        chosen = Math.floorMod(next, Math.max(1, people.size()));
        fill();
    }

    /** Marks whoever is chosen, and goes on to the next. */
    private void mark(boolean has) {
        if (!people.isEmpty()) {
            state.doing(new Deed.Marked(people.get(chosen), has));
            choose(chosen + 1);
        }
    }

    @Override
    boolean key(KeyEvent e) {
        switch (e.getCode()) {
            case H -> mark(true);
            case J -> mark(false);
            case DOWN, RIGHT, TAB -> choose(chosen + 1);
            case UP, LEFT -> choose(chosen - 1);
            default -> {
                return false;
            }
        }
        return true;
    }
}

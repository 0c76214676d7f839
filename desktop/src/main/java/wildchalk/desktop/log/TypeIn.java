package wildchalk.desktop.log;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.core.log.Entry;
import wildchalk.core.log.Jotted;
import wildchalk.core.log.Written;
import wildchalk.core.squad.Squad;
import wildchalk.desktop.control.Fields;
import wildchalk.desktop.control.PageHead;

/** Where an evening is typed in that nobody planned: a day, who, and a line for each part. */
final class TypeIn extends VBox {

    private static final KeyCombination DONE = new KeyCodeCombination(KeyCode.ENTER, KeyCombination.SHORTCUT_DOWN);
    private static final int MOST = 500;
    private static final int LONGEST = 200;
    private static final double WIDTH = 620;

    private final LogState state;
    private final LogDesk.Filled filled;
    private final TextField title = new TextField();
    private final DayFields when;
    private final ComboBox<String> squad = new ComboBox<>();
    private final TextArea lines = new TextArea();
    private final Label said = new Label();
    private final List<Squad> squads;
    private int people;

    TypeIn(LogState state, LogDesk.Filled filled) {
        super(10);
        this.state = state;
        this.filled = filled;
        this.squads = List.copyOf(filled.squads().values());
        this.when = new DayFields(new Entry.When(state.today(), LocalTime.of(18, 0)), w -> lines().requestFocus());
        setId("type-in");
        getStyleClass().add("log-page");
        title.setId("type-in-title");
        title.setPromptText(say("type.title"));
        title.setAccessibleText(say("type.title"));
        title.setPrefColumnCount(26);
        squad.setId("type-in-squad");
        squad.getItems().add(say("type.nobody"));
        squads.forEach(s -> squad.getItems().add(s.title()));
        squad.getSelectionModel().select(squads.isEmpty() ? 0 : 1);
        squad.setAccessibleText(say("type.squad"));
        HBox who = new HBox(10, squad, Fields.count("type-in-people", say("type.people"), 0, 0, MOST, n -> people = n));
        who.setAlignment(Pos.CENTER_LEFT);
        lines.setId("type-in-lines");
        lines.setAccessibleText(say("type.lines"));
        lines.setPrefRowCount(10);
        lines.setPrefWidth(WIDTH);
        lines.setOnKeyPressed(e -> {
            if (DONE.match(e)) {
                e.consume();
                add();
            }
        });
        Label example = new Label(say("type.prompt"));
        example.getStyleClass().add("type-example");
        Label hint = new Label(say("type.hint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        hint.setMaxWidth(WIDTH);
        said.setId("type-in-said");
        said.setWrapText(true);
        said.setMaxWidth(WIDTH);
        Button go = new Button(say("type.go"));
        go.setId("type-in-go");
        go.getStyleClass().add("dark-button");
        go.setOnAction(e -> add());
        getChildren()
                .addAll(
                        new PageHead(say("type.head"), say("back"), "type-in-back", state.desk()::back),
                        new HBox(10, when, title),
                        who,
                        new HBox(18, lines, new VBox(6, new Label(say("type.such")), example)),
                        hint,
                        said,
                        go);
    }

    private static String say(String key, Object... values) {
        return LogState.BOOK.say(key, values);
    }

    TextArea lines() {
        return lines;
    }

    private void add() {
        Optional<Entry.When> typed = when.typed();
        Jotted jotted = Jotted.read(lines.getText(), filled.drills());
        List<String> wrong = new ArrayList<>();
        if (typed.isEmpty()) {
            wrong.add(say("day.wrong"));
        } else if (typed.get().day().isAfter(state.today())) {
            wrong.add(say("type.future"));
        }
        if (jotted.equals(Jotted.NOTHING)) {
            wrong.add(say("type.nothing"));
        }
        jotted.unclear().forEach(l -> wrong.add(say("type.unclear", l)));
        jotted.endless().forEach(l -> wrong.add(say("type.long", l)));
        if (!wrong.isEmpty()) {
            said.setText(String.join("\n", wrong));
            return;
        }
        int chosen = squad.getSelectionModel().getSelectedIndex();
        Optional<Squad> of = chosen > 0 ? Optional.of(squads.get(chosen - 1)) : Optional.empty();
        Entry.There there = Written.there(of, people);
        String name = title.getText().strip();
        state.desk().back();
        state.desk()
                .add(
                        name.isEmpty() ? say("type.untitled") : name.substring(0, Math.min(LONGEST, name.length())),
                        typed.orElseThrow(),
                        there,
                        jotted.parts());
    }
}

package wildchalk.desktop.board.sheet;

import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.ruling.Choice;
import wildchalk.core.ruling.Instead;
import wildchalk.core.ruling.Rule;
import wildchalk.core.ruling.Typed;
import wildchalk.desktop.board.state.BoardState;

/** One rule: its sentence, which opens what could be said instead, and fields for words of the coach's own. */
final class RuleRow extends VBox {

    private final BoardState state;
    private Rule rule;

    RuleRow(BoardState state, Rule rule) {
        super(4);
        this.state = state;
        this.rule = rule;
        getStyleClass().add("rule-row");
        Hyperlink words = new Hyperlink(rule.words());
        words.setId("rule-" + rule.id());
        words.setWrapText(true);
        words.setMinHeight(USE_PREF_SIZE);
        words.getStyleClass().add("next-phrase");
        words.setAccessibleText(RulesPane.BOOK.say("says", rule.words()));
        words.setOnAction(e -> offer(words));
        getChildren().add(words);
        rule.typed().forEach(t -> getChildren().add(field(t)));
    }

    /** The same words, with edits of the drill as it is now. */
    void now(Rule newest) {
        rule = newest;
    }

    private void offer(Hyperlink at) {
        ContextMenu menu = new ContextMenu();
        menu.setId("rule-menu");
        for (Instead about : rule.instead()) {
            Menu more = new Menu(about.words());
            about.all().forEach(c -> more.getItems().add(item(c, about.several())));
            menu.getItems().add(more);
        }
        if (!menu.getItems().isEmpty()) {
            menu.getItems().add(new SeparatorMenuItem());
        }
        MenuItem away = new MenuItem(RulesPane.BOOK.say("away"));
        away.setOnAction(e -> state.apply(rule.away()));
        menu.getItems().add(away);
        menu.show(at, Side.BOTTOM, 0, 2);
    }

    private MenuItem item(Choice choice, boolean several) {
        MenuItem item;
        if (several) {
            CheckMenuItem check = new CheckMenuItem(choice.words());
            check.setSelected(choice.taken());
            item = check;
        } else {
            RadioMenuItem radio = new RadioMenuItem(choice.words());
            radio.setSelected(choice.taken());
            item = radio;
        }
        item.setOnAction(e -> state.apply(choice.edit()));
        return item;
    }

    private HBox field(Typed typed) {
        TextField field = new TextField(typed.now());
        field.setId("rule-" + rule.id() + "-" + typed.key());
        field.setAccessibleText(RulesPane.BOOK.say("field", typed.words(), typed.now()));
        field.getStyleClass().add("note-field");
        Runnable take = () -> {
            String said = field.getText().strip();
            // The edit is that of the drill as it is now, which has come meanwhile.
            rule.typed().stream()
                    .filter(t -> t.key().equals(typed.key()) && !t.now().equals(said))
                    .findFirst()
                    .ifPresent(t -> state.apply(t.edit().apply(said)));
        };
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                take.run();
            }
        });
        Label what = new Label(typed.words());
        what.getStyleClass().addAll("quiet", "rule-what");
        what.setMinWidth(USE_PREF_SIZE);
        HBox row = new HBox(8, what, field);
        row.setAlignment(Pos.BASELINE_LEFT);
        HBox.setHgrow(field, Priority.ALWAYS);
        return row;
    }
}

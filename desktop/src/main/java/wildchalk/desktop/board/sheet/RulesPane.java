package wildchalk.desktop.board.sheet;

import java.util.List;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Game;
import wildchalk.core.rehearsal.Codes;
import wildchalk.core.ruling.Instead;
import wildchalk.core.ruling.Rule;
import wildchalk.core.ruling.Rules;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.board.state.BoardState;

/** The rules of the rung in sentences that can be changed, and what could be said besides. */
final class RulesPane extends ScrollPane {

    /** The words of this sheet. */
    static final Wordbook BOOK = Wordbook.beside(RulesPane.class, "Rules");

    private final BoardState state;
    private final VBox rows = new VBox(8);
    private final MenuButton add = new MenuButton(BOOK.say("add"));
    private List<Rule> shown = List.of();

    /** @param write shows where it is written down what counts and what is called */
    RulesPane(BoardState state, Runnable write) {
        this.state = state;
        setId("rules");
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
        Label heading = new Label(BOOK.say("heading"));
        heading.getStyleClass().add("sheet-heading");
        add.setId("rules-add");
        add.getStyleClass().add("pill");
        add.setAccessibleText(BOOK.say("add.name"));
        // What is offered depends on what is chosen: it is worked out when somebody looks.
        add.setOnShowing(e -> offer());
        add.getItems().add(new MenuItem());
        rows.setId("rules-said");
        Hyperlink counts = new Hyperlink(BOOK.say("counts"));
        counts.setId("rules-counts");
        counts.setWrapText(true);
        counts.setOnAction(e -> write.run());
        VBox all = new VBox(10, heading, rows, add, counts, quiet(BOOK.say("hint")));
        all.getStyleClass().addAll("call-sheet-words", "rules-words");
        setContent(all);
        state.changesProperty().addListener(o -> rebuild());
        state.rulesProperty().addListener(o -> rebuild());
    }

    private Rules rules() {
        return new Rules(
                state.rung(),
                state.stage(),
                state.surface(),
                state.viewing().unitsProperty().get().unit(),
                state.timeline());
    }

    private void rebuild() {
        if (!state.rulesProperty().get()) {
            shown = List.of();
            return;
        }
        List<Rule> now = rules().all();
        // Edits are made anew each time: what is said is what counts.
        boolean same = !now.isEmpty()
                && now.stream()
                        .map(Rule::words)
                        .toList()
                        .equals(shown.stream().map(Rule::words).toList());
        shown = now;
        if (!same || rows.getChildren().size() != now.size()) {
            rows.getChildren().setAll(now.stream().map(this::row).toList());
            if (now.isEmpty()) {
                rows.getChildren().add(quiet(BOOK.say("none")));
            }
        } else {
            for (int i = 0; i < now.size(); i++) {
                ((RuleRow) rows.getChildren().get(i)).now(now.get(i));
            }
        }
    }

    private RuleRow row(Rule rule) {
        RuleRow row = new RuleRow(state, rule);
        state.stage().instructions(Game.Code.class).stream()
                .filter(c -> c.id().equals(rule.id()))
                .forEach(c -> row.getChildren().add(called(c)));
        return row;
    }

    /** Which of its calls the board shows. */
    private MenuButton called(Game.Code code) {
        MenuButton calls = new MenuButton();
        calls.setId("rule-" + code.id() + "-called");
        calls.getStyleClass().add("pill");
        Runnable tell = () -> calls.setText(BOOK.say(
                "called",
                state.focus()
                        .choicesProperty()
                        .get()
                        .of()
                        .getOrDefault(code.id(), Codes.usual(code))
                        .replace('-', ' ')));
        for (String call : Codes.all(code)) {
            MenuItem item = new MenuItem(call.replace('-', ' '));
            item.setOnAction(e -> {
                state.focus()
                        .choicesProperty()
                        .set(state.focus().choicesProperty().get().with(code.id(), call));
                tell.run();
            });
            calls.getItems().add(item);
        }
        tell.run();
        return calls;
    }

    private void offer() {
        add.getItems().clear();
        for (Instead about : rules().fresh(state.selection().chosenProperty().get())) {
            Menu menu = new Menu(about.words());
            about.all().forEach(choice -> {
                MenuItem item = new MenuItem(choice.words());
                item.setOnAction(e -> state.apply(choice.edit()));
                menu.getItems().add(item);
            });
            add.getItems().add(menu);
        }
    }

    static Label quiet(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().addAll("quiet", "sheet-note");
        return label;
    }
}

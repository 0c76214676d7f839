package wildchalk.desktop.board.card;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Instruction.Rule;
import wildchalk.core.edit.ReadEdits;
import wildchalk.core.naming.PieceWords;
import wildchalk.core.script.ReadWords;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/** What can be changed about a read: the names and reasons of its options, how many there are, who decides. */
public final class ReadCard extends VBox {

    private static final int MOST_LABEL = 60;
    private static final int MOST_REASON = 120;
    private static final double REASON = 240;
    private static final double WRAP = 560;

    private final BoardState state;
    private final BoardPane pane;
    private final String id;

    private ReadCard(BoardState state, BoardPane pane, Read read) {
        super(6);
        this.state = state;
        this.pane = pane;
        this.id = read.id();
        setId("read-card");
        getStyleClass().add("board-card");
        Label title = new Label("What " + ReadWords.decider(state.stage(), read).orElse("") + " decides");
        title.getStyleClass().add("card-heading");
        getChildren().add(title);
        for (int i = 0; i < read.options().size(); i++) {
            getChildren().add(option(read, i));
        }
        FlowPane foot = new FlowPane(8, 6);
        if (read.options().size() < ReadEdits.MOST_OPTIONS) {
            foot.getChildren().add(Fields.pill("read-more", "One more option", () -> ReadEdits.also(
                            state.rung(), state.freeIds(), read)
                    .ifPresent(m -> make(state, m))));
        }
        foot.getChildren().addAll(rule(read), Fields.pill("read-close", "Close", () -> pane.showCard(null)));
        getChildren().add(foot);
    }

    /** Shows the card of a read, as it is now. */
    public static void open(BoardState state, BoardPane pane, String read) {
        pane.showCard(state.stage().instructions(Read.class).stream()
                .filter(r -> r.id().equals(read))
                .findFirst()
                .map(r -> new ReadCard(state, pane, r))
                .orElse(null));
    }

    /** Something else instead of an action, to be drawn next. */
    public static void instead(BoardState state, Action action) {
        Optional<ReadEdits.Made> contest = ReadEdits.eitherWins(state.rung(), state.stage(), state.freeIds(), action);
        if (contest.isPresent()) {
            state.apply(contest.get().edit());
            state.focus().choose(contest.get().read(), contest.get().option());
            state.announce("Either may win it. What you draw now follows when "
                    + state.stage().person(action.who()).map(PieceWords::name).orElse("this one") + " does.");
            return;
        }
        ReadEdits.instead(state.rung(), state.stage(), state.freeIds(), action)
                .ifPresentOrElse(
                        m -> make(state, m),
                        () -> state.announce("A read has up to " + ReadEdits.MOST_OPTIONS + " options"));
    }

    /** Makes room for something else and looks at it, so that what is drawn next belongs there. */
    static void make(BoardState state, ReadEdits.Made made) {
        if (state.apply(made.edit())) {
            state.focus().choose(made.read(), made.option());
            state.selection().choose();
            String who = state.stage().instructions(Read.class).stream()
                    .filter(r -> r.id().equals(made.read()))
                    .findFirst()
                    .flatMap(r -> ReadWords.decider(state.stage(), r))
                    .orElse("somebody");
            state.announce("Now draw what " + who + " does instead. What it sets off belongs to it too.");
        }
    }

    private FlowPane option(Read read, int i) {
        Option option = read.options().get(i);
        FlowPane row = new FlowPane(8, 4);
        row.setPrefWrapLength(WRAP);
        TextField reason = Fields.text("option-reason-" + i, option.reason(), MOST_REASON, t -> tell(read, i, null, t));
        reason.setPrefWidth(REASON);
        row.getChildren()
                .addAll(
                        Fields.row(
                                (i + 1) + "",
                                Fields.text(
                                        "option-label-" + i, option.label(), MOST_LABEL, t -> tell(read, i, t, null))),
                        Fields.row("if", reason),
                        Fields.pill("option-gone-" + i, "Take away", () -> {
                            state.apply(ReadEdits.without(state.rung(), state.stage(), read, option.id()));
                            open(state, pane, id);
                        }));
        return row;
    }

    /** @param label null where it stays, as is the reason */
    private void tell(Read read, int i, String label, String reason) {
        state.stage().instructions(Read.class).stream()
                .filter(r -> r.id().equals(read.id()))
                .findFirst()
                .filter(r -> r.options().size() > i)
                .ifPresent(now -> {
                    Option option = now.options().get(i);
                    String newLabel = label == null ? option.label() : label;
                    String newReason = reason == null ? option.reason() : reason;
                    if (!newLabel.equals(option.label()) || !newReason.equals(option.reason())) {
                        state.apply(ReadEdits.told(state.rung(), read.id(), option.id(), newLabel, newReason));
                    }
                });
    }

    private MenuButton rule(Read read) {
        String who = ReadWords.decider(state.stage(), read).orElse("");
        MenuButton menu = new MenuButton(words(read.rule(), who));
        menu.setId("read-rule");
        menu.getStyleClass().add("pill");
        menu.getItems()
                .addAll(
                        item(Optional.empty(), who),
                        item(Optional.of(Rule.AHEAD), who),
                        item(Optional.of(Rule.OPEN), who));
        return menu;
    }

    private MenuItem item(Optional<Rule> rule, String who) {
        MenuItem item = new MenuItem(words(rule, who));
        item.setOnAction(e -> {
            state.apply(ReadEdits.ruled(state.rung(), id, rule));
            state.focus().leave(id);
            open(state, pane, id);
        });
        return item;
    }

    private static String words(Optional<Rule> rule, String who) {
        return rule.map(r -> r == Rule.AHEAD ? "worked out: whoever is farther ahead" : "worked out: whoever is open")
                .orElse(who + " decides");
    }
}

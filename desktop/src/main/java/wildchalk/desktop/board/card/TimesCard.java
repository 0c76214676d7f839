package wildchalk.desktop.board.card;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.InvalidationListener;
import javafx.beans.Observable;
import javafx.beans.WeakInvalidationListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.ask.Why;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.edit.FigureEdits;
import wildchalk.core.effort.Effort;
import wildchalk.core.effort.Figure;
import wildchalk.core.motion.FigureTable;
import wildchalk.core.naming.FigureWords;
import wildchalk.core.script.ScriptWriter;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.Fields;

/**
 * Times and speeds: every figure behind the times, the usual ones and those that this drill or somebody in it has, and
 * which of them made the time of the line that is chosen.
 */
public final class TimesCard extends VBox {

    private static final double WIDE = 640;
    private static final double TALL = 236;
    private static final double NUMBER = 58;
    private static final double WORDS = 180;
    /** Wide enough for a button besides, so that all rows stand in line. */
    private static final double FIELD = 122;

    private final BoardState state;
    private final VBox rows = new VBox(5);
    private final MenuButton whose = new MenuButton();
    /** Held here, so that what is chosen later is heard of as long as the card is there, and no longer. */
    private final InvalidationListener listener = this::changed;

    private Optional<String> who = Optional.empty();

    /** @param close lays the card aside */
    private TimesCard(BoardState state, Runnable close) {
        super(6);
        this.state = state;
        setId("times-card");
        getStyleClass().add("board-card");
        setPrefWidth(WIDE);
        Label title = new Label("Times and speeds");
        title.getStyleClass().add("card-heading");
        whose.setId("times-whose");
        whose.getStyleClass().add("pill");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox head = new HBox(8, title, whose, between, Fields.pill("times-done", "Done", close));
        head.setAlignment(Pos.CENTER_LEFT);
        Label source = new Label("Figures are typical of club players, assumed; those that are yours are set in bold.");
        source.getStyleClass().add("quiet");
        ScrollPane scroll = new ScrollPane(rows);
        scroll.getStyleClass().add("times-scroll");
        scroll.setFitToWidth(true);
        scroll.setPrefViewportHeight(TALL);
        scroll.setMinHeight(120);
        getChildren().addAll(head, source, scroll);
        state.changesProperty().addListener(new WeakInvalidationListener(listener));
        state.selection().chosenProperty().addListener(new WeakInvalidationListener(listener));
        show();
    }

    /** Lays the card on the board until it is done with. */
    public static void open(BoardState state, BoardPane board) {
        board.showCard(new TimesCard(state, () -> board.showCard(null)));
    }

    private void changed(Observable what) {
        if (getScene() != null) {
            show();
        }
    }

    private void show() {
        who = who.filter(w -> state.stage().person(w).isPresent());
        whose();
        Optional<Why.Account> account =
                chosen().flatMap(a -> Why.of(a, state.stage(), state.timeline(), state.surface()));
        Optional<String> writing = focused();
        rows.getChildren().clear();
        why(account);
        List<Figure> had = account.map(
                        c -> c.parts().stream().map(Why.Part::figure).distinct().toList())
                .orElse(List.of());
        if (!had.isEmpty()) {
            rows.getChildren().add(grid(had));
        }
        for (FigureWords.Group group : FigureWords.Group.values()) {
            List<Figure> others =
                    group.figures().stream().filter(f -> !had.contains(f)).toList();
            if (!others.isEmpty()) {
                rows.getChildren().addAll(heading(group.words()), grid(others));
            }
        }
        writing.map(id -> rows.lookup("#" + id)).ifPresent(Node::requestFocus);
    }

    private Optional<Action> chosen() {
        return state.selection().action();
    }

    private Optional<String> focused() {
        return getScene() != null && getScene().getFocusOwner() instanceof TextField f && f.getId() != null
                ? Optional.of(f.getId())
                : Optional.empty();
    }

    private void whose() {
        whose.setText("for " + who.map(this::name).orElse("everybody"));
        whose.getItems().clear();
        item("everybody", Optional.empty());
        state.stage().people().forEach(p -> item(name(p.id()), Optional.of(p.id())));
    }

    private void item(String words, Optional<String> person) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> {
            who = person;
            show();
        });
        whose.getItems().add(item);
    }

    private String name(String id) {
        return state.stage()
                .person(id)
                .map(Piece.Person::label)
                .filter(l -> !l.isBlank())
                .orElse("who has no label");
    }

    /** What was measured; the figures behind it follow. */
    private void why(Optional<Why.Account> account) {
        if (account.isEmpty()) {
            Label hint = new Label("Choose a line on the board to see which of these made its time.");
            hint.getStyleClass().add("quiet");
            rows.getChildren().add(hint);
            return;
        }
        Label heading = heading(ScriptWriter.sentence(
                state.stage(),
                state.timeline(),
                state.surface(),
                state.viewing().unitsProperty().get().unit(),
                chosen().orElseThrow()));
        String all = String.join("; ", account.get().happened());
        Label happened = new Label(Character.toUpperCase(all.charAt(0)) + all.substring(1) + ". Made of:");
        happened.setWrapText(true);
        rows.getChildren().addAll(heading, happened);
    }

    private static Label heading(String words) {
        Label heading = new Label(words);
        heading.getStyleClass().add("card-heading");
        heading.setWrapText(true);
        return heading;
    }

    private GridPane grid(List<Figure> figures) {
        GridPane grid = new GridPane();
        grid.setHgap(8);
        grid.setVgap(3);
        for (int i = 0; i < figures.size(); i++) {
            Label words = new Label(FigureWords.of(figures.get(i)));
            words.setWrapText(true);
            words.setPrefWidth(WORDS);
            grid.add(words, i % 2 * 2, i / 2);
            grid.add(field(figures.get(i)), i % 2 * 2 + 1, i / 2);
        }
        return grid;
    }

    private HBox field(Figure figure) {
        Effort effort = state.stage().effort();
        Map<Figure, Double> own = who.map(w -> effort.own().people().getOrDefault(w, Map.of()))
                .orElse(effort.own().all());
        double value =
                own.getOrDefault(figure, FigureTable.of(state.surface(), effort).get(figure));
        TextField field = new TextField(FigureWords.written(figure, value));
        field.setId("figure-" + figure.word());
        field.setPrefWidth(NUMBER);
        field.setAccessibleText(FigureWords.of(figure));
        Consumer<String> take = text -> FigureWords.read(figure, text)
                .ifPresentOrElse(
                        v -> state.apply(FigureEdits.set(figure, v, who)),
                        () -> field.setText(FigureWords.written(figure, value)));
        String shown = field.getText();
        field.setOnAction(e -> take.accept(field.getText()));
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is && field.getScene() != null && !field.getText().equals(shown)) {
                take.accept(field.getText());
            }
        });
        HBox row = new HBox(4, field, new Label(FigureWords.sign(figure)));
        row.setPrefWidth(FIELD);
        row.setAlignment(Pos.CENTER_LEFT);
        if (own.containsKey(figure)) {
            field.getStyleClass().add("times-own");
            Button usual = Fields.step(
                    "↺",
                    "usual-" + figure.word(),
                    FigureWords.of(figure) + ": as usual again",
                    () -> state.apply(FigureEdits.usual(figure, who)));
            row.getChildren().add(usual);
        }
        return row;
    }
}

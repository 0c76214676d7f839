package wildchalk.desktop.board.card;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import wildchalk.core.naming.CoachWords;
import wildchalk.core.naming.Finding;
import wildchalk.desktop.board.command.Command;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.board.state.Desk;

/** Finds pieces, what can be done, and other drills, by what they are called; Enter takes the one that is marked. */
public final class FindCard extends VBox {

    private static final double WIDE = 300;
    private static final double TALL = 150;
    /** What a line of the list loses to its edges and the bar beside it, pixels. */
    private static final double ROUND = 40;

    /** What is told, not done. */
    private static final String TOLD = "told";

    private final BoardState state;
    private final Runnable close;
    private final TextField words = new TextField();
    private final ListView<Offer> found = new ListView<>();
    private final List<Command> commands;
    private List<Desk.Titled> drills = List.of();

    /**
     * Something that goes by a name.
     *
     * @param what it is, said beside it; for what can be done, its key
     */
    private record Offer(String words, String what, Runnable take) {}

    /** @param close takes the card away again */
    public FindCard(BoardState state, List<Command> commands, Runnable close) {
        super(6);
        this.state = state;
        this.commands = commands;
        this.close = close;
        setId("find-card");
        getStyleClass().add("board-card");
        words.setId("find-words");
        words.setPromptText("all yellow cones, mirror, a drill's name");
        words.setAccessibleText("What to choose, do or open, by name");
        found.setPrefSize(WIDE, TALL);
        found.setFocusTraversable(false);
        found.setCellFactory(v -> cell());
        found.setPlaceholder(new Label("Nothing is called that"));
        found.setOnMouseClicked(e -> choose());
        words.textProperty().addListener(o -> search());
        words.setOnAction(e -> choose());
        words.setOnKeyPressed(this::key);
        getChildren().addAll(words, found);
        search();
        state.desk().drills(all -> {
            drills = all;
            search();
        });
    }

    private static ListCell<Offer> cell() {
        return new ListCell<>() {
            @Override
            protected void updateItem(Offer item, boolean empty) {
                super.updateItem(item, empty);
                boolean told = !empty && item.what().equals(TOLD);
                setText(empty || told ? null : item.words());
                Label what = new Label(empty ? "" : item.what());
                what.getStyleClass().add("quiet");
                Label advice = new Label(told ? item.words() : "");
                advice.setWrapText(true);
                advice.setPrefWidth(WIDE - ROUND);
                advice.setMinHeight(USE_PREF_SIZE);
                Label beside = told ? advice : what;
                setGraphic(empty || item.what().isEmpty() ? null : beside);
                setContentDisplay(ContentDisplay.RIGHT);
            }
        };
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE) {
            close.run();
            e.consume();
        } else if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
            int next = found.getSelectionModel().getSelectedIndex() + (e.getCode() == KeyCode.DOWN ? 1 : -1);
            found.getSelectionModel()
                    .select(Math.max(0, Math.min(found.getItems().size() - 1, next)));
            found.scrollTo(found.getSelectionModel().getSelectedIndex());
            e.consume();
        }
    }

    public void take() {
        words.requestFocus();
    }

    private void search() {
        String text = words.getText();
        List<Offer> offers = new ArrayList<>(called(text));
        // Other words for it, where coaches have others.
        CoachWords.of(text).ifPresent(a -> {
            a.lookFor().ifPresent(other -> called(other).stream()
                    .filter(o -> offers.stream().noneMatch(p -> p.words().equals(o.words())))
                    .forEach(offers::add));
            a.told().ifPresent(told -> offers.add(new Offer(told, TOLD, () -> state.announce(told))));
        });
        found.getItems().setAll(offers);
        found.getSelectionModel().selectFirst();
    }

    /** All that goes by a name. */
    private List<Offer> called(String text) {
        List<Offer> offers = new ArrayList<>();
        Finding.in(state.stage(), text)
                .forEach(f -> offers.add(new Offer(
                        f.words(), "", () -> state.selection().choose(f.ids().toArray(new String[0])))));
        commands.stream()
                .filter(c -> !c.words().isEmpty() && Finding.isCalled(c.words(), text))
                .forEach(c -> offers.add(new Offer(c.words(), c.key(), c.run())));
        drills.stream()
                .filter(d -> !d.id().equals(state.drill().id()) && Finding.isCalled(d.title(), text))
                .forEach(d -> offers.add(new Offer(
                        d.title(), "open this drill", () -> state.desk().open(d.id()))));
        return offers;
    }

    private void choose() {
        Offer chosen = found.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            close.run();
            chosen.take().run();
        }
    }
}

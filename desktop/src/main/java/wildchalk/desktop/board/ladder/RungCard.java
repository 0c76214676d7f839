package wildchalk.desktop.board.ladder;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.LadderEdits;
import wildchalk.core.edit.ReadyChanges;
import wildchalk.core.effort.Dose;
import wildchalk.desktop.board.canvas.Thumbnail;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.control.LiveScroll;

/** One rung: its picture, what it is called, and what can be done with it. */
final class RungCard extends VBox {

    private static final double WIDTH = 108;
    /** How far in a variation stands, pixels. */
    static final double INDENT = 12;

    private static final double HEIGHT = 58;
    /** How wide the picture of the only rung is, pixels. */
    private static final double SMALL = 64;

    private static final PseudoClass FOLLOWED = PseudoClass.getPseudoClass("followed");
    private static final PseudoClass KEPT = PseudoClass.getPseudoClass("kept");
    private static final PseudoClass BESIDE = PseudoClass.getPseudoClass("beside");

    /** A rung, worked out for its picture. */
    record Drawn(RungCard card, Stage stage, Thumbnail.Ready picture) {}

    private final BoardState state;
    private final String id;
    private final Thumbnail picture;
    private final double wide;
    private final Label name = new Label();
    private final Label length = new Label();
    private final VBox foot = new VBox();
    private boolean kept;
    private final MenuButton menu = new MenuButton("…");
    private Stage shown;
    private Drill drawnFor;
    /** What is still to be painted; null when all is. */
    private Drawn drawn;

    /**
     * @param beside whether it is a variation, which stands a little in
     * @param small whether it is the only one, whose picture nobody needs large
     */
    RungCard(BoardState state, String id, boolean beside, boolean small) {
        super(4);
        this.state = state;
        this.id = id;
        wide = small ? SMALL : WIDTH - (beside ? INDENT : 0);
        picture = new Thumbnail(wide, small ? SMALL * HEIGHT / WIDTH : HEIGHT);

        pseudoClassStateChanged(BESIDE, beside);
        setMaxWidth(USE_PREF_SIZE);
        setId("rung-" + id);
        getStyleClass().add("rung");
        name.getStyleClass().add("rung-name");
        name.setWrapText(true);
        name.setMaxWidth(wide);
        name.setMinHeight(USE_PREF_SIZE);
        menu.setId("rung-menu-" + id);
        menu.getStyleClass().addAll("card-menu", "rung-menu");
        // A menu whose items change while it is open stays open.
        menu.getItems().add(new MenuItem());
        menu.setOnShowing(e -> offer());
        foot.getChildren().add(name);
        length.getStyleClass().add("rung-length");
        length.setWrapText(true);
        length.setMaxWidth(wide);
        length.setMinHeight(USE_PREF_SIZE);
        StackPane top = new StackPane(picture, menu);
        StackPane.setAlignment(menu, Pos.TOP_RIGHT);
        getChildren().addAll(top, foot, length);
        setFocusTraversable(true);
        setOnMouseClicked(e -> climb());
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                climb();
                e.consume();
            }
        });
    }

    private void climb() {
        if (!state.rung().equals(id)) {
            boolean both = kept;
            state.model().climb(id);
            if (both) {
                // What it kept and what the other one has are shown over each other.
                state.focus().overProperty().set(state.madeFrom().map(Stage::id));
            }
        }
    }

    /**
     * @param sign its place, from 1 at the bottom; "2a" for a variation
     * @return what is to be rehearsed for its picture, beside the window's thread; empty when it looks as before
     */
    Optional<Supplier<Drawn>> show(Rung rung, String sign, Stage stage) {
        boolean current = id.equals(state.rung());
        String style = current ? "rung-current" : "rung-other";
        // Every touch of the style classes costs a layout of all that is in it.
        if (!getStyleClass().contains(style)) {
            getStyleClass().removeAll("rung-current", "rung-other");
            getStyleClass().add(style);
        }
        name.setText(sign + " " + rung.title());
        length.setText(rung.plan().dose().map(Dose::words).orElse(""));
        length.setManaged(!length.getText().isEmpty());
        setAccessibleText("Rung " + sign + ": " + rung.title() + (length.isManaged() ? ", " + length.getText() : "")
                + (current ? ", shown" : ". Enter goes there"));
        menu.setAccessibleText("What to do with rung " + sign);
        Drill drill = state.drill();
        boolean same = stage.equals(shown)
                && drawnFor.showing().equals(drill.showing())
                && drawnFor.venue().equals(drill.venue())
                && drawnFor.lineKey() == drill.lineKey();
        if (same) {
            return Optional.empty();
        }
        shown = stage;
        drawnFor = drill;
        return Optional.of(() -> new Drawn(this, stage, Thumbnail.Ready.of(drill, stage)));
    }

    /** Takes what it is to show; false when it shows something else by now. */
    boolean take(Drawn rehearsed) {
        boolean current = rehearsed.stage() == shown;
        if (current) {
            drawn = rehearsed;
        }
        return current;
    }

    /** Paints what has changed, when it is in sight: of many rungs only a few are. Says whether it did. */
    boolean paint() {
        boolean wanted = drawn != null && isInSight();
        if (wanted) {
            picture.show(drawn.picture());
            drawn = null;
        }
        return wanted;
    }

    private boolean isInSight() {
        Node at = getParent();
        while (at != null && !(at instanceof LiveScroll)) {
            at = at.getParent();
        }
        return at == null || localToScene(getBoundsInLocal()).intersects(at.localToScene(at.getBoundsInLocal()));
    }

    /** Shows that it has changed with another one, or kept its own version, until the next change. */
    void follow(boolean followed, boolean keeps) {
        kept = keeps;
        pseudoClassStateChanged(FOLLOWED, followed);
        pseudoClassStateChanged(KEPT, keeps);
    }

    private void offer() {
        List<Rung> ladder = state.drill().ladder();
        int n = ladder.stream().map(Rung::id).toList().indexOf(id) + 1;
        Rung rung = ladder.get(n - 1);
        int all = ladder.size();
        List<MenuItem> items = new ArrayList<>();
        items.add(item("Harder, above", () -> LadderPane.make(state, LadderEdits.harder(state.drill(), id))));
        items.add(item("Otherwise, beside it", () -> LadderPane.make(state, LadderEdits.sideways(state.drill(), id))));
        items.add(item("Easier, below", () -> LadderPane.make(state, LadderEdits.easier(state.drill(), id))));
        Menu ready = new Menu("Change it");
        if (id.equals(state.rung())) {
            ReadyChanges.of(id, state.stage(), state.timeline(), state.surface())
                    .forEach(c -> ready.getItems().add(item(c.words(), c.edit())));
        }
        if (!ready.getItems().isEmpty()) {
            items.add(ready);
        }
        items.add(item("Rename", () -> rename(rung)));
        if (!id.equals(state.rung())) {
            boolean under =
                    state.focus().overProperty().get().filter(id::equals).isPresent();
            items.add(item(
                    under ? "No longer under the other" : "Lay it under the one that is shown",
                    () -> state.focus().overProperty().set(under ? Optional.empty() : Optional.of(id))));
        }
        if (n < all) {
            items.add(item("Move up", LadderEdits.moved(id, 1)));
        }
        if (n > 1) {
            items.add(item("Move down", LadderEdits.moved(id, -1)));
        }
        if (rung.from().isPresent()) {
            items.add(item("Follow no other rung", LadderEdits.detached(id)));
        }
        if (all > 1) {
            items.add(item("Remove", LadderEdits.removed(id)));
        }
        menu.getItems().setAll(items);
    }

    private MenuItem item(String words, Edit<Drill> edit) {
        return item(words, () -> state.apply(edit));
    }

    private static MenuItem item(String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> action.run());
        return item;
    }

    private void rename(Rung rung) {
        TextField field = new TextField(rung.title());
        field.setId("rung-title");
        field.setPrefWidth(wide);
        field.setAccessibleText("Name of the rung");
        field.setOnAction(e -> {
            foot.getChildren().setAll(name);
            if (!field.getText().isBlank()) {
                state.apply(LadderEdits.renamed(id, field.getText().strip()));
            }
        });
        field.focusedProperty().addListener((o, was, is) -> {
            if (!is) {
                foot.getChildren().setAll(name);
            }
        });
        foot.getChildren().setAll(field);
        field.requestFocus();
        field.selectAll();
    }
}

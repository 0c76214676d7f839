package wildchalk.desktop.practice;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.CacheHint;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import wildchalk.core.check.Finding;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.PracticeEdits;

/** A block in the column of time: it can be chosen, dragged elsewhere and pulled longer at its lower edge. */
final class BlockBox extends StackPane {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass NICE = PseudoClass.getPseudoClass("nice");
    private static final PseudoClass BAD = PseudoClass.getPseudoClass("bad");
    private static final PseudoClass POOR = PseudoClass.getPseudoClass("poor");
    private static final double EDGE = 7;
    /** Under this height there is one line; over {@link #PICTURE} there is a picture. */
    private static final double TWO = 34;

    private static final double PICTURE = 50;
    private static final double MOST_PICTURE = 72;
    private static final double SMALL_PICTURE = 48;
    private static final double WIDE = 16.0 / 9;

    private final PracticeState state;
    private final TimeColumn column;
    private final String id;
    private Optional<Shown> shown = Optional.empty();
    private Optional<Grip> grip = Optional.empty();

    /** What is shown: as long as it is the same, nothing is made anew. */
    private record Shown(
            Block block, double width, double height, Optional<String> chosen, Optional<Seen> seen, Fetched fetched) {

        /** What was looked up is not compared, it is the same or another. */
        boolean isSame(Shown other) {
            return block.equals(other.block)
                    && width == other.width
                    && height == other.height
                    && chosen.equals(other.chosen)
                    && seen.equals(other.seen)
                    && fetched == other.fetched;
        }
    }

    /** A press that goes on. */
    private record Grip(double sceneY, boolean edge) {}

    BlockBox(PracticeState state, TimeColumn column, String id) {
        this.state = state;
        this.column = column;
        this.id = id;
        setId("block-" + id);
        setManaged(false);
        // While another one is pulled it is only moved.
        setCache(true);
        setCacheHint(CacheHint.SPEED);
        getStyleClass().add("block-box");
        setAlignment(Pos.TOP_LEFT);
        setOnMouseMoved(e -> setCursor(isEdge(e) ? Cursor.V_RESIZE : Cursor.HAND));
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseReleased(this::release);
    }

    private boolean isEdge(MouseEvent e) {
        return e.getY() > getHeight() - Math.min(EDGE, getHeight() / 3);
    }

    private void press(MouseEvent e) {
        column.requestFocus();
        grip = Optional.of(new Grip(e.getSceneY(), isEdge(e)));
        e.consume();
    }

    private Optional<Block> block() {
        return state.practice().block(id);
    }

    private void drag(MouseEvent e) {
        if (grip.isEmpty() || e.isStillSincePress()) {
            return;
        }
        block().ifPresent(b -> {
            if (grip.get().edge()) {
                column.pull(b, pulled(b, e));
            } else {
                setOpacity(0.45);
                column.hover(e.getSceneX(), e.getSceneY(), BlockWords.of(b));
            }
        });
        e.consume();
    }

    private int pulled(Block block, MouseEvent e) {
        return Math.max(
                1,
                block.time().now()
                        + column.minutes(e.getSceneY() - grip.orElseThrow().sceneY()));
    }

    private void release(MouseEvent e) {
        setOpacity(1);
        boolean edge = grip.filter(Grip::edge).isPresent();
        block().ifPresent(b -> {
            if (edge) {
                column.letGo(b, pulled(b, e));
            } else if (e.isStillSincePress()) {
                state.choose(Optional.of(part(e).orElse(id)));
            } else {
                column.dropped(e.getSceneX(), e.getSceneY()).ifPresent(d -> drop(b, d));
            }
        });
        grip = Optional.empty();
        e.consume();
    }

    private void drop(Block block, TimeColumn.Drop drop) {
        Optional<Block> other = drop.beside().filter(o -> !o.id().equals(id));
        int from = state.practice().place(id);
        if (other.isPresent()) {
            state.apply(PracticeEdits.beside(block, other.get()));
        } else if (drop.at() != from && drop.at() != from + 1) {
            state.apply(PracticeEdits.move(block, drop.at()));
        }
    }

    /** Of several side by side, the one that is pressed. */
    private Optional<String> part(MouseEvent e) {
        Node at = e.getPickResult().getIntersectedNode();
        while (at != null && at != this) {
            if (at.getUserData() instanceof Block b) {
                return Optional.of(b.id());
            }
            at = at.getParent();
        }
        return Optional.empty();
    }

    /** Shows the block in a box of this size. */
    void show(Block block, double width, double height) {
        Optional<String> chosen =
                state.chosenProperty().get().filter(c -> block.all().anyMatch(b -> b.id().equals(c)));
        Shown now = new Shown(block, width, height, chosen, state.seenProperty().get(), state.fetched());
        if (shown.filter(now::isSame).isPresent()) {
            return;
        }
        shown = Optional.of(now);
        Optional<Finding.Weight> worst = state.worst(block);
        pseudoClassStateChanged(CHOSEN, chosen.isPresent());
        pseudoClassStateChanged(NICE, !block.must());
        pseudoClassStateChanged(
                BAD, worst.filter(w -> w != Finding.Weight.COULD_BE_BETTER).isPresent());
        pseudoClassStateChanged(
                POOR, worst.filter(w -> w == Finding.Weight.COULD_BE_BETTER).isPresent());
        setAccessibleText(PracticeState.BOOK.say(
                "block", BlockWords.of(block), block.time().now()));
        boolean beside = block.content() instanceof Content.Beside;
        getChildren().setAll(beside ? parts(block, height) : line(block, height, true));
    }

    private Optional<Drill> drill(Block block) {
        return block.play()
                .findFirst()
                .flatMap(p -> Optional.ofNullable(state.fetched().drills().get(p.drill())));
    }

    private HBox line(Block block, double height, boolean whole) {
        HBox line = new HBox(10);
        line.setPadding(new Insets(height < TWO ? 0 : 6, 10, 0, 10));
        line.setAlignment(height < TWO ? Pos.CENTER_LEFT : Pos.TOP_LEFT);
        if (height >= PICTURE && whole) {
            drill(block).ifPresent(d -> line.getChildren().add(picture(block, d, Math.min(MOST_PICTURE, height - 14))));
        }
        Label title = new Label(BlockWords.of(block));
        title.getStyleClass().add(height < TWO ? "block-small" : "block-title");
        VBox words = new VBox(1, title);
        words.setMinWidth(0);
        words.setAlignment(height < TWO ? Pos.CENTER_LEFT : Pos.TOP_LEFT);
        HBox.setHgrow(words, Priority.ALWAYS);
        if (height >= TWO + 4) {
            BlockLine.of(state, block).ifPresent(w -> words.getChildren().add(said(w, height)));
        }
        if (height >= PICTURE + 12) {
            BlockLine.needs(state, block).ifPresent(w -> words.getChildren().add(said(w, height)));
        }
        line.getChildren().add(words);
        if (whole) {
            line.getChildren().add(length(block, height));
        }
        return line;
    }

    private static Label said(String words, double height) {
        Label said = new Label(words);
        said.getStyleClass().add("quiet");
        said.setWrapText(height >= PICTURE + 24);
        return said;
    }

    /** "12 min", with a sign where something was found: never by colour alone. */
    private HBox length(Block block, double height) {
        Label minutes = new Label(PracticeState.BOOK.say("minutes", block.time().now()));
        minutes.getStyleClass().add(height < TWO ? "block-small" : "block-minutes");
        minutes.setMinWidth(USE_PREF_SIZE);
        HBox length = new HBox(6, minutes);
        length.setAlignment(height < TWO ? Pos.CENTER_RIGHT : Pos.TOP_RIGHT);
        length.setMinWidth(USE_PREF_SIZE);
        state.worst(block).ifPresent(w -> {
            Label sign = new Label(w == Finding.Weight.COULD_BE_BETTER ? "?" : "!");
            sign.getStyleClass().add(w == Finding.Weight.COULD_BE_BETTER ? "sign-poor" : "sign-bad");
            length.getChildren().add(0, sign);
        });
        return length;
    }

    private Node picture(Block block, Drill drill, double high) {
        ImageView view = new ImageView();
        view.setFitHeight(high);
        view.setFitWidth(high * WIDE);
        String key = block.play()
                .findFirst()
                .map(p -> p.drill().id() + "@" + p.drill().version())
                .orElse("");
        view.setImage(state.desk().picture(key, drill, view::setImage).orElse(null));
        StackPane frame = new StackPane(view);
        frame.getStyleClass().add("block-picture");
        frame.setMinSize(high * WIDE, high);
        frame.setMaxSize(high * WIDE, high);
        return frame;
    }

    private HBox parts(Block block, double height) {
        Optional<RoundTable> round =
                RoundTable.of(state, block, height - 8, p -> drill(p).map(d -> picture(p, d, SMALL_PICTURE)));
        if (round.isPresent()) {
            HBox table = new HBox(6, round.orElseThrow(), length(block, height));
            table.setPadding(new Insets(2, 10, 2, 8));
            return table;
        }
        HBox all = new HBox(6);
        List<Block> parts = block.parts();
        for (Block part : parts) {
            HBox line = line(part, height - 8, false);
            line.setUserData(part);
            line.setId("part-" + part.id());
            line.getStyleClass().add("block-part");
            line.pseudoClassStateChanged(CHOSEN, state.chosenProperty().get().equals(Optional.of(part.id())));
            HBox.setHgrow(line, Priority.ALWAYS);
            line.setMinWidth(0);
            line.setPrefWidth(200);
            all.getChildren().add(line);
        }
        all.getChildren().add(length(block, height));
        all.setPadding(new Insets(4, 10, 4, 6));
        return all;
    }
}

package wildchalk.desktop.practice;

import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.InvalidationListener;
import javafx.beans.Observable;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** An evening: what can be put in on the left, the column of time, and on the right what is to be known of it. */
public final class PracticeView extends BorderPane {

    private static final KeyCombination FIND = new KeyCodeCombination(KeyCode.F, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCombination RAN = new KeyCodeCombination(KeyCode.L, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCombination UNDO = new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN);
    private static final KeyCombination REDO =
            new KeyCodeCombination(KeyCode.Z, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
    private static final KeyCombination REDO_TOO = new KeyCodeCombination(KeyCode.Y, KeyCombination.SHORTCUT_DOWN);

    private final PracticeState state;
    private final PracticeTitle title;
    private final ColumnScroll column;
    private final Bin bin;
    private final BesideTime side;
    private final GroundView ground;
    private final VBox middle;

    public PracticeView(PracticeState state) {
        this.state = state;
        this.title = new PracticeTitle(state);
        this.column = new ColumnScroll(state);
        this.bin = new Bin(state, column.column());
        this.side = new BesideTime(state, this::focus);
        setId("practice-view");
        getStyleClass().add("practice-view");
        this.ground = new GroundView(state);
        this.middle = new VBox(8, title, column);
        middle.getStyleClass().add("practice-middle");
        VBox.setVgrow(column, Priority.ALWAYS);
        VBox.setVgrow(ground, Priority.ALWAYS);
        setLeft(bin);
        setCenter(middle);
        setRight(side);
        // What was found is shown when it is worked out anew.
        state.document().changesProperty().addListener(o -> {
            title.fill();
            column.column().fill();
            side.fillCard();
            ground.fill();
        });
        state.groundProperty().addListener(o -> fillMiddle());
        state.seenProperty().addListener(o -> fill());
        state.chosenProperty().addListener(o -> {
            column.column().fill();
            side.fill();
            ground.fill();
        });
        state.sideProperty().addListener(o -> side.fill());
        fill();
    }

    private void fill() {
        title.fill();
        column.column().fill();
        side.fill();
        ground.fill();
    }

    /** The column of time, or the ground in its place. */
    private void fillMiddle() {
        boolean there = state.groundProperty().get().isPresent();
        middle.getChildren().set(1, there ? ground : column);
        if (there) {
            ground.fill();
            Platform.runLater(ground::requestFocus);
        } else {
            ground.leave();
            focus();
        }
    }

    /** The book may be another by now: looks again. */
    public void enter() {
        state.fetch();
        bin.fill();
        focus();
    }

    /** Lets keys go to the column of time, as soon as it is in the window. */
    public void focus() {
        if (state.groundProperty().get().isPresent()) {
            ground.requestFocus();
            return;
        }
        TimeColumn time = column.column();
        if (time.getScene() != null) {
            time.requestFocus();
            return;
        }
        time.sceneProperty().addListener(new InvalidationListener() {
            @Override
            public void invalidated(Observable scene) {
                time.sceneProperty().removeListener(this);
                Platform.runLater(time::requestFocus);
            }
        });
    }

    /** A key that was pressed anywhere in the window while the page is shown. */
    public void key(KeyEvent e) {
        if (FIND.match(e)) {
            bin.find().requestFocus();
            bin.find().selectAll();
        } else if (RAN.match(e)) {
            state.desk().ran(state.evening());
        } else if (UNDO.match(e)) {
            state.document().undo();
        } else if (REDO.match(e) || REDO_TOO.match(e)) {
            state.document().redo();
        } else if (e.getCode() == KeyCode.ESCAPE && state.groundProperty().get().isPresent()) {
            state.showGround(Optional.empty());
        } else if (e.getCode() == KeyCode.ESCAPE) {
            state.choose(Optional.empty());
            focus();
        } else {
            return;
        }
        e.consume();
    }
}

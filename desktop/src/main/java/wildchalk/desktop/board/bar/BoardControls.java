package wildchalk.desktop.board.bar;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import wildchalk.core.drill.Drill.LineKey;
import wildchalk.core.edit.DrillEdits;
import wildchalk.core.measure.TimeFormat;
import wildchalk.desktop.board.canvas.BoardPane;
import wildchalk.desktop.board.card.TimesCard;
import wildchalk.desktop.board.state.BoardPlayer;
import wildchalk.desktop.board.state.BoardState;

/** What the board plays with, and how it looks. */
public final class BoardControls extends HBox {

    private static final double CLOCK_WIDTH = 72;
    private static final double CLOCK_HEIGHT = 28;

    private final BoardState state;
    private final Label clock = new Label();
    private final Button play = new Button();

    public BoardControls(BoardState state, BoardPlayer player, BoardPane board) {
        super(10);
        this.state = state;
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("controls");
        play.setId("play");
        play.getStyleClass().add("play");
        play.setOnAction(e -> player.playOrPause());
        getChildren()
                .addAll(
                        play,
                        clockBox(),
                        new SpeedMenu(state),
                        loop(),
                        new EffortMenu(state, () -> TimesCard.open(state, board)),
                        new LooksMenu(state),
                        lineKey(),
                        new AskControls(state, board));
        state.head().atProperty().addListener(o -> showTime());
        state.head().playingProperty().addListener(o -> showPlaying());
        state.changesProperty().addListener(o -> showPlaying());
        showTime();
        showPlaying();
    }

    /** The clock changes with every frame: unmanaged in a box of its own, it asks nobody else to lay out again. */
    private Pane clockBox() {
        clock.setId("clock");
        clock.getStyleClass().add("clock");
        Pane box = new Pane(clock);
        box.setMinSize(CLOCK_WIDTH, CLOCK_HEIGHT);
        box.setMaxSize(CLOCK_WIDTH, CLOCK_HEIGHT);
        clock.setManaged(false);
        clock.resizeRelocate(0, 0, CLOCK_WIDTH, CLOCK_HEIGHT);
        return box;
    }

    private ToggleButton loop() {
        ToggleButton loop = new ToggleButton("loop");
        loop.setId("loop");
        loop.getStyleClass().add("pill");
        loop.setTooltip(new Tooltip("Plays again and again (L)"));
        loop.selectedProperty().bindBidirectional(state.head().loopingProperty());
        return loop;
    }

    private ToggleButton lineKey() {
        ToggleButton key = new ToggleButton("passes plain");
        key.setTooltip(new Tooltip("Passes plain and runs dashed; else runs plain and passes dashed"));
        key.setAccessibleText("Passes plain, runs dashed");
        key.setId("line-key");
        key.getStyleClass().add("pill");
        key.setOnAction(
                e -> state.apply(DrillEdits.readLines(key.isSelected() ? LineKey.PASSES_PLAIN : LineKey.RUNS_PLAIN)));
        Runnable show = () -> key.setSelected(state.drill().lineKey() == LineKey.PASSES_PLAIN);
        state.changesProperty().addListener(o -> show.run());
        show.run();
        return key;
    }

    private void showTime() {
        clock.setText(TimeFormat.seconds(state.head().atProperty().get()));
    }

    private void showPlaying() {
        boolean playing = state.head().playingProperty().get();
        play.setText(playing ? "❚❚" : "▶");
        play.setAccessibleText(playing ? "Pause" : "Play");
        play.setDisable(state.timeline().duration() == 0);
    }
}

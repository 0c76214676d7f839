package wildchalk.desktop.pitchside;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Reads;
import wildchalk.core.pitchside.Says;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.desktop.board.canvas.StillBoard;
import wildchalk.desktop.board.state.BoardModel;
import wildchalk.desktop.paint.EachFrame;

/**
 * The drill of the block that is on. While it is prepared it plays, each time another way of its reads; then it stands,
 * to spare the battery, until it is asked for.
 */
final class RunBoard extends StackPane {

    private static final double SMALL = 1.5;
    private static final double LARGE = 1.2;
    /** How long the end stands before it begins anew, seconds. */
    private static final double REST = 1.2;

    private final Label words = new Label();
    private Optional<BoardModel> model = Optional.empty();
    private Optional<Block> shown = Optional.empty();
    private String rung = "";
    private int part;
    private int way;
    private double rested;
    private boolean large;
    private final EachFrame timer = new EachFrame(seconds -> model.ifPresent(m -> play(m, seconds)));
    private boolean playing;

    RunBoard() {
        setId("run-board");
        getStyleClass().add("run-board");
        setMinSize(0, 0);
        words.getStyleClass().add("run-board-words");
        words.setWrapText(true);
        words.setAlignment(Pos.CENTER);
    }

    /** Shows the block that is on, if it is not shown already. */
    void fill(RunState state) {
        Optional<Block> on = state.rundown().on();
        if (!on.equals(shown)) {
            part = 0;
        }
        if (!on.equals(shown) || !state.rung().equals(rung)) {
            shown = on;
            rung = state.rung();
            show(state);
        }
    }

    /** Shows what stands beside it. */
    void other(RunState state) {
        int parts = shown.map(b -> b.parts().size()).orElse(1);
        part = (part + 1) % parts;
        show(state);
    }

    private void show(RunState state) {
        boolean played = playing;
        play(false);
        Optional<Block> block =
                shown.map(b -> b.parts().get(Math.min(part, b.parts().size() - 1)));
        Optional<Drill> drill = block.flatMap(b -> state.briefing().drill(b));
        model = drill.map(d -> new BoardModel(d, Says.rung(d, rung).id()));
        model.ifPresentOrElse(m -> getChildren().setAll(new StillBoard(m, large ? LARGE : SMALL)), () -> {
            words.setText(block.map(BlockWords::of).orElse(""));
            getChildren().setAll(words);
        });
        play(played);
    }

    void large(boolean is, RunState state) {
        large = is;
        show(state);
    }

    boolean isPlaying() {
        return playing;
    }

    void play(boolean plays) {
        playing = plays && model.filter(m -> m.timeline().duration() > 0).isPresent();
        if (playing) {
            timer.start();
        } else {
            timer.stop();
        }
    }

    private void play(BoardModel board, double seconds) {
        double end = board.timeline().duration();
        double t = board.head().atProperty().get() + seconds;
        if (t < end) {
            rested = 0;
            board.head().atProperty().set(t);
            return;
        }
        board.head().atProperty().set(end);
        rested += seconds;
        if (rested >= REST) {
            rested = 0;
            List<Choices> ways = Reads.ways(board.stage());
            way++;
            if (ways.size() > 1) {
                board.focus().choicesProperty().set(ways.get(way % ways.size()));
            }
            board.head().atProperty().set(0);
        }
    }
}

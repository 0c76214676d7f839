package wildchalk.bench.frames;

import java.util.List;
import javafx.application.Application;

/** Starts the window whose frames are counted: one of a start, as a toolkit allows no more. */
public final class FrameBench {

    private FrameBench() {
    }

    public static void main(String[] args) {
        Application.launch(args.length > 0 && List.of("play", "still").contains(args[0]) ? BusyPlay.class : PieceDrag.class, args);
    }
}

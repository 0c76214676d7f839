package wildchalk.bench.frames;

import java.util.List;
import javafx.application.Application;

/** Starts the window whose frames are counted: one of a start, as a toolkit allows no more. */
public final class FrameBench {

    private FrameBench() {
    }

    public static void main(String[] args) {
        String what = args.length > 0 ? args[0] : "drag";
        Application.launch(List.of("ladder", "rung").contains(what) ? LadderEdit.class : List.of("play", "still").contains(what) ? BusyPlay.class : PieceDrag.class, args);
    }
}

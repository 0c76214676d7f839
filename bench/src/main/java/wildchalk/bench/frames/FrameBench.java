package wildchalk.bench.frames;

import javafx.application.Application;

/** Starts the window whose frames are counted: one of a start, as a toolkit allows no more. */
public final class FrameBench {

    private FrameBench() {
    }

    public static void main(String[] args) {
        Application.launch(args.length > 0 && args[0].equals("play") ? BusyPlay.class : PieceDrag.class, args);
    }
}

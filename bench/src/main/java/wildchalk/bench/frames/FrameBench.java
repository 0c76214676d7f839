package wildchalk.bench.frames;

import javafx.application.Application;

/** Starts the windows whose frames are counted. */
public final class FrameBench {

    private FrameBench() {
    }

    public static void main(String[] args) {
        Application.launch(ConeDrag.class);
    }
}

package wildchalk.bench.frames;

import javafx.application.Application;

/** Starts the window whose frames are counted: one of a start, as a toolkit allows no more. */
public final class FrameBench {

    private FrameBench() {}

    public static void main(String[] args) {
        String what = args.length > 0 ? args[0] : "drag";
        switch (what) {
            case "ladder", "rung" -> Application.launch(LadderEdit.class, args);
            case "evening" -> Application.launch(EveningPull.class, args);
            case "eight" -> Application.launch(EightMinutes.class, args);
            case "play", "still", "look" -> Application.launch(BusyPlay.class, args);
            default -> Application.launch(PieceDrag.class, args);
        }
    }
}

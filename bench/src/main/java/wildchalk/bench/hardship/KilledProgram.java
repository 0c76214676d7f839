package wildchalk.bench.hardship;

import javafx.application.Application;

/** Starts the window that is killed. */
public final class KilledProgram {

    private KilledProgram() {}

    /** @param args the book and the id of the drill that is edited */
    public static void main(String[] args) {
        Application.launch(KilledWindow.class, args);
    }
}

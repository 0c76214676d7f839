package wildchalk.desktop.pitchside;

import javafx.scene.control.TextField;
import wildchalk.core.pitchside.Deed;

/** A note, written down with its moment. */
final class NotePanel extends WrittenPanel {

    private static final int MOST = 1000;

    private final RunState state;
    private final Runnable close;
    private final TextField words;

    NotePanel(RunState state, Runnable close) {
        super("run-note", RunWords.say("note.title"));
        this.state = state;
        this.close = close;
        words = field("run-note-words", RunWords.say("note.name"), "", RunWords.say("note.prompt"));
        words.setOnAction(e -> keep());
        offerToKeep("run-note", RunWords.say("note.keep"), close);
    }

    @Override
    void begin() {
        words.requestFocus();
    }

    @Override
    void keep() {
        String typed = words.getText().strip();
        if (!typed.isEmpty()) {
            state.doing(new Deed.Noted(typed.substring(0, Math.min(MOST, typed.length()))));
        }
        close.run();
    }
}

package wildchalk.desktop.pitchside;

import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.pitchside.Deed;

/** A note, written down with its moment. */
final class NotePanel extends RunPanel {

    private static final double WIDE = 780;

    private static final int MOST = 1000;

    private final RunState state;
    private final Runnable close;
    private final TextField words;

    NotePanel(RunState state, Runnable close) {
        super("run-note", RunWords.say("note.title"), WIDE);
        this.state = state;
        this.close = close;
        words = field("run-note-words", RunWords.say("note.name"), "", RunWords.say("note.prompt"));
        words.setOnAction(e -> keep());
        offer(
                new KeyButton("run-note-keep", RunWords.say("key.enter"), RunWords.say("note.keep"), this::keep)
                        .strong(),
                new KeyButton("run-note-leave", RunWords.say("key.escape"), RunWords.say("leave.it"), close));
    }

    @Override
    void begin() {
        words.requestFocus();
    }

    private void keep() {
        String typed = words.getText().strip();
        if (!typed.isEmpty()) {
            state.doing(new Deed.Noted(typed.substring(0, Math.min(MOST, typed.length()))));
        }
        close.run();
    }

    @Override
    boolean key(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER) {
            keep();
            return true;
        }
        return false;
    }
}

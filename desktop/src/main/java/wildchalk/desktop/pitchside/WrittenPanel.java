package wildchalk.desktop.pitchside;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Something that is written down while it runs: Enter keeps it. */
abstract class WrittenPanel extends RunPanel {

    static final double WIDE = 780;

    WrittenPanel(String id, String heading) {
        super(id, heading, WIDE);
    }

    /** Keeps what was written. */
    abstract void keep();

    /**
     * Offers to keep it, or to leave it.
     *
     * @param id of the panel, with which those of its buttons begin
     */
    final void offerToKeep(String id, String words, Runnable close) {
        offer(
                new KeyButton(id + "-keep", RunWords.say("key.enter"), words, this::keep).strong(),
                new KeyButton(id + "-leave", RunWords.say("key.escape"), RunWords.say("leave.it"), close));
    }

    @Override
    final boolean key(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER) {
            keep();
            return true;
        }
        return false;
    }
}

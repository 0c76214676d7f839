package wildchalk.desktop.board.command;

import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * A key, or several that mean the same.
 *
 * @param label as it is written beside what it does
 * @param codes where it lies on the keyboard; none when only what it types counts
 * @param text what it types, in any case; empty when only its place counts
 * @param shortcut whether Ctrl, or what stands for it, is held
 * @param shift whether Shift must or must not be held; empty when it makes no difference
 */
public record Key(String label, Set<KeyCode> codes, String text, boolean shortcut, Optional<Boolean> shift) {

    /** A key by its place. */
    public static Key of(String label, KeyCode... codes) {
        return new Key(label, Set.of(codes), "", false, Optional.empty());
    }

    /** A key by what it types, wherever it lies. */
    public static Key typing(String text) {
        return new Key(text, Set.of(), text, false, Optional.empty());
    }

    /** A key with Ctrl. */
    public static Key ctrl(KeyCode... codes) {
        return new Key("Ctrl " + codes[0].getName(), Set.of(codes), "", true, Optional.empty());
    }

    /** The same only with Shift, or only without. */
    public Key withShift(boolean shiftHeld) {
        return new Key(label, codes, text, shortcut, Optional.of(shiftHeld));
    }

    /** The same, written nowhere: another key is named in its place. */
    public Key hidden() {
        return new Key("", codes, text, shortcut, shift);
    }

    public boolean matches(KeyEvent e) {
        return e.isShortcutDown() == shortcut
                && shift.map(s -> s == e.isShiftDown()).orElse(true)
                && (codes.contains(e.getCode()) || !text.isEmpty() && text.equalsIgnoreCase(e.getText()));
    }
}

package wildchalk.desktop.pitchside;

import java.util.Map;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.pitchside.Deed;

/** What keys and buttons of a run do, by name: a key and its button do the same. */
final class RunActions {

    private static final Map<KeyCode, String> KEYS = Map.ofEntries(
            Map.entry(KeyCode.SPACE, "stop"),
            Map.entry(KeyCode.W, "whistle"),
            Map.entry(KeyCode.RIGHT, "next"),
            Map.entry(KeyCode.LEFT, "back"),
            Map.entry(KeyCode.PLUS, "more"),
            Map.entry(KeyCode.EQUALS, "more"),
            Map.entry(KeyCode.ADD, "more"),
            Map.entry(KeyCode.S, "skip"),
            Map.entry(KeyCode.L, "late"),
            Map.entry(KeyCode.C, "call"),
            Map.entry(KeyCode.BACK_SPACE, "back-take"),
            Map.entry(KeyCode.K, "agree"),
            Map.entry(KeyCode.T, "watch"),
            Map.entry(KeyCode.P, "marks"),
            Map.entry(KeyCode.N, "note"),
            Map.entry(KeyCode.B, "board"),
            Map.entry(KeyCode.D, "play"),
            Map.entry(KeyCode.O, "other"),
            Map.entry(KeyCode.M, "quiet"),
            Map.entry(KeyCode.ESCAPE, "leave"));

    private final RunState state;
    private final RunView view;

    RunActions(RunState state, RunView view) {
        this.state = state;
        this.view = view;
    }

    /** Does what a key stands for; whether it stands for something. */
    boolean key(KeyEvent e) {
        int digit = digit(e.getCode());
        if (digit > 0) {
            CountKey.of(state, digit).ifPresent(k -> k.count(state, e.isShiftDown() && k.canMiss()));
            return true;
        }
        Optional<String> name = Optional.ofNullable(KEYS.get(e.getCode()));
        name.ifPresent(this::act);
        return name.isPresent();
    }

    private static int digit(KeyCode code) {
        return code.isDigitKey() || code.isKeypadKey() && code.getName().matches(".*\\d")
                ? code.getName().charAt(code.getName().length() - 1) - '0'
                : 0;
    }

    /** Does something by its name. */
    void act(String name) {
        boolean over = state.run().isOver();
        switch (name) {
            case "whistle" -> state.whistle();
            case "back-take" -> state.takeBack();
            case "back" -> state.doing(new Deed.Back());
            case "call" -> state.call();
            case "note" -> view.lay(new NotePanel(state, view::clear));
            case "board" -> view.enlarge();
            case "play" -> view.play();
            case "other" -> view.other();
            case "quiet" -> state.quietProperty().set(!state.quietProperty().get());
            case "leave" -> view.askToLeave();
            default -> {
                if (!over) {
                    whileOn(name);
                }
            }
        }
    }

    private void whileOn(String name) {
        switch (name) {
            case "stop" -> state.stopOrGo();
            case "next" -> state.next();
            case "more" -> state.more();
            case "skip" -> state.doing(new Deed.Skip());
            case "late" -> view.lay(new LatePanel(state, view::clear));
            case "agree" -> view.lay(new AgreePanel(state, view::clear));
            case "watch" -> view.lay(new WatchPanel(state, view::clear));
            case "marks" -> view.lay(new MarksPanel(state, view::clear));
            default -> throw new IllegalArgumentException(name);
        }
    }
}

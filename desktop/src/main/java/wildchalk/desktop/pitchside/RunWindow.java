package wildchalk.desktop.pitchside;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.stage.Window;
import wildchalk.core.pitchside.Signal;
import wildchalk.desktop.sound.Sounder;
import wildchalk.desktop.sound.Speaker;

/** The window of a run: the whole screen, its keys, and what is heard of it. */
public final class RunWindow {

    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final RunState state;
    private final RunView view;
    private final Stage stage = new Stage();
    private final Sounder sounder;
    private final Speaker speaker;
    private final Ticker ticker;
    private final Set<KeyCode> held = EnumSet.noneOf(KeyCode.class);

    private RunWindow(RunState state, Window owner, Voice voice, Runnable closed) {
        this.state = state;
        this.sounder = voice.sounder();
        this.speaker = voice.speaker();
        this.view = new RunView(state, stage::hide, this::finish);
        stage.initOwner(owner);
        stage.setTitle(RunWords.say("window", state.running().title()));
        Scene scene = new Scene(view, WIDTH, HEIGHT);
        scene.getStylesheets().setAll(List.copyOf(owner.getScene().getStylesheets()));
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, e -> held.remove(e.getCode()));
        stage.setScene(scene);
        stage.setFullScreenExitHint("");
        // Escape asks first: a sleeve on the keyboard ends no practice.
        stage.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
        stage.focusedProperty().subscribe(held::clear);
        state.onSignal(this::hear);
        state.onCall(this::say);
        ticker = new Ticker(() -> {
            state.tick();
            view.audible(!sounder.isOpened() || sounder.isAudible());
        });
        stage.setOnHidden(e -> {
            ticker.close();
            view.end();
            sounder.close();
            if (!state.running().over()) {
                state.leave();
            }
            closed.run();
        });
    }

    /**
     * What a run is heard by.
     *
     * @param sounder closed with the window
     */
    public record Voice(Sounder sounder, Speaker speaker) {}

    /**
     * Opens it.
     *
     * @param closed told when it is closed, the run finished or not
     */
    public static RunWindow open(RunState state, Window owner, Voice voice, Runnable closed) {
        RunWindow window = new RunWindow(state, owner, voice, closed);
        window.stage.show();
        window.stage.setFullScreen(true);
        window.view.requestFocus();
        return window;
    }

    private void finish() {
        state.finish();
        stage.hide();
    }

    private void hear(Signal signal) {
        boolean quiet = state.quietProperty().get();
        if (!quiet) {
            sounder.sound(signal);
        }
        if (quiet || !sounder.isAudible()) {
            view.cover().signal(signal);
        }
    }

    private void say(String word) {
        if (!state.quietProperty().get()) {
            speaker.say(word);
        }
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        boolean inField = stage.getScene().getFocusOwner() instanceof TextInputControl;
        boolean typed = inField && view.panel().map(p -> p.isTyped(e)).orElse(true);
        if (typed && e.getCode() != KeyCode.ESCAPE) {
            return;
        }
        // A key that is kept down does its work once.
        if (!held.add(e.getCode())) {
            e.consume();
            return;
        }
        if (handled(e)) {
            e.consume();
        }
    }

    private boolean handled(KeyEvent e) {
        if (view.cover().isVisible() && e.getCode() == KeyCode.ESCAPE) {
            view.cover().hide();
            return true;
        }
        if (view.panel().isPresent()) {
            if (e.getCode() == KeyCode.ESCAPE) {
                view.clear();
                return true;
            }
            return view.panel().get().key(e);
        }
        return view.actions().key(e);
    }

    public RunState state() {
        return state;
    }

    public Stage stage() {
        return stage;
    }

    /** Closes it; the run goes on by the clock. */
    public void close() {
        stage.hide();
    }
}

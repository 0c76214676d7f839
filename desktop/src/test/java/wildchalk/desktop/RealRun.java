package wildchalk.desktop;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import wildchalk.core.pitchside.Run;
import wildchalk.core.pitchside.Time;
import wildchalk.desktop.pages.RunsOfBook;
import wildchalk.desktop.pitchside.RunState;
import wildchalk.desktop.pitchside.RunWindow;
import wildchalk.desktop.sound.Sounder;
import wildchalk.desktop.sound.WrittenSpeaker;

/** A real window in which practices run, by clocks that go as fast as the test says. */
class RealRun extends RealWindow {

    /** Milliseconds that went by, and how far the clock on the wall is off besides. */
    final AtomicLong passed = new AtomicLong();

    final AtomicLong off = new AtomicLong();
    final AtomicLong begun = new AtomicLong(System.currentTimeMillis());
    final WrittenSpeaker speaker = new WrittenSpeaker();
    final AtomicReference<Stage> last = new AtomicReference<>();

    @BeforeEach
    void equip() {
        RunsOfBook.equip(new RunsOfBook.Tools(
                () -> new Time(passed.get() * 1_000_000, begun.get() + passed.get() + off.get()),
                () -> new RunWindow.Voice(Sounder.on(Optional::empty), speaker)));
    }

    @AfterEach
    void unequip() throws Exception {
        fx(() -> {
            Optional.ofNullable(last.get()).ifPresent(Stage::hide);
            return null;
        });
        RunsOfBook.equip(RunsOfBook.Tools.OF_THIS_COMPUTER);
    }

    Optional<RunWindow> window() {
        return session.window().runs().orElseThrow().window();
    }

    void run() throws Exception {
        // The key is let go in the other window.
        robot.press(KeyCode.F6).release(KeyCode.F6);
        awaitRun();
    }

    void awaitRun() throws Exception {
        await(() -> window().isPresent() && window().get().stage().isShowing());
        fx(() -> {
            last.set(window().get().stage());
            return null;
        });
        settle();
    }

    RunState state() {
        return window().orElseThrow().state();
    }

    Run now() throws Exception {
        return fx(() -> state().run());
    }

    Scene scene() {
        return window().orElseThrow().stage().getScene();
    }

    Node node(String id) {
        return scene().lookup(id);
    }

    String words(String id) throws Exception {
        return fx(() -> node(id) instanceof Label l && isSeen(l) ? l.getText() : "");
    }

    /** A key of the window of the run, as the system would tell it. */
    void key(KeyCode code, boolean shift) throws Exception {
        fx(() -> {
            Node at = scene().getFocusOwner() == null ? scene().getRoot() : scene().getFocusOwner();
            at.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, shift, false, false, false));
            at.fireEvent(new KeyEvent(KeyEvent.KEY_RELEASED, "", "", code, shift, false, false, false));
            return null;
        });
        settle();
    }

    void key(KeyCode code) throws Exception {
        key(code, false);
    }

    void goesBy(long millis) throws Exception {
        long before = now().clock();
        passed.addAndGet(millis);
        await(() -> state().run().clock() >= before + millis);
        settle();
    }

    void type(String field, String text) throws Exception {
        await(() -> node(field) != null);
        fx(() -> {
            ((TextField) node(field)).setText(text);
            return null;
        });
    }
}

package wildchalk.desktop.shots;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import javafx.scene.control.Button;
import javafx.stage.Stage;
import wildchalk.core.pitchside.Time;
import wildchalk.desktop.pages.RunsOfBook;
import wildchalk.desktop.paint.WindowPicture;
import wildchalk.desktop.pitchside.RunWindow;
import wildchalk.desktop.sound.Line;
import wildchalk.desktop.sound.Sounder;
import wildchalk.desktop.sound.WrittenSpeaker;

/** A run for its picture: on an evening of its own, by a clock that goes as far as the picture wants. */
final class RunShot {

    private static final long BEGUN = LocalDate.of(2026, 12, 1)
            .atTime(LocalTime.of(18, 16))
            .atZone(ZoneId.systemDefault())
            .toInstant()
            .toEpochMilli();

    private static final long MILLION = 1_000_000;

    private final AtomicLong passed = new AtomicLong();
    private final RunsOfBook runs;

    RunShot(RunsOfBook runs) {
        this.runs = runs;
        RunsOfBook.equip(new RunsOfBook.Tools(
                () -> new Time(passed.get() * MILLION, BEGUN + passed.get()),
                () -> new RunWindow.Voice(Sounder.on(() -> Optional.of(new Unheard())), new WrittenSpeaker())));
    }

    /** A line of which nobody hears anything: pictures are made in silence. */
    private static final class Unheard implements Line {

        @Override
        public void write(byte[] pcm, int from, int length) {
            // It is only to be seen.
        }

        @Override
        public void flush() {
            // Nothing waits in it.
        }

        @Override
        public int bufferMillis() {
            return 0;
        }

        @Override
        public void close() {
            // There is nothing to close.
        }
    }

    private Stage stage() {
        return runs.window().map(RunWindow::stage).orElseThrow();
    }

    void small() {
        stage().setFullScreen(false);
    }

    void goesBy(long millis) {
        passed.addAndGet(millis);
    }

    void press(String button) {
        ((Button) stage().getScene().lookup(button)).fire();
    }

    void picture(Path file) {
        WindowPicture.write(stage(), file);
    }

    void end() {
        stage().hide();
        RunsOfBook.equip(RunsOfBook.Tools.OF_THIS_COMPUTER);
    }
}

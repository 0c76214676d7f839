package wildchalk.bench.pitchside;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.event.EventType;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.desktop.DemoBook;
import wildchalk.desktop.page.ToRun;
import wildchalk.storage.book.Book;
import wildchalk.storage.kind.PracticeKind;

/** One long block of a demo drill in a book of its own, and the keys of the window in which it runs. */
final class RunEvening {

    private static final String DRILL = "weathervane";

    private RunEvening() {}

    /** Makes the book where there is none; what is to be run of it. */
    static ToRun in(Path file, int minutes) throws IOException {
        try (Book book = Book.open(file)) {
            if (book.of(PracticeKind.PRACTICES).list().isEmpty()) {
                DemoBook.drills().forEach(book.drills()::add);
                book.of(PracticeKind.PRACTICES).add(evening(minutes));
            }
            return new ToRun(
                    book.of(PracticeKind.PRACTICES)
                            .load(book.of(PracticeKind.PRACTICES).list().get(0).id()),
                    Map.of());
        }
    }

    private static Practice evening(int minutes) {
        LocalTime now = LocalTime.now(ZoneId.systemDefault()).truncatedTo(ChronoUnit.MINUTES);
        return Practice.empty("long", "A long one", new Slot(Optional.empty(), now, minutes))
                .with(
                        0,
                        Block.of(
                                "",
                                new Content.Play(
                                        new Content.Planned(DRILL, 0, DRILL), List.of(), 1, Content.Telling.NONE),
                                Block.Time.of(minutes)));
    }

    /** A key, as the system would tell it. */
    static void key(Scene scene, KeyCode code) {
        for (EventType<KeyEvent> what : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
            scene.getRoot().fireEvent(new KeyEvent(what, "", "", code, false, false, false, false));
        }
    }
}

package wildchalk.desktop.trouble;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wildchalk.storage.book.BookException;

class TroubleLogTest {

    @TempDir
    private Path folder;

    @AfterEach
    void stop() {
        TroubleLog.close();
    }

    @Test
    void itSaysWhatWasBeingDoneAndWhereAndNothingThatAnExceptionSays() throws IOException {
        TroubleLog.in(folder.resolve("troubles"));
        assertEquals("", TroubleLog.text());
        TroubleLog.write(new Trouble(
                "reading files to take in",
                new IllegalStateException(
                        "Barnaby Quill's drill in C:\\Quill", new IOException("Ottoline cannot be read"))));
        String text = TroubleLog.text();
        assertTrue(text.contains("reading files to take in"), text);
        assertTrue(text.contains("java.lang.IllegalStateException") && text.contains("java.io.IOException"), text);
        assertTrue(text.contains("TroubleLogTest.itSaysWhatWasBeingDone"), text);
        assertTrue(text.matches("(?s)\\d{4}-\\d\\d-\\d\\d \\d\\d:\\d\\d:\\d\\d .*"), text);
        assertFalse(text.contains("Quill") || text.contains("Ottoline"), text);
    }

    @Test
    void itTurnsRoundWhenItIsFullAndGoesOnAfterARestart() throws IOException {
        for (int start = 0; start < 3; start++) {
            TroubleLog.in(folder);
            for (int i = 0; i < 900; i++) {
                TroubleLog.write(new Trouble("making trouble " + i, new IllegalStateException()));
            }
        }
        try (Stream<Path> files = Files.list(folder)) {
            long size = files.mapToLong(f -> f.toFile().length()).sum();
            assertTrue(size > 200_000 && size < 3 * 220_000, size + " bytes");
        }
        assertTrue(TroubleLog.text().endsWith("\n") && TroubleLog.text().contains("making trouble 899"));
    }

    @Test
    void whereNothingCanBeWrittenThatIsNoTroubleOfItsOwn() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "x");
        TroubleLog.in(file.resolve("inside"));
        TroubleLog.write(new Trouble("anything", new IllegalStateException()));
        assertEquals(Optional.empty(), TroubleLog.file());
        assertEquals("", TroubleLog.text());
    }

    @Test
    void theBooksOwnWordsAreSaidWhereThereAreSome() {
        Trouble inBook = new Trouble("x", new IllegalStateException(new BookException("The shelf fell down.", null)));
        assertEquals("The shelf fell down.", inBook.words("Otherwise."));
        assertEquals(
                "Otherwise.", new Trouble("x", new IllegalStateException("no words for a coach")).words("Otherwise."));
    }
}

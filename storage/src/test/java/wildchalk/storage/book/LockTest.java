package wildchalk.storage.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LockTest {

    @TempDir
    private Path folder;

    private Path book() {
        return folder.resolve("Otters.chalkbook");
    }

    @Test
    void oneWindowHasABookAndTheNextHasItAfterwards() throws IOException {
        try (Lock first = Lock.take(book()).orElseThrow()) {
            assertEquals(Optional.empty(), Lock.take(book()));
        }
        Optional<Lock> second = Lock.take(book());
        assertTrue(second.isPresent());
        second.get().close();
    }

    @Test
    void booksDoNotStandInEachOthersWay() throws IOException {
        try (Lock one = Lock.take(book()).orElseThrow();
                Lock other = Lock.take(folder.resolve("Away days.chalkbook")).orElseThrow()) {
            assertFalse(one.equals(other));
        }
    }

    @Test
    void whereNothingCanBeWrittenThereIsNoLock() {
        assertThrows(IOException.class, () -> Lock.take(folder.resolve("gone").resolve("Otters.chalkbook")));
    }

    /** A program that is stopped has no chance to give anything back; the system does it. */
    @Test
    void aProgramThatIsStoppedHoldsNothing() throws Exception {
        Process other = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElseThrow(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Holder.class.getName(),
                        book().toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try {
            assertEquals('h', other.getInputStream().read(), "it holds it");
            assertEquals(Optional.empty(), Lock.take(book()));
        } finally {
            other.destroyForcibly().waitFor();
        }
        Optional<Lock> free = Lock.take(book());
        assertTrue(free.isPresent());
        free.get().close();
    }

    /** Another program that has a book open and never ends by itself. */
    static final class Holder {

        private Holder() {}

        public static void main(String[] args) throws Exception {
            try (Lock lock = Lock.take(Path.of(args[0])).orElseThrow()) {
                System.out.print("h");
                System.out.flush();
                Thread.sleep(Long.MAX_VALUE);
            }
        }
    }
}

package wildchalk.desktop.keeping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OpenAlreadyTest {

    @TempDir
    Path folder;

    @Test
    void filesGoToWhoeverHasTheBookOpenOneAfterTheOther() throws Exception {
        Path socket = folder.resolve("open");
        BlockingQueue<Path> taken = new LinkedBlockingQueue<>();
        try (OpenAlready open = OpenAlready.listen(socket, taken::add)) {
            assertTrue(OpenAlready.hand(folder.resolve("Größe 3.drill.json"), socket));
            assertThrows(
                    IOException.class,
                    () -> OpenAlready.listen(socket, f -> {}),
                    "a second window leaves it to the first");
            assertTrue(OpenAlready.hand(folder.resolve("b.drill.json"), socket));
            assertEquals(folder.resolve("Größe 3.drill.json"), taken.poll(60, TimeUnit.SECONDS));
            assertEquals(folder.resolve("b.drill.json"), taken.poll(60, TimeUnit.SECONDS));
        }
        assertFalse(OpenAlready.hand(folder.resolve("c.drill.json"), socket), "nobody is there any more");
        assertFalse(Files.exists(socket));
    }

    @Test
    void whatAProgramLeftBehindThatWasCutOffIsInNobodysWay() throws IOException {
        Path socket = folder.resolve("open");
        Files.writeString(socket, "");
        assertFalse(OpenAlready.hand(folder.resolve("a.drill.json"), socket));
        try (OpenAlready open = OpenAlready.listen(socket, f -> {})) {
            assertTrue(OpenAlready.hand(folder.resolve("a.drill.json"), socket));
        }
    }

    @Test
    void placeWhereNobodyCanListenIsSaidAndNothingHangs() {
        Path deep = folder.resolve("x".repeat(200)).resolve("open");
        assertFalse(OpenAlready.hand(folder.resolve("a.drill.json"), deep));
        assertThrows(IOException.class, () -> OpenAlready.listen(deep, f -> {}));
    }
}

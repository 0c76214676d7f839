package wildchalk.launcher;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class QuickStartTest {

    @TempDir
    Path folder;

    private QuickStart at(String classPath) {
        return new QuickStart(folder, classPath);
    }

    @Test
    void archiveIsWantedOnceForEachPlaceAndNeverWithoutAList() throws IOException {
        assertFalse(at("a.jar").isWanted(), "nothing that it could be made from");
        Files.writeString(folder.resolve("classes.list"), "java/lang/Object\n");
        assertTrue(at("a.jar").isWanted());
        Files.writeString(folder.resolve("classes.place"), "a.jar");
        assertTrue(at("a.jar").isWanted(), "it was begun, and is not there");
        Files.writeString(folder.resolve("classes.jsa"), "made");
        assertFalse(at("a.jar").isWanted());
        assertTrue(at("elsewhere/a.jar").isWanted(), "the folder was moved");
    }

    @Test
    void runtimeMakesItFromTheList() throws Exception {
        Files.writeString(folder.resolve("classes.list"), "java/lang/Object\njava/lang/String\n");
        Process made = new ProcessBuilder(at("").command(QuickStart.java()))
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        assertTrue(made.waitFor(120, TimeUnit.SECONDS));
        assertEquals(0, made.exitValue());
        assertTrue(Files.size(folder.resolve("classes.jsa")) > 0);
    }
}

package wildchalk.desktop.sound;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The speech program of a system, in whose place one stands here that writes down what it is told. */
class SystemSpeakerTest {

    @TempDir
    Path folder;

    private void program(String name) throws IOException {
        Path program = Files.writeString(
                folder.resolve(name), "#!/bin/sh\nprintf '%s\\n' \"$*\" >> '" + folder.resolve("said.txt") + "'\n");
        Files.setPosixFilePermissions(program, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    private List<String> said(int lines) throws Exception {
        Path said = folder.resolve("said.txt");
        while (!Files.exists(said) || Files.readAllLines(said).size() < lines) {
            Thread.sleep(5);
        }
        return Files.readAllLines(said);
    }

    @Test
    void aWordIsHandedToTheProgram() throws Exception {
        program("espeak");
        Speaker speaker = SystemSpeaker.among("/nowhere:" + folder, "Linux").orElseThrow();
        assertTrue(speaker.isAudible());
        speaker.say("near post; rm -r");
        assertEquals("near post; rm -r", said(1).get(0), "it is a word and nothing else");
        speaker.say("-v");
        assertEquals(" -v", said(2).get(1), "and never a setting");
    }

    @Test
    void whereThereIsNoneItIsWrittenDown() {
        assertTrue(SystemSpeaker.among(folder.toString(), "Linux").isEmpty());
        assertTrue(SystemSpeaker.among(null, "Linux").isEmpty());
        assertTrue(SystemSpeaker.among("", "Windows 11").isEmpty());
        WrittenSpeaker written = new WrittenSpeaker();
        written.say("left");
        written.say("right");
        assertEquals(List.of("left", "right"), written.said());
        assertTrue(!written.isAudible());
    }
}

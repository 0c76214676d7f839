package wildchalk.handout.order;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whole or not at all, and in words when not. */
class DeliveryTest {

    @TempDir
    Path folder;

    private static String refused(Path target, Delivery.Writing writing) {
        return assertThrows(Undelivered.class, () -> Delivery.deliver(target, writing))
                .getMessage();
    }

    private void nothingLeftOver() throws IOException {
        try (var files = Files.list(folder)) {
            assertTrue(files.noneMatch(f -> f.toString().endsWith(".part")));
        }
    }

    @Test
    void whatIsWholeReplacesWhatWasThere() throws Exception {
        Path target = Files.writeString(folder.resolve("x.txt"), "old");
        Delivery.deliver(target, part -> {
            assertEquals("old", Files.readString(target), "until it is whole the old one stays");
            Files.writeString(part, "new");
        });
        assertEquals("new", Files.readString(target));
        Path usual = Files.writeString(folder.resolve("usual.txt"), "");
        assertEquals(
                Files.getPosixFilePermissions(usual),
                Files.getPosixFilePermissions(target),
                "others may read what any other file lets them read");
        nothingLeftOver();
    }

    @Test
    void halfAFileIsNoFile() throws Exception {
        Path target = Files.writeString(folder.resolve("x.txt"), "old");
        String words = refused(target, part -> {
            Files.writeString(part, "half");
            throw new IOException("No space left on device");
        });
        assertEquals(
                "The disk is full. Make room, or choose a folder on another disk. The file that was there is as "
                        + "it was.",
                words);
        assertEquals("old", Files.readString(target));
        nothingLeftOver();
    }

    /** A disk of 64 KB, where the machine lets us have one. */
    @Test
    void aFullDiskIsSaidToBeFull() throws Exception {
        Path disk = Files.createDirectory(folder.resolve("disk"));
        boolean mounted = new ProcessBuilder("mount", "-t", "tmpfs", "-o", "size=64k", "none", disk.toString())
                        .redirectErrorStream(true)
                        .start()
                        .waitFor()
                == 0;
        Assumptions.assumeTrue(mounted, "no small disk can be had here");
        try {
            Path target = Files.writeString(disk.resolve("x.txt"), "old");
            String words = refused(target, part -> Files.write(part, new byte[1 << 20]));
            assertTrue(words.startsWith("The disk is full."), words);
            assertEquals("old", Files.readString(target));
            assertEquals(1, disk.toFile().list().length);
        } finally {
            new ProcessBuilder("umount", disk.toString()).start().waitFor();
        }
    }

    @Test
    void whereNothingCanBeWrittenIsSaid() {
        assertTrue(refused(folder.resolve("none").resolve("x.txt"), part -> {})
                .contains("is not there. Choose another one."));
        assertTrue(refused(folder, part -> {}).contains("is a folder"));
        // Not even the system's own user writes there.
        Assumptions.assumeTrue(Files.isDirectory(Path.of("/proc")));
        assertTrue(
                refused(Path.of("/proc/x.txt"), part -> {}).startsWith("Nothing can be written into"),
                "a folder that cannot be written to");
    }

    @Test
    void aFileThatIsOpenElsewhereIsNamed() throws Exception {
        Path target = Files.writeString(folder.resolve("x.pdf"), "old");
        String words = refused(target, part -> {
            throw new FileSystemException(target.toString(), null, "being used by another process");
        });
        assertEquals(
                "x.pdf cannot be replaced: it may be open in another program. Close it there, or choose another name. "
                        + "The file that was there is as it was.",
                words);
        assertEquals("old", Files.readString(target));
    }
}

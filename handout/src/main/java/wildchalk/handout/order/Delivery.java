package wildchalk.handout.order;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Locale;
import java.util.UUID;

/** Puts a file where it belongs: whole or not at all, and what was there stays until the new one is whole. */
public final class Delivery {

    /** Less room than this on a disk is none, bytes. */
    private static final long FULL = 1 << 16;

    private Delivery() {}

    /** Writes a file. */
    @FunctionalInterface
    public interface Writing {
        void to(Path file) throws IOException;
    }

    /**
     * Writes beside the target, then puts it in its place.
     *
     * @throws Undelivered when it could not be, with what to do; the target is as it was
     * @throws Cancelled when it was stopped; the target is as it was
     */
    public static void deliver(Path target, Writing writing) throws Undelivered, Cancelled {
        Path folder = target.toAbsolutePath().getParent();
        expect(folder);
        if (Files.isDirectory(target)) {
            throw new Undelivered(target.getFileName() + " is a folder. Choose another name.", null);
        }
        Path part = null;
        try {
            // Not a temporary file of the system's making: those are for nobody else to read, and this one is to be
            // handed out.
            part = Files.createFile(folder.resolve(".wildchalk-" + UUID.randomUUID() + ".part"));
            writing.to(part);
            Files.move(part, target, StandardCopyOption.REPLACE_EXISTING);
        } catch (Cancelled e) {
            throw e;
        } catch (IOException e) {
            throw new Undelivered(
                    reason(e, target, folder, part)
                            + (Files.exists(target) ? " The file that was there is as it was." : ""),
                    e);
        } finally {
            remove(part);
        }
    }

    /**
     * Sees to it that something can be put into a folder.
     *
     * @throws Undelivered when it is not there, with what to do
     */
    public static void expect(Path folder) throws Undelivered {
        if (folder == null || !Files.isDirectory(folder)) {
            throw new Undelivered("The folder " + folder + " is not there. Choose another one.", null);
        }
    }

    private static void remove(Path part) {
        try {
            if (part != null) {
                Files.deleteIfExists(part);
            }
        } catch (IOException e) {
            // A leftover part does no harm, and why the writing failed matters more.
            part.toFile().deleteOnExit();
        }
    }

    private static String reason(IOException e, Path target, Path folder, Path part) {
        String said = String.valueOf(e.getMessage()).toLowerCase(Locale.ROOT);
        if (said.contains("no space")
                || said.contains("disk full")
                || said.contains("not enough space")
                || part != null && isFull(folder)) {
            return "The disk is full. Make room, or choose a folder on another disk.";
        }
        if (part == null) {
            return "Nothing can be written into " + folder + ". Choose another folder.";
        }
        if (e instanceof FileSystemException && !(e instanceof AccessDeniedException && !Files.exists(target))) {
            return target.getFileName()
                    + " cannot be replaced: it may be open in another program. Close it there, or choose another name.";
        }
        return target.getFileName() + " could not be written (" + e.getMessage()
                + "). Choose another folder, or try once more.";
    }

    private static boolean isFull(Path folder) {
        try {
            return Files.getFileStore(folder).getUsableSpace() < FULL;
        } catch (IOException e) {
            return false;
        }
    }
}

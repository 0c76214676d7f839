package wildchalk.storage.book;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/**
 * Says that a window has a book. The system gives it back when a program ends, however it ends; the file beside the
 * book stays, because taking it away could let two windows in.
 */
final class Lock implements AutoCloseable {

    private final FileChannel channel;

    private Lock(FileChannel channel) {
        this.channel = channel;
    }

    /**
     * Takes the lock of a book; empty when another window has it.
     *
     * @throws IOException when nothing can be written beside the book
     */
    static Optional<Lock> take(Path book) throws IOException {
        FileChannel channel = FileChannel.open(
                book.resolveSibling("." + book.getFileName() + ".lock"),
                StandardOpenOption.CREATE,
                StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return Optional.of(new Lock(channel));
            }
        } catch (OverlappingFileLockException e) {
            // Another window of this very program.
        } catch (IOException e) {
            channel.close();
            throw e;
        }
        channel.close();
        return Optional.empty();
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException e) {
            // The system lets go of it when the program ends.
        }
    }
}

package wildchalk.storage.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import wildchalk.core.wording.Wordbook;

/** Moves a book that no window has open to another place, with its copies. */
public final class BookMove {

    private static final Wordbook BOOK = Wordbook.beside(BookMove.class, "Move");

    private BookMove() {}

    /**
     * Moves it. It is there whole before it is taken away here; if anything goes wrong it stays. Its copies follow,
     * each of which that cannot stays where it is.
     *
     * @param to the file it is to be; nothing may be there
     * @return that file
     * @throws BookException in a coach's words, when it cannot be moved
     */
    public static Path move(Path from, Path to) {
        if (Files.exists(to)) {
            throw new BookException(BOOK.say("taken"), null);
        }
        Path part = to.resolveSibling(to.getFileName() + ".part");
        // Whoever else has it open would go on writing into what is taken away.
        try (Lock free = Lock.take(from).orElseThrow(() -> new BookException(BOOK.say("written"), null))) {
            Path log = from.resolveSibling(from.getFileName() + "-wal");
            if (Files.exists(log) && Files.size(log) > 0) {
                throw new BookException(BOOK.say("written"), null);
            }
            Files.copy(from, part, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.COPY_ATTRIBUTES);
            if (!isSound(part)) {
                throw new IOException(part.toString());
            }
            Files.move(part, to, StandardCopyOption.ATOMIC_MOVE);
            copiesFollow(from, to);
            Files.delete(from);
            return to;
        } catch (IOException | IllegalStateException | JdbiException e) {
            clear(part);
            throw new BookException(BOOK.say("impossible"), e);
        }
    }

    private static boolean isSound(Path copy) {
        try (Handle open = Sqlite.open(Sqlite.still(copy))) {
            return Opening.faults(open).isEmpty();
        }
    }

    private static void copiesFollow(Path from, Path to) {
        for (Copies.Copy copy : Copies.of(from)) {
            Path there = Copies.folder(to).resolve(copy.file().getFileName());
            try {
                Files.createDirectories(there.getParent());
                Files.move(copy.file(), there);
            } catch (IOException e) {
                // It stays beside where the book was, where it can be opened as before.
            }
        }
        try {
            Files.deleteIfExists(Copies.folder(from));
        } catch (IOException e) {
            // Something else lies in it, and stays.
        }
    }

    private static void clear(Path part) {
        try {
            Files.deleteIfExists(part);
        } catch (IOException e) {
            // Half a file of a name that nothing reads.
        }
    }
}

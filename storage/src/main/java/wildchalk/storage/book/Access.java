package wildchalk.storage.book;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;

/**
 * The way to a book's file, one call at a time, each a transaction. When the file cannot be written, work goes on in
 * memory, what was done is remembered, and it is done to the file as soon as that can be.
 */
final class Access implements AutoCloseable {

    private final Path file;
    private final Clock clock;
    private final Copies copies;
    private final List<Function<Handle, ?>> waiting = new ArrayList<>();
    private Handle handle;
    private Standing.Kind kind;
    private Optional<Lock> lock;
    private Optional<Handle> unwritable = Optional.empty();
    private String stamp;
    private Optional<String> word = Optional.empty();

    private Access(Path file, Clock clock, Opening.Opened opened) {
        this.file = file;
        this.clock = clock;
        this.copies = new Copies(file, clock);
        this.handle = opened.handle();
        this.kind = opened.kind();
        this.lock = opened.lock();
    }

    /** Opens a file, as {@link Opening} says. */
    static Access to(Path file, Clock clock) {
        Access access = new Access(file, clock, Opening.open(file, clock));
        try {
            access.stamp = access.ask(Access::stamp);
            return access;
        } catch (BookException e) {
            access.close();
            throw e;
        }
    }

    Path file() {
        return file;
    }

    synchronized Standing standing() {
        return new Standing(kind, waiting.size());
    }

    synchronized Optional<String> word() {
        Optional<String> said = word;
        word = Optional.empty();
        return said;
    }

    synchronized <T> T ask(Function<Handle, T> question) {
        try {
            return handle.inTransaction(question::apply);
        } catch (JdbiException e) {
            throw inWords(e);
        }
    }

    synchronized <T> T change(Function<Handle, T> work) {
        if (kind == Standing.Kind.KEEPING) {
            try {
                copyOfToday();
                return handle.inTransaction(work::apply);
            } catch (JdbiException e) {
                if (!Sqlite.isOutOfReach(e)) {
                    throw inWords(e);
                }
                goOnInMemory(e);
            }
        }
        T done = ask(work);
        waiting.add(work);
        return done;
    }

    /**
     * Takes something out of the file and all that lies beside it for good.
     *
     * @return files beside it in which that could not be done
     * @throws BookException when the book is not open for writing, or something else reads it
     */
    synchronized List<Path> forget(Forgetting forgetting) {
        if (kind != Standing.Kind.KEEPING) {
            throw new BookException(Forgetting.BOOK.say("unwritable"), null);
        }
        try {
            forgetting.in(handle);
        } catch (JdbiException e) {
            throw inWords(e);
        }
        return forgetting.beside(file);
    }

    /**
     * Works with what follows from the drills: where that is spoilt it is made anew, where it cannot be written it is
     * not.
     *
     * @return empty when it could not be done
     */
    synchronized <T> Optional<T> derive(Function<Handle, T> work) {
        try {
            return Optional.ofNullable(handle.inTransaction(work::apply));
        } catch (JdbiException e) {
            if (!Sqlite.isDamage(e)) {
                return Optional.empty();
            }
        }
        return Optional.ofNullable(ask(h -> {
            new Catalogue(h).rebuild();
            return work.apply(h);
        }));
    }

    /** Looks at the file through a way of its own, so that nobody waits for it. */
    void beside(Consumer<Handle> look) {
        try (Handle own = Sqlite.another(file)) {
            look.accept(own);
        } catch (JdbiException e) {
            throw inWords(e);
        }
    }

    private void goOnInMemory(JdbiException cause) {
        try {
            Handle memory = Sqlite.inMemory(handle);
            unwritable = Optional.of(handle);
            handle = memory;
            kind = Standing.Kind.WAITING;
        } catch (JdbiException | IllegalStateException e) {
            throw inWords(cause);
        }
    }

    /** Does what waits to the file; whether that could be done. */
    synchronized boolean tryAgain() {
        if (kind == Standing.Kind.KEEPING || kind == Standing.Kind.NEWER) {
            return false;
        }
        try {
            if (unwritable.isEmpty()) {
                return takenOver();
            }
            goOnIn(unwritable.get());
            return true;
        } catch (JdbiException | BookException e) {
            return false;
        }
    }

    /**
     * Takes the file, when it can be written again and nobody else has changed what edits here began from; else lets go
     * of it.
     */
    private boolean takenOver() {
        Opening.Opened again = Opening.open(file, clock);
        boolean taken = false;
        try {
            if (again.kind() == Standing.Kind.KEEPING
                    && (waiting.isEmpty() || stamp(again.handle()).equals(stamp))) {
                goOnIn(again.handle());
                lock = again.lock();
                taken = true;
            }
            return taken;
        } finally {
            if (!taken) {
                again.handle().close();
                again.lock().ifPresent(Lock::close);
            }
        }
    }

    /** Does what waits, all or nothing of it, and works on there. */
    private void goOnIn(Handle writable) {
        writable.useTransaction(h -> {
            // Even where nothing waits it is known then whether it can be written.
            h.execute("UPDATE setting SET value = value WHERE name = ''");
            for (Function<Handle, ?> work : waiting) {
                Object unused = work.apply(h);
            }
        });
        handle.close();
        handle = writable;
        unwritable = Optional.empty();
        kind = Standing.Kind.KEEPING;
        waiting.clear();
    }

    /** Tells whether a file is still what was read into memory. */
    private static String stamp(Handle h) {
        return h.createQuery("SELECT count(*) || ' ' || coalesce(max(changed), 0) || ' ' || coalesce(sum(sum), 0) "
                        + "FROM kept INDEXED BY listed")
                .mapTo(String.class)
                .one();
    }

    private BookException inWords(JdbiException e) {
        return Sqlite.isDamage(e) ? new DamagedBook(file, e) : Opening.cannotWrite(file, e);
    }

    /** Before the first edit of a day. An edit is kept even where the copy is not. */
    private void copyOfToday() {
        try {
            copies.ofToday(handle);
        } catch (IOException e) {
            word = Optional.of(
                    "Today's copy of the book could not be made. The book itself is safe, and edits are kept in it. "
                            + "Check that there is room on the disk.");
        }
    }

    @Override
    public synchronized void close() {
        handle.close();
        unwritable.ifPresent(Handle::close);
        lock.ifPresent(Lock::close);
    }
}

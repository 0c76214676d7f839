package wildchalk.storage.book;

import com.fasterxml.jackson.databind.node.TextNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.JdbiException;
import wildchalk.core.document.Document;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.kind.Kind;

/**
 * Takes something out of documents for good: out of what they are now, out of every version, and out of the room in the
 * file that older states left free.
 *
 * @param texts the documents that it is taken out of
 * @param word what may stand nowhere any more, such as a name; names of what was done have {@link #SOMEBODY} there
 */
record Forgetting(List<Text<?>> texts, String word) {

    /**
     * Documents of a kind.
     *
     * @param id of the document; empty for all of the kind in which the word stands
     * @param without the document without it, whatever state of it is given
     */
    record Text<T extends Document<T>>(Kind<T> kind, Optional<String> id, UnaryOperator<T> without) {}

    static final Wordbook BOOK = Wordbook.beside(Forgetting.class, "Forgetting");

    /** What stands in place of a name that may not stand any more. */
    static final String SOMEBODY = BOOK.say("somebody");

    /** Does it to a book that is open for writing, all or nothing, and leaves no old state of it in the file. */
    void in(Handle h) {
        h.createQuery("PRAGMA secure_delete = ON").mapTo(Integer.class).one();
        h.useTransaction(this::rewrite);
        h.execute("VACUUM");
        int busy = h.createQuery("PRAGMA wal_checkpoint(TRUNCATE)")
                .map((row, c) -> row.getInt(1))
                .one();
        if (busy != 0) {
            throw new BookException(BOOK.say("busy"), null);
        }
    }

    private void rewrite(Handle h) {
        texts.forEach(t -> rewrite(h, t));
    }

    private <T extends Document<T>> void rewrite(Handle h, Text<T> text) {
        List<String> ids = text.id().map(List::of).orElseGet(() -> new DocumentRows(h)
                .list(text.kind().word()).stream().map(Kept.Listed::id).toList());
        ids.forEach(id -> rewrite(h, text, id));
    }

    private <T extends Document<T>> void rewrite(Handle h, Text<T> text, String id) {
        Kind<T> kind = text.kind();
        DocumentRows rows = new DocumentRows(h);
        rows.get(kind.word(), id).filter(row -> concerns(text, row.body())).ifPresent(row -> {
            T now = text.without()
                    .apply(Kept.parse(kind, BOOK.say("this.book"), row.body()).document());
            rows.put(
                    new DocumentRows.Raw(kind.word(), id, now.listed(), kind.write(now), row.dates(), row.favourite()));
            // What is known of it at a glance may say it too, and is worked out again.
            h.execute("DELETE FROM kept_glance WHERE kind = ? AND id = ?", kind.word(), id);
        });
        VersionRows versions = new VersionRows(h);
        for (Version<T> version : versions.of(kind, id)) {
            if (version.body() == null || version.edit().contains(word) || concerns(text, version.text())) {
                h.execute("DELETE FROM kept_version WHERE kind = ? AND id = ? AND n = ?", kind.word(), id, version.n());
                rewritten(text, id, version).ifPresent(versions::put);
            }
        }
    }

    /** One that is named is written anew whatever stands in it: it may know somebody by an id. */
    private boolean concerns(Text<?> text, String body) {
        String written = TextNode.valueOf(word).toString();
        return text.id().isPresent() || body.contains(written.substring(1, written.length() - 1));
    }

    /** Empty for a version that cannot be read: nobody can know whether it is in there. */
    private <T extends Document<T>> Optional<VersionRows.Raw> rewritten(Text<T> text, String id, Version<T> version) {
        if (version.body() == null) {
            return Optional.empty();
        }
        try {
            Kind<T> kind = text.kind();
            T then = text.without().apply(kind.read(version.text()).document());
            return Optional.of(new VersionRows.Raw(
                    kind.word(),
                    id,
                    version.n(),
                    version.edit().replace(word, SOMEBODY),
                    Packing.pack(kind.write(then)),
                    version.made()));
        } catch (FormatException | BookException e) {
            return Optional.empty();
        }
    }

    /**
     * Does it to everything that lies beside a book: the copies of its days and what was saved of it. A damaged book
     * that was put beside goes: it cannot be read, so nobody can know what is in it.
     *
     * @return the files in which it could not be done
     */
    List<Path> beside(Path book) {
        List<Path> left = new ArrayList<>();
        List<Path> files =
                new ArrayList<>(Copies.of(book).stream().map(Copies.Copy::file).toList());
        files.add(Contents.saved(book));
        for (Path file : files) {
            if (Files.exists(file) && !isDoneIn(file)) {
                left.add(file);
            }
        }
        for (Path damaged : Contents.damaged(book)) {
            try {
                Files.deleteIfExists(damaged);
            } catch (IOException e) {
                left.add(damaged);
            }
        }
        return left;
    }

    private boolean isDoneIn(Path file) {
        try (Handle h = Sqlite.open(Sqlite.writing(file))) {
            // Before there were kinds of documents there were drills alone.
            if (h.createQuery("SELECT count(*) FROM sqlite_master WHERE name = 'kept'")
                            .mapTo(Integer.class)
                            .one()
                    > 0) {
                in(h);
            }
            return true;
        } catch (JdbiException | BookException e) {
            return false;
        }
    }
}

package wildchalk.storage.book;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.jdbi.v3.core.Handle;
import wildchalk.core.document.Document;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.Told;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Ref;
import wildchalk.storage.kind.Typed;

/**
 * The documents of one kind in a book. Calls may come from any thread, one at a time; each that changes something is
 * one transaction.
 *
 * @param <T> the document
 */
public final class Kept<T extends Document<T>> {

    /**
     * Of old versions no more letters than these are read again for undo, so that it takes a second and not ten;
     * measured.
     */
    private static final int MOST_LETTERS = 8_000_000;

    private final Kind<T> kind;
    private final Access access;
    private final Clock clock;
    private final Set<Ref> unkept;

    Kept(Kind<T> kind, Access access, Clock clock, Set<Ref> unkept) {
        this.kind = kind;
        this.access = access;
        this.clock = clock;
        this.unkept = unkept;
    }

    /**
     * What is known of a document without reading it.
     *
     * @param changed in milliseconds since 1970
     * @param deleted when it was put aside, in the same; 0 while it is in the book
     * @param used when it was last used; 0 for never
     */
    public record Listed(String id, String title, long changed, long deleted, boolean favourite, long used) {

        /** Whether it was put aside. */
        public boolean isAside() {
            return deleted > 0;
        }
    }

    /** Every document of the kind, put aside or not, the one changed last first. */
    public List<Listed> list() {
        return access.ask(h -> new DocumentRows(h).list(kind.word()));
    }

    /**
     * The document with this id.
     *
     * @throws BookException when there is none, or it is damaged
     */
    public T load(String id) {
        return find(id).orElseThrow(this::gone);
    }

    private BookException gone() {
        return new BookException("That " + kind.word() + " is no longer in the book.", null);
    }

    /** The text of a document, to be read on any thread; empty when there is none. */
    public Optional<String> text(String id) {
        return access.ask(h -> new DocumentRows(h).get(kind.word(), id)).map(DocumentRows.Raw::body);
    }

    /** The document; empty when there is none. */
    public Optional<T> find(String id) {
        return told(id).map(Told::document);
    }

    /** The document, and what should be known of how it was read; empty when there is none. */
    public Optional<Told<T>> told(String id) {
        return text(id).map(body -> parse(kind, access.file().getFileName().toString(), body));
    }

    /** Adds a document; it gets another id when its own is taken. The document as it stands in the book. */
    public T add(T document) {
        return addAll(List.of(document), "New " + kind.word()).get(0);
    }

    /**
     * Adds documents, all or none; each gets another id when its own is taken. The documents as they stand in the book.
     */
    public List<T> addAll(List<T> documents, String edit) {
        long now = clock.millis();
        List<T> added = access.change(h -> {
            List<T> fresh = new ArrayList<>();
            documents.forEach(d -> fresh.add(insert(h, kind, d, edit, now)));
            return fresh;
        });
        touch(added.stream().map(Document::id).toList());
        return added;
    }

    /**
     * Keeps a document as an edit has left it.
     *
     * @param edit the name of what was done
     */
    public void keep(T document, String edit) {
        long now = clock.millis();
        access.change(h -> {
            change(h, kind, document, edit, now);
            return null;
        });
        touch(List.of(document.id()));
    }

    /** Adds a document under a free id. */
    static <T extends Document<T>> T insert(Handle h, Kind<T> kind, T document, String edit, long now) {
        T free = document.withId(new DocumentRows(h).free(kind.word(), document.id()));
        change(h, kind, free, edit, now);
        return free;
    }

    /** Keeps a document as it is now, with a version of it. */
    static <T extends Document<T>> void change(Handle h, Kind<T> kind, T document, String edit, long now) {
        new VersionRows(h).add(kind.word(), document.id(), edit, new DocumentRows(h).change(kind, document, now), now);
    }

    private void touch(List<String> ids) {
        if (!access.standing().isKept()) {
            ids.forEach(id -> unkept.add(new Ref(kind.word(), id)));
        }
    }

    /**
     * Documents of another kind in which something is to be forgotten too, wherever it stands in one.
     *
     * @param without a document without it, whatever state of it is given
     */
    public record Also<U extends Document<U>>(Kind<U> kind, UnaryOperator<U> without) {}

    /**
     * Takes something out of a document for good: out of what it is, out of all its versions, out of the daily copies
     * and of what was saved from damage, and out of the room that is free in those files. It cannot be taken back.
     *
     * @param without the document without it, whatever state of it is given
     * @param word what may stand in no name of what was done any more, such as a name
     * @param also where else it may stand
     * @return files beside the book in which it could not be done
     * @throws BookException when the book is not open for writing, or something else reads it
     */
    public List<Path> forget(String id, UnaryOperator<T> without, String word, List<Also<?>> also) {
        List<Forgetting.Text<?>> texts = new ArrayList<>();
        texts.add(new Forgetting.Text<>(kind, Optional.of(id), without));
        also.forEach(a -> texts.add(everywhere(a)));
        return access.forget(new Forgetting(texts, word));
    }

    private static <U extends Document<U>> Forgetting.Text<U> everywhere(Also<U> also) {
        return new Forgetting.Text<>(also.kind(), Optional.empty(), also.without());
    }

    /** The documents that were changed and are in memory only. */
    public List<T> unkept() {
        return Set.copyOf(unkept).stream()
                .filter(r -> r.kind().equals(kind.word()))
                .map(r -> load(r.id()))
                .toList();
    }

    /** Every version of a document that is there, newest first. */
    public List<Version<T>> history(String id) {
        return access.ask(h -> new VersionRows(h).of(kind, id));
    }

    /** One version of a document, by its number; empty when there is none, or no longer. */
    public Optional<Version<T>> version(String id, long n) {
        return access.ask(h -> new VersionRows(h).of(kind, id, n));
    }

    /** The number of the newest version of a document; 0 when there is none. */
    public long newest(String id) {
        return access.ask(h -> new VersionRows(h).newest(kind.word(), id));
    }

    /** The versions for undo, oldest first: as far back as they can be read, {@value #MOST_LETTERS} letters at most. */
    public List<Version<T>> versions(String id) {
        List<Version<T>> newest = new ArrayList<>();
        long letters = 0;
        for (Version<T> version : history(id)) {
            letters +=
                    version.body() == null ? MOST_LETTERS + 1 : version.text().length();
            if (letters > MOST_LETTERS || newest.size() == VersionRows.NEWEST) {
                break;
            }
            newest.add(0, version);
        }
        return newest;
    }

    /**
     * A copy of a document, next to it in the book.
     *
     * @throws BookException when there is none, or it is damaged
     */
    public T duplicate(String id) {
        long now = clock.millis();
        T copy = access.change(h -> {
            DocumentRows.Raw row = new DocumentRows(h).get(kind.word(), id).orElseThrow(this::gone);
            T document = parse(kind, access.file().getFileName().toString(), row.body())
                    .document();
            return insert(h, kind, document.withTitle(document.title() + " (copy)"), "New " + kind.word(), now);
        });
        touch(List.of(copy.id()));
        return copy;
    }

    /** Puts a document aside; {@link #restore} brings it back. */
    public void delete(String id) {
        long now = clock.millis();
        rows(r -> r.delete(kind.word(), id, now));
    }

    /** Brings a document back that was put aside; nothing when there is none with this id. */
    public void restore(String id) {
        rows(r -> r.delete(kind.word(), id, null));
    }

    /** Makes a document a favourite or none; nothing when there is none with this id. */
    public void favourite(String id, boolean is) {
        rows(r -> r.favourite(kind.word(), id, is));
    }

    /** Says that a document was opened, shown or handed out now. */
    public void use(String id) {
        long now = clock.millis();
        // Not worth waiting for: a window that only looked must be able to take the book over.
        if (access.standing().isKept()) {
            rows(r -> r.use(kind.word(), id, now));
        }
    }

    private void rows(Consumer<DocumentRows> how) {
        access.change(h -> {
            how.accept(new DocumentRows(h));
            return null;
        });
    }

    /** A document with its kind. */
    public Typed<T> typed(T document) {
        return new Typed<>(kind, document);
    }

    static <T extends Document<T>> Told<T> parse(Kind<T> kind, String book, String body) {
        try {
            return kind.read(body);
        } catch (FormatException e) {
            throw new BookException(
                    "A " + kind.word() + " in " + book + " cannot be read: " + e.getMessage()
                            + ". Nothing in the book was changed.",
                    e);
        }
    }
}

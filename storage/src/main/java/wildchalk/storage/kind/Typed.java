package wildchalk.storage.kind;

import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Document;

/**
 * A document together with its kind, where documents of several kinds come along.
 *
 * @param words what should be known of how it was read; usually empty
 */
public record Typed<T extends Document<T>>(Kind<T> kind, T document, List<String> words) {

    public Typed {
        words = List.copyOf(words);
    }

    public Typed(Kind<T> kind, T document) {
        this(kind, document, List.of());
    }

    /** Those of one kind, in order. */
    public static <T extends Document<T>> List<T> of(Kind<T> kind, List<Typed<?>> all) {
        return all.stream().flatMap(t -> t.as(kind).stream()).toList();
    }

    /** The document, when it is of this kind. */
    @SuppressWarnings("unchecked")
    public <U extends Document<U>> Optional<U> as(Kind<U> wanted) {
        return wanted.word().equals(kind.word()) ? Optional.of((U) document) : Optional.empty();
    }

    /** The same as a version of one that is there. */
    public Typed<T> following(T before) {
        return new Typed<>(kind, document.following(before), words);
    }
}

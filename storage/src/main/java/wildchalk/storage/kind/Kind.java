package wildchalk.storage.kind;

import java.util.List;
import java.util.Set;
import wildchalk.core.document.Document;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.Told;

/**
 * One kind of document: how it is called, written, read and compared.
 *
 * @param <T> the document
 */
public interface Kind<T extends Document<T>> {

    /** The word for one of it, under which it is kept: "drill". It may never be another. */
    String word();

    /** The word for several. */
    default String words() {
        return word() + "s";
    }

    /** What stands under "format" in every text of this kind; it tells a text of this kind from any other. */
    default String format() {
        return format(word());
    }

    /** What stands there in texts of the kind with this word, known or not. */
    static String format(String word) {
        return "wild-chalk-" + word;
    }

    /** The open text that it is kept as: JSON with its {@link #format()}; reading it gives the same document. */
    String write(T document);

    /**
     * Reads such a text, of this version of the format or an older one.
     *
     * @throws FormatException when it is not sound, or newer
     */
    Told<T> read(String text) throws FormatException;

    /** The same, reading what it reads on these surfaces; itself for documents that lie on none. */
    default Kind<T> knowing(Surfaces surfaces) {
        return this;
    }

    /** What is another after than before, in a coach's words, a line each. */
    List<String> changes(T before, T after);

    /** Whether documents of this kind name versions of others. */
    default boolean canPoint() {
        return false;
    }

    /** The versions of other documents that it names; those stay as long as it is there. */
    default Set<Pointer> points(T document) {
        return Set.of();
    }
}

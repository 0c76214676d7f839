package wildchalk.storage.book;

import java.io.IOException;
import wildchalk.core.document.Change;
import wildchalk.core.document.Document;
import wildchalk.core.document.History;
import wildchalk.storage.kind.Kind;

/**
 * A document as it was after an edit, not read yet: reading all of them takes as long as a coach notices, and may be
 * done on any thread.
 *
 * @param n its number among the document's versions
 * @param edit the name of what was done
 * @param made in milliseconds since 1970
 * @param body packed, or plain text in old books; null when it is damaged
 */
public record Version<T extends Document<T>>(Kind<T> kind, long n, String edit, long made, Object body) {

    /** @throws BookException when it is damaged */
    public History.Kept<T> read() {
        return new History.Kept<>(
                Change.read(edit), Kept.parse(kind, "the book", text()).document());
    }

    String text() {
        try {
            if (body != null) {
                return Packing.text(body);
            }
        } catch (IOException e) {
            // Said below.
        }
        throw new BookException(
                "This version is damaged and cannot be read. The " + kind.word() + " itself is as it was.", null);
    }
}

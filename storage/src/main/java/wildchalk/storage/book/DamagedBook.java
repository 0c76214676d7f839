package wildchalk.storage.book;

import java.nio.file.Path;

/** A book whose file is damaged. It is left as it is until somebody decides; what can be saved is up to the rescue. */
public final class DamagedBook extends BookException {

    private static final long serialVersionUID = 1L;

    private final transient Path file;

    /** A book is damaged. */
    public DamagedBook(Path file, Throwable cause) {
        super("The book " + file.getFileName() + " is damaged. It has been left as it is.", cause);
        this.file = file;
    }

    /** The damaged file, left as it is. */
    public Path file() {
        return file;
    }
}

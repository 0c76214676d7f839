package wildchalk.desktop.keeping;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Locale;

/** Where books and a club's own surfaces are kept when nobody says otherwise. */
public final class BookPlaces {

    private static final String LAST = "last-book";

    private BookPlaces() {}

    /** The file of a book of this name. */
    public static Path book(String name) {
        return folder().resolve(name + ".chalkbook");
    }

    /** The book that was open last; the usual one, when it is not there any more. */
    public static Path last() {
        try {
            Path last = Path.of(Files.readString(folder().resolve(LAST)).strip());
            if (Files.isRegularFile(last)) {
                return last;
            }
        } catch (IOException | InvalidPathException e) {
            // The first start, or a line that was spoilt: the usual book is there.
        }
        return book("My drills");
    }

    /** Remembers the book that is open. */
    public static void remember(Path book) {
        try {
            Files.createDirectories(folder());
            Files.writeString(folder().resolve(LAST), book.toAbsolutePath().toString());
        } catch (IOException e) {
            // The next start opens the usual book, from which this one can be opened.
        }
    }

    /** The folder of a club's own surface files. */
    public static Path surfaces() {
        return folder().resolve("surfaces");
    }

    /** The folder of the files that say what went wrong. */
    public static Path troubles() {
        return folder().resolve("troubles");
    }

    /** The folder of all that the program keeps when nobody says otherwise. */
    public static Path folder() {
        String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        Path home = Path.of(System.getProperty("user.home"));
        if (system.contains("win") && System.getenv("APPDATA") != null) {
            return Path.of(System.getenv("APPDATA"), "Wild Chalk");
        }
        if (system.contains("mac")) {
            return home.resolve("Library/Application Support/Wild Chalk");
        }
        String data = System.getenv("XDG_DATA_HOME");
        return (data == null || data.isBlank() ? home.resolve(".local/share") : Path.of(data)).resolve("wild-chalk");
    }
}

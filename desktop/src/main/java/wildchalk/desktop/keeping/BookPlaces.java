package wildchalk.desktop.keeping;

import java.nio.file.Path;
import java.util.Locale;

/** Where books and a club's own surfaces are kept when nobody says otherwise. */
public final class BookPlaces {

    private BookPlaces() {
    }

    /** The file of a book of this name. */
    public static Path book(String name) {
        return folder().resolve(name + ".chalkbook");
    }

    /** The folder of a club's own surface files. */
    public static Path surfaces() {
        return folder().resolve("surfaces");
    }

    private static Path folder() {
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

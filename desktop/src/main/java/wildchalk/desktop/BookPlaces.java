package wildchalk.desktop;

import java.nio.file.Path;
import java.util.Locale;

/** Where books are kept when nobody says otherwise. */
final class BookPlaces {

    private BookPlaces() {
    }

    static Path book(String name) {
        return folder().resolve(name + ".chalkbook");
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

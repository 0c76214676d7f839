package wildchalk.desktop.about;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Properties;

/** What the program knows of itself. */
public final class Program {

    private Program() {}

    /** Its version, such as 1.2.0. */
    public static String version() {
        Properties known = new Properties();
        try (InputStream in = Program.class.getResourceAsStream("program.properties")) {
            known.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return known.getProperty("version");
    }

    /** What others made, and under which licences: {@code THIRD-PARTY.md} as it is shipped. */
    static String thirdParty() throws IOException {
        try (InputStream in = Program.class.getResourceAsStream("THIRD-PARTY.md")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}

package wildchalk.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The drill files of the demo book. */
public final class DemoDrills {

    private DemoDrills() {}

    public static List<Path> files() {
        try (Stream<Path> found = Files.list(Path.of("..", "demo"))) {
            return found.filter(p -> p.toString().endsWith(".drill.json"))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static String text(String name) {
        try {
            return Files.readString(Path.of("..", "demo", name + ".drill.json"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

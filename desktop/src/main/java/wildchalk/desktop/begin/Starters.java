package wildchalk.desktop.begin;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** Small drills of our own to begin with, as they lie in {@code starters}; read when they are looked at. */
public final class Starters {

    private static final String FOLDER = "/wildchalk/desktop/starters/";

    /**
     * One of them.
     *
     * @param kind the word for what it is: {@code warm-up}, {@code skill}, {@code choice}, {@code game}
     */
    public record Starter(Drill drill, String kind) {}

    private Starters() {}

    /**
     * All of them, by sport and from warm-up to game. Takes a moment.
     *
     * @throws IOException when the program is not whole
     */
    public static List<Starter> read() throws IOException {
        List<Starter> starters = new ArrayList<>();
        for (String line : text("order.txt").lines().toList()) {
            String[] parts = line.split(" ");
            starters.add(new Starter(drill(parts[0]), parts[1]));
        }
        return starters;
    }

    private static Drill drill(String name) throws IOException {
        try {
            return DrillReader.told(text(name + ".drill.json"), Surfaces.BUILT_IN)
                    .document();
        } catch (FormatException e) {
            throw new IOException(name, e);
        }
    }

    private static String text(String file) throws IOException {
        try (InputStream in = Starters.class.getResourceAsStream(FOLDER + file)) {
            if (in == null) {
                throw new IOException(file);
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}

package wildchalk.core.check;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.drill.Drill;

/** Small situations of which it is known what a second pair of eyes should say, read from a file of the tests. */
final class Situations {

    private Situations() {}

    /**
     * A situation.
     *
     * @param expected names of the checks of which one at least should find something; empty for none that could hurt
     */
    record Situation(String title, Drill drill, Conditions conditions, List<String> expected) {
        @Override
        public String toString() {
            return title;
        }
    }

    /** Those of a file beside this class. */
    static List<Situation> of(String file) {
        try (InputStream in = Situations.class.getResourceAsStream(file)) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            List<Situation> all = new ArrayList<>();
            for (String part : text.split("(?m)^# ")) {
                if (part.contains("\non ")) {
                    all.add(situation(part.strip().split("\\R")));
                }
            }
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Situation situation(String[] lines) {
        Sketch sketch = new Sketch(lines[0]);
        List<String> expected = List.of();
        for (int i = 1; i < lines.length; i++) {
            String line = lines[i].strip();
            if (line.startsWith("hurt ") || line.startsWith("finds ")) {
                expected = List.of(line.substring(line.indexOf(' ') + 1).split(" "));
            } else if (!line.isEmpty() && !line.equals("safe")) {
                sketch.line(line);
            }
        }
        return new Situation(lines[0], sketch.drill(), sketch.conditions(), expected);
    }

    /** One of a file, by its title. */
    static Situation titled(String file, String title) {
        Optional<Situation> found =
                of(file).stream().filter(s -> s.title().equals(title)).findFirst();
        return found.orElseThrow(() -> new IllegalArgumentException(title));
    }
}

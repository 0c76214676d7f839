package wildchalk.handout;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import wildchalk.core.drill.Drill;
import wildchalk.handout.order.HandOut;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Progress;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/** Programs that are not ours and have an opinion about hand-outs; {@code ./wildchalk test} installs them. */
public final class Tool {

    /** The drills that come with the program. */
    public static final List<String> DEMOS = List.of(
            "allotment",
            "carillon",
            "ferryman",
            "lamplighter",
            "millrace",
            "sixpenny",
            "skylark",
            "starlings",
            "turnstile",
            "two-piers",
            "weathervane");

    /** What a title or a label may hold, and no format may take for anything but text. */
    public static final String HOSTILE =
            "<script>alert(1)</script> ]]> & \"quotes\" 'more' </text> {{data}} \u05e9\u05dc\u05d5\u05dd "
                    + "\u0645\u0631\u062d\u0628\u0627 \uD83C\uDFD0 ../../etc";

    private Tool() {}

    public static Drill demo(String name) {
        try {
            return DrillReader.read(Path.of("..", "demo", name + ".drill.json"));
        } catch (FormatException e) {
            throw new IllegalStateException(e);
        }
    }

    public static Path write(HandOut kind, Order order, Path folder) throws IOException {
        Path file = folder.resolve("out." + kind.ending());
        kind.write(order, file, Progress.UNSEEN);
        return file;
    }

    /** What a program says; it must end well. */
    public static String run(String... command) throws Exception {
        return run(Map.of(), command);
    }

    public static String run(Map<String, String> environment, String... command) throws Exception {
        Path said = Files.createTempFile("tool", ".txt");
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(said.toFile());
        builder.environment().putAll(environment);
        Process process = builder.start();
        process.waitFor(120, TimeUnit.SECONDS);
        String words = Files.readString(said, StandardCharsets.UTF_8);
        Files.delete(said);
        assertEquals(0, process.exitValue(), String.join(" ", command) + ": " + words);
        return words;
    }
}

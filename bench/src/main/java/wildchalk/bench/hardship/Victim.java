package wildchalk.bench.hardship;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Consumer;

/** A program of its own that says when it is at work, and is killed outright at some moment after that. */
public final class Victim {

    /** What it prints when it is at work. */
    public static final String READY = "ready";

    private static final int SOONEST = 30;

    private Victim() {}

    /**
     * Starts it, hears it out and kills it.
     *
     * @param program its main class
     * @param longest milliseconds after it is at work, at most
     * @param said told each line that it printed
     * @return whether it was at work when it was killed
     */
    public static boolean kill(Class<?> program, List<String> args, Random random, int longest, Consumer<String> said)
            throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dprism.order=sw",
                "-cp",
                System.getProperty("java.class.path"),
                program.getName()));
        command.addAll(args);
        Process window = new ProcessBuilder(command).redirectErrorStream(true).start();
        boolean atWork = false;
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(window.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.equals(READY)) {
                    atWork = true;
                    killIn(SOONEST + random.nextInt(longest), window);
                }
                said.accept(line);
            }
        }
        return window.waitFor() != 0 && atWork;
    }

    private static void killIn(int millis, Process window) {
        Thread killer = new Thread(() -> {
            try {
                Thread.sleep(millis);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            window.destroyForcibly();
        });
        killer.setDaemon(true);
        killer.start();
    }
}

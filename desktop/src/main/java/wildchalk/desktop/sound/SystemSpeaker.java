package wildchalk.desktop.sound;

import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Stream;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.trouble.Trouble;
import wildchalk.desktop.trouble.TroubleLog;

/** The speech program of this computer's system. */
public final class SystemSpeaker implements Speaker {

    /** Programs that say what they are given as a word, the best first. */
    private static final List<String> PROGRAMS = List.of("say", "spd-say", "espeak-ng", "espeak");

    private static final String WINDOWS = "powershell.exe";
    private static final Wordbook BOOK = Wordbook.beside(SystemSpeaker.class, "Speech");

    private final List<String> command;
    private final boolean throughInput;
    /** One word after another, in the order in which they were asked for. */
    private final ExecutorService thread = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "speaker");
        t.setDaemon(true);
        return t;
    });

    private Process speaking;

    private SystemSpeaker(List<String> command, boolean throughInput) {
        this.command = command;
        this.throughInput = throughInput;
    }

    /** The one of this computer; one that only writes down where there is none. */
    public static Speaker ofThisComputer() {
        return among(System.getenv("PATH"), System.getProperty("os.name", "")).orElseGet(WrittenSpeaker::new);
    }

    /**
     * The one among some folders.
     *
     * @param path folders as the system lists them; may be null
     * @param system what the system is called
     */
    static Optional<Speaker> among(String path, String system) {
        if (system.toLowerCase(Locale.ROOT).startsWith("windows")) {
            return program(path, WINDOWS)
                    .map(p -> new SystemSpeaker(List.of(p, "-NoProfile", "-Command", BOOK.say("windows")), true));
        }
        return PROGRAMS.stream()
                .flatMap(name -> program(path, name).stream())
                .findFirst()
                .map(p -> new SystemSpeaker(List.of(p), false));
    }

    private static Optional<String> program(String path, String name) {
        return Stream.ofNullable(path)
                .flatMap(p -> Stream.of(p.split(File.pathSeparator)))
                .filter(folder -> !folder.isBlank())
                .map(folder -> Path.of(folder, name))
                .filter(Files::isExecutable)
                .map(Path::toString)
                .findFirst();
    }

    @Override
    public boolean isAudible() {
        return true;
    }

    @Override
    public void say(String word) {
        thread.execute(() -> {
            try {
                speak(word);
            } catch (IOException e) {
                // The word stands on the screen.
                TroubleLog.write(new Trouble(BOOK.say("saying"), e));
            }
        });
    }

    private void speak(String word) throws IOException {
        if (speaking != null && speaking.isAlive()) {
            speaking.destroy();
        }
        List<String> all = new ArrayList<>(command);
        if (!throughInput) {
            // A word that begins with a dash is no setting.
            all.add(word.startsWith("-") ? " " + word : word);
        }
        speaking = new ProcessBuilder(all)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (OutputStream in = speaking.getOutputStream()) {
            if (throughInput) {
                in.write(word.getBytes(StandardCharsets.UTF_8));
            }
        }
    }
}

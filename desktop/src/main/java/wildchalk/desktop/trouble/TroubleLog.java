package wildchalk.desktop.trouble;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.logging.FileHandler;
import java.util.logging.Formatter;
import java.util.logging.Level;
import java.util.logging.LogRecord;
import java.util.logging.Logger;

/**
 * Writes what went wrong into a file in the program's own folder; when it is full, the file before it goes. What an
 * exception says is left out, because it may name a person, a drill or a file: only what was being done is written,
 * what kind of exception it was, and where in the program.
 */
public final class TroubleLog {

    private static final String NAME = "trouble.%g.log";
    private static final String NEWEST = "trouble.0.log";
    private static final int LARGEST = 200_000;
    private static final int FILES = 3;
    /** So many steps are written wherever they are. */
    private static final int NEAREST = 4;

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss");

    private static Optional<TroubleLog> open = Optional.empty();

    private final Path folder;
    private final Logger logger = Logger.getAnonymousLogger();
    private final FileHandler handler;

    private TroubleLog(Path folder) throws IOException {
        this.folder = folder;
        Files.createDirectories(folder);
        handler = new FileHandler(folder.resolve(NAME).toString(), LARGEST, FILES, true);
        handler.setFormatter(new Plain());
        handler.setEncoding(StandardCharsets.UTF_8.name());
        logger.setUseParentHandlers(false);
        logger.setLevel(Level.ALL);
        logger.addHandler(handler);
    }

    /** Begins to write into a folder. Where that cannot be written, what goes wrong is told on the screen only. */
    public static synchronized void in(Path folder) {
        close();
        try {
            open = Optional.of(new TroubleLog(folder));
        } catch (IOException e) {
            open = Optional.empty();
        }
    }

    /** Writes nothing any more. */
    public static synchronized void close() {
        open.ifPresent(log -> log.handler.close());
        open = Optional.empty();
    }

    /** Writes down what went wrong; from any thread. */
    public static synchronized void write(Trouble trouble) {
        open.ifPresent(log -> {
            LogRecord entry = new LogRecord(Level.WARNING, trouble.what());
            entry.setThrown(trouble.cause());
            log.logger.log(entry);
            log.handler.flush();
        });
    }

    /** The file that is written now; empty when none can be. */
    public static synchronized Optional<Path> file() {
        return open.map(log -> log.folder.resolve(NEWEST));
    }

    /**
     * What it says; empty when nothing went wrong. Reads a file.
     *
     * @throws IOException when it cannot be read
     */
    public static String text() throws IOException {
        Optional<Path> file = file();
        return file.isPresent() && Files.exists(file.get()) ? Files.readString(file.get()) : "";
    }

    /** One entry: when, what, and each exception with its way through the program. */
    private static final class Plain extends Formatter {

        @Override
        public String format(LogRecord entry) {
            StringBuilder text = new StringBuilder();
            text.append(WHEN.format(LocalDateTime.ofInstant(entry.getInstant(), ZoneId.systemDefault())))
                    .append("  ")
                    .append(entry.getMessage())
                    .append('\n');
            for (Throwable t = entry.getThrown(); t != null; t = t.getCause()) {
                text.append("    ").append(t.getClass().getName()).append('\n');
                frames(t.getStackTrace(), text);
            }
            return text.toString();
        }

        /** Where it was thrown, and from where in this program; what lies between is left out. */
        private static void frames(StackTraceElement[] frames, StringBuilder into) {
            for (int i = 0; i < frames.length; i++) {
                if (i < NEAREST || frames[i].getClassName().startsWith("wildchalk.")) {
                    into.append("        ")
                            .append(frames[i].getClassName())
                            .append('.')
                            .append(frames[i].getMethodName());
                    into.append(frames[i].getLineNumber() > 0 ? " line " + frames[i].getLineNumber() : "")
                            .append('\n');
                }
            }
        }
    }
}

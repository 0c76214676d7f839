package wildchalk.storage.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jdbi.v3.core.Handle;

/**
 * Copies of a whole book, in a folder beside it: one of each day on which something was changed, and one before each
 * change of its format.
 */
public final class Copies {

    private static final int KEPT = 10;
    private static final Pattern DATED =
            Pattern.compile("(\\d{4}-\\d\\d-\\d\\d)(?: before format (\\d+))?\\.chalkbook");

    private final Path folder;
    private final Clock clock;
    private LocalDate seenTo = LocalDate.EPOCH;

    Copies(Path book, Clock clock) {
        this.folder = folder(book);
        this.clock = clock;
    }

    /** A whole copy and the day it was made. */
    public record Copy(Path file, LocalDate day) {}

    /** The folder that they lie in. */
    public static Path folder(Path book) {
        String name = book.getFileName().toString().replaceFirst("\\.chalkbook$", "");
        return book.resolveSibling(name + " copies");
    }

    /** The copies of a book, newest first. */
    public static List<Copy> of(Path book) {
        if (!Files.isDirectory(folder(book))) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder(book))) {
            return files.filter(f -> DATED.matcher(f.getFileName().toString()).matches())
                    .sorted(Comparator.comparing((Path f) -> f.getFileName().toString())
                            .reversed())
                    .map(f -> new Copy(f, day(f)))
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    private static LocalDate day(Path file) {
        Matcher dated = DATED.matcher(file.getFileName().toString());
        return dated.matches() ? LocalDate.parse(dated.group(1)) : LocalDate.EPOCH;
    }

    /**
     * Makes today's copy, when there is none yet.
     *
     * @throws IOException when it cannot be written
     */
    void ofToday(Handle book) throws IOException {
        LocalDate today = today();
        if (!today.equals(seenTo)) {
            // Tried once a day: where there is no room for a copy, every edit would wait for it.
            seenTo = today;
            if (book.createQuery("SELECT EXISTS (SELECT 1 FROM kept)")
                    .mapTo(Boolean.class)
                    .one()) {
                make(book, today + ".chalkbook");
            }
        }
    }

    /** Makes a copy before the format is changed to {@code version}. */
    void before(Handle book, int version) throws IOException {
        make(book, today() + " before format " + version + ".chalkbook");
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    private void make(Handle book, String name) throws IOException {
        Path target = folder.resolve(name);
        if (Files.exists(target)) {
            return;
        }
        Files.createDirectories(folder);
        Path part = folder.resolve(name + ".part");
        Files.deleteIfExists(part);
        try {
            Sqlite.backup(book, part.toString());
            // A damaged book must not push good copies out.
            if (!isSound(part)) {
                throw new IOException("the copy is not sound");
            }
            Files.move(part, target, StandardCopyOption.ATOMIC_MOVE);
        } catch (IllegalStateException e) {
            throw new IOException(e.getMessage(), e);
        } finally {
            Files.deleteIfExists(part);
        }
        List<Copy> all =
                of(folder.resolveSibling(folder.getFileName().toString().replaceFirst(" copies$", ".chalkbook")));
        for (Copy old : all.subList(Math.min(KEPT, all.size()), all.size())) {
            Files.deleteIfExists(old.file());
        }
    }

    private static boolean isSound(Path copy) {
        try (Handle open = Sqlite.open(Sqlite.still(copy))) {
            return Opening.faults(open).isEmpty();
        }
    }
}

package wildchalk.bench.hardship;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import wildchalk.core.document.Document;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.BookException;
import wildchalk.storage.book.DamagedBook;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.Kinds;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.Rota;
import wildchalk.storage.kind.SquadKind;
import wildchalk.storage.kind.Typed;
import wildchalk.storage.rescue.Rescue;

/**
 * Damages copies of a book and looks what becomes of them: opened with all that was in it, or set aside with what was
 * saved and said.
 */
public final class Damage {

    private static final String NAME = "Sample.chalkbook";
    private static final int DRILLS = 40;
    private static final int COPIED = 30;
    private static final int PAGE = 4096;

    private static final Kinds BOTH = Kinds.USUAL.and(Rota.KIND);

    private final Random random;
    private final Map<String, Typed<?>> documents = new TreeMap<>();
    private final Map<String, Integer> outcomes = new TreeMap<>();
    private final List<String> failures = new ArrayList<>();
    private final Map<String, Integer> saved = new TreeMap<>();
    private int older;
    private int lost;
    private int unnamed;

    private Damage(long seed) {
        this.random = new Random(seed);
    }

    /**
     * What became of the books.
     *
     * @param outcomes how many went which way
     * @param saved documents that are as they were, of all in the damaged books, by their kinds
     * @param older documents of which an earlier state was saved, and said so
     * @param lost documents that were lost, and said so
     * @param unnamed documents that were lost whose names are lost too; said was how much of the book is missing
     * @param failures crashes and silent losses, each in words; there should be none
     */
    public record Report(
            Map<String, Integer> outcomes,
            Map<String, Integer> saved,
            int older,
            int lost,
            int unnamed,
            List<String> failures) {}

    public static void main(String[] args) throws IOException {
        int books = args.length > 0 ? Integer.parseInt(args[0]) : 100;
        Report report = run(books, args.length > 1 ? Long.parseLong(args[1]) : 1);
        report.outcomes().forEach((what, n) -> System.out.println(what + ": " + n));
        System.out.println("in damaged books: " + report.saved() + " saved as they were, " + report.older()
                + " in an earlier state and " + report.lost() + " lost, all of them named; " + report.unnamed()
                + " lost with the part of the file that is missing, which was said");
        report.failures().forEach(f -> System.out.println("FAILED " + f));
        System.out.println(books + " damaged books, " + report.failures().size() + " crashes or silent losses");
        System.exit(report.failures().isEmpty() ? 0 : 1);
    }

    /** Damages so many copies of a book; half of them have a whole copy beside them from before the last ten drills. */
    public static Report run(int books, long seed) throws IOException {
        Damage damage = new Damage(seed);
        Path folder = Files.createTempDirectory("wild-chalk-damage");
        try {
            Path sample = Files.createDirectory(folder.resolve("sample"));
            Samples.fill(sample.resolve(NAME), 0, COPIED);
            Files.createDirectory(sample.resolve("Sample copies"));
            Files.copy(sample.resolve(NAME), sample.resolve("Sample copies/2026-11-01.chalkbook"));
            Samples.fill(sample.resolve(NAME), COPIED, DRILLS);
            try (Book book = Book.open(sample.resolve(NAME))) {
                damage.remember(book, DrillKind.DRILLS);
                damage.remember(book, Rota.KIND);
                damage.remember(book, SquadKind.SQUADS);
                damage.remember(book, PracticeKind.PRACTICES);
                damage.remember(book, LogKind.LOGS);
            }
            for (int i = 0; i < books; i++) {
                Path mine = folder.resolve("book-" + i);
                Samples.copy(sample, mine);
                if (i % 2 == 1) {
                    Samples.remove(mine.resolve("Sample copies"));
                }
                damage.one(i, mine.resolve(NAME));
                Samples.remove(mine);
            }
        } finally {
            Samples.remove(folder);
        }
        return new Report(damage.outcomes, damage.saved, damage.older, damage.lost, damage.unnamed, damage.failures);
    }

    private void one(int i, Path book) throws IOException {
        String how = spoil(book);
        try {
            try (Book open = Book.open(book)) {
                open.check();
                compare(how, i, open, Set.of(), false);
                count(how + ", opened whole");
            } catch (DamagedBook e) {
                rescue(how, i, book);
            }
        } catch (BookException e) {
            failures.add(i + " (" + how + ") was refused: " + e.getMessage());
        } catch (RuntimeException e) {
            failures.add(i + " (" + how + ") crashed: " + e);
        }
    }

    private void rescue(String how, int i, Path book) {
        Rescue.Saved what = Rescue.save(book, BOTH);
        Path aside = Rescue.take(what);
        if (!Files.exists(aside)) {
            failures.add(i + " (" + how + ") the damaged book is gone");
        }
        Set<Rescue.Named> said = new HashSet<>(what.lost());
        said.addAll(what.older());
        said.addAll(what.fromCopy());
        try (Book open = Book.open(book)) {
            open.check();
            int holds = open.drills().list().size()
                    + open.of(Rota.KIND).list().size()
                    + open.of(SquadKind.SQUADS).list().size()
                    + open.of(PracticeKind.PRACTICES).list().size()
                    + open.of(LogKind.LOGS).list().size();
            if (holds != what.documents()) {
                failures.add(i + " (" + how + ") says " + what.documents() + " and holds " + holds);
            }
            compare(how, i, open, said, what.spoilt() > 0);
        }
        count(how
                + (what.documents() == 0
                        ? ", set aside, nothing could be read and that was said"
                        : ", set aside and saved"));
    }

    private <T extends Document<T>> void remember(Book book, Kind<T> kind) {
        book.of(kind)
                .list()
                .forEach(l -> documents.put(
                        kind.word() + " " + l.id(),
                        book.of(kind).typed(book.of(kind).load(l.id()))));
    }

    private void compare(String how, int i, Book open, Set<Rescue.Named> said, boolean more) {
        documents.values().forEach(d -> compare(how + ", " + i, open, d, said, more));
    }

    private <T extends Document<T>> void compare(
            String where, Book open, Typed<T> was, Set<Rescue.Named> said, boolean more) {
        T document = was.document();
        Optional<T> there = open.of(was.kind()).find(document.id());
        boolean named = said.contains(new Rescue.Named(was.kind().word(), document.listed()));
        if (there.filter(document::equals).isPresent()) {
            saved.merge(was.kind().word(), 1, Integer::sum);
        } else if (!named && more && there.isEmpty()) {
            unnamed++;
        } else if (!named) {
            failures.add(where + " lost the " + was.kind().word() + " " + document.title() + " silently");
        } else if (there.isPresent()) {
            older++;
        } else {
            lost++;
        }
    }

    private void count(String outcome) {
        outcomes.merge(outcome, 1, Integer::sum);
    }

    private String spoil(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        switch (random.nextInt(3)) {
            case 0 -> {
                int flips = 1 + random.nextInt(20);
                for (int i = 0; i < flips; i++) {
                    bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
                }
                Files.write(file, bytes);
                return "bits flipped";
            }
            case 1 -> {
                Files.write(file, Arrays.copyOf(bytes, random.nextInt(bytes.length)));
                return "cut off";
            }
            default -> {
                int pages = 1 + random.nextInt(5);
                for (int i = 0; i < pages; i++) {
                    int page = random.nextInt(bytes.length / PAGE);
                    Arrays.fill(bytes, page * PAGE, (page + 1) * PAGE, (byte) 0);
                }
                Files.write(file, bytes);
                return "pages zeroed";
            }
        }
    }
}

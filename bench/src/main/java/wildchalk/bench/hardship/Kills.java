package wildchalk.bench.hardship;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import wildchalk.core.document.Document;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.BookException;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kind;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.Rota;
import wildchalk.storage.kind.SquadKind;

/**
 * Kills the program outright while it keeps edits, again and again, and looks whether every edit that was shown as kept
 * is there.
 */
public final class Kills {

    private static final String DRILL = "d1";
    private static final int DRILLS = 12;
    private static final int LONGEST = 3000;

    private final Random random;
    private final Path book;
    private final List<String> failures = new ArrayList<>();
    private int shown;
    private final Map<String, Integer> last = new HashMap<>();

    private Kills(Path book, long seed) {
        this.book = book;
        this.random = new Random(seed);
    }

    /**
     * What came of it.
     *
     * @param shown edits that were shown as kept, all together
     */
    public record Report(int kills, int shown, List<String> failures) {}

    /** @param args how often; needs a display */
    public static void main(String[] args) throws Exception {
        Report report = run(args.length > 0 ? Integer.parseInt(args[0]) : 50, System.nanoTime());
        report.failures().forEach(f -> System.out.println("FAILED " + f));
        System.out.println(report.kills() + " kills, " + report.shown() + " edits shown as kept, "
                + report.failures().size() + " times one of them was missing or the book was not sound");
        System.exit(report.failures().isEmpty() ? 0 : 1);
    }

    /** Kills the window this many times. */
    public static Report run(int kills, long seed) throws IOException, InterruptedException, SQLException {
        Path folder = Files.createTempDirectory("wild-chalk-kills");
        try {
            Kills all = new Kills(folder.resolve("Sample.chalkbook"), seed);
            Samples.fill(all.book, 0, DRILLS);
            for (int i = 1; i <= kills; i++) {
                all.kill(i);
            }
            return new Report(kills, all.shown, all.failures);
        } finally {
            Samples.remove(folder);
        }
    }

    private void kill(int n) throws IOException, InterruptedException, SQLException {
        AtomicInteger kept = new AtomicInteger(-1);
        boolean killed = Victim.kill(KilledProgram.class, List.of(book.toString(), DRILL), random, LONGEST, line -> {
            if (line.startsWith("kept ")) {
                kept.set(Integer.parseInt(line.substring("kept ".length())));
                shown++;
            }
        });
        if (!killed) {
            failures.add(n + ": the window was not at work when it was to be killed");
            return;
        }
        look(n, kept.get() < 0 ? OptionalInt.empty() : OptionalInt.of(kept.get()));
    }

    /** @param shown the last edit that was shown as kept; where none was, what was there before is still to be there */
    private <T extends Document<T>> void look(int n, OptionalInt shown, Book open, Kind<T> kind, String id) {
        int there = KilledWindow.numberOf(open.of(kind).load(id).title());
        int kept = shown.orElse(last.getOrDefault(kind.word(), 0));
        last.put(kind.word(), there);
        if (there < kept) {
            failures.add(n + ": edit " + kept + " of the " + kind.word()
                    + " was shown as kept, and the newest in the book is " + there);
        }
        if (kept > 0
                && open.of(kind).history(id).stream()
                        .limit(there - kept + 1L)
                        .noneMatch(v -> v.read().document().title().equals(KilledWindow.TITLE + kept))) {
            failures.add(n + ": the version of edit " + kept + " of the " + kind.word() + " is missing");
        }
    }

    private void look(int n, OptionalInt kept) throws SQLException {
        try (Book open = Book.open(book)) {
            open.check();
            look(n, kept, open, DrillKind.DRILLS, DRILL);
            look(n, kept, open, Rota.KIND, KilledWindow.ROTA);
            look(n, kept, open, SquadKind.SQUADS, KilledWindow.SQUAD);
            look(n, kept, open, PracticeKind.PRACTICES, KilledWindow.PRACTICE);
            look(n, kept, open, LogKind.LOGS, KilledWindow.ENTRY);
            if (open.rows().size() != DRILLS
                    || open.of(Rota.KIND).list().size() != DRILLS / 2
                    || open.of(SquadKind.SQUADS).list().size() != DRILLS / 3
                    || open.of(PracticeKind.PRACTICES).list().size() != DRILLS / 4
                    || open.of(LogKind.LOGS).list().size() != DRILLS / 6
                    || open.entries().size() != DRILLS / 6
                    || !open.standing().isKept()) {
                failures.add(n + ": the book is not as it was");
            }
        } catch (BookException e) {
            failures.add(n + ": " + e.getMessage());
        }
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + book);
                Statement s = c.createStatement();
                ResultSet row = s.executeQuery("PRAGMA integrity_check")) {
            if (!row.next() || !row.getString(1).equals("ok")) {
                failures.add(n + ": integrity_check says " + row.getString(1));
            }
        }
    }
}

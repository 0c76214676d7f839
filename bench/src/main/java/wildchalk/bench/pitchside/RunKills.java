package wildchalk.bench.pitchside;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javafx.application.Application;
import wildchalk.bench.hardship.Victim;

/** Kills a run outright at random moments, again and again, and looks how it stands when it is found again. */
public final class RunKills {

    private static final int LONGEST = 2500;
    private static final long SECOND = 1000;

    private final Path book;
    private final Random random;
    private final List<String> failures = new ArrayList<>();
    private long kept;
    private long shown;
    private long farthest;

    private RunKills(Path book, long seed) {
        this.book = book;
        this.random = new Random(seed);
    }

    /**
     * What came of it.
     *
     * @param counted tallies that were shown as kept, all together
     * @param farthest milliseconds by which a run that was found again was off the clock on the wall, at most
     */
    public record Report(int kills, long counted, long farthest, List<String> failures) {}

    /** Starts the window that is killed. */
    public static final class Program {

        private Program() {}

        /** @param args the book */
        public static void main(String[] args) {
            Application.launch(RunKilled.class, args);
        }
    }

    /** Kills it so many times; once more it is started, to be looked at. */
    public static Report run(Path folder, int kills, long seed) throws IOException, InterruptedException {
        RunKills all = new RunKills(folder.resolve("Kills.chalkbook"), seed);
        for (int i = 1; i <= kills + 1; i++) {
            all.kill(i);
        }
        return new Report(kills, all.shown, all.farthest, all.failures);
    }

    private void kill(int n) throws IOException, InterruptedException {
        boolean killed = Victim.kill(Program.class, List.of(book.toString()), random, LONGEST, line -> {
            if (line.startsWith("at ")) {
                found(n, line.split(" "));
            } else if (line.startsWith("kept ")) {
                kept = Long.parseLong(line.substring("kept ".length()));
                shown = Math.max(shown, kept);
            }
        });
        if (!killed) {
            failures.add(n + ": the window was not at work when it was to be killed");
        }
    }

    /** Its clock, the clock on the wall then, when it was begun, what was counted. */
    private void found(int n, String[] at) {
        long off = Math.abs(Long.parseLong(at[1]) - (Long.parseLong(at[2]) - Long.parseLong(at[3])));
        farthest = Math.max(farthest, off);
        if (off > SECOND) {
            failures.add(n + ": found again it was off by " + off + " ms");
        }
        long counted = Long.parseLong(at[4]);
        if (counted < kept) {
            failures.add(n + ": " + kept + " were shown as kept, and " + counted + " are there");
        }
        kept = counted;
    }
}

package wildchalk.bench.pitchside;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.application.Application;
import wildchalk.bench.hardship.Samples;

/** Kills a run so many times, then measures one for so many minutes. Needs a display. */
public final class RunBench {

    private RunBench() {}

    /** @param args how many kills, how many minutes */
    public static void main(String[] args) throws Exception {
        int kills = args.length > 0 ? Integer.parseInt(args[0]) : 50;
        String minutes = args.length > 1 ? args[1] : "20";
        Path folder = Files.createTempDirectory("wild-chalk-runs");
        try {
            RunKills.Report report = RunKills.run(folder, kills, System.nanoTime());
            report.failures().forEach(f -> System.out.println("FAILED " + f));
            System.out.printf(
                    "%d kills, %d tallies shown as kept, %d times something was missing or off; found again within"
                            + " %d ms%n",
                    report.kills(), report.counted(), report.failures().size(), report.farthest());
            if (!report.failures().isEmpty()) {
                System.exit(1);
            }
        } finally {
            Samples.remove(folder);
        }
        Application.launch(RunMeasured.class, minutes);
    }
}

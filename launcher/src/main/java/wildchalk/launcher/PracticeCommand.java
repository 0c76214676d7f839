package wildchalk.launcher;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.check.Finding;
import wildchalk.core.evening.EveningMessage;
import wildchalk.core.evening.Handed;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Change;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.FitWords;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.practice.check.PracticeCheck;
import wildchalk.core.practice.check.PracticeCheck.Worked;
import wildchalk.core.practice.check.PracticeCheck.Worked.Left;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.PlanSheet;
import wildchalk.storage.format.PlanWriter;

@Command(name = "practice", mixinStandardHelpOptions = true, resourceBundle = PracticeCommand.WORDS)
final class PracticeCommand implements Callable<Integer> {

    /** The words of this command. */
    static final String WORDS = "wildchalk.launcher.Practice";

    private static final Wordbook BOOK = Wordbook.beside(PracticeCommand.class, "Practice");
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final int MINUTE = 60;

    @Parameters(paramLabel = "FILE", descriptionKey = "file")
    private Path file;

    @Option(names = "--fit", descriptionKey = "fit")
    private boolean fit;

    @Option(names = "--from", paramLabel = "HH:MM", descriptionKey = "from")
    private Optional<String> from = Optional.empty();

    @Option(names = "--done", paramLabel = "N", descriptionKey = "done")
    private int done;

    @Option(names = "--json", descriptionKey = "json")
    private boolean json;

    @Option(names = "--message", descriptionKey = "message")
    private boolean message;

    @Option(names = "--csv", descriptionKey = "csv")
    private boolean csv;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        PracticeFile carried = PracticeFile.read(file);
        Practice asked = carried.practice();
        KnownNeeds needs = carried.needs();
        Left left = left(asked);
        Around around = carried.around();
        Optional<Fit> fitted =
                fit ? Optional.of(Worked.of(asked, needs, left, around).fit()) : Optional.empty();
        Worked worked = Worked.of(fitted.map(Fit::practice).orElse(asked), needs, left, around);
        List<Finding<Practice>> findings = PracticeCheck.all(worked);
        PrintWriter out = spec.commandLine().getOut();
        if (message) {
            EveningMessage.of(new Handed(
                            worked.practice(),
                            worked.plan(),
                            needs,
                            carried.drills(),
                            Optional.empty(),
                            around.venue(),
                            Handed.Who.NOBODY))
                    .forEach(out::println);
        } else if (csv) {
            out.print(PlanSheet.write(worked.practice(), worked.plan()));
        } else if (json) {
            out.print(PlanWriter.write(worked.practice(), worked.plan(), findings));
        } else {
            print(out, worked, findings);
            fitted.ifPresent(f -> out.println(FitWords.of(asked, f)));
        }
        out.flush();
        return 0;
    }

    /** What is left of a practice: it ends as it was to end. */
    private Left left(Practice practice) throws FormatException {
        if (done < 0 || done > practice.blocks().size()) {
            throw new FormatException(
                    BOOK.say("done.range", done, practice.blocks().size()));
        }
        if (from.isEmpty()) {
            return new Left(done, 0);
        }
        Slot slot = practice.slot();
        LocalTime time;
        try {
            time = LocalTime.parse(from.get());
        } catch (DateTimeException e) {
            throw new FormatException(BOOK.say("from.none", from.get()));
        }
        int gone = Math.floorMod(Duration.between(slot.start(), time).toMinutes(), Slot.MOST);
        if (gone >= slot.minutes()) {
            throw new FormatException(BOOK.say(
                    "from.after",
                    from.get(),
                    slot.start().format(CLOCK),
                    slot.at(slot.seconds()).format(CLOCK)));
        }
        return new Left(done, gone * MINUTE);
    }

    private static void print(PrintWriter out, Worked worked, List<Finding<Practice>> findings) {
        Practice practice = worked.practice();
        out.println(practice.title());
        for (Plan.Entry entry : worked.plan().entries()) {
            if (entry.before().seconds() > 0) {
                out.println(BOOK.say(
                        "before",
                        minutes(entry.before().seconds()),
                        entry.before().parts().stream()
                                .map(Change.Part::words)
                                .collect(Collectors.joining(BOOK.say("comma")))));
            }
            out.println(BOOK.say(
                    "block",
                    practice.slot().at(entry.start()).format(CLOCK),
                    entry.block().time().now(),
                    BlockWords.of(entry.block())));
        }
        out.println(BOOK.say("ends", practice.slot().at(worked.plan().seconds()).format(CLOCK)));
        findings.forEach(f -> out.println(BOOK.say(
                f.span().isPresent() ? "finding.at" : "finding",
                f.words(),
                f.span().map(s -> practice.slot().at(s.from()).format(CLOCK)).orElse(""))));
    }

    private static String minutes(int seconds) {
        return String.format("%d:%02d", seconds / MINUTE, seconds % MINUTE);
    }
}

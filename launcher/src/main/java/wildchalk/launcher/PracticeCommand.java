package wildchalk.launcher;

import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.check.Finding;
import wildchalk.core.drill.Drill;
import wildchalk.core.ground.Ground;
import wildchalk.core.practice.Around;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Change;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.EveningMessage;
import wildchalk.core.practice.Fit;
import wildchalk.core.practice.FitWords;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Makeup;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.practice.check.PracticeCheck;
import wildchalk.core.practice.check.PracticeCheck.Worked;
import wildchalk.core.practice.check.PracticeCheck.Worked.Left;
import wildchalk.core.setout.SetOut;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.PlanSheet;
import wildchalk.storage.format.PlanWriter;
import wildchalk.storage.format.PracticeReader;

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
        PracticeReader.Carried carried = PracticeReader.read(file, Main.surfaces());
        Practice asked = carried.practice();
        Map<String, Drill> drills = drills(carried);
        KnownNeeds needs = needs(asked, drills);
        Left left = left(asked);
        Around around = Around.UNKNOWN.on(Ground.venue(asked, planned(asked, drills), Main.surfaces()));
        Optional<Fit> fitted =
                fit ? Optional.of(Worked.of(asked, needs, left, around).fit()) : Optional.empty();
        Worked worked = Worked.of(fitted.map(Fit::practice).orElse(asked), needs, left, around);
        List<Finding<Practice>> findings = PracticeCheck.all(worked);
        PrintWriter out = spec.commandLine().getOut();
        if (message) {
            EveningMessage.of(worked.practice(), worked.plan(), needs, Makeup.bring(worked.plan(), needs), List.of())
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

    /** Those in the file, and those that it names beside it. */
    private Map<String, Drill> drills(PracticeReader.Carried carried) throws FormatException {
        Map<String, Drill> drills = new HashMap<>(carried.drills());
        List<String> wanted = carried.practice().blocks().stream()
                .flatMap(Block::all)
                .flatMap(Block::play)
                .map(p -> p.drill().id())
                .toList();
        for (String id : wanted) {
            Path beside = file.resolveSibling(id + ".drill.json");
            if (!drills.containsKey(id) && Files.exists(beside)) {
                drills.put(id, DrillReader.told(beside, Main.surfaces()).document());
            }
        }
        return drills;
    }

    private static Map<Content.Planned, Drill> planned(Practice practice, Map<String, Drill> drills) {
        Map<Content.Planned, Drill> planned = new HashMap<>();
        practice.blocks().stream()
                .flatMap(Block::all)
                .flatMap(Block::play)
                .map(Content.Play::drill)
                .filter(p -> drills.containsKey(p.id()))
                .forEach(p -> planned.put(p, drills.get(p.id())));
        return planned;
    }

    private static KnownNeeds needs(Practice practice, Map<String, Drill> drills) {
        Map<String, DrillWork> works = new HashMap<>();
        drills.forEach((id, drill) -> works.put(id, new DrillWork(drill, SetOut.USUAL_HANDFUL)));
        return block -> DrillWork.of(works, block, practice.company());
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

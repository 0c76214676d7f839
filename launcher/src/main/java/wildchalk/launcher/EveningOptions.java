package wildchalk.launcher;

import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import picocli.CommandLine.Spec.Target;
import wildchalk.core.evening.Handed;
import wildchalk.core.measure.Units;
import wildchalk.core.practice.Plan;
import wildchalk.core.squad.Squad;
import wildchalk.core.wording.Wordbook;
import wildchalk.handout.evening.EveningOrder;
import wildchalk.handout.evening.EveningSheet;
import wildchalk.handout.order.Cancelled;
import wildchalk.handout.order.Delivery;
import wildchalk.handout.order.FileNames;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Progress;
import wildchalk.handout.order.Undelivered;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.SquadReader;

/** What can be wished of the hand-outs of an evening. */
final class EveningOptions {

    /** The words of these options. */
    static final String WORDS = "wildchalk.launcher.Export";

    private static final Wordbook BOOK = Wordbook.beside(EveningOptions.class, "Export");

    @Option(names = "--squad", paramLabel = "FILE", descriptionKey = "squad")
    private Optional<Path> squad = Optional.empty();

    @Option(names = "--names", descriptionKey = "names")
    private boolean names;

    @Option(names = "--for", paramLabel = "N", descriptionKey = "for")
    private int marked;

    @Spec(Target.MIXEE)
    private CommandSpec spec;

    /** Words for all kinds: "run-sheet, page, calendar". */
    static String say(String key, Object... values) {
        return BOOK.say(key, values);
    }

    static String words() {
        return Arrays.stream(EveningSheet.values()).map(EveningSheet::word).collect(Collectors.joining(", "));
    }

    /** What is said to whoever asks for something else. */
    static String wrong() {
        return BOOK.say("wrong", words());
    }

    /** The kind with this word, or the first whose files end so. */
    static Optional<EveningSheet> kind(String word) {
        String asked = word.toLowerCase(Locale.ROOT);
        return Arrays.stream(EveningSheet.values())
                .filter(s -> s.word().equals(asked))
                .findFirst()
                .or(() -> Arrays.stream(EveningSheet.values())
                        .filter(s -> s.ending().equals(asked))
                        .findFirst());
    }

    /** Everything that is handed out of a practice goes by this. */
    EveningOrder order(PracticeFile file, Plan plan, Order.Paper paper, Units units) throws FormatException {
        Optional<Squad> read = squad.isEmpty() ? Optional.empty() : Optional.of(SquadReader.read(squad.orElseThrow()));
        Handed evening = new Handed(
                file.practice(),
                plan,
                file.needs(),
                file.drills(),
                read,
                file.around().venue(),
                Handed.Who.NOBODY);
        List<String> staff = evening.staff().stream().map(h -> h.id()).toList();
        if (marked < 0 || marked > staff.size()) {
            throw new ParameterException(spec.commandLine(), BOOK.say("for.none"));
        }
        return new EveningOrder(
                evening.saying(new Handed.Who(names, marked == 0 ? "" : staff.get(marked - 1))),
                paper,
                units,
                ZoneId.systemDefault(),
                Instant.now());
    }

    /** Writes one to a file. */
    static void deliver(EveningSheet kind, EveningOrder order, Path target) throws FormatException {
        try {
            Delivery.deliver(target, part -> kind.write(order, part, Progress.UNSEEN));
        } catch (Undelivered | Cancelled e) {
            throw new FormatException(
                    e.getCause() instanceof EveningSheet.NoDay none ? none.getMessage() : e.getMessage());
        }
    }

    /** What a file of this kind is called. */
    static String name(EveningSheet kind, EveningOrder order) {
        return FileNames.of(kind.ending(), order.evening().practice().title(), kind.word());
    }
}

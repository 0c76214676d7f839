package wildchalk.launcher;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.check.Finding;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.over.Mending;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.measure.Unit;
import wildchalk.core.wording.Wordbook;
import wildchalk.storage.format.CheckWriter;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

@Command(name = "check", mixinStandardHelpOptions = true, resourceBundle = CheckCommand.WORDS)
final class CheckCommand implements Callable<Integer> {

    /** The words of this command. */
    static final String WORDS = "wildchalk.launcher.Check";

    /** Something in a drill could hurt somebody. */
    static final int COULD_HURT = 3;

    private static final Wordbook BOOK = Wordbook.beside(CheckCommand.class, "Check");

    @Parameters(paramLabel = "FILE", arity = "1..*", descriptionKey = "file")
    private List<Path> files;

    @Option(names = "--weight", paramLabel = "W", descriptionKey = "weight")
    private String weight;

    @Option(names = "--json", descriptionKey = "json")
    private boolean json;

    @Mixin
    private UnitOptions units;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Finding.Weight least = least();
        Unit unit = units.units().unit();
        PrintWriter out = spec.commandLine().getOut();
        List<CheckWriter.Checked> all = new ArrayList<>();
        boolean hurts = false;
        boolean fault = false;
        for (Path file : files) {
            try {
                Drill drill = DrillReader.told(file, Main.surfaces()).document();
                LookOver over = LookOver.of(drill, Conditions.USUAL, unit);
                hurts |= over.couldHurt();
                List<Spotted> found = tried(drill, over, least, unit);
                CheckWriter.Checked checked = new CheckWriter.Checked(
                        file.getFileName().toString(), drill.title(), new LookOver(found, over.left()));
                all.add(checked);
                if (!json) {
                    tell(checked, drill, found.size() < over.found().size(), out);
                }
            } catch (FormatException e) {
                e.lines().forEach(spec.commandLine().getErr()::println);
                fault = true;
            }
        }
        if (json) {
            out.print(CheckWriter.write(all));
        }
        out.flush();
        if (fault) {
            return Main.INPUT_AT_FAULT;
        }
        return hurts ? COULD_HURT : 0;
    }

    private Finding.Weight least() {
        if (weight == null) {
            return Finding.Weight.COULD_BE_BETTER;
        }
        for (Finding.Weight w : Finding.Weight.values()) {
            if (w != Finding.Weight.SAID && Wordbook.key(w).equals(weight)) {
                return w;
            }
        }
        throw new ParameterException(spec.commandLine(), BOOK.say("weight.none", weight));
    }

    private static List<Spotted> tried(Drill drill, LookOver over, Finding.Weight least, Unit unit) {
        Mending mending = new Mending(drill, Conditions.USUAL, unit);
        return over.found().stream()
                .filter(s -> s.weight().compareTo(least) <= 0)
                .map(mending::tried)
                .toList();
    }

    private static void tell(CheckWriter.Checked checked, Drill drill, boolean less, PrintWriter out) {
        LookOver over = checked.over();
        String empty = less ? "clean.so" : "clean";
        out.println(BOOK.say(over.found().isEmpty() ? empty : "title", checked.file(), drill.title()));
        for (Spotted s : over.found()) {
            Optional<String> sign = s.scene().rung().map(Ladder.signs(drill)::get);
            String where = sign.map(r -> BOOK.say(s.t().isPresent() ? "where.when" : "where", r, s.t().orElse(0)))
                    .orElse("");
            out.println(BOOK.say(
                    "one",
                    BOOK.say(Wordbook.key(s.weight())),
                    where,
                    s.finding().words(),
                    s.advice()));
            for (Finding.Mend<Drill> mend : s.finding().mends()) {
                out.println(BOOK.say("mend", mend.words()));
            }
        }
        over.left()
                .forEach(l -> out.println(
                        BOOK.say("left", l.spotted().finding().words(), l.why().reason())));
    }
}

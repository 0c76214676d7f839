package wildchalk.launcher;

import java.io.PrintWriter;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import wildchalk.core.drill.Ladder;
import wildchalk.core.flow.TurnWords;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Differences;
import wildchalk.core.script.Script;

@Command(
        name = "script",
        mixinStandardHelpOptions = true,
        description = "The drill in words: one rung, or without --stage all.")
final class ScriptCommand implements Callable<Integer> {

    @Mixin
    private DrillArgument drill;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        List<DrillOptions.Rehearsed> rungs = drill.rungs();
        out.println(rungs.get(0).drill().title());
        Map<String, String> signs = Ladder.signs(rungs.get(0).drill());
        for (DrillOptions.Rehearsed rung : rungs) {
            if (rungs.size() > 1) {
                out.println();
                String of = Ladder.variationOf(rung.drill(), rung.stage().id())
                        .map(Differences::besideTitle)
                        .orElse("");
                out.println(signs.get(rung.stage().id()) + " " + rung.stage().title() + of);
            }
            tell(
                    rung.through().script(Unit.METRES),
                    TurnWords.of(
                            rung.stage(),
                            rung.surface(),
                            Ladder.dose(rung.drill(), rung.stage().id()),
                            Unit.METRES),
                    out);
        }
        out.flush();
        return 0;
    }

    private static void tell(Script script, List<String> turns, PrintWriter out) {
        script.limits().forEach(l -> out.println(l.text()));
        turns.forEach(out::println);
        for (Script.Line line : script.lines()) {
            if (!line.heading().isEmpty()) {
                out.println();
                out.println(line.heading());
            }
            out.println(line.marked());
        }
    }
}

package wildchalk.launcher;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import wildchalk.core.ask.Why;
import wildchalk.core.drill.Action;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.measure.TimeFormat;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Problem;
import wildchalk.storage.format.TimelineWriter;

@Command(
        name = "solve",
        mixinStandardHelpOptions = true,
        description = "The rehearsal: events, beats, positions, problems.")
final class SolveCommand implements Callable<Integer> {

    @Mixin
    private DrillArgument drill;

    @Option(names = "--json", description = "print one JSON object and nothing else")
    private boolean json;

    @Option(names = "--why", paramLabel = "ACTION", description = "which figures made the time of this action")
    private String why;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        DrillOptions.Rehearsed r = drill.rehearse();
        PrintWriter out = spec.commandLine().getOut();
        if (why != null) {
            why(r, out);
        } else if (json) {
            out.print(TimelineWriter.write(r.stage().id(), r.timeline()));
        } else {
            out.println(r.drill().title() + ", one rep "
                    + TimeFormat.seconds(r.timeline().duration()));
            for (Event e : r.timeline().events()) {
                out.println(TimeFormat.seconds(e.t()) + "  " + e.kind().word() + "  " + e.action() + "  "
                        + (e.who() == null ? "nobody" : e.who()));
            }
            for (Problem p : r.timeline().problems()) {
                String when = Double.isNaN(p.t()) ? "" : TimeFormat.seconds(p.t()) + "  ";
                out.println("problem: " + when + p.action() + ": " + p.message());
            }
        }
        out.flush();
        return 0;
    }

    private void why(DrillOptions.Rehearsed r, PrintWriter out) {
        Action action = r.stage()
                .action(why)
                .orElseThrow(() -> new ParameterException(
                        spec.commandLine(),
                        "there is no action \"" + why + "\" in this stage; there are "
                                + String.join(
                                        ", ",
                                        r.stage().actions().stream()
                                                .map(Action::id)
                                                .toList())));
        out.println(ActionEdits.describe(action, r.stage()));
        Why.of(action, r.stage(), r.timeline(), r.surface())
                .ifPresentOrElse(
                        account -> {
                            account.happened().forEach(out::println);
                            account.parts().forEach(p -> out.println("  " + p.words()));
                        },
                        () -> out.println("it never happens"));
    }
}

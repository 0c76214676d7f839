package wildchalk.launcher;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
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

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        DrillOptions.Rehearsed r = drill.rehearse();
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
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
}

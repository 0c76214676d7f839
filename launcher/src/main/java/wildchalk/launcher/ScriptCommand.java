package wildchalk.launcher;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Script;

@Command(name = "script", mixinStandardHelpOptions = true, description = "The drill in words.")
final class ScriptCommand implements Callable<Integer> {

    @Mixin
    private DrillArgument drill;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws Exception {
        DrillOptions.Rehearsed r = drill.rehearse();
        PrintWriter out = spec.commandLine().getOut();
        out.println(r.drill().title());
        Script script = r.through().script(Unit.METRES);
        script.limits().forEach(l -> out.println(l.text()));
        for (Script.Line line : script.lines()) {
            if (!line.heading().isEmpty()) {
                out.println();
                out.println(line.heading());
            }
            out.println(line.marked());
        }
        out.flush();
        return 0;
    }
}

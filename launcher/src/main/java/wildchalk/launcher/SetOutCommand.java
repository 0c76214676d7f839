package wildchalk.launcher;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetWords;
import wildchalk.handout.setout.SheetPages;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.SheetWriter;

@Command(
        name = "setout",
        mixinStandardHelpOptions = true,
        description = "The set-out sheet: where each piece of gear goes, in walking order.")
final class SetOutCommand implements Callable<Integer> {

    @Mixin
    private DrillArgument drill;

    @Mixin
    private UnitOptions said;

    @Option(names = "--json", description = "print one JSON object and nothing else")
    private boolean json;

    @Option(names = "--out", paramLabel = "X.pdf", description = "also write the sheet for printing")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() throws FormatException {
        Units units = said.units();
        DrillOptions.Rehearsed r = drill.rehearse();
        Sheet sheet = SetOut.of(r.stage(), r.surface(), units, said.handful());
        PrintWriter print = spec.commandLine().getOut();
        if (json) {
            print.print(SheetWriter.write(r.stage().id(), sheet, units));
        } else {
            print(print, r, sheet, units);
        }
        print.flush();
        if (out != null) {
            try {
                new SheetPages(r.drill(), r.through(), sheet, units).writePdf(out);
            } catch (IOException e) {
                throw new FormatException(
                        out + " cannot be written; choose a folder that is there and may be written to");
            }
        }
        return 0;
    }

    private static void print(PrintWriter print, DrillOptions.Rehearsed r, Sheet sheet, Units units) {
        print.println(r.drill().title());
        print.println(SheetWords.summary(sheet, units));
        if (!sheet.steps().isEmpty()) {
            print.println(SheetWords.facing(r.surface()));
        }
        for (Sheet.Step step : sheet.steps()) {
            print.println(step.n() + ". " + step.name() + ": " + SheetWords.step(step, units));
        }
    }
}

package wildchalk.launcher;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Venue;
import wildchalk.core.naming.VenueWords;
import wildchalk.core.runthrough.Hitch;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.LogReader;
import wildchalk.storage.format.PracticeReader;
import wildchalk.storage.format.SquadReader;
import wildchalk.storage.format.SurfaceFiles;
import wildchalk.storage.format.Told;

@Command(
        name = "validate",
        mixinStandardHelpOptions = true,
        description = "Is it a sound drill, squad or surface file: a line for each fault, with where it is. Of a "
                + "sound drill also what would not play as drawn, by rung and option.")
final class ValidateCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE", arity = "1..*", description = "drill, squad or surface files")
    private List<Path> files;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        int result = 0;
        for (Path file : files) {
            try {
                out.println(file.getFileName() + ": " + verdict(file));
                hitches(file).forEach(h -> out.println("  would not play so, " + h.words()));
            } catch (FormatException e) {
                e.lines().forEach(out::println);
                result = Main.INPUT_AT_FAULT;
            }
        }
        out.flush();
        return result;
    }

    /** What is sound and yet cannot be played as drawn: a warning. */
    private static List<Hitch> hitches(Path file) throws FormatException {
        return SurfaceFiles.isSurface(file)
                        || SquadReader.isSquad(file)
                        || LogReader.isLog(file)
                        || PracticeReader.isPractice(file)
                ? List.of()
                : Hitch.of(DrillReader.told(file, Main.surfaces()).document());
    }

    private static String verdict(Path file) throws FormatException {
        if (SurfaceFiles.isSurface(file)) {
            SurfaceFiles.read(file);
            return "sound";
        }
        if (PracticeReader.isPractice(file)) {
            PracticeReader.read(file, Main.surfaces());
            return "sound";
        }
        if (LogReader.isLog(file)) {
            LogReader.read(file);
            return "sound";
        }
        if (SquadReader.isSquad(file)) {
            SquadReader.read(file);
            return "sound";
        }
        Told<Drill> told = DrillReader.told(file, Main.surfaces());
        Venue venue = told.document().venue();
        String verdict = venue.isMissing()
                ? "sound, but the surface \"" + venue.surface() + "\" is not here; " + VenueWords.standIn(venue)
                        + " stands in for it"
                : "sound";
        return told.words().isEmpty() ? verdict : verdict + ". " + String.join(" ", told.words());
    }
}

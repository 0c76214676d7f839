package wildchalk.launcher;

import java.nio.file.Path;
import java.util.List;
import picocli.CommandLine.Parameters;
import wildchalk.storage.format.FormatException;

/** The drill file that a command is about. */
final class DrillArgument extends DrillOptions {

    @Parameters(paramLabel = "FILE", description = "a drill file")
    private Path file;

    Rehearsed rehearse() throws FormatException {
        return rehearse(file);
    }

    /** The wanted rung; without one, all of them, lowest first. */
    List<Rehearsed> rungs() throws FormatException {
        return stage().isPresent() ? List.of(rehearse(file)) : all(file);
    }
}

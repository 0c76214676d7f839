package wildchalk.launcher;

import java.nio.file.Path;
import picocli.CommandLine.Parameters;
import wildchalk.storage.format.FormatException;

/** The drill file that a command is about. */
final class DrillArgument extends DrillOptions {

    @Parameters(paramLabel = "FILE", description = "a drill file")
    private Path file;

    Rehearsed rehearse() throws FormatException {
        return rehearse(file);
    }
}

package wildchalk.launcher;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.shots.Shots;
import wildchalk.handout.surfaces.ContactSheet;

@Command(
        name = "shots",
        mixinStandardHelpOptions = true,
        description = "Draws the pictures of the documents anew by driving the real window.")
final class ShotsCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FOLDER", defaultValue = "docs/screenshots", description = "where they are written")
    private Path folder;

    @Override
    public Integer call() throws IOException {
        Path place = Files.createTempDirectory("wildchalk-shots");
        ContactSheet.writePng(
                folder.resolve("surfaces.png"),
                Surfaces.BUILT_IN.all(),
                SurfacesCommand.SHEET_WIDTH,
                SurfacesCommand.SHEET_COLUMNS);
        Shots.draw(folder, place.resolve("Quillmoor Otters.chalkbook"));
        return 0;
    }
}

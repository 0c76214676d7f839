package wildchalk.launcher;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wildchalk.desktop.shots.Shots;
import wildchalk.handout.order.Delivery;

@Command(
        name = "shots",
        mixinStandardHelpOptions = true,
        description = "Draws the pictures of the documents anew by driving the real window.")
final class ShotsCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FOLDER", defaultValue = "docs/screenshots", description = "where they are written")
    private Path folder;

    @Override
    public Integer call() throws IOException {
        Delivery.expect(folder);
        Path place = Files.createTempDirectory("wildchalk-shots");
        Shots.draw(folder, place.resolve("Quillmoor Otters.chalkbook"));
        return 0;
    }
}

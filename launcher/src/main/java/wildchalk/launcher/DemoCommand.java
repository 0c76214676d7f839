package wildchalk.launcher;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import wildchalk.desktop.Request;
import wildchalk.desktop.WildChalkApp;

@Command(name = "demo", mixinStandardHelpOptions = true, description = "The application with the demo book.")
final class DemoCommand implements Callable<Integer> {

    @Option(names = "--book", paramLabel = "BOOK", description = "where the demo book is kept")
    private Path book;

    @Option(
            names = "--picture",
            paramLabel = "X.png",
            description = "write a picture of the window there and close it again")
    private Path picture;

    @Override
    public Integer call() {
        Request request = (book == null ? Request.demo() : Request.demo(book)).withSeason();
        WildChalkApp.launch(picture == null ? request : request.picturing(picture));
        return 0;
    }
}

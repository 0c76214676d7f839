package wildchalk.launcher;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wildchalk.desktop.Request;
import wildchalk.desktop.WildChalkApp;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

@Command(
        name = "open",
        mixinStandardHelpOptions = true,
        description = "The application; with a drill file, that drill is taken into the book and opened.")
final class OpenCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE", arity = "0..1", description = "a drill file or a book (.chalkbook)")
    private Path file;

    @Option(names = "--book", paramLabel = "BOOK", description = "the book; your own when left out")
    private Path book;

    @Override
    public Integer call() throws FormatException {
        Request request = book == null ? Request.usual() : Request.usual().withBook(book);
        if (file != null) {
            boolean isBook = file.getFileName().toString().endsWith(".chalkbook");
            request = isBook
                    ? request.withBook(file)
                    : request.taking(DrillReader.told(file, Main.surfaces()).document());
        }
        WildChalkApp.launch(request);
        return 0;
    }
}

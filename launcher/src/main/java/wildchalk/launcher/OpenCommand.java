package wildchalk.launcher;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wildchalk.desktop.Request;
import wildchalk.desktop.WildChalkApp;

@Command(
        name = "open",
        mixinStandardHelpOptions = true,
        description = "The application; with a file, what is in it is taken into the book and opened.")
final class OpenCommand implements Callable<Integer> {

    @Parameters(
            paramLabel = "FILE",
            arity = "0..1",
            description = "a drill, a practice, a bundle or a book (.chalkbook)")
    private Path file;

    @Option(names = "--book", paramLabel = "BOOK", description = "the book; your own when left out")
    private Path book;

    @Override
    public Integer call() {
        Request request = book == null ? Request.usual() : Request.usual().withBook(book);
        if (file != null) {
            boolean isBook = file.getFileName().toString().endsWith(".chalkbook");
            request = isBook ? request.withBook(file) : request.handed(file);
        }
        WildChalkApp.launch(request);
        QuickStart.installed().filter(QuickStart::isWanted).ifPresent(q -> q.make(QuickStart.java()));
        return 0;
    }
}

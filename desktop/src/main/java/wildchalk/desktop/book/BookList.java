package wildchalk.desktop.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import wildchalk.desktop.control.ListButton;
import wildchalk.desktop.exchange.Exchange;

/** The name of the book that is open; pressed, the others. */
final class BookList extends ListButton {

    private static final String ENDING = ".chalkbook";

    private final Path open;
    private final Exchange exchange;
    private final Consumer<Path> onSwitch;
    private final ProgramPages program;

    BookList(Path open, Exchange exchange, Consumer<Path> onSwitch, ProgramPages program) {
        super(name(open));
        this.program = program;
        this.open = open;
        this.exchange = exchange;
        this.onSwitch = onSwitch;
        setId("books");
        getStyleClass().add("book-title");
        setAccessibleText("The book " + name(open) + "; opens other books");
        point();
        offer(this::items);
    }

    static String name(Path book) {
        return book.getFileName().toString().replace(ENDING, "");
    }

    /** The other books in the folder of the one that is open. */
    static List<Path> others(Path open) {
        Path folder = open.toAbsolutePath().getParent();
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().endsWith(ENDING)
                            && !f.equals(open.toAbsolutePath())
                            && Files.isRegularFile(f)
                            && !name(f).contains(" damaged "))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    private List<MenuItem> items() {
        RadioMenuItem here = new RadioMenuItem(name(open));
        here.setSelected(true);
        List<MenuItem> items = new ArrayList<>(List.of(here));
        others(open).forEach(other -> {
            MenuItem item = new MenuItem(name(other));
            item.setOnAction(e -> onSwitch.accept(other));
            items.add(item);
        });
        MenuItem elsewhere = new MenuItem("Open another book …");
        elsewhere.setId("open-book");
        elsewhere.setOnAction(e -> exchange.toOpen("Books", "*" + ENDING).ifPresent(onSwitch));
        MenuItem fresh = new MenuItem("Begin a new book …");
        fresh.setId("new-book");
        fresh.setOnAction(e -> exchange.chooser()
                .toSave("New book" + ENDING, "Books", "*" + ENDING)
                .ifPresent(onSwitch));
        items.addAll(List.of(new SeparatorMenuItem(), elsewhere, fresh, new SeparatorMenuItem()));
        items.addAll(program.items());
        return items;
    }
}

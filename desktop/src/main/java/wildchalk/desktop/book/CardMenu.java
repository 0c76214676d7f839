package wildchalk.desktop.book;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.background.Background;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.message.Messages;
import wildchalk.storage.book.Book;
import wildchalk.storage.book.Shelf;

/** What can be done with a drill as a whole. */
final class CardMenu {

    private final Keeper keeper;
    private final Messages messages;
    private final Exchange exchange;
    private final Finder finder;
    private final Runnable refresh;
    private final Supplier<List<Shelf.Collection>> collections;
    private final Path open;

    CardMenu(
            Keeper keeper,
            Messages messages,
            Exchange exchange,
            Finder finder,
            Runnable refresh,
            Supplier<List<Shelf.Collection>> collections,
            Path open) {
        this.keeper = keeper;
        this.messages = messages;
        this.exchange = exchange;
        this.finder = finder;
        this.refresh = refresh;
        this.collections = collections;
        this.open = open;
    }

    /**
     * The items for a drill that is in the book.
     *
     * @param onOpen opens a drill on the Board
     * @param versions shows its old versions
     */
    List<MenuItem> items(
            Book.Row row,
            DrillCard card,
            Consumer<Book.Row> onOpen,
            Consumer<Drill> onBegin,
            Consumer<Book.Row> versions) {
        String title = row.title();
        if (row.isAside()) {
            return List.of(
                    item(
                            "Bring back",
                            () -> change(book -> book.drills().restore(row.id()), title + " is back in the book.")),
                    item("Old versions …", () -> versions.accept(row)));
        }
        return List.of(
                item("Open", () -> onOpen.accept(row)),
                item("Rename", card::editTitle),
                item("Make a copy", () -> keeper.ask(book -> book.drills().duplicate(row.id()), d -> refresh.run())),
                item(
                        "Begin a new drill from it",
                        () -> keeper.ask(book -> book.drills().duplicate(row.id()), onBegin)),
                item("Something like this", () -> {
                    finder.forget();
                    finder.placeProperty().set(new Place.Like(row.id(), row.summary()));
                }),
                item("Old versions …", () -> versions.accept(row)),
                new SeparatorMenuItem(),
                collect(row),
                elsewhere(row),
                item(
                        "Give out as a drill file …",
                        () -> keeper.ask(book -> book.drills().load(row.id()), exchange::saveDrill)),
                new SeparatorMenuItem(),
                item(
                        "Put aside",
                        () -> change(
                                book -> book.drills().delete(row.id()),
                                title + " is put aside. For " + Book.ASIDE.toDays()
                                        + " days it can be brought back from Put aside.")));
    }

    private Menu collect(Book.Row row) {
        Menu menu = new Menu("Collections");
        for (Shelf.Collection collection : collections.get()) {
            boolean in = row.collections().contains(collection.id());
            CheckMenuItem item = new CheckMenuItem(collection.name());
            item.setSelected(in);
            item.setOnAction(e -> change(
                    book -> book.collect(collection.id(), row.id(), !in),
                    row.title() + (in ? " is no longer in " : " is in ") + collection.name() + "."));
            menu.getItems().add(item);
        }
        if (menu.getItems().isEmpty()) {
            MenuItem none = new MenuItem("There is none yet: + New collection makes one");
            none.setDisable(true);
            menu.getItems().add(none);
        }
        return menu;
    }

    private Menu elsewhere(Book.Row row) {
        Menu menu = new Menu("Copy to another book");
        BookList.others(open).forEach(other -> menu.getItems().add(item(BookList.name(other), () -> copy(row, other))));
        menu.getItems().add(item("Another book …", () -> exchange.toOpen("Books", "*.chalkbook")
                .ifPresent(other -> copy(row, other))));
        return menu;
    }

    private void copy(Book.Row row, Path other) {
        keeper.ask(
                book -> book.drills().load(row.id()),
                drill -> Background.work(
                        "copying a drill into another book",
                        () -> copied(drill, other),
                        messages::say,
                        trouble -> messages.warn(
                                trouble.words("The book " + BookList.name(other) + " could not be written.")
                                        + " Nothing was copied.")));
    }

    private static String copied(Drill drill, Path other) {
        try (Book into = Book.open(other)) {
            if (!into.standing().isKept()) {
                return "The book " + BookList.name(other)
                        + " cannot be written now: it may be open in another window. Nothing was copied.";
            }
            into.drills().add(drill);
            return drill.title() + " is in " + BookList.name(other) + " as well.";
        }
    }

    private void change(Consumer<Book> change, String said) {
        keeper.ask(
                book -> {
                    change.accept(book);
                    return said;
                },
                done -> {
                    messages.say(done);
                    refresh.run();
                });
    }

    private static MenuItem item(String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        return item;
    }
}

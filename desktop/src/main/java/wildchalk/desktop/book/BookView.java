package wildchalk.desktop.book;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;
import wildchalk.desktop.exchange.Exchange;
import wildchalk.desktop.keeping.BookPlaces;
import wildchalk.desktop.keeping.Keeper;
import wildchalk.desktop.message.Messages;
import wildchalk.storage.book.Book;
import wildchalk.storage.bundle.Bundle;
import wildchalk.storage.bundle.BundleReader;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;
import wildchalk.storage.format.SurfaceFiles;

/** The cards of a book, with all that can be done to a drill as a whole. */
public final class BookView extends VBox {

    /** A surface this long, in metres, is shown whole at first. */
    private static final double SMALL = 20;

    private final Keeper keeper;
    private final Messages messages;
    private final Exchange exchange;
    private final Consumer<Drill> onOpen;
    private final FlowPane cards = new FlowPane(18, 18);
    private final FlowPane aside = new FlowPane(18, 18);
    private final Label asideTitle = new Label("Put aside");
    private final Label count = new Label();

    public BookView(Keeper keeper, Messages messages, Exchange exchange, Consumer<Drill> onOpen) {
        this.keeper = keeper;
        this.messages = messages;
        this.exchange = exchange;
        this.onOpen = onOpen;
        setId("book-view");
        getStyleClass().add("book-view");
        Label title = new Label(keeper.bookName());
        title.getStyleClass().add("book-title");
        count.getStyleClass().add("quiet");
        VBox head = new VBox(0, title, count);
        HBox.setHgrow(head, Priority.ALWAYS);
        HBox bar = new HBox(10, head, newDrill(), takeIn());
        bar.setAlignment(Pos.CENTER_LEFT);
        asideTitle.getStyleClass().add("sheet-heading");
        Region gap = new Region();
        gap.setMinHeight(18);
        VBox all = new VBox(10, cards, gap, asideTitle, aside);
        all.getStyleClass().add("cards");
        ScrollPane scroll = new ScrollPane(all);
        scroll.getStyleClass().add("book-scroll");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(bar, scroll);
        refresh();
    }

    private MenuButton newDrill() {
        MenuButton button = new MenuButton("New drill");
        button.setId("new-drill");
        button.getStyleClass().add("dark-button");
        Map<String, Menu> bySport = new LinkedHashMap<>();
        for (SurfacePlan plan : Surfaces.plans()) {
            MenuItem item = new MenuItem(plan.name());
            item.setId("new-" + plan.id());
            item.setOnAction(e -> {
                Surface surface = Surfaces.get(plan.id());
                boolean small = surface.targets().isEmpty() || surface.length() <= SMALL;
                Drill drill = Drill.empty("drill", "New drill", plan.id(), small ? "whole" : "attacking-half");
                keeper.ask(book -> book.add(drill), onOpen);
            });
            bySport.computeIfAbsent(plan.sport(), sport -> new Menu(capital(sport))).getItems().add(item);
        }
        // A sport with one surface needs no menu of its own.
        bySport.values().forEach(menu -> button.getItems().add(menu.getItems().size() == 1
                ? menu.getItems().get(0) : menu));
        return button;
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private Button takeIn() {
        Button button = new Button("Take in a file …");
        button.setId("import");
        button.setTooltip(new Tooltip("A drill file, or a bundle of drills"));
        button.setOnAction(e -> exchange.toOpen("Drill files and bundles", "*.json", "*.zip").ifPresent(this::takeIn));
        return button;
    }

    /** Takes in all drills of a file, or none. */
    private void takeIn(Path file) {
        boolean bundle = file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".zip");
        keeper.ask(book -> {
            try {
                Bundle read = bundle ? BundleReader.read(file) : new Bundle(List.of(DrillReader.read(file)), List.of());
                read.surfaces().forEach(this::keepSurface);
                return read.drills().stream().map(book::add).toList();
            } catch (FormatException e) {
                messages.later("That file was not taken in: " + e.getMessage() + ". The book is as it was.");
                return List.<Drill>of();
            }
        }, added -> {
            if (!added.isEmpty()) {
                messages.say(added.size() == 1 ? added.get(0).title() + " is in the book." : added.size() + " drills are in the book.");
            }
            refresh();
        });
    }

    private void keepSurface(SurfacePlan plan) {
        try {
            SurfaceFiles.keep(plan, BookPlaces.surfaces());
        } catch (IOException e) {
            messages.later("The surface " + plan.name() + " is here until the program ends: it could not be written into " + BookPlaces.surfaces()
                    + ". The drills are in the book.");
        }
    }

    /** What the book holds, asked for off the window's thread. */
    private record Contents(List<Book.Entry> drills, List<Book.Entry> deleted) {
    }

    /** Shows the book as it is now. */
    public void refresh() {
        keeper.ask(book -> new Contents(book.drills(), book.deleted()), this::show);
    }

    private void show(Contents contents) {
        int n = contents.drills().size();
        count.setText(n == 1 ? "1 drill" : n + " drills");
        cards.getChildren().setAll(contents.drills().stream().map(e -> card(e.drill())).toList());
        if (contents.drills().isEmpty()) {
            Label empty = new Label("No drills yet. New drill begins one: choose what it is played on.");
            empty.getStyleClass().add("empty");
            cards.getChildren().add(empty);
        }
        aside.getChildren().setAll(contents.deleted().stream().map(e -> asideCard(e.drill())).toList());
        boolean any = !contents.deleted().isEmpty();
        asideTitle.setVisible(any);
        asideTitle.setManaged(any);
    }

    private DrillCard card(Drill drill) {
        DrillCard card = new DrillCard(drill);
        card.onOpen(() -> keeper.ask(book -> book.load(drill.id()), onOpen));
        MenuButton more = card.menu();
        item(more, "Open", () -> keeper.ask(book -> book.load(drill.id()), onOpen));
        item(more, "Rename", card::editTitle);
        item(more, "Make a copy", () -> keeper.ask(book -> book.duplicate(drill.id()), d -> refresh()));
        item(more, "Give out as a drill file …", () -> exchange.saveDrill(drill));
        item(more, "Put aside", () -> change(book -> book.delete(drill.id()), drill.title()
                + " is put aside. It can be brought back from below the cards."));
        card.onRename(title -> change(book -> book.keep(book.load(drill.id()).withTitle(title), "Rename drill"),
                "It is called " + title + " now."));
        return card;
    }

    private DrillCard asideCard(Drill drill) {
        DrillCard card = new DrillCard(drill);
        card.getStyleClass().add("aside");
        item(card.menu(), "Bring back", () -> change(book -> book.restore(drill.id()),
                drill.title() + " is back in the book."));
        return card;
    }

    private void change(Consumer<Book> change, String said) {
        keeper.ask(book -> {
            change.accept(book);
            return said;
        }, done -> {
            messages.say(done);
            refresh();
        });
    }

    private static void item(MenuButton menu, String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        menu.getItems().add(item);
    }
}

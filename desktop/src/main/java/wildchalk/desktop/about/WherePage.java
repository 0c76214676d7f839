package wildchalk.desktop.about;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.LiveScroll;
import wildchalk.desktop.control.PageHead;
import wildchalk.desktop.exchange.Exchange;

/** Where the coach's things lie: the open book, its copies, the club's surfaces, and what went wrong. */
public final class WherePage extends BorderPane {

    private static final Wordbook BOOK = Wordbook.beside(WherePage.class, "Where");
    private static final String ENDING = ".chalkbook";

    private final Exchange.Chooser chooser;

    /**
     * A place and what lies there.
     *
     * @param name by which its words and its button are found
     */
    public record Place(String name, Path path) {}

    /**
     * The page.
     *
     * @param book the file of the open book
     * @param places where other things lie; those that are not there yet are made when they are needed
     * @param move told where the open book is to go
     * @param leave goes back
     */
    public WherePage(Path book, Iterable<Place> places, Exchange.Chooser chooser, Consumer<Path> move, Runnable leave) {
        this.chooser = chooser;
        setId("where-page");
        getStyleClass().addAll("book-view", "about");
        setTop(new PageHead(BOOK.say("title"), BOOK.say("back"), "where-back", leave));
        Button elsewhere = new Button(BOOK.say("move"));
        elsewhere.setId("where-move");
        elsewhere.setOnAction(e -> chooser.toSave(book.getFileName().toString(), BOOK.say("book.kind"), "*" + ENDING)
                .map(WherePage::named)
                .ifPresent(move));
        VBox words = new VBox(18, place("book", book, elsewhere));
        places.forEach(p -> words.getChildren().add(place(p.name(), p.path())));
        Label stays = new Label(BOOK.say("stays"));
        stays.setWrapText(true);
        words.getChildren().add(stays);
        words.getStyleClass().add("about-words");
        LiveScroll scroll = new LiveScroll();
        scroll.setContent(words);
        setCenter(scroll);
        PageHead.leftWithEscape(this, leave);
    }

    private static Path named(Path chosen) {
        String name = chosen.getFileName().toString();
        return name.endsWith(ENDING) ? chosen : chosen.resolveSibling(name + ENDING);
    }

    private VBox place(String name, Path path, Node... more) {
        Label head = new Label(BOOK.say(name));
        head.getStyleClass().add("about-heading");
        Label what = new Label(BOOK.say(name + ".what"));
        what.getStyleClass().add("quiet");
        what.setWrapText(true);
        TextField where = new TextField(path.toString());
        where.setEditable(false);
        where.setId("where-" + name);
        where.setAccessibleText(BOOK.say(name));
        HBox.setHgrow(where, Priority.ALWAYS);
        Path folder = Files.isDirectory(path) ? path : path.toAbsolutePath().getParent();
        Button open = new Button(BOOK.say("open"));
        open.setId("where-open-" + name);
        open.setDisable(!Files.isDirectory(folder));
        open.setOnAction(e -> chooser.look(folder));
        HBox row = new HBox(8, where, open);
        row.getChildren().addAll(more);
        return new VBox(4, head, what, row);
    }
}

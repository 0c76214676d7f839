package wildchalk.desktop.about;

import java.io.IOException;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.control.LiveScroll;
import wildchalk.desktop.control.PageHead;

/** Which version this is, what it sends (nothing), and what others made of it under which licences. */
public final class AboutPage extends BorderPane {

    private static final Wordbook BOOK = Wordbook.beside(AboutPage.class, "About");

    /** @param leave goes back */
    public AboutPage(Runnable leave) {
        setId("about-page");
        getStyleClass().addAll("book-view", "about");
        setTop(new PageHead(BOOK.say("title"), BOOK.say("back"), "about-back", leave));
        VBox words = new VBox(
                10,
                line(BOOK.say("version", Program.version()), "about-version"),
                line(BOOK.say("what"), "about-line"),
                line(BOOK.say("sends"), "about-line"),
                line(BOOK.say("care"), "about-line"),
                line(BOOK.say("runs", System.getProperty("java.version"), System.getProperty("os.name")), "quiet"),
                others());
        words.getStyleClass().add("about-words");
        LiveScroll scroll = new LiveScroll();
        scroll.setContent(words);
        setCenter(scroll);
        PageHead.leftWithEscape(this, leave);
    }

    private static Node others() {
        try {
            return TextTables.of(Program.thirdParty());
        } catch (IOException e) {
            return line(BOOK.say("others.trouble"), "about-line");
        }
    }

    private static Label line(String words, String style) {
        Label line = new Label(words);
        line.setWrapText(true);
        line.setMinHeight(USE_PREF_SIZE);
        line.getStyleClass().add(style);
        return line;
    }
}

package wildchalk.desktop.trouble;

import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import wildchalk.desktop.control.PageHead;

/** What went wrong lately, to be read and passed on to whoever can mend it. */
public final class TroublePage extends BorderPane {

    /** @param text what the file says; empty when nothing went wrong */
    public TroublePage(String text, Optional<Path> file, Runnable leave) {
        setId("trouble-page");
        getStyleClass().addAll("book-view", "trouble-log");
        setTop(new PageHead("What went wrong", "Back", "trouble-back", leave));
        setCenter(text.isEmpty() ? nothing() : entries(text, file));
        PageHead.leftWithEscape(this, leave);
    }

    private static VBox nothing() {
        Label none = line("Nothing went wrong that the program did not expect.");
        none.setId("trouble-none");
        VBox page = new VBox(12, none);
        page.getStyleClass().add("trouble-text");
        return page;
    }

    private static VBox entries(String text, Optional<Path> file) {
        TextArea shown = new TextArea(text);
        shown.setId("trouble-text");
        shown.setEditable(false);
        shown.setAccessibleText("What went wrong, newest last");
        VBox.setVgrow(shown, Priority.ALWAYS);
        Button copy = new Button("Copy it");
        copy.setId("trouble-copy");
        copy.setOnAction(e -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            Clipboard.getSystemClipboard().setContent(content);
        });
        Label where = new Label(file.map(f -> "It stands in " + f).orElse(""));
        where.getStyleClass().add("quiet");
        HBox foot = new HBox(12, copy, where);
        foot.setAlignment(Pos.CENTER_LEFT);
        VBox page = new VBox(
                12,
                line("For whoever mends the program: when, what was being done, and where in the program it stopped. "
                        + "No names of people and nothing of your drills stand in it. It goes nowhere by itself."),
                shown,
                foot);
        page.getStyleClass().add("trouble-text");
        return page;
    }

    private static Label line(String words) {
        Label line = new Label(words);
        line.setWrapText(true);
        return line;
    }
}

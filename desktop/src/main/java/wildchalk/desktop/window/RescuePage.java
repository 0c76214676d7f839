package wildchalk.desktop.window;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import wildchalk.storage.kind.DrillKind;
import wildchalk.storage.kind.Kinds;
import wildchalk.storage.rescue.Rescue;

/** Says that a book is damaged, what was saved of it in numbers, and what can be done. */
final class RescuePage extends VBox {

    private static final double WIDE = 640;
    private static final int NAMED = 6;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    /** @param take puts what was saved in the book's place */
    RescuePage(Rescue.Saved saved, Runnable take, Node other) {
        super(14);
        setId("rescue-page");
        getStyleClass().addAll("empty-page", "rescue");
        setAlignment(Pos.CENTER);
        String name = saved.book().getFileName().toString().replace(".chalkbook", "");
        VBox card = new VBox(10);
        card.getStyleClass().add("rescue-card");
        card.setMaxWidth(WIDE);
        card.getChildren().add(line("The book “" + name + "” is damaged", "book-title"));
        card.getChildren()
                .add(line(
                        "Its file is not as this program wrote it: a disk or a stick that fails, or a copy that "
                                + "was cut off. "
                                + "It has been left exactly as it is. What could be read was written into a new "
                                + "book beside it.",
                        "rescue-line"));
        card.getChildren().add(line(counted(saved), "rescue-saved"));
        from(saved, card);
        named("Saved as they were earlier, what was done after that is lost:", saved.older(), card);
        named("Lost: they were in the lists of the book, and could be read nowhere:", saved.lost(), card);
        if (!saved.unknown().isEmpty()) {
            card.getChildren()
                    .add(line(
                            "A newer Wild Chalk has kept something in this book that this one does not know ("
                                    + String.join(", ", saved.unknown())
                                    + "). It stays in the damaged book: update Wild Chalk before you go on.",
                            "rescue-lost"));
        }
        if (saved.spoilt() > 0) {
            card.getChildren()
                    .add(line(
                            "About " + Math.max(1, Math.round(saved.spoilt() * 100))
                                    + " % of the file is missing or empty"
                                    + (saved.copy().isPresent()
                                            ? ". What was begun after the copy was made may have gone with it."
                                            : ". What nothing is known of may have gone with it."),
                            "rescue-lost"));
        }
        card.getChildren()
                .add(line(
                        "Go on with what was saved, and the damaged book stays beside it under another name, so "
                                + "that nothing is thrown away.",
                        "rescue-line"));
        Button go = new Button("Go on with what was saved");
        go.setId("rescue-go");
        go.getStyleClass().add("dark-button");
        go.setDefaultButton(true);
        go.setOnAction(e -> take.run());
        HBox buttons = new HBox(10, go, other);
        buttons.setAlignment(Pos.CENTER_LEFT);
        card.getChildren().add(buttons);
        getChildren().add(card);
    }

    private static String counted(Rescue.Saved saved) {
        if (saved.documents() == 0) {
            return "No drill could be read, and there is no good copy of this book.";
        }
        List<String> kinds = saved.counts().keySet().stream()
                .sorted()
                .map(k -> Kinds.USUAL.count(k, saved.counts().get(k)))
                .toList();
        int last = kinds.size() - 1;
        String all = last == 0 ? kinds.get(0) : String.join(", ", kinds.subList(0, last)) + " and " + kinds.get(last);
        return all + (saved.documents() == 1 ? " was saved" : " were saved") + ", with " + saved.versions()
                + " old versions.";
    }

    private static void from(Rescue.Saved saved, VBox card) {
        String copy = saved.copy()
                .map(day -> saved.fromCopy().isEmpty()
                        ? "All of them came from the damaged book itself; the copy of " + said(day) + " was not needed."
                        : saved.fromCopy().size() + " of them came from the copy of " + said(day)
                                + ", the others from the damaged book itself.")
                .orElse(
                        saved.documents() == 0
                                ? ""
                                : "All of them came from the damaged book itself. There is no good copy of it yet.");
        if (!copy.isEmpty()) {
            card.getChildren().add(line(copy, "rescue-line"));
        }
    }

    private static String said(LocalDate day) {
        return day.format(DAY);
    }

    private static void named(String words, List<Rescue.Named> some, VBox card) {
        if (!some.isEmpty()) {
            // A drill is called by its title; whatever else there is says what it is.
            List<String> titles = some.stream()
                    .map(n -> n.kind().equals(DrillKind.DRILLS.word()) ? n.title() : n.kind() + " " + n.title())
                    .toList();
            String more = titles.size() > NAMED ? " and " + (titles.size() - NAMED) + " more" : "";
            card.getChildren()
                    .add(line(
                            words + " " + String.join(", ", titles.subList(0, Math.min(NAMED, titles.size()))) + more
                                    + ".",
                            "rescue-lost"));
        }
    }

    private static Label line(String words, String style) {
        Label line = new Label(words);
        line.setWrapText(true);
        line.setMaxWidth(Double.MAX_VALUE);
        line.setMinHeight(USE_PREF_SIZE);
        line.getStyleClass().add(style);
        return line;
    }
}

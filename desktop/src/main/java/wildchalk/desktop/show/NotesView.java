package wildchalk.desktop.show;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Dose;
import wildchalk.core.measure.Unit;
import wildchalk.core.show.Tour;

/** The coach's own notes while others look at the board: what is said now, what comes next, what else to think of. */
final class NotesView extends ScrollPane {

    private final ShowState showing;
    private final VBox page = new VBox(10);

    NotesView(ShowState showing) {
        this.showing = showing;
        setId("show-notes");
        setFitToWidth(true);
        page.getStyleClass().add("show-notes");
        setContent(page);
        showing.tourProperty().addListener(o -> tell());
        showing.board().focus().followedProperty().addListener(o -> tell());
        tell();
    }

    private void tell() {
        Tour tour = showing.tourProperty().get();
        Unit unit = showing.board().viewing().unitsProperty().get().unit();
        page.getChildren().clear();
        add(Captions.title(tour), "notes-title");
        tour.rung().plan().dose().map(Dose::words).ifPresent(l -> add(l, "notes-quiet"));
        add("Now", "notes-heading");
        add(
                tour.freeze()
                        .map(f -> f.question() + (f.answer().isBlank() ? "" : "\nAnswer: " + f.answer()))
                        .orElse(Captions.of(
                                tour,
                                unit,
                                showing.board().focus().followedProperty().get())),
                "notes-words");
        List<String> options = Captions.options(tour);
        if (!options.isEmpty()) {
            add(Captions.decides(tour) + "\n" + String.join("\n", options), "notes-words");
        }
        add("Next", "notes-heading");
        add(Captions.next(tour, unit), "notes-words");
        list("Coaching points", tour.drill().points());
        list("Questions", tour.drill().questions());
        list("Cautions", tour.drill().cautions());
        if (!tour.rung().plan().climb().isBlank()) {
            list("Climb when", List.of(tour.rung().plan().climbWords()));
        }
        add(
                "Space goes on · arrows step · R again · 1 to 5 choose · B blank · H speed · L laser · Y "
                        + "follows somebody · N these notes · Esc ends",
                "notes-quiet");
    }

    private void list(String heading, List<String> items) {
        if (!items.isEmpty()) {
            add(heading, "notes-heading");
            List<String> marked = new ArrayList<>();
            items.forEach(i -> marked.add("•  " + i));
            add(String.join("\n", marked), "notes-words");
        }
    }

    private void add(String words, String style) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.getStyleClass().add(style);
        label.setMinHeight(USE_PREF_SIZE);
        page.getChildren().add(label);
    }
}

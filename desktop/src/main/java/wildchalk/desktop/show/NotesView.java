package wildchalk.desktop.show;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.flow.TurnWords;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.GameWords;
import wildchalk.core.show.Tour;
import wildchalk.core.wording.Wordbook;
import wildchalk.desktop.background.Background;

/** The coach's own notes while others look at the board: what is said now, what comes next, what else to think of. */
final class NotesView extends ScrollPane {

    private static final Wordbook WORDS = Wordbook.beside(NotesView.class, "Notes");

    private final ShowState showing;
    private final VBox page = new VBox(10);
    /** The rung of which it is known who is next. */
    private String told = "";

    private List<String> turns = new ArrayList<>();

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
        list(WORDS.say("next"), turns(tour, unit));
        list("Coaching points", tour.drill().points());
        list("Questions", tour.drill().questions());
        list(
                GameWords.watchHeading(),
                GameWords.watched(List.of(tour.through().stage()), tour.drill().surface(), unit));
        list("Cautions", tour.drill().cautionsOut());
        if (!tour.rung().plan().climb().isBlank()) {
            list("Climb when", List.of(tour.rung().plan().climbWords()));
        }
        add(
                "Space goes on · arrows step · R again · 1 to 5 choose · B blank · H speed · L laser · Y "
                        + "follows somebody · N these notes · Esc ends",
                "notes-quiet");
    }

    /** Who is next, of the rung that is shown: said, then how many it takes. */
    private List<String> turns(Tour tour, Unit unit) {
        if (!tour.rung().id().equals(told)) {
            told = tour.rung().id();
            Stage stage = tour.through().stage();
            turns = new ArrayList<>(Captions.goes(tour, unit));
            Optional<Dose> dose = tour.rung().plan().dose();
            Background.work(
                    WORDS.say("working"),
                    () -> TurnWords.of(stage, tour.drill().surface(), dose, unit),
                    more -> add(tour, more),
                    trouble -> {});
        }
        return turns;
    }

    private void add(Tour tour, List<String> more) {
        if (tour.rung().id().equals(told) && !more.isEmpty()) {
            turns.addAll(more);
            tell();
        }
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

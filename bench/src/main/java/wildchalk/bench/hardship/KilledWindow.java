package wildchalk.bench.hardship;

import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import javafx.util.Duration;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.exchange.SystemChooser;
import wildchalk.storage.book.Book;
import wildchalk.storage.kind.LogKind;
import wildchalk.storage.kind.PracticeKind;
import wildchalk.storage.kind.Rota;
import wildchalk.storage.kind.SquadKind;

/**
 * The real window on a book, where somebody edits without a pause: each edit has a number, and whenever the window
 * shows that it is kept, the number of the last edit is printed. It goes on until the process is killed. Told the book
 * and the id of a drill.
 */
public final class KilledWindow extends Application {

    static final String TITLE = "Edit ";
    static final String ROTA = "w0";
    static final String SQUAD = "s0";
    static final String PRACTICE = "p0";
    static final String ENTRY = "e0";
    private static final int MOST_PEOPLE = 40;
    private static final int LONGEST_PAUSE = 60;
    private static final int LONGEST_TEXT = 6000;

    private final Random random = new Random();
    private OpenWindow session;
    private int number;

    @Override
    public void start(Stage stage) {
        List<String> args = getParameters().getUnnamed();
        session = OpenWindow.start(
                stage,
                Request.usual().withBook(Path.of(args.get(0))),
                new SystemChooser(stage, getHostServices()::showDocument));
        session.opened().thenRun(() -> {
            Label kept = (Label) stage.getScene().lookup("#kept");
            kept.textProperty().addListener((o, was, is) -> {
                if (is.equals("kept just now")) {
                    System.out.println("kept " + number);
                }
            });
            session.window().open(load(Path.of(args.get(0)), args.get(1)));
            number = numberOf(session.board().orElseThrow().drill().title());
            System.out.println(Victim.READY);
            edit();
        });
    }

    private static Drill load(Path book, String id) {
        // A second look at the book that this very window has open: as it is now.
        try (Book look = Book.open(book)) {
            return look.drills().load(id);
        }
    }

    static int numberOf(String title) {
        return title.startsWith(TITLE) ? Integer.parseInt(title.substring(TITLE.length())) : 0;
    }

    private void edit() {
        BoardState board = session.board().orElseThrow();
        number++;
        String title = TITLE + number;
        String text = "x".repeat(random.nextInt(LONGEST_TEXT));
        board.apply(new Edit<>("Edit", d -> d.withTitle(title).withNotes(List.of(text), d.questions(), d.cautions())));
        // Documents of other kinds go the same way, in step: the window says "kept" of all.
        session.keeper().orElseThrow().keep(Rota.KIND, Rota.of(ROTA, title, text), "Edit");
        session.keeper()
                .orElseThrow()
                .keep(SquadKind.SQUADS, Samples.squad(SQUAD, title, random.nextInt(MOST_PEOPLE)), "Edit");
        session.keeper()
                .orElseThrow()
                .keep(
                        PracticeKind.PRACTICES,
                        Samples.practice(PRACTICE, title, "d0", 1 + random.nextInt(MOST_PEOPLE)),
                        "Edit");
        session.keeper()
                .orElseThrow()
                .keep(LogKind.LOGS, Samples.entry(ENTRY, title, "d0", 1 + random.nextInt(MOST_PEOPLE)), "Edit");
        PauseTransition pause = new PauseTransition(Duration.millis(random.nextInt(LONGEST_PAUSE)));
        pause.setOnFinished(e -> edit());
        pause.play();
    }
}

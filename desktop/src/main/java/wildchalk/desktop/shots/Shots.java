package wildchalk.desktop.shots;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.util.Duration;
import wildchalk.core.drill.Choices;
import wildchalk.core.show.Stop;
import wildchalk.desktop.DemoBook;
import wildchalk.desktop.OpenWindow;
import wildchalk.desktop.Request;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.exchange.SystemChooser;
import wildchalk.desktop.pages.PracticePage;
import wildchalk.desktop.paint.WindowPicture;
import wildchalk.desktop.show.ShowWindows;

/** Draws the pictures of the documents: starts the real window on a fresh demo book and goes from view to view. */
public final class Shots extends Application {

    /** So many came. */
    private static final int NIGHT = 12;

    private static final Duration SETTLE = Duration.millis(900);
    /** So high that all starters are on one picture, and as high as the window is otherwise. */
    private static final double SHEET = 1880;

    private static final double HEIGHT = 800;
    private static final int PAGE = 4096;

    private static Path folder;
    private static Path book;
    private final Deque<Runnable> steps = new ArrayDeque<>();
    private Stage stage;
    private OpenWindow session;
    private RunShot run;

    /**
     * Draws all pictures.
     *
     * @param into the folder they are written to
     * @param freshBook a place for a book, where there is none yet
     */
    public static void draw(Path into, Path freshBook) {
        folder = into;
        book = freshBook;
        Application.launch(Shots.class);
    }

    @Override
    public void start(Stage shown) {
        stage = shown;
        session = OpenWindow.start(
                shown, Request.demo(book).withSeason(), new SystemChooser(shown, getHostServices()::showDocument));
        step(() -> click("#tab-book"));
        rest();
        rest();
        step(() -> picture("book"));
        beginning();
        drawing();
        ladder();
        showing();
        handingOut();
        squads();
        practices();
        running();
        ground();
        step(() -> click("#tab-log"));
        rest();
        step(() -> LogShot.open(session));
        rest();
        step(() -> picture("log"));
        damaged();
        step(shown::close);
        session.opened().thenRun(this::next);
    }

    /** All that a drill can begin with, and the first minute when it comes to its third step. */
    private void beginning() {
        step(() -> ((Button) find("#new-drill")).fire());
        rest();
        rest();
        step(() -> picture("begin"));
        step(() -> {
            ((TextInputControl) find("#begin-find")).setText("starter");
            stage.setHeight(SHEET);
        });
        rest();
        rest();
        step(() -> picture("starters"));
        step(() -> stage.setHeight(HEIGHT));
        step(() -> ((Button) find("#begin-back")).fire());
        step(() -> press(find("#book-view"), KeyCode.F1));
        rest();
        step(() -> {
            Node there = find("#board");
            List.of(
                            KeyCode.DIGIT1,
                            KeyCode.ENTER,
                            KeyCode.RIGHT,
                            KeyCode.RIGHT,
                            KeyCode.RIGHT,
                            KeyCode.RIGHT,
                            KeyCode.RIGHT,
                            KeyCode.RIGHT,
                            KeyCode.RIGHT,
                            KeyCode.ENTER,
                            KeyCode.DIGIT4,
                            KeyCode.ENTER)
                    .forEach(k -> press(there, k));
        });
        rest();
        step(() -> picture("show-me"));
        step(() -> press(find("#board"), KeyCode.F1));
        step(() -> open("turnstile"));
    }

    private static void press(Node on, KeyCode key) {
        String typed = key.isDigitKey() ? key.getName() : "";
        on.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", typed, key, false, false, false, false));
        on.fireEvent(new KeyEvent(KeyEvent.KEY_RELEASED, "", typed, key, false, false, false, false));
    }

    /** What stands there when a book is opened whose file was damaged: two of its pages are empty. */
    private void damaged() {
        step(() -> {
            session.close();
            try (RandomAccessFile file = new RandomAccessFile(book.toFile(), "rw")) {
                file.seek(PAGE * 4);
                file.write(new byte[PAGE * 2]);
            } catch (IOException e) {
                throw new UncheckedIOException("the book of the pictures cannot be damaged", e);
            }
            stage.setScene(null);
            session = OpenWindow.start(
                    stage, Request.demo(book).withSeason(), new SystemChooser(stage, getHostServices()::showDocument));
        });
        rest();
        step(() -> picture("rescue"));
    }

    /** The Board in its looks, many reps, the set-out sheet, a drill looked over. */
    private void drawing() {
        step(() -> click("#tab-board"));
        step(() -> {
            board().head().atProperty().set(2.6);
            board().selection().choose("a4");
        });
        step(() -> picture("board"));
        step(() -> {
            board().selection().choose();
            board().head().atProperty().set(0);
            click("#sheet-next");
        });
        step(() -> click("#mode-many"));
        step(() -> board().flow().count(NIGHT));
        step(() -> board().many().atProperty().set(100));
        step(() -> picture("eight-minutes"));
        step(() -> click("#mode-one"));
        step(() -> {
            click("#sheet-words");
            open("sixpenny");
        });
        step(() -> click("#sheet-set-out"));
        step(() -> board().selection().choose("m2"));
        step(() -> picture("set-out"));
        step(() -> {
            click("#sheet-words");
            board().selection().choose();
            open("starlings");
        });
        step(() -> click("#sheet-rules"));
        step(() -> board().head().atProperty().set(12));
        step(() -> picture("rules"));
        step(() -> {
            click("#sheet-words");
            open("mousetrap");
        });
        step(() -> click("#sheet-look"));
        rest();
        rest();
        rest();
        step(() -> board().look()
                .pointedProperty()
                .set(board().look().foundProperty().get().listed().stream().findFirst()));
        step(() -> picture("look-it-over"));
        step(() -> click("#sheet-words"));
    }

    /** A ladder with what a rung changes, a read the other way, a freeze before and after its answer. */
    private void ladder() {
        step(() -> {
            open("lamplighter");
            board().model().climb("s4");
        });
        step(() -> click("#differs-show"));
        step(() -> picture("ladder"));
        step(() -> {
            board().model().climb("s1");
            board().focus().choicesProperty().set(Choices.NONE.with("r1", "o2"));
            board().head().atProperty().set(board().timeline().duration() * 0.8);
        });
        step(() -> picture("read"));
    }

    private void showing() {
        step(() -> {
            board().model().climb("s2");
            ((Button) find("#show-it")).fire();
        });
        step(() -> {
            ShowWindows windows = session.shown().orElseThrow();
            windows.people().setFullScreen(false);
            windows.notes().show();
            while (windows.showing().tourProperty().get().stop().kind() != Stop.Kind.FORK) {
                windows.showing().step(1);
            }
        });
        step(() -> {
            WindowPicture.write(session.shown().orElseThrow().people(), folder.resolve("show.png"));
            session.shown().orElseThrow().close();
        });
    }

    /** A card, as it is looked at before it is made. */
    private void handingOut() {
        step(() -> {
            board().model().climb("s1");
            ((Button) find("#hand-out")).fire();
        });
        step(() -> click("#kind-0"));
        rest();
        step(() -> picture("hand-out"));
    }

    /** A squad in three groups with a keeper in each. */
    private void squads() {
        step(() -> click("#tab-squad"));
        rest();
        step(() -> ((Button) find("#groups-3")).fire());
        rest();
        step(() -> ((Button) find("#wish")).fire());
        step(() -> {
            ContextMenu list = list();
            list.hide();
            ((Menu) list.getItems().get(0))
                    .getItems().stream()
                            .filter(i -> "keeper".equals(i.getText()))
                            .findFirst()
                            .orElseThrow()
                            .fire();
        });
        rest();
        step(() -> picture("squad"));
    }

    /** An evening that does not fit. */
    private void practices() {
        step(() -> click("#tab-practice"));
        for (int i = 0; i < 4; i++) {
            rest();
        }
        step(() -> picture("practice"));
    }

    /** An evening that runs: in the middle of a part that counts. */
    private void running() {
        step(() -> {
            run = new RunShot(session.window().runs().orElseThrow());
            ((Button) find("#run-it")).fire();
        });
        rest();
        step(() -> run.small());
        step(() -> run.press("#run-do-whistle"));
        step(() -> {
            run.goesBy(254_000);
            List.of("count-coral-in-a-mini-goal", "count-sky-in-a-mini-goal", "count-coral-ball-won")
                    .forEach(id -> run.press("#" + id));
        });
        step(() -> run.press("#count-sky-ball-won"));
        rest();
        step(() -> run.picture(folder.resolve("pitchside.png")));
        step(() -> run.end());
    }

    /** Three groups that go round three places of a pitch, in their second turn. */
    private void ground() {
        step(() -> ((Button) find("#practice-title")).fire());
        step(() -> {
            ContextMenu list = list();
            list.hide();
            list.getItems().stream()
                    .filter(i -> "practice-corners-thursday".equals(i.getId()))
                    .findFirst()
                    .orElseThrow()
                    .fire();
        });
        rest();
        rest();
        step(() -> session.window()
                .page(PracticePage.class)
                .flatMap(PracticePage::state)
                .orElseThrow()
                .choose(Optional.of("b2")));
        rest();
        step(() -> ((Button) find("#block-ground")).fire());
        rest();
        rest();
        step(() -> ((Button) find("#ground-turn-2")).fire());
        step(() -> picture("ground"));
    }

    /** What is made beside the window's thread takes a moment. */
    private void rest() {
        for (int i = 0; i < 5; i++) {
            step(() -> {});
        }
    }

    private BoardState board() {
        return session.board().orElseThrow();
    }

    private void open(String id) {
        session.window()
                .open(DemoBook.drills().stream()
                        .filter(d -> d.id().equals(id))
                        .findFirst()
                        .orElseThrow());
    }

    private void step(Runnable step) {
        steps.add(step);
    }

    private void next() {
        PauseTransition pause = new PauseTransition(SETTLE);
        pause.setOnFinished(e -> {
            steps.remove().run();
            if (!steps.isEmpty()) {
                next();
            }
        });
        pause.play();
    }

    /** The list that is open. */
    private static ContextMenu list() {
        return Window.getWindows().stream()
                .filter(ContextMenu.class::isInstance)
                .map(ContextMenu.class::cast)
                .findFirst()
                .orElseThrow();
    }

    private Node find(String id) {
        return stage.getScene().lookup(id);
    }

    private void click(String id) {
        ((ToggleButton) find(id)).fire();
    }

    private void picture(String name) {
        WindowPicture.write(stage, folder.resolve(name + ".png"));
    }

    @Override
    public void stop() {
        session.close();
    }
}

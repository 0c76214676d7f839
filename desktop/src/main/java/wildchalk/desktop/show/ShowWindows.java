package wildchalk.desktop.show;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Rectangle2D;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.stage.Screen;
import javafx.stage.Stage;
import javafx.stage.Window;

/**
 * The windows of a showing: one for the people, which fills a screen, the projector's where there is one; one with the
 * coach's notes. Keys do the same in both.
 */
public final class ShowWindows {

    private static final double NOTES_WIDTH = 460;
    private static final double NOTES_HEIGHT = 640;

    private final ShowState showing;
    private final Stage people = new Stage();
    private final Stage notes = new Stage();
    private final ShowView view;
    private final Set<KeyCode> held = EnumSet.noneOf(KeyCode.class);

    private ShowWindows(ShowState showing, Window owner, List<String> styles) {
        this.showing = showing;
        view = new ShowView(showing);
        people.initOwner(owner);
        people.setTitle("Wild Chalk: " + showing.board().drill().title());
        people.setScene(scene(view, styles));
        people.setFullScreenExitHint("");
        people.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
        notes.initOwner(owner);
        notes.setTitle("Notes: " + showing.board().drill().title());
        notes.setScene(scene(new NotesView(showing), styles));
        notes.setWidth(NOTES_WIDTH);
        notes.setHeight(NOTES_HEIGHT);
        people.setOnHidden(e -> notes.hide());
        // A key that is let go in another window is never told to this one.
        people.focusedProperty().subscribe(held::clear);
        notes.focusedProperty().subscribe(held::clear);
    }

    private Scene scene(Parent root, List<String> styles) {
        Scene scene = new Scene(root, 1280, 800);
        scene.getStylesheets().setAll(styles);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, e -> held.remove(e.getCode()));
        return scene;
    }

    /**
     * Opens them.
     *
     * @param owner the window from which it is shown
     */
    public static ShowWindows open(ShowState showing, Window owner) {
        ShowWindows windows =
                new ShowWindows(showing, owner, List.copyOf(owner.getScene().getStylesheets()));
        Optional<Screen> projector = Screen.getScreens().stream()
                .filter(s -> !s.equals(screenOf(owner)))
                .findFirst();
        projector.map(Screen::getVisualBounds).ifPresent(b -> place(windows.people, b));
        windows.people.show();
        windows.people.setFullScreen(true);
        windows.view.requestFocus();
        if (projector.isPresent()) {
            windows.notes.show();
        }
        return windows;
    }

    private static Screen screenOf(Window owner) {
        List<Screen> there = Screen.getScreensForRectangle(owner.getX(), owner.getY(), 1, 1);
        return there.isEmpty() ? Screen.getPrimary() : there.get(0);
    }

    private static void place(Stage stage, Rectangle2D bounds) {
        stage.setX(bounds.getMinX());
        stage.setY(bounds.getMinY());
        stage.setWidth(bounds.getWidth());
        stage.setHeight(bounds.getHeight());
    }

    private void key(KeyEvent e) {
        if (e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        if (!mayRepeat(e.getCode()) && !held.add(e.getCode())) {
            e.consume();
            return;
        }
        if (digit(e.getCode()) > 0) {
            showing.choose(digit(e.getCode()));
        } else if (!known(e)) {
            return;
        }
        e.consume();
    }

    /** Whether a key that is kept down does its work again and again: stepping does, nothing that plays or switches. */
    private static boolean mayRepeat(KeyCode code) {
        return code.isArrowKey() || code == KeyCode.PERIOD || code == KeyCode.COMMA;
    }

    private boolean known(KeyEvent e) {
        switch (e.getCode()) {
            case SPACE, ENTER -> showing.goOn();
            case RIGHT, DOWN, PERIOD -> showing.step(1);
            case LEFT, UP, COMMA -> showing.step(-1);
            case PAGE_DOWN -> showing.climb(1);
            case PAGE_UP -> showing.climb(-1);
            case HOME -> showing.restart();
            case R -> showing.again();
            case B -> showing.blankProperty().set(!showing.blankProperty().get());
            case H -> showing.slowProperty().set(!showing.slowProperty().get());
            case L -> showing.laserProperty().set(!showing.laserProperty().get());
            case Y -> showing.follow(e.isShiftDown() ? -1 : 1);
            case N -> showNotes();
            case ESCAPE -> people.hide();
            default -> {
                return false;
            }
        }
        return true;
    }

    private static int digit(KeyCode code) {
        return code.isDigitKey() || code.isKeypadKey() && code.getName().matches(".*\\d")
                ? code.getName().charAt(code.getName().length() - 1) - '0'
                : 0;
    }

    private void showNotes() {
        if (notes.isShowing()) {
            notes.hide();
        } else {
            notes.show();
        }
    }

    /** Ends the showing. */
    public void close() {
        people.hide();
    }

    public boolean isOpen() {
        return people.isShowing();
    }

    /** The window that people look at. */
    public Stage people() {
        return people;
    }

    /** The window with the coach's notes. */
    public Stage notes() {
        return notes;
    }

    /** How many lines of the fading chalk can be seen. */
    public int chalkLines() {
        return view.chalk().count();
    }

    public ShowState showing() {
        return showing;
    }
}

package wildchalk.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.ListView;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.state.BoardState;
import wildchalk.desktop.exchange.Exchange.Chooser;
import wildchalk.desktop.paint.ScreenMap;
import wildchalk.handout.HandOuts;
import wildchalk.handout.order.HandOut;

/** The real window with a mouse and a keyboard, on a book of its own. */
abstract class RealWindow {

    @TempDir
    Path folder;

    final FxRobot robot = new SwiftRobot();
    OpenWindow session;
    Stage stage;
    Path picked;
    Path looked;
    String suggested;

    final Chooser chooser = new Chooser() {
        @Override
        public Optional<Path> toSave(String suggestedName, String kind, String pattern) {
            suggested = suggestedName;
            return Optional.ofNullable(picked);
        }

        @Override
        public Optional<Path> toOpen(String kind, String... patterns) {
            return Optional.ofNullable(picked);
        }

        @Override
        public List<Path> toOpenSeveral(String kind, String... patterns) {
            return Optional.ofNullable(picked).map(List::of).orElse(List.of());
        }

        @Override
        public void look(Path file) {
            looked = file;
        }
    };

    @BeforeEach
    void startToolkit() throws TimeoutException {
        FxToolkit.registerPrimaryStage();
    }

    @AfterEach
    void closeWindow() throws Exception {
        close();
    }

    Path book() {
        return folder.resolve("Test.chalkbook");
    }

    void open(Request request) throws Exception {
        session = fx(() -> {
            stage = new Stage();
            return OpenWindow.start(stage, request, chooser);
        });
        session.opened().get(90, TimeUnit.SECONDS);
        settle();
    }

    void close() throws Exception {
        if (session != null) {
            fx(() -> {
                stage.close();
                return null;
            });
            session.close();
            session = null;
        }
    }

    static <T> T fx(Callable<T> call) throws Exception {
        return WaitForAsyncUtils.asyncFx(call).get(90, TimeUnit.SECONDS);
    }

    static void settle() {
        WaitForAsyncUtils.waitForFxEvents(3);
    }

    static void await(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> fx(condition));
    }

    BoardState board() {
        return session.board().orElseThrow();
    }

    /** Looked up on the window's thread: while that makes a card, nobody else can find it. */
    Node find(String id) {
        if (Platform.isFxApplicationThread()) {
            return stage.getScene().lookup(id);
        }
        return WaitForAsyncUtils.waitForAsyncFx(60_000, () -> stage.getScene().lookup(id));
    }

    ScreenMap map() {
        Node pane = find("#board");
        return ScreenMap.fit(
                board().drill(),
                board().surface(),
                Math.floor(pane.getLayoutBounds().getWidth()),
                Math.floor(pane.getLayoutBounds().getHeight()));
    }

    Point2D onScreen(Vec place) {
        return find("#board").localToScreen(map().x(place), map().y(place));
    }

    void dragOnBoard(Vec from, Vec to) {
        robot.moveTo(onScreen(from));
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i <= 8; i++) {
            robot.moveTo(onScreen(from.towards(to, i / 8.0)));
        }
        letGo();
    }

    void clickOnBoard(Vec place) {
        robot.moveTo(onScreen(place));
        robot.press(MouseButton.PRIMARY);
        letGo();
    }

    /** Lets the button go and waits until that has come. */
    void letGo() {
        int expected = SwiftRobot.released() + 1;
        robot.release(MouseButton.PRIMARY);
        awaitReleases(expected);
    }

    /** What a key brings up is there a moment later: a mouse waits for it, as a hand does. */
    void click(String id) throws Exception {
        await(() -> find(id) != null);
        robot.moveTo(find(id));
        robot.press(MouseButton.PRIMARY);
        letGo();
    }

    /** Begins a drill with what is found by some words. */
    void begin(String words, String id) throws Exception {
        click("#new-drill");
        await(() -> find("#begin-page") != null && find("#begin-find").isFocused());
        write(words);
        settle();
        click(id);
        await(() -> session.board().isPresent() && find("#board") != null);
    }

    /** Where something is on the screen. */
    Bounds onScreen(String id) throws Exception {
        return fx(() -> find(id).localToScreen(find(id).getLayoutBounds()));
    }

    /** Pulls from one place of the screen to another. */
    void drag(Point2D from, Point2D to) {
        robot.moveTo(from);
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i <= 8; i++) {
            robot.moveTo(from.interpolate(to, i / 8.0));
        }
        letGo();
    }

    /** Opens the Hand out page at one kind. */
    void handOut(String kind) throws Exception {
        click("#hand-out");
        await(() -> find("#hand-out-page") != null);
        click("#kind-" + HandOuts.ALL.stream().map(HandOut::words).toList().indexOf(kind));
    }

    /**
     * Opens a menu with the mouse and takes an item. The item is taken without the mouse: on a virtual display a menu
     * may be somewhere else for a moment before it is where it opens.
     */
    void take(Node button, String item) throws Exception {
        ContextMenu list = opened(button);
        fx(() -> {
            list.hide();
            items(list.getItems())
                    .filter(i -> item.equals(i.getText()))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError(item + " is not among "
                            + items(list.getItems()).map(MenuItem::getText).toList()))
                    .fire();
            return null;
        });
        settle();
    }

    /** Opens the list of a button with the mouse: once more where a page that just comes in stood in the way. */
    ContextMenu opened(Node button) throws Exception {
        Callable<Optional<ContextMenu>> list = () -> Window.getWindows().stream()
                .filter(ContextMenu.class::isInstance)
                .map(ContextMenu.class::cast)
                .findFirst();
        for (int tries = 0; tries < 3; tries++) {
            robot.clickOn(button);
            for (int waited = 0; waited < 20_000 && fx(list).isEmpty(); waited += 50) {
                WaitForAsyncUtils.sleep(50, TimeUnit.MILLISECONDS);
            }
            if (fx(list).isPresent()) {
                return fx(list).orElseThrow();
            }
        }
        throw new TimeoutException("no list opens at " + button);
    }

    /** How many drills the Book shows, those included that are to be scrolled to. */
    int cards() throws Exception {
        return fx(() -> stage.getScene().lookup(".card-grid") instanceof ListView<?> grid
                ? grid.getItems().stream()
                        .mapToInt(row -> ((List<?>) row).size())
                        .sum()
                : -1);
    }

    static boolean isSeen(Node node) {
        return node.isVisible() && (node.getParent() == null || isSeen(node.getParent()));
    }

    /** The card of a drill, brought into sight. */
    Node card(String id) throws Exception {
        return fx(() -> {
            ListView<?> grid = (ListView<?>) stage.getScene().lookup(".card-grid");
            for (int row = 0; row <= grid.getItems().size(); row++) {
                stage.getScene().getRoot().applyCss();
                stage.getScene().getRoot().layout();
                Optional<Node> card = grid.lookupAll(".card").stream()
                        .filter(n -> isSeen(n)
                                && ("card-" + id).equals(n.getId())
                                && grid.localToScene(grid.getLayoutBounds())
                                        .contains(
                                                n.localToScene(n.getLayoutBounds())
                                                        .getCenterX(),
                                                n.localToScene(n.getLayoutBounds())
                                                                .getMaxY()
                                                        - 40))
                        .findFirst();
                if (card.isPresent()) {
                    return card.get();
                }
                grid.scrollTo(row);
            }
            throw new IllegalStateException("no card of " + id);
        });
    }

    /** Does something with a drill from the menu on its card. */
    void choose(String id, String item) throws Exception {
        take(card(id).lookup(".card-menu"), item);
    }

    /** The items of a menu and of the menus in it. */
    static Stream<MenuItem> items(List<MenuItem> items) {
        return items.stream().flatMap(i -> i instanceof Menu menu ? items(menu.getItems()) : Stream.of(i));
    }

    /** On a slow machine a key comes to a window some time after it was pressed. */
    void type(KeyCode... keys) {
        int expected = SwiftRobot.released() + keys.length;
        robot.press(keys);
        robot.release(keys);
        awaitReleases(expected);
    }

    /** Types a text and waits until all of it has come. */
    void write(String text) {
        int expected = SwiftRobot.released() + text.length();
        robot.write(text);
        awaitReleases(expected);
        // Capitals let go of Shift as well.
        int before;
        do {
            before = SwiftRobot.released();
            WaitForAsyncUtils.sleep(100, TimeUnit.MILLISECONDS);
        } while (SwiftRobot.released() > before);
    }

    private void awaitReleases(int expected) {
        for (int i = 0; i < 4000 && SwiftRobot.released() < expected; i++) {
            if (i == 1000) {
                System.out.println("a key or button was not heard of for five seconds");
            }
            WaitForAsyncUtils.sleep(5, TimeUnit.MILLISECONDS);
        }
        settle();
    }

    /** The colour on the screen round a place of the board, counted: how many dots of 9 have it. */
    int dots(Vec place, Color colour) throws Exception {
        return fx(() -> {
            WritableImage image = stage.getScene().snapshot(null);
            Point2D at = find("#board").localToScene(map().x(place), map().y(place));
            int found = 0;
            for (int dx = -6; dx <= 6; dx += 6) {
                for (int dy = -6; dy <= 6; dy += 6) {
                    Color c = image.getPixelReader().getColor((int) at.getX() + dx, (int) at.getY() + dy);
                    double off = Math.abs(c.getRed() - colour.getRed())
                            + Math.abs(c.getGreen() - colour.getGreen())
                            + Math.abs(c.getBlue() - colour.getBlue());
                    found += off < 0.05 ? 1 : 0;
                }
            }
            return found;
        });
    }
}

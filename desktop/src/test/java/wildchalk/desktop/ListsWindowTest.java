package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Paint;
import javafx.stage.PopupWindow;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Travel;
import wildchalk.core.log.season.Season;
import wildchalk.core.scene.Look;
import wildchalk.desktop.board.state.Tool;
import wildchalk.desktop.log.LogState;
import wildchalk.desktop.pages.LogPage;

/** Every list that opens, in the real window: it can be read, and is there for the keyboard. */
class ListsWindowTest extends RealWindow {

    /** Least contrast of letters and what is behind them. */
    private static final double READABLE = 4.5;

    private final List<String> faint = new ArrayList<>();
    private int read;

    private static double light(Color c) {
        double[] part = {c.getRed(), c.getGreen(), c.getBlue()};
        for (int i = 0; i < 3; i++) {
            part[i] = part[i] <= 0.03928 ? part[i] / 12.92 : Math.pow((part[i] + 0.055) / 1.055, 2.4);
        }
        return 0.2126 * part[0] + 0.7152 * part[1] + 0.0722 * part[2];
    }

    private static double contrast(Color a, Color b) {
        double one = light(a) + 0.05;
        double two = light(b) + 0.05;
        return Math.max(one, two) / Math.min(one, two);
    }

    private static Color colour(Paint paint) {
        return paint instanceof LinearGradient g ? g.getStops().get(0).getColor() : (Color) paint;
    }

    /** What is painted behind a node. */
    private static Optional<Color> behind(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at instanceof Region r && r.getBackground() != null) {
                List<BackgroundFill> fills = r.getBackground().getFills();
                for (int i = fills.size() - 1; i >= 0; i--) {
                    Color colour = colour(fills.get(i).getFill());
                    if (colour.getOpacity() > 0.95) {
                        return Optional.of(colour);
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** Reads all that is written in the lists that are open. */
    private void read(String where) {
        for (Window window : List.copyOf(Window.getWindows())) {
            if (window instanceof PopupWindow popup && popup.isShowing()) {
                popup.getScene().getRoot().applyCss();
                for (Node node : popup.getScene().getRoot().lookupAll(".label")) {
                    if (node instanceof Labeled l && !l.getText().isBlank() && !l.isDisabled()) {
                        read++;
                        double contrast =
                                contrast(colour(l.getTextFill()), behind(l).orElse(Color.WHITE));
                        if (contrast < READABLE) {
                            faint.add(String.format("%s, \u201c%s\u201d: %.1f", where, l.getText(), contrast));
                        }
                    }
                }
            }
        }
    }

    private void readAll(List<MenuItem> items, String where) throws Exception {
        for (MenuItem item : items) {
            if (item instanceof Menu menu) {
                fx(() -> {
                    menu.show();
                    return null;
                });
                settle();
                fx(() -> {
                    read(where + " › " + menu.getText());
                    menu.hide();
                    return null;
                });
            }
        }
    }

    private void everyListOf(String page) throws Exception {
        List<MenuButton> buttons = fx(() -> stage.getScene().getRoot().lookupAll(".menu-button").stream()
                .filter(n -> n instanceof MenuButton && isSeen(n))
                .map(MenuButton.class::cast)
                .toList());
        assertTrue(!buttons.isEmpty(), page + " has lists");
        for (MenuButton button : buttons) {
            String where = page + ", " + button.getId() + " " + button.getText();
            fx(() -> {
                button.show();
                return null;
            });
            settle();
            fx(() -> {
                read(where);
                return null;
            });
            readAll(List.copyOf(button.getItems()), where);
            fx(() -> {
                button.hide();
                return null;
            });
        }
    }

    @Test
    void everyWordOfEveryListCanBeRead() throws Exception {
        open(Request.demo(book()));
        everyListOf("the Board");
        fx(() -> {
            board().viewing().lookProperty().set(Look.PAPER);
            return null;
        });
        everyListOf("the Board on paper");
        click("#tab-book");
        await(() -> stage.getScene().lookup(".card .card-menu") != null);
        ContextMenu list = opened(stage.getScene().lookup(".card .card-menu"));
        fx(() -> {
            read("a card of the Book");
            return null;
        });
        readAll(List.copyOf(list.getItems()), "a card of the Book");
        assertEquals(List.of(), faint);
        assertTrue(read > 60, read + " words were read");
    }

    private void readPage(String where) throws Exception {
        fx(() -> {
            for (Node node : stage.getScene().getRoot().lookupAll(".label")) {
                if (node instanceof Labeled l
                        && l.getText() != null
                        && !l.getText().isBlank()
                        && isSeen(l)
                        && !l.isDisabled()) {
                    read++;
                    double contrast =
                            contrast(colour(l.getTextFill()), behind(l).orElse(Color.WHITE));
                    if (contrast < READABLE) {
                        faint.add(String.format("%s, \u201c%s\u201d: %.1f", where, l.getText(), contrast));
                    }
                }
            }
            return null;
        });
    }

    @Test
    void everyWordOfManyRepsCanBeRead() throws Exception {
        open(Request.demo(book()));
        type(KeyCode.J);
        await(() -> board().helps().foundProperty().get() != null
                && !board().helps().foundProperty().get().helps().isEmpty());
        readPage("many reps");
        fx(() -> {
            board().viewing().lookProperty().set(Look.PAPER);
            board().many().follow("B");
            board().helps().take(board().helps().foundProperty().get().helps().get(0));
            return null;
        });
        await(() -> find("#helps-take-back") != null
                && board().helps().foundProperty().get() != null);
        readPage("many reps with a change that helps");
        // The button of a rung lies on its picture, which has no colour behind it that could be asked for.
        faint.removeIf(f -> f.contains("\u201c\u2026\u201d"));
        assertEquals(List.of(), faint);
    }

    @Test
    void everyWordOfTheSquadPageCanBeRead() throws Exception {
        open(Request.demo(book()));
        click("#tab-squad");
        await(() -> find("#groups-6") != null);
        click("#groups-6");
        await(() -> find("#group-5") != null);
        readPage("the Squad page");
        for (String button : List.of("#squad-title", "#groups-title", "#wish", "#group-name-0", "#there-m1")) {
            readList(button);
        }
        click("#person-m13");
        await(() -> find("#person-card") != null);
        readPage("a person");
        click("#helper-m22");
        await(() -> find("#helper-card") != null);
        readPage("one of the staff");
        click("#add-people");
        await(() -> find("#add-people-page") != null);
        readPage("adding people");
        assertEquals(List.of(), faint);
        assertTrue(read > 150, read + " words were read");
    }

    @Test
    void whatSetsALineOffAndHowItEndsAreChosenByNameOrWithTheSameKeyAgain() throws Exception {
        open(Request.demo(book()));
        Travel line = board().stage().actions().stream()
                .filter(Travel.class::isInstance)
                .map(Travel.class::cast)
                .reduce((a, b) -> b)
                .orElseThrow();
        fx(() -> {
            board().selection().choose(line.id());
            find("#board").requestFocus();
            return null;
        });
        type(KeyCode.W);
        await(() -> list("cue-menu").isPresent());
        fx(() -> {
            read("W");
            return null;
        });
        Cue before = line.cue();
        // On a busy machine the one before it may still be there, and take the key that closes.
        Optional<ContextMenu> first = fx(() -> list("cue-menu"));
        type(KeyCode.W);
        await(() -> !now(line).cue().equals(before));
        await(() -> list("cue-menu").filter(m -> m != first.orElseThrow()).isPresent());
        settle();
        type(KeyCode.ESCAPE);
        await(() -> list("cue-menu").isEmpty());
        type(KeyCode.E);
        await(() -> list("endings").isPresent());
        fx(() -> {
            read("E");
            return null;
        });
        Optional<ContextMenu> endings = fx(() -> list("endings"));
        type(KeyCode.E);
        await(() -> now(line) instanceof Travel t && t.ending() != line.ending());
        await(() -> list("endings").filter(m -> m != endings.orElseThrow()).isPresent());
        settle();
        type(KeyCode.ESCAPE);
        await(() -> list("endings").isEmpty());
        assertEquals(List.of(), faint);
    }

    @Test
    void keysAreTheBoardsAgainWhenAListIsClosedOrAButtonClicked() throws Exception {
        open(Request.demo(book()));
        opened(find("#looks"));
        type(KeyCode.ESCAPE);
        await(() -> stage.getScene().getFocusOwner() == find("#board"));
        type(KeyCode.SPACE);
        await(() -> board().head().playingProperty().get());
        type(KeyCode.SPACE);
        await(() -> !board().head().playingProperty().get());
        click("#loop");
        assertTrue(board().head().loopingProperty().get());
        await(() -> stage.getScene().getFocusOwner() == find("#board"));
        type(KeyCode.SPACE);
        await(() -> board().head().playingProperty().get());
        assertTrue(board().head().loopingProperty().get(), "the space bar plays, and does not press the button again");
    }

    @Test
    void nameOfARungHasTheLettersThatAreTyped() throws Exception {
        open(Request.demo(book()));
        take(stage.getScene().lookup(".rung-menu"), "Rename");
        await(() -> stage.getScene().getFocusOwner() instanceof TextInputControl);
        write("crash");
        type(KeyCode.ENTER);
        await(() -> board().drill().ladder().get(0).title().contains("crash"));
        assertEquals(Tool.GUESS, board().toolProperty().get(), "no letter was taken for a chalk");
    }

    private Action now(Action action) {
        return board().stage().action(action.id()).orElseThrow();
    }

    private static Optional<ContextMenu> list(String id) {
        return Window.getWindows().stream()
                .filter(w -> w instanceof ContextMenu m && id.equals(m.getId()) && m.isShowing())
                .map(ContextMenu.class::cast)
                .findFirst();
    }

    @Test
    void everyWordOfThePracticePageCanBeRead() throws Exception {
        open(Request.demo(book()));
        click("#tab-practice");
        await(() -> find("#found-more") != null);
        click("#found-more");
        readPage("the Practice page");
        for (String button : List.of("#practice-title", "#fit")) {
            readList(button);
        }
        click("#block-b1");
        await(() -> find("#block-card") != null);
        readPage("a drill in an evening");
        readList("#block-lead");
        click("#block-b3");
        await(() -> find("#block-words") != null);
        readPage("water in an evening");
        click("#mend-0-0");
        await(() -> find("#fit-take") != null);
        readPage("fitting an evening");
        click("#fit-leave");
        click("#evening");
        await(() -> find("#evening-card") != null);
        readPage("the evening");
        for (String button : List.of("#evening-surface", "#evening-squad")) {
            readList(button);
        }
        assertEquals(List.of(), faint);
        assertTrue(read > 150, read + " words were read");
    }

    @Test
    void everyWordOfTheLogCanBeRead() throws Exception {
        open(Request.demo(book()).withSeason());
        click("#tab-log");
        LogState log = session.window().page(LogPage.class).orElseThrow().state();
        await(() -> log.shownProperty()
                .get()
                .filter(s -> s.season().evenings().size() == DemoSeason.EVENINGS)
                .isPresent());
        for (String button : List.of("#log-questions", "#log-own", "#log-squad", "#log-skill", "#log-drill")) {
            readList(button);
        }
        for (String view : List.of("season", "drills", "people", "unrun")) {
            click("#log-view-" + view);
            readPage("the log: " + view);
        }
        click("#log-view-season");
        click("#log-as-table");
        await(() -> find("#log-table") != null);
        readPage("the season as a table");
        click("#log-as-table");
        fx(() -> {
            Season season = log.shownProperty().get().orElseThrow().season();
            session.window().open(season.evenings().get(DemoSeason.EVENINGS - 1).entry());
            return null;
        });
        await(() -> find("#log-entry") != null);
        readPage("an evening of the log");
        for (String button : List.of("#entry-menu", "#entry-people", "#entry-day")) {
            readList(button);
        }
        click("#log-type-in");
        await(() -> find("#type-in") != null);
        readPage("typing an evening in");
        click("#type-in-back");
        click("#hand-out");
        await(() -> find("#log-send") != null);
        readPage("out of the log");
        assertEquals(List.of(), faint);
        assertTrue(read > 120, read + " words were read");
    }

    private void readList(String button) throws Exception {
        ContextMenu list = opened(find(button));
        fx(() -> {
            read(button);
            return null;
        });
        readAll(List.copyOf(list.getItems()), button);
        fx(() -> {
            list.hide();
            return null;
        });
    }
}

package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.stage.Window;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import wildchalk.core.catalogue.DrillQuery;
import wildchalk.core.catalogue.DrillSummarizer;
import wildchalk.core.catalogue.DrillSummary;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.desktop.board.canvas.Thumbnail;
import wildchalk.storage.book.Book;

/** Each pill over the cards leaves those drills that it should, as worked out without the window. */
class BookFiltersWindowTest extends RealWindow {

    private static final List<Drill> DRILLS = DemoBook.drills();

    @BeforeEach
    void openBook() throws Exception {
        open(Request.demo(book()).openingNothing());
        await(() -> rows().size() == DRILLS.size() && rows().stream().allMatch(Book.Row::seen));
    }

    private List<Book.Row> rows() throws Exception {
        return fx(() -> ((ListView<?>) stage.getScene().lookup(".card-grid"))
                .getItems().stream()
                        .flatMap(r -> ((List<?>) r).stream())
                        .map(Book.Row.class::cast)
                        .toList());
    }

    private static Set<String> fitting(Predicate<DrillSummary> wanted) {
        return DRILLS.stream()
                .filter(d -> wanted.test(DrillSummarizer.at(d).summary()))
                .map(Drill::title)
                .collect(Collectors.toSet());
    }

    private void assertShown(Predicate<DrillSummary> wanted) throws Exception {
        Set<String> titles = fitting(wanted);
        assertFalse(titles.isEmpty() || titles.size() == DRILLS.size(), "this would show nothing: " + titles);
        await(() ->
                rows().stream().map(Book.Row::title).collect(Collectors.toSet()).equals(titles));
    }

    private String said(String pill) throws Exception {
        return fx(() -> ((Labeled) find(pill)).getText());
    }

    /** Types a number into one of the lines of an open list. */
    private void number(String pill, String line, String number) throws Exception {
        ContextMenu list = opened(find(pill));
        fx(() -> {
            TextField field = list.getItems().stream()
                    .filter(CustomMenuItem.class::isInstance)
                    .map(i -> ((CustomMenuItem) i).getContent().lookup(line))
                    .filter(TextField.class::isInstance)
                    .map(TextField.class::cast)
                    .findFirst()
                    .orElseThrow();
            field.setText(number);
            list.hide();
            return null;
        });
    }

    private void showAllAgain() throws Exception {
        click("#filter-clear");
        await(() -> rows().size() == DRILLS.size());
    }

    @Test
    void gearThatIsShort() throws Exception {
        number("#filter-gear", "#filter-balls", "1");
        assertShown(g -> g.balls() <= 1);
        assertEquals("up to 1 ball", said("#filter-gear"));
        number("#filter-gear", "#filter-gear-cone", "1");
        assertShown(g -> g.balls() <= 1 && g.gear().getOrDefault(GearKind.CONE, 0) <= 1);
        showAllAgain();
        assertEquals("Gear", said("#filter-gear"));
    }

    @Test
    void whatIsNoNumberIsNotAskedFor() throws Exception {
        number("#filter-people", "#filter-people-count", "4");
        assertShown(g -> g.people() <= 4);
        number("#filter-people", "#filter-people-count", "a few");
        await(() -> rows().size() == DRILLS.size());
        assertEquals("People", said("#filter-people"));
    }

    @Test
    void spaceSurfaceAndSkillTogether() throws Exception {
        take(find("#filter-space"), "a quarter");
        assertShown(g -> g.space().ordinal() == 0);
        assertEquals("a quarter", said("#filter-space"));
        take(find("#filter-space"), "any");
        await(() -> rows().size() == DRILLS.size());
        take(
                find("#filter-surface"),
                DrillSummarizer.at(DRILLS.get(0)).summary().place());
        assertShown(g -> g.surface().equals(DRILLS.get(0).venue().surface()));
        assertEquals(DrillSummarizer.at(DRILLS.get(0)).summary().place(), said("#filter-surface"));
        showAllAgain();
    }

    @Test
    void minutesThereAre() throws Exception {
        number("#filter-minutes", "#filter-minutes-count", "10");
        assertShown(g -> g.minutes() <= 10);
        assertEquals("up to 10 min", said("#filter-minutes"));
    }

    @Test
    void everyOrderIsTheOneThatWasWorkedOut() throws Exception {
        for (DrillQuery.Order order : DrillQuery.Order.values()) {
            take(find("#order"), order.words());
            await(() -> said("#order").equals("Order: " + order.words()));
            List<Book.Row> shown = rows();
            Comparator<DrillQuery.Dated> comparator = order.comparator();
            await(() -> rows().equals(shown.stream().sorted(comparator).toList()));
        }
        click("#find-drills");
        write("cone");
        await(() -> said("#order").equals("Order: best first"));
        assertTrue(fx(() -> find("#order").isDisabled()), "a search has an order of its own");
    }

    @Test
    void listsOpenAndCloseWithTheKeyboard() throws Exception {
        fx(() -> {
            find("#filter-space").requestFocus();
            return null;
        });
        Callable<Boolean> isOpen = () -> Window.getWindows().stream().anyMatch(ContextMenu.class::isInstance);
        robot.press(KeyCode.DOWN).release(KeyCode.DOWN);
        await(isOpen);
        List<String> offered = fx(() -> Window.getWindows().stream()
                .filter(ContextMenu.class::isInstance)
                .flatMap(w -> ((ContextMenu) w).getItems().stream())
                .map(MenuItem::getText)
                .toList());
        assertEquals(List.of("any", "a quarter", "a half", "all of it"), offered);
        robot.press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        await(() -> !isOpen.call());
        assertEquals(DRILLS.size(), rows().size(), "closing a list asks for nothing");
    }

    @Test
    void whatOpensAListClosesIt() throws Exception {
        opened(find("#filter-skill"));
        robot.clickOn("#filter-skill");
        settle();
        assertTrue(fx(() -> Window.getWindows().stream().noneMatch(ContextMenu.class::isInstance)));
        opened(find("#filter-skill"));
        opened(find("#filter-age"));
        assertEquals(
                1,
                fx(() -> Window.getWindows().stream()
                        .filter(ContextMenu.class::isInstance)
                        .count()),
                "one list at a time");
        robot.clickOn("#filter-age");
    }

    @Test
    void aCardPlaysWhenThePointerRestsOnItAndNotWhenItPasses() throws Exception {
        Node picture = card("turnstile").lookup(".card-picture");
        Callable<Boolean> plays =
                () -> ((StackPane) picture).getChildren().stream().anyMatch(Thumbnail.class::isInstance);
        robot.moveTo("#find-drills");
        fx(() -> {
            // In, and out again before anybody can have looked at it.
            Node card = card("turnstile");
            card.getOnMouseEntered().handle(null);
            card.getOnMouseExited().handle(null);
            return null;
        });
        WaitForAsyncUtils.sleep(700, TimeUnit.MILLISECONDS);
        assertFalse(fx(plays));
        robot.moveTo(picture);
        await(plays);
        robot.moveTo("#find-drills");
        await(() -> !plays.call());
    }
}

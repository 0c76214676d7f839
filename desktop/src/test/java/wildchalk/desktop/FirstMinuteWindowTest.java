package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import javafx.event.ActionEvent;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import wildchalk.core.beginning.Beginning;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Piece;
import wildchalk.desktop.showme.ShowMePage;
import wildchalk.storage.book.Book;

/** An empty book, the first minute, and all that a drill can begin with, in the real window. */
class FirstMinuteWindowTest extends RealWindow {

    private void openEmpty() throws Exception {
        open(Request.usual().withBook(book()));
        await(() -> find("#greeting") != null && find("#greeting").isVisible());
    }

    /** Waits for the words of the next thing to do. */
    private void told(String beginning) throws Exception {
        await(() -> find("#show-me-words") instanceof Text t && t.getText().startsWith(beginning));
        settle();
    }

    /** A place on the board that is shown, as shares of it. */
    private Point2D at(double across, double down) throws Exception {
        Bounds board = onScreen("#board");
        return new Point2D(board.getMinX() + across * board.getWidth(), board.getMinY() + down * board.getHeight());
    }

    private void press(Point2D at) {
        robot.moveTo(at);
        robot.press(MouseButton.PRIMARY);
        letGo();
    }

    private List<Book.Row> kept() throws Exception {
        CompletableFuture<List<Book.Row>> rows = new CompletableFuture<>();
        fx(() -> {
            session.keeper().orElseThrow().ask(Book::rows, rows::complete);
            return null;
        });
        return rows.get(60, TimeUnit.SECONDS);
    }

    /** Does what is said until so many steps were done. */
    private void follow(int steps) throws Exception {
        told("Put two");
        if (steps > 0) {
            type(KeyCode.DIGIT1);
            press(at(0.4, 0.5));
            press(at(0.6, 0.5));
            told("Give one");
        }
        if (steps > 1) {
            type(KeyCode.DIGIT4);
            press(at(0.4, 0.5));
            told("Esc lets go");
        }
        if (steps > 2) {
            type(KeyCode.ESCAPE);
            drag(at(0.4, 0.5), at(0.6, 0.5));
            told("Press the space bar");
        }
        if (steps > 3) {
            type(KeyCode.SPACE);
            told("The words on the left");
        }
        if (steps > 4) {
            await(() -> phrase() != null);
            robot.moveTo(phrase());
            told("That is how it works");
        }
    }

    private Node phrase() {
        return find("#script").lookup(".phrase-what");
    }

    @Test
    void whoeverIsShownItWithTheMouseHasADrillAtTheEndAndMayKeepIt() throws Exception {
        openEmpty();
        click("#greeting-show-me");
        follow(5);
        assertTrue(kept().isEmpty(), "nothing is in the book before the coach says so");
        click("#show-me-keep");
        await(() -> session.board().isPresent());
        assertEquals("My first drill", board().drill().title());
        assertEquals(
                List.of("My first drill"), kept().stream().map(Book.Row::title).toList());
        assertEquals(2, board().stage().people().size());
        assertEquals(1, board().stage().actions().size());
    }

    @Test
    void theSameWithTheKeysAlone() throws Exception {
        openEmpty();
        type(KeyCode.F1);
        told("Put two");
        type(KeyCode.DIGIT1);
        type(KeyCode.LEFT);
        type(KeyCode.ENTER);
        for (int i = 0; i < 8; i++) {
            type(KeyCode.RIGHT);
        }
        type(KeyCode.ENTER);
        told("Give one");
        type(KeyCode.DIGIT4);
        type(KeyCode.RIGHT);
        type(KeyCode.LEFT);
        type(KeyCode.ENTER);
        told("Esc lets go");
        type(KeyCode.ESCAPE);
        type(KeyCode.TAB);
        type(KeyCode.TAB);
        type(KeyCode.ENTER);
        for (int i = 0; i < 8; i++) {
            type(KeyCode.LEFT);
        }
        type(KeyCode.ENTER);
        told("Press the space bar");
        type(KeyCode.SPACE);
        told("The words on the left");
        type(KeyCode.ENTER);
        told("That is how it works");
        type(KeyCode.F1);
        await(() -> find("#greeting") != null && find("#greeting").isVisible());
        assertTrue(kept().isEmpty());
    }

    @Test
    void brokenOffAtEachStepNothingIsLeftBehind() throws Exception {
        openEmpty();
        for (int steps = 0; steps <= 5; steps++) {
            type(KeyCode.F1);
            follow(steps);
            if (steps % 2 == 0) {
                type(KeyCode.F1);
            } else {
                click("#show-me-away");
            }
            await(() -> find("#greeting") != null && find("#greeting").isVisible());
            assertTrue(kept().isEmpty(), "after " + steps + " steps");
            assertTrue(session.board().isEmpty(), "after " + steps + " steps");
            assertTrue(fx(() -> find("#tab-board").isDisabled()));
        }
        // Whoever goes elsewhere instead leaves as little behind.
        type(KeyCode.F1);
        follow(2);
        click("#tab-squad");
        click("#tab-book");
        await(() -> find("#greeting") != null && find("#greeting").isVisible());
        assertTrue(kept().isEmpty());
        assertTrue(session.window().page(ShowMePage.class).isEmpty());
    }

    @Test
    void surfaceIsFoundByItsWordsChosenByLookingAndComesFirstTheNextTime() throws Exception {
        openEmpty();
        click("#greeting-empty");
        await(() -> find("#begin-page") != null);
        assertNull(find("#lately-netball"));
        write("netball");
        await(() -> !find("#new-futsal").isVisible());
        click("#new-netball");
        await(() -> session.board().isPresent());
        assertEquals("netball", board().drill().venue().surface());
        click("#tab-book");
        click("#new-drill");
        await(() -> find("#lately-netball") != null);
        write("nothing of the sort");
        await(() -> !find("#new-netball").isManaged());
        type(KeyCode.ESCAPE);
        await(() -> find("#begin-page") == null);
        assertEquals(1, kept().size());
    }

    @Test
    void peopleAreSetDownForAsManyAsThereAreOnTheSurfaceThatIsChosen() throws Exception {
        openEmpty();
        click("#new-drill");
        await(() -> find("#begin-people") != null);
        fx(() -> {
            TextField field = (TextField) find("#begin-people");
            field.setText("9");
            field.fireEvent(new ActionEvent());
            return null;
        });
        write("lines facing");
        click("#begin-facing");
        await(() -> session.board().isPresent());
        Drill drill = board().drill();
        assertEquals(Beginning.FACING.title(), drill.title());
        assertEquals(
                9,
                board().stage().people().stream()
                        .mapToInt(p -> p instanceof Piece.LineUp l ? 1 + l.waiting() : 1)
                        .sum());
    }

    @Test
    void starterIsChosenByItsPictureAndIsADrillOfTheBook() throws Exception {
        openEmpty();
        click("#greeting-starter");
        await(() -> find("#starter-bellows") != null && find("#starter-bellows").isVisible());
        assertFalse(fx(() -> find("#new-futsal").isVisible()));
        click("#begin-find");
        write(" one who decides");
        type(KeyCode.ESCAPE);
        click("#greeting-starter");
        await(() -> find("#starter-bellows") != null && find("#starter-bellows").isVisible());
        click("#starter-bellows");
        await(() -> session.board().isPresent());
        assertEquals("Bellows", board().drill().title());
        assertEquals(3, board().drill().ladder().size());
        assertEquals(List.of("Bellows"), kept().stream().map(Book.Row::title).toList());
    }

    @Test
    void pageSaysWhatTheProgramIsWhereThingsLieAndWhatOthersMade() throws Exception {
        openEmpty();
        take(find("#books"), "Where my things are …");
        await(() -> find("#where-page") != null);
        assertEquals(book().toString(), fx(() -> ((TextField) find("#where-book")).getText()));
        click("#where-open-book");
        assertEquals(folder, looked);
        click("#where-back");
        take(find("#books"), "About Wild Chalk …");
        await(() -> find("#about-page") != null);
        List<String> said = fx(() -> stage.getScene().getRoot().lookupAll(".about-cell").stream()
                .map(n -> ((Label) n).getText())
                .toList());
        assertTrue(said.contains("OpenJFX"), said.toString());
        assertTrue(fx(() -> ((Label) find(".about-version")).getText()).matches("Wild Chalk \\d+\\.\\d+\\.\\d+"));
        type(KeyCode.ESCAPE);
        await(() -> find("#about-page") == null);
    }

    @Test
    void bookGoesElsewhereWithAllThatIsInItAndStaysWhereItCannotGo() throws Exception {
        openEmpty();
        begin("futsal", "#new-futsal");
        click("#tab-book");
        picked = folder.resolve("Moved.chalkbook");
        take(find("#books"), "Where my things are …");
        click("#where-move");
        await(() -> find("#books") instanceof Button b && b.getText().equals("Moved") && cards() == 1);
        assertTrue(Files.notExists(book()));
        Path taken = folder.resolve("Taken.chalkbook");
        Files.writeString(taken, "something else");
        picked = taken;
        take(find("#books"), "Where my things are …");
        click("#where-move");
        await(() -> find("#message-text") instanceof Label l && l.getText().contains("already"));
        await(() -> find("#books") instanceof Button b && b.getText().equals("Moved") && cards() == 1);
        assertEquals("something else", Files.readString(taken));
    }
}

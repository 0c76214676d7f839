package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.edit.DrillEdits;
import wildchalk.storage.book.Book;
import wildchalk.storage.bundle.BundleReader;
import wildchalk.storage.format.DrillWriter;

/** Finding drills and losing none, in the real window. */
class BookWindowTest extends RealWindow {

    private static final int DEMO = DemoBook.drills().size();

    private String count() throws Exception {
        return fx(() -> ((Label) find("#book-count")).getText());
    }

    private void openBook() throws Exception {
        open(Request.demo(book()).openingNothing());
        await(() -> cards() == DEMO);
        // The search knows the drills as soon as they were looked over.
        await(() -> stage.getScene().getRoot().lookupAll(".card-what-text").stream()
                .noneMatch(n -> ((Text) n).getText().contains("looking it over")));
    }

    @Test
    void drillIsFoundAsItIsTypedAndOpenedWithTheKeyboardAlone() throws Exception {
        openBook();
        type(KeyCode.CONTROL, KeyCode.F);
        write("yellow cones turn");
        await(() -> cards() < DEMO && cards() > 0);
        await(() -> !stage.getScene().getRoot().lookupAll(".lit").isEmpty());
        type(KeyCode.ESCAPE);
        await(() -> cards() == DEMO);
        write("turnst");
        await(() -> count().equals("1 of " + DEMO + " drills"));
        type(KeyCode.DOWN);
        type(KeyCode.ENTER);
        await(() -> session.board().isPresent());
        assertEquals("Turnstile", board().drill().title());
        click("#tab-book");
        await(() -> find("#place-lately") != null);
        click("#find-drills");
        type(KeyCode.ESCAPE);
        click("#place-lately");
        await(() -> cards() == 1);
    }

    @Test
    void filtersLeaveWhatFitsTonight() throws Exception {
        openBook();
        ContextMenu list = opened(find("#filter-people"));
        fx(() -> {
            TextField field = (TextField)
                    ((CustomMenuItem) list.getItems().get(0)).getContent().lookup("#filter-people-count");
            field.setText("4");
            list.hide();
            return null;
        });
        await(() -> cards() > 0 && cards() < DEMO);
        assertEquals("4 people", fx(() -> ((Labeled) find("#filter-people")).getText()));
        List<?> rows = fx(() -> ((ListView<?>) find(".card-grid")).getItems());
        for (Object row : rows) {
            for (Object drill : (List<?>) row) {
                assertTrue(((Book.Row) drill).summary().people() <= 4);
            }
        }
        click("#filter-clear");
        await(() -> cards() == DEMO);
        take(find("#filter-skill"), "decisions");
        await(() -> cards() > 0 && cards() < DEMO);
        take(find("#order"), "by title");
        await(() -> ((Labeled) find("#order")).getText().equals("Order: by title"));
    }

    @Test
    void favouritesCollectionsAndLikenessAreAtHand() throws Exception {
        openBook();
        robot.clickOn(card("skylark").lookup(".star"));
        await(() -> session != null && ((ToggleButton) card("skylark").lookup(".star")).isSelected());
        click("#place-favourites");
        await(() -> cards() == 1);
        click("#place-all");
        await(() -> cards() == DEMO);
        click("#new-collection");
        write("Wet evenings");
        type(KeyCode.ENTER);
        await(() -> cards() == 0 && find("#collection-1") != null);
        click("#place-all");
        await(() -> cards() == DEMO);
        choose("ferryman", "Wet evenings");
        await(() -> ((Label) find("#message-text")).getText().equals("Ferryman is in Wet evenings."));
        click("#collection-1");
        await(() -> cards() == 1);
        choose("ferryman", "Something like this");
        await(() -> cards() == DEMO - 1 && find("#place-like") != null);
    }

    @Test
    void oldVersionIsLookedAtComparedAndBroughtBack() throws Exception {
        open(Request.demo(book()));
        Drill before = board().drill();
        fx(() -> {
            board().apply(DrillEdits.rename("Revolving door"));
            board().apply(DrillEdits.points(List.of("Look up first.")));
            return null;
        });
        click("#tab-book");
        // Renamed, it comes first: until then its card is somewhere else.
        await(() -> stage.getScene().getRoot().lookupAll(".card-title").stream()
                .flatMap(t -> ((TextFlow) t).getChildren().stream())
                .anyMatch(t -> t instanceof Text text && text.getText().equals("Revolving door")));
        choose("turnstile", "Old versions …");
        await(() ->
                find("#versions") instanceof ListView<?> list && list.getItems().size() == 3);
        fx(() -> {
            ((ListView<?>) find("#versions")).getSelectionModel().select(2);
            return null;
        });
        await(() -> find("#version-words").lookupAll(".version-change").stream()
                .anyMatch(n -> ((Label) n).getText().equals("called Revolving door instead of Turnstile")));
        assertTrue(find("#version-words").lookupAll(".version-change").stream()
                .anyMatch(n -> ((Label) n).getText().equals("+ coaching point: Look up first.")));
        click("#version-bring");
        await(() -> find("#book-view") != null
                && card("turnstile").getAccessibleText().equals("Turnstile"));
        close();
        try (Book book = Book.open(book())) {
            assertEquals(before, book.drills().load("turnstile"));
            assertEquals(
                    "Bring back a version",
                    book.drills().history("turnstile").get(0).edit());
        }
    }

    @Test
    void manyFilesAreLookedAtBeforeTheyAreTakenIn() throws Exception {
        openBook();
        Path files = Files.createDirectory(folder.resolve("files"));
        for (int i = 0; i < 30; i++) {
            Drill drill = Drill.empty("sent-" + i, "Sent " + i, "field-hockey", "whole");
            Files.writeString(files.resolve("sent-" + i + ".drill.json"), DrillWriter.write(drill));
        }
        Files.writeString(
                files.resolve("same.drill.json"),
                DrillWriter.write(DemoBook.drills().get(0)));
        Files.writeString(
                files.resolve("other.drill.json"),
                DrillWriter.write(DemoBook.drills().stream()
                        .filter(d -> d.id().equals("ferryman"))
                        .findFirst()
                        .orElseThrow()
                        .withTitle("Ferry in fog")));
        Files.writeString(files.resolve("broken.drill.json"), "{\"format\": \"wild-chalk-drill\",\n \"version\": ");
        picked = files;
        click("#import");
        await(() -> ((Label) find("#take-in-summary"))
                .getText()
                .equals("30 new · 1 changed · 1 the same as in the book · 1 not sound. Nothing is taken "
                        + "in yet; what is not sound stays out."));
        await(() -> find("#take-in-list").lookupAll(".label").stream()
                .anyMatch(n -> ((Label) n).getText().startsWith("line 2: ")));
        click("#take-in-go");
        await(() -> cards() == DEMO + 30);
        close();
        try (Book book = Book.open(book())) {
            assertEquals("Ferry in fog", book.drills().load("ferryman").title());
            assertEquals(
                    "Taken in from a file",
                    book.drills().history("ferryman").get(0).edit());
        }
    }

    @Test
    void damagedBookIsSavedAndGoneOnWith() throws Exception {
        try (Book book = Book.open(book())) {
            DemoBook.fill(book);
        }
        try (RandomAccessFile file = new RandomAccessFile(book().toFile(), "rw")) {
            file.seek(4096L * 3);
            file.write(new byte[4096 * 2]);
        }
        byte[] damaged = Files.readAllBytes(book());
        open(Request.usual().withBook(book()));
        await(() -> find("#rescue-go") != null);
        String said = fx(() -> String.join(
                " ",
                find("#rescue-page").lookupAll(".label").stream()
                        .map(n -> ((Label) n).getText())
                        .toList()));
        assertTrue(
                said.contains("12 drills, 4 practices and 1 squad were saved")
                        && said.contains("% of the file is missing or empty"),
                said);
        assertArrayEquals(damaged, Files.readAllBytes(book()), "untouched until the coach says so");
        click("#rescue-go");
        await(() -> find("#book-view") != null && cards() > 0);
        try (Stream<Path> files = Files.list(folder)) {
            Path aside = files.filter(f -> f.getFileName().toString().contains(" damaged "))
                    .findFirst()
                    .orElseThrow();
            assertArrayEquals(damaged, Files.readAllBytes(aside));
        }
    }

    /** The book as another window has it, and a window that can only look at it. */
    private Book openInASecondWindow() throws Exception {
        Book first = Book.open(book());
        DemoBook.fill(first);
        open(Request.usual().withBook(book()));
        await(() -> cards() == DEMO);
        return first;
    }

    private void openSkylark() throws Exception {
        robot.clickOn(card("skylark").lookup(".card-picture"));
        await(() -> session.board().isPresent());
    }

    @Test
    void secondWindowSaysThatItOnlyLooks() throws Exception {
        Book first = openInASecondWindow();
        Label kept = (Label) find("#kept");
        assertEquals("looking only: another window has this book", fx(kept::getText));
        assertTrue(kept.getStyleClass().contains("not-kept"));
        first.close();
        await(() -> kept.getText().equals("all kept"));
        assertFalse(kept.getStyleClass().contains("not-kept"));
    }

    @Test
    void boardThatOnlyLookedIsAsTheOtherWindowLeftIt() throws Exception {
        Book first = openInASecondWindow();
        openSkylark();
        first.drills().keep(first.drills().load("skylark").withTitle("Skylark at noon"), "Rename drill");
        first.close();
        await(() -> board().drill().title().equals("Skylark at noon"));
        assertTrue(((Label) find("#message-text"))
                .getText()
                .startsWith("Skylark at noon was changed in the other window."));
        fx(() -> {
            board().apply(DrillEdits.rename("Skylark at dusk"));
            return null;
        });
        await(() -> ((Label) find("#kept")).getText().equals("kept just now"));
        close();
        try (Book book = Book.open(book())) {
            assertEquals(
                    List.of("Skylark at dusk", "Skylark at noon"),
                    book.drills().history("skylark").stream()
                            .limit(2)
                            .map(v -> v.read().document().title())
                            .toList());
        }
    }

    @Test
    void whatIsInMemoryOnlyIsAskedAboutBeforeTheWindowGoes() throws Exception {
        Book first = openInASecondWindow();
        openSkylark();
        fx(() -> {
            board().apply(DrillEdits.rename("Drawn here"));
            return null;
        });
        await(() -> ((Label) find("#kept")).getText().startsWith("looking only"));
        picked = folder.resolve("saved.zip");
        fx(() -> {
            stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST));
            return null;
        });
        await(() -> ((Label) find("#message-text")).getText().startsWith("Drawn here is not kept in the book:"));
        assertTrue(stage.isShowing());
        robot.clickOn("Save as a file …");
        await(() -> !stage.isShowing());
        assertEquals(
                List.of("Drawn here"),
                BundleReader.read(picked).drills().stream().map(Drill::title).toList());
        first.close();
    }

    @Test
    void damageThatIsFoundWhileSomebodyDrawsTakesNothingFromThem() throws Exception {
        try (Book book = Book.open(book())) {
            DemoBook.fill(book);
        }
        // A bit of a drill's text turns over: the pages are sound, and the book opens.
        byte[] all = Files.readAllBytes(book());
        // The last one: the first stands where the file keeps what it no longer needs.
        int at = new String(all, StandardCharsets.ISO_8859_1).lastIndexOf("Ferryman");
        all[at] ^= 2;
        Files.write(book(), all);
        open(Request.demo(book()));
        fx(() -> {
            board().apply(DrillEdits.rename("Drawn meanwhile"));
            return null;
        });
        await(() -> find("#rescue-go") != null);
        click("#rescue-go");
        await(() -> session.board().isPresent());
        close();
        try (Book book = Book.open(book())) {
            book.check();
            assertEquals("Drawn meanwhile", book.drills().load("turnstile").title());
            assertEquals("Ferryman", book.drills().load("ferryman").title());
        }
    }

    @Test
    void arrowsGoFromCardToCard() throws Exception {
        openBook();
        List<String> ids = fx(() -> ((ListView<?>) find(".card-grid"))
                .getItems().stream()
                        .flatMap(r -> ((List<?>) r).stream())
                        .map(r -> "card-" + ((Book.Row) r).id())
                        .toList());
        click("#find-drills");
        type(KeyCode.DOWN);
        assertEquals(ids.get(0), focused());
        type(KeyCode.RIGHT);
        assertEquals(ids.get(1), focused());
        type(KeyCode.END);
        assertEquals(ids.get(DEMO - 1), focused());
        type(KeyCode.RIGHT);
        assertEquals(ids.get(DEMO - 1), focused());
        type(KeyCode.HOME);
        type(KeyCode.F);
        await(() -> ((ToggleButton) card(ids.get(0).substring("card-".length())).lookup(".star")).isSelected());
    }

    private String focused() throws Exception {
        return fx(() -> stage.getScene().getFocusOwner().getId());
    }

    @Test
    void anotherBookIsBegunAndADrillCopiedIntoIt() throws Exception {
        openBook();
        picked = folder.resolve("Away days.chalkbook");
        take(find("#books"), "Begin a new book …");
        await(() -> find("#books") instanceof Labeled b && b.getText().equals("Away days") && cards() == 0);
        take(find("#books"), "Test");
        await(() -> find("#books") instanceof Labeled b && b.getText().equals("Test") && cards() == DEMO);
        choose("skylark", "Away days");
        await(() -> ((Label) find("#message-text")).getText().equals("Skylark is in Away days as well."));
        begin("circle", "#new-pattern-circle");
        await(() -> session.board()
                .filter(b -> b.drill().title().equals("Circle of cones"))
                .isPresent());
        assertEquals(8, board().stage().pieces().size());
        Node first = find("#board");
        assertTrue(first.isVisible());
    }
}

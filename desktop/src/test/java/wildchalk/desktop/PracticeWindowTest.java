package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wildchalk.core.document.Edit;
import wildchalk.core.drill.Drill;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Slot;
import wildchalk.desktop.pages.PracticePage;
import wildchalk.desktop.practice.PracticeState;
import wildchalk.storage.book.Book;
import wildchalk.storage.format.PracticeReader;
import wildchalk.storage.kind.PracticeKind;

/** An evening from nothing to one that fits, with the mouse and with keys alone, in the real window. */
class PracticeWindowTest extends RealWindow {

    private PracticeState state() {
        return session.window().page(PracticePage.class).orElseThrow().state().orElseThrow();
    }

    private Practice practice() throws Exception {
        return fx(() -> state().practice());
    }

    /** "Sixpenny Square 12, Water 2". */
    private String evening() throws Exception {
        return practice().blocks().stream()
                .map(b -> BlockWords.of(b) + " " + b.time().now())
                .collect(Collectors.joining(", "));
    }

    private void awaitSeen() throws Exception {
        await(() -> state().isSeen());
        settle();
    }

    private void awaitBlocks(int n) throws Exception {
        await(() -> state().practice().blocks().size() == n);
        awaitSeen();
    }

    /** The drills of the demo, in a book without an evening. */
    private void openWithDrills() throws Exception {
        try (Book book = Book.open(book())) {
            DemoBook.drills().forEach(book.drills()::add);
        }
        open(Request.usual().withBook(book()));
    }

    private void begin(String title, String from, String minutes) throws Exception {
        click("#tab-practice");
        await(() -> find("#no-practice") != null);
        click("#no-practice-title");
        write(title);
        click("#no-practice-start");
        write(from);
        click("#no-practice-minutes");
        write(minutes);
        click("#no-practice-go");
        await(() -> find("#practice-view") != null);
        awaitSeen();
    }

    /** Drags a drill from the bin to somewhere in the column. */
    private void dragIn(String drill, double down) throws Exception {
        await(() -> find("#put-in-" + drill) != null);
        Bounds column = onScreen("#time-column");
        Bounds row = onScreen("#put-in-" + drill);
        drag(
                new Point2D(row.getMinX() + 40, row.getCenterY()),
                new Point2D(column.getMinX() + 160, column.getMinY() + down));
    }

    private String block(int place) throws Exception {
        return practice().blocks().get(place).id();
    }

    private String found() throws Exception {
        return fx(() -> find("#found-list").lookupAll(".found-words").stream()
                .map(n -> ((Button) n).getText())
                .collect(Collectors.joining("\n")));
    }

    @Test
    void groupsGoRoundWhatIsSideBySide() throws Exception {
        openWithDrills();
        begin("Round", "1800", "40");
        for (int n = 1; n <= 3; n++) {
            click("#put-game");
            awaitBlocks(n);
        }
        // Twice: the one that is chosen goes beside the next, and then those two beside the last.
        for (int n = 2; n >= 1; n--) {
            String first = block(0);
            fx(() -> {
                state().choose(Optional.of(first));
                return null;
            });
            await(() -> find("#block-beside") != null);
            click("#block-beside");
            awaitBlocks(n);
        }
        String all = block(0);
        fx(() -> {
            state().choose(Optional.of(all));
            return null;
        });
        await(() -> find("#round-go") != null);
        click("#round-go");
        await(() -> ((Label) find("#round-words")).getText().startsWith("3 turns of"));
        assertEquals("Round: Game, Game, Game 12", evening());
        take(find("#practice-title"), "Copy it as a message");
        await(() -> ((Label) find("#message-text")).getText().startsWith("Copied"));
        String copied = fx(() -> Clipboard.getSystemClipboard().getString());
        assertTrue(copied.startsWith("Round") && copied.contains("– Game: group 1, then"), copied);
        picked = folder.resolve("round.csv");
        click("#hand-out");
        click("#out-table");
        click("#evening-out-save");
        await(() -> Files.exists(picked));
        assertEquals(4, Files.readAllLines(picked).size(), "heads, and a line for each place");
        fx(() -> {
            state().choose(Optional.of(all));
            return null;
        });
        click("#round-flip");
        awaitSeen();
        assertEquals(
                Optional.of(new Content.Round(true)),
                ((Content.Beside) practice().blocks().get(0).content()).round());
        click("#round-stay");
        awaitSeen();
        assertEquals(
                Optional.empty(), ((Content.Beside) practice().blocks().get(0).content()).round());
        type(KeyCode.CONTROL, KeyCode.Z);
        awaitSeen();
        assertEquals(
                Optional.of(new Content.Round(true)),
                ((Content.Beside) practice().blocks().get(0).content()).round());
    }

    @Test
    void anEveningThatFitsByTheMouse() throws Exception {
        openWithDrills();
        begin("Wednesday", "1840", "40");
        assertTrue(fx(() -> find("#column-empty") != null));
        dragIn("sixpenny", 60);
        awaitBlocks(1);
        click("#put-water");
        awaitBlocks(2);
        click("#put-game");
        awaitBlocks(3);
        dragIn("turnstile", 20);
        awaitBlocks(4);
        assertEquals("Turnstile 12, Sixpenny Square 12, Water 2, Game 12", evening());
        // To the front with what is second.
        Bounds second = onScreen("#block-" + block(1));
        Bounds first = onScreen("#block-" + block(0));
        drag(
                new Point2D(second.getMinX() + 150, second.getMinY() + 30),
                new Point2D(first.getMinX() + 150, first.getMinY() + 4));
        await(() -> BlockWords.of(state().practice().blocks().get(0)).equals("Sixpenny Square"));
        // Longer, at its lower edge: as high as it is long, so that many minutes.
        awaitSeen();
        first = onScreen("#block-" + block(0));
        double minute = first.getHeight() / 12;
        drag(
                new Point2D(first.getMinX() + 150, first.getMaxY() - 2),
                new Point2D(first.getMinX() + 150, first.getMaxY() - 2 + 5 * minute));
        await(() -> state().practice().blocks().get(0).time().now() == 17);
        awaitSeen();
        assertEquals(17 * minute, onScreen("#block-" + block(0)).getHeight(), 8 * minute, "true to scale");
        assertTrue(found().contains("in a slot of 40"), found());
        click("#mend-0-0");
        await(() -> find("#fit-take") != null);
        assertEquals(4, practice().blocks().size(), "nothing is done before it is taken");
        assertTrue(fx(() -> ((Label) find("#fit-lost")).getText()).startsWith("It fits then:"));
        click("#fit-take");
        await(() -> find("#fits-well") != null);
        awaitSeen();
        assertFalse(found().contains("in a slot of"), found());
        // All of it can be undone, and done again.
        String fitted = evening();
        for (int i = 0; i < 8 && !practice().blocks().isEmpty(); i++) {
            type(KeyCode.CONTROL, KeyCode.Z);
        }
        assertEquals("", evening());
        for (int i = 0; i < 8; i++) {
            type(KeyCode.CONTROL, KeyCode.Y);
        }
        assertEquals(fitted, evening());
        // An old version is looked at, brought back, and that undone too.
        take(find("#practice-title"), "Old versions …");
        await(() -> find("#practice-version-list") instanceof ListView<?> l
                && l.getItems().size() > 8);
        fx(() -> {
            ListView<?> list = (ListView<?>) find("#practice-version-list");
            list.getSelectionModel().select(list.getItems().size() - 2);
            return null;
        });
        await(() -> !find("#practice-version-bring").isDisabled());
        click("#practice-version-bring");
        awaitBlocks(1);
        assertEquals("Sixpenny Square 12", evening());
        type(KeyCode.CONTROL, KeyCode.Z);
        awaitBlocks(4);
        close();
        try (Book book = Book.open(book())) {
            Practice kept = book.of(PracticeKind.PRACTICES)
                    .load(book.of(PracticeKind.PRACTICES).list().get(0).id());
            assertEquals("Wednesday", kept.title());
            assertEquals(4, kept.blocks().size());
            assertTrue(kept.blocks().stream()
                    .flatMap(Block::play)
                    .allMatch(p -> p.drill().version() > 0));
        }
    }

    private void tabTo(String id) throws Exception {
        for (int i = 0; i < 40; i++) {
            if (fx(() -> find(id) != null && find(id).isFocused())) {
                return;
            }
            type(KeyCode.TAB);
        }
        throw new AssertionError("Tab does not come to " + id);
    }

    @Test
    void anEveningThatFitsByKeysAlone() throws Exception {
        openWithDrills();
        tabTo("#tab-practice");
        type(KeyCode.SPACE);
        await(() -> find("#no-practice") != null);
        tabTo("#no-practice-title");
        write("Keys");
        tabTo("#no-practice-minutes");
        write("30");
        tabTo("#no-practice-go");
        type(KeyCode.SPACE);
        await(() -> find("#practice-view") != null && state().isSeen());
        await(() -> find("#time-column").isFocused());
        type(KeyCode.CONTROL, KeyCode.F);
        write("lampl");
        await(() -> ((ListView<?>) find("#drills-to-put-in")).getItems().size() == 1);
        type(KeyCode.ENTER);
        awaitBlocks(1);
        type(KeyCode.W);
        awaitBlocks(2);
        type(KeyCode.G);
        awaitBlocks(3);
        type(KeyCode.T);
        awaitBlocks(4);
        type(KeyCode.UP);
        type(KeyCode.SHIFT, KeyCode.DOWN);
        type(KeyCode.M);
        assertEquals(13, practice().blocks().get(2).time().now());
        assertFalse(practice().blocks().get(2).must());
        type(KeyCode.ALT, KeyCode.UP);
        assertEquals("Lamplighter 12, Game 13, Water 2, Talk 3", evening());
        type(KeyCode.D);
        awaitBlocks(5);
        type(KeyCode.DELETE);
        awaitBlocks(4);
        type(KeyCode.F);
        await(() -> find("#fit-take") != null && find("#fit-take").isFocused());
        type(KeyCode.SPACE);
        await(() -> find("#fits-well") != null);
        assertEquals(4, practice().blocks().size());
        // Two at one time, and one after another again.
        type(KeyCode.UP);
        type(KeyCode.UP);
        type(KeyCode.UP);
        type(KeyCode.UP);
        type(KeyCode.UP);
        awaitSeen();
        String apart = evening();
        type(KeyCode.B);
        awaitBlocks(3);
        assertTrue(evening().startsWith("Lamplighter beside Game "), evening());
        type(KeyCode.CONTROL, KeyCode.Z);
        awaitBlocks(4);
        assertEquals(apart, evening());
    }

    @Test
    void whatCannotBeIsSaidAndNothingIsLost() throws Exception {
        openWithDrills();
        begin("Thursday", "18:00", "60");
        dragIn("skylark", 60);
        awaitBlocks(1);
        click("#evening");
        Practice before = practice();
        refused("#evening-end", "17:30", "It would end at 17:30 and begin at 18:00");
        refused("#evening-start", "25:00", "is no time of the day");
        refused("#evening-day", "31.2.", "is no day");
        refused("#bag-cone", "-4", "cannot be a number of cones");
        refused("#evening-people", "many", "cannot be a number of players");
        assertEquals(before, practice());
        retype("#evening-end", "00:20");
        await(() -> state().practice().slot().minutes() == 380);
        assertTrue(practice().slot().isPastMidnight());
        retype("#evening-people", "3");
        await(() -> state().practice().company().people() == 3);
        retype("#bag-cone", "1");
        click("#evening-back");
        awaitSeen();
        assertTrue(found().contains("It takes 4 people, and there are 3."), found());
        assertTrue(found().contains("after midnight, until 00:20"), found());
        assertEquals(Company.of(3, 0, 0).heads(), practice().company().heads());
    }

    private void retype(String id, String text) throws Exception {
        click(id);
        type(KeyCode.CONTROL, KeyCode.A);
        write(text);
        type(KeyCode.ENTER);
    }

    private void refused(String id, String text, String why) throws Exception {
        retype(id, text);
        await(() -> stage.getScene().getRoot().lookupAll(".message .label").stream()
                .anyMatch(n -> ((Label) n).getText().contains(why)));
    }

    @Test
    void anEveningGoesOutAsAFileAndComesInElsewhereWithItsDrills() throws Exception {
        open(Request.demo(book()));
        click("#tab-practice");
        await(() -> find("#practice-view") != null && state().isSeen());
        picked = folder.resolve("out.practice.json");
        take(find("#practice-title"), "Save as practice file …");
        await(() -> Files.exists(picked));
        PracticeReader.Carried carried =
                fx(() -> PracticeReader.read(picked, wildchalk.core.surface.Surfaces.BUILT_IN));
        assertEquals(2, carried.drills().size());
        String text = Files.readString(picked);
        DemoBook.squad().all().forEach(m -> assertFalse(text.contains("\"" + m.name() + "\""), m.name()));
        close();
        Path other = folder.resolve("Other.chalkbook");
        open(Request.usual().withBook(other));
        click("#tab-practice");
        await(() -> find("#no-practice") != null);
        begin("Mine", "1800", "30");
        take(find("#practice-title"), "Take in a practice file …");
        await(() -> state().practice().title().equals("A long Tuesday") && state().isSeen());
        close();
        try (Book book = Book.open(other)) {
            assertEquals(2, book.of(PracticeKind.PRACTICES).list().size());
            assertEquals(
                    List.of("Sixpenny Square", "Turnstile"),
                    book.drills().list().stream().map(d -> d.title()).sorted().toList());
        }
    }

    @Test
    void aDrillThatIsPutAsideStaysAsItWasPlannedAndThatIsSaid() throws Exception {
        try (Book book = Book.open(book())) {
            DemoBook.fill(book);
            Drill drill = book.drills().load("turnstile");
            book.drills().keep(drill.withTitle("Another thing"), "Rename drill");
            book.drills().delete("sixpenny");
            Practice tuesday = book.of(PracticeKind.PRACTICES).load("long-tuesday");
            book.of(PracticeKind.PRACTICES)
                    .add(tuesday.withTitle("Juniors")
                            .given(tuesday.setting().on("Far pitch"))
                            .in(new Slot(
                                    tuesday.slot().day(), tuesday.slot().start().plusMinutes(30), 60)));
            Edit<Practice> there = PracticeEdits.on(tuesday.surface(), "far pitch");
            book.of(PracticeKind.PRACTICES).keep(there.apply(tuesday), there.name());
        }
        open(Request.usual().withBook(book()));
        click("#tab-practice");
        await(() -> find("#practice-view") != null && state().isSeen());
        await(() -> find("#found-more") != null);
        click("#found-more");
        assertTrue(
                found().contains("Sixpenny Square is put aside in the book. It stays here as it was planned."),
                found());
        assertTrue(found().contains("Turnstile was changed in the book since."), found());
        assertTrue(evening().startsWith("Sixpenny Square 12, Turnstile 20"), evening());
        assertTrue(found().contains("far pitch: Juniors is there from 18:45 to 19:45."), found());
        // Late: the same again from twenty past on, as it is shown, then taken.
        take(find("#fit"), "We begin later …");
        await(() -> find("#fit-time") != null);
        retype("#fit-time", "18:20");
        await(() -> find("#fit-lost") != null);
        settle();
        Node take = find("#fit-take");
        await(() -> !take.isDisabled());
        click("#fit-take");
        await(() -> state().practice().slot().minutes() == 70);
        awaitSeen();
        assertFalse(found().contains("in a slot of"), found());
    }
}

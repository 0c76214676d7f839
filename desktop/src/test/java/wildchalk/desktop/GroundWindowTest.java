package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GroundPart;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Stand;
import wildchalk.desktop.board.canvas.StillBoard;
import wildchalk.desktop.pages.PracticePage;
import wildchalk.desktop.practice.PracticeState;
import wildchalk.storage.book.Book;
import wildchalk.storage.format.PracticeWriter;
import wildchalk.storage.kind.PracticeKind;

/** Three groups that go round three places, from nothing by the mouse; laid on the ground, played, and handed on. */
class GroundWindowTest extends RealWindow {

    private PracticeState state() {
        return session.window().page(PracticePage.class).orElseThrow().state().orElseThrow();
    }

    private void awaitThat(Callable<Boolean> it) throws Exception {
        await(it);
        await(() -> state().isSeen());
        settle();
    }

    private Content.Beside beside() throws Exception {
        return fx(() -> (Content.Beside) state().practice().blocks().get(0).content());
    }

    private Map<String, Stand> stands() throws Exception {
        return beside().stands();
    }

    private void dragIn(String drill, int after) throws Exception {
        await(() -> find("#put-in-" + drill) != null);
        Bounds column = onScreen("#time-column");
        Bounds row = onScreen("#put-in-" + drill);
        drag(
                new Point2D(row.getMinX() + 40, row.getCenterY()),
                new Point2D(column.getMinX() + 160, column.getMinY() + 5));
        awaitThat(() -> state().practice().blocks().size() == after);
    }

    private String found() throws Exception {
        return fx(() -> find("#found-list").lookupAll(".found-words").stream()
                .map(n -> ((Button) n).getText())
                .collect(Collectors.joining("\n")));
    }

    /** Presses the minutes of the first block: elsewhere one of several side by side would be chosen. */
    private void chooseWhole() throws Exception {
        String id = fx(() -> state().practice().blocks().get(0).id());
        await(() -> find("#block-" + id) != null);
        Bounds box = onScreen("#block-" + id);
        robot.moveTo(new Point2D(box.getMaxX() - 20, box.getMinY() + 16));
        robot.press(MouseButton.PRIMARY);
        letGo();
        await(() -> find("#block-card") != null);
    }

    /** Three drills side by side, gone round, on a pitch. */
    private void threeByTheMouse() throws Exception {
        try (Book book = Book.open(book())) {
            DemoBook.drills().forEach(book.drills()::add);
        }
        open(Request.usual().withBook(book()));
        click("#tab-practice");
        click("#no-practice-go");
        awaitThat(() -> find("#practice-view") != null);
        dragIn("turnstile", 1);
        dragIn("sixpenny", 2);
        dragIn("weathervane", 3);
        for (int left = 2; left >= 1; left--) {
            chooseWhole();
            click("#block-beside");
            int n = left;
            awaitThat(() -> state().practice().blocks().size() == n);
        }
        chooseWhole();
        click("#round-go");
        awaitThat(() -> beside().round().isPresent());
        click("#evening");
        take(find("#evening-surface"), "Football pitch");
        awaitThat(() -> state().practice().surface().equals("football-11"));
        chooseWhole();
    }

    @Test
    void threeGroupsFromNothingLaidOnTheGroundAndPlayed() throws Exception {
        threeByTheMouse();
        click("#block-ground");
        // Whoever looks for the first time has it laid out.
        awaitThat(() -> stands().size() == 3 && find("#ground-places") != null && find("#ground-turn-3") != null);
        assertFalse(found().contains("goes into"), found());
        assertFalse(found().contains("m free between"), found());
        assertFalse(found().contains("beyond the ground"), found());
        String first = beside().blocks().get(0).id();
        String second = beside().blocks().get(1).id();
        Map<String, Stand> before = stands();

        // Onto the other: found at once, and put right by one click.
        Bounds one = onScreen("#stand-" + first);
        Bounds other = onScreen("#stand-" + second);
        drag(new Point2D(one.getCenterX(), one.getCenterY()), new Point2D(other.getCenterX(), other.getCenterY()));
        awaitThat(() -> !stands().equals(before));
        assertNotEquals(before.get(first), stands().get(first));
        assertEquals(before.get(second), stands().get(second));
        assertTrue(found().contains("People of") || found().contains("goes into"), found());
        Map<String, Stand> onto = stands();
        click("#" + mend());
        awaitThat(() -> !stands().equals(onto));
        assertFalse(found().contains("goes into") || found().contains("People of"), found());

        // Turned by its corner, by a key, and back.
        click("#stand-" + first);
        await(() -> isSeen(find("#turn-" + first)));
        int degrees = stands().get(first).degrees();
        type(KeyCode.R);
        awaitThat(() -> stands().get(first).degrees() == (degrees + 90) % 360);
        type(KeyCode.CONTROL, KeyCode.Z);
        awaitThat(() -> stands().get(first).degrees() == degrees);
        Bounds corner = onScreen("#turn-" + first);
        Bounds middle = onScreen("#stand-" + first);
        Point2D from = new Point2D(corner.getCenterX(), corner.getCenterY());
        drag(from, new Point2D(middle.getCenterX() + 90, middle.getCenterY() + 90));
        awaitThat(() -> stands().get(first).degrees() != degrees);
        assertEquals(0, stands().get(first).degrees() % 15, "in steps that can be paced");
        type(KeyCode.RIGHT);
        Stand turned = stands().get(first);
        awaitThat(() -> stands().get(first).at().x() > turned.at().x() - 1e-9);

        // Turn by turn, and played: all of them move at one time.
        click("#ground-turn-3");
        await(() -> texts("#ground-places").contains("to get there"));
        click("#ground-play");
        await(() -> ((Button) find("#ground-play")).getText().equals("Stop"));
        await(() -> !moment().isEmpty());
        click("#ground-play");
        await(() -> ((Button) find("#ground-play")).getText().equals("Play"));

        // A part of it; then back to the evening.
        take(find("#ground-part"), "Part 1 of 2, along it");
        awaitThat(() -> state().practice().setting().part().equals(new GroundPart(1, 2, false)));
        assertTrue(found().contains("beyond the ground"), found());
        type(KeyCode.ESCAPE);
        await(() -> find("#time-column") != null && find("#ground-view") == null);
        Practice kept = fx(() -> state().practice());
        close();
        try (Book book = Book.open(book())) {
            assertEquals(kept, book.of(PracticeKind.PRACTICES).load(kept.id()));
        }
    }

    /** The id of what mends the first thing that is found of the ground. */
    private String mend() throws Exception {
        return fx(() -> find("#found-list").lookupAll(".mend").stream()
                .filter(n -> ((Button) n).getText().matches("(Move|Turn|Lay) .*"))
                .map(Node::getId)
                .findFirst()
                .orElseThrow());
    }

    private String texts(String id) {
        return find(id).lookupAll(".label").stream()
                .map(n -> ((Label) n).getText())
                .collect(Collectors.joining("\n"));
    }

    /** Whether the board has gone on from the whistle; empty while it stands there. */
    private Optional<Double> moment() {
        return find("#ground-board").lookupAll(".board").stream()
                .filter(StillBoard.class::isInstance)
                .map(n -> ((StillBoard) n).at())
                .filter(t -> t > 0)
                .findFirst();
    }

    @Test
    void whatIsSaidOfAPlace() throws Exception {
        threeByTheMouse();
        String first = beside().blocks().get(0).id();
        String last = beside().blocks().get(2).id();
        click("#choose-" + last);
        click("#never-" + first);
        awaitThat(() -> round().never().equals(Set.of(new Content.Round.Never(first, last))));
        press("#stays-2");
        awaitThat(() -> round().stays().equals(List.of(new Content.Round.Stay(2, last))));
        press("#stays-2");
        awaitThat(() -> round().stays().isEmpty());
        press("#round-keepers");
        awaitThat(() -> round().keepers().equals(last));
        assertTrue(find("#round-room") == null, "no group comes there");
        type(KeyCode.CONTROL, KeyCode.Z);
        awaitThat(() -> round().keepers().isEmpty());
    }

    /** Presses what may have gone out of sight as more was found above it. */
    private void press(String id) throws Exception {
        await(() -> find(id) != null);
        fx(() -> {
            ((Button) find(id)).fire();
            return null;
        });
    }

    private Content.Round round() throws Exception {
        return beside().round().orElseThrow();
    }

    @Test
    void handedOutAndSentBack() throws Exception {
        open(Request.demo(book()));
        click("#tab-practice");
        awaitThat(() -> find("#practice-view") != null);
        picked = folder.resolve("sheet.pdf");
        click("#hand-out");
        click("#out-run-sheet");
        take(find("#out-for"), "one for each coach");
        click("#evening-out-save");
        List<Path> each = List.of(folder.resolve("sheet, coach 1.pdf"), folder.resolve("sheet, coach 2.pdf"));
        await(() -> each.stream().allMatch(Files::exists));
        assertFalse(Files.exists(picked), "one for each, and no other");
        click("#out-named");
        await(() -> texts("#evening-out").contains("First names of players"));
        click("#out-calendar");
        picked = folder.resolve("sheet.ics");
        click("#evening-out-save");
        await(() -> Files.exists(picked));
        assertTrue(Files.readString(picked).contains("BEGIN:VTIMEZONE"));

        // An assistant has shortened the first block and put the second out.
        Practice mine = fx(() -> state().practice());
        Block gone = mine.blocks().get(1);
        Practice theirs = PracticeEdits.remove(gone)
                .apply(PracticeEdits.last(mine.blocks().get(0), 9).apply(mine));
        picked = folder.resolve("back.practice.json");
        Files.writeString(
                picked, PracticeWriter.write(theirs.planning(p -> new Content.Planned(p.id(), 0, p.title()))));
        take(find("#practice-title"), "Take in a practice file …");
        await(() -> find("#came-back") != null);
        String shown = fx(() -> texts("#came-back"));
        assertTrue(shown.contains("9 min instead of"), shown);
        assertTrue(shown.contains("was taken out"), shown);
        assertFalse(shown.contains("was changed"), "the file has no drills, so none of them is another: " + shown);
        assertEquals(mine, fx(() -> state().practice()), "looked at before it is taken");
        click("#came-back-take");
        awaitThat(() -> state().practice().blocks().size() == mine.blocks().size() - 1);
        assertEquals(9, fx(() -> state().practice().blocks().get(0).time().now()));
        type(KeyCode.CONTROL, KeyCode.Z);
        awaitThat(() -> state().practice().blocks().equals(mine.blocks()));
        take(find("#practice-title"), "Take in a practice file …");
        click("#came-back-beside");
        awaitThat(() -> state().practice().title().endsWith("(as it came back)"));
        assertNotEquals(mine.id(), fx(() -> state().practice().id()));
        close();
        try (Book book = Book.open(book())) {
            assertEquals(mine, book.of(PracticeKind.PRACTICES).load(mine.id()), "both are there");
        }
    }
}

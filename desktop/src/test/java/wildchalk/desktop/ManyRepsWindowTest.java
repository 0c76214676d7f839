package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.Replay;
import wildchalk.core.flow.Waits;
import wildchalk.core.geometry.Vec;
import wildchalk.core.waiting.Help;

/** Eight minutes of many people, looked at, played and bettered in the real window. */
class ManyRepsWindowTest extends RealWindow {

    private static final double CLOSE = 0.5;

    /** One after the other through two gates to somebody who stands there, while all others look on. */
    private static Drill gates() {
        Stage stage = new Stage(
                "s1",
                "Start here",
                List.of(
                        new Piece.LineUp("l", new Vec(-12, 0), 0, "L", Bib.CORAL, 5, "runners"),
                        new Piece.Player("k", new Vec(14, 6), Math.PI, "K", Bib.SKY)),
                List.of(run("a1", "l", 0, 3, Cue.whistle()), run("a2", "l", 12, 0, Cue.after("a1"))));
        return Ladder.put(Drill.empty("gates", "Gates", "handball", "whole"), stage);
    }

    private static Travel run(String id, String who, double x, double y, Cue cue) {
        return new Travel.Run(
                id, who, new TravelPath(List.of(Spot.at(x, y)), false), Action.Gait.RUN, Action.Ending.STOP, cue);
    }

    @BeforeEach
    void openTheGates() throws Exception {
        open(Request.usual().withBook(book()).taking(gates()));
        type(KeyCode.J);
        await(() -> board().many().replay().isPresent());
        click("#sheet-next");
        await(() -> find("#next-people") != null && find("#next").isVisible());
    }

    private void set(String field, int number) throws Exception {
        fx(() -> {
            TextField text = (TextField) find(field);
            text.requestFocus();
            text.selectAll();
            return null;
        });
        write(Integer.toString(number));
        type(KeyCode.ENTER);
    }

    private double waiting(Drill drill, int people) {
        Flow flow = new Flows(Ladder.build(drill, "s1"), drill.surface()).of(people, 8, 1);
        return Waits.of(flow).each();
    }

    private double seen() {
        return Waits.of(board().flow().answerProperty().get().flow()).each();
    }

    private void awaitPeople(int people) throws Exception {
        await(() -> board().flow().answerProperty().get() != null
                && board().flow().answerProperty().get().asked().people() == people);
    }

    @Test
    void morePeopleWaitLongerWhatHelpsIsDoneAndTakenBack() throws Exception {
        set("#next-people", 6);
        awaitPeople(6);
        assertEquals(waiting(gates(), 6), seen(), CLOSE);
        set("#next-people", 12);
        awaitPeople(12);
        assertEquals(waiting(gates(), 12), seen(), CLOSE);
        assertTrue(waiting(gates(), 12) > waiting(gates(), 6) + 10, "twelve wait longer than six");
        await(() -> board().helps().foundProperty().get() != null);
        List<Help> helps = fx(() -> board().helps().foundProperty().get().helps());
        Help best = helps.stream().filter(h -> h.edit().isPresent()).findFirst().orElseThrow();
        Drill before = fx(() -> board().drill());
        String link = "#help-" + best.kind().name().toLowerCase(Locale.ROOT);
        fx(() -> {
            ((Hyperlink) find(link)).requestFocus();
            return null;
        });
        type(KeyCode.SPACE);
        await(() -> find("#helps-take-back") != null && isSeen(find("#helps-take-back")));
        await(() -> Math.abs(seen() - best.saving().after().each()) < CLOSE);
        await(() -> board().helps().foundProperty().get() != null);
        assertTrue(isInCard(fx(() -> stage.getScene().getFocusOwner())), "the keyboard is on the card still");
        assertFalse(before.equals(fx(() -> board().drill())), "the drill says so now");
        assertEquals(waiting(fx(() -> board().drill()), 12), seen(), CLOSE);
        click("#helps-take-back");
        await(() -> before.isLike(board().drill()));
        await(() -> Math.abs(seen() - waiting(gates(), 12)) < CLOSE);
        await(() -> !isSeen(find("#helps-take-back")));
        await(() -> stage.getScene().getFocusOwner() == find("#board"));
        type(KeyCode.SPACE);
        await(() -> board().many().playingProperty().get());
    }

    private boolean isInCard(Node node) {
        Node at = node;
        while (at != null && at != find("#helps-card")) {
            at = at.getParent();
        }
        return at != null;
    }

    @Test
    void itPlaysToTheEndSixteenTimesAsFast() throws Exception {
        set("#next-people", 12);
        set("#next-minutes", 3);
        awaitPeople(12);
        await(() -> board().many().end() == 180);
        click("#many-speed-16");
        assertFalse(isSeen(find("#tray")), "nothing is put down meanwhile");
        click("#many-play");
        await(() -> board().many().atProperty().get() > 20);
        await(() -> !board().many().playingProperty().get());
        assertEquals(180, board().many().atProperty().get(), 1e-6);
        Replay replay = fx(() -> board().many().replay().orElseThrow());
        for (String letter : List.of("A", "C", "K")) {
            Point2D there = fx(() -> {
                Node token = find("#crowd-" + letter);
                Bounds box = token.localToScreen(token.getLayoutBounds());
                return new Point2D(box.getCenterX(), box.getCenterY());
            });
            Point2D wanted = fx(() -> onScreen(replay.at(letter, 180).at()));
            assertTrue(there.distance(wanted) < 3, letter + " at " + there + ", not at " + wanted);
        }
        type(KeyCode.HOME);
        assertEquals(0, board().many().atProperty().get());
        type(KeyCode.PERIOD);
        double second = fx(() -> replay.flow().reps().get(1).t());
        assertEquals(second, board().many().atProperty().get(), 1e-6, "from rep to rep");
        fx(() -> {
            find("#board").requestFocus();
            return null;
        });
        type(KeyCode.J);
        await(() -> isSeen(find("#tray")) && !find("#many-strip").isVisible());
        assertTrue(find("#token-k") != null && isSeen(find("#token-k")), "one rep is there again");
    }

    @Test
    void sixtyPeopleAreScrolledSortedFollowedAndTold() throws Exception {
        set("#next-people", 60);
        awaitPeople(60);
        Region rows = fx(() -> (Region) find("#many-strip").lookup(".strip-content"));
        await(() -> rows.getAccessibleText().startsWith("60 people"));
        String told = fx(rows::getAccessibleText);
        for (String letter : fx(() -> board().many().replay().orElseThrow().letters())) {
            assertTrue(told.contains(" " + letter + ": busy "), letter + " is told");
        }
        assertTrue(fx(rows::getHeight) > fx(() -> ((Region) find("#many-strip")).getHeight()) * 2, "it scrolls");
        click("#many-by-waiting");
        Flow flow = fx(() -> board().flow().answerProperty().get().flow());
        List<String> sorted = fx(() -> board().many().inOrder());
        double most = flow.each().values().stream()
                .map(e -> e.seconds(Flow.Doing.WAITING))
                .max(Comparator.naturalOrder())
                .orElseThrow();
        assertEquals(most, flow.each().get(sorted.get(0)).seconds(Flow.Doing.WAITING), 1e-9);
        Bounds strip = onScreen("#many-strip");
        robot.moveTo(new Point2D(strip.getMinX() + 18, strip.getMinY() + 22 + 9));
        robot.press(MouseButton.PRIMARY);
        letGo();
        await(() -> board().many().followedProperty().get().equals(Optional.of(sorted.get(0))));
        type(KeyCode.DOWN);
        await(() -> board().many().followedProperty().get().equals(Optional.of(sorted.get(1))));
        assertTrue(find("#crowd-" + sorted.get(0)).getOpacity() < 0.5, "the others stand back");
        assertEquals(1, find("#crowd-" + sorted.get(1)).getOpacity());
        robot.moveTo(new Point2D(strip.getCenterX(), strip.getMinY() + 60));
        robot.press(MouseButton.PRIMARY);
        letGo();
        await(() -> board().many().atProperty().get() > 60);
        assertFalse(board().many().playingProperty().get(), "the board stands where one points");
    }

    @Test
    void theSearchIsStopped() throws Exception {
        set("#next-people", 24);
        awaitPeople(24);
        fx(() -> {
            board().helps().stop();
            return null;
        });
        await(() -> !board().helps().lookingProperty().get());
        assertTrue(board().helps().foundProperty().get() != null, "what was found by then is there");
    }

    @Test
    void tooFewAreToldInPlaceOfRows() throws Exception {
        set("#next-people", 1);
        awaitPeople(1);
        await(() -> find("#many-strip").lookup(".many-none") instanceof Label l
                && l.getText().contains("It takes 2 people"));
        assertTrue(board().many().replay().isEmpty());
        assertTrue(fx(() -> find("#many-play").isDisabled()));
    }
}

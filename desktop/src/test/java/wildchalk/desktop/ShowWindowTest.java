package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.show.Stop;
import wildchalk.core.show.Stop.Kind;
import wildchalk.core.show.Tour;
import wildchalk.desktop.show.ShowWindows;

/** A drill is shown with the keyboard alone, from its lowest rung to the end of its highest. */
class ShowWindowTest extends RealWindow {

    private ShowWindows shown;

    @BeforeEach
    void show() throws Exception {
        open(Request.demo(book()));
        Drill ladder = DemoBook.drills().stream()
                .filter(d -> d.id().equals("lamplighter"))
                .findFirst()
                .orElseThrow();
        fx(() -> {
            session.window().open(ladder);
            return null;
        });
        settle();
        // Where it is let go there is another window by then, which never hears of it.
        robot.press(KeyCode.F5).release(KeyCode.F5);
        await(() ->
                session.shown().isPresent() && session.shown().get().people().isFocused());
        shown = session.shown().orElseThrow();
    }

    @AfterEach
    void end() throws Exception {
        fx(() -> {
            shown.close();
            return null;
        });
    }

    private Tour tour() {
        return shown.showing().tourProperty().get();
    }

    private void press(KeyCode key) {
        robot.press(key);
        robot.release(key);
        settle();
    }

    private void press(KeyCode key, Callable<Boolean> then) throws Exception {
        press(key);
        await(then);
    }

    private Node node(String id) {
        return shown.people().getScene().lookup(id);
    }

    private String words(String id) throws Exception {
        return fx(() -> ((Label) node(id)).isVisible() ? ((Label) node(id)).getText() : "");
    }

    @Test
    void allOfItIsShownByTheSpaceBarAndDigits() throws Exception {
        assertTrue(fx(() -> shown.people().isFullScreen()));
        press(KeyCode.H, () -> !shown.showing().slowProperty().get());
        Set<String> rungs = new TreeSet<>(Set.of(tour().rung().id()));
        List<Kind> kinds = new ArrayList<>();
        int chosen = 0;
        while (!tour().isLast()) {
            Stop before = tour().stop();
            String rung = tour().rung().id();
            boolean fork = before.kind() == Kind.FORK && !tour().choices().of().containsKey(before.about());
            // The second way wherever somebody decides; it goes on from there by itself.
            press(fork ? KeyCode.DIGIT2 : KeyCode.SPACE);
            await(() -> !shown.showing().isMoving()
                    && (!tour().stop().equals(before) || !tour().rung().id().equals(rung)));
            chosen += fork ? 1 : 0;
            rungs.add(tour().rung().id());
            kinds.add(tour().stop().kind());
            if (tour().stop().kind() == Kind.QUESTION) {
                assertEquals("", words("#show-answer"));
                assertTrue(words("#show-question").endsWith("?"));
            } else if (tour().stop().kind() == Kind.ANSWER) {
                assertFalse(words("#show-answer").isEmpty());
            }
        }
        assertEquals(5, rungs.size(), "four rungs and a variation");
        assertEquals(
                4,
                kinds.stream().filter(k -> k == Kind.QUESTION).count(),
                "two questions on each of the upper two rungs");
        assertEquals(8, chosen, "7 decides on the lower three rungs and 11 on all five");
        assertTrue(words("#show-caption").startsWith("That is one rep"));
        press(KeyCode.ESCAPE, () -> !shown.isOpen());
    }

    @Test
    void itStepsGoesBackRepeatsBlanksAndChangesItsSpeed() throws Exception {
        assertTrue(shown.showing().slowProperty().get(), "half speed from the first key on");
        press(KeyCode.RIGHT, () -> tour().stop().kind() == Kind.BEAT);
        double t = tour().stop().t();
        assertEquals(t, shown.showing().board().head().atProperty().get(), 1e-9);
        assertTrue(words("#show-caption").contains("9 runs"), words("#show-caption"));
        press(KeyCode.R, () -> shown.showing().isMoving());
        assertTrue(shown.showing().board().head().atProperty().get() < t);
        press(KeyCode.SPACE, () -> !shown.showing().isMoving());
        assertEquals(t, shown.showing().board().head().atProperty().get(), 1e-9, "who cannot wait is there at once");
        press(KeyCode.LEFT, () -> tour().stop().kind() == Kind.START);
        press(KeyCode.B, () -> node("#show-blank").isVisible());
        press(KeyCode.B, () -> !node("#show-blank").isVisible());
        press(KeyCode.PAGE_DOWN, () -> tour().rung().id().equals("s2"));
        press(KeyCode.HOME, () -> tour().stop().kind() == Kind.START);
        press(KeyCode.N, () -> shown.notes().isShowing());
        String notes = fx(() -> shown.notes().getScene().getRoot().lookupAll(".notes-words").stream()
                .map(n -> ((Label) n).getText())
                .toList()
                .toString());
        assertTrue(
                notes.contains(
                        "When 7 is halfway: 9 runs 12 m forwards to the right and 11 runs 2.5 m across to the left."),
                notes);
        press(KeyCode.N, () -> !shown.notes().isShowing());
    }

    @Test
    void aKeyThatIsKeptDownGoesOneStopOn() throws Exception {
        fx(() -> {
            // What the system sends while the space bar is down: presses, and no release.
            for (int i = 0; i < 20; i++) {
                Event.fireEvent(
                        node("#show"),
                        new KeyEvent(KeyEvent.KEY_PRESSED, " ", " ", KeyCode.SPACE, false, false, false, false));
            }
            return null;
        });
        assertTrue(fx(() -> shown.showing().isMoving()), "on its way to the first stop, no further");
        await(() -> !shown.showing().isMoving());
        assertEquals(Kind.BEAT, tour().stop().kind());
        Stop first = tour().stop();
        fx(() -> {
            Event.fireEvent(
                    node("#show"),
                    new KeyEvent(KeyEvent.KEY_RELEASED, " ", " ", KeyCode.SPACE, false, false, false, false));
            return null;
        });
        press(KeyCode.SPACE, () -> !shown.showing().isMoving() && !tour().stop().equals(first));
    }

    @Test
    void oneIsFollowedInTheSecondPersonAndChalkFades() throws Exception {
        press(
                KeyCode.Y,
                () -> shown.showing().board().focus().followedProperty().get().isPresent());
        assertEquals("You are 7", words("#show-you"));
        assertEquals("On the whistle, you carry the ball 12 m towards the orange cone A.", words("#show-caption"));
        press(KeyCode.Y, () -> words("#show-you").equals("You are 9"));
        assertEquals("You wait.", words("#show-caption"));
        assertEquals(0.3, fx(() -> node("#token-p7").getOpacity()), 1e-9);
        assertEquals(1, fx(() -> node("#token-p9").getOpacity()), 1e-9);
        press(KeyCode.L, () -> shown.showing().laserProperty().get());
        robot.moveTo(node("#show"));
        robot.press(MouseButton.PRIMARY);
        robot.moveBy(60, 20);
        robot.moveBy(60, -20);
        robot.release(MouseButton.PRIMARY);
        settle();
        await(() -> shown.chalkLines() == 1);
        await(() -> shown.chalkLines() == 0);
        assertEquals("You are 9", words("#show-you"), "who draws does not choose somebody else");
    }
}

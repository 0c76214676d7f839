package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.PieceEdits;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.storage.book.Book;

/** People who follow, balls that go another way, and how hard it is gone at, in the real window. */
class ReactionWindowTest extends RealWindow {

    private Vec place(String id) {
        return board().stage().piece(id).orElseThrow().at();
    }

    @Test
    void strokeOntoAnOpponentIsAShadowThatPlaysAndIsKept() throws Exception {
        open(Request.demo(book()));
        fx(() -> {
            board().apply(PieceEdits.remove("s1", board().stage(), List.of("a4")));
            return null;
        });
        settle();
        dragOnBoard(place("p4"), place("p9"));
        Action last = board().stage().actions().get(board().stage().actions().size() - 1);
        Shadow shadow = assertInstanceOf(Shadow.class, last);
        assertEquals("p9", shadow.whom());
        String words =
                board().script().lines().stream().map(l -> l.text()).toList().toString();
        assertTrue(words.contains("4 marks 9, goal-side, 1.5 m off"), words);
        double end = board().timeline().times(shadow.id()).orElseThrow().end();
        assertTrue(board().timeline()
                        .pose("p4", end)
                        .at()
                        .distance(board().timeline().pose("p9", end).at())
                < 3);
        type(KeyCode.K);
        assertEquals(
                Shadow.Way.CHASE, ((Shadow) board().stage().action(shadow.id()).orElseThrow()).way());
        await(() -> ((Label) find("#kept")).getText().equals("kept just now"));
        Stage shown = board().stage();
        close();
        try (Book book = Book.open(book())) {
            assertEquals(
                    shown.actions(),
                    Ladder.build(book.drills().load("turnstile"), "s1").actions());
        }
    }

    @Test
    void oneKeyChangesHowAPassGoes() throws Exception {
        open(Request.demo(book()));
        double flat = board().timeline().times("a1").orElseThrow().arrival();
        fx(() -> {
            board().selection().choose("a1");
            find("#board").requestFocus();
            return null;
        });
        type(KeyCode.K);
        type(KeyCode.K);
        assertEquals(
                Action.Manner.LOB, ((Action.Pass) board().stage().action("a1").orElseThrow()).manner());
        assertTrue(board().timeline().times("a1").orElseThrow().arrival() > flat + 0.2, "a lob hangs");
        assertTrue(board().script().lines().get(0).text().contains("lobs the ball"));
        type(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(
                Action.Manner.BOUNCE,
                ((Action.Pass) board().stage().action("a1").orElseThrow()).manner());
    }

    @Test
    void slowerPeopleTakeLongerAndTheDrillRemembersIt() throws Exception {
        open(Request.demo(book()));
        double live = board().timeline().duration();
        take(find("#effort"), "walk-through");
        assertTrue(board().timeline().duration() > 2 * live);
        take(find("#effort"), "under 12");
        assertEquals("walk-through · under 12", ((MenuButton) find("#effort")).getText());
        Effort effort = board().drill().effort();
        assertEquals(new Effort(Effort.Level.UNDER_12, Effort.Intensity.WALK_THROUGH), effort);
        await(() -> ((Label) find("#kept")).getText().equals("kept just now"));
        Drill shown = board().drill();
        close();
        try (Book book = Book.open(book())) {
            assertEquals(shown.effort(), book.drills().load("turnstile").effort());
        }
    }
}

package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Instruction.Rule;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.FreezeEdits;
import wildchalk.core.geometry.Vec;
import wildchalk.desktop.board.state.Focus;

/** What people decide and what the coach asks, made and looked at in the real window. */
class AskingWindowTest extends RealWindow {

    private static final Vec SEVEN = new Vec(-20, 0);
    private static final Vec NINE = new Vec(0, -10);
    private static final Vec ELEVEN = new Vec(0, 10);

    @BeforeEach
    void threeAndADefender() throws Exception {
        open(Request.demo(book()));
        Drill empty = Drill.empty("asking", "Asking", "field-hockey", "whole");
        Stage stage = new Stage(
                "s1",
                "Start here",
                List.of(
                        new Piece.Player("p7", SEVEN, 0, "7", Bib.CORAL),
                        new Piece.Player("p9", NINE, 0, "9", Bib.CORAL),
                        new Piece.Player("p11", ELEVEN, 0, "11", Bib.CORAL),
                        new Piece.Player("x4", new Vec(-8, -6), Math.PI, "4", Bib.SKY),
                        new Piece.Ball("b1", SEVEN, Optional.of("p7"))),
                List.of(new Action.Pass("a1", "p7", Spot.at("p9"), Action.Touch.CONTROLLED, Cue.whistle())));
        Drill drill = Ladder.put(empty, stage);
        fx(() -> {
            session.window().open(drill);
            return null;
        });
        settle();
    }

    private Read read() {
        return board().stage().instructions(Read.class).get(0);
    }

    private void choose(Vec at) throws Exception {
        clickOnBoard(at);
        await(() -> !board().selection().chosenProperty().get().isEmpty());
    }

    private void eitherOr() throws Exception {
        choose(SEVEN.towards(NINE, 0.4));
        assertEquals("a1", board().selection().action().orElseThrow().id());
        type(KeyCode.O);
        await(() -> !board().stage().instructions(Read.class).isEmpty());
        dragOnBoard(SEVEN, ELEVEN);
        await(() -> read().options().get(1).actions().size() == 1);
    }

    @Test
    void aLineBecomesAnOptionAndWhatIsDrawnThenTheOther() throws Exception {
        eitherOr();
        Action other =
                board().stage().action(read().options().get(1).actions().get(0)).orElseThrow();
        assertTrue(other instanceof Action.Pass p && p.to().equals(Spot.at("p11")), "7 still has the ball on this way");
        assertTrue(board().timeline().times(other.id()).isPresent());
        assertTrue(board().timeline().times("a1").isEmpty());
        assertTrue(board().board().isLeftOut("a1"), "the way that is not looked at is faint");
        click("#read-r1-o1");
        await(() -> board().timeline().times("a1").isPresent());
        assertEquals("2 ways  ▶", fx(() -> ((Button) find("#ways")).getText()));
        assertTrue(board().script().lines().get(0).text().contains("either"));
        while (board().document().history().nextUndo().isPresent()) {
            type(KeyCode.CONTROL, KeyCode.Z);
        }
        assertEquals(1, board().stage().actions().size());
        assertEquals(List.of(), board().stage().instructions());
    }

    @Test
    void optionsAreNamedAndWorkedOut() throws Exception {
        eitherOr();
        click("#read-edit-r1");
        click("#option-label-0");
        write("short");
        type(KeyCode.TAB);
        await(() -> read().options().get(0).label().equals("short"));
        take(find("#read-rule"), "worked out: whoever is open");
        await(() -> read().rule().equals(Optional.of(Rule.OPEN)));
        // 4 stands in the lane to 9, so it goes to 11.
        assertEquals("o2", board().timeline().decisions().get(0).option());
        assertTrue(board().script().lines().get(0).text().contains("Whoever is open gets it"));
        click("#option-gone-1");
        await(() -> board().stage().instructions(Read.class).isEmpty());
        assertEquals(1, board().stage().actions().size());
    }

    @Test
    void anOptionThatLeadsNowhereSaysSo() throws Exception {
        choose(SEVEN.towards(NINE, 0.4));
        type(KeyCode.O);
        await(() ->
                board().timeline().problems().stream().anyMatch(p -> p.message().startsWith("option 2 leads nowhere")));
        assertTrue(fx(() -> find("#problems").isVisible()));
    }

    @Test
    void everyWayIsPlayedOneAfterAnother() throws Exception {
        eitherOr();
        click("#ways");
        await(() -> "o1".equals(board().focus().choicesProperty().get().of().get("r1"))
                && board().head().playingProperty().get());
        await(() -> "o2".equals(board().focus().choicesProperty().get().of().get("r1")));
        await(() -> !board().head().playingProperty().get()
                && board().head().atProperty().get() == board().timeline().duration());
    }

    @Test
    void aFreezeOnTheWayDoesNotEndThePlayingOfAllWays() throws Exception {
        eitherOr();
        fx(() -> board().apply(FreezeEdits.at("s1", board().stage(), board().freeIds(), board().timeline(), 0)
                .edit()));
        click("#ways");
        await(() -> board().focus().frozenProperty().get().isPresent());
        assertEquals("o1", board().focus().choicesProperty().get().of().get("r1"));
        fx(() -> {
            find("#board").requestFocus();
            return null;
        });
        type(KeyCode.SPACE);
        await(() -> "o2".equals(board().focus().choicesProperty().get().of().get("r1")));
    }

    @Test
    void aFreezeStopsAsksAnswersAndGoesOn() throws Exception {
        type(KeyCode.Q);
        await(() -> find("#freeze-question") != null && find("#freeze-question").isFocused());
        write("where to?");
        type(KeyCode.TAB);
        write("to 11");
        type(KeyCode.ENTER);
        await(() -> board().stage().instructions(Freeze.class).get(0).answer().equalsIgnoreCase("to 11"));
        clickOnBoard(SEVEN);
        robot.press(KeyCode.SHIFT);
        clickOnBoard(NINE);
        robot.release(KeyCode.SHIFT);
        settle();
        await(() -> board().selection().chosenProperty().get().equals(Set.of("p7", "p9")));
        if (find("#sign-lane") == null) {
            click("#freeze-f1");
        }
        click("#sign-lane");
        await(() -> board().stage().instructions(Freeze.class).get(0).signs().size() == 1);
        assertEquals(
                Sign.Kind.LANE,
                board().stage().instructions(Freeze.class).get(0).signs().get(0).kind());
        click("#freeze-close");
        await(() -> board().focus().frozenProperty().get().isEmpty());
        fx(() -> {
            find("#board").requestFocus();
            return null;
        });
        type(KeyCode.SPACE);
        await(() -> board().focus().frozenProperty().get().equals(Optional.of(new Focus.Frozen("f1", false))));
        assertFalse(board().head().playingProperty().get());
        assertTrue(fx(() -> find("#freeze-words").isVisible()));
        type(KeyCode.SPACE);
        await(() -> board().focus().frozenProperty().get().equals(Optional.of(new Focus.Frozen("f1", true))));
        assertTrue(fx(() -> find("#freeze-words").lookupAll(".freeze-answer").stream()
                .anyMatch(n -> ((Label) n).getText().equalsIgnoreCase("to 11"))));
        type(KeyCode.SPACE);
        await(() -> board().focus().frozenProperty().get().isEmpty()
                && board().head().atProperty().get() == board().timeline().duration());
    }
}

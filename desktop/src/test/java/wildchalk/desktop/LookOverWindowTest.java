package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.Spotted;
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
import wildchalk.core.geometry.Vec;

/** A drill looked over in the real window: seen, gone to, mended, taken back, left for a reason. */
class LookOverWindowTest extends RealWindow {

    /** A shot at goal, and two who cross in front of it far off. */
    private static Drill shooting() {
        Stage stage = new Stage(
                "s1",
                "Start here",
                List.of(
                        new Piece.Player("p", new Vec(8, 0), 0, "7", Bib.CORAL),
                        new Piece.Player("a", new Vec(-14, -6), 0, "3", Bib.CORAL),
                        new Piece.Player("b", new Vec(2, -6), Math.PI, "5", Bib.SKY),
                        new Piece.Goalkeeper("k", new Vec(19.4, 0), Math.PI, "1", Bib.LEMON),
                        new Piece.Ball("ball", Vec.ZERO, Optional.of("p"))),
                List.of(
                        new Action.Shot("s", "p", new Spot.AtTarget("goal"), Action.Touch.CONTROLLED, Cue.whistle()),
                        run("r1", "a", 1),
                        run("r2", "b", -13)));
        return Ladder.put(Drill.empty("shooting", "Shooting", "handball", "whole"), stage);
    }

    private static Travel run(String id, String who, double x) {
        return new Travel.Run(
                id,
                who,
                new TravelPath(List.of(Spot.at(x, -6)), false),
                Action.Gait.SPRINT,
                Action.Ending.GO_ON,
                Cue.whistle());
    }

    @BeforeEach
    void openIt() throws Exception {
        open(Request.usual().withBook(book()).taking(shooting()));
        await(() -> board().look().foundProperty().get().drill().isPresent());
    }

    private List<Spotted> found(String check) {
        return board().look().foundProperty().get().over().found().stream()
                .filter(s -> s.check().equals(check))
                .toList();
    }

    private Optional<Spotted> pointed() {
        return board().look().pointedProperty().get();
    }

    private int row(String check) {
        List<Spotted> listed = board().look().foundProperty().get().listed();
        for (int i = 0; i < listed.size(); i++) {
            if (listed.get(i).check().equals(check)) {
                return i;
            }
        }
        throw new AssertionError(check);
    }

    private void lookItOver() throws Exception {
        click("#sheet-look");
        await(() -> find("#look").isVisible()
                && board().look().foundProperty().get().tried());
    }

    private String mark() {
        return ((ToggleButton) find("#sheet-look")).getAccessibleText();
    }

    @Test
    void aQueueDrawnBehindTheGoalIsMarkedGoneToMendedAndTakenBack() throws Exception {
        assertEquals(0, found("behind-goal").size());
        String before = fx(this::mark);
        type(KeyCode.DIGIT2);
        clickOnBoard(new Vec(21, 2));
        type(KeyCode.ESCAPE);
        await(() -> !found("behind-goal").isEmpty());
        await(() -> !mark().equals(before));
        assertTrue(fx(this::mark).contains("2 could hurt"), fx(this::mark));
        lookItOver();
        int row = fx(() -> row("behind-goal"));
        click("#look-" + row);
        await(() -> pointed().filter(p -> p.check().equals("behind-goal")).isPresent());
        Spotted queue = fx(() -> pointed().orElseThrow());
        assertEquals(
                queue.t().orElseThrow(), fx(() -> board().head().atProperty().get()), 1e-6);
        assertFalse(fx(() -> board().look().drawn()).isEmpty(), "who is meant is rung");
        String mend = "#look-mend-" + row + "-0";
        await(() -> find(mend) != null && isSeen(find(mend)));
        Drill drawn = fx(() -> board().drill());
        fx(() -> {
            find("#look-" + row).requestFocus();
            return null;
        });
        type(KeyCode.M);
        await(() -> found("behind-goal").isEmpty());
        assertEquals(1, fx(() -> found("meet").size()), "nothing else is mended with it");
        await(() -> stage.getScene().getFocusOwner() != null
                && stage.getScene().getFocusOwner().getId() != null
                && stage.getScene().getFocusOwner().getId().startsWith("look-"));
        click("#undo");
        await(() -> board().drill().isLike(drawn));
        await(() -> !found("behind-goal").isEmpty());
    }

    @Test
    void whatIsLeftForAReasonIsListedSoAndStandsOnTheCard() throws Exception {
        lookItOver();
        int row = fx(() -> row("meet"));
        click("#look-leave-" + row);
        await(() -> find("#look-reason-" + row) != null);
        fx(() -> {
            find("#look-reason-" + row).requestFocus();
            return null;
        });
        write("Both pass on the right and practised it walking");
        click("#look-print-" + row);
        click("#look-leave-it-" + row);
        await(() -> found("meet").isEmpty());
        await(() -> find("#look-left-0") != null && isSeen(find("#look-left-0")));
        assertEquals(0, fx(() -> board().look().foundProperty().get().over().count(Finding.Weight.COULD_HURT)));
        handOut("Text for a message");
        await(() -> find("#preview-text") instanceof TextArea t
                && t.getText().contains("Take care: Both pass on the right and practised it walking"));
    }
}

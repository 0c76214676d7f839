package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.edit.ActionEdits;
import wildchalk.core.geometry.Vec;

/** Rungs in the real window: one more on top, what follows the one below, names, and taking one away. */
class LadderWindowTest extends RealWindow {

    private Drill before;

    @BeforeEach
    void oneMoreOnTop() throws Exception {
        open(Request.demo(book()));
        before = board().drill();
        click("#rung-harder");
        await(() -> board().rung().equals("s2"));
    }

    private Piece cone() {
        return board().stage().pieces().stream()
                .filter(Piece.Item.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private String differs() throws Exception {
        return fx(() -> ((Label) find("#rung-differs")).getText());
    }

    @Test
    void whatIsChangedBelowComesUpAndWhatIsChangedHereStays() throws Exception {
        assertTrue(differs().startsWith("Like the rung it was made from"), differs());
        Vec home = cone().at();
        dragOnBoard(home, home.plus(new Vec(-6, 0)));
        Vec here = cone().at();
        assertTrue(differs().contains("yellow cone") && differs().contains("moved"), differs());
        click("#rung-s1");
        assertEquals("s1", board().rung());
        assertEquals(home, cone().at());
        assertFalse(fx(() -> find("#rung-differs").isVisible()), "the lowest differs from nothing");
        type(KeyCode.DIGIT1);
        clickOnBoard(new Vec(0, 15));
        await(() -> ((Label) find("#hint")).getText().equals("Also on rung 2."));
        int people = board().stage().people().size();
        click("#rung-s2");
        assertEquals(people, board().stage().people().size(), "somebody new below is here as well");
        assertEquals(here, cone().at());
    }

    private List<String> labels() {
        return board().stage().people().stream()
                .map(Piece.Person::label)
                .sorted()
                .toList();
    }

    /**
     * Put down on the upper rung first and on the lower one later, each with a run of their own: once the lower one was
     * never seen above.
     */
    @Test
    void peopleWhoComeOnBothRungsAreSeenTogetherAbove() throws Exception {
        int there = board().stage().people().size();
        int runs = board().stage().actions().size();
        Vec upper = new Vec(4, 18);
        Vec lower = new Vec(4, -18);
        type(KeyCode.DIGIT1);
        clickOnBoard(upper);
        type(KeyCode.ESCAPE);
        dragOnBoard(upper, upper.plus(new Vec(10, 0)));
        click("#rung-s1");
        type(KeyCode.DIGIT1);
        clickOnBoard(lower);
        type(KeyCode.ESCAPE);
        dragOnBoard(lower, lower.plus(new Vec(10, 0)));
        assertEquals(there + 1, board().stage().people().size());
        click("#rung-s2");
        assertEquals(there + 2, board().stage().people().size(), labels().toString());
        assertEquals(runs + 2, board().stage().actions().size());
        for (Vec start : List.of(upper, lower)) {
            Piece.Person person = board().stage().people().stream()
                    .filter(p -> p.at().distance(start) < 1)
                    .findFirst()
                    .orElseThrow();
            Action run = board().stage().actionsOf(person.id()).get(0);
            double end = board().timeline().times(run.id()).orElseThrow().end();
            assertTrue(
                    board().timeline().pose(person.id(), end).at().distance(start.plus(new Vec(10, 0))) < 1.5,
                    "each runs their own way");
        }
    }

    @Test
    void rungIsNamedTakenAwayAndBroughtBack() throws Exception {
        take(find("#rung-menu-s2"), "Rename");
        write("live");
        type(KeyCode.ENTER);
        await(() -> board().drill().ladder().get(1).title().equals("live")
                || board().drill().ladder().get(1).title().equals("Live"));
        take(find("#rung-menu-s2"), "Remove");
        await(() -> board().rung().equals("s1"));
        assertEquals(1, board().drill().ladder().size());
        type(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(2, board().drill().ladder().size());
        while (board().document().history().nextUndo().isPresent()) {
            type(KeyCode.CONTROL, KeyCode.Z);
        }
        assertTrue(before.isLike(board().drill()));
        assertEquals(Ladder.build(before, "s1"), board().stage());
    }

    @Test
    void aRungThatKeepsItsOwnShowsBothAndTakesOver() throws Exception {
        Vec home = cone().at();
        dragOnBoard(home, home.plus(new Vec(-6, 0)));
        click("#rung-s1");
        dragOnBoard(home, home.plus(new Vec(0, 4)));
        Vec below = cone().at();
        await(() -> ((Label) find("#hint")).getText().equals("Rung 2 keeps its own: go there to see both."));
        click("#rung-s2");
        await(() -> board().focus().overProperty().get().equals(Optional.of("s1")));
        assertTrue(fx(() -> ((ToggleButton) find("#differs-show")).isSelected()));
        assertEquals(home.plus(new Vec(-6, 0)).x(), cone().at().x(), 0.3, "its own version is lost to nobody");
        take(find("#differs-below"), "Everything");
        await(() -> cone().at().equals(below));
        assertTrue(differs().startsWith("Like the rung"), differs());
        type(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(home.plus(new Vec(-6, 0)).x(), cone().at().x(), 0.3);
    }

    @Test
    void itIsSaidHowLongAndWhenToClimb() throws Exception {
        click("#rung-plan-edit");
        click("#plan-length");
        write("until dark");
        type(KeyCode.ENTER);
        await(() -> ((Label) find("#hint")).getText().startsWith("Begin with a number"));
        type(KeyCode.CONTROL, KeyCode.A);
        write("2.5 min from the wing, 1.5 min from the middle, then swap");
        type(KeyCode.ENTER);
        click("#plan-climb");
        write("five in a row are clean");
        type(KeyCode.ENTER);
        await(() -> plan().climb().equals("five in a row are clean"));
        assertEquals(4, plan().dose().orElseThrow().minutes());
        assertEquals(
                "2.5 min from the wing, 1.5 min from the middle, then swap. Climb when five in a row are clean",
                fx(() -> ((Label) find("#rung-plan")).getText()));
        click("#plan-close");
    }

    private RungPlan plan() {
        return board().drill().ladder().stream()
                .filter(r -> r.id().equals("s2"))
                .findFirst()
                .orElseThrow()
                .plan();
    }

    @Test
    void aVariationStandsBesideItsRungAndIsChangedWithOneClick() throws Exception {
        take(find("#rung-menu-s2"), "Otherwise, beside it");
        await(() -> board().rung().equals("s3"));
        assertEquals("[1, 2, 2a]", Ladder.signs(board().drill()).values().toString());
        Vec home = board().stage().people().get(0).at();
        take(find("#rung-menu-s3"), "From the other side");
        await(() -> board().stage().people().get(0).at().distance(new Vec(home.x(), -home.y())) < 1e-6);
        take(find("#rung-menu-s3"), "Half pace instead of live");
        await(() -> differs().contains("half pace instead of live"));
        take(find("#rung-menu-s1"), "Lay it under the one that is shown");
        await(() -> board().focus().overProperty().get().equals(Optional.of("s1")));
    }

    @Test
    void whatAnUpperRungNeedsIsTakenAwayBelowAndStaysThere() throws Exception {
        Piece person = board().stage().people().get(0);
        int there = board().stage().pieces().size();
        fx(() -> board().apply(ActionEdits.chalk(
                "s2",
                new Travel.Run(
                        "own",
                        person.id(),
                        new TravelPath(List.of(Spot.at(0, 0)), false),
                        Action.Gait.RUN,
                        Action.Ending.GO_ON,
                        Cue.whistle()))));
        click("#rung-s1");
        fx(() -> {
            board().selection().choose(person.id());
            find("#board").requestFocus();
            return null;
        });
        type(KeyCode.DELETE);
        await(() -> board().stage().piece(person.id()).isEmpty());
        await(() -> ((Label) find("#hint")).getText().startsWith("Rung 2 keeps its own"));
        click("#rung-s2");
        assertEquals(there, board().stage().pieces().size(), "the rung is as it was");
        assertTrue(differs().startsWith("line-up of feeders comes in"), differs());
        type(KeyCode.CONTROL, KeyCode.Z);
        assertTrue(Ladder.build(board().drill(), "s1").piece(person.id()).isPresent());
    }
}

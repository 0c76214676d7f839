package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Parent;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;

/** Who is next, said with the mouse in the real window: dragged on the board, read and changed on the sheet. */
class NextWindowTest extends RealWindow {

    private static final Vec FEEDER = new Vec(-8, 6);
    private static final Vec RUNNER = new Vec(0, -6);
    private static final Vec OTHER = new Vec(10, -6);

    private static Drill relay() {
        Drill empty = Drill.empty("relay", "Relay", "handball", "whole");
        Stage stage = new Stage(
                "s1",
                "Start here",
                List.of(
                        new Piece.LineUp("f", FEEDER, 0, "F", Bib.MINT, 3, "feeders"),
                        new Piece.Player("p7", RUNNER, 0, "7", Bib.CORAL),
                        new Piece.Player("p9", OTHER, 0, "9", Bib.CORAL)),
                List.of(
                        run("a1", "f", -6, 6, Cue.whistle()),
                        run("a2", "p7", 4, -2, Cue.after("a1")),
                        run("a3", "p9", 14, -2, Cue.after("a2"))));
        return Ladder.put(empty, stage);
    }

    private static Travel run(String id, String who, double x, double y, Cue cue) {
        return new Travel.Run(
                id, who, new TravelPath(List.of(Spot.at(x, y)), false), Action.Gait.RUN, Action.Ending.STOP, cue);
    }

    @BeforeEach
    void openTheRelay() throws Exception {
        open(Request.usual().withBook(book()).taking(relay()));
    }

    private Map<String, String> said() {
        return board().stage().instructions(Rotation.Goes.class).stream()
                .collect(Collectors.toMap(Rotation.Goes::who, g -> g.to().role().orElse("out")));
    }

    private String phrase(String role) {
        return ((Hyperlink) find("#next-" + role)).getText();
    }

    private String told() throws Exception {
        return fx(() -> ((Parent) find("#next-told"))
                .getChildrenUnmodifiable().stream()
                        .map(n -> ((Label) n).getText())
                        .collect(Collectors.joining("\n")));
    }

    @Test
    void threeMoveOnsAreDraggedReadAndUndone() throws Exception {
        click("#tool-next");
        dragOnBoard(FEEDER, RUNNER);
        await(() -> said().size() == 1);
        dragOnBoard(RUNNER, OTHER);
        await(() -> said().size() == 2);
        // From the end of what 9 does to whoever waits behind the feeders.
        Vec queue = FEEDER.minus(new Vec(board().board().frame().unit() * 2.6, 0));
        dragOnBoard(new Vec(14, -2), queue);
        await(() -> said().size() == 3);
        assertEquals(Map.of("f", "p7", "p7", "p9", "p9", "f"), said());
        await(() -> find("#next-p9") != null && find("#next").isVisible());
        assertEquals("becomes 7", phrase("f"));
        assertEquals("becomes 9", phrase("p7"));
        assertEquals("joins the end of the feeders", phrase("p9"));
        await(() -> told().contains(" with 6 people, one every "));
        assertTrue(told().contains("Of the time people are busy "), told());
        for (int left = 2; left >= 0; left--) {
            int expected = left;
            type(KeyCode.SHORTCUT, KeyCode.Z);
            await(() -> said().size() == expected);
        }
        await(() -> phrase("p9").equals("stays"));
    }

    @Test
    void aPhraseIsChangedAndMorePeopleAreWorkedOut() throws Exception {
        click("#sheet-next");
        await(() -> find("#next-p7") != null);
        take(find("#next-p7"), "joins the end of the feeders");
        assertEquals(Map.of("p7", "f"), said());
        await(() -> told().contains("nobody is left for player 7"));
        take(find("#next-f"), "becomes 7");
        await(() -> told().contains(" with 6 people"));
        click("#next-people-more");
        await(() -> told().contains(" with 7 people"));
        click("#sheet-set-out");
        await(() -> !find("#next").isVisible() && find("#set-out").isVisible());
        click("#sheet-words");
        await(() -> !find("#set-out").isVisible());
    }

    /** A line that feeds a runner, who gives it back to the next in line and runs on to another line. */
    private static Drill relayWithTwoLines() {
        Stage stage = new Stage(
                "s1",
                "Start here",
                List.of(
                        new Piece.LineUp("f", FEEDER, 0, "F", Bib.MINT, 3, "feeders"),
                        new Piece.LineUp("r", RUNNER, 0, "R", Bib.CORAL, 2, "runners"),
                        new Piece.Ball("b", FEEDER, Optional.of("f"))),
                List.of(
                        run("a1", "r", 4, -2, Cue.whistle()),
                        new Action.Pass("a2", "f", Spot.at("r"), Action.Touch.CONTROLLED, Cue.after("a1")),
                        new Action.Pass("a3", "r", Spot.at("f"), Action.Touch.CONTROLLED, Cue.received("a2"))));
        return Ladder.put(Drill.empty("relay", "Relay", "handball", "whole"), stage);
    }

    private <R extends Rotation> Optional<R> rotation(Class<R> kind) {
        return board().stage().instructions(kind).stream().findFirst();
    }

    @Test
    void whenRepsEndAndHowSidesTurnAndWhoStepsUpIsTakenFromMenus() throws Exception {
        open(Request.usual().withBook(folder.resolve("other")).taking(relayWithTwoLines()));
        click("#sheet-next");
        await(() -> find("#next-over") != null);
        assertEquals("A rep is over when all is done.", phrase("over"));
        take(find("#next-over"), "A rep is over 20 s after the whistle.");
        await(() -> rotation(Rotation.Over.class).isPresent());
        assertEquals("A rep is over 20 s after the whistle.", phrase("over"));

        take(find("#next-sides"), "Reps are played on one side and the other in turn.");
        await(() -> rotation(Rotation.Sides.class).isPresent());
        take(find("#next-sides"), "Reps are played on one side and the other in turn, three reps each.");
        await(() -> rotation(Rotation.Sides.class).flatMap(Rotation.Sides::turn).isPresent());

        take(find("#next-steps"), "The next one is in front as R passes 14 m to F.");
        await(() -> rotation(Rotation.StepsUp.class).isPresent());
        assertEquals("In each rep two of the feeders have a turn, one after the other.", phrase("steps"));
        take(find("#next-steps"), "The next one is in front as R passes 14 m to the second of the feeders.");
        await(() -> rotation(Rotation.StepsUp.class).isEmpty());

        for (int i = 0; i < 5; i++) {
            type(KeyCode.SHORTCUT, KeyCode.Z);
        }
        await(() -> board().stage().instructions().isEmpty());
    }

    @Test
    void chosenLinesHappenAgainAndLinesAreUneven() throws Exception {
        open(Request.usual().withBook(folder.resolve("other")).taking(relayWithTwoLines()));
        click("#sheet-next");
        await(() -> told().contains(" with "));
        assertEquals("What is drawn happens once in a rep.", phrase("again"));
        fx(() -> {
            board().selection().choose("a1", "a2", "a3");
            return null;
        });
        await(() -> phrase("again").equals("The 3 chosen lines happen once."));
        take(find("#next-again"), "The same happens three times in all, each time by the next of the runners.");
        await(() -> rotation(Rotation.Repeats.class).isPresent());
        take(find("#next-again"), "Happens once.");
        await(() -> rotation(Rotation.Repeats.class).isEmpty());

        await(() -> find("#next-line-f") != null);
        int feeders = lined("f");
        int runners = lined("r");
        // What many reps come to stands below what is said of them.
        fx(() -> {
            ((ScrollPane) find("#next")).setVvalue(1);
            return null;
        });
        click("#next-line-f-more");
        await(() -> lined("f") == feeders + 1 && lined("r") == runners - 1);
    }

    private int lined(String role) throws Exception {
        return fx(() -> Integer.parseInt(((TextField) find("#next-line-" + role)).getText()));
    }
}

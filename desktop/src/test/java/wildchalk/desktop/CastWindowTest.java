package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Labeled;
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
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.Script;
import wildchalk.core.squad.Member;
import wildchalk.core.squad.Squad;
import wildchalk.handout.files.DrillFile;
import wildchalk.storage.book.Book;
import wildchalk.storage.format.DrillWriter;
import wildchalk.storage.kind.SquadKind;

/** People of a squad in the roles of a drill: seen and said while they are looked at, and nowhere else. */
class CastWindowTest extends RealWindow {

    private static final List<String> NAMES = List.of("Arvid", "Birgit", "Cezary");

    private static Drill drill() {
        Stage stage = new Stage(
                "s1",
                "Start here",
                List.of(
                        new Piece.Player("p7", new Vec(-6, -4), 0, "7", Bib.CORAL),
                        new Piece.Player("p9", new Vec(4, 6), 0, "9", Bib.CORAL),
                        new Piece.Ball("b", new Vec(-6, -4), Optional.of("p7"))),
                List.of(
                        new Action.Pass("a1", "p7", Spot.at("p9"), Action.Touch.CONTROLLED, Cue.whistle()),
                        new Travel.Run(
                                "a2",
                                "p7",
                                new TravelPath(List.of(Spot.at(8, -6)), false),
                                Action.Gait.RUN,
                                Action.Ending.STOP,
                                Cue.after("a1"))));
        return Ladder.put(Drill.empty("duo", "Duo", "handball", "whole"), stage);
    }

    @BeforeEach
    void openWithASquad() throws Exception {
        Squad squad = Squad.empty("s", "Herons")
                .with(NAMES.stream().map(n -> Member.named("", n + " Tveit")).toList());
        try (Book book = Book.open(book())) {
            book.of(SquadKind.SQUADS).add(squad);
        }
        open(Request.usual().withBook(book()).taking(drill()));
    }

    private String script() throws Exception {
        return fx(() -> board().script().lines().stream().map(Script.Line::text).collect(Collectors.joining("\n")));
    }

    private static boolean hasName(String text) {
        return NAMES.stream().anyMatch(text::contains) || text.contains("Tveit");
    }

    @Test
    void namesAreSeenWhileTheyAreLookedAtAndGoOutOnlyWhenTicked() throws Exception {
        click("#sheet-next");
        await(() -> find("#cast-who") != null);
        take(find("#cast-who"), "Herons");
        assertTrue(script().contains("Arvid passes"), script());
        assertTrue(script().contains("to Birgit"), script());
        assertFalse(script().contains("Tveit"), "first names");
        take(find("#cast-p9"), "Cezary");
        assertTrue(script().contains("to Cezary"), script());
        click("#cast-turn");
        click("#cast-turn");
        assertEquals("Birgit", fx(() -> ((Hyperlink) find("#cast-p7")).getText()), "moved on by one");

        // What is drawn meanwhile is of the drill, and has no names.
        dragOnBoard(new Vec(-6, -4), new Vec(-8, -2));
        assertTrue(board().document().history().done().size() > 0);
        assertFalse(hasName(DrillWriter.write(board().drill())));

        handOut(new DrillFile().words());
        assertFalse(handedOut("plain.json"), "not ticked");
        click("#wish-names");
        assertTrue(handedOut("named.json"), "ticked");
        click("#hand-out-close");

        handOut(new DrillFile().words());
        assertFalse(((CheckBox) find("#wish-names")).isSelected(), "a tick is not remembered");
        click("#hand-out-close");
        take(find("#cast-who"), "Nobody by name");
        assertFalse(hasName(script()), script());
    }

    private boolean handedOut(String name) throws Exception {
        picked = folder.resolve(name);
        click("#hand-out-go");
        await(() -> ((Labeled) find("#hand-out-said")).getText().equals("Written: " + name));
        return hasName(Files.readString(picked));
    }
}

package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.desktop.board.state.Lights;

/**
 * Stations in the real window: those of the demo play side by side, and new ones are marked out and filled from the
 * book.
 */
class StationsWindowTest extends RealWindow {

    private Set<Integer> playing() {
        Set<Integer> numbers = new HashSet<>();
        Stage stage = board().stage();
        Lights.of(board().model()).forEach(id -> stage.action(id)
                .flatMap(a -> stage.person(a.who()))
                .flatMap(stage::stationOf)
                .ifPresent(s -> numbers.add(s.number())));
        return numbers;
    }

    @Test
    void fourStationsOfTheDemoPlayAllAtOnce() throws Exception {
        open(Request.demo(book()));
        Drill allotment = DemoBook.drills().stream()
                .filter(d -> d.id().equals("allotment"))
                .findFirst()
                .orElseThrow();
        fx(() -> {
            session.window().open(allotment);
            return null;
        });
        settle();
        type(KeyCode.SPACE);
        await(() -> board().head().atProperty().get() > 0.7);
        type(KeyCode.SPACE);
        assertEquals(Set.of(1, 2, 3, 4), fx(this::playing));
        double t = board().head().atProperty().get();
        for (Piece.Station station : board().stage().stations()) {
            assertTrue(
                    board().stage().people().stream()
                            .filter(p -> board().stage()
                                    .stationOf(p)
                                    .filter(station::equals)
                                    .isPresent())
                            .anyMatch(
                                    p -> board().timeline().pose(p.id(), t).at().distance(p.at()) > 0.05),
                    "somebody moves in " + station.number());
        }
    }

    @Test
    void quartersAreMarkedOutAndOneHoldsADrillOfTheBookAtTrueSize() throws Exception {
        open(Request.demo(book()));
        fx(() -> {
            session.window().open(Drill.empty("yard", "The yard", "football-11", "whole"));
            return null;
        });
        settle();
        type(KeyCode.DIGIT9);
        await(() -> find("#mark-quarters") != null);
        click("#mark-quarters");
        assertEquals(4, board().stage().stations().size());
        putIn("Sixpenny Square");
        Drill square = DemoBook.drills().stream()
                .filter(d -> d.title().equals("Sixpenny Square"))
                .findFirst()
                .orElseThrow();
        Stage alone = Ladder.build(square, square.ladder().get(0).id());
        await(() -> board().stage().people().size() == alone.people().size());
        Piece.Station first = board().stage().stations().get(0);
        assertTrue(board().stage().people().stream()
                .allMatch(p -> board().stage().stationOf(p).equals(Optional.of(first))));
        assertEquals(distances(alone), distances(board().stage()), "nothing has become larger or smaller");
        assertEquals(List.of(), board().timeline().problems());
    }

    private static List<Long> distances(Stage stage) {
        List<Piece.Person> people = stage.people();
        return people.stream()
                .flatMap(p -> people.stream().map(q -> Math.round(p.at().distance(q.at()) * 1000)))
                .sorted()
                .toList();
    }

    /** The menu asks the book for its drills when it opens. */
    private void putIn(String title) throws Exception {
        await(() -> find("#area-drill") != null);
        MenuButton menu = (MenuButton) find("#area-drill");
        robot.clickOn(menu);
        await(() -> items(menu.getItems()).anyMatch(i -> title.equals(i.getText())));
        fx(() -> {
            menu.hide();
            items(menu.getItems())
                    .filter(i -> title.equals(i.getText()))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            return null;
        });
        settle();
    }
}

package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.PlayOn;
import wildchalk.core.geometry.Vec;
import wildchalk.core.script.Script;
import wildchalk.core.soundness.Soundness;

/** Games that nobody draws to their end, made by hand in the real window: each gesture is counted. */
class GamesWindowTest extends RealWindow {

    private int gestures;

    private void on(String surface) throws Exception {
        open(Request.usual().withBook(book()).taking(Drill.empty("game", "Empty", surface, "whole")));
        gestures = 0;
    }

    private void place(KeyCode tool, double... xy) {
        gestures++;
        type(tool);
        for (int i = 0; i < xy.length; i += 2) {
            gestures++;
            clickOnBoard(new Vec(xy[i], xy[i + 1]));
        }
        gestures++;
        type(KeyCode.ESCAPE);
    }

    private void pull(double fromX, double fromY, double toX, double toY) {
        gestures++;
        dragOnBoard(new Vec(fromX, fromY), new Vec(toX, toY));
    }

    /** Puts on a bib: the person is chosen, and their card has the colours. */
    private void wear(String bib, double x, double y) throws Exception {
        gestures += 3;
        clickOnBoard(new Vec(x, y));
        click("#team-" + bib);
        type(KeyCode.ESCAPE);
    }

    private void area(double x, double y, double toX, double toY) {
        gestures++;
        type(KeyCode.DIGIT9);
        pull(x, y, toX, toY);
        gestures++;
        type(KeyCode.ESCAPE);
    }

    private void rules() throws Exception {
        gestures++;
        click("#sheet-rules");
        await(() -> isSeen(find("#rules-add")));
    }

    /** Three gestures: the list, what it is about, what is said. */
    private void add(String item) throws Exception {
        gestures += 3;
        int before = fx(() -> rows().size());
        take(find("#rules-add"), item);
        await(() -> rows().size() == before + 1);
    }

    /** Three gestures: the sentence, what of it, what instead. */
    private void instead(String row, String item) throws Exception {
        gestures += 3;
        String before = fx(() -> String.join("", rows()));
        take(find("#" + row), item);
        await(() -> !String.join("", rows()).equals(before));
    }

    private List<String> rows() {
        return find("#rules-said").lookupAll(".hyperlink").stream()
                .map(n -> ((Labeled) n).getText())
                .toList();
    }

    private String row(Class<?> kind) throws Exception {
        return fx(() -> "rule-"
                + (kind == PlayOn.class
                                ? board().stage().actions().stream()
                                        .filter(PlayOn.class::isInstance)
                                        .map(a -> a.id())
                                : board().stage().instructions().stream()
                                        .filter(kind::isInstance)
                                        .map(i -> i.id()))
                        .reduce((a, b) -> b)
                        .orElseThrow());
    }

    private void isWhole(String what, int most) throws Exception {
        System.out.println(what + ": " + gestures + " gestures");
        assertTrue(gestures <= most, gestures + " gestures");
        assertEquals(List.of(), fx(() -> board().timeline().problems()));
        assertEquals(
                List.of(),
                fx(() -> Soundness.faults(board().drill(), board().drill().surface())));
    }

    @Test
    void keepAwayOfThreeUnevenSidesWithARuleForEach() throws Exception {
        on("handball");
        area(-9, -7, 9, 7);
        place(KeyCode.DIGIT1, -7, -5, 7, -5, 7, 5, -7, 5, 0, 0);
        wear("mint", 7, 5);
        wear("mint", -7, 5);
        wear("violet", 0, 0);
        place(KeyCode.DIGIT4, -7, -5);
        pull(-7, -5, 7, -5);
        rules();
        add("they play it out in the yellow zone");
        add("three touches for coral");
        instead(row(Limit.Count.class), "5");
        add("three touches for mint");
        instead(row(Limit.Count.class), "2");
        add("violet stays in the yellow zone");
        add("The side that loses the ball defends.");
        String live = row(PlayOn.class);
        instead(live, "45 s");
        isWhole("a keep-away of three uneven sides with a rule for each", 50);
        PlayOn play = (PlayOn) fx(() -> board().stage().actions().get(1));
        assertEquals(3, play.sides().size());
        assertTrue(fx(() -> rows().get(0)).contains("coral against mint against violet"), rows().toString());
        assertEquals(5, fx(() -> rows().size()));
        // It plays: the area glows, tokens drift, and the clock goes on.
        gestures++;
        type(KeyCode.SPACE);
        await(() -> board().head().atProperty().get() > 0.5);
        type(KeyCode.SPACE);
        gestures = 0;
        type(KeyCode.CONTROL, KeyCode.Z);
        await(() -> rows().get(0).contains("20 s"));
    }

    @Test
    void wavesOfAttacksInWhichTheWinnersGoOn() throws Exception {
        on("basketball-intl");
        place(KeyCode.DIGIT1, -10, -3, -10, 3, 2, 0);
        wear("sky", 2, 0);
        place(KeyCode.DIGIT4, -10, -3);
        pull(-10, -3, -10, 3);
        pull(-10, 3, -2, 4);
        rules();
        add("they play it out: all of the surface");
        instead(row(PlayOn.class), "the others win it");
        add("The winners stay on; the others make room.");
        add("watch everybody");
        gestures += 2;
        String field = "#" + row(Game.WatchFor.class) + "-fault";
        fx(() -> {
            TextField fault = (TextField) find(field);
            fault.requestFocus();
            fault.selectAll();
            return null;
        });
        write("three go for one ball");
        type(KeyCode.ENTER);
        await(() -> rows().stream().anyMatch(r -> r.contains("Three go for one ball")));
        isWhole("a wave of attacks in which the winners go on", 30);
        PlayOn play = (PlayOn) fx(() -> board().stage().actions().get(2));
        assertEquals(Set.of(PlayOn.Ends.GOAL, PlayOn.Ends.WON), play.until().ends());
        gestures = 0;
        click("#sheet-words");
        await(() -> find("#notes-watch").lookupAll(".label").size() == 2);
    }

    private void lasso(Vec... loop) {
        gestures++;
        robot.moveTo(onScreen(loop[0]));
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i < loop.length; i++) {
            for (int k = 1; k <= 4; k++) {
                robot.moveTo(onScreen(loop[i - 1].towards(loop[i], k / 4.0)));
            }
        }
        letGo();
    }

    /** Two gestures: the words that say where the line leads, and where instead. */
    private void leadToWhatIsCalled() throws Exception {
        gestures += 2;
        String line = board().stage().actions().get(0).id();
        Node where = find("#script").lookupAll("*").stream()
                .filter(n -> n.getUserData() instanceof Script.Phrase p
                        && p.part() == Script.Part.WHERE
                        && p.action().equals(line))
                .findFirst()
                .orElseThrow();
        robot.moveTo(where);
        robot.press(MouseButton.PRIMARY);
        letGo();
        await(() -> phraseMenu().isPresent());
        fx(() -> {
            ContextMenu menu = phraseMenu().orElseThrow();
            menu.hide();
            menu.getItems().stream()
                    .filter(i -> "the gap that is called".equals(i.getText()))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            return null;
        });
        settle();
    }

    private static Optional<ContextMenu> phraseMenu() {
        return Window.getWindows().stream()
                .filter(w -> w instanceof ContextMenu m && "phrase-menu".equals(m.getId()) && m.isShowing())
                .map(ContextMenu.class::cast)
                .findFirst();
    }

    @Test
    void smallGameThatACalledCodeBegins() throws Exception {
        on("field-hockey");
        place(KeyCode.DIGIT3, 10, -6, 10, -2, 10, 2, 10, 6);
        place(KeyCode.DIGIT1, 0, 0, 16, 0);
        wear("sky", 16, 0);
        place(KeyCode.DIGIT4, 0, 0);
        pull(0, 0, 6, 0);
        lasso(new Vec(8, -8), new Vec(8, 8), new Vec(12, 8), new Vec(12, -8), new Vec(8, -8));
        rules();
        add("its figure says which gap between these 4");
        // The line leads to what is called, as the menu of its words says it.
        gestures++;
        click("#sheet-words");
        await(() -> isSeen(find("#script")));
        leadToWhatIsCalled();
        rules();
        add("they play it out: all of the surface");
        isWhole("a small game that a called code begins", 31);
        Vec second = fx(() -> board().timeline()
                .at(board().stage().people().get(0).id(), board().timeline().duration()));
        String calls = "#" + row(Game.Code.class) + "-called";
        gestures += 2;
        take(find(calls), "3");
        await(() -> ((MenuButton) find(calls)).getText().contains("3"));
        Vec third = fx(() -> board().timeline()
                .at(board().stage().people().get(0).id(), board().timeline().duration()));
        assertEquals(4, third.y() - second.y(), 1, "the gap that is called is another");
    }

    @Test
    void whatIsDoneToTheOneHalfIsSeenInTheOther() throws Exception {
        on("ice-rink-na");
        place(KeyCode.DIGIT1, 8, -6, 16, 5);
        place(KeyCode.DIGIT4, 8, -6);
        pull(8, -6, 16, 5);
        rules();
        add("at the other end, at once");
        assertEquals(4, fx(() -> board().stage().people().size()));
        pull(16, 5, 20, -4);
        await(() -> board().stage().actions().size() == 4);
        Game.Twin twin = fx(() -> board().stage().instructions(Game.Twin.class).get(0));
        String copy = fx(() -> twin.pairs().get(board().stage().people().get(1).id()));
        double length = fx(() -> board().timeline().duration());
        Vec one = fx(() -> board().timeline().at(board().stage().people().get(1).id(), length));
        Vec other = fx(() -> board().timeline().at(copy, length));
        assertEquals(0, new Vec(-one.x(), one.y()).distance(other), 0.01);
        isWhole("two halves that stay tied", 15);
        type(KeyCode.CONTROL, KeyCode.Z);
        await(() -> board().stage().actions().size() == 2);
    }
}

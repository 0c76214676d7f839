package wildchalk.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Collectors;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Act;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Strike;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.soundness.Soundness;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.DrillWriter;

/**
 * A drill of bodies and hands for each sport that there is a surface for, made by hand in the real window with each
 * gesture counted. What was made stands beside as a file, of which the cards are read elsewhere.
 */
class BodyWindowTest extends RealWindow {

    private int gestures;
    private String name = "";

    private void on(String title, String surface) throws Exception {
        name = title;
        open(Request.usual().withBook(book()).taking(Drill.empty("hand", title, surface, "whole")));
        gestures = 0;
    }

    private void place(KeyCode tool, double... xy) {
        gestures += 2 + xy.length / 2;
        type(tool);
        for (int i = 0; i < xy.length; i += 2) {
            clickOnBoard(new Vec(xy[i], xy[i + 1]));
        }
        type(KeyCode.ESCAPE);
    }

    private void wear(String bib, double x, double y) throws Exception {
        gestures += 3;
        clickOnBoard(new Vec(x, y));
        click("#team-" + bib);
        type(KeyCode.ESCAPE);
    }

    private void pull(double fromX, double fromY, double toX, double toY) {
        gestures++;
        dragOnBoard(new Vec(fromX, fromY), new Vec(toX, toY));
    }

    /** A stroke through several places. */
    private void draw(double... xy) {
        gestures++;
        Vec last = new Vec(xy[0], xy[1]);
        robot.moveTo(onScreen(last));
        robot.press(MouseButton.PRIMARY);
        for (int i = 2; i < xy.length; i += 2) {
            Vec next = new Vec(xy[i], xy[i + 1]);
            for (int k = 1; k <= 5; k++) {
                robot.moveTo(onScreen(last.towards(next, k / 5.0)));
            }
            last = next;
        }
        letGo();
    }

    private void person(double x, double y) {
        gestures++;
        clickOnBoard(new Vec(x, y));
    }

    /** Somebody, wherever they are at the start. */
    private Vec start(String label) throws Exception {
        return fx(() -> board().stage().people().stream()
                .filter(p -> p.label().equals(label))
                .findFirst()
                .orElseThrow()
                .at());
    }

    private void choose(String label) throws Exception {
        Vec at = start(label);
        person(at.x(), at.y());
    }

    /** Where somebody is when all is over. */
    private Vec ends(String label) throws Exception {
        return fx(() -> board().timeline()
                .at(
                        board().stage().people().stream()
                                .filter(p -> p.label().equals(label))
                                .findFirst()
                                .orElseThrow()
                                .id(),
                        board().timeline().duration()));
    }

    /** Found by name: the key, its words, Enter. */
    private void named(String words) throws Exception {
        gestures += 3;
        Stage before = fx(() -> board().stage());
        type(KeyCode.CONTROL, KeyCode.K);
        await(() -> find("#find-words") != null && find("#find-words").isFocused());
        write(words);
        await(() -> !((ListView<?>) find("#find-card").lookup(".list-view"))
                .getItems()
                .isEmpty());
        type(KeyCode.ENTER);
        await(() -> !board().stage().equals(before));
    }

    /** The feints of the line that is chosen: the key, the name, done. */
    private void feint(String called) throws Exception {
        gestures += 3;
        type(KeyCode.Y);
        await(() -> find("#feint-name-1") != null && find("#feint-name-1").isFocused());
        fx(() -> {
            ((TextField) find("#feint-name-1")).selectAll();
            return null;
        });
        write(called);
        type(KeyCode.ENTER);
        click("#feint-close");
        await(() -> board().stage().actions().stream()
                .anyMatch(a -> a instanceof Travel t
                        && t.going().craft().feints().stream()
                                .anyMatch(f -> f.name().equals(called))));
    }

    private void rule(String item) throws Exception {
        gestures += 4;
        click("#sheet-rules");
        await(() -> isSeen(find("#rules-add")));
        int before = fx(() -> board().stage().instructions().size());
        take(find("#rules-add"), item);
        await(() -> board().stage().instructions().size() == before + 1);
        click("#sheet-words");
    }

    private <T extends Action> T last(Class<T> kind) throws Exception {
        return fx(() -> board().stage().actions().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .reduce((a, b) -> b)
                .orElseThrow());
    }

    private static String kinds(Drill drill) {
        Stage stage = Ladder.build(drill, "s1");
        return stage.actions().stream()
                        .map(a -> a.getClass().getSimpleName() + " by "
                                + stage.person(a.who()).orElseThrow().label())
                        .collect(Collectors.joining("\n"))
                + stage.instructions().stream()
                        .map(Instruction::getClass)
                        .map(Class::getSimpleName)
                        .collect(Collectors.joining(", ", "\n", ""));
    }

    /** It plays, is sound, took no more gestures than that, and is what stands in the file of its name. */
    private void isWhole(int most) throws Exception {
        System.out.println(name + ": " + gestures + " gestures");
        Drill drill = fx(() -> board().drill());
        assertEquals(List.of(), fx(() -> board().timeline().problems()));
        assertEquals(List.of(), Soundness.faults(drill, drill.surface()));
        Path file = Path.of(
                "src",
                "test",
                "resources",
                "wildchalk",
                "desktop",
                "byhand",
                name.toLowerCase(Locale.ROOT) + ".drill.json");
        if (Objects.nonNull(System.getProperty("wildchalk.byhand"))) {
            Files.writeString(file, DrillWriter.write(drill));
        }
        assertEquals(kinds(DrillReader.read(file)), kinds(drill));
        assertTrue(gestures <= most, gestures + " gestures");
    }

    private void says(String... parts) throws Exception {
        String all = fx(() ->
                        board().script().lines().stream().map(l -> l.text()).collect(Collectors.joining("\n")))
                + fx(() -> board().script().limits().stream().map(l -> l.text()).collect(Collectors.joining("\n")));
        for (String part : parts) {
            assertTrue(all.contains(part), part + " in\n" + all);
        }
    }

    @Test
    void rugbyTackleIsMadeClearedAndGotUpFrom() throws Exception {
        on("Sandgrouse", "rugby-union");
        place(KeyCode.DIGIT1, -20, 0, -8, 6, -26, 8);
        wear("sky", -8, 6);
        place(KeyCode.DIGIT4, -20, 0);
        pull(-20, 0, 6, 0);
        choose("2");
        named("chase 1");
        choose("2");
        named("tackle 1");
        assertEquals(Act.Then.BOTH_DOWN, last(Act.class).then());
        Vec down = ends("2");
        // The third comes as the tackle is made: the beat that is looked at.
        gestures += 3;
        type(KeyCode.END);
        type(KeyCode.COMMA);
        pull(-26, 8, down.x() - 0.8, down.y() + 0.8);
        type(KeyCode.HOME);
        choose("3");
        named("clear out 2");
        choose("2");
        named("get up");
        says("2 tackles 1, both go to ground", "3 clears out 2", "2 gets up");
        isWhole(40);
    }

    @Test
    void basketballScreenHoldsAndALayUpGoesOffTheGlass() throws Exception {
        on("Phalarope", "basketball-intl");
        place(KeyCode.DIGIT1, 2, 1, 6, -5, 4, 2.2);
        wear("sky", 4, 2.2);
        place(KeyCode.DIGIT4, 2, 1);
        pull(6, -5, 4, 2.2);
        assertEquals(Hold.Stance.SCREEN, last(Hold.class).stance());
        pull(2, 1, 11, -0.4);
        feint("stall step");
        pull(11, -0.4, 12.4, 0);
        named("wrong foot");
        named("off the board glass");
        named("left hand");
        Strike strike = last(Action.Shot.class).strike();
        assertEquals(Strike.Takeoff.WRONG_FOOT, strike.takeoff());
        assertTrue(strike.offBoard());
        assertEquals(Craft.Limb.LEFT_HAND, strike.limb());
        says("sets a screen", "with a stall step", "with the left hand off the wrong foot off the glass");
        isWhole(40);
    }

    @Test
    void volleyballServeIsForTheLevelOfThoseWhoGetIt() throws Exception {
        on("Sanderling", "volleyball-indoor");
        place(KeyCode.DIGIT1, -8, 2, 5, -2, 3, 2);
        wear("sky", 5, -2);
        wear("sky", 3, 2);
        place(KeyCode.DIGIT4, -8, 2);
        choose("2");
        named("start knee 2");
        choose("1");
        named("serve 1 2");
        pull(5, -2, 3, 2);
        rule("sky at half pace");
        assertEquals(List.of("p2"), last(Contest.class).gets());
        says("1 serves, and the ball goes to 2", "starts on one knee", "at 50% of the pace");
        isWhole(34);
    }

    @Test
    void footballersKeepTheirPlaces() throws Exception {
        on("Wheatear", "football-11");
        place(KeyCode.DIGIT1, 0, 0, 10, -16, 14, 10, 26, 2, 26, 14, 5, -1);
        wear("sky", 26, 2);
        wear("sky", 26, 14);
        wear("sky", 5, -1);
        place(KeyCode.DIGIT4, 0, 0);
        pull(5, -1, 7, 5);
        assertEquals(Shadow.Way.LANE, last(Shadow.class).way());
        pull(0, 0, 10, -16);
        pull(26, 2, 20, -4);
        choose("5");
        named("drift along 4");
        choose("3");
        named("behind 2");
        says("stays in the lane between", "drifts along with 4", "stays behind 2");
        isWhole(38);
    }

    @Test
    void padsAreKeptTappedAndSwappedInTheGridironGame() throws Exception {
        on("Knot", "gridiron-us-school");
        place(KeyCode.DIGIT1, 0, 0, 1.4, 0, 8, 3);
        gestures += 5;
        type(KeyCode.DIGIT5);
        click("#gear-pad");
        clickOnBoard(new Vec(8.6, 3.4));
        type(KeyCode.ESCAPE);
        choose("3");
        named("keep pad");
        pull(0, 0, 7.5, 1.9);
        choose("1");
        named("tap pad");
        choose("1");
        named("go down knee");
        choose("2");
        named("start lying 2");
        pull(1.4, 0, 6, -4);
        says("keeps the", "taps the", "starts lying", "gets up and");
        isWhole(36);
    }

    @Test
    void fieldHockeyHitOutIsTappedAndPlayedReverse() throws Exception {
        on("Dotterel", "field-hockey");
        place(KeyCode.DIGIT1, -20, 0, -8, -6, 2, 4, -6, -2);
        wear("sky", -6, -2);
        place(KeyCode.DIGIT4, -20, 0);
        choose("1");
        named("hit-out 1 2");
        pull(-8, -6, 2, 4);
        named("reverse side stick");
        named("aimed stick");
        choose("4");
        named("jockey 2");
        says("1 hits out", "with the reverse side of the stick", "onto the stick", "jockeys 2");
        isWhole(30);
    }

    @Test
    void iceHockeyFaceOffIsWonAndAShotIsDeflected() throws Exception {
        on("Goldeneye", "ice-rink-na");
        place(KeyCode.DIGIT1, 20, -6.7, 21.4, -6.7, 14, -10, 24, -1.4);
        wear("sky", 21.4, -6.7);
        place(KeyCode.DIGIT4, 20.7, -6.2);
        draw(11, -12, 23, -12, 23, -4.6, 11, -4.6, 11, -12);
        assertEquals(3, fx(() -> board().selection().chosenProperty().get().size()));
        named("face-off 1 2 3 can get it");
        assertEquals(List.of("p3"), last(Contest.class).gets());
        pull(14, -10, 26.6, 0);
        named("aimed pads");
        named("low down");
        pull(24, -1.4, 20, 4);
        says("1 faces off against 2", "at the pads low");
        isWhole(34);
    }

    @Test
    void lacrossePlayerFeintsWithOneHandPastOneWhoGivesWay() throws Exception {
        on("Merganser", "lacrosse-men");
        place(KeyCode.DIGIT1, 0, 0, 12, 0, 20, 10);
        wear("sky", 12, 0);
        place(KeyCode.DIGIT4, 0, 0);
        draw(0, 0, 5, 0, 7, 1.6, 9, -1.6, 11, 1.6, 13, 0, 22, -4);
        assertEquals(1, last(Travel.Carry.class).going().craft().feints().size());
        named("left hand");
        named("small quick then long");
        choose("2");
        named("jockey 1");
        pull(22, -4, 20, 10);
        named("aimed stick");
        says("with a feint", "with the left hand", "jockeys 1", "onto the stick");
        isWhole(30);
    }

    @Test
    void handballDefenderBodiesUpAndAnotherGoesUp() throws Exception {
        on("Garganey", "handball");
        place(KeyCode.DIGIT1, 8, 0, 9.4, 0.4, 12, -6);
        wear("sky", 9.4, 0.4);
        place(KeyCode.DIGIT4, 8, 0);
        pull(8, 0, 11, -3);
        named("in the hands no dribble");
        choose("2");
        named("body up 1");
        pull(11, -3, 12, -6);
        named("over the head");
        named("right hand");
        pull(12, -6, 20, 0);
        named("high up");
        says("the ball in hand", "bodies up on 1", "over the head", "high");
        isWhole(36);
    }

    @Test
    void netballTossIsCaughtAndAHoopIsThrown() throws Exception {
        on("Gadwall", "netball");
        place(KeyCode.DIGIT1, 0, 0, 6, 2, -4, 3);
        place(KeyCode.DIGIT4, 0, 0);
        gestures += 5;
        type(KeyCode.DIGIT5);
        click("#gear-hoop");
        clickOnBoard(new Vec(-4, 2.4));
        type(KeyCode.ESCAPE);
        choose("2");
        named("start back 2");
        choose("1");
        named("toss 1 2");
        choose("3");
        named("throw hoop 1");
        pull(6, 2, 9, -2);
        named("in the hands no dribble");
        says("1 tosses the ball, and the ball goes to 2", "throws the", "starts with the back", "the ball in hand");
        isWhole(36);
    }

    @Test
    void whatIsDrawnCanBeScribbledAwayAndANoseTurned() throws Exception {
        on("Shoveler", "open-gym");
        place(KeyCode.DIGIT1, 0, 0);
        place(KeyCode.DIGIT3, 5, 3);
        double unit = fx(() -> board().board().frame().unit());
        pull(0, 0, 0, 0.9 * unit);
        await(() -> Math.abs(board().stage().people().get(0).facing() - Math.PI / 2) < 0.2);
        assertEquals(List.of(), fx(() -> board().stage().actions()));
        draw(4, 2, 6, 4, 4, 2.4, 6, 3.8, 4, 3, 6, 2.4, 4.2, 3.8);
        await(() -> board().stage().pieces().size() == 1);
        type(KeyCode.CONTROL, KeyCode.Z);
        await(() -> board().stage().pieces().size() == 2);
        assertTrue(fx(() -> board().stage().instructions(Given.class)).isEmpty());
    }
}

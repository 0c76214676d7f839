package wildchalk.core.stroke;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** What comes of strokes that end on the way somebody goes: played, it is what was drawn. */
class OntoLinesTest {

    private static Stages cut() {
        return new Stages()
                .player("4", -12, 0)
                .player("9", 6, 9)
                .player("6", 9, -10)
                .player("D", 14, 0, Bib.SKY)
                .ball("b", "4")
                .run("a1", "9", Cue.whistle(), 6, -3);
    }

    private static Stage drawn(Stage stage, Optional<Kind> kind, String who, double... xy) {
        Vec from = stage.person(who).orElseThrow().at();
        Gesture gesture = new Gesture(who, List.of(from, new Vec(xy[0], xy[1])), false, 0, 1.4);
        Guess guess = new Guess(stage, Rehearsal.of(stage, Stages.TURF), Stages.TURF, new FreeIds(Stages.drill(stage)));
        List<Action> actions = kind.map(k -> guess.all(k, gesture)).orElseGet(() -> guess.all(gesture));
        for (Action action : actions) {
            stage = stage.withAction(action);
        }
        return stage;
    }

    private static Timeline played(Stage stage) {
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        assertEquals(List.of(), t.problems());
        return t;
    }

    private static Event arrival(Timeline t) {
        return t.events().stream()
                .filter(e -> e.kind() == Event.Kind.ARRIVAL)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void carryToSomebodyHandsTheBallOver() {
        Timeline t = played(drawn(cut().build(), Optional.of(Kind.CARRY), "4", 9, -10));
        assertEquals("6", t.holder("b", t.duration() + 1).orElse(""));
        assertTrue(t.at("4", arrival(t).t()).distance(new Vec(9, -10)) < 1.6, "from hand to hand");
    }

    @Test
    void carryOntoALineHandsTheBallToWhoComesByThere() {
        Timeline t = played(drawn(cut().build(), Optional.of(Kind.CARRY), "4", 6, 0));
        double met = arrival(t).t();
        assertEquals("9", arrival(t).who());
        assertTrue(t.at("9", met).distance(new Vec(6, 0)) < 0.5, "" + t.at("9", met));
        assertTrue(t.at("4", met).distance(t.at("9", met)) < 2, "from hand to hand");
        assertEquals(0, t.at("9", t.duration() + 1).distance(new Vec(6, -3)), 1.5, "and runs on");
    }

    @Test
    void runToTheEndOfAMatesLineSetsOffAndEndsBesideThem() {
        Stage stage = drawn(cut().build(), Optional.empty(), "6", 6.3, -3.4);
        Timeline t = played(stage);
        Action run = stage.actionsOf("6").get(0);
        assertEquals(
                t.times("a1").orElseThrow().start(),
                t.times(run.id()).orElseThrow().start(),
                0.01);
        assertEquals(1.5, t.at("6", t.duration() + 1).distance(new Vec(6, -3)), 0.3);
    }

    @Test
    void runOntoTheMiddleOfAMatesLineComesBehindThem() {
        Stage stage = drawn(cut().build(), Optional.empty(), "6", 6, 2);
        Timeline t = played(stage);
        Action run = stage.actionsOf("6").get(0);
        double there = t.times(run.id()).orElseThrow().end();
        assertEquals(0, t.at("6", there).distance(new Vec(6, 2)), 0.4);
        assertTrue(t.at("9", there).y() < 1, "9 has gone by: " + t.at("9", there));
    }

    @Test
    void defenderIsThereWhereWhoRunsWillBe() {
        Stage stage = drawn(cut().build(), Optional.empty(), "D", 6, -3);
        Timeline t = played(stage);
        Shadow shadow = (Shadow) stage.actionsOf("D").get(0);
        assertEquals(Shadow.Way.CLOSE_DOWN, shadow.way());
        double off = t.at("D", t.duration()).distance(new Vec(6, -3));
        assertTrue(off < 3, "D stops short of 9: " + off);
    }
}

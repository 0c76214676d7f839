package wildchalk.core.flow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.implied.NextInLine;
import wildchalk.core.edit.Unrolled;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

/** A line-up whose next one is in front several times within a rep. */
class NextInLineTest {

    private static final double CLOSE = 0.05;

    private static Stages line() {
        return new Stages()
                .piece(new Piece.LineUp("L", new Vec(20, 0), 0, "L", Bib.CORAL, 3, "shooters"))
                .piece(new Piece.Supply("h", new Vec(20, -1.5), 30));
    }

    private static Stage written(Stage stage) {
        return Unrolled.of(stage, s -> Rehearsal.of(s, Stages.TURF));
    }

    /** Four shots, each by the next: said as a stretch that happens again. */
    private static Stages again() {
        return line().shot("a", "L", Cue.whistle()).say(new Rotation.Repeats("r", List.of("a"), 4, List.of("L")));
    }

    /** The same, drawn four times. */
    private static Stages drawn() {
        return line().shot("a", "L", Cue.whistle())
                .shot("b", "L", Cue.after("a"))
                .shot("c", "L", Cue.after("b"))
                .shot("d", "L", Cue.after("c"))
                .say(new Rotation.StepsUp("u", "L", List.of("b", "c", "d")));
    }

    @Test
    void theNextOneShootsFourTimesInARep() {
        Flow flow = new Flows(again().build(), Stages.TURF).of(9, 4, 1);
        assertEquals(List.of(), flow.jams());
        Timeline one = Rehearsal.of(written(again().build()), Stages.TURF);
        // A shot, and the next one has a metre to go to the front.
        double metre = Rehearsal.of(
                        new Stages()
                                .player("p", 0, 0)
                                .travel(new Travel.Run(
                                        "a",
                                        "p",
                                        Stages.path(false, 1, 0),
                                        Action.Gait.JOG,
                                        Action.Ending.STOP,
                                        Cue.whistle()))
                                .build(),
                        Stages.TURF)
                .duration();
        double shot = one.times("a").orElseThrow().end();
        for (int k = 1; k < 4; k++) {
            assertEquals(k * (shot + metre), one.times("a~" + k).orElseThrow().start(), CLOSE, "shot " + (k + 1));
        }
        assertEquals("{L=A, L~1=B, L~2=C, L~3=D}", cast(flow, 1));
        assertEquals("{L=E, L~1=F, L~2=G, L~3=H}", cast(flow, 2));
        assertTrue(cast(flow, 3).startsWith("{L=I, "), cast(flow, 3));
        assertEquals(4, flow.reps().get(0).cast().size());
        flow.each().forEach((letter, each) -> assertTrue(each.shots() >= 1, letter));
        int shots = flow.each().values().stream().mapToInt(Flow.Each::shots).sum();
        assertEquals(4 * flow.reps().size(), shots, "four shots in each rep, one each");
    }

    private static String cast(Flow flow, int n) {
        return new TreeMap<>(flow.reps().get(n - 1).cast()).toString();
    }

    @Test
    void drawnFourTimesItIsTheSame() {
        Timeline again = Rehearsal.of(written(again().build()), Stages.TURF);
        Timeline drawn = Rehearsal.of(written(drawn().build()), Stages.TURF);
        assertEquals(List.of(), again.problems());
        assertEquals(List.of(), drawn.problems());
        List<String> ids = List.of("b", "c", "d");
        for (int k = 1; k < 4; k++) {
            assertEquals(
                    again.times("a~" + k).orElseThrow().release(),
                    drawn.times(ids.get(k - 1)).orElseThrow().release(),
                    1e-6);
        }
    }

    /** By places: at each shot somebody else is in front, and only one. */
    @Test
    void whoeverShootsIsInFront() {
        Stage stage = written(again().build());
        Timeline t = Rehearsal.of(stage, Stages.TURF);
        for (int k = 0; k < 4; k++) {
            String shot = k == 0 ? "a" : "a~" + k;
            double release = t.times(shot).orElseThrow().release();
            for (int j = 0; j < 4; j++) {
                String who = j == 0 ? "L" : NextInLine.id("L", j);
                double off = t.at(who, release).distance(new Vec(20, 0));
                assertEquals(j == k, off < 0.1, who + " is " + off + " m from the front at shot " + k);
            }
        }
    }

    /** A ball that comes back goes to whoever is in front by then. */
    @Test
    void whatIsDoneToTheNextOneIsDoneToThem() {
        Stages stages = new Stages()
                .piece(new Piece.LineUp("L", new Vec(0, 0), 0, "L", Bib.CORAL, 3, "feeders"))
                .player("9", 12, 0, Bib.SKY)
                .ball("b", "L")
                .pass("a", "L", "9", Cue.whistle())
                .sprint("r", "L", Cue.after("a"), 12, 6)
                .pass("c", "9", "L", Cue.received("a"))
                .say(new Rotation.StepsUp("u", "L", List.of("c")));
        Timeline t = Rehearsal.of(written(stages.build()), Stages.TURF);
        assertEquals(List.of(), t.problems());
        assertEquals("L~1", t.holder("b", t.duration()).orElseThrow());
    }

    @Test
    void whoeverIsTooFewIsSaid() {
        Flow flow = new Flows(again().build(), Stages.TURF).of(3, 4, 1);
        assertEquals("It takes 4 people, and there are 3", flow.jams().get(0).why());
    }
}

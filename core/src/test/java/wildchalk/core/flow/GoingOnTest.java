package wildchalk.core.flow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;

/**
 * Pass and follow round a diamond, person by person: whoever gets the last pass begins the next rep, without a break.
 */
class GoingOnTest {

    private static final double CLOSE = 0.05;
    private static final double[][] PLACES = {{0, -8}, {8, 0}, {0, 8}, {-8, 0}};

    private static Rotation goes(String who, String role) {
        return new Rotation.Goes("g" + who, who, new Rotation.Becomes(role, false), Optional.empty());
    }

    private static Stages places(Stages stages) {
        return stages.player("2", 8, 0)
                .player("3", 0, 8)
                .player("4", -8, 0)
                .run("f2", "2", Cue.after("p2"), 0, 8)
                .run("f3", "3", Cue.after("p3"), -8, 0)
                .say(goes("2", "3"))
                .say(goes("3", "4"));
    }

    /** The last pass goes to whoever has come to the front of the line meanwhile. */
    private static Stages toTheLine() {
        return places(new Stages()
                .piece(new Piece.LineUp("L", new Vec(0, -8), Math.PI / 2, "L", Bib.CORAL, 2, "start"))
                .ball("b", "L")
                .pass("p1", "L", "2", Cue.whistle())
                .run("f1", "L", Cue.after("p1"), 8, 0)
                .pass("p2", "2", "3", Cue.received("p1"))
                .pass("p3", "3", "4", Cue.received("p2"))
                .pass("p4", "4", "L", Cue.received("p3"))
                .run("f4", "4", Cue.after("p4"), -1, -8)
                .say(goes("L", "2"))
                .say(goes("4", "L"))
                .say(new Rotation.StepsUp("u", "L", List.of("p4"))));
    }

    /** The same with the one who is to begin drawn beside, who is said to go on. */
    private static Stages toSomebody() {
        return places(new Stages()
                .player("1", 0, -8)
                .player("5", 0.05, -8)
                .ball("b", "1")
                .pass("p1", "1", "2", Cue.whistle())
                .run("f1", "1", Cue.after("p1"), 8, 0)
                .pass("p2", "2", "3", Cue.received("p1"))
                .pass("p3", "3", "4", Cue.received("p2"))
                .pass("p4", "4", "5", Cue.received("p3"))
                .run("f4", "4", Cue.after("p4"), 0.05, -8)
                .say(goes("1", "2"))
                .say(goes("4", "5"))
                .say(new Rotation.Goes("g5", "5", new Rotation.GoesOn("1"), Optional.empty())));
    }

    private static Flow play(Stages stages, int people) {
        return new Flows(stages.build(), Stages.TURF).of(people, 2, 1);
    }

    private static String cast(Flow flow, int n, String... roles) {
        StringBuilder who = new StringBuilder();
        for (String role : roles) {
            who.append(flow.reps().get(n - 1).cast().get(role));
        }
        return who.toString();
    }

    /** Three times a pass, taken and passed on, and the last one taken. */
    private static double round(double lastPass) {
        double side = flight(PLACES[0], PLACES[1]);
        double control = Rehearsal.of(
                        new Stages()
                                .player("1", 0, -8)
                                .player("2", 8, 0)
                                .player("3", 0, 8)
                                .ball("b", "1")
                                .pass("p1", "1", "2", Cue.whistle())
                                .pass("p2", "2", "3", Cue.received("p1"))
                                .build(),
                        Stages.TURF)
                .times("p2")
                .map(t -> t.release() - t.start())
                .orElseThrow();
        return 3 * (side + control) + lastPass;
    }

    private static double flight(double[] from, double[] to) {
        return Rehearsal.of(
                        new Stages()
                                .player("1", from[0], from[1])
                                .player("2", to[0], to[1])
                                .ball("b", "1")
                                .pass("p1", "1", "2", Cue.whistle())
                                .build(),
                        Stages.TURF)
                .times("p1")
                .map(t -> t.arrival() - t.release())
                .orElseThrow();
    }

    @Test
    void withOnePersonMoreThanPlacesTheBallNeverRests() {
        Flow flow = play(toTheLine(), 5);
        assertEquals(List.of(), flow.jams());
        double each = round(flight(PLACES[3], PLACES[0]));
        for (int n = 1; n <= 10; n++) {
            assertEquals((n - 1) * each, flow.reps().get(n - 1).t(), CLOSE, "rep " + n);
            assertEquals(0, flow.reps().get(n - 1).held(), CLOSE, "rep " + n);
        }
        // A follows to 2, B to 3, C to 4, D to the line; E began as the next one and goes on.
        assertEquals("ABCDE", cast(flow, 1, "L", "2", "3", "4", "L~1"));
        assertEquals("EABCD", cast(flow, 2, "L", "2", "3", "4", "L~1"));
        assertEquals("DEABC", cast(flow, 3, "L", "2", "3", "4", "L~1"));
        assertEquals("ABCDE", cast(flow, 6, "L", "2", "3", "4", "L~1"));
        assertEquals(1, flow.balls().most());
        assertEquals(1, flow.balls().withoutFetching());
    }

    @Test
    void withTwoMoreSomebodyWaitsBehindTheLine() {
        Flow flow = play(toTheLine(), 6);
        assertEquals(List.of(), flow.jams());
        double each = round(flight(PLACES[3], PLACES[0]));
        assertEquals(9 * each, flow.reps().get(9).t(), CLOSE);
        assertEquals("ABCDE", cast(flow, 1, "L", "2", "3", "4", "L~1"));
        assertEquals("EABCF", cast(flow, 2, "L", "2", "3", "4", "L~1"));
        assertEquals("FEABD", cast(flow, 3, "L", "2", "3", "4", "L~1"));
        assertEquals("DFEAC", cast(flow, 4, "L", "2", "3", "4", "L~1"));
        // Whoever is sixth stands still for a round each time it is their turn to.
        assertTrue(flow.each().get("F").longestWait() > each);
    }

    @Test
    void withNoneToSpareItIsSaidHowManyItTakes() {
        Flow flow = play(toTheLine(), 4);
        assertEquals(List.of(), flow.reps());
        assertEquals("It takes 5 people, and there are 4", flow.jams().get(0).why());
    }

    @Test
    void whoIsSaidToGoOnBeginsTheNextRep() {
        for (int people : new int[] {5, 6, 7}) {
            Flow flow = play(toSomebody(), people);
            assertEquals(List.of(), flow.jams(), people + " people");
            double each = round(flight(PLACES[3], new double[] {0.05, -8}));
            for (int n = 1; n <= 10; n++) {
                assertEquals((n - 1) * each, flow.reps().get(n - 1).t(), CLOSE, people + ", rep " + n);
            }
            for (int n = 1; n < 10; n++) {
                assertEquals(cast(flow, n, "5"), cast(flow, n + 1, "1"), people + ", rep " + n);
            }
        }
    }
}

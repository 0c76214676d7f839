package wildchalk.core.flow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Dose;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;

/** What is asked for besides people and minutes: sides that change later, lots, uneven lines, speeds. */
class AskedTest {

    private static final double CLOSE = 0.05;

    private static Stages queue() {
        return new Stages()
                .piece(new Piece.LineUp("L", new Vec(0, 6), 0, "L", Bib.CORAL, 3, "runners"))
                .sprint("a", "L", Cue.whistle(), 14, 6);
    }

    private static String sides(Flow flow) {
        return flow.reps().stream().map(r -> r.side() == Side.DRAWN ? "d" : "m").collect(Collectors.joining());
    }

    private static Stage sides(Rotation.Taken taken, Rotation.Turn turn) {
        return queue().say(new Rotation.Sides("s", taken, Optional.of(turn))).build();
    }

    @Test
    void sidesChangeAfterReps() {
        Stage stage = sides(Rotation.Taken.IN_TURN, new Rotation.Turn(Rotation.Turn.Length.REPS, 3));
        String played = sides(new Flows(stage, Stages.TURF).of(6, 2, 1));
        assertTrue(played.startsWith("dddmmmdddmmm"), played);
    }

    @Test
    void sidesChangeAfterMinutes() {
        Stage stage = sides(Rotation.Taken.IN_TURN, new Rotation.Turn(Rotation.Turn.Length.MINUTES, 1.5));
        Flow flow = new Flows(stage, Stages.TURF).of(6, 6, 1);
        double lastRep = flow.reps().get(1).t() + 0.01;
        flow.reps().forEach(r -> {
            // A rep that was due before the change is still played on the side that it was due on.
            double due = r.t() - r.held();
            assertEquals((int) (due / 90) % 2 == 0 ? Side.DRAWN : Side.MIRRORED, r.side(), "at " + r.t() + " s");
        });
        assertTrue(lastRep < 90 && sides(flow).contains("md"), sides(flow));
    }

    @Test
    void sidesChangeAsTheRungSays() {
        Stage stage = sides(Rotation.Taken.TWO_SETS, new Rotation.Turn(Rotation.Turn.Length.AS_THE_RUNG_SAYS, 1));
        Flow timed = new Flows(stage, Stages.TURF, Dose.read("40 s left, 70 s right")).of(8, 4, 1);
        timed.reps().forEach(r -> {
            double into = (r.t() - r.held()) % 110;
            assertEquals(into < 40 ? Side.DRAWN : Side.MIRRORED, r.side(), "at " + r.t() + " s");
        });
        Flow counted = new Flows(stage, Stages.TURF, Dose.read("2 times left, 4 times right")).of(8, 4, 1);
        assertTrue(sides(counted).startsWith("ddmmmmddmmmm"), sides(counted));
        assertTrue(
                sides(new Flows(stage, Stages.TURF).of(8, 4, 1)).startsWith("dmdm"), "each rep where nothing is said");
    }

    private static Stages read(Map<String, Integer> shares, OptionalLong seed) {
        return new Stages()
                .piece(new Piece.LineUp("L", Vec.ZERO, 0, "L", Bib.CORAL, 3, "runners"))
                .sprint("a", "L", Cue.whistle(), 12, 6)
                .sprint("c", "L", Cue.whistle(), 30, -6)
                .say(Stages.either("r", "L", "a", "c"))
                .say(new Rotation.Shares("s", "r", shares, seed));
    }

    /** "s" for the short option, "l" for the long one. */
    private static String options(Stages stages) {
        Flow flow = new Flows(stages.build(), Stages.TURF).of(20, 30, 1);
        return flow.reps().stream().map(r -> r.over() - r.t() < 3.5 ? "s" : "l").collect(Collectors.joining());
    }

    @Test
    void lotsFallTheSameWayAgainAndByTheirShares() {
        String lots = options(read(Map.of(), OptionalLong.of(7)));
        assertEquals(lots, options(read(Map.of(), OptionalLong.of(7))));
        String others = options(read(Map.of(), OptionalLong.of(8)));
        assertFalse(
                others.contains(lots.substring(1, 12)) || lots.contains(others.substring(1, 12)), lots + " " + others);
        assertTrue(lots.contains("ss") && lots.contains("ll"), "they do not take turns: " + lots);
        String uneven = options(read(Map.of("o1", 1, "o2", 4), OptionalLong.of(3)));
        long shortOnes = uneven.chars().filter(c -> c == 's').count();
        assertEquals(0.2, (double) shortOnes / uneven.length(), 0.08);
    }

    @Test
    void linesAreAsLongAsAsked() {
        Stages two = queue().piece(new Piece.LineUp("K", new Vec(0, -6), 0, "K", Bib.SKY, 1, "others"))
                .sprint("b", "K", Cue.whistle(), 14, -6);
        Flows flows = new Flows(two.build(), Stages.TURF);
        Flow flow = flows.of(new Flows.Asked(9, 4, 1, Map.of("K", 2), List.of()));
        // A and B begin; C is the second of K, and the six others wait behind A.
        assertEquals("BCBCBCBC", cast(flow, "K"));
        assertEquals("ADEFGHIA", cast(flow, "L"));
        assertThrows(
                IllegalArgumentException.class,
                () -> flows.of(new Flows.Asked(9, 4, 1, Map.of("nobody", 2), List.of())));
    }

    private static String cast(Flow flow, String role) {
        return flow.reps().stream().limit(8).map(r -> r.cast().get(role)).collect(Collectors.joining());
    }

    @Test
    void whoIsSlowerTakesLonger() {
        Flows flows = new Flows(queue().build(), Stages.TURF);
        Flow flow = flows.of(new Flows.Asked(3, 2, 1, Map.of(), List.of(1.0, 0.8)));
        double usual = flow.reps().get(0).over() - flow.reps().get(0).t();
        double slower = flow.reps().get(1).over() - flow.reps().get(1).t();
        double third = flow.reps().get(2).over() - flow.reps().get(2).t();
        assertEquals(usual, third, 1e-6, "who is not named goes as the drill says");
        // Fourteen metres from standing to rest: less than in proportion, as a slower body stops sooner.
        assertTrue(slower > usual * 1.08 && slower < usual * 1.25, slower + " and " + usual);
        assertThrows(IllegalArgumentException.class, () -> new Flows.Asked(3, 2, 1, Map.of(), List.of(0.2)));
    }

    @Test
    void evenSpeedsAreAsIfNothingWereSaid() {
        Flows flows = new Flows(queue().build(), Stages.TURF);
        Flow said = flows.of(new Flows.Asked(5, 3, 1, Map.of(), List.of(1.0, 1.0, 1.01)));
        assertEquals(flows.of(5, 3, 1).reps(), said.reps());
        assertEquals(0, said.reps().get(0).t(), CLOSE);
    }
}

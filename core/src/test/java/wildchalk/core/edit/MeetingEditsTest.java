package wildchalk.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Touch;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Places;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** What becomes of meetings, and of lines that go on, when something else is changed. */
class MeetingEditsTest {

    private static final String RUNG = "s1";

    private final Stage stage = new Stages()
            .player("3", 0, 0)
            .player("7", -5, 10)
            .ball("b", "3")
            .run("a1", "7", Cue.whistle(), 5, 10, 15, 10)
            .action(new Action.Pass("a2", "3", new Spot.OnLine("7", "a1", 0.75), Touch.CONTROLLED, Cue.whistle()))
            .run("a3", "7", Cue.next(), 20, 2)
            .build();
    private Drill drill = Stages.drill(stage);

    private Stage now() {
        return Ladder.build(drill, RUNG);
    }

    private Action.Pass pass() {
        return (Action.Pass) now().action("a2").orElseThrow();
    }

    @Test
    void lineThatIsGoneLeavesAPassToWhereTheyAre() {
        drill = PieceEdits.remove(RUNG, now(), List.of("a1")).apply(drill);
        assertEquals(Spot.at("7"), pass().to());
        assertEquals(List.of(), Soundness.faults(drill, Stages.TURF));
    }

    @Test
    void personWhoIsGoneLeavesAPassToAPlace() {
        drill = PieceEdits.remove(RUNG, now(), List.of("7")).apply(drill);
        assertTrue(now().action("a2").isEmpty() || pass().to() instanceof Spot.Place);
        assertEquals(List.of(), Soundness.faults(drill, Stages.TURF));
    }

    @Test
    void lineThatIsCutIsMetAtTheSamePlace() {
        Vec before = new Places(now(), Stages.TURF).of(pass().to());
        Timeline t = Rehearsal.of(now(), Stages.TURF);
        Travel line = (Travel) now().action("a1").orElseThrow();
        Vec at = new Vec(0, 10);
        var route = new Places(now(), Stages.TURF).drawn(line);
        drill = LineEdits.cut(
                        RUNG,
                        now(),
                        new FreeIds(drill),
                        line,
                        route,
                        PathEdits.held(line, route, new Places(now(), Stages.TURF), at, 1),
                        at)
                .orElseThrow()
                .apply(drill);
        assertTrue(!((Spot.OnLine) pass().to()).line().equals("a1"), "it is on the second part");
        assertEquals(0, before.distance(new Places(now(), Stages.TURF).of(pass().to())), 0.05);
        assertEquals(
                t.times("a2").orElseThrow().arrival(),
                Rehearsal.of(now(), Stages.TURF).times("a2").orElseThrow().arrival(),
                0.05);
    }

    @Test
    void passIsMetOrSentAtOnceByTurns() {
        Timeline t = Rehearsal.of(now(), Stages.TURF);
        drill = LineEdits.metOrAtOnce(RUNG, now(), t, pass()).orElseThrow().apply(drill);
        assertEquals(Spot.at("7"), pass().to());
        drill = LineEdits.metOrAtOnce(RUNG, now(), Rehearsal.of(now(), Stages.TURF), pass())
                .orElseThrow()
                .apply(drill);
        assertEquals(new Spot.OnLine("7", "a1", 1), pass().to());
    }

    @Test
    void upperRungKeepsItsMeetingWhenTheLineIsGoneBelow() {
        drill = LadderEdits.harder(drill, RUNG).edit().apply(drill);
        drill = PieceEdits.remove(RUNG, now(), List.of("a1")).apply(drill);
        assertEquals(List.of(), Soundness.faults(drill, Stages.TURF));
        Stage upper = Ladder.build(drill, drill.ladder().get(1).id());
        assertEquals(Spot.at("7"), ((Action.Pass) upper.action("a2").orElseThrow()).to());
    }

    @Test
    void lineThatGoesOnFromAnotherIsPutInAndWhatFollowedMovesOn() {
        Travel fresh =
                new Travel.Run("x1", "7", Stages.path(false, 15, 16), Action.Gait.RUN, Action.Ending.GO_ON, Cue.next());
        drill = ActionEdits.chalkAfter(RUNG, "a1", List.of(fresh)).apply(drill);
        assertEquals(
                List.of("a1", "x1", "a3"),
                now().actionsOf("7").stream().map(Action::id).toList());
        Timeline t = Rehearsal.of(now(), Stages.TURF);
        assertEquals(List.of(), t.problems());
        assertEquals(0, t.line("a3").get(0).distance(new Vec(15, 16)), 0.6, "from where the new one ends");
        assertTrue(t.times("a3").orElseThrow().start()
                >= t.times("x1").orElseThrow().end() - 1e-6);
    }

    @Test
    void ballsThatLieTooFarOffAreBroughtNearer() {
        Stage fed = new Stages()
                .piece(new Piece.Coach("T", Vec.ZERO, 0, "T"))
                .piece(new Piece.Supply("u", new Vec(8, 0), 6))
                .player("7", 12, 9)
                .pass("a1", "T", "7", Cue.whistle())
                .build();
        Timeline t = Rehearsal.of(fed, Stages.TURF);
        Problem problem = t.problems().get(0);
        assertTrue(problem.message().startsWith("no balls in reach of T"), problem.message());
        Mends.Mend mend = Mends.of(RUNG, fed, problem).get(0);
        assertEquals("Bring the balls nearer", mend.words());
        Stage mended = Ladder.build(mend.edit().apply(Stages.drill(fed)), RUNG);
        Timeline played = Rehearsal.of(mended, Stages.TURF);
        assertEquals(List.of(), played.problems());
        assertEquals(Optional.of("7"), played.holder(played.balls().get(0), played.duration() + 1));
    }
}

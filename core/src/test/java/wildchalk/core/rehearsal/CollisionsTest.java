package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Mends;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Problem;
import wildchalk.core.timeline.Timeline;

/** People who run right through one another, and those who are meant to be that near. */
class CollisionsTest {

    private static List<String> told(Stages stages) {
        return stages.rehearse().problems().stream().map(p -> p.message()).toList();
    }

    @Test
    void whoRunsThroughSomebodyIsToldWithTheMoment() {
        Timeline t = new Stages()
                .player("5", 0, 0)
                .player("8", 10, 0, Bib.SKY)
                .sprint("a1", "5", Cue.whistle(), 20, 0.1)
                .rehearse();
        assertEquals(1, t.problems().size());
        assertTrue(t.problems().get(0).message().startsWith("5 runs right through 8 here"));
        assertEquals(0, t.at("5", t.problems().get(0).t()).distance(new Vec(10, 0)), 0.5);
        assertEquals("a1", t.problems().get(0).action());
    }

    @Test
    void twoWhoMeetHeadOnAreToldOnce() {
        assertEquals(
                1,
                told(new Stages()
                                .player("5", 0, 0)
                                .player("8", 20, 0, Bib.SKY)
                                .sprint("a1", "5", Cue.whistle(), 20, 0)
                                .sprint("a2", "8", Cue.whistle(), 0, 0))
                        .size());
    }

    @Test
    void aMannequinIsNoAir() {
        Piece mannequin = Piece.Item.of("m", GearKind.MANNEQUIN, new Vec(8, 0));
        assertEquals(
                List.of("5 runs right through the mannequin here: lead the line past, or let one of them go later"),
                told(new Stages().player("5", 0, 0).piece(mannequin).run("a1", "5", Cue.whistle(), 16, 0)));
        assertEquals(
                List.of(),
                told(new Stages().player("5", 0, 0).piece(mannequin).run("a1", "5", Cue.whistle(), 8, 1, 16, 0)));
    }

    @Test
    void whoShootsAndRunsOnThroughTheKeeperIsTold() {
        Vec goal = Stages.TURF.target("goal").orElseThrow().at();
        assertEquals(
                1,
                told(new Stages()
                                .player("9", goal.x() - 12, 0)
                                .piece(new Piece.Goalkeeper("k", goal.minus(new Vec(3, 0)), Math.PI, "K", Bib.CHALK))
                                .ball("b", "9")
                                .carry("a1", "9", Cue.whistle(), goal.x() - 1, 0)
                                .shot("a2", "9", Cue.next()))
                        .size());
    }

    @Test
    void whoRunsUpToSomebodyPassesThemOrIsMeantToMeetThemIsNotTold() {
        assertEquals(
                List.of(),
                told(new Stages().player("5", 0, 0).player("8", 10, 0).run("a1", "5", Cue.whistle(), 9, 0)),
                "comes up to them");
        assertEquals(
                List.of(),
                told(new Stages()
                        .player("5", 0, 0)
                        .player("8", 10, 0)
                        .run("a1", "5", Cue.whistle(), 10, 0)
                        .run("a2", "8", Cue.whistle(), 16, 6)),
                "takes their place as they leave it");
        assertEquals(
                List.of(),
                told(new Stages().player("5", 0, 0).player("8", 10, 0).run("a1", "5", Cue.whistle(), 20, 1.5)),
                "goes past");
        assertEquals(
                List.of(),
                told(new Stages()
                        .player("5", 0, 0)
                        .player("8", 10, 0, Bib.SKY)
                        .run("a1", "8", Cue.whistle(), 25, 0)
                        .shadow("a2", "5", "8", Shadow.Way.CHASE, 0.5, Cue.whistle())),
                "catches them");
        assertEquals(
                List.of(),
                told(new Stages()
                        .player("5", 0, 0)
                        .player("8", 14, 0.1)
                        .ball("b", "5")
                        .carry("a1", "5", Cue.whistle(), 14, 0)
                        .run("a2", "8", Cue.whistle(), 0, 0)
                        .action(new Action.Pass(
                                        "a3",
                                        "5",
                                        Spot.at("8"),
                                        Action.Touch.FIRST_TIME,
                                        new Cue(new Cue.Near("5", "8", 1), 0))
                                .going(Action.Manner.HAND_OFF))),
                "hands over");
    }

    @Test
    void whoEndsWhereAnotherStandsIsTold() {
        assertEquals(
                List.of("5 ends where 8 stands: end the line beside them, or let them go on first"),
                told(new Stages().player("5", 0, 0).player("8", 10, 0).run("a1", "5", Cue.whistle(), 10, 0)));
        assertEquals(
                List.of(),
                told(new Stages().player("5", 0, 0).player("8", 0, 0).run("a1", "5", Cue.whistle(), 0.2, 0)),
                "those of a line stand where they stand");
    }

    @Test
    void whatIsToldCanBeMended() {
        Stages standing =
                new Stages().player("5", 0, 0).player("8", 10, 0.1, Bib.SKY).sprint("a1", "5", Cue.whistle(), 20, 0);
        assertEquals(List.of("Lead the line past", "Let it begin a second later"), mended(standing, 0));
        Stages crossing = new Stages()
                .player("5", 0, 0)
                .player("8", 8, -8, Bib.SKY)
                .sprint("a1", "5", Cue.whistle(), 16, 0)
                .sprint("a2", "8", Cue.whistle(), 8, 8);
        assertEquals(List.of("Let it begin a second later"), mended(crossing, 0));
    }

    /** What is offered; after the first of them nobody runs through anybody. */
    private static List<String> mended(Stages stages, int which) {
        Stage stage = stages.build();
        Problem problem = Rehearsal.of(stage, Stages.TURF).problems().get(0);
        List<Mends.Mend> mends = Mends.of("s1", stage, problem);
        Stage after = Ladder.build(mends.get(which).edit().apply(Stages.drill(stage)), "s1");
        assertEquals(List.of(), Rehearsal.of(after, Stages.TURF).problems());
        return mends.stream().map(Mends.Mend::words).toList();
    }
}

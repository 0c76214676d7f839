package wildchalk.core.stroke;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.FreeIds;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;

class GuessTest {

    private static final double REACH = 1.5;

    private final Stages stages = new Stages()
            .player("1", 0, 0)
            .player("2", 12, 0)
            .player("3", 12, 10)
            .player("x", 20, 0, Bib.SKY)
            .ball("b1", "1");

    private static Action guess(Stage stage, String who, double lookedAt, Vec... points) {
        return new Guess(stage, Rehearsal.of(stage, Stages.TURF), Stages.TURF, new FreeIds(Stages.drill(stage)))
                .of(new Gesture(who, List.of(points), false, lookedAt, REACH));
    }

    private static Vec at(double x, double y) {
        return new Vec(x, y);
    }

    @Test
    void fromTheBallToATeamMateIsAPass() {
        Action.Pass pass =
                assertInstanceOf(Action.Pass.class, guess(stages.build(), "1", 0, at(0, 0), at(6, 0), at(11.3, 0.4)));
        assertEquals(Spot.at("2"), pass.to());
        assertEquals(Cue.whistle(), pass.cue());
        assertEquals("a1", pass.id());
    }

    @Test
    void fromTheBallIntoSpaceIsACarryAndWithoutItARun() {
        assertInstanceOf(Travel.Carry.class, guess(stages.build(), "1", 0, at(0, 0), at(5, -8)));
        assertInstanceOf(Travel.Run.class, guess(stages.build(), "2", 0, at(12, 0), at(20, -8)));
    }

    @Test
    void fromTheBallToAGoalIsAShot() {
        Action.Shot shot =
                assertInstanceOf(Action.Shot.class, guess(stages.build(), "1", 0, at(0, 0), at(20, 0), at(45, 0.5)));
        assertEquals(new Spot.AtTarget("goal"), shot.to());
        Stage small = stages.piece(Piece.Item.goal("g1", at(10, -15), 0, 2)).build();
        assertEquals(Spot.at("g1"), ((Action.Shot) guess(small, "1", 0, at(0, 0), at(10, -14.5))).to());
    }

    @Test
    void ontoAnOpponentIsNoPass() {
        assertInstanceOf(Travel.Carry.class, guess(stages.build(), "1", 0, at(0, 0), at(20, 0)));
    }

    @Test
    void ontoAnOpponentWithoutTheBallIsAShadow() {
        Shadow shadow =
                assertInstanceOf(Shadow.class, guess(stages.build(), "x", 0, at(20, 0), at(15, 4), at(12, 9.5)));
        assertEquals("3", shadow.whom());
        assertEquals(Shadow.Side.GOAL, shadow.side());
        Stage stage = stages.build();
        assertEquals(
                "3",
                ((Shadow) new Guess(
                                        stage,
                                        Rehearsal.of(stage, Stages.TURF),
                                        Stages.TURF,
                                        new FreeIds(Stages.drill(stage)))
                                .as(Kind.SHADOW, new Gesture("x", List.of(at(20, 0), at(5, 25)), false, 0, REACH)))
                        .whom(),
                "the nearest when nobody is there");
    }

    @Test
    void whoHasJustReceivedActsOnReceiving() {
        Stage stage = stages.pass("a1", "1", "2", Cue.whistle()).build();
        Action carry = guess(stage, "2", 0, at(12, 0), at(20, 8));
        assertInstanceOf(Travel.Carry.class, carry);
        assertEquals(Cue.received("a1"), carry.cue());
    }

    @Test
    void whoHasActedGoesOnAfterTheirLast() {
        Stage stage = stages.pass("a1", "1", "2", Cue.whistle()).build();
        Action run = guess(stage, "1", 0, at(0, 0), at(8, 8));
        assertInstanceOf(Travel.Run.class, run);
        assertEquals(Cue.next(), run.cue());
    }

    @Test
    void whoHasNotActedDoesSoWithTheBeatThatIsLookedAt() {
        Stage stage = stages.pass("a1", "1", "2", Cue.whistle())
                .carry("a2", "2", Cue.received("a1"), 25, 5)
                .build();
        double later =
                Rehearsal.of(stage, Stages.TURF).times("a2").orElseThrow().start() + 0.2;
        assertEquals(
                Cue.received("a1"),
                guess(stage, "3", later, at(12, 10), at(20, 12)).cue());
        assertEquals(Cue.whistle(), guess(stage, "3", 0, at(12, 10), at(20, 12)).cue());
    }

    @Test
    void passCanBeDrawnToWhereATeamMatesRunEnds() {
        Stage stage = stages.run("a1", "3", Cue.whistle(), 25, 12).build();
        Action.Pass pass = assertInstanceOf(Action.Pass.class, guess(stage, "1", 0, at(0, 0), at(24.5, 12)));
        assertEquals(new Spot.OnLine("3", "a1", 1), pass.to());
    }

    @Test
    void shakyStraightLineIsStraightAndADeliberateBendStays() {
        List<Vec> shaky = new ArrayList<>();
        List<Vec> bent = new ArrayList<>();
        for (int i = 0; i <= 20; i++) {
            shaky.add(at(12 + i, 0.2 * Math.sin(i)));
            bent.add(at(12 + i, 6 * Math.sin(i * Math.PI / 20)));
        }
        Stage stage = stages.build();
        TravelPath straight = ((Travel) guess(stage, "2", 0, shaky.toArray(new Vec[0]))).path();
        assertEquals(1, straight.through().size());
        TravelPath curve = ((Travel) guess(stage, "2", 0, bent.toArray(new Vec[0]))).path();
        assertTrue(curve.smooth());
        assertTrue(curve.through().size() >= 3 && curve.through().size() <= 9);
    }

    @Test
    void endsSnapToGearAndLandmarks() {
        Stage stage = stages.piece(Piece.Item.cone("c1", at(30, 5), Colour.RED)).build();
        assertEquals(
                Spot.at("c1"),
                ((Travel) guess(stage, "2", 0, at(12, 0), at(30.4, 5.2))).path().last());
        Travel toSpot = (Travel) guess(stage, "2", 0, at(12, 0), at(39, 0.4));
        assertEquals(Spot.at(39.225, 0), toSpot.path().last());
    }

    @Test
    void oneKeyMakesItAnotherKind() {
        Action run = guess(stages.build(), "2", 0, at(12, 0), at(20, -8));
        Action pass = Kind.PASS.instead(run);
        assertEquals(Spot.at(20, -8), ((Action.Pass) pass).to());
        assertEquals(run.id(), pass.id());
        assertEquals(Kind.BACK, Kind.of(Kind.BACK.instead(run)));
    }

    @Test
    void choicesOfCueNeverMakeACircle() {
        Stage stage = stages.pass("a1", "1", "2", Cue.whistle())
                .carry("a2", "2", Cue.received("a1"), 25, 5)
                .run("a3", "3", Cue.with("a2"), 20, 12)
                .build();
        Action pass = stage.action("a1").orElseThrow();
        assertEquals(List.of(Cue.whistle()), CueChoices.of(pass, stage));
        Action run = stage.action("a3").orElseThrow();
        List<Cue> choices = CueChoices.of(run, stage);
        assertTrue(choices.contains(Cue.received("a1")) && choices.contains(Cue.after("a2")));
        for (Cue cue : choices) {
            Stage tied = stage.withAction(run.withCue(cue));
            assertEquals(List.of(), Rehearsal.of(tied, Stages.TURF).problems(), cue.toString());
        }
        assertFalse(CueChoices.after(run, stage).equals(run.cue()));
    }
}

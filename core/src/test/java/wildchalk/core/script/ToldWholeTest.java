package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Action.Ending;
import wildchalk.core.drill.Action.Gait;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** Sentences from which somebody who has never seen the drill can run it. */
class ToldWholeTest {

    private static final Surface GRASS = Surfaces.BUILT_IN.get("open-grass");

    private static List<String> told(Stage stage, Surface surface) {
        return ScriptWriter.write(stage, Rehearsal.of(stage, surface), surface, Unit.METRES).lines().stream()
                .map(Script.Line::text)
                .toList();
    }

    private static List<String> told(Stages stages) {
        return told(stages.build(), Stages.TURF);
    }

    private static Piece cone(String id, double x, double y) {
        return Piece.Item.cone(id, new Vec(x, y), Colour.YELLOW);
    }

    @Test
    void whatIsGoneRound() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .piece(cone("c", 10, 0))
                .run("a", "7", Cue.whistle(), 10.6, -0.6, 10.6, 0.6, 1, 2);
        assertEquals(List.of("On the whistle, 7 runs 21 m, turning right round the yellow cone."), told(stages));
    }

    @Test
    void aCutAtAConeOnTheOutsideIsACutAndNotARound() {
        Stages stages =
                new Stages().player("7", 0, 0).piece(cone("c", 9, -0.8)).run("a", "7", Cue.whistle(), 9, 0, 9, 8);
        assertEquals(List.of("On the whistle, 7 runs 17 m, cutting right at the yellow cone."), told(stages));
    }

    @Test
    void aCutInTheOpenHasItsPlace() {
        Stages stages = new Stages().player("7", 0, 0).run("a", "7", Cue.whistle(), 9, 0, 9, -8);
        assertEquals(List.of("On the whistle, 7 runs 17 m forwards, cutting left after 9 m."), told(stages));
    }

    @Test
    void onWhichSideAConeIsLeft() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .piece(cone("c", 9, 0.8))
                .piece(Piece.Item.cone("d", new Vec(18, 0), Colour.BLUE))
                .run("a", "7", Cue.whistle(), 18, 0);
        assertEquals(
                List.of("On the whistle, 7 runs 18 m, leaving the yellow cone on the right, to the blue cone."),
                told(stages));
    }

    @Test
    void aSlalomIsOneThingAndSoAreHurdles() {
        Stages stages = new Stages().player("7", 0, 0).player("8", 0, 12);
        for (int i = 0; i < 5; i++) {
            stages.piece(cone("c" + i, 3 + 3 * i, 0));
            stages.piece(Piece.Item.of("h" + i, GearKind.HURDLE, new Vec(3 + 3 * i, 12)));
        }
        stages.run("a", "7", Cue.whistle(), 3, 0.8, 6, -0.8, 9, 0.8, 12, -0.8, 15, 0.8, 19, 0);
        stages.run("b", "8", Cue.after("a"), 19, 12);
        List<String> told = told(stages);
        assertTrue(told.get(0).contains(" in and out of the 5 cones"), told.get(0));
        assertTrue(told.get(1).contains(" over the 5 hurdles"), told.get(1));
    }

    @Test
    void aGateIsWhatOneGoesBetween() {
        Stages wide = new Stages()
                .player("7", 0, 0)
                .piece(cone("c", 9, -3))
                .piece(cone("d", 9, 3))
                .run("a", "7", Cue.whistle(), 14, 0);
        assertEquals(List.of("On the whistle, 7 runs 14 m forwards."), told(wide));
        Stages two = new Stages()
                .player("7", 0, -6)
                .piece(cone("c", 9, -7))
                .piece(cone("d", 9, -5))
                .piece(cone("e", 9, 5))
                .piece(cone("f", 9, 7))
                .run("a", "7", Cue.whistle(), 14, -6);
        assertEquals(List.of("On the whistle, 7 runs 14 m through the left yellow gate."), told(two));
    }

    @Test
    void coloursThatAreThereTwiceAreToldApartAndTurnWithTheTeam() {
        Stages stages = new Stages()
                .player("7", -3, -8)
                .player("x", 3, 9, Bib.SKY)
                .ball("b", "7")
                .ball("c", "x")
                .piece(cone("l", 8, -8))
                .piece(cone("r", -8, 9))
                .carry("a1", "7", Cue.whistle(), 8, -8)
                .carry("b1", "x", Cue.after("a1"), -8, 9)
                .action(shot("s1", "7", "goal"))
                .action(shot("s2", "x", "own-goal"));
        List<String> told = told(stages);
        assertTrue(told.get(0).contains("7 carries the ball 11 m to the left yellow cone"), told.get(0));
        assertTrue(
                String.join("\n", told).contains("x carries the ball 11 m to the left yellow cone"), told.toString());
    }

    private static Action shot(String id, String who, String target) {
        return new Action.Shot(id, who, new Spot.AtTarget(target), Action.Touch.CONTROLLED, Cue.next());
    }

    @Test
    void throughAnAreaIntoItAndOutOfIt() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .piece(new Piece.Zone("z", new Vec(8, 0), new Outline.Circle(2), "lane 4", Colour.BLUE))
                .run("a", "7", Cue.whistle(), 16, 0)
                .run("b", "7", Cue.next(), 9, 0)
                .run("c", "7", Cue.next(), 9, 7);
        assertEquals(
                List.of(
                        "On the whistle, 7 runs 16 m through lane 4.",
                        "Then 7 runs 7 m into lane 4.",
                        "Then 7 runs 7 m out of lane 4."),
                told(stages));
    }

    @Test
    void lapsAreLaps() {
        Stages stages = new Stages().player("7", 0, 0);
        for (Vec corner : List.of(new Vec(1, 1), new Vec(9, 1), new Vec(9, 9), new Vec(1, 9))) {
            stages.piece(cone("c" + corner.x() + corner.y(), corner.x(), corner.y()));
        }
        stages.run(
                "a",
                "7",
                Cue.whistle(),
                10,
                0,
                10,
                10,
                0,
                10,
                0,
                0,
                10,
                0,
                10,
                10,
                0,
                10,
                0,
                0,
                10,
                0,
                10,
                10,
                0,
                10,
                0,
                0);
        assertEquals(List.of("On the whistle, 7 runs 115 m, three laps clockwise round the 4 cones."), told(stages));
    }

    @Test
    void onOpenGroundByTheCoach() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .piece(new Piece.Coach("k", new Vec(-6, 0), 0, "C"))
                .run("a", "7", Cue.whistle(), 8, 0)
                .run("b", "7", Cue.next(), 8, 7);
        assertEquals(
                List.of("On the whistle, 7 runs 8 m away from C.", "Then 7 runs 7 m to the right as C sees it."),
                told(stages.build(), GRASS));
    }

    @Test
    void aStepIsToldFromTheBall() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .player("9", 10, 0)
                .player("4", 0, 9)
                .ball("b", "7")
                .run("a", "9", Cue.whistle(), 8.6, 0)
                .run("c", "4", Cue.whistle(), 0, 10.2);
        assertEquals(
                List.of("On the whistle: 9 runs 1.5 m towards the ball and 4 runs 1 m away from the ball."),
                told(stages));
    }

    @Test
    void eachTheirOwnCauseIsToldAtOnce() {
        Stages stages = new Stages()
                .player("A", -10, -12)
                .player("B", 10, -12)
                .player("C", -10, 12)
                .player("D", 10, 12)
                .ball("b1", "B")
                .ball("b2", "D")
                .run("a", "A", Cue.whistle(), 6, -12)
                .run("c", "C", Cue.whistle(), 6, 12)
                .action(pass("p", "B", "A", new Cue(new Cue.Gone("a", 8), 0)))
                .action(pass("q", "D", "C", new Cue(new Cue.Gone("c", 8), 0)));
        assertEquals(
                "When A and C have gone 8 m: B passes 8 m to A, on the run; D passes 8 m to C, on the run.",
                told(stages).get(1));
    }

    private static Action pass(String id, String who, String to, Cue cue) {
        return new Action.Pass(id, who, Spot.at(to), Action.Touch.CONTROLLED, cue);
    }

    @Test
    void sameLabelsInTwoTeamsGetTheirTeam() {
        Stages stages = new Stages()
                .piece(new Piece.Player("p1", new Vec(0, 0), 0, "F1", Bib.CORAL))
                .piece(new Piece.Player("p2", new Vec(0, 9), 0, "F1", Bib.SKY))
                .run("a", "p1", Cue.whistle(), 9, 0)
                .run("b", "p2", Cue.after("a"), 9, 9);
        assertEquals(
                List.of(
                        "On the whistle, coral F1 runs 9 m forwards.",
                        "When coral F1 gets there, sky F1 runs 9 m forwards."),
                told(stages));
    }

    @Test
    void whoComesBeforeTheirMomentStandsThere() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .player("9", 16, 0)
                .player("4", 0, 9)
                .ball("b", "7")
                .pass("a", "7", "9", Cue.whistle())
                .run("d", "9", new Cue(new Cue.Gone("e", 2), 0), 20, 6)
                .run("e", "4", new Cue(new Cue.Received("a"), -0.5), 9, 9);
        List<String> told = told(stages);
        assertEquals("Half a second before 9 receives, 4 runs 9 m forwards.", told.get(1));
    }

    @Test
    void whoAllDoTheSameIsToldOnce() {
        Stages stages = new Stages();
        for (int i = 0; i < 5; i++) {
            stages.player("p" + i, 0, -10 + 4 * i, i < 3 ? Bib.CORAL : Bib.SKY);
            stages.travel(new Travel.Run(
                    "a" + i, "p" + i, Stages.path(false, 12, -10 + 4 * i), Gait.SPRINT, Ending.STOP, Cue.whistle()));
        }
        assertEquals(List.of("On the whistle: all five sprint 12 m forwards and stop."), told(stages));
        Stages three = new Stages();
        for (int i = 0; i < 6; i++) {
            three.player("p" + i, 0, -10 + 4 * i, i < 3 ? Bib.CORAL : Bib.SKY);
            three.run("a" + i, "p" + i, Cue.whistle(), i < 3 ? 12 : -12, -10 + 4 * i);
        }
        assertEquals(
                List.of("On the whistle: all three in coral run 12 m forwards and all three in sky run 12 m back."),
                told(three));
    }

    @Test
    void whoBreaksOffDoesWhatItComesTo() {
        Stages stages = new Stages()
                .player("7", 0, 0)
                .player("9", 3, 9)
                .ball("b", "9")
                .run("a", "7", Cue.whistle(), 30, 0)
                .pass("p", "9", "7", new Cue(new Cue.Whistle(), 0.9))
                .run("c", "7", new Cue(new Cue.Received("p"), 0), 5, -9);
        String first = told(stages).get(0);
        assertTrue(first.startsWith("On the whistle: 7 runs 5 m forwards and breaks off; "), first);
    }

    @Test
    void onlyWhoGoesAtAboutTheSameTimeIsInAContest() {
        Stages both = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 12)
                .piece(new Piece.Ball("b", new Vec(8, 6), Optional.empty()))
                .travel(collect("a", "7", Cue.whistle()))
                .travel(collect("c", "9", new Cue(new Cue.Whistle(), 0.4)));
        assertTrue(
                told(both).get(0).endsWith("; whoever gets there first has it."),
                told(both).get(0));
        Stages late = new Stages()
                .player("7", 0, 0)
                .player("9", 0, 12)
                .piece(new Piece.Ball("b", new Vec(8, 6), Optional.empty()))
                .travel(collect("a", "7", Cue.whistle()))
                .run("r", "7", Cue.next(), 20, 0)
                .travel(collect("c", "9", new Cue(new Cue.Whistle(), 9)));
        assertTrue(
                told(late).stream().noneMatch(l -> l.contains("for the ball")),
                told(late).toString());
        assertTrue(
                told(late).stream().noneMatch(l -> l.contains("whoever")),
                told(late).toString());
    }

    private static Travel collect(String id, String who, Cue cue) {
        return new Travel.Collect(
                id, who, new TravelPath(List.of(Spot.at("b")), false), Gait.SPRINT, Ending.GO_ON, cue);
    }

    @Test
    void aDecisionWithinAnOptionHasItsReasonAndItsPause() {
        Cue later = new Cue(new Cue.Whistle(), 4);
        Stages stages = new Stages()
                .player("7", 0, 0)
                .run("a", "7", later, 9, 0)
                .run("b", "7", later, 9, 7)
                .run("c", "7", Cue.whistle(), -9, 0)
                .say(new Instruction.Read(
                        "r1",
                        "7",
                        List.of(
                                new Instruction.Option("o1", "up", "nobody comes", List.of()),
                                new Instruction.Option("o2", "home", "", List.of("c"))),
                        Optional.empty()))
                .say(new Instruction.Read(
                        "r2",
                        "7",
                        List.of(
                                new Instruction.Option("o3", "straight", "", List.of("a")),
                                new Instruction.Option("o4", "wide", "", List.of("b"))),
                        Optional.of("o1"),
                        Optional.empty()));
        String all = String.join("\n", told(stages));
        assertTrue(all.contains("Either “up”: if nobody comes, 4 s later either “straight”: 7 runs"), all);
    }
}

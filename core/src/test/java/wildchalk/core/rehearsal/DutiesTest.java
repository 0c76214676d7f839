package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Whom;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.End;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** What whoever is something at a moment does then: by where they are seen afterwards. */
class DutiesTest {

    private static final Cue LEAVES =
            new Cue(new Cue.FirstOf(List.of(new Cue.Released("a1"), new Cue.Released("a2"))), 0);

    private static Whom sky(Whom.Role role, int n) {
        return new Whom.Being(role, Optional.of(Bib.SKY), n, Optional.empty());
    }

    private static Game.Duty duty(String id, Whom whom, Game.Task task, double metres) {
        return new Game.Duty(id, whom, task, metres, LEAVES);
    }

    /** Either wing gets the ball; three of the others stand across the middle. Coral attacks to the right. */
    private static Stages wings() {
        return new Stages()
                .player("6", -15, 0)
                .player("7", 0, -16)
                .player("11", 0, 16)
                .player("2", 6, -12, Bib.SKY)
                .player("4", 7, 0, Bib.SKY)
                .player("3", 6, 12, Bib.SKY)
                .ball("b", "6")
                .pass("a1", "6", "7", Cue.whistle())
                .pass("a2", "6", "11", Cue.whistle())
                .say(Stages.either("r", "6", "a1", "a2"))
                .say(new Instruction.Attacks("e", Bib.CORAL, End.GOAL, Optional.empty()));
    }

    private static Vec moved(Timeline t, String who) {
        return t.at(who, t.duration()).minus(t.at(who, 0));
    }

    @Test
    void whoeverMarksTheOneItGoesToDropsAndTheRestSlide() {
        Stages stages = wings().say(duty("d1", sky(Whom.Role.MARKING, 1), Game.Task.DROP, 5))
                .say(duty("d2", sky(Whom.Role.THE_REST, 1), Game.Task.SHIFT, 4));
        Timeline left = Rehearsal.of(stages.build(), Stages.TURF);
        assertEquals(0, moved(left, "2").distance(new Vec(5, 0)), 0.05, "marks 7: drops towards the own goal");
        assertEquals(0, moved(left, "4").distance(new Vec(0, -4)), 0.05);
        assertEquals(0, moved(left, "3").distance(new Vec(0, -4)), 0.05);
        // The very same sentence on the option that is not chosen.
        Timeline right = Rehearsal.of(stages.build(), Stages.TURF, Choices.NONE.with("r", "o2"));
        assertEquals(0, moved(right, "3").distance(new Vec(5, 0)), 0.05, "marks 11");
        assertEquals(0, moved(right, "4").distance(new Vec(0, 4)), 0.05);
        assertEquals(0, moved(right, "2").distance(new Vec(0, 4)), 0.05);
        assertEquals(List.of(), left.problems());
        assertEquals(List.of(), right.problems());
    }

    @Test
    void theNearestPressesAndTheOthersHold() {
        Timeline t = Rehearsal.of(
                wings().say(duty("d1", sky(Whom.Role.NEAREST, 1), Game.Task.PRESS, 1))
                        .say(duty("d2", sky(Whom.Role.THE_REST, 1), Game.Task.HOLD, 1))
                        .build(),
                Stages.TURF);
        assertTrue(
                t.at("4", t.duration()).distance(t.at("7", t.duration())) < 3
                        || t.at("2", t.duration()).distance(t.at("7", t.duration())) < 3,
                "somebody has closed 7 down");
        assertEquals(0, moved(t, "3").length(), 1e-6);
    }

    @Test
    void ofSeveralBallsTheOneThatTheMomentIsAboutCounts() {
        Whom nearest = new Whom.Being(Whom.Role.NEAREST, Optional.empty(), 1, Optional.empty());
        Timeline t = Rehearsal.of(
                new Stages()
                        .player("1", 30, 0, Bib.SKY)
                        .ball("a", "1")
                        .player("6", -15, 0)
                        .player("7", 0, -16)
                        .player("2", 6, -12, Bib.SKY)
                        .ball("b", "6")
                        .pass("a1", "6", "7", Cue.whistle())
                        .say(new Game.Duty("d", nearest, Game.Task.PRESS, 1, Cue.received("a1")))
                        .build(),
                Stages.TURF);
        assertTrue(
                t.at("2", t.duration()).distance(t.at("7", t.duration())) < 2.5,
                "2 presses 7, not 7 the keeper's ball");
    }

    @Test
    void nobodyPressesTheirOwn() {
        Whom nearest = new Whom.Being(Whom.Role.NEAREST, Optional.empty(), 1, Optional.empty());
        Timeline t = Rehearsal.of(
                wings().player("8", 1, -14)
                        .say(duty("d", nearest, Game.Task.PRESS, 1))
                        .build(),
                Stages.TURF);
        assertEquals(0, moved(t, "8").length(), 1e-6, "8 is nearer, and of the same team");
        assertTrue(t.at("2", t.duration()).distance(t.at("7", t.duration())) < 2.5, "2 presses");
    }

    @Test
    void everybodyBackBehindTheBallIsBehindIt() {
        Timeline t = Rehearsal.of(
                new Stages()
                        .player("7", 0, 0)
                        .player("9", 25, -10)
                        .player("2", 5, -12, Bib.SKY)
                        .player("4", 30, 6, Bib.SKY)
                        .ball("b", "7")
                        .pass("a1", "7", "9", Cue.whistle())
                        .say(new Instruction.Attacks("e", Bib.CORAL, End.GOAL, Optional.empty()))
                        .say(new Game.Duty("d", new Whom.HasBall(false), Game.Task.BEHIND_BALL, 4, Cue.received("a1")))
                        .build(),
                Stages.TURF);
        double ball = t.ball("b", t.duration()).x();
        assertTrue(t.at("2", t.duration()).x() > ball, "2 was in front of it");
        assertEquals(0, moved(t, "4").length(), 1e-6, "4 was behind it already");
        assertEquals(0, moved(t, "7").length(), 1e-6, "those who have it do nothing");
    }

    @Test
    void whoeverHasSomethingDrawnForThatMomentDoesThat() {
        Timeline t = Rehearsal.of(
                wings().run("a3", "2", LEAVES, 10, -18)
                        .say(duty("d1", sky(Whom.Role.THE_REST, 1), Game.Task.SHIFT, 4))
                        .build(),
                Stages.TURF);
        assertEquals(0, t.at("2", t.duration()).distance(new Vec(10, -18)), 0.05);
        assertEquals(0, moved(t, "4").distance(new Vec(0, -4)), 0.05);
    }

    @Test
    void whatComesLaterIsJudgedByWhereTheyAreThen() {
        Timeline t = Rehearsal.of(
                new Stages()
                        .player("7", 0, 0)
                        .player("8", 20, 0)
                        .player("2", 4, 10, Bib.SKY)
                        .player("4", 4, -11, Bib.SKY)
                        .ball("b", "7")
                        .sprint("a1", "4", Cue.whistle(), 18, -3)
                        .pass("a2", "7", "8", Cue.after("a1"))
                        .say(new Game.Duty("d1", sky(Whom.Role.NEAREST, 1), Game.Task.PRESS, 1, Cue.received("a2")))
                        .build(),
                Stages.TURF);
        assertTrue(t.at("4", t.duration()).distance(t.at("8", t.duration())) < 2.5, "4 has come near meanwhile");
        assertEquals(0, moved(t, "2").length(), 1e-6);
    }

    @Test
    void whatIsWrittenOutHasNoBeatAndIsNoProblem() {
        Timeline t = Rehearsal.of(
                wings().say(duty("d1", sky(Whom.Role.THE_REST, 1), Game.Task.SHIFT, 4))
                        .build(),
                Stages.TURF);
        assertEquals(1, t.beats().size());
        assertTrue(t.events().stream().anyMatch(e -> e.kind() == Event.Kind.START && "4".equals(e.who())));
    }
}

package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Craft;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Given;
import wildchalk.core.drill.Hold;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.Whom;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Outline;
import wildchalk.core.geometry.Spreading;
import wildchalk.core.geometry.Vec;
import wildchalk.core.timeline.Event;
import wildchalk.core.timeline.Timeline;

/** Balls that are fought for and touched, feints and screens that cost time, and places that are kept. */
class ContestsTest {

    private static Stage faceOff() {
        return new Stages()
                .player("5", 0, 0)
                .player("8", 1, 0, Bib.SKY)
                .player("3", -6, 3)
                .player("4", 7, 2, Bib.SKY)
                .piece(new Piece.Ball("b", new Vec(0.5, 0), Optional.empty()))
                .action(Contest.of("a1", "5", Contest.Start.FACE_OFF, List.of("8"), List.of("3", "4"), Cue.whistle()))
                .carry("a2", "3", Cue.received("a1"), -12, 3)
                .carry("a3", "4", Cue.received("a1"), 12, 2)
                .carry("a4", "4", Cue.next(), 12, 8)
                .build();
    }

    @Test
    void whoGetsTheBallIsAReadWithWhatEachDoesThen() {
        List<Instruction.Read> reads = Reads.of(faceOff());
        assertEquals(1, reads.size());
        assertEquals(List.of("a2"), reads.get(0).options().get(0).actions());
        assertEquals(List.of("a3", "a4"), reads.get(0).options().get(1).actions());
        Timeline first = Rehearsal.of(faceOff(), Stages.TURF);
        assertEquals(Optional.of("3"), first.holder("b", first.duration()));
        assertTrue(first.times("a3").isEmpty());
        Timeline second = Rehearsal.of(faceOff(), Stages.TURF, Choices.NONE.with("a1", "4"));
        assertEquals(Optional.of("4"), second.holder("b", second.duration()));
        assertTrue(second.times("a2").isEmpty());
        assertEquals(List.of(), second.problems());
        // The ball leaves when the second that a face-off takes is over.
        double start = first.times("a1").orElseThrow().start();
        assertEquals(start + 1, first.times("a1").orElseThrow().release(), 1e-9);
        assertEquals(new Vec(0.5, 0), first.ball("b", start + 0.9));
    }

    @Test
    void contestWithoutABallSaysSo() {
        Timeline t = new Stages()
                .player("5", 0, 0)
                .player("8", 1, 0, Bib.SKY)
                .action(Contest.of("a1", "5", Contest.Start.PULL, List.of("8"), List.of("5", "8"), Cue.whistle()))
                .rehearse();
        assertEquals(1, t.problems().size());
        assertTrue(t.problems().get(0).message().startsWith("there is no ball within 3 m of 5"));
    }

    @Test
    void ballThatComesByIsSentAnotherWay() {
        Timeline t = new Stages()
                .player("6", -10, 0)
                .player("9", 0, 0.8)
                .player("2", 4, 8)
                .ball("b", "6")
                .action(new Action.Pass("a1", "6", Spot.at(20, 0), Action.Touch.CONTROLLED, Cue.whistle()))
                .action(new Action.Pass(
                        "a2", "9", Spot.at("2"), Action.Touch.DEFLECTED, new Cue(new Cue.Released("a1"), 0)))
                .rehearse();
        double touched = t.times("a2").orElseThrow().release();
        assertEquals(touched, t.times("a1").orElseThrow().arrival(), 1e-9);
        assertEquals(0, t.ball("b", touched).distance(new Vec(0, 0)), 0.25);
        assertEquals(Optional.of("2"), t.holder("b", t.duration()));
        assertEquals(List.of(), t.problems());
        Timeline far = new Stages()
                .player("6", -10, 0)
                .player("9", 0, 4)
                .ball("b", "6")
                .action(new Action.Pass("a1", "6", Spot.at(20, 0), Action.Touch.CONTROLLED, Cue.whistle()))
                .action(new Action.Pass(
                        "a2", "9", Spot.at(4, 8), Action.Touch.DEFLECTED, new Cue(new Cue.Released("a1"), 0)))
                .rehearse();
        assertEquals(
                "the ball goes by 9 4 m off: let 9 stand nearer to its way",
                far.problems().get(0).message());
    }

    private static Timeline carried(List<Craft.Feint> feints) {
        Travel carry = new Travel.Carry(
                "a1", "7", Stages.path(false, 30, 0), Action.Gait.RUN, Action.Ending.GO_ON, Cue.whistle());
        return new Stages()
                .player("7", 0, 0)
                .ball("b", "7")
                .travel(carry.withGoing(carry.going().crafted(Craft.PLAIN.feinting(feints))))
                .rehearse();
    }

    @Test
    void feintCostsWhatItIsSaidToCostAndWhereItIsSaid() {
        Timeline plain = carried(List.of());
        Timeline feints = carried(List.of(new Craft.Feint("x", 0.5, 0.6), new Craft.Feint("y", 0.8, 0.3)));
        double over = plain.times("a1").orElseThrow().end();
        // The way is worked out at more places than without, which makes a few thousandths.
        assertEquals(over + 0.9, feints.times("a1").orElseThrow().end(), 0.005);
        // Before the first nothing is lost, after it six tenths.
        for (double t = 0; t < over; t += 0.05) {
            double x = plain.at("7", t).x();
            if (x < 8) {
                assertEquals(x, feints.at("7", t).x(), 0.05, "at " + t);
            } else if (x > 18.5 && x < 20.5) {
                assertEquals(x, feints.at("7", t + 0.6).x(), 0.15, "at " + t);
            }
        }
    }

    @Test
    void screenHoldsOnceWhoeverFollowsOrRunsIntoIt() {
        Stages stages = new Stages()
                .player("1", 0, 0)
                .player("5", 6, 0.2)
                .player("x", -1.5, 0, Bib.SKY)
                .action(new Hold("a1", "5", Hold.Stance.SCREEN, Optional.empty(), 20, Optional.empty(), Cue.whistle()))
                .run("a2", "x", Cue.whistle().delayed(0.5), 20, 0);
        Timeline held = stages.rehearse();
        Timeline free = new Stages()
                .player("1", 0, 0)
                .player("x", -1.5, 0, Bib.SKY)
                .run("a2", "x", Cue.whistle().delayed(0.5), 20, 0)
                .rehearse();
        assertEquals(
                free.times("a2").orElseThrow().end() + 0.7,
                held.times("a2").orElseThrow().end(),
                0.005);
        assertEquals(List.of("x"), held.heldBy("a1"));
        assertEquals(
                1,
                held.events().stream().filter(e -> e.kind() == Event.Kind.HELD).count());
    }

    /** Round a corner: what counts is how far they have come along their way, and each screen costs as much again. */
    @Test
    void twoScreensOnABentWayHoldWhereTheyStand() {
        Stages free = new Stages().player("x", 0, 0, Bib.SKY).run("a2", "x", Cue.whistle(), 12, 0, 12, 14, 0, 14);
        Timeline held = new Stages()
                .player("x", 0, 0, Bib.SKY)
                .player("5", 12, 5)
                .player("6", 4, 14)
                .action(new Hold("a1", "5", Hold.Stance.SCREEN, Optional.empty(), 30, Optional.empty(), Cue.whistle()))
                .action(new Hold("a3", "6", Hold.Stance.SCREEN, Optional.empty(), 30, Optional.empty(), Cue.whistle()))
                .run("a2", "x", Cue.whistle(), 12, 0, 12, 14, 0, 14)
                .rehearse();
        assertEquals(List.of("x"), held.heldBy("a1"));
        assertEquals(List.of("x"), held.heldBy("a3"));
        assertEquals(end(free.rehearse()) + 1.4, end(held), 0.01);
        // By each they are slower than anywhere between, and near enough to touch it.
        assertEquals(0, slowest(held, 3, 8).distance(new Vec(12, 5)), 1.2);
        assertEquals(0, slowest(held, 17, 24).distance(new Vec(4, 14)), 1.2);
    }

    private static double end(Timeline t) {
        return t.times("a2").orElseThrow().end();
    }

    /** Where x is slowest on a stretch of the way, which is given by how far they have come, metres. */
    private static Vec slowest(Timeline timeline, double from, double to) {
        double gone = 0;
        double least = Double.MAX_VALUE;
        Vec slowest = Vec.ZERO;
        for (double t = 0; t < end(timeline); t += 0.02) {
            Vec at = timeline.at("x", t);
            double step = at.distance(timeline.at("x", t + 0.02));
            gone += step;
            if (gone > 12 + from && gone < 12 + to && step < least) {
                least = step;
                slowest = at;
            }
        }
        return slowest;
    }

    @Test
    void nobodyIsHeldByAMatesScreen() {
        Timeline t = new Stages()
                .player("5", 6, 0.2)
                .player("1", -1.5, 0)
                .action(new Hold("a1", "5", Hold.Stance.SCREEN, Optional.empty(), 20, Optional.empty(), Cue.whistle()))
                .run("a2", "1", Cue.whistle().delayed(0.5), 20, 0)
                .rehearse();
        assertEquals(List.of(), t.heldBy("a1"));
    }

    private static Timeline keeping(Shadow.Way way, double distance, Optional<Spot> other) {
        return new Stages()
                .player("4", 0, 0, Bib.SKY)
                .player("3", -1, 7, Bib.SKY)
                .player("9", 20, 10)
                .run("a1", "4", Cue.whistle(), 16, -4)
                .action(new Shadow(
                        "a2",
                        "3",
                        "4",
                        new Shadow.Style(way, Shadow.Side.ANY, distance, other),
                        Action.Gait.SPRINT,
                        Optional.empty(),
                        Cue.whistle()))
                .rehearse();
    }

    @Test
    void placesAreKeptTowardsSomebodyWhoMoves() {
        Timeline level = keeping(Shadow.Way.LEVEL, 1, Optional.empty());
        assertEquals(16, level.at("3", level.duration()).x(), 0.3);
        assertEquals(7, level.at("3", level.duration()).y(), 0.3);
        Timeline drift = keeping(Shadow.Way.DRIFT, 5, Optional.empty());
        assertEquals(16, drift.at("3", drift.duration()).x(), 0.3);
        assertEquals(1, drift.at("3", drift.duration()).y(), 0.3);
        Timeline lane = keeping(Shadow.Way.LANE, 1, Optional.of(Spot.at("9")));
        Vec there = lane.at("3", lane.duration());
        assertTrue(there.distanceToStretch(lane.at("4", lane.duration()), new Vec(20, 10)) < 0.3, "" + there);
        Timeline behind = keeping(Shadow.Way.BEHIND, 3, Optional.empty());
        assertEquals(3, behind.at("3", behind.duration()).distance(behind.at("4", behind.duration())), 0.4);
        assertTrue(behind.at("3", behind.duration()).x() < 15);
        Timeline front = keeping(Shadow.Way.IN_FRONT, 2, Optional.empty());
        double t = front.times("a1").orElseThrow().end() - 0.1;
        assertTrue(front.at("3", t).minus(front.at("4", t)).dot(front.at("4", t).minus(front.at("4", t - 0.2))) > 0);
    }

    @Test
    void shortStepsTakeLongerThanRunningUp() {
        double plain = arrival(Shadow.Way.CLOSE_DOWN);
        double stuttered = arrival(Shadow.Way.STUTTER_IN);
        assertTrue(stuttered > plain + 0.2, plain + " and " + stuttered);
    }

    private static double arrival(Shadow.Way way) {
        Timeline t = new Stages()
                .player("4", 0, 0, Bib.SKY)
                .player("3", 15, 0)
                .shadow("a1", "4", "3", way, 1, Cue.whistle())
                .rehearse();
        double at = 0;
        while (t.at("4", at).distance(new Vec(15, 0)) > 1.4 && at < 20) {
            at += 0.01;
        }
        return at;
    }

    @Test
    void teamSpreadsOverAnArea() {
        Timeline t = new Stages()
                .player("1", -10, 0)
                .player("2", -10, 2)
                .player("3", -10, -2)
                .player("4", -12, 0)
                .piece(new Piece.Zone("z", new Vec(0, 0), Outline.rectangle(12, 12), "box", Colour.BLUE))
                .say(new Game.Duty(
                        "d",
                        new Whom.Team(Bib.CORAL),
                        Game.Task.SPREAD,
                        4,
                        Optional.of("z"),
                        Cue.whistle().delayed(0.5)))
                .rehearse();
        List<Vec> places = List.of("1", "2", "3", "4").stream()
                .map(w -> t.at(w, t.duration()))
                .toList();
        for (int i = 0; i < 4; i++) {
            assertTrue(Math.abs(places.get(i).x()) < 6 && Math.abs(places.get(i).y()) < 6, "" + places);
            for (int k = i + 1; k < 4; k++) {
                assertTrue(places.get(i).distance(places.get(k)) > 4, "" + places);
            }
        }
        assertEquals(
                List.of(new Vec(1, 1)),
                Spreading.over(List.of(new Vec(0, 0), new Vec(0, 0), new Vec(0, 0)), List.of(new Vec(1, 1))));
    }

    @Test
    void paceAndAgeOfSomeAreTheirs() {
        Stages stages = new Stages()
                .player("1", 0, 0)
                .player("2", 0, 5, Bib.SKY)
                .run("a1", "1", Cue.whistle(), 20, 0)
                .run("a2", "2", Cue.whistle(), 20, 5)
                .say(new Given.Ability("g", new Whom.Team(Bib.SKY), Optional.empty(), 0.5));
        Timeline t = stages.rehearse();
        double usual =
                t.times("a1").orElseThrow().end() - t.times("a1").orElseThrow().start();
        double half =
                t.times("a2").orElseThrow().end() - t.times("a2").orElseThrow().start();
        assertTrue(half > 1.6 * usual && half < 2 * usual, usual + " and " + half);
        Timeline young = new Stages()
                .player("2", 0, 5, Bib.SKY)
                .run("a2", "2", Cue.whistle(), 20, 5)
                .say(new Given.Ability("g", Whom.one("2"), Optional.of(Effort.Level.UNDER_8), 1))
                .rehearse();
        assertTrue(young.times("a2").orElseThrow().end()
                > t.times("a1").orElseThrow().end());
    }

    @Test
    void ballThatIsToBeCaughtMustNotBounceFirst() {
        Stages stages = new Stages()
                .player("1", 0, 0)
                .player("2", 30, 12)
                .ball("b", "1")
                .action(new Action.Pass("a1", "1", Spot.at(24, 0), Action.Touch.CONTROLLED, Cue.whistle())
                        .going(Action.Manner.LOB))
                .action(new Travel.Collect(
                        "a2",
                        "2",
                        new wildchalk.core.drill.TravelPath(List.of(Spot.at("b")), false),
                        Action.Gait.RUN,
                        Action.Ending.CATCH,
                        new Cue(new Cue.Released("a1"), 3)));
        Timeline late = stages.rehearse();
        assertFalse(late.problems().isEmpty());
        assertTrue(late.problems().get(0).message().startsWith("the ball has bounced before 2 is there"));
    }
}

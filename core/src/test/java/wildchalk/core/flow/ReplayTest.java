package wildchalk.core.flow;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.When;
import wildchalk.core.edit.Placement;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Flow.Side;
import wildchalk.core.geometry.Vec;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.timeline.Timeline;

/** Where people are seen while many reps are played. */
class ReplayTest {

    private static final double STEP = 0.1;

    /** Nobody is faster than this, a jump apart, m/s. */
    private static final double FASTEST = 12;

    record Case(String name, Stage stage, int people, int copies) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Piece line(String id, double x, double y) {
        return new Piece.LineUp(id, new Vec(x, y), 0, id, Bib.CORAL, 3, id);
    }

    private static Rotation goes(String who, Rotation.To to) {
        return new Rotation.Goes("g" + who, who, to, Optional.empty());
    }

    private static Stages ends() {
        return new Stages()
                .piece(line("L", -12, -2))
                .piece(new Piece.LineUp("M", new Vec(12, 2), Math.PI, "M", Bib.SKY, 2, "M"))
                .ball("b", "L")
                .sprint("a", "L", Cue.whistle(), 8, -3)
                .pass("p", "L", "M", Cue.after("a"))
                .sprint("c", "M", Cue.after("p"), -8, 3)
                .say(goes("L", new Rotation.Becomes("M", false)))
                .say(goes("M", new Rotation.Becomes("L", false)));
    }

    static List<Case> cases() {
        Stages fed = new Stages()
                .player("f", 0, 8)
                .piece(line("L", -10, -6))
                .ball("b", "f")
                .sprint("a", "L", Cue.whistle(), 6, -6)
                .pass("p", "f", "L", Cue.after("a"))
                .say(goes("f", new Rotation.ChangesWith("L")))
                .say(new Rotation.Sides("s", Rotation.Taken.IN_TURN));
        Stages out = new Stages()
                .player("x", -5, 0)
                .player("y", -5, 6)
                .sprint("a", "x", Cue.whistle(), 9, 0)
                .sprint("c", "y", Cue.whistle(), 9, 6)
                .say(goes("x", new Rotation.Out()))
                .say(goes("y", new Rotation.Out()));
        return List.of(
                new Case("two ends", ends().build(), 7, 1),
                new Case("two ends, nobody to spare", ends().build(), 2, 1),
                new Case("two ends, in two copies", ends().build(), 12, 2),
                new Case(
                        "two ends, overlapping",
                        ends().say(new Rotation.Starts("s", new When.At(Cue.after("a"))))
                                .build(),
                        9,
                        1),
                new Case(
                        "two ends, both sides at once",
                        ends().say(new Rotation.Sides("s", Rotation.Taken.BOTH)).build(),
                        12,
                        1),
                new Case("a feeder who changes, sides in turn", fed.build(), 6, 1),
                new Case("some are out", out.build(), 5, 1));
    }

    private static Replay replay(Case c, double unit) {
        return new Flows(c.stage(), Stages.TURF).replay(Flows.Asked.of(c.people(), 4, c.copies()), unit);
    }

    /** Whoever has a role in a rep is where the role is in its rehearsal, from when their part begins to its end. */
    @ParameterizedTest
    @MethodSource("cases")
    void inARepEverybodyIsWhereTheirRoleIs(Case c) {
        Timeline rep = Rehearsal.of(c.stage(), Stages.TURF);
        Replay replay = replay(c, 0);
        int looked = 0;
        for (Flow.Rep r : replay.flow().reps()) {
            for (Map.Entry<String, String> cast : r.cast().entrySet()) {
                for (Flow.Span span : replay.flow().each().get(cast.getValue()).spans()) {
                    if (span.doing() != Doing.BUSY || span.rep() != r.n()) {
                        continue;
                    }
                    double t = (span.from() + span.to()) / 2;
                    Vec drawn = rep.at(cast.getKey(), t - r.t());
                    Vec as = r.side() == Side.DRAWN ? drawn : drawn.mirrored(false, true);
                    assertEquals(
                            0, as.distance(replay.at(cast.getValue(), t).at()), 0.05, c + " " + r.n() + " " + cast);
                    looked++;
                }
            }
        }
        assertTrue(looked > 10, "looked at " + looked);
    }

    @ParameterizedTest
    @MethodSource("cases")
    void nobodyJumps(Case c) {
        Replay replay = replay(c, 0.8);
        for (String letter : replay.letters()) {
            Vec before = replay.at(letter, 0).at();
            for (double t = STEP; t < replay.flow().seconds(); t += STEP) {
                Vec now = replay.at(letter, t).at();
                assertTrue(
                        before.distance(now) <= FASTEST * STEP,
                        c + ": " + letter + " at " + t + " from " + before + " to " + now);
                before = now;
            }
        }
    }

    /** Who waits in a line stands on a place of their own. */
    @ParameterizedTest
    @MethodSource("cases")
    void nobodyStandsOnAnother(Case c) {
        Replay replay = replay(c, 0.8);
        int stood = 0;
        for (double t = 0; t < replay.flow().seconds(); t += 1) {
            Set<String> places = new HashSet<>();
            for (String letter : replay.letters()) {
                Replay.Now now = replay.at(letter, t);
                Replay.Now later = replay.at(letter, t + STEP);
                if (now.doing() == Doing.WAITING && now.at().distance(later.at()) < 1e-9) {
                    String place = now.copy() + " " + Math.round(now.at().x() * 10) + " "
                            + Math.round(now.at().y() * 10);
                    assertTrue(places.add(place), c + ": two stand at " + now.at() + " at " + t);
                    stood++;
                }
            }
        }
        assertTrue(stood > 0 || c.people() == 2, "somebody waits");
    }

    @Test
    void theBallIsInTheDrillWhileItIsPlayedAndComesBack() {
        Case c = cases().get(0);
        Timeline rep = Rehearsal.of(c.stage(), Stages.TURF);
        Replay replay = replay(c, 0);
        Flow.Rep second = replay.flow().reps().get(1);
        double t = second.t() + 1;
        List<Replay.BallNow> balls = replay.balls(t);
        assertEquals(1, balls.size(), "there is one");
        assertEquals(0, rep.ball("b", 1).distance(balls.get(0).at()), 0.05);
        double seen = 0;
        for (double s = 0; s < 60; s += 0.5) {
            assertEquals(1, replay.balls(s).size(), "at " + s);
            seen = Math.max(seen, replay.balls(s).get(0).at().x());
        }
        assertTrue(seen > 8, "it gets there");
    }

    @Test
    void whoShootsWhatNobodyFetchesLeavesItLying() {
        Stages stages = new Stages()
                .piece(line("L", 20, 0))
                .piece(new Piece.Supply("u", new Vec(20, 1), 40))
                .ball("b", "L")
                .shot("s", "L", Cue.whistle())
                .say(new Rotation.Fetches("f", Rotation.Fetcher.NOBODY));
        Flows flows = new Flows(stages.build(), Stages.TURF);
        Replay replay = flows.replay(Flows.Asked.of(4, 2, 1), 0);
        int reps = replay.flow().reps().size();
        assertEquals(reps, replay.balls(119.99).size(), "as many lie out as were shot");
    }

    @Test
    void aCopyStandsWhereItIsPut() {
        Case c = cases().get(2);
        Replay drawn = replay(c, 0);
        Replay placed = drawn.placed(List.of(Placement.beside(Vec.ZERO), Placement.beside(new Vec(0, 15))));
        String first = drawn.letters().get(0);
        String last = drawn.letters().get(11);
        assertEquals(2, drawn.at(last, 30).copy());
        assertEquals(
                0,
                drawn.at(last, 30)
                        .at()
                        .plus(new Vec(0, 15))
                        .distance(placed.at(last, 30).at()),
                1e-9);
        assertEquals(drawn.at(first, 30).at(), placed.at(first, 30).at());
    }

    @Test
    void nobodyPlaysWhereThereAreTooFew() {
        Replay none = new Flows(ends().build(), Stages.TURF).replay(Flows.Asked.of(1, 2, 1), 0);
        assertEquals(List.of(), none.letters());
        assertEquals(List.of(), none.balls(3));
    }
}

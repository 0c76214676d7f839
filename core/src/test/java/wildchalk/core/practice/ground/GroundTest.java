package wildchalk.core.practice.ground;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.drill.Venue;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.GroundPart;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Needs;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Reach;
import wildchalk.core.practice.Slot;
import wildchalk.core.practice.Stand;
import wildchalk.core.script.Counts;

/** Two things side by side on the ground, by hand. */
class GroundTest {

    /** An evening with drills side by side of which it is known how much ground they take. */
    private static final class Evening {
        private final Map<String, Needs> needs = new HashMap<>();
        private final List<Block> blocks = new ArrayList<>();
        private final Map<String, Stand> stands = new HashMap<>();
        private final String surface;
        private GroundPart part = GroundPart.WHOLE;

        Evening(String surface) {
            this.surface = surface;
        }

        Evening with(String id, double length, double width, Reach reach, double x, double y, int degrees) {
            needs.put(
                    id,
                    new Needs(
                            2,
                            0,
                            new Needs.Kit(Map.of(), 1, new Counts.Ball("ball", "balls"), java.util.Set.of(), 60),
                            30,
                            Needs.Work.NONE,
                            new Needs.Footing(
                                    "elsewhere",
                                    new Vec(7, 7),
                                    length,
                                    width,
                                    new Content.Area(90, 50),
                                    List.of(Vec.ZERO),
                                    reach),
                            new Needs.About(Map.of(), false, "")));
            blocks.add(Block.of(
                    id,
                    new Content.Play(new Content.Planned(id, 0, id), List.of(), 1, Content.Telling.NONE),
                    Block.Time.of(10)));
            stands.put(id, new Stand(new Vec(x, y), degrees));
            return this;
        }

        Evening on(GroundPart other) {
            part = other;
            return this;
        }

        KnownNeeds needs() {
            return b -> Optional.ofNullable(needs.get(b.id()));
        }

        Ground ground() {
            Block beside = Block.of("all", new Content.Beside(blocks, Optional.empty(), stands), Block.Time.of(10));
            Practice practice = Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                    .given(Practice.Setting.UNSAID.on(part))
                    .of(List.of(beside));
            return Ground.of(practice, beside, needs(), Venue.of(surface)).orElseThrow();
        }
    }

    private static Reach runs(Vec... way) {
        return new Reach(List.of(List.of(way)), List.of());
    }

    private static Reach sent(boolean shot, Vec... way) {
        return new Reach(List.of(), List.of(new Reach.Flight(List.of(way), shot)));
    }

    private static String words(Ground ground) {
        StringBuilder all = new StringBuilder();
        ground.clashes().forEach(c -> all.append(c.kind())
                .append(' ')
                .append(c.one())
                .append(' ')
                .append(c.other()));
        return all.toString();
    }

    @Test
    void threeMetresAreFreeOnGrassAndLessOnCourt() {
        // Edges at x = -1 and x = 1.5: 2.5 m are free.
        Evening grass = new Evening("field-hockey")
                .with("a", 10, 8, Reach.NONE, -6, 0, 0)
                .with("b", 10, 8, Reach.NONE, 6.5, 0, 0);
        assertEquals("NEAR a b", words(grass.ground()));
        assertEquals(2.5, grass.ground().clashes().get(0).metres(), 1e-9);
        Evening court =
                new Evening("handball").with("a", 10, 8, Reach.NONE, -6, 0, 0).with("b", 10, 8, Reach.NONE, 6.5, 0, 0);
        assertEquals("", words(court.ground()), "two metres will do on a court");
    }

    @Test
    void whatIsTurnedTakesOtherGround() {
        // 10 m by 4 m: turned a quarter it is 4 m wide and leaves seven metres.
        Evening along =
                new Evening("handball").with("a", 10, 4, Reach.NONE, -5, 0, 0).with("b", 10, 4, Reach.NONE, 4, 0, 0);
        assertEquals(0, along.ground().laid().get(0).gap(along.ground().laid().get(1)), 1e-9);
        Ground across =
                along.ground().with("a", new Stand(new Vec(-5, 0), 90)).with("b", new Stand(new Vec(4, 0), 270));
        assertEquals(5, across.laid().get(0).gap(across.laid().get(1)), 1e-9);
        assertEquals("", words(across));
        // A cross: no corner lies in the other, and yet they overlap.
        Ground cross = along.ground().with("a", new Stand(Vec.ZERO, 0)).with("b", new Stand(Vec.ZERO, 90));
        assertEquals(0, cross.laid().get(0).gap(cross.laid().get(1)), 1e-9);
    }

    @Test
    void aShotThatMissesGoesOnAndAPassLess() {
        // The shot ends 4 m right of the middle; the other one begins 12 m behind that.
        Reach shot = sent(true, new Vec(-4, 0), new Vec(4, 0));
        Evening towards =
                new Evening("field-hockey").with("a", 10, 8, shot, -20, 0, 0).with("b", 10, 8, Reach.NONE, 1, 0, 0);
        assertEquals("SHOT a b", words(towards.ground()));
        assertEquals("", words(towards.ground().with("a", new Stand(new Vec(-20, 0), 180))), "turned away");
        assertEquals("", words(towards.ground().with("b", new Stand(new Vec(15, 0), 0))), "far behind");
        // 26 m on, ten degrees are 4.6 m to the side: its edge is at 4 m.
        assertEquals("SHOT a b", words(towards.ground().with("b", new Stand(new Vec(6, 8), 0))), "wide of it");
        assertEquals("", words(towards.ground().with("b", new Stand(new Vec(6, 14), 0))), "well beside it");
        Evening pass = new Evening("field-hockey")
                .with("a", 10, 8, sent(false, new Vec(-4, 0), new Vec(4, 0)), -20, 0, 0)
                .with("b", 10, 8, Reach.NONE, -6, 0, 0);
        assertEquals("BALL a b", words(pass.ground()), "5 m behind its end");
        assertEquals("", words(pass.ground().with("b", new Stand(new Vec(-4, 0), 0))), "7 m behind its end");
    }

    @Test
    void peopleWhoRunNearEachOtherAreFound() {
        Reach right = runs(new Vec(-4, 0), new Vec(4.5, 0));
        Evening near = new Evening("field-hockey")
                .with("a", 10, 8, right, -5, 0, 0)
                .with("b", 10, 8, runs(new Vec(-4.5, 3), new Vec(-4.5, -3)), 5, 0, 0);
        // They run at x = -0.5 and 0.5.
        assertEquals("MEET a b", words(near.ground()));
        assertEquals(1.0, near.ground().clashes().get(0).metres(), 1e-9);
        assertEquals("NEAR a b", words(near.ground().with("a", new Stand(new Vec(-5, 0), 180))), "turned away");
    }

    @Test
    void trueToSizeOnAThirdOfARinkAndOnHalfAGym() {
        Evening rink = new Evening("ice-rink-intl")
                .with("a", 16, 12, Reach.NONE, 0, 0, 0)
                .on(new GroundPart(2, 3, false));
        Ground third = rink.ground();
        assertEquals(third.surface().length() / 3, third.part().width(), 1e-9);
        assertEquals(third.surface().width(), third.part().height(), 1e-9);
        assertEquals("", words(third));
        Ground over = third.with("a", new Stand(new Vec(third.part().width() / 2, 0), 0));
        assertEquals("BEYOND a ", words(over));
        assertEquals(8, over.clashes().get(0).metres(), 1e-9, "half of it is over the line");
        Ground half = new Evening("handball")
                .with("a", 12, 12, Reach.NONE, -10, 0, 0)
                .on(new GroundPart(1, 2, false))
                .ground();
        assertEquals(-20, half.part().x(), 1e-9);
        assertEquals(20, half.part().width(), 1e-9);
        assertEquals("", words(half));
        Ground lane = new Evening("ice-rink-intl")
                .with("a", 16, 12, Reach.NONE, 0, 0, 0)
                .on(new GroundPart(1, 4, true))
                .ground();
        assertEquals(-lane.surface().width() / 2, lane.part().y(), 1e-9, "the first lane is at the top of the page");
        assertEquals(lane.surface().width() / 4, lane.part().height(), 1e-9);
    }

    @Test
    void roundBoardsAreNotStoodBehind() {
        Ground corner = new Evening("ice-rink-intl")
                .with("a", 8, 8, Reach.NONE, 0, 0, 0)
                .ground();
        double x = corner.surface().length() / 2 - 4;
        double y = corner.surface().width() / 2 - 4;
        assertEquals("BEYOND a ", words(corner.with("a", new Stand(new Vec(x, y), 0))));
        assertEquals("", words(corner.with("a", new Stand(new Vec(x, 0), 0))));
    }

    @Test
    void apartWithOneClick() {
        Evening shooting = new Evening("field-hockey")
                .with("a", 10, 8, sent(true, new Vec(-4, 0), new Vec(4, 0)), -20, 0, 0)
                .with("b", 10, 8, sent(true, new Vec(4, 0), new Vec(-4, 0)), 1, 0, 0);
        Ground before = shooting.ground();
        Clash clash = before.clashes().get(0);
        Ground after = Laying.apart(before, clash).orElseThrow();
        assertEquals("", words(after));
        long moved =
                after.laid().stream().filter(l -> !before.laid().contains(l)).count();
        assertEquals(1, moved, "one of them stays");
    }

    @ParameterizedTest(name = "{0} things on part {1} of {2} of {3}")
    @CsvSource({"3,2,3,ice-rink-intl", "2,1,2,handball", "5,1,1,field-hockey", "4,2,2,football-11"})
    void laidOutNothingIsInTheWay(int things, int which, int of, String surface) {
        Evening evening = new Evening(surface).on(new GroundPart(which, of, false));
        for (int i = 0; i < things; i++) {
            evening.with("t" + i, 7, 6 + i % 2, sent(true, new Vec(-3, 0), new Vec(3, 0)), 0, 0, 0);
        }
        Ground laid = Laying.out(evening.ground(), evening.needs()).orElseThrow();
        assertEquals("", words(laid));
        assertEquals(
                things,
                laid.stands().values().stream().map(Stand::at).distinct().count());
    }

    @Test
    void whereThereIsNoRoomNothingIsMadeUp() {
        Evening full =
                new Evening("handball").with("a", 30, 15, Reach.NONE, 0, 0, 0).with("b", 30, 15, Reach.NONE, 0, 0, 0);
        assertTrue(Laying.out(full.ground(), full.needs()).isEmpty());
        Ground ground = full.ground();
        assertTrue(Laying.apart(ground, ground.clashes().get(0)).isEmpty());
    }
}

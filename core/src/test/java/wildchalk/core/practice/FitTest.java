package wildchalk.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wildchalk.core.effort.Effort;

/** Fitting an evening: nothing loses less, tried against every answer there is. */
class FitTest {

    private static Practice of(int minutes, List<Block> blocks) {
        return Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(19, 20), minutes))
                .given(PlanTest.SETTING.with(Company.of(12, 1, 1)))
                .of(blocks);
    }

    private static Block lasting(Block block, int least, int now, boolean must) {
        return block.lasting(new Block.Time(least, now, now + 5)).having(must);
    }

    private static List<Block> evening() {
        return List.of(
                lasting(PlanTest.drill("b1", "weir", 12, Content.Telling.KNOWN), 8, 12, true),
                lasting(PlanTest.drill("b2", "mill", 16, Content.Telling.FRESH), 10, 16, true),
                lasting(PlanTest.words("b3", Content.Sort.WATER, 3), 2, 3, true),
                lasting(PlanTest.drill("b4", "weir", 10, Content.Telling.NONE), 6, 10, false),
                lasting(PlanTest.words("b5", Content.Sort.TALK, 4), 2, 4, false));
    }

    private static int minutes(Fit fit, String block) {
        return fit.practice().block(block).map(b -> b.time().now()).orElse(0);
    }

    @Test
    void whatFitsIsLeftAlone() {
        Practice practice = of(75, evening());
        assertEquals(new Fit(practice, 0, 0), Fit.of(practice, PlanTest.NEEDS));
    }

    @Test
    void twelveMinutesTooLong() {
        Plan plan = Plan.of(of(60, evening()), PlanTest.NEEDS);
        // As long as it is, less twelve minutes.
        int slot = plan.seconds() / 60 - 12;
        Fit fit = Fit.of(of(slot, evening()), PlanTest.NEEDS);
        assertEquals(0, fit.over());
        assertTrue(Plan.of(fit.practice(), PlanTest.NEEDS).seconds() <= slot * 60);
        // What b4 needs is set out over the water. Without b4 its ten minutes are gone, 15 s of walking and 17 of
        // gathering its balls: 632 s, which loses 11. 88 s more are wanted: two minutes of the talk, which lose 2.
        assertEquals(0, minutes(fit, "b4"));
        assertEquals(16, minutes(fit, "b2"));
        assertEquals(2, minutes(fit, "b5"));
        assertEquals(13, fit.loss());
    }

    @Test
    void waterGoesWhereMostCanBeSetOutOverIt() {
        // Alone, 150 s for the mill stand between the weir and the mill; the water comes after both.
        List<Block> blocks = List.of(
                lasting(PlanTest.drill("b1", "weir", 10, Content.Telling.NONE), 10, 10, true),
                lasting(PlanTest.drill("b2", "mill", 10, Content.Telling.NONE), 8, 10, true),
                lasting(PlanTest.words("b3", Content.Sort.WATER, 3), 3, 3, true),
                lasting(PlanTest.words("b4", Content.Sort.TALK, 3), 3, 3, true));
        int seconds = Plan.of(of(60, blocks), PlanTest.NEEDS).seconds();
        assertEquals(26 * 60 + 17 + 150 + 20 + 15 + 17, seconds);
        Fit fit = Fit.of(of(seconds / 60 - 1, blocks), PlanTest.NEEDS);
        assertEquals(
                List.of("b1", "b3", "b2", "b4"),
                fit.practice().blocks().stream().map(Block::id).toList());
        assertEquals(0, fit.loss(), "nothing is shorter");
        assertEquals("It fits then: water before mill. Nothing would lose less.", FitWords.of(of(60, blocks), fit));
        // For children in the heat it stays where nobody is without it for over seven minutes.
        List<Block> hot = List.of(
                lasting(PlanTest.drill("b1", "weir", 6, Content.Telling.NONE), 6, 6, true),
                lasting(PlanTest.words("b3", Content.Sort.WATER, 3), 3, 3, true),
                lasting(PlanTest.words("b4", Content.Sort.TALK, 5), 5, 5, true),
                lasting(PlanTest.drill("b2", "mill", 2, Content.Telling.NONE), 1, 2, true));
        Practice adults = of(17, hot);
        Practice children = adults.given(adults.setting()
                .with(adults.company().aged(Effort.Level.UNDER_8))
                .in(Practice.Heat.HOT));
        assertEquals(
                "b4", Fit.of(adults, PlanTest.NEEDS).practice().blocks().get(1).id());
        assertEquals(
                "b3",
                Fit.of(children, PlanTest.NEEDS).practice().blocks().get(1).id());
        // Where nobody would have water for half an hour then, it stays, and the mill is shorter.
        List<Block> longer = new ArrayList<>(blocks);
        longer.set(1, lasting(blocks.get(1), 16, 18, true));
        longer.add(3, lasting(PlanTest.words("b5", Content.Sort.FREE, 9), 9, 9, true));
        Fit dry = Fit.of(of(seconds / 60 + 16, longer), PlanTest.NEEDS);
        assertEquals(List.of(16, 4), List.of(minutes(dry, "b2"), dry.loss()));
        assertEquals("b3", dry.practice().blocks().get(2).id());
    }

    @Test
    void mustStaysAndLeastIsKeptEvenWhereItCannotFit() {
        Fit fit = Fit.of(of(20, evening()), PlanTest.NEEDS);
        assertTrue(fit.over() > 0);
        assertEquals(List.of(8, 10, 2), List.of(minutes(fit, "b1"), minutes(fit, "b2"), minutes(fit, "b3")));
        assertEquals(3, fit.practice().blocks().size());
    }

    @Test
    void fromTwentyToEightOn() {
        // 20 minutes late, with an end that stays: nothing is over yet.
        Practice practice = of(60, evening());
        Fit late = Fit.from(practice, PlanTest.NEEDS, 0, 20 * 60);
        assertTrue(Plan.from(late.practice(), PlanTest.NEEDS, 0, 20 * 60).seconds() <= 60 * 60);
        // At the same moment with the first one over there is less to cut.
        Fit begun = Fit.from(practice, PlanTest.NEEDS, 1, 20 * 60);
        assertEquals(12, minutes(begun, "b1"), "what is over stays as it was");
        assertTrue(begun.loss() < late.loss());
    }

    /** Every way of dropping and every minute of each block, tried one by one. */
    @Test
    void noAnswerLosesLess() {
        Random random = new Random(11);
        for (int k = 0; k < 120; k++) {
            List<Block> blocks = new ArrayList<>();
            int n = 2 + random.nextInt(3);
            for (int i = 0; i < n; i++) {
                String drill = random.nextBoolean() ? "weir" : "mill";
                Block block = random.nextInt(3) == 0
                        ? PlanTest.words("b" + i, random.nextBoolean() ? Content.Sort.WATER : Content.Sort.FREE, 5)
                        : PlanTest.drill("b" + i, drill, 5, Content.Telling.values()[random.nextInt(3)]);
                int least = 1 + random.nextInt(5);
                blocks.add(lasting(block, least, least + random.nextInt(5), random.nextInt(2) == 0));
            }
            Practice practice = of(4 + random.nextInt(20), blocks);
            Fit fit = Fit.of(practice, PlanTest.NEEDS);
            int[] best = {Integer.MAX_VALUE, Integer.MAX_VALUE};
            for (List<Block> order : orders(practice.blocks())) {
                everyAnswer(practice.of(order), 0, new ArrayList<>(), 0, best);
            }
            assertEquals(List.of(best[0], best[1]), List.of(fit.over(), fit.loss()), practice.toString());
            holds(practice, fit);
        }
    }

    /** As it is, and with one water elsewhere, but never first or last, and nobody without it for over 20 minutes. */
    private static List<List<Block>> orders(List<Block> blocks) {
        List<List<Block>> orders = new ArrayList<>(List.of(blocks));
        for (int from = 0; from < blocks.size(); from++) {
            for (int to = 1; blocks.get(from).isWater() && to < blocks.size() - 1; to++) {
                List<Block> order = new ArrayList<>(blocks);
                order.add(to, order.remove(from));
                if (dry(order) <= Math.max(20, dry(blocks))) {
                    orders.add(order);
                }
            }
        }
        return orders;
    }

    private static int dry(List<Block> blocks) {
        int[] since = {0};
        return blocks.stream()
                .mapToInt(b -> since[0] = b.isWater() ? 0 : since[0] + b.time().now())
                .max()
                .orElse(0);
    }

    private static void everyAnswer(Practice practice, int at, List<Block> chosen, int loss, int[] best) {
        if (at == practice.blocks().size()) {
            int over = Math.max(
                    0,
                    Plan.of(practice.of(chosen), PlanTest.NEEDS).seconds()
                            - practice.slot().seconds());
            // Where it cannot fit, all is as short as it may be.
            if (over < best[0] || over == best[0] && loss < best[1]) {
                best[0] = over;
                best[1] = loss;
            }
            return;
        }
        Block block = practice.blocks().get(at);
        for (int m = block.time().least(); m <= block.time().now(); m++) {
            chosen.add(block.lasting(block.time().at(m)));
            everyAnswer(practice, at + 1, chosen, loss + (block.time().now() - m) * (block.must() ? 2 : 1), best);
            chosen.remove(chosen.size() - 1);
        }
        if (!block.must()) {
            everyAnswer(practice, at + 1, chosen, loss + block.time().now() + 1, best);
        }
    }

    private static void holds(Practice before, Fit fit) {
        for (Block block : before.blocks()) {
            Optional<Block> now = fit.practice().block(block.id());
            assertTrue(now.isPresent() || !block.must(), "what must be is there");
            now.ifPresent(b -> assertTrue(b.time().now() >= block.time().least()
                    && b.time().now() <= block.time().now()));
        }
    }
}

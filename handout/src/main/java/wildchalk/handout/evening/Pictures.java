package wildchalk.handout.evening;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.evening.Handed;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.ground.Ground;
import wildchalk.core.practice.ground.GroundDrill;
import wildchalk.handout.order.Order;
import wildchalk.handout.order.Played;

/**
 * What there is to be seen of an evening.
 *
 * @param drills by the id of the block, the first rung that is played
 * @param grounds by the id of the block in which several things are side by side, where it is known where they stand
 */
record Pictures(Map<String, Played> drills, Map<String, Played> grounds) {

    static Pictures of(Handed evening) {
        Map<String, Played> drills = new LinkedHashMap<>();
        Map<String, Played> grounds = new LinkedHashMap<>();
        for (Block block : evening.practice().blocks()) {
            for (Block part : block.parts()) {
                evening.drill(part).flatMap(d -> played(d, rung(part, d))).ifPresent(p -> drills.put(part.id(), p));
            }
            ground(evening, block).ifPresent(p -> grounds.put(block.id(), p));
        }
        return new Pictures(drills, grounds);
    }

    private static Optional<Played> ground(Handed evening, Block block) {
        boolean placed = block.content() instanceof Content.Beside b
                && b.stands().size() == b.blocks().size();
        return placed
                ? evening.venue()
                        .flatMap(v -> Ground.of(evening.practice(), block, evening.needs(), v))
                        .map(g -> GroundDrill.of(g, BlockWords.of(block), evening.drills(), 0))
                        .flatMap(d -> played(d, d.ladder().get(0).id()))
                : Optional.empty();
    }

    private static String rung(Block block, Drill drill) {
        Map<String, String> signs = Ladder.signs(drill);
        return block.play()
                .flatMap(p -> p.rungs().stream())
                .filter(signs::containsKey)
                .findFirst()
                .orElse(drill.ladder().get(0).id());
    }

    private static Optional<Played> played(Drill drill, String rung) {
        return Played.of(Order.of(drill).rung(Optional.of(rung))).stream().findFirst();
    }
}

package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import wildchalk.core.check.Finding;
import wildchalk.core.ground.Clash;
import wildchalk.core.ground.Ground;
import wildchalk.core.ground.Laid;
import wildchalk.core.ground.Laying;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Stand;
import wildchalk.core.wording.Wordbook;

/** Whether what stands side by side on the ground leaves room for the others, and nobody and no ball gets into them. */
final class GroundClear implements PracticeCheck {

    /** More at one time nobody reads. */
    private static final int MOST = 3;

    @Override
    public List<Finding<Practice>> of(Worked evening) {
        List<Finding<Practice>> found = new ArrayList<>();
        for (Plan.Entry entry : evening.plan().entries()) {
            evening.around()
                    .venue()
                    .flatMap(v -> Ground.of(evening.practice(), entry.block(), evening.needs(), v))
                    .ifPresent(g -> entry(evening, entry, g, found));
        }
        return found;
    }

    private static void entry(Worked evening, Plan.Entry entry, Ground ground, List<Finding<Practice>> found) {
        Map<String, Stand> stands = entry.block().content() instanceof Content.Beside b ? b.stands() : Map.of();
        if (stands.isEmpty()) {
            return;
        }
        Optional<Laid> unplaced =
                ground.laid().stream().filter(l -> !stands.containsKey(l.id())).findFirst();
        if (unplaced.isPresent()) {
            Laid one = unplaced.orElseThrow();
            found.add(Found.at(
                    entry,
                    one.id(),
                    "ground.unplaced",
                    Finding.Weight.COULD_BE_BETTER,
                    Said.of("ground.unplaced", BlockWords.of(one.block())),
                    anew(entry.block(), Laying.out(ground, evening.needs()))));
            return;
        }
        Map<String, Block> blocks =
                ground.laid().stream().map(Laid::block).collect(Collectors.toMap(Block::id, Function.identity()));
        ground.clashes().stream()
                .limit(MOST)
                .forEach(c -> found.add(new Finding<>(
                        "ground." + Wordbook.key(c.kind()),
                        c.kind() == Clash.Kind.BEYOND ? Finding.Weight.WILL_NOT_WORK : Finding.Weight.COULD_HURT,
                        words(c, ground, blocks),
                        c.other().isEmpty() ? List.of(c.one()) : List.of(c.one(), c.other()),
                        Optional.of(new Finding.Span(entry.start(), entry.end())),
                        apart(entry.block(), ground, c, evening))));
    }

    private static String words(Clash clash, Ground ground, Map<String, Block> blocks) {
        return Said.of(
                "ground." + Wordbook.key(clash.kind()),
                BlockWords.of(blocks.get(clash.one())),
                clash.other().isEmpty() ? "" : BlockWords.of(blocks.get(clash.other())),
                Said.metres(clash.metres()),
                Said.metres(ground.free()));
    }

    private static List<Finding.Mend<Practice>> apart(Block block, Ground ground, Clash clash, Worked evening) {
        Optional<Ground> apart = Laying.apart(ground, clash, evening.needs());
        List<Laid> moved = apart.map(a -> a.laid().stream()
                        .filter(l -> !ground.laid().contains(l))
                        .toList())
                .orElse(List.of());
        if (moved.size() != 1) {
            return anew(block, apart);
        }
        Laid one = moved.get(0);
        Stand before = ground.laid(one.id()).orElseThrow().stand();
        double metres = before.at().distance(one.stand().at());
        String key = before.degrees() == one.stand().degrees() ? "ground.mend.move" : "ground.mend.turn";
        return List.of(Found.mend(
                Said.of(key, BlockWords.of(one.block()), Said.metres(metres)),
                PracticeEdits.stand(block, apart.orElseThrow().stands())));
    }

    private static List<Finding.Mend<Practice>> anew(Block block, Optional<Ground> laid) {
        List<Finding.Mend<Practice>> mends = new ArrayList<>();
        laid.ifPresent(g -> mends.add(Found.mend(Said.of("ground.mend.anew"), PracticeEdits.stand(block, g.stands()))));
        if (mends.isEmpty()) {
            mends.addAll(Found.less(block));
        }
        return mends;
    }
}

package wildchalk.core.practice.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.check.Finding;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.BlockWords;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Plan;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.PracticeEdits;
import wildchalk.core.practice.Stand;
import wildchalk.core.practice.ground.Clash;
import wildchalk.core.practice.ground.Ground;
import wildchalk.core.practice.ground.Laid;
import wildchalk.core.practice.ground.Laying;
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
        Mending mending = new Mending(entry.block(), ground, evening.needs());
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
                    mending.anew()));
            return;
        }
        ground.clashes().stream()
                .limit(MOST)
                .forEach(c -> found.add(new Finding<>(
                        "ground." + Wordbook.key(c.kind()),
                        c.kind() == Clash.Kind.BEYOND ? Finding.Weight.WILL_NOT_WORK : Finding.Weight.COULD_HURT,
                        words(c, ground),
                        c.other().isEmpty() ? List.of(c.one()) : List.of(c.one(), c.other()),
                        Optional.of(new Finding.Span(entry.start(), entry.end())),
                        mending.of(c))));
    }

    private static String words(Clash clash, Ground ground) {
        return Said.of(
                "ground." + Wordbook.key(clash.kind()),
                called(ground, clash.one()),
                called(ground, clash.other()),
                Said.metres(clash.metres()),
                Said.metres(ground.free()));
    }

    private static String called(Ground ground, String id) {
        return ground.laid(id).map(l -> BlockWords.of(l.block())).orElse("");
    }

    /** What would mend it. To lay all of it out takes longest: once is enough for whatever is found. */
    private static final class Mending {

        private final Block block;
        private final Ground ground;
        private final KnownNeeds needs;
        private Optional<List<Finding.Mend<Practice>>> anew = Optional.empty();

        Mending(Block block, Ground ground, KnownNeeds needs) {
            this.block = block;
            this.ground = ground;
            this.needs = needs;
        }

        List<Finding.Mend<Practice>> of(Clash clash) {
            return Laying.apart(ground, clash).map(this::moved).orElseGet(this::anew);
        }

        private List<Finding.Mend<Practice>> moved(Ground apart) {
            Laid one = apart.laid().stream()
                    .filter(l -> !ground.laid().contains(l))
                    .findFirst()
                    .orElseThrow();
            Stand before = ground.laid(one.id()).orElseThrow().stand();
            double metres = before.at().distance(one.stand().at());
            String key = before.degrees() == one.stand().degrees() ? "ground.mend.move" : "ground.mend.turn";
            return List.of(Found.mend(
                    Said.of(key, BlockWords.of(one.block()), Said.metres(metres)),
                    PracticeEdits.stand(block, apart.stands())));
        }

        List<Finding.Mend<Practice>> anew() {
            if (anew.isEmpty()) {
                anew = Optional.of(Laying.out(ground, needs)
                        .map(g -> List.of(
                                Found.mend(Said.of("ground.mend.anew"), PracticeEdits.stand(block, g.stands()))))
                        .orElseGet(() -> Found.less(block)));
            }
            return anew.orElseThrow();
        }
    }
}

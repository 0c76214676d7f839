package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.wording.Wordbook;

/** What is another in an evening that was made to fit, in a sentence. */
public final class FitWords {

    private static final Wordbook BOOK = Wordbook.beside(FitWords.class, "Fit");
    private static final int MINUTE = 60;

    private FitWords() {}

    /** "It fits then: Turnstile: 13 min instead of 18, water before Skylark. Nothing would lose less." */
    public static String of(Practice before, Fit fit) {
        if (fit.over() > 0) {
            return BOOK.say("over", (fit.over() + MINUTE - 1) / MINUTE);
        }
        List<String> parts = new ArrayList<>();
        for (Block block : before.blocks()) {
            Optional<Block> now = fit.practice().block(block.id());
            if (now.isEmpty()) {
                parts.add(BOOK.say("gone", BlockWords.of(block)));
            } else if (now.get().time().now() != block.time().now()) {
                parts.add(BOOK.say(
                        "shorter",
                        BlockWords.of(block),
                        now.get().time().now(),
                        block.time().now()));
            }
        }
        moved(before, fit.practice()).ifPresent(parts::add);
        return parts.isEmpty() ? BOOK.say("nothing") : BOOK.say("lost", String.join(BOOK.say("comma"), parts));
    }

    /** Water that is somewhere else than before; it is never the last. */
    private static Optional<String> moved(Practice before, Practice after) {
        List<String> left = before.blocks().stream()
                .map(Block::id)
                .filter(id -> after.block(id).isPresent())
                .toList();
        List<String> now = after.blocks().stream().map(Block::id).toList();
        return after.blocks().stream()
                .filter(b -> b.isWater() && left.indexOf(b.id()) != now.indexOf(b.id()))
                .map(b -> now.indexOf(b.id()) + 1)
                .filter(next -> next < now.size())
                .findFirst()
                .map(next -> BOOK.say("water", BlockWords.of(after.blocks().get(next))));
    }
}

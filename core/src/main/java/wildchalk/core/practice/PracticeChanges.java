package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.wording.Wordbook;

/** What is another in a practice than before, in a coach's words. */
public final class PracticeChanges {

    private static final Wordbook BOOK = Wordbook.beside(PracticeChanges.class, "Changes");

    private PracticeChanges() {}

    /** A line for each thing that is another; empty when nothing is. */
    public static List<String> of(Practice before, Practice after) {
        List<String> all = new ArrayList<>();
        if (!before.title().equals(after.title())) {
            all.add(BOOK.say("title", after.title()));
        }
        if (!before.slot().equals(after.slot())) {
            all.add(BOOK.say(
                    "slot",
                    after.slot().start().toString(),
                    after.slot().at(after.slot().seconds()).toString()));
        }
        if (!before.surface().equals(after.surface())) {
            all.add(BOOK.say("surface"));
        }
        if (!before.setting().ground().equals(after.setting().ground())
                || !before.setting().part().equals(after.setting().part())) {
            all.add(BOOK.say("ground"));
        }
        if (before.setting().changes() != after.setting().changes()) {
            all.add(BOOK.say("changes.take", after.setting().changes()));
        }
        if (before.setting().heat() != after.setting().heat()) {
            all.add(BOOK.say("heat"));
        }
        if (!before.theme().equals(after.theme())) {
            all.add(BOOK.say("theme", after.theme()));
        }
        if (!before.company().equals(after.company())) {
            all.add(BOOK.say(
                    "company", after.company().people(), after.company().staff()));
        }
        if (!before.setting().warned().equals(after.setting().warned())) {
            all.add(BOOK.say("warned"));
        }
        if (!before.bag().equals(after.bag())) {
            all.add(BOOK.say("bag"));
        }
        blocks(before, after, all);
        return all;
    }

    private static void blocks(Practice before, Practice after, List<String> all) {
        after.blocks().stream()
                .filter(b -> before.block(b.id()).isEmpty())
                .forEach(b -> all.add(BOOK.say("added", BlockWords.of(b))));
        before.blocks().stream()
                .filter(b -> after.block(b.id()).isEmpty())
                .forEach(b -> all.add(BOOK.say("gone", BlockWords.of(b))));
        for (Block block : after.blocks()) {
            Optional<Block> was = before.block(block.id()).filter(b -> !b.equals(block));
            was.ifPresent(b -> all.add(
                    b.time().now() == block.time().now()
                            ? BOOK.say("changed", BlockWords.of(block))
                            : BOOK.say(
                                    "minutes",
                                    BlockWords.of(block),
                                    block.time().now(),
                                    b.time().now())));
        }
        if (!kept(before, after).equals(kept(after, before))) {
            all.add(BOOK.say("order"));
        }
    }

    /** The ids of blocks that are in both, in the order of the first. */
    private static List<String> kept(Practice one, Practice other) {
        return one.blocks().stream()
                .map(Block::id)
                .filter(id -> other.blocks().stream().anyMatch(b -> b.id().equals(id)))
                .toList();
    }
}

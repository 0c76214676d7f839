package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import wildchalk.core.document.Edit;
import wildchalk.core.wording.Wordbook;

/** What can be done to a practice, each under the name that undo has for it. */
public final class PracticeEdits {

    private static final Wordbook BOOK = Wordbook.beside(PracticeEdits.class, "Edits");

    private PracticeEdits() {}

    static String words(String key, Object... values) {
        return BOOK.say(key, values);
    }

    private static Edit<Practice> edit(String name, UnaryOperator<Practice> change) {
        return new Edit<>(name, change);
    }

    /** A block more; its id is given by the practice. */
    public static Edit<Practice> add(int at, Block block) {
        return edit(words("add", BlockWords.of(block)), p -> p.with(at, numbered(p, block)));
    }

    /** Those side by side get ids too. */
    private static Block numbered(Practice practice, Block block) {
        if (!(block.content() instanceof Content.Beside b)) {
            return block;
        }
        return block.being(b.numbered(IntStream.rangeClosed(1, b.blocks().size())
                .mapToObj(n -> practice.nextId() + "." + n)
                .toList()));
    }

    /** Groups go round what is side by side, or stay; empty for staying. Whoever has no group yet is given one. */
    public static Edit<Practice> goRound(Block block, Optional<Content.Round> round) {
        return edit(
                words(round.isPresent() ? "round" : "round.none", BlockWords.of(block)),
                p -> p.changing(
                        block.id(),
                        b -> b.content() instanceof Content.Beside beside ? b.being(gone(beside, round)) : b));
    }

    private static Content.Beside gone(Content.Beside beside, Optional<Content.Round> round) {
        List<Block> parts = new ArrayList<>();
        for (Block part : beside.blocks()) {
            parts.add(part.group() == 0 && round.isPresent() ? part.forGroup(parts.size() + 1) : part);
        }
        return beside.of(parts).going(round);
    }

    /** A block goes; of several side by side the others stay. */
    public static Edit<Practice> remove(Block block) {
        return edit(words("remove", BlockWords.of(block)), p -> without(p, block.id()));
    }

    private static Practice without(Practice practice, String block) {
        List<Block> left = new ArrayList<>();
        for (Block each : practice.blocks()) {
            if (each.id().equals(block)) {
                continue;
            }
            left.add(each.content() instanceof Content.Beside b ? thinned(each, b, block) : each);
        }
        return practice.of(left);
    }

    private static Block thinned(Block block, Content.Beside beside, String gone) {
        List<Block> parts =
                beside.blocks().stream().filter(b -> !b.id().equals(gone)).toList();
        return parts.size() == 1 ? parts.get(0).lasting(block.time()) : block.being(beside.of(parts));
    }

    /** A block goes to another place: before the one that is there now, after all for one behind the last. */
    public static Edit<Practice> move(Block block, int to) {
        return edit(words("move", BlockWords.of(block)), p -> {
            List<Block> all = new ArrayList<>(p.blocks());
            int from = p.place(block.id());
            if (from < 0 || !all.get(from).id().equals(block.id())) {
                return p;
            }
            Block moved = all.remove(from);
            all.add(Math.max(0, Math.min(all.size(), to > from ? to - 1 : to)), moved);
            return p.of(all);
        });
    }

    /** A block lasts as long as it was pulled; its least and most give way. */
    public static Edit<Practice> last(Block block, int minutes) {
        return edit(
                words("last", BlockWords.of(block), minutes),
                p -> p.changing(block.id(), b -> b.lasting(b.time().pulled(minutes))));
    }

    /** A block is another; its id stays. */
    public static Edit<Practice> change(Block block) {
        return edit(words("change", BlockWords.of(block)), p -> p.changing(block.id(), b -> block));
    }

    /** A block has to be, or is nice to have. */
    public static Edit<Practice> having(Block block, boolean must) {
        return edit(
                words(must ? "must" : "nice", BlockWords.of(block)), p -> p.changing(block.id(), b -> b.having(must)));
    }

    /** What comes before a block takes as long as the coach says, or as it is worked out again. */
    public static Edit<Practice> after(Block block, OptionalInt seconds) {
        return edit(words("before", BlockWords.of(block)), p -> p.changing(block.id(), b -> b.after(seconds)));
    }

    /** The same block once more, after itself. */
    public static Edit<Practice> again(Block block) {
        return edit(words("again", BlockWords.of(block)), p -> p.with(p.place(block.id()) + 1, numbered(p, block)));
    }

    /** A block goes on at the same time as another, for as long as that; groups are given in turn. */
    public static Edit<Practice> beside(Block block, Block other) {
        return edit(words("beside", BlockWords.of(block), BlockWords.of(other)), p -> {
            Practice left = without(p, block.id());
            List<Block> parts =
                    new ArrayList<>(left.block(other.id()).orElse(other).parts());
            parts.addAll(block.parts());
            List<Block> grouped = new ArrayList<>();
            for (int i = 0; i < parts.size(); i++) {
                grouped.add(parts.get(i).forGroup(i + 1));
            }
            boolean more = other.content() instanceof Content.Beside;
            Block together = other.withId(more ? other.id() : left.nextId())
                    .forGroup(0)
                    .led("")
                    .being(more(other).of(grouped));
            Practice counted = more ? left : left.counting(left.ids() + 1);
            return counted.changing(other.id(), b -> together);
        });
    }

    private static Content.Beside more(Block block) {
        return block.content() instanceof Content.Beside b ? b : new Content.Beside(block.parts());
    }

    /** What is side by side stands where it is said to, by ids of blocks. */
    public static Edit<Practice> stand(Block block, Map<String, Stand> stands) {
        return edit(
                words("stand", BlockWords.of(block)),
                p -> p.changing(
                        block.id(),
                        b -> b.content() instanceof Content.Beside beside ? b.being(beside.on(stands)) : b));
    }

    /** It has this part of the surface. */
    public static Edit<Practice> on(GroundPart part) {
        return edit(words("part"), p -> p.given(p.setting().on(part)));
    }

    /** Those side by side come one after another, everybody in each. */
    public static Edit<Practice> apart(Block block) {
        return edit(words("apart", BlockWords.of(block)), p -> {
            List<Block> all = new ArrayList<>();
            for (Block each : p.blocks()) {
                if (each.id().equals(block.id())) {
                    each.parts().forEach(b -> all.add(b.forGroup(0)));
                } else {
                    all.add(each);
                }
            }
            return p.of(all);
        });
    }

    /** It is at another time. */
    public static Edit<Practice> in(Slot slot) {
        return edit(words("slot"), p -> p.in(slot));
    }

    /** It is somewhere else. */
    public static Edit<Practice> on(String surface, String ground) {
        return edit(words("ground"), p -> p.on(surface).given(p.setting().on(ground)));
    }

    /** Others come. */
    public static Edit<Practice> given(Company company) {
        return edit(words("company"), p -> p.given(p.setting().with(company)));
    }

    /** There is other gear. */
    public static Edit<Practice> given(Bag bag) {
        return edit(words("bag"), p -> p.given(p.setting().with(bag)));
    }

    /** The ends of parts are heard otherwise when it is run. */
    public static Edit<Practice> warn(Practice.Warned warned) {
        return edit(words("warned"), p -> p.given(p.setting().warning(warned)));
    }

    /** Changes take so often as long as is worked out, within what can be. */
    public static Edit<Practice> changes(double times) {
        double most = Practice.Setting.MOST_CHANGES;
        double within = Math.max(1 / most, Math.min(most, times));
        return edit(words("changes"), p -> p.given(p.setting().changing(within)));
    }

    /** It is as warm as that. */
    public static Edit<Practice> in(Practice.Heat heat) {
        return edit(words("heat"), p -> p.given(p.setting().in(heat)));
    }

    /** It is about something else. */
    public static Edit<Practice> about(String theme) {
        return edit(words("theme"), p -> p.about(theme));
    }

    /** It is called otherwise. */
    public static Edit<Practice> rename(String title) {
        return edit(words("rename"), p -> p.withTitle(title));
    }

    /** It is made to fit as it was shown. */
    public static Edit<Practice> fit(Practice fitted) {
        return edit(words("fit"), p -> p.in(fitted.slot()).of(fitted.blocks()));
    }

    /** It is as somebody sent it back. */
    public static Edit<Practice> cameBack(Practice theirs) {
        return edit(words("came.back"), p -> theirs.withId(p.id()));
    }

    /** It is as it was in an old version. */
    public static Edit<Practice> bring(Practice old) {
        return edit(words("bring"), p -> old.withId(p.id()));
    }
}

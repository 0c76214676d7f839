package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.document.Document;

/**
 * A practice.
 *
 * @param ids the highest number that was given to anything in it, so that none is given twice
 * @param slot when
 * @param surface id of the surface of the ground; empty where nothing is said
 * @param theme what it is about, in words; may be empty
 * @param setting who and what there is
 * @param blocks one after another
 */
public record Practice(
        String id, String title, int ids, Slot slot, String surface, String theme, Setting setting, List<Block> blocks)
        implements Document<Practice> {

    /** Who and what there is. */
    public record Setting(Company company, Bag bag) {

        /** Nothing is said of it. */
        public static final Setting UNSAID = new Setting(Company.UNSAID, Bag.UNCOUNTED);
    }

    private static final String ID = "b";

    public Practice {
        blocks = List.copyOf(blocks);
    }

    /** One without blocks. */
    public static Practice empty(String id, String title, Slot slot) {
        return new Practice(id, title, 0, slot, "", "", Setting.UNSAID, List.of());
    }

    /** Who is expected. */
    public Company company() {
        return setting.company();
    }

    /** What there is to set out. */
    public Bag bag() {
        return setting.bag();
    }

    /** The block with this id, one of several side by side among them. */
    public Optional<Block> block(String block) {
        return blocks.stream()
                .flatMap(Block::all)
                .filter(b -> b.id().equals(block))
                .findFirst();
    }

    /** The same with other blocks, whose ids were given. */
    public Practice of(List<Block> newBlocks) {
        return new Practice(id, title, ids, slot, surface, theme, setting, newBlocks);
    }

    /** The same with one more block; its id is given here. */
    public Practice with(int at, Block block) {
        List<Block> all = new ArrayList<>(blocks);
        String given = ID + (ids + 1);
        all.add(
                Math.max(0, Math.min(at, all.size())),
                new Block(
                        given, block.content(), block.time(), block.must(), block.group(), block.lead(), block.note()));
        return new Practice(id, title, ids + 1, slot, surface, theme, setting, all);
    }

    /** The same in another slot. */
    public Practice in(Slot newSlot) {
        return new Practice(id, title, ids, newSlot, surface, theme, setting, blocks);
    }

    /** The same with others there, or another bag. */
    public Practice given(Setting newSetting) {
        return new Practice(id, title, ids, slot, surface, theme, newSetting, blocks);
    }

    /** The same on another ground. */
    public Practice on(String newSurface) {
        return new Practice(id, title, ids, slot, newSurface, theme, setting, blocks);
    }

    /** The same about something else. */
    public Practice about(String newTheme) {
        return new Practice(id, title, ids, slot, surface, newTheme, setting, blocks);
    }

    @Override
    public Practice withId(String newId) {
        return new Practice(newId, title, ids, slot, surface, theme, setting, blocks);
    }

    @Override
    public Practice withTitle(String newTitle) {
        return new Practice(id, newTitle, ids, slot, surface, theme, setting, blocks);
    }

    @Override
    public Practice following(Practice before) {
        return counting(Math.max(ids, before.ids));
    }

    @Override
    public boolean isLike(Practice other) {
        return counting(0).equals(other.counting(0));
    }

    private Practice counting(int given) {
        return new Practice(id, title, given, slot, surface, theme, setting, blocks);
    }
}

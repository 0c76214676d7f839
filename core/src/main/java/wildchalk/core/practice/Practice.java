package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wildchalk.core.check.Typical;
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

    /**
     * Who and what there is.
     *
     * @param ground what the place is called, such as "far pitch, the left half"; may be empty
     * @param warned how the end of a part is heard when it is run
     * @param part what part of the surface there is
     * @param changes how often as long changes take as is worked out: learned of evenings that ran by the clock, 1
     *     where nothing is known, 0.25 to 4
     */
    public record Setting(
            Company company, Bag bag, String ground, Heat heat, Warned warned, GroundPart part, double changes) {

        /** Less or more often no changes take, whatever was measured. */
        public static final double MOST_CHANGES = 4;

        public Setting {
            if (!(changes >= 1 / MOST_CHANGES && changes <= MOST_CHANGES)) {
                throw new IllegalArgumentException("changes=" + changes);
            }
        }

        /** One on all of the surface in which the ends of parts are heard as usual. */
        public Setting(Company company, Bag bag, String ground, Heat heat) {
            this(company, bag, ground, heat, Warned.USUAL, GroundPart.WHOLE, 1);
        }

        /** Nothing is said of it. */
        public static final Setting UNSAID = new Setting(Company.UNSAID, Bag.UNCOUNTED, "", Heat.MILD);

        /** The same with others. */
        public Setting with(Company other) {
            return new Setting(other, bag, ground, heat, warned, part, changes);
        }

        /** The same with another bag. */
        public Setting with(Bag other) {
            return new Setting(company, other, ground, heat, warned, part, changes);
        }

        /** The same somewhere else. */
        public Setting on(String otherGround) {
            return new Setting(company, bag, otherGround, heat, warned, part, changes);
        }

        /** The same in other weather. */
        public Setting in(Heat other) {
            return new Setting(company, bag, ground, other, warned, part, changes);
        }

        /** The same on another part of the surface. */
        public Setting on(GroundPart other) {
            return new Setting(company, bag, ground, heat, warned, other, changes);
        }

        /** The same, its ends heard otherwise. */
        public Setting warning(Warned other) {
            return new Setting(company, bag, ground, heat, other, part, changes);
        }

        /** The same, with changes that take so often as long. */
        public Setting changing(double times) {
            return new Setting(company, bag, ground, heat, warned, part, times);
        }
    }

    /**
     * How the end of a part is heard when a practice is run.
     *
     * @param seconds before the end at which there is a warning; 0 for none
     * @param ticks whether the last seconds are heard
     * @param horn whether the end of a block is
     */
    public record Warned(int seconds, boolean ticks, boolean horn) {

        /** Longer before the end nobody is warned, seconds. */
        public static final int MOST = 300;

        /** Half a minute before the end, and at it. */
        public static final Warned USUAL = new Warned(30, true, true);

        public Warned {
            if (seconds < 0 || seconds > MOST) {
                throw new IllegalArgumentException("seconds=" + seconds);
            }
        }
    }

    /** How warm it is: how often there must be water depends on it. */
    public enum Heat {
        MILD,
        WARM,
        HOT;

        /** The same for what is typical. */
        public Typical.Warmth warmth() {
            return Typical.Warmth.valueOf(name());
        }
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
        all.add(Math.max(0, Math.min(at, all.size())), block.withId(ID + (ids + 1)));
        return counting(ids + 1).of(all);
    }

    /** The same with something done to a block, which may be one of several side by side. */
    public Practice changing(String block, UnaryOperator<Block> change) {
        return of(blocks.stream().map(b -> changed(b, block, change)).toList());
    }

    private static Block changed(Block block, String id, UnaryOperator<Block> change) {
        if (block.id().equals(id)) {
            return change.apply(block);
        }
        return block.content() instanceof Content.Beside b
                ? block.being(b.of(
                        b.blocks().stream().map(p -> changed(p, id, change)).toList()))
                : block;
    }

    /** The same with its drills, those side by side too, as they are planned otherwise. */
    public Practice planning(UnaryOperator<Content.Planned> how) {
        return of(blocks.stream().map(b -> b.planning(how)).toList());
    }

    /** Where a block stands among those that come one after another, from 0; -1 for one that is not there. */
    public int place(String block) {
        for (int i = 0; i < blocks.size(); i++) {
            if (blocks.get(i).all().anyMatch(b -> b.id().equals(block))) {
                return i;
            }
        }
        return -1;
    }

    /** The id that is given to the next block. */
    String nextId() {
        return ID + (ids + 1);
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

    /** The same without somebody's name in any of its words. */
    public Practice silentOf(String name) {
        UnaryOperator<String> silent = w -> w.replace(name, "\u2026");
        return new Practice(
                id,
                silent.apply(title),
                ids,
                slot,
                surface,
                silent.apply(theme),
                setting.on(silent.apply(setting.ground())),
                blocks.stream().map(b -> b.silent(silent)).toList());
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

    Practice counting(int given) {
        return new Practice(id, title, given, slot, surface, theme, setting, blocks);
    }
}

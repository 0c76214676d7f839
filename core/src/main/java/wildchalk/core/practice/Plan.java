package wildchalk.core.practice;

import java.util.ArrayList;
import java.util.List;

/**
 * A practice along the clock: when each block begins and ends, and what comes before it. The times add up: each begins
 * when what comes before it is done.
 *
 * @param entries in order
 */
public record Plan(List<Entry> entries) {

    private static final int MINUTE = 60;

    /**
     * A block.
     *
     * @param before what comes before it
     * @param start seconds after the start of the slot
     * @param end seconds after the start of the slot
     */
    public record Entry(Block block, Change before, int start, int end) {}

    public Plan {
        entries = List.copyOf(entries);
    }

    /** Works a practice out as it is planned. */
    public static Plan of(Practice practice, KnownNeeds needs) {
        return from(practice, needs, 0, 0);
    }

    /**
     * Works out what is left of a practice.
     *
     * @param done how many blocks are over: they are not in it
     * @param now seconds after the start of the slot at which what comes before the next one begins
     */
    public static Plan from(Practice practice, KnownNeeds needs, int done, int now) {
        Changing changing = new Changing(
                practice.company(), practice.bag(), practice.setting().changes(), needs);
        List<Entry> entries = new ArrayList<>();
        Changing.Standing before = Changing.Standing.after(practice.blocks().subList(0, done));
        int t = now;
        for (Block block : practice.blocks().subList(done, practice.blocks().size())) {
            Change change = changing.between(before, block);
            int start = t + change.seconds();
            t = start + block.time().now() * MINUTE;
            entries.add(new Entry(block, change, start, t));
            before = before.after(block);
        }
        return new Plan(entries);
    }

    /** Seconds from the start of the slot to the end of the last block. */
    public int seconds() {
        return entries.isEmpty() ? 0 : entries.get(entries.size() - 1).end();
    }

    /** Seconds of what comes between blocks, all together. */
    public int between() {
        return entries.stream().mapToInt(e -> e.before().seconds()).sum();
    }
}

package wildchalk.core.rehearsal;

import java.util.Comparator;
import java.util.PriorityQueue;
import wildchalk.core.drill.Cue;

/**
 * What is still to come, in order of time; at one moment balls arrive first, then marks are passed, actions end, leave
 * and start.
 */
final class Agenda {

    enum Kind {
        /** A ball comes off a wall. */
        BANK,
        ARRIVAL,
        /** Somebody has come so far along a path. */
        MARK,
        /** A body has turned. */
        TURN,
        END,
        RELEASE,
        START,
        /** A start before an arrival or end that was foreseen. */
        EARLY_START
    }

    /**
     * @param cued the moment that set the action off
     * @param version an entry made out of date by a newer one for the same action is told by it
     * @param moment what happens with it; null for most
     */
    record Entry(double time, Kind kind, int order, String action, double cued, int version, Cue.Trigger moment) {}

    private final PriorityQueue<Entry> queue = new PriorityQueue<>(
            Comparator.comparingDouble(Entry::time).thenComparing(Entry::kind).thenComparingInt(Entry::order));

    void add(Entry entry) {
        queue.add(entry);
    }

    /** When the next entry is due; infinitely late when there is none. */
    double due() {
        return queue.isEmpty() ? Double.POSITIVE_INFINITY : queue.peek().time();
    }

    Entry next() {
        return queue.poll();
    }
}

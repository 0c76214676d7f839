package wildchalk.core.rehearsal;

import java.util.Comparator;
import java.util.PriorityQueue;

/** What is still to come, in order of time; at one moment balls arrive first, then actions end, leave and start. */
final class Agenda {

    enum Kind { ARRIVAL, END, RELEASE, START }

    /**
     * @param cued the moment that set the action off
     * @param version an entry made out of date by a newer one for the same action is told by it
     */
    record Entry(double time, Kind kind, int order, String action, double cued, int version) {
    }

    private final PriorityQueue<Entry> queue = new PriorityQueue<>(Comparator.comparingDouble(Entry::time)
            .thenComparing(Entry::kind).thenComparingInt(Entry::order));

    void add(Entry entry) {
        queue.add(entry);
    }

    Entry next() {
        return queue.poll();
    }
}

package wildchalk.desktop.pitchside;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wildchalk.core.pitchside.Briefing;
import wildchalk.core.pitchside.Deed;
import wildchalk.core.pitchside.tally.Tally;
import wildchalk.core.score.Counter;
import wildchalk.core.score.Scoring;

/**
 * What one key counts.
 *
 * @param digit 1 to 9; 0 where there are no more keys
 */
record CountKey(int digit, Briefing.Group side, Counter counter) {

    /** So many keys there are. */
    static final int KEYS = 9;

    /** A key for every counter of every side; what is timed has none of its own. */
    static List<CountKey> of(Scoring scoring, List<Briefing.Group> sides) {
        List<CountKey> keys = new ArrayList<>();
        for (Counter counter : scoring.counters()) {
            if (counter.way() == Counter.Way.TIMED) {
                continue;
            }
            for (Briefing.Group side : sides) {
                int next = keys.size() + 1;
                keys.add(new CountKey(next <= KEYS ? next : 0, side, counter));
            }
        }
        return keys;
    }

    static Optional<CountKey> of(RunState state, int digit) {
        return state.scoring().flatMap(s -> of(s, state.sides()).stream()
                .filter(k -> k.digit() == digit)
                .findFirst());
    }

    /** Whether a miss counts too. */
    boolean canMiss() {
        return counter.way() != Counter.Way.EACH;
    }

    /** "coral: far half, +3". */
    String words() {
        String worth =
                counter.worth() == 1 ? "" : RunWords.say("worth", (counter.worth() > 0 ? "+" : "") + counter.worth());
        String after = counter.after().isEmpty() ? "" : RunWords.say("only.after", counter.after());
        return (side.name().isEmpty() ? "" : RunWords.say("for", side.name())) + counter.words() + worth + after;
    }

    /** Whether one more would count now: what it must follow has been done. */
    boolean counts(RunState state) {
        return state.counting()
                .flatMap(b -> state.scoring().map(s -> Tally.wouldCount(s, side.key(), counter, state.run(), b.id())))
                .orElse(true);
    }

    /** Counts one more, or a miss. */
    void count(RunState state, boolean missed) {
        if (!missed && !counts(state)) {
            return;
        }
        state.doing(new Deed.Counted(counter.id(), side.key(), missed ? -1 : 1));
    }
}

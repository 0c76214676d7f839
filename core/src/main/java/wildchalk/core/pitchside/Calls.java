package wildchalk.core.pitchside;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wildchalk.core.call.Call;
import wildchalk.core.call.Caller;
import wildchalk.core.call.Calling;

/**
 * What is called in a block, and what was.
 *
 * @param calling what is said of it
 * @param may what may be called
 * @param called what was called, the last one last
 */
public record Calls(Calling calling, List<Call> may, List<Call> called) {

    /**
     * What there is to call.
     *
     * @param colours words for the colours that are out
     * @param players what those are called who play
     * @param codes calls of several figures
     */
    public record Known(List<String> colours, List<String> players, List<String> codes) {

        /** Nothing but words. */
        public static final Known NOTHING = new Known(List.of(), List.of(), List.of());

        public Known {
            colours = List.copyOf(colours);
            players = List.copyOf(players);
            codes = List.copyOf(codes);
        }
    }

    public Calls {
        may = List.copyOf(may);
        called = List.copyOf(called);
    }

    /**
     * Those of a block of a run; empty where there is nothing that could be called.
     *
     * @param known what there is to call
     */
    public static Optional<Calls> of(Calling calling, Known known, Run run, String block) {
        List<Call> may = calling.calls(known.colours(), known.players(), known.codes());
        List<Call> called = run.done(block, Deed.Called.class).stream()
                .flatMap(d -> may.stream().filter(c -> c.word().equals(d.what())))
                .toList();
        return may.isEmpty() ? Optional.empty() : Optional.of(new Calls(calling, may, called));
    }

    /** What is called next. */
    public Call next(long seed) {
        return Caller.next(may, calling.rules(), called, seed);
    }

    /** How often each was called: "inside 4, outside 5". */
    public Map<String, Integer> often() {
        return Caller.often(may, called);
    }
}

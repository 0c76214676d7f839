package wildchalk.core.call;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * Chooses what is called, a round at a time, so that all rules hold within it and across from the round before. Where
 * no order keeps to all of them, that of the directions gives way first, then that of how often; those of jumps and of
 * the same one running never do.
 */
public final class Caller {

    /** Calls of a round in which it is left to chance how often each comes, for each that may come. */
    private static final int FREE = 3;
    /** So many steps are tried before a rule gives way. */
    private static final int TRIES = 20_000;

    private final List<Call> calls;
    private final CallRules rules;
    private final Random random;
    private int steps;

    private Caller(List<Call> calls, CallRules rules, long seed) {
        this.calls = calls;
        this.rules = rules;
        this.random = new Random(seed);
    }

    /**
     * A round.
     *
     * @param calls in the order in which they are called
     * @param kept the rules that hold in it
     */
    public record Round(List<Call> calls, CallRules kept) {
        public Round {
            calls = List.copyOf(calls);
        }
    }

    /**
     * The next round.
     *
     * @param calls what may be called, at least one, each with another word
     * @param before what was called before it, the last one last
     * @param seed of the chance: the same gives the same
     */
    public static Round round(List<Call> calls, CallRules rules, List<Call> before, long seed) {
        for (CallRules kept :
                List.of(rules, rules.bothWays(false), rules.bothWays(false).each(0))) {
            List<Call> round = new ArrayList<>();
            if (new Caller(calls, kept, seed).search(round, before, length(calls, kept))) {
                return new Round(round, kept);
            }
        }
        // Nothing can follow what was called last: it begins as if nothing had been.
        return before.isEmpty()
                ? new Round(calls.subList(0, 1), rules.bothWays(false).each(0))
                : round(calls, rules, List.of(), seed);
    }

    /**
     * What is called next. It depends on what was called alone: taken back and called again, it is the same.
     *
     * @param calls what may be called, at least one, each with another word
     * @param called what was called by now, the last one last
     * @param seed of the chance of an evening
     */
    public static Call next(List<Call> calls, CallRules rules, List<Call> called, long seed) {
        int length = length(calls, rules);
        int begun = called.size() / length * length;
        List<Call> round =
                round(calls, rules, called.subList(0, begun), seed + begun).calls();
        return round.get((called.size() - begun) % round.size());
    }

    private static int length(List<Call> calls, CallRules rules) {
        return calls.size() * (rules.each() == 0 ? FREE : rules.each());
    }

    private boolean search(List<Call> round, List<Call> before, int length) {
        if (round.size() == length) {
            return !rules.bothWays() || Math.abs(ways(round, before)) <= 1;
        }
        if (++steps > TRIES) {
            return false;
        }
        for (Call call : inTurn(round)) {
            if (fits(call, round, before)) {
                round.add(call);
                if (search(round, before, length)) {
                    return true;
                }
                round.remove(round.size() - 1);
            }
        }
        return false;
    }

    /** In an order by chance; those that are called less often by now come sooner where many are left. */
    private List<Call> inTurn(List<Call> round) {
        List<Call> order = new ArrayList<>(calls);
        Collections.shuffle(order, random);
        if (rules.each() == 0) {
            return order;
        }
        Map<Call, Integer> often = new HashMap<>();
        round.forEach(c -> often.merge(c, 1, Integer::sum));
        order.removeIf(c -> often.getOrDefault(c, 0) >= rules.each());
        return order;
    }

    private boolean fits(Call call, List<Call> round, List<Call> before) {
        int running = 1;
        Call last = null;
        for (int i = round.size() + before.size() - 1; i >= 0; i--) {
            Call was = i >= before.size() ? round.get(i - before.size()) : before.get(i);
            last = last == null ? was : last;
            if (!was.equals(call)) {
                break;
            }
            running++;
        }
        boolean near = last == null || rules.jump() == 0 || Math.abs(last.place() - call.place()) <= rules.jump();
        // Where there is one only, it may come for ever.
        return near && (running <= rules.running() || calls.size() == 1);
    }

    /** Jumps to the far side less those to the near one. */
    private static int ways(List<Call> round, List<Call> before) {
        int ways = 0;
        Call last = before.isEmpty() ? null : before.get(before.size() - 1);
        for (Call call : round) {
            ways += last == null ? 0 : Integer.signum(call.place() - last.place());
            last = call;
        }
        return ways;
    }

    /** How often each was called, those that never were among them, in the order of what may be called. */
    public static Map<String, Integer> often(List<Call> calls, List<Call> called) {
        Map<String, Integer> often = new LinkedHashMap<>();
        calls.forEach(c -> often.put(c.word(), 0));
        called.forEach(c -> often.merge(c.word(), 1, Integer::sum));
        return often;
    }
}

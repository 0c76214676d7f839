package wildchalk.core.call;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Ten thousand calls after each rule, and what may never be among them. */
class CallerProperties {

    private static final int CALLS = 10_000;

    private static final List<Call> COLOURS =
            List.of(new Call("coral", 0), new Call("sky", 0), new Call("lemon", 0), new Call("mint", 0));

    private static List<Caller.Round> rounds(List<Call> calls, CallRules rules) {
        List<Caller.Round> rounds = new ArrayList<>();
        List<Call> called = new ArrayList<>();
        for (long seed = 1; called.size() < CALLS; seed++) {
            List<Call> before = called.subList(Math.max(0, called.size() - 5), called.size());
            Caller.Round round = Caller.round(calls, rules, before, seed);
            assertEquals(round, Caller.round(calls, rules, before, seed), "the same seed gives the same");
            rounds.add(round);
            called.addAll(round.calls());
        }
        return rounds;
    }

    private static List<Call> all(List<Caller.Round> rounds) {
        return rounds.stream().flatMap(r -> r.calls().stream()).toList();
    }

    @Test
    void allComeEquallyOftenInEachRound() {
        for (Caller.Round round : rounds(COLOURS, CallRules.FAIR)) {
            assertEquals(CallRules.FAIR, round.kept());
            assertEquals(Map.of("coral", 3, "sky", 3, "lemon", 3, "mint", 3), Caller.often(COLOURS, round.calls()));
        }
    }

    @Test
    void neverTheSameThreeTimesRunning() {
        List<Call> called = all(rounds(COLOURS, CallRules.FAIR));
        int twice = 0;
        for (int i = 2; i < called.size(); i++) {
            assertTrue(
                    !called.get(i).equals(called.get(i - 1)) || !called.get(i).equals(called.get(i - 2)),
                    "three times " + called.get(i).word());
            twice += called.get(i).equals(called.get(i - 1)) ? 1 : 0;
        }
        assertTrue(twice > 500, "twice running it may be, or everybody knows what does not come: " + twice);
    }

    @Test
    void onlyShortJumpsOnTheGroundWhateverTheFigures() {
        for (Numbering numbering : Numbering.values()) {
            List<Call> gaps = numbering.calls(12);
            List<Call> called = all(rounds(gaps, new CallRules(1, 1, 4, false)));
            for (int i = 1; i < called.size(); i++) {
                int jump = Math.abs(called.get(i).place() - called.get(i - 1).place());
                assertTrue(jump <= 4, called.get(i - 1) + " to " + called.get(i));
            }
            assertEquals(12, new HashSet<>(called).size(), "all of them come");
        }
        List<Call> odd = Numbering.ODD_AND_EVEN.calls(6);
        assertEquals(
                List.of(-1, 1, -2, 2, -3, 3), odd.stream().map(Call::place).toList(), "5 is beside 3 and far from 6");
    }

    @Test
    void bothWaysEquallyOften() {
        List<Call> gaps = Numbering.IN_ORDER.calls(8);
        CallRules rules = new CallRules(2, 1, 3, true);
        Call last = null;
        int held = 0;
        for (Caller.Round round : rounds(gaps, rules)) {
            int ways = 0;
            for (Call call : round.calls()) {
                ways += last == null ? 0 : Integer.signum(call.place() - last.place());
                last = call;
            }
            if (round.kept().bothWays()) {
                assertTrue(Math.abs(ways) <= 1, ways + " more to one side");
                held++;
            }
        }
        assertTrue(held > 500, "nearly always it can be kept to: " + held);
    }

    @Test
    void fromAHatEachOnceAndInEveryOrder() {
        Set<List<Call>> orders = new HashSet<>();
        for (Caller.Round round : rounds(COLOURS, CallRules.HAT)) {
            assertEquals(4, new HashSet<>(round.calls()).size());
            orders.add(round.calls());
        }
        assertEquals(24, orders.size(), "nobody can guess the order");
    }

    @Test
    void whereNotAllCanBeTheSaferOnesAreKept() {
        // Two that lie nine places apart, and jumps of two: only one of them can come, for ever or never again.
        List<Call> far = List.of(new Call("left", 0), new Call("right", 9));
        Caller.Round round = Caller.round(far, new CallRules(2, 2, 2, true), List.of(), 7);
        for (int i = 1; i < round.calls().size(); i++) {
            assertTrue(Math.abs(round.calls().get(i).place()
                            - round.calls().get(i - 1).place())
                    <= 2);
        }
        assertTrue(!round.calls().isEmpty());
        assertTrue(round.kept().each() == 0, "and it is said that they do not come equally often");
        Caller.Round one =
                Caller.round(List.of(new Call("turn about", 0)), CallRules.HAT, List.of(new Call("turn about", 0)), 3);
        assertEquals(1, one.calls().size());
    }

    @Test
    void pausesAreAnythingBetween() {
        Pause pause = new Pause(4000, 9000);
        long sum = 0;
        for (int i = 0; i < CALLS; i++) {
            long p = pause.before(i, 11);
            assertTrue(p >= 4000 && p <= 9000);
            sum += p;
        }
        assertEquals(6500, (double) sum / CALLS, 60);
    }
}

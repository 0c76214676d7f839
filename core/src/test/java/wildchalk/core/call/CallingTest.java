package wildchalk.core.call;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a coach writes down of what is called, and what comes of it. */
class CallingTest {

    private static Calling read(String typed) {
        return Calling.read(typed).orElseThrow();
    }

    private static List<String> words(Calling calling) {
        return calling.calls(List.of("red", "blue"), List.of("7", "GK"), List.of()).stream()
                .map(Call::word)
                .toList();
    }

    @Test
    void whatIsOnTheGround() {
        assertEquals(List.of("red", "blue"), words(read("colours")));
        assertEquals(List.of("red", "blue", "turn about"), words(read("Colours, turn about")));
        assertEquals(List.of("7", "GK"), words(read("players")));
        assertEquals(List.of("corner 1", "corner 2", "corner 3", "corner 4"), words(read("corners")));
        assertEquals(List.of("corner 1", "corner 2", "corner 3"), words(read("3 corners")));
        assertEquals(List.of("inside", "outside"), words(read("inside, outside")));
        assertEquals(12, words(read("gaps 12")).size());
    }

    @Test
    void gapsKnowWhereTheyAre() {
        List<Call> calls = read("gaps 4 odd and even").calls(List.of(), List.of(), List.of());
        assertEquals(List.of(-1, 1, -2, 2), calls.stream().map(Call::place).toList());
        assertEquals(
                List.of(1, 2, 3, 4),
                read("gaps 4").calls(List.of(), List.of(), List.of()).stream()
                        .map(Call::place)
                        .toList());
    }

    @Test
    void rules() {
        Calling calling =
                read("gaps 9, 4 each, 1 running, jump 3, both ways, every 5 to 7.5 s, as the last one is through");
        assertEquals(new CallRules(4, 1, 3, true), calling.rules());
        assertEquals(Optional.of(new Pause(5000, 7500)), calling.every());
        assertEquals("as the last one is through", calling.moment());
        assertEquals(CallRules.HAT, read("corners").rules());
        assertEquals(CallRules.FAIR, read("colours").rules());
        assertEquals(1, read("left, right, from a hat").rules().each());
        assertEquals(0, read("left, right, by chance").rules().each());
        assertEquals(
                "when 4, who waits, looks up",
                read("near, when 4, who waits, looks up").moment());
    }

    @Test
    void nothingThatCouldBeCalled() {
        assertTrue(Calling.read("").isEmpty());
        assertTrue(Calling.read(" , ").isEmpty());
        assertTrue(Calling.read("jump 2, both ways").isEmpty());
        assertEquals(List.of("one"), words(read("one, one")), "a word is called once, however often it was typed");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "colours",
                "gaps 10 odd and even, jump 2, both ways",
                "corners 3",
                "corners 4, 2 each",
                "left, right, 5 each",
                "players, from a hat, every 4 s",
                "colours, all in, by chance, 1 running, every 2.5 to 9 s, once all stand",
            })
    void writtenAgainItReadsTheSame(String typed) {
        assertEquals(read(typed), read(read(typed).words()));
        assertEquals(typed, read(typed).words());
    }

    @Test
    void theNextCallFollowsFromWhatWasCalled() {
        List<Call> may = read("gaps 6").calls(List.of(), List.of(), List.of());
        List<Call> called = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Call next = Caller.next(may, CallRules.FAIR, called, 5);
            assertEquals(next, Caller.next(may, CallRules.FAIR, called, 5), "taken back and called again");
            called.add(next);
        }
        for (int round = 0; round < 60; round += 18) {
            List<Call> some = called.subList(round, Math.min(60, round + 18));
            if (some.size() == 18) {
                for (Call call : may) {
                    assertEquals(3, some.stream().filter(call::equals).count());
                }
            }
        }
        for (int i = 2; i < 60; i++) {
            assertTrue(new HashSet<>(called.subList(i - 2, i + 1)).size() > 1, "three times running");
        }
        List<Call> others = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            others.add(Caller.next(may, CallRules.FAIR, others, 6));
        }
        assertTrue(!others.equals(called), "another evening is called otherwise");
    }
}

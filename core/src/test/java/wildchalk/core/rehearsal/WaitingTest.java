package wildchalk.core.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Cue.Trigger;

class WaitingTest {

    private static final Trigger ONE = new Cue.After("a1");
    private static final Trigger OTHER = new Cue.Received("a2");

    private final Waiting waiting = new Waiting(m -> {});

    private static Action call(String id, String who, Trigger trigger) {
        return new Action.Call(id, who, "go", new Cue(trigger, 0));
    }

    private static Action call(String id) {
        return call(id, "p", new Cue.Whistle());
    }

    @Test
    void whoWaitsForOneMomentIsSetOffByItOnce() {
        Action action = call("x");
        waiting.add(action, ONE);
        assertEquals(List.of(), waiting.happens(OTHER));
        assertEquals(List.of(action), waiting.happens(ONE));
        assertEquals(List.of(), waiting.happens(ONE), "it has gone already");
    }

    @Test
    void whoWaitsForAllIsSetOffByTheLastInWhateverOrder() {
        Action action = call("x");
        waiting.add(action, new Cue.AllOf(List.of(ONE, OTHER)));
        assertEquals(List.of(), waiting.happens(OTHER));
        assertEquals(List.of(), waiting.happens(OTHER), "the same moment twice is still one of them");
        assertEquals(List.of(action), waiting.happens(ONE));
    }

    @Test
    void whoWaitsForTheFirstIsSetOffByIt() {
        Action action = call("x");
        waiting.add(action, new Cue.FirstOf(List.of(ONE, OTHER)));
        assertEquals(List.of(action), waiting.happens(OTHER));
        assertEquals(List.of(), waiting.happens(ONE));
    }

    @Test
    void allOfOneMomentTwiceIsThatMoment() {
        Action action = call("x");
        waiting.add(action, new Cue.AllOf(List.of(ONE, ONE)));
        assertEquals(List.of(action), waiting.happens(ONE));
    }

    @Test
    void theyGoInTheOrderInWhichTheyBeganToWait() {
        Action first = call("first");
        Action second = call("second");
        waiting.add(first, ONE);
        waiting.add(second, ONE);
        assertEquals(List.of(first, second), waiting.happens(ONE));
    }

    @Test
    void nextIsTheEndOfTheSamePersonsActionBefore() {
        Action one = call("a", "7", new Cue.Next());
        Action other = call("b", "9", new Cue.Next());
        Action then = call("c", "7", new Cue.Next());
        var plain = Waiting.plain(List.of(one, other, then));
        assertEquals(new Cue.Whistle(), plain.get("a"), "nothing comes before it");
        assertEquals(new Cue.Whistle(), plain.get("b"));
        assertEquals(new Cue.After("a"), plain.get("c"));
        Action both = call("d", "7", new Cue.AllOf(List.of(new Cue.Next(), OTHER)));
        assertEquals(
                new Cue.AllOf(List.of(new Cue.After("c"), OTHER)),
                Waiting.plain(List.of(one, other, then, both)).get("d"));
    }

    @Test
    void onlyWhoWaitsForNothingElseCanBeEarly() {
        Action early = call("x", "7", OTHER);
        Action both = call("y", "9", new Cue.AllOf(List.of(ONE, OTHER)));
        waiting.add(early, early.cue().trigger());
        waiting.add(both, both.cue().trigger());
        assertEquals(List.of(early), waiting.waitingJustFor(OTHER));
        waiting.happens(OTHER);
        assertEquals(List.of(), waiting.waitingJustFor(OTHER));
    }
}

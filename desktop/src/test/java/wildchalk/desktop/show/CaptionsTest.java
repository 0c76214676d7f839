package wildchalk.desktop.show;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wildchalk.core.measure.Unit;
import wildchalk.core.show.Stop.Kind;
import wildchalk.core.show.Tour;
import wildchalk.desktop.DemoBook;

/** The words under the board, from the start of the demo ladder to its end. */
class CaptionsTest {

    private static final Tour START = Tour.of(
            DemoBook.drills().stream()
                    .filter(d -> d.id().equals("lamplighter"))
                    .findFirst()
                    .orElseThrow(),
            "s1");

    private static Tour at(String rung, Kind kind) {
        Tour tour = START;
        while (!tour.rung().id().equals(rung) || tour.stop().kind() != kind) {
            tour = tour.next();
        }
        return tour;
    }

    private static String caption(Tour tour) {
        return Captions.of(tour, Unit.METRES, Optional.empty());
    }

    @Test
    void everyStopHasWordsAndNoneTellsWhatIsAskedLater() {
        List<String> all = new ArrayList<>(List.of(caption(START)));
        for (Tour tour = START; !tour.isLast(); tour = tour.next()) {
            all.add(caption(tour.next()));
        }
        assertTrue(all.stream().noneMatch(String::isBlank));
        assertTrue(all.stream().noneMatch(c -> c.contains("Stop when") || c.contains("ask:")), all.toString());
        assertEquals("On the whistle, 7 carries the ball 12 m towards the orange cone A.", all.get(0));
    }

    @Test
    void theEndSaysHowLongARepIsAndWhenToClimb() {
        assertEquals(
                "That is one rep: 7.5 s. Whoever was 7 becomes 9. Whoever was 9 becomes 11. Whoever was 11 becomes 7. "
                        + "Climb when 8 of 10 feeds are caught on the run.",
                caption(at("s1", Kind.END)));
        assertFalse(
                caption(at("s3", Kind.END)).contains("Climb"),
                "nobody climbs from what stands beside the ladder without a word for it");
    }

    @Test
    void titlesTellTheRungAndItsPlaceBesideOthers() {
        assertEquals("Lamplighter  ·  1 No pressure", Captions.title(START));
        assertEquals("Lamplighter  ·  2a Other side", Captions.title(at("s3", Kind.START)));
    }

    @Test
    void aForkOffersItsOptionsByDigitAndNothingElseDoes() {
        Tour fork = at("s1", Kind.FORK);
        assertEquals("What does 7 do?", Captions.decides(fork));
        assertEquals("When 7 gets there, 7 decides:", caption(fork), "and not what is chosen next");
        assertEquals(List.of("1  feed the cutter", "2  swing it", "3  take it"), Captions.options(fork));
        assertEquals(List.of(), Captions.options(START));
        Tour inner = fork.choose(2).orElseThrow().next();
        while (inner.stop().kind() != Kind.FORK) {
            inner = inner.next();
        }
        assertEquals("What does 11 do?", Captions.decides(inner));
        assertEquals(List.of("1  shoot", "2  send it back"), Captions.options(inner));
    }

    @Test
    void theNotesSayWhatTheNextPressGoesOnTo() {
        assertEquals(
                "When 7 is halfway: 9 runs 12 m forwards to the right and 11 runs 2.5 m across to the left.",
                Captions.next(START, Unit.METRES));
        Tour before = at("s4", Kind.QUESTION).back();
        assertEquals("Ask: What is on, and who told you?", Captions.next(before, Unit.METRES));
        assertTrue(Captions.next(before.next(), Unit.METRES).startsWith("The answer: 5 has come back into the lane"));
        assertEquals(
                "Rung 2: One who stays off (4 min left, 4 min right, then the feeders move on)",
                Captions.next(at("s1", Kind.END), Unit.METRES));
        assertTrue(
                Captions.next(at("s1", Kind.BEAT), Unit.METRES).startsWith("What does 7 do? 1  feed the cutter / 2"));
        Tour last = START;
        while (!last.isLast()) {
            last = last.next();
        }
        assertEquals("That was all.", Captions.next(last, Unit.METRES));
    }

    @Test
    void whoIsFollowedIsToldWhatTheyDoAndElseToWait() {
        assertEquals(
                "On the whistle, you carry the ball 12 m towards the orange cone A.",
                Captions.of(START, Unit.METRES, Optional.of("p7")));
        assertEquals("You wait.", Captions.of(START, Unit.METRES, Optional.of("p11")));
        assertEquals("You are 7", Captions.follows(START, Optional.of("p7")));
        assertEquals("", Captions.follows(START, Optional.empty()));
        assertTrue(Captions.of(START, Unit.YARDS, Optional.of("p7")).contains(" yd towards the"));
    }
}

package wildchalk.core.waiting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Venue;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.Replay;
import wildchalk.core.flow.Waits;
import wildchalk.core.geometry.Box;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;

/** What is found to help in waits of which it is known. */
class HelpsTest {

    /** Of twelve, so many have to be answered as a coach would: two may be seen otherwise. */
    private static final int RIGHT = 10;

    private static Question question(Situations.Situation s) {
        Drill drill = Ladder.put(
                Drill.empty("d", "Drill", Venue.of(s.surface().id()), "whole")
                        .withEffort(s.stage().effort()),
                s.stage());
        return new Question(drill, "s1", s.asked());
    }

    private static Helps helps(Situations.Situation s) {
        return Helps.of(question(s), Units.METRIC.unit(), () -> false);
    }

    private static String told(Helps helps) {
        List<String> told = new ArrayList<>();
        helps.helps()
                .forEach(h -> told.add(h.kind() + " " + Math.round(h.saving().seconds()) + " of "
                        + Math.round(h.saving().before().each()) + " s: " + h.words() + " x"
                        + h.price().crossings()));
        return String.join("\n    ", told);
    }

    @Test
    void whatHelpsIsAmongTheFirstTwo() {
        List<String> right = new ArrayList<>();
        List<String> other = new ArrayList<>();
        for (Situations.Situation s : Situations.all()) {
            Helps helps = helps(s);
            boolean found = helps.helps().stream().limit(2).anyMatch(h -> s.best()
                    .contains(h.kind().name()));
            (found ? right : other).add(s + ", wanted " + s.best() + ":\n    " + told(helps));
        }
        assertTrue(right.size() >= RIGHT, right.size() + " of 12 right; not so:\n" + String.join("\n", other));
    }

    private static Flow play(Drill drill, Flows.Asked asked) {
        return new Flows(Ladder.build(drill, "s1"), drill.surface()).of(asked);
    }

    /** Whatever is offered is done to the drill, which then is as it was said to be. */
    @Test
    void whatIsPromisedIsKept() {
        Set<Kind> kinds = EnumSet.noneOf(Kind.class);
        for (Situations.Situation s : Situations.all()) {
            Question question = question(s);
            for (Help help : helps(s).helps()) {
                String about = s + ": " + help.words();
                Drill after = help.edit().map(e -> e.apply(question.drill())).orElse(question.drill());
                Waits was = Waits.of(play(question.drill(), question.asked()));
                Flow is = play(after, help.asked());
                assertEquals(List.of(), is.jams(), about);
                assertEquals(was.each() - Waits.of(is).each(), help.saving().seconds(), 0.5, about);
                assertTrue(help.saving().share() >= Helps.LEAST, about);
                kinds.add(help.kind());
            }
        }
        assertTrue(kinds.size() >= 12, "kinds of help: " + kinds);
    }

    /** What is best comes first; what brings people near each other at speed after all that does not. */
    @Test
    void theyStandInOrder() {
        for (Situations.Situation s : Situations.all()) {
            List<Help> helps = helps(s).helps();
            for (int i = 0; i + 1 < helps.size(); i++) {
                Help one = helps.get(i);
                Help next = helps.get(i + 1);
                boolean alike = one.price().crossings() > 0 == next.price().crossings() > 0
                        && (one.kind() == Kind.GROUPS) == (next.kind() == Kind.GROUPS);
                assertTrue(!alike || one.saving().seconds() >= next.saving().seconds(), s + ": " + told(helps(s)));
                assertFalse(one.price().crossings() > 0 && next.price().crossings() == 0, s.toString());
            }
        }
    }

    /** Copies have a free strip between them, and are on the surface with all that is in them. */
    @Test
    void copiesHaveRoom() {
        int copied = 0;
        for (Situations.Situation s : Situations.all()) {
            for (Help help : helps(s).helps()) {
                if (help.kind() == Kind.COPY) {
                    copied++;
                    haveRoom(s, help);
                }
            }
        }
        assertTrue(copied > 3, "copies: " + copied);
    }

    private static void haveRoom(Situations.Situation s, Help help) {
        Flows flows = new Flows(s.stage(), s.surface());
        Replay replay = flows.replay(help.asked(), 0).placed(help.copies());
        List<Box> boxes = new ArrayList<>();
        for (int copy = 1; copy <= help.asked().copies(); copy++) {
            List<Vec> places = new ArrayList<>();
            for (String letter : replay.letters()) {
                for (double t = 0; t < 120; t += 0.5) {
                    Replay.Now now = replay.at(letter, t);
                    if (now.copy() == copy) {
                        places.add(now.at());
                    }
                }
            }
            boxes.add(Box.around(places));
        }
        for (Box one : boxes) {
            assertTrue(s.surface().contains(new Vec(one.x(), one.y()), 0), s + ": " + one);
            assertTrue(s.surface().contains(new Vec(one.x() + one.width(), one.y() + one.height()), 0), s + ": " + one);
            for (Box other : boxes) {
                boolean apart = one.grown(2.9).x() + one.grown(2.9).width() <= other.x()
                        || other.grown(2.9).x() + other.grown(2.9).width() <= one.x()
                        || one.grown(2.9).y() + one.grown(2.9).height() <= other.y()
                        || other.grown(2.9).y() + other.grown(2.9).height() <= one.y();
                assertTrue(one == other || apart, s + ": " + one + " and " + other);
            }
        }
    }

    @Test
    void whoStopsItHasWhatWasFoundByThen() {
        AtomicInteger asked = new AtomicInteger();
        Helps helps =
                Helps.of(question(Situations.all().get(3)), Units.METRIC.unit(), () -> asked.incrementAndGet() > 5);
        assertTrue(helps.stopped());
        assertEquals(5, helps.tried());
    }

    @Test
    void whereNobodyWaitsNothingHelps() {
        Situations.Situation s = Situations.all().get(0);
        Question one = new Question(question(s).drill(), "s1", Flows.Asked.of(1, 8, 1));
        assertEquals(List.of(), Helps.of(one, Units.METRIC.unit(), () -> false).helps());
    }

    @Test
    void whereThereAreTooFewNothingIsTried() {
        Situations.Situation s = Situations.all().get(4);
        Question none = new Question(question(s).drill(), "s1", Flows.Asked.of(1, 8, 1));
        assertEquals(List.of(), Helps.of(none, Units.METRIC.unit(), () -> false).helps());
    }
}

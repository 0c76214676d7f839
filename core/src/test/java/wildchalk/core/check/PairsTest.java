package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.over.Mending;
import wildchalk.core.check.rep.DrillCheck;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.RungPlan;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;

/** Each check on a drill in which it finds something and on its harmless twin, on a rung above, and after its mend. */
final class PairsTest {

    /** Those that a coach has to mend: nothing that is sure to be right can be offered. */
    private static final Set<String> NO_MEND = Set.of(
            "contact-age",
            "ground-work",
            "close-grip",
            "head-ball",
            "forfeit",
            "too-few",
            "unheard",
            "offside",
            "blue-line",
            "forward",
            "back-court",
            "shoots-from",
            "no-touch",
            "only-waits",
            "no-decision",
            "told",
            "waiting",
            "no-point",
            "long-words");

    /**
     * A check with what it finds and what it does not.
     *
     * @param finds title of a drill in which something is found
     * @param twin title of its harmless twin
     */
    record Pair(String check, String finds, String twin) {
        @Override
        public String toString() {
            return check + ": " + finds;
        }

        private static Situations.Situation situation(String title) {
            return Stream.of("situations.txt", "twins.txt")
                    .flatMap(f -> Situations.of(f).stream())
                    .filter(s -> s.title().equals(title))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(title));
        }

        private Situations.Situation found() {
            return situation(finds);
        }

        private Situations.Situation safe() {
            return situation(twin);
        }
    }

    static List<Pair> pairs() {
        try (InputStream in = PairsTest.class.getResourceAsStream("pairs.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(l -> l.split(" \\| "))
                    .map(p -> new Pair(p[0].strip(), p[1].strip(), p[2].strip()))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Optional<Spotted> find(Pair pair, Drill drill, Situations.Situation in) {
        return LookOver.of(drill, in.conditions(), Unit.METRES).found().stream()
                .filter(s -> s.check().equals(pair.check))
                .findFirst();
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void findsItAndSaysIt(Pair pair) {
        Optional<Spotted> found = find(pair, pair.found().drill(), pair.found());
        assertTrue(found.isPresent(), pair::toString);
        assertFalse(found.get().finding().words().isBlank());
        assertFalse(found.get().advice().isBlank());
        String all = found.get().finding().words()
                + found.get().advice()
                + found.get().proposals().stream().map(Finding.Mend::words).toList();
        assertFalse(all.contains("''") || all.contains("{0"), all);
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void doesNotFindItsHarmlessTwin(Pair pair) {
        assertEquals(
                Optional.empty(), find(pair, pair.safe().drill(), pair.safe()).map(s -> s.finding()
                        .words()));
    }

    /** Of the drill as a whole, where one rung is enough for all of it, or is as short of people as the other. */
    private static final Set<String> WHOLE = Set.of("one-side", "no-decision", "tip", "too-few", "cold");

    /** The rung above has it, the rung below is the harmless twin; what is said of the drill as a whole has no rung. */
    @ParameterizedTest
    @MethodSource("pairs")
    void findsItInARungAboveOnly(Pair pair) {
        Drill low = pair.safe().drill();
        Drill high = pair.found().drill();
        Rung above = Rung.from("s1", "s2", "Harder", high.ladder().get(0).plan());
        Drill both = low.withTitle(high.title())
                .withEffort(high.effort())
                .withNotes(high.points(), List.of(), high.cautions())
                .withLadder(List.of(low.ladder().get(0).planned(RungPlan.USUAL), above));
        Stage top = Ladder.build(high, "s1");
        Drill ladder = Ladder.put(
                both, new Stage("s2", "Harder", top.pieces(), top.actions(), top.instructions(), top.effort()));
        Optional<Spotted> found = find(pair, ladder, pair.found());
        boolean whole =
                find(pair, high, pair.found()).orElseThrow().scene().rung().isEmpty();
        if (WHOLE.contains(pair.check)) {
            assertTrue(found.filter(f -> f.scene().rung().equals(Optional.of("s2")))
                    .isEmpty());
        } else {
            assertEquals(
                    whole ? Optional.empty() : Optional.of("s2"),
                    found.orElseThrow().scene().rung());
        }
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void whatIsOfferedMendsIt(Pair pair) {
        Situations.Situation in = pair.found();
        Spotted found = find(pair, in.drill(), in).orElseThrow();
        Spotted tried = new Mending(in.drill(), in.conditions(), Unit.METRES).tried(found);
        assertEquals(NO_MEND.contains(pair.check), tried.finding().mends().isEmpty(), pair::toString);
        LookOver before = LookOver.of(in.drill(), in.conditions(), Unit.METRES);
        for (Finding.Mend<Drill> mend : tried.finding().mends()) {
            Drill mended = mend.edit().apply(in.drill());
            assertEquals(Optional.empty(), find(pair, mended, in).filter(s -> s.isSameAs(found)));
            LookOver.of(mended, in.conditions(), Unit.METRES)
                    .found()
                    .forEach(after -> assertTrue(
                            before.found().stream().anyMatch(after::isSameAs), () -> pair + " makes " + after));
        }
    }

    @Test
    void everyCheckHasAPair() {
        Set<String> tested = new HashSet<>();
        pairs().forEach(p -> tested.add(p.check));
        for (DrillCheck check : LookOver.ALL) {
            assertTrue(tested.contains(check.id()), check.id());
        }
        assertTrue(LookOver.ALL.size() >= 20);
    }
}

package wildchalk.core.otherwise;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.Stages;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Contest;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.soundness.Soundness;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

/** What is found by its name can be drawn, on every surface, and is told in words of its own. */
class OffersTest {

    private static final Stage STAGE = new Stages()
            .player("2", -6, 0)
            .player("5", -5, 1, Bib.SKY)
            .player("6", -4, -3)
            .player("8", 2, 2, Bib.SKY)
            .piece(Piece.Item.of("h", GearKind.CONE, new Vec(-6.5, 0.5)))
            .ball("b", "2")
            .build();

    static Stream<Surface> surfaces() {
        return Surfaces.BUILT_IN.all().stream();
    }

    private static List<Offer> offers(Surface surface, String... chosen) {
        return new Offers("s1", STAGE, surface, who -> Cue.whistle()).all(Set.of(chosen));
    }

    private static String told(Drill drill, Surface surface) {
        Stage stage = Ladder.build(drill, "s1");
        Script script = ScriptWriter.write(stage, Rehearsal.of(stage, surface), surface, Unit.METRES);
        return Stream.concat(script.limits().stream(), script.lines().stream().flatMap(l -> l.phrases().stream()))
                .map(Script.Phrase::text)
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @MethodSource("surfaces")
    void everyOneCanBeDrawnPlaysAndIsTold(Surface surface) {
        Drill drill = Ladder.put(Drill.empty("d", "Drill", surface.id(), "whole"), STAGE);
        String before = told(drill, surface);
        Set<String> words = new HashSet<>();
        for (List<Offer> some : List.of(offers(surface, "2"), offers(surface, "2", "5", "6"))) {
            for (Offer offer : some) {
                Drill after = offer.edit().apply(drill);
                assertEquals(List.of(), Soundness.faults(after, surface), offer.words());
                assertFalse(told(after, surface).equals(before), offer.words());
                assertFalse(offer.words().contains("{") || offer.words().contains("''"), offer.words());
            }
            words.clear();
            assertTrue(some.stream().allMatch(o -> words.add(o.words())), "no two are called alike");
        }
    }

    @Test
    void eachSportHasItsOwnStarts() {
        assertTrue(words("basketball-intl").anyMatch("Jump ball: player 2 against player 5"::equals));
        assertTrue(words("ice-rink-intl").anyMatch("Face-off: player 2 against player 5"::equals));
        assertTrue(words("ice-rink-intl").noneMatch(w -> w.startsWith("Jump ball")));
        assertTrue(words("field-hockey").noneMatch(w -> w.startsWith("Scrum")));
    }

    private static Stream<String> words(String surface) {
        return offers(Surfaces.BUILT_IN.get(surface), "2").stream().map(Offer::words);
    }

    @Test
    void moreWhoAreChosenAreThoseWhoCanGetIt() {
        Offer offer = offers(Stages.TURF, "2", "5", "6").stream()
                .filter(o -> o.words().equals("Drop ball: player 2 against player 5: player 6 can get it"))
                .findFirst()
                .orElseThrow();
        Action drawn = Ladder.build(offer.edit().apply(Stages.drill(STAGE)), "s1")
                .actions()
                .get(0);
        assertEquals(List.of("6"), ((Contest) drawn).gets());
        assertEquals(List.of("5"), ((Contest) drawn).against());
    }

    @Test
    void nothingIsOfferedForNobody() {
        assertEquals(List.of(), offers(Stages.TURF));
        assertEquals(List.of(), offers(Stages.TURF, "h"));
    }
}

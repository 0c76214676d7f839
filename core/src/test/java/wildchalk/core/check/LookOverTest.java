package wildchalk.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import wildchalk.core.ask.Answer.Drawn;
import wildchalk.core.check.over.Leaving;
import wildchalk.core.check.over.LookOver;
import wildchalk.core.check.over.Mending;
import wildchalk.core.check.over.Ringed;
import wildchalk.core.check.rep.Conditions;
import wildchalk.core.check.rep.Looked;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Sign;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.CopyEdits;
import wildchalk.core.edit.Placement;
import wildchalk.core.effort.Effort;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.AnyStage;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surfaces;

/** What holds of every look, whatever is looked at. */
final class LookOverTest {

    static List<Situations.Situation> situations() {
        return Situations.of("situations.txt");
    }

    private static LookOver over(Drill drill) {
        return LookOver.of(drill, Conditions.USUAL, Unit.METRES);
    }

    private static Map<String, Vec> hurting(LookOver over) {
        Map<String, Vec> places = new HashMap<>();
        over.found().stream()
                .filter(s -> s.weight() == Finding.Weight.COULD_HURT)
                .forEach(s -> places.put(s.check() + s.who(), s.scene().at().orElse(Vec.ZERO)));
        return places;
    }

    @ParameterizedTest
    @ValueSource(strings = {"open-grass", "ice-rink-na", "handball", "volleyball-indoor", "rugby-union"})
    void nothingIsFoundInAnEmptyDrill(String surface) {
        assertTrue(Surfaces.BUILT_IN.get(surface) != null);
        assertEquals(
                List.of(),
                over(Drill.empty("d", "Nothing yet", surface, "whole")).found());
    }

    @ParameterizedTest
    @MethodSource("situations")
    void aMirroredDrillHasMirroredFindings(Situations.Situation situation) {
        Drill drill = situation.drill();
        Stage stage = Ladder.build(drill, "s1");
        Set<String> all = stage.pieces().stream().map(Piece::id).collect(Collectors.toSet());
        Drill mirrored = CopyEdits.mirror("s1", "Mirror", stage, all, Placement.OTHER_SIDE, drill.surface())
                .apply(drill);
        Map<String, Vec> here = hurting(LookOver.of(drill, situation.conditions(), Unit.METRES));
        Map<String, Vec> there = hurting(LookOver.of(mirrored, situation.conditions(), Unit.METRES));
        assertEquals(here.keySet(), there.keySet());
        here.forEach((what, at) ->
                assertEquals(0, at.mirrored(false, true).distance(there.get(what)), 0.05, () -> what + " " + at));
    }

    @ParameterizedTest
    @MethodSource("situations")
    void lookingChangesNothingAndWalkingHurtsNobody(Situations.Situation situation) {
        Drill drill = situation.drill();
        Drill copy = situation.drill();
        over(drill);
        assertEquals(copy, drill);
        Drill walked = drill.withEffort(drill.effort().with(Effort.Intensity.WALK_THROUGH));
        for (String check : List.of("meet", "stopping", "back-turned", "underfoot", "backwards", "slippery")) {
            assertTrue(over(walked).found().stream().noneMatch(s -> s.check().equals(check)), check);
        }
    }

    @Test
    void whatIsLeftForAReasonIsListedWithIt() {
        Drill drill = Situations.titled("situations.txt", "two lines run at each other through one cone")
                .drill();
        Spotted meet = over(drill).found().get(0);
        Drill left = Leaving.left(meet, "  They pass on the right, and know it ", false)
                .apply(drill);
        LookOver over = over(left);
        assertTrue(over.found().stream().noneMatch(meet::isSameAs));
        assertEquals(
                "They pass on the right, and know it", over.left().get(0).why().reason());
        assertEquals(List.of(), left.cautionsOut());
        assertFalse(over.couldHurt());
        assertFalse(LookOver.hurts(new Looked(left, Conditions.USUAL, Unit.METRES)));
        Drill again = Leaving.left(meet, "Another reason", true).apply(left);
        assertEquals(1, again.notes().aside().size(), "one reason for one thing");
        assertEquals(List.of("Another reason"), again.cautionsOut());
        assertTrue(over(Leaving.lookedAtAgain(meet).apply(again)).couldHurt());
    }

    @Test
    void bothWhoMeetAreRungWithTheDistanceBetween() {
        Drill drill = Situations.titled("situations.txt", "two lines run at each other through one cone")
                .drill();
        Spotted meet = over(drill).found().get(0);
        Stage stage = Ladder.build(drill, "s1");
        List<Drawn> drawn = Ringed.of(meet, stage, Rehearsal.of(stage, drill.surface()), Unit.METRES);
        assertTrue(drawn.stream().anyMatch(d -> d.kind() == Sign.Kind.RING));
        assertTrue(drawn.stream().anyMatch(d -> d.words().endsWith(" m")), drawn::toString);
    }

    @Test
    void noMoreThanAFewOfAKindAreListedAndTheWorstComeFirst() {
        Drill drill = Drill.empty("d", "Crowd", "open-grass", "whole");
        Sketch sketch = new Sketch("Crowd");
        sketch.line("on open-grass");
        for (int i = 0; i < 6; i++) {
            sketch.line("player A" + i + " -12 " + (i * 3 - 7) + " coral 0");
            sketch.line("player B" + i + " 12 " + (i * 3 - 7) + " sky 180");
            sketch.line("run A" + i + " > 12 " + (i * 3 - 7) + " sprint whistle");
            sketch.line("run B" + i + " > -12 " + (i * 3 - 7) + " sprint whistle");
        }
        LookOver over = over(sketch.drill());
        assertTrue(over.count(Finding.Weight.COULD_HURT) >= 6);
        assertEquals(
                3, over.few(3).stream().filter(s -> s.check().equals("meet")).count());
        List<Finding.Weight> weights =
                over.found().stream().map(Spotted::weight).toList();
        assertEquals(weights.stream().sorted().toList(), weights);
        assertEquals(0, over(drill).found().size());
    }

    @Provide
    Arbitrary<Stage> stages() {
        return AnyStage.stages();
    }

    /** Whatever is drawn: it is looked over, every moment is one of the rep, and nothing is changed. */
    @Property(tries = 150, seed = "19081")
    void anyStageIsLookedOver(@ForAll("stages") Stage stage) {
        Drill empty = Drill.empty("d", "Any", "field-hockey", "whole");
        Drill drill = Ladder.put(
                empty,
                new Stage("s1", "Start here", stage.pieces(), stage.actions(), stage.instructions(), stage.effort()));
        Drill copy = drill.withTitle(drill.title());
        double end = Rehearsal.of(Ladder.build(drill, "s1"), drill.surface()).duration();
        LookOver over = over(drill);
        over.found().forEach(s -> {
            assertTrue(s.t().orElse(0) >= 0 && s.t().orElse(0) <= Math.max(end, 180) + 0.2, s::toString);
            assertTrue(s.scene().metres().orElse(0) >= 0, s::toString);
            assertFalse(s.finding().words().isBlank());
        });
        assertEquals(copy, drill);
        assertEquals(
                over.found().stream().map(Spotted::scene).toList(),
                over(copy).found().stream().map(Spotted::scene).toList(),
                "the same each time");
    }

    /** A mend that only moves the danger to somebody else is not offered. */
    @Test
    void aMendThatMakesAnotherFindingIsNotOffered() {
        Sketch sketch = new Sketch("Three abreast");
        for (String line : List.of(
                "on open-grass",
                "player A -12 0 coral 0",
                "player B 12 0 sky 180",
                "player C 12 2 sky 180",
                "player D 12 -2 sky 180",
                "run A > 12 0 sprint",
                "run B > -12 0 sprint",
                "run C > -12 2 sprint",
                "run D > -12 -2 sprint")) {
            sketch.line(line);
        }
        Drill drill = sketch.drill();
        LookOver before = over(drill);
        Spotted meet = before.found().stream()
                .filter(s -> s.check().equals("meet"))
                .findFirst()
                .orElseThrow();
        Spotted tried = new Mending(drill, Conditions.USUAL, Unit.METRES).tried(meet);
        assertTrue(tried.finding().mends().size() < meet.proposals().size());
        tried.finding().mends().forEach(m -> over(m.edit().apply(drill))
                .found()
                .forEach(f -> assertTrue(before.found().stream().anyMatch(f::isSameAs), () -> m.words() + ": " + f)));
    }
}

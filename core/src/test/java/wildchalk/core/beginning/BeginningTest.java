package wildchalk.core.beginning;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Venue;
import wildchalk.core.geometry.Box;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.SurfacePlan;
import wildchalk.core.surface.Surfaces;

/** Every beginning on every surface, for few and for many. */
class BeginningTest {

    private static final int[] PEOPLE = {4, 5, 7, 12, 18, 23, 30, 40};

    static Stream<SurfacePlan> surfaces() {
        return Surfaces.BUILT_IN.plans().stream();
    }

    private static Drill empty(SurfacePlan plan, String view) {
        return Drill.empty("d", "New", Venue.of(plan), view);
    }

    private static Stage stage(Drill drill) {
        return Ladder.build(drill, drill.ladder().get(0).id());
    }

    @ParameterizedTest
    @MethodSource("surfaces")
    void standsWholeOnTheSurfaceWithEverybodyInIt(SurfacePlan plan) {
        for (String view : plan.usual().targets().isEmpty() ? List.of("whole") : List.of("whole", "attacking-half")) {
            for (Beginning beginning : Beginning.values()) {
                for (int people : PEOPLE) {
                    Drill drill = beginning.on(empty(plan, view), people);
                    String where = beginning + " for " + people + " on " + plan.id() + " " + view;
                    assertEquals(people, count(stage(drill)), where);
                    assertApart(stage(drill), where);
                    assertWithin(drill, where);
                    assertTrue(
                            Rehearsal.of(stage(drill), drill.surface(), Choices.NONE)
                                    .problems()
                                    .isEmpty(),
                            where);
                }
            }
        }
    }

    private static int count(Stage stage) {
        int count = 0;
        for (Piece.Person person : stage.people()) {
            if (person instanceof Piece.LineUp lineUp) {
                count += 1 + lineUp.waiting();
            } else if (person.isOnATeam()) {
                count++;
            }
        }
        return count;
    }

    /** Nobody and nothing stands where something else does; a ball lies with whoever has it. */
    private static void assertApart(Stage stage, String where) {
        List<Piece> standing = stage.pieces().stream()
                .filter(p -> !(p instanceof Piece.Area) && !(p instanceof Piece.Ball))
                .toList();
        for (int i = 0; i < standing.size(); i++) {
            for (int k = i + 1; k < standing.size(); k++) {
                double apart = standing.get(i).at().distance(standing.get(k).at());
                assertTrue(apart >= 0.4, where + ": " + standing.get(i) + " and " + standing.get(k) + " " + apart);
            }
        }
    }

    private static void assertWithin(Drill drill, String where) {
        Box room = drill.surface().surroundings();
        for (Piece piece : stage(drill).pieces()) {
            assertTrue(room.contains(piece.at()), where + ": " + piece);
        }
    }

    @ParameterizedTest
    @EnumSource
    void saysWhatItIsInWordsOfItsOwn(Beginning beginning) {
        assertFalse(beginning.title().isBlank());
        assertFalse(beginning.words().isBlank());
        Set<String> titles = new HashSet<>();
        Stream.of(Beginning.values()).forEach(b -> titles.add(b.title()));
        assertEquals(Beginning.values().length, titles.size());
        assertEquals(
                beginning.title(),
                beginning
                        .on(empty(Surfaces.BUILT_IN.plans().get(0), "whole"), 12)
                        .title());
    }

    @Test
    void isRefusedForFewerOrMorePeopleThanItHoldsRatherThanLeavingSomebodyOut() {
        Drill empty = empty(Surfaces.BUILT_IN.plans().get(0), "whole");
        assertThrows(IllegalArgumentException.class, () -> Beginning.RING.on(empty, Beginning.FEWEST - 1));
        assertThrows(IllegalArgumentException.class, () -> Beginning.RING.on(empty, Beginning.MOST + 1));
    }

    @Test
    void ballIsWithSomebodyOrAtTheCoachWhereOneIsNeeded() {
        Drill empty = empty(Surfaces.BUILT_IN.plans().get(0), "whole");
        for (Beginning beginning : Beginning.values()) {
            Stage stage = stage(beginning.on(empty, 12));
            boolean balls =
                    !stage.balls().isEmpty() || stage.pieces().stream().anyMatch(p -> p instanceof Piece.Supply);
            assertEquals(beginning != Beginning.RACE, balls, beginning.name());
        }
    }
}

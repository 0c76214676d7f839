package wildchalk.storage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Shadow;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Company;
import wildchalk.core.practice.Content;
import wildchalk.core.practice.DrillWork;
import wildchalk.core.practice.KnownNeeds;
import wildchalk.core.practice.Practice;
import wildchalk.core.practice.Slot;
import wildchalk.core.practice.Stand;
import wildchalk.core.practice.ground.Ground;
import wildchalk.core.practice.ground.GroundDrill;
import wildchalk.core.practice.ground.Laid;
import wildchalk.core.practice.ground.Laying;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.setout.SetOut;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.Timeline;
import wildchalk.storage.format.DrillReader;
import wildchalk.storage.format.FormatException;

/**
 * Drills of the demo side by side on one ground: who moves there is where they would be, and nobody leaves their place.
 */
class GroundDrillTest {

    private final Map<Content.Planned, Drill> drills = new HashMap<>();
    private final Map<String, DrillWork> works = new HashMap<>();
    private final List<Block> blocks = new ArrayList<>();
    private final KnownNeeds needs = b -> DrillWork.of(works, b, Company.UNSAID);

    static Stream<Path> demos() {
        return DemoDrills.files().stream();
    }

    private void put(Drill drill, int copies) {
        Content.Planned planned = new Content.Planned(drill.id(), 0, drill.title());
        drills.put(planned, drill);
        works.computeIfAbsent(drill.id(), id -> new DrillWork(drill, SetOut.USUAL_HANDFUL));
        blocks.add(Block.of(
                "b" + blocks.size(),
                new Content.Play(planned, List.of(), copies, Content.Telling.NONE),
                Block.Time.of(10)));
    }

    private Ground ground(String surface, Map<String, Stand> stands) {
        Block all = Block.of("all", new Content.Beside(blocks, Optional.empty(), stands), Block.Time.of(10));
        Practice practice = Practice.empty("p", "p", new Slot(Optional.empty(), LocalTime.of(18, 0), 60))
                .on(surface)
                .of(List.of(all));
        return Ground.of(
                        practice,
                        all,
                        needs,
                        Ground.venue(practice, drills, Surfaces.BUILT_IN).orElseThrow())
                .orElseThrow();
    }

    private static Stage first(Drill drill) {
        return Ladder.build(drill, drill.ladder().get(0).id());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("demos")
    void peopleAreWhereTheyWouldBeTurnedAndMoved(Path file) throws FormatException {
        Drill drill = DrillReader.read(file);
        put(drill, 1);
        put(drill, 1);
        Map<String, Stand> stands =
                Map.of("b0", new Stand(new Vec(-8, 3.5), 90), "b1", new Stand(new Vec(11, -4), 195));
        Ground ground = ground(drill.venue().surface(), stands);
        Drill made = GroundDrill.of(ground, "ground", drills, 0);
        Timeline alone = Rehearsal.of(first(drill), drill.surface());
        Stage stage = first(made);
        Timeline both = Rehearsal.of(stage, made.surface());
        List<String> people = first(drill).people().stream().map(Piece::id).toList();
        // Whoever shadows somebody keeps to the side of the goal of the ground, wherever their place is turned.
        Set<String> shadows = first(drill).actions().stream()
                .filter(Shadow.class::isInstance)
                .map(Action::who)
                .collect(Collectors.toSet());
        List<String> there = stage.people().stream().map(Piece::id).toList();
        assertEquals(2 * people.size(), there.size());
        for (int k = 0; k < 2; k++) {
            Laid laid = ground.laid().get(k);
            for (int i = 0; i < people.size(); i++) {
                for (double t = 0; t <= alone.duration(); t += 0.5) {
                    Vec wanted = laid.stand()
                            .place(alone.at(people.get(i), t).minus(laid.takes().middle()));
                    Vec seen = both.at(there.get(k * people.size() + i), t);
                    if (shadows.contains(people.get(i))) {
                        continue;
                    }
                    assertEquals(0, wanted.distance(seen), 0.35, people.get(i) + " at " + t);
                    assertTrue(laid.covers(seen) || nearly(laid, seen), people.get(i) + " leaves its place at " + t);
                }
            }
        }
    }

    /** Within a step of what it takes. */
    private static boolean nearly(Laid laid, Vec at) {
        Laid wider = new Laid(
                laid.block(),
                new Laid.Takes(
                        laid.takes().length() + 1,
                        laid.takes().width() + 1,
                        laid.takes().middle(),
                        laid.takes().copies(),
                        laid.takes().reach()),
                laid.stand());
        return wider.covers(at);
    }

    @Test
    void copiesStandSideBySideInTheirPlace() throws FormatException {
        Drill drill = DrillReader.read(DemoDrills.files().get(1));
        put(drill, 3);
        put(drill, 1);
        Ground ground = ground("open-grass", Map.of());
        Ground laid = Laying.out(ground, needs).orElseThrow();
        assertEquals(List.of(), laid.clashes());
        Drill made = GroundDrill.of(laid, "ground", drills, 0);
        assertEquals(4 * first(drill).people().size(), first(made).people().size());
        Laid three = laid.laid().get(0);
        long inside = first(made).people().stream()
                .filter(p -> nearly(three, first(made).place(p)))
                .count();
        assertEquals(3L * first(drill).people().size(), inside);
    }
}

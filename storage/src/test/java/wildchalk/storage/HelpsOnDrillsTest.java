package wildchalk.storage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Rotation;
import wildchalk.core.drill.Stage;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flow.Doing;
import wildchalk.core.flow.Flows;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.SetOut;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.waiting.Help;
import wildchalk.core.waiting.Helps;
import wildchalk.core.waiting.Kind;
import wildchalk.core.waiting.Question;
import wildchalk.storage.format.DrillReader;

/** Every help that is offered for drills of the demo and the gallery is done to the drill, and holds what it says. */
class HelpsOnDrillsTest {

    private static final int LEAST_DRILLS = 20;
    private static final int MINUTES = 8;

    private static List<Path> drills() throws IOException {
        List<Path> all = new ArrayList<>(DemoDrills.files());
        try (Stream<Path> gallery = Files.list(Path.of("src/test/resources/gallery"))) {
            gallery.filter(p -> p.toString().endsWith(".drill.json")).sorted().forEach(all::add);
        }
        return all;
    }

    /** Twice as many as it takes, and three more. */
    private static Question question(Drill drill, String rung) {
        Stage stage = Ladder.build(drill, rung);
        Flows flows = new Flows(stage, drill.surface(), Ladder.dose(drill, rung));
        int people = Math.min(Flows.MOST_PEOPLE, 2 * flows.fewest() + 3);
        return new Question(drill, rung, Flows.Asked.of(people, MINUTES, 1));
    }

    @Test
    void whatIsPromisedIsKept() throws Exception {
        int drills = 0;
        int helps = 0;
        Set<Kind> kinds = EnumSet.noneOf(Kind.class);
        for (Path file : drills()) {
            Drill drill = DrillReader.told(file, Surfaces.BUILT_IN).document();
            // The top of the ladder, and its bottom where that is another.
            List<String> rungs = drill.ladder().stream().map(r -> r.id()).toList();
            for (String rung : new TreeSet<>(List.of(rungs.get(0), rungs.get(rungs.size() - 1)))) {
                Question question = question(drill, rung);
                for (Help help :
                        Helps.of(question, Units.METRIC.unit(), () -> false).helps()) {
                    holds(question, help, file.getFileName() + ", " + rung + ": " + help.words());
                    kinds.add(help.kind());
                    helps++;
                }
            }
            drills++;
        }
        assertTrue(drills >= LEAST_DRILLS, drills + " drills");
        assertTrue(kinds.size() >= 8, kinds.toString());
        assertTrue(helps >= 60, helps + " helps");
    }

    private static void holds(Question question, Help help, String about) {
        Drill after = help.edit().map(e -> e.apply(question.drill())).orElse(question.drill());
        Flow was = play(question.drill(), question.rung(), question.asked());
        Flow is = play(after, question.rung(), help.asked());
        assertEquals(List.of(), is.jams(), about);
        assertEquals(
                Math.round(waiting(was) - waiting(is)), Math.round(help.saving().seconds()), about);
        assertTrue(waiting(is) <= 0.95 * waiting(was) + 1e-6, about);
        Stage now = Ladder.build(question.drill(), question.rung());
        Stage then = Ladder.build(after, question.rung());
        Map<GearKind, Integer> more = new EnumMap<>(GearKind.class);
        gear(then, help.asked().copies()).forEach((kind, n) -> more.merge(kind, n, Integer::sum));
        gear(now, question.asked().copies()).forEach((kind, n) -> more.merge(kind, -n, Integer::sum));
        for (GearKind kind : GearKind.values()) {
            assertEquals(more.getOrDefault(kind, 0), help.price().gear().of(kind), about + " " + kind);
        }
        assertEquals(
                Math.max(0, is.balls().most() - was.balls().most()),
                help.price().gear().balls(),
                about);
        assertFalse(help.words().contains("{"), about);
    }

    private static Flow play(Drill drill, String rung, Flows.Asked asked) {
        return new Flows(Ladder.build(drill, rung), drill.surface(), Ladder.dose(drill, rung)).of(asked);
    }

    private static double waiting(Flow flow) {
        return flow.each().values().stream()
                .mapToDouble(e -> e.spans().stream()
                        .filter(s -> s.doing() == Doing.WAITING)
                        .mapToDouble(Flow.Span::seconds)
                        .sum())
                .average()
                .orElse(0);
    }

    /**
     * What whoever sets out puts down or gives into people's hands, on the other side too where that is played and
     * nothing stands there.
     */
    private static Map<GearKind, Integer> gear(Stage stage, int copies) {
        boolean sides =
                stage.instructions(Rotation.Sides.class).stream().anyMatch(s -> s.taken() != Rotation.Taken.AS_DRAWN);
        Map<GearKind, Integer> all = new EnumMap<>(GearKind.class);
        List<Piece> down = Stream.concat(
                        SetOut.toPutDown(stage).stream(),
                        stage.pieces().stream().filter(p -> stage.inHand(p.id()).isPresent()))
                .toList();
        for (Piece piece : down) {
            if (piece instanceof Piece.Item item && item.kind() != GearKind.BAG) {
                Vec there = stage.place(item).mirrored(false, true);
                boolean stands = down.stream()
                        .anyMatch(p -> p instanceof Piece.Item i
                                && i.kind() == item.kind()
                                && stage.place(i).distance(there) <= 0.5);
                all.merge(item.kind(), (sides && !stands ? 2 : 1) * copies, Integer::sum);
            }
        }
        return all;
    }
}

package wildchalk.storage;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.flow.Flow;
import wildchalk.core.flow.Flows;
import wildchalk.core.flow.Replay;
import wildchalk.core.geometry.Vec;
import wildchalk.core.surface.Surfaces;
import wildchalk.storage.format.DrillReader;

/** Many reps of every drill of the demo and the gallery, looked at moment by moment, on every rung. */
class ReplayOnDrillsTest {

    private static final double STEP = 0.1;
    /** Faster than this somebody is set down elsewhere, m/s. */
    private static final double FASTEST = 14;

    private static final double MINUTES = 3;

    static List<Path> drills() throws IOException {
        List<Path> all = new ArrayList<>(DemoDrills.files());
        try (Stream<Path> gallery = Files.list(Path.of("src/test/resources/gallery"))) {
            gallery.filter(p -> p.toString().endsWith(".drill.json")).sorted().forEach(all::add);
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("drills")
    void nobodyIsSetDownElsewhereAndEverybodyIsSeen(Path file) throws Exception {
        Drill drill = DrillReader.told(file, Surfaces.BUILT_IN).document();
        for (Rung rung : drill.ladder()) {
            Flows flows = new Flows(Ladder.build(drill, rung.id()), drill.surface(), Ladder.dose(drill, rung.id()));
            int people = Math.min(Flows.MOST_PEOPLE, flows.fewest() + 4);
            Replay replay = flows.replay(Flows.Asked.of(people, MINUTES, 1), 0.8);
            String about = file.getFileName() + ", " + rung.id();
            if (!replay.letters().isEmpty()) {
                assertEquals(people, replay.letters().size(), about);
                replay.letters().forEach(l -> goes(replay, l, about));
            }
        }
    }

    private static void goes(Replay replay, String letter, String about) {
        Replay.Now before = replay.at(letter, 0);
        double metres = 0;
        for (double t = STEP; t < replay.flow().seconds(); t += STEP) {
            Replay.Now now = replay.at(letter, t);
            double far = before.at().distance(now.at());
            assertTrue(now.at().isFinite(), about + ": " + letter + " at " + t);
            assertTrue(far <= FASTEST * STEP, about + ": " + letter + " at " + t + " from " + before + " to " + now);
            metres += far;
            before = now;
        }
        Flow.Each each = replay.flow().each().get(letter);
        assertTrue(
                each.reps() == 0 || metres > 0.5 * each.metres() - 20,
                about + ": " + letter + " is seen to go " + metres + " m of " + each.metres());
    }

    /** A ball that is played is where somebody can have it: on the surface or not far from it. */
    @ParameterizedTest
    @MethodSource("drills")
    void ballsAreOnTheGround(Path file) throws Exception {
        Drill drill = DrillReader.told(file, Surfaces.BUILT_IN).document();
        String rung = drill.ladder().get(0).id();
        Flows flows = new Flows(Ladder.build(drill, rung), drill.surface(), Ladder.dose(drill, rung));
        Replay replay = flows.replay(Flows.Asked.of(flows.fewest(), MINUTES, 1), 0);
        for (double t = 0; t < replay.flow().seconds(); t += 1) {
            for (Replay.BallNow ball : replay.balls(t)) {
                Vec at = ball.at();
                assertTrue(at.isFinite(), file + " at " + t);
                assertTrue(
                        Math.abs(at.x()) < drill.surface().length() / 2 + 40
                                && Math.abs(at.y()) < drill.surface().width() / 2 + 40,
                        file.getFileName() + " at " + t + ": " + ball);
            }
        }
    }
}

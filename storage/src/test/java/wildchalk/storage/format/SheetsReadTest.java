package wildchalk.storage.format;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.geometry.Vec;
import wildchalk.core.measure.Units;
import wildchalk.core.setout.SetOut;
import wildchalk.core.setout.Sheet;
import wildchalk.core.setout.SheetReader;
import wildchalk.core.setout.SheetWords;
import wildchalk.core.surface.Surface;

/** The set-out sheets of the drills that we have, read by somebody who has nothing but their words. */
class SheetsReadTest {

    static List<Path> drills() throws IOException {
        try (Stream<Path> gallery = Files.list(Path.of("src", "test", "resources", "gallery"));
                Stream<Path> demo = Files.list(Path.of("..", "demo"))) {
            return Stream.concat(gallery, demo)
                    .filter(f -> f.toString().endsWith(".drill.json"))
                    .sorted()
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("drills")
    void everyPieceOfEveryRungIsFound(Path file) throws Exception {
        Drill drill = DrillReader.read(file);
        for (Rung rung : drill.ladder()) {
            Stage stage = Ladder.build(drill, rung.id());
            Sheet sheet = SetOut.of(stage, drill.surface(), Units.METRIC, SetOut.USUAL_HANDFUL);
            SheetReader taping = reader(drill.surface());
            SheetReader stepping = reader(drill.surface());
            for (Sheet.Step step : sheet.steps()) {
                near(step, taping, SheetWords.tape(step.tape(), Units.METRIC));
                step.paces().ifPresent(p -> near(step, stepping, SheetWords.paces(p)));
            }
        }
    }

    private static SheetReader reader(Surface surface) {
        Map<String, Vec> landmarks = new HashMap<>();
        landmarks.put("middle", Vec.ZERO);
        surface.landmarks().forEach(l -> landmarks.put(l.name(), l.at()));
        return new SheetReader(landmarks, new Vec(1, 0), surface.word("side-line", "sideline"), Units.METRIC.pace());
    }

    private static void near(Sheet.Step step, SheetReader reader, String words) {
        double off = reader.put(step.name(), words).distance(step.piece().at());
        assertTrue(off <= SetOut.MOST_ERROR + 1e-6, step.name() + ": " + words + " is off by " + off + " m");
    }
}

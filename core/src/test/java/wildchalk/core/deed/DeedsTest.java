package wildchalk.core.deed;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Force;
import wildchalk.core.drill.Sending;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Effort;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;
import wildchalk.core.timeline.ActionTimes;

/** What a sport has a word for is told by it, and goes as it goes there. */
class DeedsTest {

    private static final Surface NET = Surfaces.BUILT_IN.get("volleyball-indoor");

    private static Stage sent(String called, Action.Manner manner, double x) {
        Action.Pass pass = new Action.Pass("a", "1", Spot.at("6"), Action.Touch.CONTROLLED, Cue.whistle())
                .sent(new Sending(manner, Force.USUAL, Optional.of(called)));
        return new Stages()
                .player("1", -x, 2)
                .player("6", x, 2)
                .ball("b", "1")
                .action(pass)
                .build();
    }

    private static double seconds(Stage stage, Surface surface) {
        ActionTimes t = Rehearsal.of(stage, surface).times("a").orElseThrow();
        return t.arrival() - t.release();
    }

    private static String told(Stage stage, Surface surface) {
        return ScriptWriter.write(stage, Rehearsal.of(stage, surface), surface, Unit.METRES)
                .lines()
                .get(0)
                .text();
    }

    @Test
    void aServeIsServedAndComesAsFastAsServesDo() {
        Stage serve = sent("serve", Action.Manner.FLAT, 8);
        assertEquals("On the whistle, 1 serves 16 m to 6.", told(serve, NET));
        // Usually 1.0 to 1.3 s over 16 m; a plain pass there takes 2.7 s.
        double t = seconds(serve, NET);
        assertTrue(t >= 0.95 && t <= 1.3, () -> t + " s");
        double young = seconds(serve.at(new Effort(Effort.Level.UNDER_12, Effort.Intensity.LIVE)), NET);
        assertEquals(t / 0.75, young, 0.02, "the young serve as much more slowly as they pass");
    }

    @Test
    void aSetIsAnArc() {
        double t = seconds(sent("set", Action.Manner.LOB, 2), NET);
        assertTrue(t >= 0.9 && t <= 1.5, () -> t + " s");
    }

    @Test
    void whereASportHasNoSuchWordTheGeneralOneStays() {
        assertEquals("On the whistle, 1 passes 16 m to 6.", told(sent("serve", Action.Manner.FLAT, 8), Stages.TURF));
        assertEquals(
                seconds(sent("no-such-thing", Action.Manner.FLAT, 8), NET),
                seconds(sent("x", Action.Manner.FLAT, 8), NET),
                1e-9);
    }

    @ParameterizedTest
    @CsvSource({
        "volleyball",
        "football",
        "puck",
        "basketball",
        "rugby-ball",
        "lacrosse-ball",
        "hockey-ball",
        "gridiron-ball"
    })
    void everySportHasItsWordsAndEachIsSaidOfSomebody(String ball) {
        List<Deed> deeds = Deeds.of(ball);
        assertTrue(deeds.size() >= 7, () -> deeds.size() + " words");
        for (Deed deed : deeds) {
            // A third person: "serves", "takes a slap shot".
            assertTrue(deed.verb().split(" ")[0].endsWith("s"), deed.verb());
            boolean arc = deed.manner().filter(m -> m == Action.Manner.LOB).isPresent();
            assertEquals(arc, deed.flight().angle().isPresent(), () -> deed.id() + " has an angle if it is an arc");
            deed.flight().launch().ifPresent(v -> assertTrue(v >= 5 && v <= 35, () -> deed.id() + ": " + v + " m/s"));
        }
    }

    @Test
    void thePageOfTheFormatNamesJustThese() throws Exception {
        Path page = Path.of("../docs/format/deeds.md");
        for (String line : Files.readAllLines(page)) {
            String[] cells = line.split("\\|");
            if (cells.length < 3 || !cells[1].contains("`")) {
                continue;
            }
            String ball = cells[1].replace("`", "").strip();
            TreeSet<String> named = Arrays.stream(cells[2].split("`"))
                    .filter(n -> n.matches("[a-z0-9-]+"))
                    .collect(Collectors.toCollection(TreeSet::new));
            TreeSet<String> known =
                    Deeds.of(ball).stream().map(Deed::id).collect(Collectors.toCollection(TreeSet::new));
            assertEquals(known, named, ball);
        }
    }
}

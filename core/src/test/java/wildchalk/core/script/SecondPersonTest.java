package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Spot;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.drill.TravelPath;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.surface.Surfaces;

class SecondPersonTest {

    private static final Stage STAGE = new Stages()
            .player("7", 0, 0)
            .player("9", 15, 0)
            .ball("b", "7")
            .carry("a1", "7", Cue.whistle(), 8, 0)
            .pass("a2", "7", "9", Cue.after("a1"))
            .travel(new Travel.Run(
                    "a3",
                    "9",
                    new TravelPath(List.of(Spot.at(20, 4)), false),
                    Action.Gait.RUN,
                    Action.Ending.STOP,
                    new Cue(new Cue.Partway("a1", 0.5), 0)))
            .shot("a4", "9", Cue.received("a2"))
            .build();

    private static List<String> told(String who) {
        return SecondPerson.write(STAGE, Rehearsal.of(STAGE, Stages.TURF), Stages.TURF, Unit.METRES, who)
                .lines()
                .stream()
                .map(Script.Line::text)
                .toList();
    }

    @Test
    void verbsFollowWhoIsTold() {
        assertEquals(
                List.of(
                        "On the whistle, you carry the ball 8 m forwards.",
                        "When you are halfway, 9 runs 6 m forwards to the right and stops.",
                        "Then you pass 12 m to 9, on the run.",
                        "On receiving, 9 shoots at the goal from 26 m."),
                told("7"));
        List<String> nine = told("9");
        assertEquals("When 7 is halfway, you run 6 m forwards to the right and stop.", nine.get(1));
        assertEquals("Then 7 passes 12 m to you, on the run.", nine.get(2));
        assertTrue(nine.get(3).startsWith("On receiving, you shoot at the goal"), nine.get(3));
    }

    @Test
    void linesAreAboutWhoActsOrIsNamed() {
        Script script = SecondPerson.write(STAGE, Rehearsal.of(STAGE, Stages.TURF), Stages.TURF, Unit.METRES, "9");
        assertFalse(SecondPerson.isAbout(script.lines().get(0), STAGE, "9"));
        assertTrue(SecondPerson.isAbout(script.lines().get(2), STAGE, "9"), "the ball comes to them");
    }

    @Test
    void whoIsNotThereIsToldWhatEverybodyIs() {
        assertEquals(
                ScriptWriter.write(STAGE, Rehearsal.of(STAGE, Stages.TURF), Stages.TURF, Unit.METRES),
                SecondPerson.write(STAGE, Rehearsal.of(STAGE, Stages.TURF), Stages.TURF, Unit.METRES, "nobody"));
    }

    @ParameterizedTest
    @CsvSource({
        "carries,carry",
        "passes,pass",
        "chases,chase",
        "closes,close",
        "pushes,push",
        "touches,touch",
        "boxes,box",
        "goes,go",
        "stays,stay",
        "releases,release",
        "is,are",
        "has,have",
        "does,do",
        "chooses,choose",
        "catches,catch",
        "bounces,bounce"
    })
    void plainForms(String verb, String plain) {
        assertEquals(plain, SecondPerson.plain(verb));
    }

    /** No sport's word for what people do is left as it is said of others. */
    @Test
    void everyVerbOfEverySurfaceHasAPlainForm() {
        for (Surface surface : Surfaces.BUILT_IN.all()) {
            for (String key : List.of("walk", "jog", "run", "sprint", "back", "side", "carry", "pass", "shoot")) {
                String first = surface.words().getOrDefault(key, "runs").split(" ")[0];
                assertTrue(first.endsWith("s"), surface.id() + " " + first);
                assertTrue(SecondPerson.plain(first).length() < first.length());
            }
        }
    }
}

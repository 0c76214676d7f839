package wildchalk.core.script;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import wildchalk.core.Stages;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Instruction.Option;
import wildchalk.core.drill.Instruction.Read;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.rehearsal.AnyStage;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/** What is not chosen is drawn and told as it is played when it is; and nothing that can happen is left unsaid. */
class EveryWayProperties {

    private static final Surface TURF = Stages.TURF;

    @Provide
    Arbitrary<Stage> stages() {
        return AnyStage.stages();
    }

    private static String told(Stage stage) {
        return ScriptWriter.write(stage, Rehearsal.of(stage, TURF), TURF, Unit.METRES).lines().stream()
                .map(Script.Line::text)
                .collect(Collectors.joining("\n"));
    }

    @Property(tries = 300, seed = "19081")
    void linesAndWordsOfAnOptionAreThoseOfTheRepInWhichItIsTaken(@ForAll("stages") Stage stage) {
        Timeline here = Rehearsal.of(stage, TURF);
        for (Read read : Reads.of(stage)) {
            Optional<Option> taken = Reads.taken(stage, here.otherWays().settled(), read);
            for (Option option : read.options()) {
                if (read.under().isPresent() || taken.filter(option::equals).isPresent()) {
                    continue;
                }
                Timeline there = Rehearsal.of(stage, TURF, Choices.NONE.with(read.id(), option.id()));
                for (String id : option.actions()) {
                    if (here.times(id).isEmpty() && there.times(id).isPresent()) {
                        assertEquals(there.line(id), here.line(id), "the line of " + id);
                        Action action = stage.action(id).orElseThrow();
                        assertEquals(
                                ScriptWriter.sentence(stage, there, TURF, Unit.METRES, action),
                                ScriptWriter.sentence(stage, here, TURF, Unit.METRES, action));
                    }
                }
            }
        }
    }

    @Property(tries = 300, seed = "19081")
    void everythingThatHappensOnSomeWayIsSaid(@ForAll("stages") Stage stage) {
        Timeline here = Rehearsal.of(stage, TURF);
        Set<String> said = ScriptWriter.write(stage, here, TURF, Unit.METRES).lines().stream()
                .flatMap(l -> l.phrases().stream())
                .map(Script.Phrase::action)
                .collect(Collectors.toSet());
        for (Action action : stage.actions()) {
            boolean plays = here.times(action.id()).isPresent()
                    || oneDecisionAway(stage, here).stream()
                            .anyMatch(t -> t.times(action.id()).isPresent());
            assertTrue(!plays || said.contains(action.id()), () -> action.id() + " is not said:\n" + told(stage));
        }
    }

    private static List<Timeline> oneDecisionAway(Stage stage, Timeline here) {
        return Reads.of(stage).stream()
                .filter(r -> Fork.isOpen(stage, here, r))
                .filter(r -> Reads.taken(stage, here.otherWays().settled(), r).isPresent())
                .flatMap(r -> r.options().stream().flatMap(o -> here.otherWays().going(r.id(), o.id()).stream()))
                .toList();
    }

    @Property(tries = 100, seed = "19081")
    void withoutAnActionTheWordsAreOthers(@ForAll("stages") Stage stage) {
        String all = told(stage);
        Timeline here = Rehearsal.of(stage, TURF);
        for (Action action : stage.actions()) {
            if (here.times(action.id()).isPresent()) {
                Stage less = stage.withActions(
                        stage.actions().stream().filter(a -> a != action).toList());
                assertNotEquals(all, told(less), "without " + action.id());
            }
        }
    }

    /** A pause that nothing else in the rep has stands in the words wherever it is put, or what is left of it does. */
    @Property(tries = 200, seed = "19081")
    void everyDelayIsSaid(@ForAll("stages") Stage stage) {
        for (Action action : stage.actions()) {
            Stage later = stage.withAction(action.withCue(action.cue().delayed(7.7)));
            Timeline timeline = Rehearsal.of(later, TURF);
            boolean plays = timeline.times(action.id()).isPresent()
                    || oneDecisionAway(later, timeline).stream()
                            .anyMatch(t -> t.times(action.id()).isPresent());
            if (plays) {
                String told = told(later);
                // After another's pause that is said already, only as much later as it is.
                boolean said = later.actions().stream()
                        .mapToDouble(a -> a == later.action(action.id()).orElseThrow()
                                ? 0
                                : a.cue().delay())
                        .anyMatch(d -> told.contains(Math.round((7.7 - d) * 10) / 10.0 + " s")
                                || told.contains(Math.round(7.7 - d) + " s"));
                assertTrue(said, () -> "the pause of " + action.id() + " is not said:\n" + told);
            }
        }
    }
}

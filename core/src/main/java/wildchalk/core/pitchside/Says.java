package wildchalk.core.pitchside;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Game;
import wildchalk.core.drill.Instruction;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.measure.Unit;
import wildchalk.core.practice.Block;
import wildchalk.core.practice.Content;
import wildchalk.core.rehearsal.Rehearsal;
import wildchalk.core.script.Differences;
import wildchalk.core.script.GameWords;
import wildchalk.core.script.Script;
import wildchalk.core.script.ScriptWriter;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/**
 * What a coach says, asks, watches for and takes care of in a part of a practice, the most needed first.
 *
 * @param say what is new on the rung, its limits, then the coaching points
 * @param ask questions of the rung, then those of the drill
 * @param watch what usually goes wrong and its mend, then when they are ready for more
 * @param care what could hurt somebody
 */
public record Says(List<String> say, List<String> ask, List<String> watch, List<String> care) {

    /** Nothing is said. */
    public static final Says NOTHING = new Says(List.of(), List.of(), List.of(), List.of());

    private static final Wordbook BOOK = Wordbook.beside(Says.class, "Pitchside");

    public Says {
        say = List.copyOf(say);
        ask = List.copyOf(ask);
        watch = List.copyOf(watch);
        care = List.copyOf(care);
    }

    /** Of a block without a drill. */
    public static Says of(Block block) {
        List<String> say = new ArrayList<>();
        if (block.content() instanceof Content.Game game) {
            add(say, game.scoring());
        }
        add(say, block.note());
        return new Says(say, List.of(), List.of(), List.of());
    }

    /**
     * Of a rung of a drill. It is rehearsed for it: not to be asked again and again.
     *
     * @param rung its id; empty, or one that is not there, for the lowest
     */
    public static Says of(Block block, Drill drill, String rung, Unit unit) {
        Rung here = rung(drill, rung);
        Surface surface = drill.surface();
        Stage stage = Ladder.build(drill, here.id());
        Timeline timeline = Rehearsal.of(stage, surface);
        List<String> say = new ArrayList<>();
        Optional<Stage> below = here.from()
                .filter(f -> drill.ladder().stream().anyMatch(r -> r.id().equals(f)))
                .map(f -> Ladder.build(drill, f));
        below.map(b -> Differences.of(b, stage, timeline, surface, unit))
                .filter(d -> !d.isEmpty())
                .ifPresent(d -> say.add(Differences.sentence(d, Ladder.variationOf(drill, here.id()))));
        if (say.isEmpty()) {
            Set<String> limits = stage.instructions().stream()
                    .filter(i -> i instanceof Limit || i instanceof Game)
                    .map(Instruction::id)
                    .collect(Collectors.toSet());
            ScriptWriter.write(stage, timeline, surface, unit).limits().stream()
                    .filter(p -> limits.contains(p.action()))
                    .map(Script.Phrase::text)
                    .forEach(w -> add(say, w));
        }
        add(say, block.note());
        say.addAll(drill.points());
        List<String> ask = new ArrayList<>();
        stage.instructions(Freeze.class).forEach(f -> add(ask, f.question()));
        drill.questions().stream().filter(q -> !ask.contains(q)).forEach(ask::add);
        List<String> watch = new ArrayList<>();
        new GameWords(stage, stage.marked(surface), unit).watched().forEach(w -> watch.add(w.text()));
        watch.addAll(watch(block, here));
        return new Says(say, ask, watch, drill.cautionsOut());
    }

    private static List<String> watch(Block block, Rung rung) {
        List<String> watch = new ArrayList<>();
        block.play()
                .flatMap(p -> p.climbs().stream())
                .filter(c -> c.rung().equals(rung.id()) && !c.when().isEmpty())
                .forEach(c -> watch.add(BOOK.say("climb", c.when())));
        if (watch.isEmpty() && !rung.plan().climb().isBlank()) {
            watch.add(BOOK.say("climb", rung.plan().climbWords()));
        }
        return watch;
    }

    /** The rung of a drill; the lowest where there is none of this id. */
    public static Rung rung(Drill drill, String rung) {
        return drill.ladder().stream()
                .filter(r -> r.id().equals(rung))
                .findFirst()
                .orElse(drill.ladder().get(0));
    }

    private static void add(List<String> all, String words) {
        if (!words.isBlank()) {
            all.add(words.strip());
        }
    }
}

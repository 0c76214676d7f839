package wildchalk.core.script;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Limit;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.Twins;
import wildchalk.core.edit.Unrolled;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Script.Line;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/** Writes a rehearsed stage down in words. */
public final class ScriptWriter {

    private ScriptWriter() {}

    /**
     * Tells a stage.
     *
     * @param timeline of the same stage and surface, one way through
     * @param unit how lengths are said
     */
    public static Script write(Stage stage, Timeline timeline, Surface surface, Unit unit) {
        List<Line> lines = new ArrayList<>();
        Surface marked = stage.marked(surface);
        RotationWords rotation = new RotationWords(stage, marked, unit);
        Stage told = told(stage, timeline, rotation);
        StationWords stations = new StationWords(told, surface);
        // A stop for all is said once.
        Set<String> stops = new HashSet<>();
        for (StationWords.Group group : stations.groups()) {
            String heading = group.heading();
            for (Line line : Lettering.of(new Telling(told, marked, unit, timeline, group, stops).lines())) {
                lines.add(line.under(heading));
                heading = "";
            }
        }
        LimitWords limits = new LimitWords(stage, stage.marked(surface), unit);
        List<Phrase> said = new ArrayList<>(stage.instructions(Limit.class).stream()
                .map(l -> new Phrase(limits.of(l), Part.SAID, "", l.id()))
                .toList());
        said.addAll(new GameWords(stage, marked, unit).all());
        said.addAll(new EndWords(stage, surface, timeline, unit).changes());
        stations.movingOn().ifPresent(said::add);
        said.addAll(rotation.all());
        AloudWords.of(stage.aloud()).forEach(w -> said.add(new Phrase(w, Part.SAID, "", "")));
        return new Script(lines, said);
    }

    /** With whoever comes to the front of a line as somebody of their own, where they are played so. */
    private static Stage told(Stage stage, Timeline timeline, RotationWords rotation) {
        Stage told = Unrolled.told(stage, rotation::next);
        Set<String> copies = Twins.copies(told);
        told = copies.isEmpty()
                ? told
                : told.withActions(told.actions().stream()
                        .filter(a -> !copies.contains(a.id()))
                        .toList());
        boolean played = told.people().stream().map(Piece::id).allMatch(timeline.people()::contains);
        return played ? told : stage;
    }

    /**
     * One action as it stands in the script, without what sets it off: "7 carries the ball 12 m". Told as it happens on
     * the way on which it does.
     */
    public static String sentence(Stage stage, Timeline timeline, Surface surface, Unit unit, Action action) {
        Surface marked = stage.marked(surface);
        Stage told = told(stage, timeline, new RotationWords(stage, marked, unit));
        Sentence sentence = new Sentence(Ground.of(told, timeline.playing(action.id()), marked, unit));
        sentence.clauses().say(told.action(action.id()).orElse(action));
        return new Line(0, 0, 0, sentence.clauses().phrases(), "", 0).text();
    }

    /** What sets an action off, in words: "as 7 receives". */
    public static String cue(Stage stage, Timeline timeline, Surface surface, Action action) {
        return cues(stage, timeline, surface).apply(action);
    }

    /** The same for many actions of one stage: what they have in common is worked out once. Of one thread. */
    public static Function<Action, String> cues(Stage stage, Timeline timeline, Surface surface) {
        Surface marked = stage.marked(surface);
        IdentityHashMap<Timeline, Sentence> ways = new IdentityHashMap<>();
        return action -> {
            Sentence sentence = ways.computeIfAbsent(
                    timeline.playing(action.id()), w -> new Sentence(Ground.of(stage, w, marked, Unit.METRES)));
            return Sentence.lower(sentence.moments().of(action.cue().trigger(), action));
        };
    }
}

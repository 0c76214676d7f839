package wildchalk.core.script;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import wildchalk.core.colour.Bib;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction.Attacks;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Ends;
import wildchalk.core.measure.Unit;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;
import wildchalk.core.wording.Wordbook;

/** Words for changes of ends: "As the keeper gets there, the teams change ends". */
final class EndWords {

    private final Stage stage;
    private final Words words;
    private final Moments moments;
    private final List<Bib> playing;

    EndWords(Stage stage, Surface surface, Timeline timeline, Unit unit) {
        this.stage = stage;
        this.words = new Words(surface, stage.people());
        this.playing = new Ends(stage, surface).teams();
        this.moments =
                new Moments(stage, surface, unit, words, id -> true, Sides.of(stage, surface, timeline), id -> true);
    }

    /** A sentence for each moment at which teams change ends, in the order in which they are said. */
    List<Script.Phrase> changes() {
        Map<Cue, List<Attacks>> at = new LinkedHashMap<>(stage.instructions(Attacks.class).stream()
                .filter(a -> a.from().isPresent())
                .collect(Collectors.groupingBy(a -> a.from().orElseThrow(), LinkedHashMap::new, Collectors.toList())));
        return at.entrySet().stream().map(e -> phrase(e.getKey(), e.getValue())).toList();
    }

    private Script.Phrase phrase(Cue cue, List<Attacks> changes) {
        String moment = moments.of(cue, null);
        List<Bib> teams = changes.stream().map(Attacks::team).distinct().toList();
        boolean all = teams.containsAll(playing);
        String who = teams.size() > 1 && all
                ? words.say("ends.all")
                : teams.stream().map(EndWords::name).collect(Collectors.joining(words.say("ends.and")));
        String text = words.say("ends.change", moment, who);
        return new Script.Phrase(text, Script.Part.SAID, "", changes.get(0).id());
    }

    private static String name(Bib team) {
        return Wordbook.key(team);
    }
}

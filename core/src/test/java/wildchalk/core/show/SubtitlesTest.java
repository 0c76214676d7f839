package wildchalk.core.show;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import wildchalk.core.drill.Cue;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Stage;
import wildchalk.core.effort.Effort;
import wildchalk.core.script.Script;
import wildchalk.core.script.Script.Line;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;

/** The words that run along with a rep. */
class SubtitlesTest {

    private static Line line(int beat, double t, Phrase... phrases) {
        return new Line(beat, beat, t, List.of(phrases), "", 0);
    }

    private static Phrase says(String words) {
        return new Phrase(words, Part.WHAT, "", "a");
    }

    private final Script script = new Script(
            List.of(
                    line(1, 0, says("one")),
                    line(2, 2.5, says("two")),
                    line(2, 2.5, says("two as well")),
                    line(3, 4, says("three"))),
            List.of());

    private String at(double t) {
        return String.join("/", Subtitles.at(script, t).stream().map(Line::text).toList());
    }

    @Test
    void theBeatUnderWayIsSaid() {
        assertEquals("one", at(0));
        assertEquals("one", at(2.4));
        assertEquals("two/two as well", at(2.5));
        assertEquals("two/two as well", at(2.48), "a frame early is near enough");
        assertEquals("three", at(90));
        assertEquals("one", at(-1), "before the whistle what comes first");
        assertEquals(List.of(), Subtitles.at(new Script(List.of(), List.of()), 1));
    }

    @Test
    void whatIsForTheCoachAloneIsLeftOut() {
        Stage stage = new Stage(
                "s",
                "s",
                List.of(),
                List.of(),
                List.of(new Freeze("f1", Cue.whistle(), "Who is free?", "")),
                Effort.LIVE);
        Line line = line(1, 0, says("9 runs."), new Phrase(" Stop and ask.", Part.SAID, "", "f1"));
        assertEquals("9 runs.", Subtitles.words(line, stage));
    }
}

package wildchalk.core.show;

import java.util.List;
import java.util.stream.Collectors;
import wildchalk.core.drill.Instruction.Freeze;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.Script;

/** The words that run along with a rep. */
public final class Subtitles {

    /** A beat that is this near is meant, seconds. */
    private static final double NEAR = 0.03;

    private Subtitles() {}

    /** The lines of the beat that begins at a time, or is under way; of stations, of all that began together. */
    public static List<Script.Line> at(Script script, double t) {
        List<Script.Line> lines =
                script.lines().stream().filter(Script.Line::isTaken).toList();
        double begun = lines.stream()
                .mapToDouble(Script.Line::t)
                .filter(b -> b <= t + NEAR)
                .max()
                .orElse(lines.stream().mapToDouble(Script.Line::t).min().orElse(0));
        return lines.stream().filter(l -> Math.abs(l.t() - begun) < 1e-6).toList();
    }

    /** A line without what is only for the coach: where it stops and what is asked then. */
    public static String words(Script.Line line, Stage stage) {
        return line.phrases().stream()
                .filter(p -> stage.instructions(Freeze.class).stream().noneMatch(f -> f.id().equals(p.action())))
                .map(Script.Phrase::text)
                .collect(Collectors.joining());
    }
}

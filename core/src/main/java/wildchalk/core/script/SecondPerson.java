package wildchalk.core.script;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Stage;
import wildchalk.core.edit.PersonEdits;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Script.Line;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;
import wildchalk.core.surface.Surface;
import wildchalk.core.timeline.Timeline;

/** The script told to one of those who are in it: "As 7 receives, you run 12 m to the cone and stop." */
public final class SecondPerson {

    /** The name of whoever is told. */
    static final String YOU = "you";

    private static final Map<String, String> IRREGULAR = Map.of("is", "are", "has", "have", "does", "do");
    private static final Pattern YOU_DO = Pattern.compile("\\b([Yy]ou )(first )?([a-z]+s)\\b");
    private static final Pattern AND_DOES = Pattern.compile("^( and )([a-z]+s)\\b");
    private static final Pattern FIRST_WORD = Pattern.compile("^()([a-z]+s)\\b");

    private SecondPerson() {}

    /** @param who id of the person who is told */
    public static Script write(Stage stage, Timeline timeline, Surface surface, Unit unit, String who) {
        if (stage.person(who).isEmpty()) {
            return ScriptWriter.write(stage, timeline, surface, unit);
        }
        Stage told = stage.withPiece(PersonEdits.called(stage.person(who).get(), YOU));
        Script script = ScriptWriter.write(told, timeline, surface, unit);
        return new Script(
                script.lines().stream()
                        .map(l -> new Line(
                                l.beat(),
                                l.number(),
                                l.t(),
                                l.phrases().stream()
                                        .map(p -> told(p, told, who))
                                        .toList(),
                                l.heading(),
                                l.depth(),
                                l.aside()))
                        .toList(),
                script.limits());
    }

    /** Whether a line says something about the person who is told. */
    public static boolean isAbout(Line line, Stage stage, String who) {
        return line.phrases().stream()
                .anyMatch(p -> p.piece().equals(who)
                        || stage.action(p.action())
                                .filter(a -> a.who().equals(who))
                                .isPresent());
    }

    private static Phrase told(Phrase phrase, Stage stage, String who) {
        boolean own = stage.action(phrase.action())
                .map(Action::who)
                .filter(who::equals)
                .isPresent();
        String text = YOU_DO.matcher(phrase.text())
                .replaceAll(m -> Matcher.quoteReplacement(
                        m.group(1) + (m.group(2) == null ? "" : m.group(2)) + plain(m.group(3))));
        if (own && phrase.part() == Part.WHAT) {
            text = begin(FIRST_WORD, text);
        } else if (own && phrase.part() == Part.WHERE) {
            text = begin(AND_DOES, text).replace(Words.THEIR_OWN, Words.BOOK.say("own.yours"));
        }
        return new Phrase(text, phrase.part(), phrase.piece(), phrase.action());
    }

    private static String begin(Pattern verb, String text) {
        return verb.matcher(text).replaceFirst(m -> Matcher.quoteReplacement(m.group(1) + plain(m.group(2))));
    }

    /** The verb as it follows "you": "carry" of "carries". */
    static String plain(String verb) {
        if (IRREGULAR.containsKey(verb)) {
            return IRREGULAR.get(verb);
        }
        if (verb.endsWith("ies")) {
            return verb.substring(0, verb.length() - 3) + "y";
        }
        boolean sibilant =
                List.of("sses", "shes", "ches", "xes", "oes").stream().anyMatch(verb::endsWith);
        return verb.substring(0, verb.length() - (sibilant ? 2 : 1));
    }
}

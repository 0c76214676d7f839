package wildchalk.core.check.over;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.check.Finding;
import wildchalk.core.check.rep.Spotted;
import wildchalk.core.drill.Drill;
import wildchalk.core.surface.Surface;

/** Findings in the words of a sport: where it has a puck nobody speaks of a ball, and on ice nobody runs. */
final class SportsWords {

    /** General words by the key under which a surface has its own. */
    private static final Map<String, String> GENERAL = Map.of("ball", "ball", "balls", "balls", "run", "runs");

    private SportsWords() {}

    static Spotted of(Spotted spotted, Surface surface) {
        if (GENERAL.entrySet().stream()
                .allMatch(g -> surface.word(g.getKey(), g.getValue()).equals(g.getValue()))) {
            return spotted;
        }
        Finding<Drill> finding = spotted.finding();
        return new Spotted(
                new Finding<>(
                        finding.check(),
                        finding.weight(),
                        said(finding.words(), surface),
                        finding.where(),
                        finding.span(),
                        finding.mends()),
                spotted.scene(),
                spotted.sure(),
                said(spotted.advice(), surface),
                List.of(() -> spotted.proposals().stream()
                        .map(m -> new Finding.Mend<>(said(m.words(), surface), m.edit()))
                        .toList()));
    }

    private static String said(String words, Surface surface) {
        String own = words;
        for (Map.Entry<String, String> general : GENERAL.entrySet()) {
            own = Pattern.compile("\\b" + general.getValue() + "\\b")
                    .matcher(own)
                    .replaceAll(Matcher.quoteReplacement(surface.word(general.getKey(), general.getValue())));
        }
        return own;
    }
}

package wildchalk.core.waiting;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import wildchalk.core.measure.Unit;
import wildchalk.core.script.Counts;
import wildchalk.core.surface.Surface;

/**
 * Says what a help saves and what it costs.
 *
 * @param unit lengths are said in
 * @param names what people are called, by their letters; a letter for whom nothing is known
 */
public record HelpWords(Surface surface, Unit unit, UnaryOperator<String> names) {

    /** "saves 1:48 of waiting each; a wait is 14 s, not 27 s" */
    public String saves(Help help) {
        long before = Math.round(help.saving().before().usual());
        long after = Math.round(help.saving().after().usual());
        return Helps.BOOK.say(
                after < before ? "saves.usual" : "saves",
                clock(help.saving().seconds()),
                Math.round(help.saving().share() * 100),
                after,
                before);
    }

    /** What it costs, one thing after the other: "4 cones", "1 coach"; empty for nothing. */
    public List<String> costs(Help help) {
        List<String> all = new ArrayList<>(Counts.of(help.price().gear(), surface));
        if (help.price().coaches() > 0) {
            all.add(Helps.BOOK.say("coaches", help.price().coaches()));
        }
        help.price()
                .ground()
                .ifPresent(g -> all.add(Helps.BOOK.say("ground", metres(g.along()), metres(g.across()), unit.sign())));
        if (help.price().crossings() > 0) {
            all.add(help.price().met().stream()
                    .findFirst()
                    .map(m -> Helps.BOOK.say(
                            "crossings", help.price().crossings(), names.apply(m.one()), names.apply(m.other())))
                    .orElseThrow());
        }
        return all;
    }

    /** What it costs in one line; that it costs nothing where it does. */
    public String price(Help help) {
        List<String> costs = costs(help);
        return costs.isEmpty()
                ? Helps.BOOK.say("free")
                : Helps.BOOK.say("costs", String.join(Helps.BOOK.say("comma"), costs));
    }

    private long metres(double metres) {
        return (long) Math.ceil(metres / unit.metres() - 0.05);
    }

    private static String clock(double seconds) {
        long s = Math.round(seconds);
        return s / 60 + ":" + (s % 60 < 10 ? "0" : "") + s % 60;
    }
}

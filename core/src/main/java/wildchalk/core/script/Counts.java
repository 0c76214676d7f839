package wildchalk.core.script;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wildchalk.core.colour.Colour;
import wildchalk.core.drill.GearKind;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.implied.Needs;
import wildchalk.core.surface.Surface;

/** What a stage needs, counted: people, gear, balls. */
public final class Counts {

    private Counts() {}

    /** What a ball is called where it is played: "ball" and "balls", "puck" and "pucks". */
    public record Ball(String one, String several) {

        /** "1 puck", "6 pucks". */
        public String counted(int n) {
            return n + " " + (n == 1 ? one : several);
        }
    }

    /** What a ball is called on a surface. */
    public static Ball ball(Surface surface) {
        Words words = new Words(surface);
        return new Ball(words.word("ball"), words.word("balls"));
    }

    /** "9 players", "9 cones (5 yellow, 4 blue)", "2 mini-goals", "6 balls"; nothing that there is none of. */
    public static List<String> of(Stage stage, Surface surface) {
        return of(Needs.of(stage), surface);
    }

    /** The same of what was counted already. */
    public static List<String> of(Needs needs, Surface surface) {
        Words words = new Words(surface);
        List<String> counts = new ArrayList<>();
        if (needs.people() > 0) {
            counts.add(words.say("count.players", needs.people()));
        }
        needs.gear().forEach((kind, byColour) -> counts.add(gear(kind, byColour, words)));
        if (needs.balls() > 0) {
            counts.add(balls(needs, words));
        }
        return counts;
    }

    /** "8 balls (6 in a heap)": those in heaps are told apart, because the others are in hands or lie by themselves. */
    private static String balls(Needs needs, Words words) {
        String all = needs.balls() + " " + words.word(needs.balls() == 1 ? "ball" : "balls");
        int heaped = needs.heaps().stream().mapToInt(Integer::intValue).sum();
        if (heaped == 0) {
            return all;
        }
        String heaps = words.say("count.heaps", needs.heaps().size());
        return heaped == needs.balls()
                ? words.say("count.all.heaped", all, heaps)
                : words.say("count.heaped", all, heaped, heaps);
    }

    /** The colours are told apart when there are several. */
    private static String gear(GearKind kind, Map<Colour, Integer> byColour, Words words) {
        int all = byColour.values().stream().mapToInt(Integer::intValue).sum();
        String counted = words.count(kind, all);
        if (byColour.size() < 2 || !kind.isColoured()) {
            return counted;
        }
        List<String> parts = byColour.entrySet().stream()
                .sorted((a, b) -> b.getValue() - a.getValue())
                .map(e -> e.getValue() + " " + words.colour(e.getKey()))
                .toList();
        return counted + " (" + String.join(", ", parts) + ")";
    }
}

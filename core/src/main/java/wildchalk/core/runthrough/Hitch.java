package wildchalk.core.runthrough;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wildchalk.core.drill.Choices;
import wildchalk.core.drill.Drill;
import wildchalk.core.drill.Ladder;
import wildchalk.core.drill.Reads;
import wildchalk.core.drill.Rung;
import wildchalk.core.drill.Stage;
import wildchalk.core.script.ReadWords;
import wildchalk.core.timeline.Problem;

/**
 * Something in a sound drill that cannot be played as drawn.
 *
 * @param rung the sign of the rung, such as "2a"
 * @param way the options that lead there, in words; empty where it is so whichever are taken
 * @param message what is wrong, and what to do
 */
public record Hitch(String rung, List<String> way, String message) {

    /** No more ways than this are tried on a rung. */
    private static final int MOST_WAYS = 64;

    public Hitch {
        way = List.copyOf(way);
    }

    /**
     * All of a drill: those of what is usually taken first, then what else goes wrong another way; each once a rung.
     */
    public static List<Hitch> of(Drill drill) {
        List<Hitch> found = new ArrayList<>();
        Map<String, String> signs = Ladder.signs(drill);
        for (Rung rung : drill.ladder()) {
            Stage stage = Ladder.build(drill, rung.id());
            Set<String> told = new HashSet<>();
            List<Choices> ways = new ArrayList<>(List.of(Choices.NONE));
            Reads.ways(stage).stream().limit(MOST_WAYS).forEach(ways::add);
            for (Choices way : ways) {
                for (Problem problem :
                        RunThrough.of(stage, drill.surface(), way).timeline().problems()) {
                    if (told.add(problem.message())) {
                        found.add(new Hitch(signs.get(rung.id()), words(stage, way), problem.message()));
                    }
                }
            }
        }
        return found;
    }

    private static List<String> words(Stage stage, Choices way) {
        return Reads.of(stage).stream()
                .filter(r -> Reads.taken(stage, way, r).isPresent())
                .flatMap(r -> r.option(way.of().getOrDefault(r.id(), "")).stream()
                        .flatMap(o -> ReadWords.option(stage, r, o).stream()))
                .collect(Collectors.toList());
    }

    /** "rung 2, left, shoot: 7 has no ball here" */
    public String words() {
        return "rung " + rung + (way.isEmpty() ? "" : ", " + String.join(", ", way)) + ": " + message;
    }
}

package wildchalk.handout.card;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import wildchalk.core.script.Script;

/** What stands on a card already, rung by rung, so that nothing stands on it twice. */
final class ToldBefore {

    /** On which rung of the card something is told, by its words. */
    private final Map<String, String> printed = new HashMap<>();

    /** Notes that something is told on a rung; whether it is for the first time. */
    boolean isFirst(String words, String sign) {
        return printed.putIfAbsent(words, sign) == null;
    }

    boolean knows(String words) {
        return printed.containsKey(words);
    }

    /** What happens anyway with all the options that are told under it: a part of a decision alone says nothing. */
    static List<List<Script.Line>> blocks(Script script) {
        List<List<Script.Line>> blocks = new ArrayList<>();
        for (Script.Line line : script.lines()) {
            if (blocks.isEmpty() || line.depth() == 0) {
                blocks.add(new ArrayList<>());
            }
            blocks.get(blocks.size() - 1).add(line);
        }
        return blocks;
    }

    /** A block taken apart: what happens anyway, then each option of a decision with what follows from it. */
    static List<List<Script.Line>> branches(List<Script.Line> block) {
        List<List<Script.Line>> branches = new ArrayList<>();
        for (Script.Line line : block) {
            if (branches.isEmpty() || line.depth() == 1 && !option(line).isEmpty()) {
                branches.add(new ArrayList<>());
            }
            branches.get(branches.size() - 1).add(line);
        }
        return branches;
    }

    /** "Or “take it”": how an option that has a name begins; empty for any other line. */
    static String option(Script.Line line) {
        List<String> said = line.phrases().stream()
                .takeWhile(p -> p.part() == Script.Part.SAID)
                .map(Script.Phrase::text)
                .toList();
        return said.size() < 2 ? "" : String.join("", said).replaceFirst(":?\\s*$", "");
    }

    /** On which rung of this card all of a block stands; empty when not all of it does, or not on one. */
    Optional<String> on(List<Script.Line> block) {
        Set<String> rungs =
                block.stream().map(l -> printed.getOrDefault(l.text(), "")).collect(Collectors.toSet());
        return rungs.size() == 1 ? rungs.stream().findFirst().filter(r -> !r.isEmpty()) : Optional.empty();
    }

    /** Which beats are told on another rung of this card, so that nothing stands on it twice. */
    List<String> asBefore(Script script) {
        Map<String, Set<Integer>> told = new LinkedHashMap<>();
        List<List<Script.Line>> blocks = blocks(script);
        blocks.forEach(block -> on(block).ifPresent(on -> block.stream()
                .filter(Script.Line::isTaken)
                .forEach(l -> told.computeIfAbsent(on, s -> new TreeSet<>()).add(l.number()))));
        boolean all = blocks.stream().allMatch(b -> on(b).isPresent()) && told.size() == 1;
        return told.entrySet().stream()
                .map(e -> all
                        ? "All as on " + e.getKey() + "."
                        : capital(beats(List.copyOf(e.getValue())) + " as on " + e.getKey() + "."))
                .toList();
    }

    /** "beats 1 to 4 and 6" */
    private static String beats(List<Integer> all) {
        List<String> runs = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            int from = all.get(i);
            while (i + 1 < all.size() && all.get(i + 1) == all.get(i) + 1) {
                i++;
            }
            int to = all.get(i);
            runs.add(from == to ? "" + from : from + (to == from + 1 ? " and " : " to ") + to);
        }
        String last = runs.remove(runs.size() - 1);
        return (all.size() == 1 ? "beat " : "beats ")
                + (runs.isEmpty() ? last : String.join(", ", runs) + " and " + last);
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}

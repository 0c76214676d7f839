package wildchalk.handout.card;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wildchalk.core.script.Script;
import wildchalk.core.wording.Wordbook;

/** What stands on a card already, rung by rung, so that nothing stands on it twice. */
final class ToldBefore {

    private static final Pattern SIDES = Pattern.compile("\\b([Ll]eft|[Rr]ight)\\b");
    private static final Map<String, String> OTHER =
            Map.of("left", "right", "right", "left", "Left", "Right", "Right", "Left");

    private final Wordbook words = CardContent.WORDS;

    /** Where something is told, by its words. */
    private final Map<String, Told> printed = new HashMap<>();

    /** On which rung, and under which number. */
    private record Told(String sign, String mark) {}

    /**
     * Where all of a block stands.
     *
     * @param sign of the rung
     * @param turned whether it stands there with left and right changed over
     */
    record Known(String sign, boolean turned) {

        /** The key of a phrase for it. */
        private String key(String key) {
            return turned ? key + ".turned" : key;
        }
    }

    /** Notes that something is told on a rung; whether it is for the first time. */
    boolean isFirst(String said, String sign) {
        return printed.putIfAbsent(said, new Told(sign, "")) == null;
    }

    /** Notes that a line is told on a rung. */
    void tell(Script.Line line, String sign) {
        printed.putIfAbsent(line.text(), new Told(sign, line.mark()));
    }

    boolean knows(String said) {
        return printed.containsKey(said);
    }

    /** The same words as they would be on the other side. */
    static String turned(String said) {
        Matcher sides = SIDES.matcher(said);
        return sides.replaceAll(m -> OTHER.get(m.group(1)));
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
    Optional<Known> on(List<Script.Line> block) {
        return on(block, false).or(() -> on(block, true));
    }

    private Optional<Known> on(List<Script.Line> block, boolean turned) {
        List<String> signs = block.stream()
                .map(l -> there(l, turned).map(Told::sign).orElse(""))
                .distinct()
                .toList();
        return signs.size() == 1 && !signs.get(0).isEmpty()
                ? Optional.of(new Known(signs.get(0), turned))
                : Optional.empty();
    }

    private Optional<Told> there(Script.Line line, boolean turned) {
        return Optional.ofNullable(printed.get(turned ? turned(line.text()) : line.text()));
    }

    /** That an option is told on another rung. */
    String optionAs(Script.Line first, Known known) {
        return words.say(known.key("option.as"), option(first), known.sign());
    }

    /** Which beats are told on another rung of this card. */
    List<String> asBefore(Script script, boolean withStations) {
        Map<Known, List<Script.Line>> told = new LinkedHashMap<>();
        List<List<Script.Line>> blocks = blocks(script);
        int known = 0;
        for (List<Script.Line> block : blocks) {
            Optional<Known> on = on(block);
            if (on.isPresent()) {
                known++;
                told.computeIfAbsent(on.get(), k -> new ArrayList<>())
                        .addAll(block.stream().filter(Script.Line::isTaken).toList());
            }
        }
        if (told.isEmpty()) {
            return List.of();
        }
        Known first = told.keySet().iterator().next();
        if (told.size() == 1 && known == blocks.size()) {
            return List.of(words.say(first.key("all.as"), first.sign()));
        }
        if (told.size() == 1 && (withStations || isNumberedAlike(told.get(first), first))) {
            return List.of(words.say(first.key("else.as"), first.sign()));
        }
        return told.entrySet().stream()
                .map(e -> beats(e.getKey(), e.getValue()))
                .toList();
    }

    private boolean isNumberedAlike(List<Script.Line> lines, Known known) {
        return lines.stream().allMatch(l -> there(l, known.turned())
                .filter(t -> t.mark().equals(l.mark()))
                .isPresent());
    }

    private String beats(Known known, List<Script.Line> lines) {
        // Which number here is which there; what is told of several options of one beat counts once.
        TreeMap<Integer, Integer> numbers = new TreeMap<>();
        lines.forEach(l -> there(l, known.turned())
                .filter(t -> t.mark().matches("\\d+"))
                .ifPresent(t -> numbers.putIfAbsent(l.number(), Integer.parseInt(t.mark()))));
        List<Integer> here = List.copyOf(numbers.keySet());
        List<Integer> there = List.copyOf(numbers.values());
        if (here.equals(there)) {
            return words.say(known.key("beats.as"), here.size(), beats(here), known.sign());
        }
        String sentence = words.say("beats.as.beats", here.size(), beats(here), beats(there), known.sign());
        return known.turned() ? sentence.replaceFirst("\\.$", "") + words.say("turned") : sentence;
    }

    /** "1 to 4 and 6" */
    private String beats(List<Integer> all) {
        List<String> runs = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            int from = all.get(i);
            while (i + 1 < all.size() && all.get(i + 1) == all.get(i) + 1) {
                i++;
            }
            int to = all.get(i);
            if (to > from + 1) {
                runs.add(words.say("to", "" + from, "" + to));
            } else {
                runs.addAll(from == to ? List.of("" + from) : List.of("" + from, "" + to));
            }
        }
        String last = runs.remove(runs.size() - 1);
        return runs.isEmpty() ? last : String.join(words.say("comma"), runs) + words.say("and") + last;
    }
}

package wildchalk.core.script;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import wildchalk.core.drill.Action;
import wildchalk.core.drill.Piece;
import wildchalk.core.drill.Stage;
import wildchalk.core.drill.Travel;
import wildchalk.core.script.Script.Part;
import wildchalk.core.script.Script.Phrase;

/**
 * Says once what several do alike: "All six sprint 12 m to the net", and by what they are set off, each by their own:
 * "When A and C have gone 12 m".
 */
record Together(Stage stage, Words words, Moments moments) {

    private static final Pattern FIRST_WORD = Pattern.compile("^([a-z-]+s)\\b");
    private static final Pattern AND_DOES = Pattern.compile("^( and )([a-z]+s)\\b");
    /** From so many on they are called all rather than by their names. */
    private static final int MANY = 3;

    /**
     * Those who do the same, in the order of the first of each.
     *
     * @param alike whether somebody begins with the others
     * @param said what is said of somebody after their name
     */
    List<List<Action>> groups(List<Action> actions, Predicate<Action> alike, Function<Action, String> said) {
        Map<String, List<Action>> groups = new LinkedHashMap<>();
        for (Action action : actions) {
            boolean joins = alike.test(action) && isOneOfSeveral(action, actions);
            // Whoever is told what they do themselves is never one of several.
            boolean you = moments.name(action.who()).equals(SecondPerson.YOU);
            String key = joins && !you ? action.cue().delay() + said.apply(action) : action.id();
            groups.computeIfAbsent(key, k -> new ArrayList<>()).add(action);
        }
        return List.copyOf(groups.values());
    }

    /** Whether anybody else may do the same: most do not, and need not be told twice to find out. */
    private boolean isOneOfSeveral(Action action, List<Action> actions) {
        return action instanceof Travel travel
                && !(action instanceof Travel.Collect)
                && actions.stream()
                        .anyMatch(a -> a instanceof Travel t
                                && !t.who().equals(travel.who())
                                && t.gait() == travel.gait()
                                && t.getClass() == travel.getClass()
                                && t.cue().delay() == travel.cue().delay());
    }

    /** Who they are: every name, or "all six", "all four in coral"; each action has a phrase, if an empty one. */
    List<Phrase> names(List<Action> group) {
        Set<String> who = group.stream().map(Action::who).collect(Collectors.toSet());
        Optional<String> all = group.size() < MANY ? Optional.empty() : all(who);
        List<Phrase> phrases = new ArrayList<>();
        for (int i = 0; i < group.size(); i++) {
            Action action = group.get(i);
            if (all.isPresent()) {
                phrases.add(new Phrase(i == 0 ? all.get() : "", Part.WHO, action.who(), action.id()));
                continue;
            }
            if (i > 0) {
                phrases.add(
                        new Phrase(words.say(i == group.size() - 1 ? "list.and" : "list.comma"), Part.JOIN, "", ""));
            }
            phrases.add(new Phrase(moments.name(action.who()), Part.WHO, action.who(), action.id()));
        }
        return phrases;
    }

    private Optional<String> all(Set<String> who) {
        List<Piece.Person> players =
                stage.people().stream().filter(Piece.Person::isOnATeam).toList();
        if (players.stream().map(Piece::id).collect(Collectors.toSet()).equals(who)) {
            return Optional.of(words.say("all.of", words.number(who.size())));
        }
        return stage.person(who.iterator().next())
                .filter(Piece.Person::isOnATeam)
                .map(Piece.Person::bib)
                .filter(b -> players.stream()
                        .filter(p -> p.bib() == b)
                        .map(Piece::id)
                        .collect(Collectors.toSet())
                        .equals(who))
                .map(b -> words.say("all.in", words.number(who.size()), words.bib(b)));
    }

    /** The same words of several: "sprint" for "sprints", " and stop" for " and stops". */
    static Phrase ofSeveral(Phrase phrase) {
        String text =
                switch (phrase.part()) {
                    case WHAT -> FIRST_WORD
                            .matcher(phrase.text())
                            .replaceFirst(m -> Matcher.quoteReplacement(SecondPerson.plain(m.group(1))));
                    case WHERE -> AND_DOES.matcher(phrase.text())
                            .replaceFirst(m -> Matcher.quoteReplacement(m.group(1) + SecondPerson.plain(m.group(2))));
                    default -> phrase.text();
                };
        return new Phrase(text, phrase.part(), phrase.piece(), phrase.action());
    }

    /**
     * Those whose cues are the same but for whom they are about, the first action and others; empty where it is clearer
     * to tell each by itself.
     */
    List<Action> eachByTheirOwn(List<Action> actions) {
        Action first = actions.get(0);
        Optional<String> pattern = moments.ofSomebody(first);
        if (pattern.isEmpty()) {
            return List.of();
        }
        List<Action> joined = new ArrayList<>();
        for (Action action : actions) {
            if (moments.ofSomebody(action).equals(pattern)) {
                joined.add(action);
            }
        }
        long causes = joined.stream().map(moments::causer).distinct().count();
        boolean others = actions.stream().filter(a -> !joined.contains(a)).anyMatch(a -> joined.stream()
                .anyMatch(j -> j.cue().trigger().equals(a.cue().trigger())));
        return joined.size() > 1 && causes == joined.size() && !others ? joined : List.of();
    }
}

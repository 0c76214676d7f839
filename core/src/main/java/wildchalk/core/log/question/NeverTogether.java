package wildchalk.core.log.question;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;

/** Who was never in one group with whom, of those who are there mostly. */
final class NeverTogether implements Question {

    /** Whoever was there less often than this share of the evenings is no example. */
    private static final double MOSTLY = 0.5;

    private static final int SHOWN = 12;

    @Override
    public String key() {
        return "together";
    }

    @Override
    public Answer answer(Typed typed, Log log) {
        Season season = Season.of(
                log.past().stream().filter(e -> !e.there().groups().isEmpty()).toList(), Asked.ALL);
        int evenings = season.evenings().size();
        Set<String> together = new HashSet<>();
        season.pairs().forEach(p -> together.add(p.one() + " " + p.other()));
        List<String> often = season.people().stream()
                .filter(p -> p.evenings() >= MOSTLY * evenings)
                .map(PersonLine::id)
                .sorted()
                .toList();
        List<String> never = new ArrayList<>();
        for (int i = 0; i < often.size(); i++) {
            for (int j = i + 1; j < often.size(); j++) {
                if (!together.contains(often.get(i) + " " + often.get(j))) {
                    never.add(Log.BOOK.say("together.line", log.name(often.get(i)), log.name(often.get(j))));
                }
            }
        }
        return Answer.of(
                Log.BOOK.say("together.head", never.size(), evenings),
                never.stream().limit(SHOWN).toList());
    }
}

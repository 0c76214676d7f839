package wildchalk.core.log.question;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Span;

/** What have we not done for some weeks. */
final class NotLately implements Question {

    private static final int USUAL = 3;
    private static final int MOST = 12;

    @Override
    public String key() {
        return "not-lately";
    }

    @Override
    public Answer answer(Typed typed, Log log) {
        int weeks = typed.number().orElse(USUAL);
        LocalDate since = log.today().minusWeeks(weeks);
        Season all = Season.of(log.past(), Asked.ALL);
        Season lately = Season.of(log.past(), Asked.in(new Span(since.plusDays(1), log.today())));
        List<String> skills = all.skills().keySet().stream()
                .filter(s -> !lately.skills().containsKey(s))
                .map(s -> Log.BOOK.say("not-lately.skill", s.words()))
                .toList();
        // What was left longest comes first.
        List<String> drills = all.drills().stream()
                .filter(d -> !d.last().entry().when().day().isAfter(since))
                .sorted((a, b) -> a.last()
                        .entry()
                        .when()
                        .day()
                        .compareTo(b.last().entry().when().day()))
                .map(d -> Log.BOOK.say(
                        "not-lately.drill",
                        d.title(),
                        log.ago(d.last().entry().when().day()),
                        d.times()))
                .toList();
        List<String> lines =
                Stream.concat(skills.stream(), drills.stream()).limit(MOST).toList();
        return Answer.of(Log.BOOK.say("not-lately.head", weeks, skills.size(), drills.size()), lines);
    }
}

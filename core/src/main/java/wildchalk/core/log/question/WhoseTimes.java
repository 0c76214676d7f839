package wildchalk.core.log.question;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Trend;

/** Whose times improve. */
final class WhoseTimes implements Question {

    /** Less than this in a month is the thumb on the watch, seconds; assumed. */
    private static final double THUMB = 0.05;

    @Override
    public String key() {
        return "times";
    }

    private record Improving(String id, PersonLine.Course course, double perMonth, int points) {}

    @Override
    public Answer answer(Typed typed, Log log) {
        List<Improving> all = new ArrayList<>();
        for (PersonLine person : Season.of(log.past(), Asked.ALL).people()) {
            person.times().forEach((course, trend) -> trend.perMonth()
                    .ifPresent(m -> all.add(
                            new Improving(person.id(), course, m, trend.points().size()))));
        }
        if (all.isEmpty()) {
            return Answer.of(Log.BOOK.say("times.none", Trend.FEWEST, Trend.SHORTEST));
        }
        List<Improving> faster = all.stream()
                .filter(i -> i.perMonth() <= -THUMB)
                .sorted(Comparator.comparingDouble(Improving::perMonth))
                .toList();
        return new Answer(
                Log.BOOK.say("times.head", faster.size(), all.size()),
                faster.stream()
                        .map(i -> Log.BOOK.say(
                                "times.line",
                                log.name(i.id()),
                                i.course().what(),
                                i.course().metres(),
                                -i.perMonth(),
                                i.points()))
                        .toList(),
                Log.BOOK.say("times.caution", THUMB));
    }
}

package wildchalk.core.log.question;

import java.util.Comparator;
import java.util.List;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.DrillLine;
import wildchalk.core.log.season.Season;

/** Which drills run longer than planned, and by how much. */
final class RunsLonger implements Question {

    private static final double MATTERS = 0.5;

    @Override
    public String key() {
        return "longer";
    }

    @Override
    public Answer answer(Typed typed, Log log) {
        List<DrillLine> longer = Season.of(log.past(), Asked.ALL).drills().stream()
                .filter(d -> d.over().filter(o -> o >= MATTERS).isPresent())
                .sorted(Comparator.comparingDouble((DrillLine d) -> -d.over().orElse(0.0)))
                .toList();
        if (longer.isEmpty()) {
            return Answer.of(Log.BOOK.say("longer.none", DrillLine.ENOUGH));
        }
        return Answer.of(
                Log.BOOK.say("longer.head", longer.size()),
                longer.stream()
                        .map(d -> Log.BOOK.say(
                                "longer.line",
                                d.title(),
                                d.over().orElseThrow(),
                                d.times(),
                                Math.round(d.usual().orElseThrow())))
                        .toList());
    }
}

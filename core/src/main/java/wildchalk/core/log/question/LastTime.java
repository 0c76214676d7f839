package wildchalk.core.log.question;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import wildchalk.core.catalogue.Skill;
import wildchalk.core.log.Part;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.DrillLine;
import wildchalk.core.log.season.Season;
import wildchalk.core.wording.Wordbook;

/** When did we last do a drill, or a skill. */
final class LastTime implements Question {

    private static final int SHOWN = 5;

    @Override
    public String key() {
        return "last";
    }

    @Override
    public Answer answer(Typed typed, Log log) {
        Map<String, String> titles = new LinkedHashMap<>();
        Season season = Season.of(log.past(), Asked.ALL);
        season.drills().forEach(d -> titles.put(d.id(), d.title()));
        Optional<String> drill = typed.among(titles);
        if (drill.isPresent()) {
            return season.drills().stream()
                    .filter(d -> d.id().equals(drill.get()))
                    .map(d -> drill(d, log))
                    .findFirst()
                    .orElseThrow();
        }
        return typed.skill().map(s -> skill(s, log)).orElseGet(() -> titled(typed, log));
    }

    private static Answer drill(DrillLine line, Log log) {
        List<String> lines = line.runs().stream()
                .skip(Math.max(0, line.times() - SHOWN))
                .map(LastTime::run)
                .toList();
        String next = line.next();
        return new Answer(
                Log.BOOK.say(
                        "last.drill",
                        line.title(),
                        log.ago(line.last().entry().when().day()),
                        line.times(),
                        went(line.lastWent())),
                reversed(lines),
                next.isEmpty() ? "" : Log.BOOK.say("last.next", next));
    }

    private static String run(DrillLine.Run run) {
        return Log.BOOK.say(
                "last.run",
                Log.day(run.entry().when().day()),
                Math.round(run.part().minutes()),
                went(run.part().went()));
    }

    private static List<String> reversed(List<String> lines) {
        return IntStream.rangeClosed(1, lines.size())
                .mapToObj(i -> lines.get(lines.size() - i))
                .toList();
    }

    private static String went(Part.Went went) {
        return Log.BOOK.say("went." + Wordbook.key(went));
    }

    private static Answer skill(Skill skill, Log log) {
        Season season = Season.of(log.past(), Asked.ALL.of(Optional.of(skill)));
        if (season.evenings().isEmpty()) {
            return Answer.of(Log.BOOK.say("last.skill.never", skill.words()));
        }
        Season.Evening last = season.evenings().get(season.evenings().size() - 1);
        return Answer.of(
                Log.BOOK.say(
                        "last.skill",
                        skill.words(),
                        log.ago(last.entry().when().day()),
                        season.evenings().size()),
                season.drills().stream()
                        .limit(SHOWN)
                        .map(d -> Log.BOOK.say(
                                "last.skill.drill",
                                d.title(),
                                Log.day(d.last().entry().when().day()),
                                d.times()))
                        .toList());
    }

    /** What was no drill goes by what it was called. */
    private static Answer titled(Typed typed, Log log) {
        Map<String, String> titles = new LinkedHashMap<>();
        log.past().forEach(e -> e.parts().forEach(p -> titles.put(p.title(), p.title())));
        Optional<String> title = typed.among(titles);
        return title.map(t -> log.past().stream()
                        .filter(e -> e.parts().stream().anyMatch(p -> p.title().equals(t)))
                        .reduce((a, b) -> b)
                        .map(e -> Answer.of(
                                Log.BOOK.say("last.title", t, log.ago(e.when().day()))))
                        .orElseThrow())
                .orElseGet(() -> Answer.of(Log.BOOK.say("last.nothing")));
    }
}

package wildchalk.core.log.question;

import java.util.Comparator;
import java.util.List;
import wildchalk.core.log.season.Asked;
import wildchalk.core.log.season.PersonLine;
import wildchalk.core.log.season.Season;
import wildchalk.core.log.season.Span;

/** Who shot least in the last weeks, by evening. */
final class ShotLeast implements Question {

    private static final int USUAL = 4;
    private static final int SHOWN = 5;

    @Override
    public String key() {
        return "shot-least";
    }

    @Override
    public Answer answer(Typed typed, Log log) {
        int weeks = typed.number().orElse(USUAL);
        Season season = Season.of(
                log.past(), Asked.in(new Span(log.today().minusWeeks(weeks).plusDays(1), log.today())));
        List<PersonLine> least = season.people().stream()
                .sorted(Comparator.comparingDouble(ShotLeast::each).thenComparing(PersonLine::id))
                .toList();
        if (least.stream().allMatch(p -> p.did().shots() == 0)) {
            return Answer.of(Log.BOOK.say("shot-least.nobody", weeks));
        }
        return new Answer(
                Log.BOOK.say("shot-least.head", log.name(least.get(0).id()), weeks),
                least.stream()
                        .limit(SHOWN)
                        .map(p -> Log.BOOK.say(
                                "shot-least.line",
                                log.name(p.id()),
                                Math.round(p.did().shots()),
                                p.evenings(),
                                Math.round(p.did().touches())))
                        .toList(),
                Log.BOOK.say("worked.out"));
    }

    private static double each(PersonLine person) {
        return person.did().shots() / person.evenings();
    }
}

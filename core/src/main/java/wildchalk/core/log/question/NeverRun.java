package wildchalk.core.log.question;

import java.util.List;
import java.util.stream.Stream;
import wildchalk.core.log.season.Unrun;

/** What was planned and never run. */
final class NeverRun implements Question {

    @Override
    public String key() {
        return "never-run";
    }

    @Override
    public Answer answer(Typed typed, Log log) {
        Unrun unrun = Unrun.of(log.practices(), log.past(), log.today());
        List<String> lines = Stream.concat(
                        unrun.drills().stream().map(d -> Log.BOOK.say("never-run.drill", d.title())),
                        unrun.evenings().stream()
                                .map(p -> Log.BOOK.say(
                                        "never-run.evening",
                                        p.title(),
                                        Log.day(p.slot().day().orElseThrow()))))
                .toList();
        return Answer.of(
                Log.BOOK.say(
                        "never-run.head",
                        unrun.drills().size(),
                        unrun.evenings().size()),
                lines);
    }
}

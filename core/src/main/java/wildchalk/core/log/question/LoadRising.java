package wildchalk.core.log.question;

import java.util.List;
import wildchalk.core.log.season.Rising;

/** Is the load rising too fast: a caution with its limits, never a verdict. */
final class LoadRising implements Question {

    @Override
    public String key() {
        return "load";
    }

    @Override
    public Answer answer(Typed typed, Log log) {
        return Rising.of(log.past(), log.today())
                .map(r -> new Answer(
                        Log.BOOK.say(r.isMuch() ? "load.much" : "load.usual", r.share()),
                        List.of(Log.BOOK.say("load.line", Math.round(r.now()), Math.round(r.before()), Rising.WEEKS)),
                        Log.BOOK.say("load.caution")))
                .orElseGet(() ->
                        new Answer(Log.BOOK.say("load.none", Rising.WEEKS), List.of(), Log.BOOK.say("load.caution")));
    }
}

package wildchalk.core.log.question;

import wildchalk.core.log.season.Changes;

/** How long changes take really. */
final class RealChanges implements Question {

    @Override
    public String key() {
        return "changes";
    }

    @Override
    public Answer answer(Typed typed, Log log) {
        return Changes.of(log.past())
                .map(c -> Answer.of(Log.BOOK.say("changes.head", c.factor(), c.times())))
                .orElseGet(() -> Answer.of(Log.BOOK.say("changes.none", Changes.ENOUGH)));
    }
}
